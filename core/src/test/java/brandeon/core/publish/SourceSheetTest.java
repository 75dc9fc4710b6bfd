package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourceSheetTest {

    private static final Theme THEME = ReedlightHide.theme();

    @Test
    void aSceneWithCapturesIsPutTogetherFromBackCapturesAndFront() {
        SourceSheet.SheetScene hide = scene("hide");
        assertThat(hide.sources()).hasSize(4);
        assertThat(((SourceSheet.Browser) hide.sources().getFirst()).part()).isEqualTo(Part.BACK);
        assertThat(hide.sources().subList(1, 3)).allMatch(source -> source instanceof SourceSheet.CaptureSource);
        assertThat(((SourceSheet.Browser) hide.sources().getLast()).part())
                .as("frames lie above captures")
                .isEqualTo(Part.FRONT);
    }

    @Test
    void aSceneWithoutCapturesIsOneSource() {
        assertThat(scene("starting").sources()).hasSize(1);
    }

    @Test
    void sourcesHaveTheCanvasesOwnSizeAndRate() {
        for (SourceSheet.Source source : SourceSheet.of(
                        THEME, THEME.canvas("recording").orElseThrow())
                .scenes()
                .getFirst()
                .sources()) {
            SourceSheet.Browser browser = (SourceSheet.Browser) source;
            assertThat(List.of(browser.width(), browser.height(), browser.frameRate()))
                    .containsExactly(2560, 1440, 60);
        }
    }

    /**
     * Common practice, no source: a source that rests starts afresh when shown, so one that announces must keep
     * running.
     */
    @Test
    void aSourceThatAnnouncesKeepsRunningAndAStillOneRests() {
        assertThat(Advice.of(THEME, THEME.scene("hide").orElseThrow(), Part.FRONT)
                        .behaviour())
                .isEqualTo(Behaviour.KEEP_RUNNING);
        assertThat(Advice.of(THEME, THEME.scene("hide").orElseThrow(), Part.BACK)
                        .behaviour())
                .isEqualTo(Behaviour.REST_WHEN_HIDDEN);
    }

    private static SourceSheet.SheetScene scene(String id) {
        return SourceSheet.of(THEME, THEME.canvases().getFirst()).scenes().stream()
                .filter(s -> s.scene().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
