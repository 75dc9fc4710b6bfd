package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.show.Cued;
import brandeon.core.show.LiveState;
import brandeon.core.show.PieceCue;
import brandeon.core.show.Shows;
import brandeon.core.show.Starting;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How long sponsors were on screen. */
class AirTimeTest {

    private static final Theme THEME = ReedlightHide.theme();

    private static List<AirTime.Share> seen(Theme theme, Part part, LiveState live, long from, long until) {
        return AirTime.of(
                theme, theme.scene("away").orElseThrow(), theme.canvases().getFirst(), part, live, _ -> from, until);
    }

    /** Three sponsors of the demo for eight seconds each. */
    @Test
    void inARoundEachStandsThereForItsSeconds() {
        List<AirTime.Share> shares = seen(THEME, Part.WHOLE, LiveState.QUIET, 24_000, 48_000);

        assertThat(shares).extracting(AirTime.Share::millis).containsExactly(8000L, 8000L, 8000L);
        assertThat(shares).extracting(AirTime.Share::title).containsOnly("Local shops");
        assertThat(shares.getFirst().entry()).isEqualTo("Fenwick Waders");
        assertThat(seen(THEME, Part.WHOLE, LiveState.QUIET, 24_000, 25_000))
                .extracting(AirTime.Share::entry)
                .containsExactly("Fenwick Waders");
    }

    @Test
    void whatIsHiddenOrInAnotherPartIsNotOnScreen() {
        Cued cued = Shows.apply(
                LiveState.QUIET.show(), Starting.of(List.of(THEME)), new PieceCue.ShowPiece("shops", false), 0);
        LiveState hidden = new LiveState(LiveState.QUIET.readings(), ((Cued.Applied) cued).show(), Optional.empty());
        assertThat(seen(THEME, Part.WHOLE, hidden, 0, 24_000)).isEmpty();
        assertThat(AirTime.of(
                        THEME,
                        THEME.scene("hide").orElseThrow(),
                        THEME.canvases().getFirst(),
                        Part.WHOLE,
                        LiveState.QUIET,
                        _ -> 0,
                        24_000))
                .isEmpty();
        long whole = sum(seen(THEME, Part.WHOLE, LiveState.QUIET, 0, 24_000));
        long parts = sum(seen(THEME, Part.BACK, LiveState.QUIET, 0, 24_000))
                + sum(seen(THEME, Part.FRONT, LiveState.QUIET, 0, 24_000));
        assertThat(parts).as("each piece is in one of both parts").isEqualTo(whole);
    }

    private static long sum(List<AirTime.Share> shares) {
        return shares.stream().mapToLong(AirTime.Share::millis).sum();
    }

    /** What does not move shows the first one all the time. */
    @Test
    void whereNothingTurnsTheFirstStandsThereAllTheTime() {
        Theme still = THEME.withPieces(THEME.pieces().stream()
                .map(piece -> piece.id().equals("shops") ? piece.withFigure("moving", 0) : piece)
                .toList());
        assertThat(seen(still, Part.WHOLE, LiveState.QUIET, 5000, 65_000))
                .extracting(AirTime.Share::entry, AirTime.Share::millis)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("Fenwick Waders", 60_000L));
    }

    @Test
    void anEntryWithoutWordsIsKnownByItsPicture() {
        Theme pictured = THEME.withPieces(THEME.pieces().stream()
                .map(piece -> piece.id().equals("shops")
                        ? piece.withContent("rows", new Content.Entries(List.of(new Content.Entry("", "", 5, "gone"))))
                        : piece)
                .toList());
        assertThat(seen(pictured, Part.WHOLE, LiveState.QUIET, 0, 1000))
                .extracting(AirTime.Share::entry)
                .containsExactly("");
    }
}
