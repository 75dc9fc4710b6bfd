package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import brandeon.core.demo.ReedlightHide;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DeedsTest {

    private static final Theme THEME = ReedlightHide.theme();

    @ParameterizedTest
    @MethodSource("brandeon.core.theme.EditsTest#everyKindOfEdit")
    void everyEditIsSaidInAFewWords(Edit edit) {
        String deed = Deeds.of(edit, THEME);
        assertThat(deed)
                .hasSizeBetween(8, 90)
                .doesNotContain("null")
                .doesNotContain("Edit")
                .doesNotContain("[")
                .doesNotContain("_");
        assertThat(deed.charAt(0)).isUpperCase();
    }

    @Test
    void piecesAndScenesAreCalledByTheirNames() {
        assertThat(Deeds.of(new Edit.SetBox("hide", "band", "upright", new Box(0, 0, 90, 90)), THEME))
                .isEqualTo("Placed Heads-up band on Hide, upright");
        assertThat(Deeds.of(new Edit.SetHidden("desk", "guest", Shape.SQUARE, true), THEME))
                .isEqualTo("Hid Guest on Field desk, square");
        assertThat(Deeds.of(new Edit.RemovePiece("long gone"), THEME)).isEqualTo("Deleted a piece that is gone");
    }

    @Test
    void aDragIsSaidOnceAndManyChangesAreCounted() {
        Edit move = new Edit.SetBox("hide", "band", "wide", new Box(0, 0, 90, 90));
        assertThat(Deeds.of(
                        new Edit.Batch(List.of(move, new Edit.SetBox("hide", "band", "wide", new Box(5, 0, 90, 90)))),
                        THEME))
                .isEqualTo("Placed Heads-up band on Hide, wide");
        assertThat(Deeds.of(
                        new Edit.Batch(
                                List.of(move, new Edit.SetCorner(1), new Edit.SetCalm(true), new Edit.Rename("x"))),
                        THEME))
                .isEqualTo("Placed Heads-up band on Hide, wide and 3 more changes");
    }
}
