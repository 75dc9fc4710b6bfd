package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.problem.Mistake;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourceSheetTest {

    private static final Theme THEME = ReedlightHide.theme();

    /** A source is see-through at openings, so that everything stands right above the captures. */
    @Test
    void aSceneWithOpaqueCapturesIsOneSourceAboveThem() {
        SourceSheet.SheetScene hide = scene(THEME, "hide");
        assertThat(hide.sources()).hasSize(3);
        assertThat(hide.sources().subList(0, 2)).allMatch(source -> source instanceof SourceSheet.CaptureSource);
        assertThat(((SourceSheet.Browser) hide.sources().getLast()).part()).isEqualTo(Part.WHOLE);
    }

    @Test
    void whatLiesBehindASeeThroughCaptureIsASourceBelowIt() {
        Theme keyed = THEME;
        for (String capture : List.of("camera", "play")) {
            keyed = ((Outcome.Applied) Edits.apply(keyed, new FramingEdit.SetSeeThrough(capture, true))).theme();
        }
        SourceSheet.SheetScene hide = scene(keyed, "hide");
        assertThat(((SourceSheet.Browser) hide.sources().getFirst()).part()).isEqualTo(Part.BACK);
        assertThat(hide.sources().stream()
                        .filter(SourceSheet.Browser.class::isInstance)
                        .map(source -> ((SourceSheet.Browser) source).title()))
                .as("each is called by what stands about it")
                .doesNotHaveDuplicates();
        assertThat(hide.reason()).contains("Host camera").contains("shows through");
    }

    /** Between them the sources show every piece once, in the order of the stack. */
    @Test
    void thePartsOfASceneTogetherAreTheScene() {
        Theme keyed = ((Outcome.Applied) Edits.apply(THEME, new FramingEdit.SetSeeThrough("camera", true))).theme();
        for (Theme theme : List.of(THEME, keyed)) {
            for (Scene scene : theme.scenes()) {
                for (Canvas canvas : theme.canvases()) {
                    ResolvedScene resolved = new Resolver(theme).resolve(scene, canvas, LiveState.QUIET);
                    assertThat(Taking.of(resolved).parts().stream()
                                    .flatMap(part -> Picture.of(resolved, part).layers().stream())
                                    .map(Picture.Layer::piece))
                            .isEqualTo(resolved.placements().stream()
                                    .map(placement -> placement.piece().id())
                                    .toList());
                }
            }
        }
    }

    @Test
    void aSceneWithoutCapturesIsOneSource() {
        assertThat(scene(THEME, "starting").sources()).hasSize(1);
    }

    @Test
    void onePieceAloneHasABoxThatHoldsAllItPaintsAndNoMore() {
        Canvas canvas = THEME.canvases().getFirst();
        Scene hide = THEME.scene("hide").orElseThrow();
        ResolvedScene resolved = new Resolver(THEME).resolve(hide, canvas, LiveState.QUIET);
        for (ResolvedScene.Placement placement : resolved.placements()) {
            Part part = new Part.Single(placement.piece().id());
            Box box = OwnBox.of(THEME, hide, canvas, part);
            BufferedImage whole = Raster.paint(canvas.size(), Picture.marks(resolved, part), 0, Pictures.NONE);
            for (int y = 0; y < whole.getHeight(); y += 3) {
                for (int x = 0; x < whole.getWidth(); x += 3) {
                    boolean inside = x >= box.x() && x < box.right() && y >= box.y() && y < box.bottom();
                    if (!inside) {
                        assertThat(whole.getRGB(x, y) >>> 24)
                                .as("%s at %d, %d", placement.piece().name(), x, y)
                                .isZero();
                    }
                }
            }
            Picture alone = Picture.of(resolved, part, box);
            assertThat(List.of((double) alone.x(), (double) alone.y(), (double) alone.width(), (double) alone.height()))
                    .containsExactly(box.x(), box.y(), box.width(), box.height());
        }
        assertThat(OwnBox.of(THEME, hide, canvas, new Part.Single("sightings")).area())
                .as("a small piece has a small box")
                .isLessThan(canvas.size().box().area() / 6);
    }

    @Test
    void partsAreReadAsTheyAreWritten() {
        for (Part part : List.of(
                Part.WHOLE,
                Part.BACK,
                Part.FRONT,
                new Part.Levels(0, 1),
                new Part.Levels(2, 2),
                new Part.Single("sightings"),
                new Part.Group("Left: side"))) {
            assertThat(Part.of(part.toString())).isEqualTo(part);
        }
        for (String none : List.of("", "ALL", "LEVELS:2-1", "LEVELS:-1-2", "LEVELS:1", "PIECE", "whole")) {
            assertThatThrownBy(() -> Part.of(none)).isInstanceOf(Mistake.class);
        }
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
        ResolvedScene hide = new Resolver(THEME)
                .resolve(THEME.scene("hide").orElseThrow(), THEME.canvases().getFirst(), LiveState.QUIET);
        assertThat(Advice.of(THEME, hide, new Part.Levels(1, 1)).sound())
                .as("alerts stand in front of the other capture")
                .isFalse();
        assertThat(Advice.of(THEME, hide, Part.FRONT).behaviour()).isEqualTo(Behaviour.KEEP_RUNNING);
        assertThat(Advice.of(THEME, hide, Part.BACK).behaviour()).isEqualTo(Behaviour.REST_WHEN_HIDDEN);
    }

    private static SourceSheet.SheetScene scene(Theme theme, String id) {
        return SourceSheet.of(theme, theme.canvases().getFirst()).scenes().stream()
                .filter(s -> s.scene().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
