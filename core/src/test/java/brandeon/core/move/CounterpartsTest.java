package brandeon.core.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whose links whose take over. */
class CounterpartsTest {

    private static final Theme OLD = ReedlightHide.theme();

    @Test
    void aCopyStandsInForItself() {
        Counterparts same = Counterparts.of(OLD, OLD);
        OLD.scenes().forEach(scene -> assertThat(same.scene(scene.id())).contains(scene.id()));
        OLD.canvases().forEach(canvas -> assertThat(same.canvas(canvas.id())).contains(canvas.id()));
        assertThat(same.scene("gone")).isEmpty();
    }

    @Test
    void aThemeBySomebodyElseIsKnownByWhatItsScenesAreForAndHowLargeItsCanvasesAre() {
        Theme fresh = OLD.withScenes(OLD.scenes().reversed().stream()
                        .map(scene -> new Scene(
                                "new-" + scene.id(),
                                scene.name() + " anew",
                                scene.role(),
                                scene.stack(),
                                scene.keepClear(),
                                scene.arrives()))
                        .toList())
                .withCanvases(List.of(
                        Canvas.of("wide", "Small", Size.of(1280, 720), 60),
                        Canvas.of("full", "Full", Size.of(1920, 1080), 60)));
        Counterparts found = Counterparts.of(OLD, fresh);
        OLD.scenes()
                .forEach(scene -> assertThat(found.scene(scene.id())
                                .flatMap(fresh::scene)
                                .orElseThrow()
                                .role())
                        .isEqualTo(scene.role()));
        assertThat(OLD.scenes().stream().flatMap(scene -> found.scene(scene.id()).stream()))
                .as("each stands in once")
                .doesNotHaveDuplicates();
        assertThat(found.canvas("wide")).as("the same id, but another size").contains("full");
        assertThat(found.canvas("upright")).as("there is none of its size").isEmpty();
    }
}
