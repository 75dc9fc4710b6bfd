package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Formulas against values worked out by hand from Compositing and Blending Level 1 (W3C); the browser is asked in e2e.
 */
class BlendTest {

    private static final Size SMALL = Size.of(40, 40);

    @ParameterizedTest
    @CsvSource({
        "MULTIPLY, 0.5, 0.5, 0.25",
        "MULTIPLY, 0.2, 1, 0.2",
        "SCREEN, 0.5, 0.5, 0.75",
        "SCREEN, 0.2, 0, 0.2",
        // Overlay is hard light with the layers exchanged: it doubles contrast of what is behind.
        "OVERLAY, 0.25, 0.5, 0.25",
        "OVERLAY, 0.75, 0.5, 0.75",
        "OVERLAY, 0.75, 0, 0.5",
        "OVERLAY, 0.25, 1, 0.5",
        // Soft light: half grey changes nothing; white lifts to the root, below a quarter along the cubic.
        "SOFT_LIGHT, 0.36, 0.5, 0.36",
        "SOFT_LIGHT, 0.36, 1, 0.6",
        "SOFT_LIGHT, 0.36, 0, 0.1296",
        "SOFT_LIGHT, 0.25, 1, 0.5",
        "SOFT_LIGHT, 0.1, 1, 0.296"
    })
    void aModeGivesWhatTheStandardSays(Blend blend, double behind, double over, double expected) {
        assertThat(blend.part(behind, over)).isCloseTo(expected, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(Blend.class)
    void noModeLeavesTheRangeOfColours(Blend blend) {
        for (double behind = 0; behind <= 1; behind += 0.05) {
            for (double over = 0; over <= 1; over += 0.05) {
                assertThat(blend.part(behind, over)).isBetween(-1e-12, 1 + 1e-12);
            }
        }
    }

    @Test
    void aPictureMultipliesItsGroundInsideTheShapeAndNothingBehindIt() {
        Mark behind = filled(new Box(0, 0, 40, 40), "#808080");
        Mark ground = filled(new Box(0, 0, 20, 40), "#ff8040");
        Mark.Blended blended = new Mark.Blended(
                List.of(ground),
                Blend.MULTIPLY,
                1,
                Outline.rectangle(new Box(0, 0, 40, 20)),
                List.of(new Mark.Picture("x", new Box(0, 0, 40, 40), "")));
        BufferedImage image =
                Raster.paint(SMALL, List.of(behind, blended), 0, (_, _, _) -> Optional.of(grey(0xff808080)));
        assertThat(hex(image, 5, 5))
                .as("half of each part of the ground: 0xff × 128/255, 0x80 × 128/255, 0x40 × 128/255")
                .isEqualTo("#804020");
        assertThat(hex(image, 5, 30)).as("outside the shape the ground stays").isEqualTo("#ff8040");
        assertThat(hex(image, 30, 5))
                .as("past the ground the picture shows as it is: what is behind takes no part")
                .isEqualTo("#808080");
        assertThat(hex(image, 30, 30)).isEqualTo("#808080");
    }

    @Test
    void halfTheStrengthIsHalfTheWay() {
        Mark.Blended blended = new Mark.Blended(
                List.of(filled(new Box(0, 0, 40, 40), "#ffffff")),
                Blend.MULTIPLY,
                0.5,
                Outline.rectangle(new Box(0, 0, 40, 40)),
                List.of(filled(new Box(0, 0, 40, 40), "#000000")));
        BufferedImage image = Raster.paint(SMALL, List.of(blended), 0, Pictures.NONE);
        assertThat(image.getRGB(20, 20) & 0xff).isBetween(127, 128);
    }

    @Test
    void aBedPaintsNothingAndTakesWhatIsLaidInto() {
        Mark ground = filled(new Box(0, 0, 20, 20), "#4f8f5b");
        Mark after = filled(new Box(0, 0, 5, 5), "#ffffff");
        PieceArt art = PieceArt.still(List.of(
                Mark.group("plate", List.of(ground, new Mark.Bed(Outline.circle(10, 10, 8)), after))));
        assertThat(SvgWriter.fragment(art.marks()))
                .isEqualTo(SvgWriter.fragment(List.of(Mark.group("plate", List.of(ground, after)))));
        PieceArt laid = art.laidInto(bed -> new Mark.Blended(bed.ground(), Blend.SCREEN, 0.5, bed.shape(), List.of()));
        Mark.Group plate = (Mark.Group) laid.marks().getFirst();
        assertThat(plate.marks()).hasSize(2).last().isEqualTo(after);
        assertThat(plate.marks().getFirst())
                .isInstanceOfSatisfying(
                        Mark.Blended.class,
                        blended -> assertThat(blended.ground()).containsExactly(ground));
    }

    private static Mark filled(Box box, String colour) {
        return new Mark.Filled(Outline.rectangle(box), Paint.of(Colour.parse(colour)));
    }

    private static BufferedImage grey(int argb) {
        BufferedImage image = new BufferedImage(10, 10, BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < 100; i++) {
            image.setRGB(i % 10, i / 10, argb);
        }
        return image;
    }

    private static String hex(BufferedImage image, int x, int y) {
        return "#%06x".formatted(image.getRGB(x, y) & 0xffffff);
    }
}
