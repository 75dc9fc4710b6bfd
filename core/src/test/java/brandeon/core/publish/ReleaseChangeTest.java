package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Shape;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.publish.ReleaseChange.SceneChange;
import brandeon.core.publish.ReleaseChange.Sort;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReleaseChangeTest {

    private static final Theme THEME = ReedlightHide.theme();

    private static Theme with(Edit edit) {
        return ((Outcome.Applied) Edits.apply(THEME, edit)).theme();
    }

    private static ReleaseChange after(Edit edit) {
        return ReleaseChange.between(THEME, with(edit));
    }

    @Test
    void theSameHasNoChange() {
        assertThat(ReleaseChange.between(THEME, THEME)).isEqualTo(new ReleaseChange(List.of(), List.of()));
    }

    /** A note that only people in the editor see. */
    @Test
    void whatNoViewerSeesIsNoChange() {
        assertThat(after(new PieceEdit.SetHandsOff("band", true))).isEqualTo(new ReleaseChange(List.of(), List.of()));
    }

    @Test
    void whatAPieceSaysIsToldInTheScenesThatShowItAndNowhereElse() {
        List<SceneChange> scenes = after(
                        new PieceEdit.SetContent("band", "message", new Content.Words("Bitterns boom at dusk")))
                .scenes();
        assertThat(scenes)
                .extracting(SceneChange::scene)
                .containsExactlyElementsOf(THEME.scenes().stream()
                        .filter(scene -> scene.placed("band").isPresent())
                        .map(brandeon.core.theme.Scene::id)
                        .toList());
        assertThat(scenes).allSatisfy(scene -> {
            assertThat(scene.sort()).isEqualTo(Sort.CHANGED);
            assertThat(scene.sentences()).singleElement().asString().endsWith("says something else.");
        });
    }

    @Test
    void aMoveOnOneShapeIsToldForItsCanvasesOnly() {
        assertThat(after(new PlacingEdit.SetHidden("hide", "sightings", Shape.UPRIGHT, true))
                        .scenes())
                .singleElement()
                .satisfies(scene -> {
                    assertThat(scene.canvases()).containsExactly("upright");
                    assertThat(scene.sentences()).singleElement().asString().endsWith("went.");
                });
    }

    @Test
    void scenesComeAndGo() {
        assertThat(after(new SceneEdit.RemoveScene("away")).scenes())
                .extracting(SceneChange::scene, SceneChange::sort)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("away", Sort.REMOVED));
        assertThat(ReleaseChange.between(with(new SceneEdit.RemoveScene("away")), THEME)
                        .scenes())
                .extracting(SceneChange::scene, SceneChange::sort)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("away", Sort.ADDED));
    }

    @Test
    void aCanvasThatGoesIsToldBeforeItsSourcesGoDark() {
        assertThat(after(new FramingEdit.RemoveCanvas("upright")).sentences())
                .singleElement()
                .asString()
                .contains("Upright")
                .contains("show nothing");
    }
}
