package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.motion.Track;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Arrival;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ArrivingTest {

    private static final Theme THEME = ReedlightHide.theme();

    private static ResolvedScene hide(Edit... edits) {
        Theme theme = THEME;
        for (Edit edit : edits) {
            theme = ((Outcome.Applied) Edits.apply(theme, edit)).theme();
        }
        return new Resolver(theme)
                .resolve(theme.scene("hide").orElseThrow(), theme.canvas("wide").orElseThrow(), LiveState.QUIET);
    }

    private static List<Placement> coming(ResolvedScene scene) {
        return scene.placements().stream()
                .filter(one -> one.arrival().isPresent())
                .toList();
    }

    @Test
    void everythingIsThereAtOnceUntilSomebodySaysOtherwise() {
        assertThat(coming(hide())).isEmpty();
    }

    @Test
    void piecesComeInOneAfterTheOtherFromTheBackToTheFront() {
        List<Placement> coming = coming(hide(new SceneEdit.SetSceneArrives("hide", true)));
        assertThat(coming).hasSizeGreaterThan(3);
        List<Double> delays =
                coming.stream().map(one -> one.arrival().orElseThrow().delay()).toList();
        assertThat(delays).isSorted().doesNotHaveDuplicates().startsWith(0.0);
        assertThat(delays.getLast() + coming.getLast().arrival().orElseThrow().millis())
                .as("all of it is there soon")
                .isLessThan(3_000);
        for (Placement one : coming) {
            Track track = one.arrival().orElseThrow();
            assertThat(track.keys().getFirst().opacity()).isZero();
            assertThat(track.keys().getLast().opacity()).isEqualTo(1);
            assertThat(track.keys().getLast().x()).isZero();
            assertThat(track.keys().getLast().scale()).isEqualTo(1);
            assertThat(track.keys().getLast().turn()).isZero();
        }
    }

    @Test
    void whatMustBeThereIsNeverLate() {
        ResolvedScene scene = hide(
                new SceneEdit.SetSceneArrives("hide", true),
                new PlacingEdit.SetArrival("hide", "scope-frame", Arrival.ARRIVES),
                new PlacingEdit.SetArrival("hide", "announcer", Arrival.ARRIVES));
        assertThat(coming(scene))
                .noneMatch(one -> !one.art().openings().isEmpty()
                        || one.piece().kind().facts().announces()
                        || one.piece().kind().facts().notices());
    }

    @Test
    void aPieceMayDecideForItself() {
        assertThat(coming(hide(new PlacingEdit.SetArrival("hide", "band", Arrival.ARRIVES))))
                .singleElement()
                .satisfies(one -> assertThat(one.piece().id()).isEqualTo("band"));
        assertThat(coming(hide(
                        new SceneEdit.SetSceneArrives("hide", true),
                        new PlacingEdit.SetArrival("hide", "band", Arrival.AT_ONCE))))
                .noneMatch(one -> one.piece().id().equals("band"));
    }

    /** Two sources of one scene begin at the same moment, so both must count over the whole of it. */
    @Test
    void everySourceOfASceneHasTheSameOrder() {
        ResolvedScene scene = hide(new SceneEdit.SetSceneArrives("hide", true));
        Map<String, Picture.Layer> whole = Picture.of(scene, Part.WHOLE).layers().stream()
                .collect(Collectors.toMap(Picture.Layer::piece, Function.identity()));
        List<Picture.Layer> front = Picture.of(scene, Part.FRONT).layers().stream()
                .filter(layer -> !layer.arrival().isEmpty())
                .toList();
        assertThat(front)
                .isNotEmpty()
                .allSatisfy(layer -> assertThat(layer.arrival())
                        .isEqualTo(whole.get(layer.piece()).arrival()));
    }

    @Test
    void aCalmBrandOnlyFades() {
        List<Placement> coming = coming(hide(new SceneEdit.SetSceneArrives("hide", true), new BrandEdit.SetCalm(true)));
        assertThat(coming)
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.arrival().orElseThrow().keys())
                        .allMatch(key -> key.x() == 0 && key.y() == 0 && key.turn() == 0 && key.scale() == 1));
    }
}
