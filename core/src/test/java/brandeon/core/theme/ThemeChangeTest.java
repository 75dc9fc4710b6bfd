package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.pack.Json;
import java.util.List;
import org.junit.jupiter.api.Test;

class ThemeChangeTest {

    /** Every kind of edit, from the theme before it to the one after it and back. */
    @Test
    void whoeverHasTheOneVersionGetsTheOther() {
        Theme theme = EditsTest.THEME;
        for (Edit edit : EditsTest.everyKindOfEdit().toList()) {
            if (Edits.apply(theme, edit) instanceof Outcome.Applied(Theme after, Edit _)) {
                assertThat(ThemeChange.between(theme, after).applied(theme))
                        .as("%s", edit)
                        .isEqualTo(after);
                assertThat(ThemeChange.between(after, theme).applied(after))
                        .as("back from %s", edit)
                        .isEqualTo(theme);
            }
        }
    }

    @Test
    void aChangeOfOnePieceTellsNothingElse() {
        Theme theme = EditsTest.THEME;
        Piece band = theme.piece("band").orElseThrow();
        Theme after = ((Outcome.Applied) Edits.apply(theme, new PieceEdit.RenamePiece("band", "Low band"))).theme();
        ThemeChange change = ThemeChange.between(theme, after);
        assertThat(change.pieces()).isEqualTo(List.of(band.named("Low band")));
        assertThat(change.pieceOrder()).isEmpty();
        assertThat(change.scenes()).isEmpty();
        assertThat(change.brand()).isEmpty();
        assertThat(Json.write(change).length())
                .as("a small part of the whole")
                .isLessThan(Json.write(theme).length() / 10);
    }
}
