package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ThemeChecksTest {

    private static final Theme DEMO = ReedlightHide.theme();

    @Test
    void theDemoSaysItsOwnWordsEverywhere() {
        assertThat(ThemeChecks.of(DEMO))
                .extracting(Finding::kind)
                .doesNotContain(Finding.Kind.STARTING_WORDS, Finding.Kind.COLOURS_ALIKE);
    }

    /** Invented names and figures went on air unnoticed. */
    @Test
    void wordsThatWereNeverTouchedAreNamedUntilSomebodyWritesThem() {
        Piece guest = Piece.of("new", PieceKind.LOWER_THIRD, "Second guest");
        Theme theme = applied(
                applied(DEMO, new PieceEdit.AddPiece(0, guest)),
                new PlacingEdit.Place("hide", 9, Placed.in(Zone.LOWER, "new")));
        assertThat(words(theme))
                .hasSize(2)
                .allSatisfy(finding -> assertThat(finding.sentence())
                        .startsWith("Second guest still says what belongs there")
                        .contains("Hide"));
        assertThat(words(applied(theme, new PieceEdit.SetContent("new", "name", new Content.Words("Oskar Dunlin")))))
                .extracting(Finding::other)
                .containsExactly("line");
        assertThat(words(applied(
                        theme,
                        new PlacingEdit.SetContentOn(
                                "hide",
                                "new",
                                Content.words(Map.of("name", "Oskar Dunlin", "line", "Counts the dunlins"))))))
                .as("words of its own on this scene do")
                .isEmpty();
        assertThat(words(applied(theme, new PlacingEdit.TakeOff("hide", "new"))))
                .as("on no scene nobody reads it")
                .isEmpty();
    }

    /** The people of the demo are invented, and stand in no new piece. */
    @ParameterizedTest
    @EnumSource(PieceKind.class)
    void startingWordsAreNeverInventedNames(PieceKind kind) {
        for (Field field : kind.fields()) {
            assertThat(field.standard().written())
                    .doesNotContain(
                            "Osk", "Fenn", "Wren", "Sedge", "Sal", "marsh", "Marsh", "reed", "tide", "heron", "Heron")
                    .doesNotContainPattern("\\d{2}:\\d{2}");
        }
    }

    @Test
    void coloursThatAreTakenForOneAnotherAreFound() {
        Theme theme = applied(
                applied(DEMO, new BrandEdit.SetPin(Role.WARNING, Colour.parse("#e8a33d"))),
                new BrandEdit.SetPin(Role.SECOND_ACCENT, Colour.parse("#e8a33d")));
        assertThat(ThemeChecks.of(theme))
                .filteredOn(finding -> finding.kind() == Finding.Kind.COLOURS_ALIKE)
                .isNotEmpty()
                .anySatisfy(
                        finding -> assertThat(finding.sentence()).contains("Second accent and warning differ by 0.0"));
    }

    private static List<Finding> words(Theme theme) {
        return ThemeChecks.of(theme).stream()
                .filter(finding -> finding.kind() == Finding.Kind.STARTING_WORDS)
                .toList();
    }

    private static Theme applied(Theme theme, Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }
}
