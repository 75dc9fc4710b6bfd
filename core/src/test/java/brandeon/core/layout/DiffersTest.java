package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Canvas;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profiles;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.CountCue;
import brandeon.core.show.Cue;
import brandeon.core.show.Cued;
import brandeon.core.show.Held;
import brandeon.core.show.LiveState;
import brandeon.core.show.PieceCue;
import brandeon.core.show.Show;
import brandeon.core.show.Shows;
import brandeon.core.show.Starting;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which scenes a change of what is live can reach, against the pictures themselves. */
class DiffersTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Starting STARTING = Starting.of(List.of(THEME));
    private static final long NOW = 1_800_000_000_000L;

    private final Resolver resolver = new Resolver(THEME);

    @Test
    void noSceneIsLeftOutThatLooksOtherwise() {
        List<LiveState> states = states();
        int left = 0;
        for (LiveState before : states) {
            for (LiveState after : states) {
                for (Scene scene : THEME.scenes()) {
                    if (!resolver.differs(scene, before, after)) {
                        left++;
                        assertThat(hashes(scene, after))
                                .as("%s, %s to %s", scene.name(), before, after)
                                .isEqualTo(hashes(scene, before));
                    }
                }
            }
        }
        assertThat(left)
                .as("more than where nothing changed")
                .isGreaterThan(states.size() * THEME.scenes().size());
    }

    @Test
    void aNumberReachesTheScenesItStandsOn() {
        LiveState after = with(cued(new CountCue.SetCount("sightings", "value", 9)));
        assertThat(reached(LiveState.QUIET, after)).containsExactlyElementsOf(standing("sightings"));
    }

    @Test
    void anAlertReachesTheScenesWithAnAnnouncer() {
        Signal signal = Signal.of("1", SignalKind.RAID, "Saltmarsh Sal", 0, "", 24, NOW);
        LiveState during = new LiveState(
                Readings.NONE,
                Show.QUIET,
                Optional.of(LiveState.Shown.of(signal, new AlertSlot(NOW, NOW + 8000), Profiles.PLAIN)));
        assertThat(reached(LiveState.QUIET, during)).containsExactlyElementsOf(standing("announcer"));
    }

    @Test
    void wordsSetByHandCanBeLive() {
        Show show = cued(new PieceCue.Say("band", "message", "{followers} follow"));
        LiveState before = new LiveState(Readings.NONE, show, Optional.empty());
        LiveState after = new LiveState(
                Readings.NONE.with(Signal.of("1", SignalKind.FOLLOW, "Ilse Fenn", 0, "", 0, NOW)),
                show,
                Optional.empty());
        assertThat(reached(before, after)).containsAll(standing("band"));
    }

    /** What cannot be said is looked at when it is painted, where it hides its own piece alone. */
    @Test
    void aPieceThatCannotBeReadStopsNobody() {
        Show wrong = new Show(Map.of("band", Map.of("message", new Held.HeldWords(null))));
        LiveState before = new LiveState(Readings.NONE, wrong, Optional.empty());
        LiveState after = new LiveState(Samples.live().readings(), wrong, Optional.empty());
        Scene alone = Scene.of("alone", "Alone", SceneRole.LIVE, List.of(Placed.in(Zone.BAND, "band")));
        assertThat(resolver.differs(alone, before, after)).isTrue();
    }

    private List<LiveState> states() {
        List<LiveState> states = new ArrayList<>(List.of(LiveState.QUIET, Samples.live()));
        for (Cue cue : List.of(
                new CountCue.SetCount("sightings", "value", 9),
                new PieceCue.ShowPiece("band", false),
                new PieceCue.Say("band", "message", "{latestFollower} is here"))) {
            Show show = cued(cue);
            states.add(with(show));
            states.add(new LiveState(
                    Samples.live().readings(), show, Samples.live().alert()));
        }
        return states;
    }

    private static LiveState with(Show show) {
        return new LiveState(Readings.NONE, show, Optional.empty());
    }

    private static Show cued(Cue cue) {
        return ((Cued.Applied) Shows.apply(Show.QUIET, STARTING, cue, NOW)).show();
    }

    private List<Scene> reached(LiveState before, LiveState after) {
        return THEME.scenes().stream()
                .filter(scene -> resolver.differs(scene, before, after))
                .toList();
    }

    private static List<Scene> standing(String piece) {
        return THEME.scenes().stream()
                .filter(scene ->
                        scene.stack().stream().anyMatch(placed -> placed.piece().equals(piece)))
                .toList();
    }

    private List<String> hashes(Scene scene, LiveState live) {
        return THEME.canvases().stream()
                .map((Canvas canvas) -> Picture.of(resolver.resolve(scene, canvas, live), Part.WHOLE)
                        .hash())
                .toList();
    }
}
