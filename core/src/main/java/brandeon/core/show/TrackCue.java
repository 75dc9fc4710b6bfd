package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.motion.Run;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Tracks.HeardTrack;
import java.util.Optional;

/** What is heard. */
public sealed interface TrackCue extends Cue {

    /** Milliseconds by which a position may differ from what was known and still say nothing new. */
    long NEAR = 1500;

    @Override
    default String piece() {
        return "";
    }

    /** Whether it says nothing new. @param at epoch milliseconds */
    default boolean known(Tracks now, long at) {
        return false;
    }

    /**
     * Something is heard.
     *
     * @param position seconds since its beginning
     * @param length   seconds of all of it; 0 where that is not known
     * @param playing  whether it goes on, or stands still
     */
    record PlayTrack(String title, String artist, double position, double length, boolean playing) implements TrackCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            HeardTrack track = track(stand.at());
            Tracks now = stand.show().tracks();
            require(!known(now, stand.at()), "That is so already.");
            boolean same = now.now().filter(track::same).isPresent();
            Tracks next = new Tracks(Optional.of(track), now.seconds(), now.since(), now.seen());
            boolean still = same
                    && now.now()
                            .filter(known ->
                                    known.over().isEmpty() || known.over().getAsLong() > stand.at())
                            .isPresent();
            return done(stand, still ? next : next.showing(true, stand.at()), "“" + title + "”");
        }

        @Override
        public boolean known(Tracks now, long at) {
            HeardTrack track = track(at);
            return now.now()
                    .filter(known -> known.same(track)
                            && known.run().state() == track.run().state()
                            && known.run().length() == track.run().length()
                            && Math.abs(known.run().millis() - track.run().millis()) < NEAR)
                    .isPresent();
        }

        private HeardTrack track(long at) {
            if (title.isBlank()) {
                throw new Mistake("A track has a title.");
            }
            if (!(position >= 0 && position <= 86_400 && length >= 0 && length <= 86_400)) {
                throw new Mistake("Positions and lengths are seconds, of at most a day.");
            }
            if (length > 0 && position > length) {
                throw new Mistake("A track cannot be farther than it is long.");
            }
            long into = Math.round(position * 1000);
            long all = Math.round(length * 1000);
            HeardTrack track = new HeardTrack(
                    title.strip(),
                    artist.strip(),
                    playing ? Run.running(at - into, all) : new Run(Run.State.PAUSED, into, all));
            track.require();
            return track;
        }
    }

    /** Nothing is heard any more. */
    record EndTrack() implements TrackCue {
        private static final HeardTrack SILENCE = new HeardTrack("", "", Run.STANDING);

        @Override
        public boolean known(Tracks now, long at) {
            return now.now().equals(Optional.of(SILENCE));
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Tracks now = stand.show().tracks();
            require(!known(now, stand.at()), "Nothing is heard already.");
            return done(stand, new Tracks(Optional.of(SILENCE), now.seconds(), now.since(), false), "nothing is heard");
        }
    }

    /** Whether what is heard is shown. */
    record ShowTrack(boolean shown) implements TrackCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Tracks now = stand.show().tracks();
            require(
                    now.now().filter(track -> !track.title().isBlank()).isPresent(),
                    "Nothing is heard, as far as anybody said.");
            require(now.seen() != shown, shown ? "It is shown already." : "It is hidden already.");
            require(!shown || now.now().orElseThrow().over().orElse(Long.MAX_VALUE) > stand.at(), "It is over.");
            return done(stand, now.showing(shown, stand.at()), shown ? "shown" : "hidden");
        }
    }

    /** For how long each is shown. @param seconds 0 for as long as it is heard */
    record ShowTracksFor(int seconds) implements TrackCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return done(
                    stand,
                    stand.show().tracks().lasting(seconds),
                    seconds == 0 ? "shown as long as it is heard" : "shown for " + seconds + " seconds");
        }
    }

    /** Pieces say what their themes say again. */
    record ForgetTrack() implements TrackCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Tracks now = stand.show().tracks();
            return done(stand, new Tracks(Optional.empty(), now.seconds(), 0, false), "what the theme says");
        }
    }

    /** As it was before. */
    record PutTracks(Tracks tracks) implements TrackCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return done(stand, tracks, "as before");
        }
    }

    private static Cued.Applied done(Stand stand, Tracks next, String sentence) {
        Tracks now = stand.show().tracks();
        next.require();
        require(!now.equals(next), "That is so already.");
        return new Cued.Applied(stand.show().playing(next), new PutTracks(now), "Track: " + sentence);
    }
}
