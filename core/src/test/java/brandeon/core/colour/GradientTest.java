package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GradientTest {

    /**
     * Mixtures as colorjs.io 0.7.1 computes them, hue by the shorter arc (CSS Color 4, section 12.4); values by
     * core/src/test/oracle/mixtures.mjs.
     */
    @ParameterizedTest(name = "{0} to {1} at {2} in {3}")
    @CsvSource({
        "#4f8f5b,#e8a33d,0.25,OKLAB,0.48496,0.58621,0.34002",
        "#4f8f5b,#e8a33d,0.5,OKLAB,0.63408,0.60787,0.31673",
        "#4f8f5b,#e8a33d,0.25,OKLCH,0.45715,0.59722,0.29689",
        "#4f8f5b,#e8a33d,0.5,OKLCH,0.61051,0.62158,0.23284",
        "#16283d,#e8a33d,0.25,OKLAB,0.27677,0.27567,0.27498",
        "#16283d,#e8a33d,0.5,OKLAB,0.47601,0.39441,0.29197",
        "#16283d,#e8a33d,0.25,OKLCH,0.29474,0.24230,0.40344",
        "#16283d,#e8a33d,0.5,OKLCH,0.55380,0.32076,0.46473",
        "#c07a2b,#2b7fc0,0.25,OKLAB,0.63792,0.50113,0.37548",
        "#c07a2b,#2b7fc0,0.5,OKLAB,0.51411,0.51154,0.51617",
        "#c07a2b,#2b7fc0,0.25,OKLCH,0.78517,0.39674,0.40504",
        "#c07a2b,#2b7fc0,0.5,OKLCH,0.69333,0.38936,0.62847",
        "#ffffff,#4f8f5b,0.25,OKLAB,0.82525,0.88819,0.83223",
        "#ffffff,#4f8f5b,0.5,OKLAB,0.65368,0.77775,0.66923",
        "#ffffff,#4f8f5b,0.25,OKLCH,0.82525,0.88819,0.83223",
        "#ffffff,#4f8f5b,0.5,OKLCH,0.65368,0.77775,0.66923",
        "#b03060,#3060b0,0.25,OKLAB,0.59375,0.27393,0.45908",
        "#b03060,#3060b0,0.5,OKLAB,0.48827,0.32458,0.53779",
        "#b03060,#3060b0,0.25,OKLCH,0.61426,0.22648,0.53318",
        "#b03060,#3060b0,0.5,OKLCH,0.50752,0.27497,0.64427",
        "#ff0000,#ff00cc,0.25,OKLAB,0.99764,0.09781,0.33208",
        "#ff0000,#ff00cc,0.5,OKLAB,0.99664,0.12137,0.50312",
        "#ff0000,#ff00cc,0.25,OKLCH,1.00000,0.00000,0.30363",
        "#ff0000,#ff00cc,0.5,OKLCH,1.00000,0.00000,0.47667"
    })
    void mixturesAgreeWithCssColor4(
            String from, String to, double share, Gradient.Way way, double red, double green, double blue) {
        Colour ours = Gradient.between(Colour.parse(from), Colour.parse(to), share, way);
        assertThat(Difference.ciede2000(ours, Colour.of(red, green, blue))).isLessThan(0.15);
    }

    @Test
    void oppositeHuesMeetInGreyStraightButNotRoundTheCircle() {
        Palette palette = Palette.of(
                List.of(Colour.parse("#4f8f5b")),
                Map.of(Role.ACCENT, Colour.parse("#c07a2b"), Role.SECOND_ACCENT, Colour.parse("#2b7fc0")));
        assertThat(new Gradient(List.of(Role.ACCENT, Role.SECOND_ACCENT), Gradient.Way.OKLAB).greyest(palette))
                .isLessThan(0.4);
        assertThat(new Gradient(List.of(Role.ACCENT, Role.SECOND_ACCENT), Gradient.Way.OKLCH).greyest(palette))
                .isGreaterThan(0.8);
    }

    @Test
    void threeColoursStandAtBothEndsAndInTheMiddle() {
        Palette palette = Palette.of(List.of(Colour.parse("#4f8f5b"), Colour.parse("#e8a33d")));
        List<Gradient.Point> points =
                new Gradient(List.of(Role.ACCENT, Role.TEXT, Role.SECOND_ACCENT), Gradient.Way.OKLCH).points(palette);
        assertThat(points.getFirst().colour().hex()).isEqualTo("#4f8f5b");
        assertThat(points.getLast().colour().hex()).isEqualTo("#e8a33d");
        assertThat(points).anySatisfy(point -> {
            assertThat(point.offset()).isEqualTo(0.5, within(1e-9));
            assertThat(point.colour().hex()).isEqualTo(palette.colour(Role.TEXT).hex());
        });
        assertThat(points).extracting(Gradient.Point::offset).isSorted().doesNotHaveDuplicates();
    }

    /** Straight between its colours, as SVG 2 (section 14.2.2) paints them, a run is where the mixture would be. */
    @ParameterizedTest
    @EnumSource
    void fewColoursFollowTheWayWithinAStepOfEightBits(Gradient.Way way) {
        Random random = new Random(7);
        int all = 0;
        for (int n = 0; n < 400; n++) {
            Colour from = Colour.of(random.nextDouble(), random.nextDouble(), random.nextDouble());
            Colour to = Colour.of(random.nextDouble(), random.nextDouble(), random.nextDouble());
            List<Gradient.Point> points = Gradient.along(from, to, way);
            all += points.size();
            double worst = 0;
            for (int i = 0; i + 1 < points.size(); i++) {
                Gradient.Point a = points.get(i);
                Gradient.Point b = points.get(i + 1);
                for (double t = 0.1; t < 1; t += 0.1) {
                    Colour exact = Gradient.between(from, to, a.offset() + (b.offset() - a.offset()) * t, way);
                    worst = Math.max(worst, apart(exact, a.colour(), b.colour(), t));
                }
            }
            // Where ten steps do not do, as round the circle through what sRGB cannot show, there are ten all the same.
            if (points.size() < 11) {
                assertThat(worst).as("%s to %s", from, to).isLessThan(1.5 / 255);
            }
        }
        assertThat(all / 400.0).as("colours of a run between any two").isLessThan(10);
    }

    private static double apart(Colour exact, Colour a, Colour b, double t) {
        return Math.max(
                Math.abs(exact.red() - a.red() * (1 - t) - b.red() * t),
                Math.max(
                        Math.abs(exact.green() - a.green() * (1 - t) - b.green() * t),
                        Math.abs(exact.blue() - a.blue() * (1 - t) - b.blue() * t)));
    }

    /** A browser's software painter takes a quarter longer for eight and more (measured in Chromium 156). */
    @Test
    void coloursThatAreNearNeedFew() {
        assertThat(Gradient.along(Colour.parse("#1c4b27"), Colour.parse("#07192d"), Gradient.Way.OKLAB))
                .hasSizeLessThan(5);
    }

    @Test
    void colourThatDoesNotChangeHasTwoEnds() {
        Colour colour = Colour.parse("#1c4b27");
        assertThat(Gradient.along(colour.withAlpha(0.5), colour.withAlpha(0), Gradient.Way.OKLAB))
                .extracting(Gradient.Point::offset, point -> point.colour().alpha())
                .containsExactly(tuple(0.0, 0.5), tuple(1.0, 0.0));
    }

    @Test
    void aGradientHasTwoOrThreeColours() {
        assertThatThrownBy(() -> new Gradient(List.of(Role.ACCENT), Gradient.Way.OKLAB))
                .hasMessageContaining("two or three");
    }
}
