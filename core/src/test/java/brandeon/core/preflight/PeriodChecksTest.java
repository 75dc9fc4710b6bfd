package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Pictures;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PeriodChecksTest {

    private static Theme with(PieceKind kind, String field, Content content, String label) {
        Theme theme = applied(ReedlightHide.theme(), new PieceEdit.AddPiece(0, Piece.of("new", kind, "New")));
        theme = applied(theme, new PlacingEdit.Place("hide", 9, Placed.in(Zone.LOWER, "new")));
        theme = applied(theme, new PieceEdit.SetContent("new", field, content));
        return label.isEmpty()
                ? theme
                : applied(theme, new PieceEdit.SetContent("new", "label", new Content.Words(label)));
    }

    private static Theme applied(Theme theme, brandeon.core.theme.Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }

    /** “Followers today” counted for ever, and nobody was told. */
    @Test
    void aLabelThatSaysAnotherTimeIsNamedAndMended() {
        Theme theme = with(
                PieceKind.SUPPORTER_BOARD,
                "rows",
                Content.Rows.of("Followers today", "{followers, number}", "Raids", "{raids}"),
                "");
        Preflight preflight = new Preflight(theme, LiveState.QUIET, Pictures.NONE);
        List<Finding> found = PeriodChecks.of(theme);
        assertThat(found)
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains("Followers today", "ever"));
        Fix fix = preflight.fix(found.getFirst()).orElseThrow();
        Theme mended = applied(theme, fix.edit());
        assertThat(mended.piece("new").orElseThrow().content("rows"))
                .isEqualTo(Content.Rows.of("Followers today", "{followersToday, number}", "Raids", "{raids}"));
        assertThat(PeriodChecks.of(mended)).isEmpty();
    }

    @Test
    void aGoalIsJudgedByItsOwnLabel() {
        assertThat(PeriodChecks.of(
                        with(PieceKind.GOAL, "value", Content.Count.of("tippedThisWeek"), "Lens fund this month")))
                .hasSize(1);
        assertThat(PeriodChecks.of(
                        with(PieceKind.GOAL, "value", Content.Count.of("tippedThisMonth"), "Lens fund this month")))
                .isEmpty();
        assertThat(PeriodChecks.of(with(PieceKind.GOAL, "value", Content.Count.of(3), "Herons today")))
                .as("a number that is set by hand counts what its owner says")
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void noKindBeginsWithALabelThatSaysAnotherTime(PieceKind kind) {
        Theme theme = applied(ReedlightHide.theme(), new PieceEdit.AddPiece(0, Piece.of("new", kind, "New")));
        assertThat(PeriodChecks.of(theme)).noneMatch(finding -> finding.piece().equals("new"));
    }
}
