package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.publish.LinkSettings;
import brandeon.core.publish.Part;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class SceneLoadTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final List<SceneLoad> LOADS = SceneLoad.of(THEME);

    @Test
    void everySceneIsMeasuredOnEveryCanvasTheDearestPieceFirst() {
        assertThat(LOADS).hasSize(THEME.scenes().size() * THEME.canvases().size());
        assertThat(LOADS).allSatisfy(load -> {
            assertThat(load.costs())
                    .extracting(SceneLoad.Cost::share)
                    .isSortedAccordingTo((a, b) -> Double.compare(b, a));
            assertThat(load.costs().stream().mapToDouble(SceneLoad.Cost::share).sum())
                    .isCloseTo(load.moving(), org.assertj.core.data.Offset.offset(1e-9));
            assertThat(load.still()).isLessThanOrEqualTo(load.moving());
        });
        assertThat(LOADS).as("something moves in the demo").anyMatch(load -> load.moving() > 0.01);
    }

    /** What the rig writes behind a link to show a scene still does just that. */
    @Test
    void itsSettingsSetTheSceneStill() {
        for (SceneLoad load : LOADS) {
            LinkSettings set = LinkSettings.read(THEME, load.scene(), load.canvas(), Part.WHOLE, load.set());
            assertThat(set.ignored()).isEmpty();
            assertThat(SceneLoad.of(set.theme()).stream()
                            .filter(one -> one.scene().equals(load.scene())
                                    && one.canvas().equals(load.canvas()))
                            .findFirst()
                            .orElseThrow()
                            .moving())
                    .isEqualTo(load.still());
        }
    }
}
