package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

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
}
