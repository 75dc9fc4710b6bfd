package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The matrices themselves are compared with Chromium's simulation in PaintingTest. */
class VisionTest {

    /** A model of missing cones leaves what all cones see alike: greys (Machado et al. 2009, section 4). */
    @ParameterizedTest
    @EnumSource(Vision.class)
    void greysLookTheSameToEverybody(Vision vision) {
        for (int grey = 0; grey < 256; grey += 17) {
            Colour colour = Colour.of(grey / 255.0, grey / 255.0, grey / 255.0);
            assertThat(Difference.ciede2000(vision.seen(colour), colour))
                    .as("%s to %s eyes", colour.hex(), vision)
                    .isLessThan(0.5);
        }
    }

    /** Which pairs fall together is what the deficiencies are named for. */
    @ParameterizedTest
    @CsvSource({"DEUTAN, #b8693c, #8a8a2e", "PROTAN, #a86a6a, #757c6b", "TRITAN, #4aa0c8, #3fa8a8"})
    void confusedColoursAreNearerThanToOrdinaryEyes(Vision vision, String one, String other) {
        double ordinary = Difference.ciede2000(Colour.parse(one), Colour.parse(other));
        double seen = Difference.ciede2000(vision.seen(Colour.parse(one)), vision.seen(Colour.parse(other)));
        assertThat(seen).isLessThan(ordinary * 0.75);
    }

    @Test
    void redIsDarkToProtanEyes() {
        Colour red = Colour.parse("#ff0000");
        assertThat(Contrast.luminance(Vision.PROTAN.seen(red))).isLessThan(Contrast.luminance(red) * 0.7);
    }

    @Test
    void theWorstVisionOfAPairIsNamed() {
        ToldApart.Worst worst = ToldApart.worst(Colour.parse("#b8693c"), Colour.parse("#8a8a2e"));
        assertThat(worst.vision()).isEqualTo(Vision.DEUTAN);
        assertThat(worst.difference())
                .isLessThan(Difference.ciede2000(Colour.parse("#b8693c"), Colour.parse("#8a8a2e")));
    }

    @Test
    void opacityIsKept() {
        assertThat(Vision.TRITAN.seen(Colour.parse("#4f8f5b80")).alpha())
                .isEqualTo(Colour.parse("#4f8f5b80").alpha());
    }
}
