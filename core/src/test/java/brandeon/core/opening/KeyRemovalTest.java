package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.colour.Colour;
import java.awt.image.BufferedImage;
import java.util.stream.Stream;
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
                Arguments.of("reed over blue, soft over 20 px", 0x9aa35a, 0x0000ff, 10.0));
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
