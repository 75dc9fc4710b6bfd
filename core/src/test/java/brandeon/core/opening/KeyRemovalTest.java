package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.colour.Colour;
import java.awt.image.BufferedImage;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Pictures composed here over a key by "over" (Porter and Duff, Compositing Digital Images, SIGGRAPH 1984), so that the
 * opacity that must come back is known at every pixel.
 */
class KeyRemovalTest {

    private static final int SIZE = 200;

    static Stream<Arguments> pictures() {
        return Stream.of(
                Arguments.of("bark over green, hard", 0x4a3a2c, 0x00ff00, 0.5),
                Arguments.of("bark over green, soft over 12 px", 0x4a3a2c, 0x00ff00, 6.0),
                Arguments.of("paper over magenta, soft over 12 px", 0xf2ead8, 0xff00ff, 6.0),
                Arguments.of("reed over blue, soft over 20 px", 0x9aa35a, 0x0000ff, 10.0),
                Arguments.of("ink over red, soft over 12 px", 0x24304f, 0xe01010, 6.0),
                Arguments.of("dusk over orange, soft over 12 px", 0x403a60, 0xff8000, 6.0));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pictures")
    void opacityComesBackAndNothingOfTheKeyIsLeft(String name, int painted, int key, double fade) {
        BufferedImage keyed = new BufferedImage(SIZE, SIZE, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                keyed.setRGB(x, y, over(painted, key, alpha(x, y, fade)));
            }
        }
        BufferedImage removed = KeyRemoval.of(keyed, Colour.parse(String.format(java.util.Locale.ROOT, "#%06x", key)));
        double worst = 0;
        double sum = 0;
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                int pixel = removed.getRGB(x, y);
                double off = Math.abs((pixel >>> 24) / 255.0 - alpha(x, y, fade));
                worst = Math.max(worst, off);
                sum += off;
                if (pixel >>> 24 > 0) {
                    // Over black no channel may be farther from what was painted than rounding makes it.
                    for (int shift = 0; shift <= 16; shift += 8) {
                        assertThat(pixel >> shift & 255)
                                .as("%d, %d", x, y)
                                .isCloseTo(painted >> shift & 255, within(12));
                    }
                }
            }
        }
        assertThat(worst)
                .as("the key itself may vary, so that the first of an edge counts as key")
                .isLessThan(0.1);
        assertThat(sum / SIZE / SIZE).isLessThan(0.006);
        assertThat(Openings.in(removed).openings())
                .singleElement()
                .satisfies(opening -> assertThat(opening.outline()).isEqualTo(FoundOpening.Contour.ELLIPSE));
    }

    /** Key, half of each, paint: in a row of three pixels, in all eight directions from the key. */
    @Test
    void aMixedPixelIsUnmixedFromWhicheverSideThePaintIs() {
        int key = 0xff00ff00;
        int paint = 0xff4a3a2c;
        int half = 0xff000000 | over(0x4a3a2c, 0x00ff00, 0.5);
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                if (dx == 0 && dy == 0) {
                    continue;
                }
                BufferedImage picture = new BufferedImage(3, 3, BufferedImage.TYPE_INT_ARGB);
                picture.setRGB(1 - dx, 1 - dy, key);
                picture.setRGB(1, 1, half);
                picture.setRGB(1 + dx, 1 + dy, paint);
                BufferedImage removed = KeyRemoval.of(picture, Colour.parse("#00ff00"));
                assertThat(removed.getRGB(1 - dx, 1 - dy)).as("%d, %d", dx, dy).isZero();
                assertThat(removed.getRGB(1, 1) & 0xffffff).isEqualTo(0x4a3a2c);
                assertThat(removed.getRGB(1, 1) >>> 24).isCloseTo(128, within(1));
                assertThat(removed.getRGB(1 + dx, 1 + dy)).isEqualTo(paint);
            }
        }
    }

    @Test
    void whatHasNothingOfTheKeyStaysAsItWas() {
        BufferedImage picture = new BufferedImage(120, 90, BufferedImage.TYPE_INT_ARGB);
        java.util.SplittableRandom random = new java.util.SplittableRandom(6);
        for (int y = 0; y < 90; y++) {
            for (int x = 0; x < 120; x++) {
                int grey = random.nextInt(256);
                picture.setRGB(x, y, random.nextInt(1, 256) << 24 | grey << 16 | grey << 8 | grey);
            }
        }
        BufferedImage keyed = KeyRemoval.of(picture, Colour.parse("#ff00ff"));
        for (int y = 0; y < 90; y++) {
            for (int x = 0; x < 120; x++) {
                assertThat(keyed.getRGB(x, y)).isEqualTo(picture.getRGB(x, y));
            }
        }
    }

    /** The key is taken out where it differs by 16 of 255 at most, as encoding makes it. */
    @Test
    void theKeyMayVaryALittle() {
        for (int channel = 0; channel <= 16; channel += 8) {
            int key = 0x80c040;
            assertThat(alone(key + (16 << channel), key)).isZero();
            assertThat(alone(key - (16 << channel), key)).isZero();
            assertThat(alone(key + (17 << channel), key)).isNotZero();
            assertThat(alone(key - (17 << channel), key)).isNotZero();
        }
    }

    /** A hidden pixel is no key, whatever its colour is. */
    @Test
    void whatIsSeeThroughAlreadyIsLeftAlone() {
        BufferedImage picture = new BufferedImage(2, 1, BufferedImage.TYPE_INT_ARGB);
        picture.setRGB(0, 0, 0x0000ff00);
        picture.setRGB(1, 0, 0x4000ff00);
        BufferedImage removed = KeyRemoval.of(picture, Colour.parse("#00ff00"));
        assertThat(removed.getRGB(0, 0)).isEqualTo(0x0000ff00);
        assertThat(removed.getRGB(1, 0)).isZero();
    }

    private static int alone(int colour, int key) {
        BufferedImage picture = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, colour);
        return KeyRemoval.of(picture, Colour.parse(String.format(java.util.Locale.ROOT, "#%06x", key)))
                .getRGB(0, 0);
    }

    /** 1 outside of a circle of 60 pixels, 0 inside, and a straight fade between. */
    private static double alpha(int x, int y, double fade) {
        return Math.clamp(0.5 + (Math.hypot(x + 0.5 - 100, y + 0.5 - 100) - 60) / (2 * fade), 0, 1);
    }

    private static int over(int top, int below, double alpha) {
        int mixed = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            mixed |= (int) Math.round(alpha * (top >> shift & 255) + (1 - alpha) * (below >> shift & 255)) << shift;
        }
        return mixed;
    }
}
