package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** WCAG 2.2, success criterion 2.3.1 and its definition of general flash and red flash thresholds (from memory). */
class FlashMeterTest {

    private static final int WIDTH = 128;
    private static final int HEIGHT = 96;
    private static final float[] BLACK = {0, 0, 0};

    /**
     * Screens that are light and dark by turns, so many times a second, for two seconds; part of the screen from the
     * left.
     */
    private static FlashMeter.Worst strobe(double flashesPerSecond, float[] one, float[] other, double share) {
        FlashMeter meter = new FlashMeter(WIDTH, HEIGHT);
        for (int frame = 0; frame < 120; frame++) {
            double at = frame * 1000 / 60.0;
            boolean lit = (int) Math.floor(at / 1000 * flashesPerSecond * 2 + 1e-9) % 2 == 1;
            float[] pixels = new float[WIDTH * HEIGHT * 3];
            for (int i = 0; i < WIDTH * HEIGHT; i++) {
                float[] colour = i % WIDTH < WIDTH * share && lit ? other : one;
                System.arraycopy(colour, 0, pixels, i * 3, 3);
            }
            meter.frame(pixels, at);
        }
        return meter.worst();
    }

    private static float[] grey(double light) {
        return new float[] {(float) light, (float) light, (float) light};
    }

    @Test
    void threeFlashesInASecondPassAndFourDoNot() {
        assertThat(strobe(3, BLACK, grey(1), 1).tooMany()).isFalse();
        assertThat(strobe(4, BLACK, grey(1), 1)).satisfies(worst -> {
            assertThat(worst.flashes()).isEqualTo(4);
            assertThat(worst.tooMany()).isTrue();
            assertThat(worst.at())
                    .as("found within the second in which it happens")
                    .isLessThan(1100);
        });
        assertThat(strobe(15, BLACK, grey(1), 1).flashes()).isEqualTo(15);
    }

    @Test
    void aTenthOfFullLightIsTheLeastChangeAndBrightScreensDoNotCount() {
        assertThat(strobe(10, grey(0.3), grey(0.38), 1).flashes()).isZero();
        assertThat(strobe(10, grey(0.3), grey(0.42), 1).flashes()).isPositive();
        assertThat(strobe(10, grey(0.82), grey(1), 1).flashes())
                .as("the darker one is above 0.80")
                .isZero();
    }

    @Test
    void aSmallPartOfTheScreenMayFlash() {
        // The rectangle is a third of the screen wide; a strip of a quarter of that is not more than a quarter of it.
        assertThat(strobe(10, BLACK, grey(1), 0.07).flashes()).isZero();
        assertThat(strobe(10, BLACK, grey(1), 0.1).flashes()).isPositive();
    }

    @Test
    void redFlashesCountThoughTheLightStaysTheSame() {
        // Linear light of equal luminance 0.2: saturated red, and green.
        float[] red = {(float) (0.2 / 0.2126), 0, 0};
        float[] green = {0, (float) (0.2 / 0.7152), 0};
        assertThat(strobe(5, red, green, 1)).satisfies(worst -> {
            assertThat(worst.red()).isTrue();
            assertThat(worst.tooMany()).isTrue();
        });
        float[] pale = {0.22f, 0.2f, 0.15f};
        assertThat(strobe(5, green, pale, 1).flashes())
                .as("no saturated red in it")
                .isZero();
    }

    @Test
    void aSlowFadeIsOneChange() {
        FlashMeter meter = new FlashMeter(16, 12);
        IntToDoubleFunction light = frame -> 0.5 - 0.5 * Math.cos(frame / 60.0 * 2 * Math.PI * 2);
        for (int frame = 0; frame < 180; frame++) {
            float[] pixels = new float[16 * 12 * 3];
            java.util.Arrays.fill(pixels, (float) light.applyAsDouble(frame));
            meter.frame(pixels, frame * 1000 / 60.0);
        }
        assertThat(meter.worst().flashes())
                .as("two swells a second are two flashes")
                .isEqualTo(2);
    }

    /** Flashes of a run of lights over a whole screen of a few cells, a frame every so many milliseconds. */
    private static FlashMeter.Worst run(double millis, double... lights) {
        FlashMeter meter = new FlashMeter(8, 6);
        for (int i = 0; i < lights.length; i++) {
            float[] pixels = new float[8 * 6 * 3];
            Arrays.fill(pixels, (float) lights[i]);
            meter.frame(pixels, i * millis);
        }
        return meter.worst();
    }

    /** "Opposing changes of 10 % of the maximum relative luminance or more": just below it nothing counts. */
    @Test
    void theLeastChangeCountsFromADarkToALightAndBack() {
        assertThat(run(100, 0.3, 0.401, 0.3, 0.401, 0.3).flashes()).isEqualTo(2);
        assertThat(run(100, 0.3, 0.399, 0.3, 0.399, 0.3).flashes()).isZero();
        assertThat(run(100, 0.401, 0.3, 0.401, 0.3, 0.401).flashes()).isEqualTo(2);
    }

    /** "Where the relative luminance of the darker image is below 0.80." */
    @Test
    void theDarkerOneDecides() {
        assertThat(run(100, 0.79, 1, 0.79, 1, 0.79).flashes()).isEqualTo(2);
        assertThat(run(100, 0.81, 1, 0.81, 1, 0.81).flashes()).isZero();
    }

    /** A flash is a pair: going up alone, or up by two steps, is none. */
    @Test
    void changesOfOneDirectionAreNoFlash() {
        assertThat(run(100, 0, 0.2, 0.4, 0.6, 0.8, 1).flashes()).isZero();
        assertThat(run(100, 0, 0.2, 0.4, 0.2, 0).flashes()).isEqualTo(1);
        assertThat(run(100, 1, 0.5, 0, 0.5, 1).flashes()).isEqualTo(1);
        assertThat(run(100, 0.5, 0.54, 0.5, 0.46, 0.5, 0.54, 0.5).flashes())
                .as("a flicker under a tenth")
                .isZero();
    }

    /** A light that swings little by little is measured from its last extreme, not from the frame before. */
    @Test
    void aSlowSwingIsMeasuredFromItsExtremes() {
        assertThat(run(50, 0.2, 0.26, 0.32, 0.26, 0.2, 0.26, 0.32, 0.26, 0.2).flashes())
                .isEqualTo(2);
        assertThat(run(50, 0.2, 0.32, 0.36, 0.3, 0.25, 0.2).flashes())
                .as("down from the very top")
                .isEqualTo(1);
    }

    /** Only what lies within one second counts together. */
    @Test
    void whatIsASecondOldIsForgotten() {
        double[] lights = new double[41];
        for (int i = 0; i < lights.length; i++) {
            lights[i] = i % 2;
        }
        // A change every 250 ms: four changes, two flashes, in any second, however long it goes on.
        assertThat(run(250, lights).flashes()).isEqualTo(2);
        // Every 200 ms: five changes lie within a second, which are two whole flashes.
        assertThat(run(200, lights).flashes()).isEqualTo(2);
        assertThat(run(100, lights).flashes()).isEqualTo(5);
    }

    @Test
    void theSecondIsToldAtItsEnd() {
        FlashMeter.Worst worst = run(100, 0, 1, 0, 1, 0, 1, 0, 1, 0, 0, 0, 0);
        assertThat(worst).isEqualTo(new FlashMeter.Worst(4, 800, false));
        assertThat(run(100, 0, 0, 0)).isEqualTo(FlashMeter.Worst.NONE);
    }

    @Test
    void threeAreAllowed() {
        assertThat(new FlashMeter.Worst(3, 0, false).tooMany()).isFalse();
        assertThat(new FlashMeter.Worst(4, 0, false).tooMany()).isTrue();
    }

    /** A rectangle of 341 × 256 on 1024 × 768 is a third each way; a part of it flashes, in any corner. */
    @ParameterizedTest(name = "{0} × {1} of 96 × 72 cells at {2}, {3}: {4}")
    @CsvSource({
        "32, 24, 0, 0, true",
        "32, 24, 64, 48, true",
        "32, 24, 30, 20, true",
        "17, 12, 64, 0, true",
        "16, 12, 64, 0, false",
        "32, 6, 0, 66, false",
        "32, 7, 0, 65, true",
        "8, 24, 40, 10, false",
        "9, 24, 40, 10, true"
    })
    void aQuarterOfTheRectangleIsTheMost(int w, int h, int left, int top, boolean counts) {
        FlashMeter meter = new FlashMeter(96, 72);
        for (int frame = 0; frame < 10; frame++) {
            float[] pixels = new float[96 * 72 * 3];
            for (int y = top; y < top + h; y++) {
                Arrays.fill(pixels, (y * 96 + left) * 3, (y * 96 + left + w) * 3, frame % 2);
            }
            meter.frame(pixels, frame * 100);
        }
        assertThat(meter.worst().flashes() > 0).isEqualTo(counts);
    }

    /** An upright screen is measured by its longer side as well. */
    @Test
    void anUprightScreenHasASmallerRectangle() {
        FlashMeter meter = new FlashMeter(72, 96);
        for (int frame = 0; frame < 10; frame++) {
            float[] pixels = new float[72 * 96 * 3];
            for (int y = 0; y < 24; y++) {
                Arrays.fill(pixels, y * 72 * 3, (y * 72 + 9) * 3, frame % 2);
            }
            meter.frame(pixels, frame * 100);
        }
        assertThat(meter.worst().flashes()).isPositive();
    }

    private static FlashMeter.Worst colours(float[]... frames) {
        FlashMeter meter = new FlashMeter(4, 3);
        for (int i = 0; i < frames.length; i++) {
            float[] pixels = new float[4 * 3 * 3];
            for (int cell = 0; cell < 12; cell++) {
                System.arraycopy(frames[i], 0, pixels, cell * 3, 3);
            }
            meter.frame(pixels, i * 100);
        }
        return meter.worst();
    }

    /** "R/(R+G+B) >= 0.8": just below it a red is not saturated. */
    @Test
    void aRedIsSaturatedFromFourFifthsOn() {
        // Equal luminance of 0.1, so that nothing else counts.
        float[] red = {0.30f, 0.045f, 0.02f};
        float[] pale = {0.30f, 0.045f, 0.04f};
        float[] blue = {0, 0.12f, 0.15f};
        float[] grey = {0.1f, 0.1f, 0.1f};
        assertThat(colours(blue, red, blue, red, blue).red()).isTrue();
        assertThat(colours(blue, red, blue, red, blue).flashes()).isEqualTo(2);
        assertThat(colours(blue, pale, blue, pale, blue).flashes()).isZero();
        assertThat(colours(grey, red, grey, red, grey).flashes())
                .as("this red and grey are 0.15 apart in the diagram, and more than 0.2 is asked for")
                .isZero();
    }

    /** Two reds, both saturated, are no pair of opposing changes. */
    @Test
    void fromRedToRedIsNoChange() {
        float[] red = {0.4f, 0, 0};
        float[] other = {0.4f, 0.02f, 0.02f};
        assertThat(colours(red, other, red, other, red).flashes()).isZero();
    }

    /** Black stands where white does in the diagram, so red against black is far away. */
    @Test
    void redAgainstBlackIsARedFlash() {
        float[] red = {0.4f, 0, 0};
        assertThat(colours(BLACK, red, BLACK, red, BLACK)).satisfies(worst -> {
            assertThat(worst.red()).isTrue();
            assertThat(worst.flashes()).isEqualTo(2);
        });
    }
}
