package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.move.CanvasPlan.Correction;
import brandeon.core.move.CanvasPlan.Fate;
import brandeon.core.move.CanvasPlan.HandmadeLine;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The demo has Wide (1920 × 1080), Upright (1080 × 1920) and Recording (2560 × 1440). */
class CanvasPlanTest {

    private static final Theme DEMO = ReedlightHide.theme();
    private static final Spot CORNER = new Spot.Anchored(Anchor.TOP_LEFT, 40, 60, 500, 300);

    private static Theme with(Edit... edits) {
        Theme theme = DEMO;
        for (Edit edit : edits) {
            theme = ((Outcome.Applied) Edits.apply(theme, edit)).theme();
        }
        return theme;
    }

    private static Map<String, Fate> fates(CanvasPlan plan) {
        return plan.canvases().stream()
                .collect(Collectors.toMap(CanvasPlan.CanvasLine::id, CanvasPlan.CanvasLine::fate));
    }

    private static List<Canvas> canvases(Canvas... others) {
        List<Canvas> all = new ArrayList<>(DEMO.canvases());
        for (Canvas other : others) {
            all.removeIf(one -> one.id().equals(other.id()));
            all.add(other);
        }
        return all;
    }

    @Test
    void theSameSetChangesNothing() {
        CanvasPlan plan = CanvasPlan.of(DEMO, DEMO.canvases());
        assertThat(plan.edit()).isEmpty();
        assertThat(plan.moved()).isEqualTo(DEMO);
        assertThat(plan.scenes()).isEmpty();
        assertThat(fates(plan).values()).containsOnly(Fate.KEPT);
        assertThat(plan.corrections())
                .as("what sleeps already is not told")
                .isNotEmpty()
                .allMatch(line -> line.fate() == Correction.KEPT);
    }

    @Test
    void aSizeOfTheSameProportionsMovesNothing() {
        CanvasPlan plan = CanvasPlan.of(DEMO, canvases(Canvas.of("wide", "Wide", Size.of(1280, 720), 60)));
        assertThat(fates(plan)).containsEntry("wide", Fate.SCALED).containsEntry("upright", Fate.KEPT);
        assertThat(plan.scenes()).isEmpty();
        assertThat(plan.moved().canvas("wide").orElseThrow().size()).isEqualTo(Size.of(1280, 720));
    }

    @Test
    void otherProportionsRearrangeAndSayWhat() {
        CanvasPlan plan = CanvasPlan.of(DEMO, canvases(Canvas.of("wide", "Wide", Size.of(1080, 1080), 60)));
        assertThat(fates(plan)).containsEntry("wide", Fate.REARRANGED);
        assertThat(plan.scenes())
                .filteredOn(line -> line.scene().equals("hide"))
                .singleElement()
                .satisfies(line -> assertThat(line.moves()).contains("Scope frame", "Camera frame"));
    }

    @Test
    void sizesComeAndGoAsOneStepThatIsTakenBack() {
        CanvasPlan plan = CanvasPlan.of(
                DEMO,
                List.of(
                        Canvas.of("ultra", "Ultra wide", Size.of(2560, 1080), 60),
                        Canvas.of("upright", "Upright", Size.of(1080, 1920), 60)));
        assertThat(fates(plan))
                .isEqualTo(Map.of("wide", Fate.GONE, "recording", Fate.GONE, "upright", Fate.KEPT, "ultra", Fate.NEW));
        assertThat(plan.moved().canvases()).extracting(Canvas::id).containsExactly("upright", "ultra");
        assertThat(plan.canvases())
                .filteredOn(line -> line.fate() == Fate.NEW)
                .singleElement()
                .satisfies(line -> assertThat(line.like()).isEqualTo("Wide"));
        Outcome.Applied applied =
                (Outcome.Applied) Edits.apply(DEMO, plan.edit().orElseThrow());
        assertThat(applied.theme()).isEqualTo(plan.moved());
        assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                .isEqualTo(DEMO);
    }

    /** A place for one canvas goes to the one that comes in its stead; one for a shape waits until such a canvas is back. */
    @Test
    void placesThatWereGivenByHandAreKeptCarriedOrSleep() {
        Theme theme = with(
                new PlacingEdit.SetPlaceOn("hide", "camera-frame", "recording", CORNER),
                new PlacingEdit.SetPlaceOn("hide", "camera-frame", "upright", CORNER),
                new PlacingEdit.SetCorrection("hide", "scope-frame", Shape.UPRIGHT, CORNER));
        CanvasPlan plan = CanvasPlan.of(
                theme, List.of(theme.canvas("wide").orElseThrow(), Canvas.of("fine", "Fine", Size.of(3840, 2160), 60)));
        assertThat(plan.corrections())
                .contains(
                        new HandmadeLine("Hide, Camera frame", "Recording", Correction.CARRIED, "Fine"),
                        new HandmadeLine("Hide, Camera frame", "Upright", Correction.SLEEPS, ""),
                        new HandmadeLine("Hide, Scope frame", "every upright canvas", Correction.SLEEPS, ""));
        assertThat(plan.moved()
                        .scene("hide")
                        .flatMap(scene -> scene.placed("camera-frame"))
                        .orElseThrow()
                        .onCanvas())
                .containsEntry("fine", CORNER);
        CanvasPlan back = CanvasPlan.of(plan.moved(), theme.canvases());
        assertThat(back.corrections())
                .contains(new HandmadeLine("Hide, Scope frame", "every upright canvas", Correction.KEPT, ""));
    }

    @Test
    void whatCannotBeASetIsRefused() {
        assertThatThrownBy(() -> CanvasPlan.of(DEMO, List.of())).isInstanceOf(Mistake.class);
        Canvas one = Canvas.of("a", "A", Size.of(640, 480), 30);
        assertThatThrownBy(() -> CanvasPlan.of(DEMO, List.of(one, one)))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("same id");
    }
}
