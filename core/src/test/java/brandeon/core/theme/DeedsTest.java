package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import brandeon.core.demo.ReedlightHide;
import java.util.List;
import org.junit.jupiter.api.Test;

class DeedsTest {

    private static final Theme THEME = ReedlightHide.theme();

    @Test
    void everyEditIsSaidInAFewWords() {
        for (Edit edit : EditsTest.everyKindOfEdit().toList()) {
            String deed = said(edit);
            assertThat(deed)
                    .as("%s", edit)
                    .hasSizeBetween(8, 90)
                    .doesNotContain("null")
                    .doesNotContain("Edit")
                    .doesNotContain("[")
                    .doesNotContain("_");
            assertThat(deed.charAt(0)).as(deed).isUpperCase();
        }
    }

    @Test
    void piecesAndScenesAreCalledByTheirNames() {
        assertThat(said(new PlacingEdit.SetBox("hide", "band", "upright", new Box(0, 0, 90, 90))))
                .isEqualTo("Placed Heads-up band on Hide, upright");
        assertThat(said(new PlacingEdit.SetHidden("desk", "guest", Shape.SQUARE, true)))
                .isEqualTo("Hid Guest on Field desk, square");
        assertThat(said(new PieceEdit.RemovePiece("long gone"))).isEqualTo("Deleted a piece that is gone");
    }

    @Test
    void aDragIsSaidOnceAndManyChangesAreCounted() {
        Edit move = new PlacingEdit.SetBox("hide", "band", "wide", new Box(0, 0, 90, 90));
        assertThat(said(new Edit.Batch(
                        List.of(move, new PlacingEdit.SetBox("hide", "band", "wide", new Box(5, 0, 90, 90))))))
                .isEqualTo("Placed Heads-up band on Hide, wide");
        assertThat(said(new Edit.Batch(List.of(
                        move, new BrandEdit.SetCorner(1), new BrandEdit.SetCalm(true), new ThemeEdit.Rename("x")))))
                .isEqualTo("Placed Heads-up band on Hide, wide and 3 more changes");
    }

    private static String said(Edit edit) {
        return edit.deed(new Names(THEME));
    }
}
