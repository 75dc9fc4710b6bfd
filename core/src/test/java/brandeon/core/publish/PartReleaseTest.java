package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
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
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PartReleaseTest {

    private static final Theme ON_AIR = ReedlightHide.theme();

    /** Away and Closing look otherwise, a new scene and piece came, Starting is gone, and the brand is another one. */
    private static final Theme DRAFT = with(
            ON_AIR,
            new PieceEdit.SetContent("away-screen", "title", new Content.Words("Gone to the sluice")),
            new PieceEdit.SetContent("closing-screen", "title", new Content.Words("Good night")),
            new PieceEdit.AddPiece(0, Piece.of("new", PieceKind.SCREEN, "New screen")),
            new PlacingEdit.Place("away", 0, Placed.in(Zone.FULL, "new")),
            new SceneEdit.RemoveScene("starting"),
            new BrandEdit.SetSeed(0, Colour.parse("#aa3355")));

    private static Theme with(Theme theme, Edit... edits) {
        Theme next = theme;
        for (Edit edit : edits) {
            next = ((Outcome.Applied) Edits.apply(next, edit)).theme();
        }
        return next;
    }

    private static List<String> changed(Theme to) {
        return ReleaseChange.between(ON_AIR, to).scenes().stream()
                .map(ReleaseChange.SceneChange::scene)
                .toList();
    }

    @Test
    void onlyTheChosenSceneChanges() {
        PartRelease part = PartRelease.of(ON_AIR, DRAFT, Set.of("away"));
        assertThat(changed(part.theme())).containsExactly("away");
        assertThat(part.theme().scene("away")).isEqualTo(DRAFT.scene("away"));
        assertThat(part.theme().scenes()).extracting(Scene::id).contains("starting");
        assertThat(part.theme().brand()).isEqualTo(ON_AIR.brand());
        assertThat(part.notes()).containsExactly("The draft has another brand or family; on air it stays as it is.");
    }

    @Test
    void aSceneThatIsGoneFromTheDraftIsTakenOffTheAir() {
        assertThat(changed(PartRelease.of(ON_AIR, DRAFT, Set.of("starting")).theme()))
                .containsExactly("starting");
    }

    /** The band is one piece on the Hide and the Field desk. */
    @Test
    void whatChangesElsewhereTooIsTold() {
        Theme draft = with(ON_AIR, new PieceEdit.SetContent("band", "message", new Content.Words("Otters")));
        PartRelease part = PartRelease.of(ON_AIR, draft, Set.of("hide"));
        assertThat(part.notes()).containsExactly("Heads-up band also stands on Field desk, and changes there too.");
        assertThat(changed(part.theme())).containsExactlyInAnyOrder("hide", "desk");
    }

    @Test
    void allScenesOneAfterTheOtherLeadToTheDraftButForWhatIsOfTheThemeAsAWhole() {
        Theme now = ON_AIR;
        for (String scene : List.of("away", "closing", "starting", "hide", "desk")) {
            now = PartRelease.of(now, DRAFT, Set.of(scene)).theme();
        }
        assertThat(ReleaseChange.between(
                                with(
                                        DRAFT,
                                        new BrandEdit.SetSeed(
                                                0, ON_AIR.brand().seeds().getFirst())),
                                now)
                        .scenes())
                .isEmpty();
    }

    @Test
    void nothingChosenChangesNothing() {
        assertThat(PartRelease.of(ON_AIR, DRAFT, Set.of()).theme().scenes()).isEqualTo(ON_AIR.scenes());
        assertThat(changed(PartRelease.of(ON_AIR, DRAFT, Set.of()).theme())).isEmpty();
    }
}
