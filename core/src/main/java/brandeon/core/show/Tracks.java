package brandeon.core.show;

import brandeon.core.motion.Run;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What is heard in a show, as whatever plays it says.
 *
 * @param now     empty while nothing told, so that pieces say what their themes say
 * @param seconds for how long each is shown; 0 for as long as it is heard
 * @param since   when it was shown last, epoch milliseconds
 * @param seen    whether it is shown
 */
public record Tracks(Optional<HeardTrack> now, int seconds, long since, boolean seen) {

    public static final Tracks NONE = new Tracks(Optional.empty(), 0, 0, false);

    private static final int LONGEST = 160;
    private static final int LONGEST_SHOWN = 3600;
    /** Milliseconds; a day. */
    private static final long LONGEST_TRACK = 86_400_000;

    /**
     * One of them.
     *
     * @param title empty while nothing is heard
     * @param run   how far it is: counts up from its beginning, to its length where that is known
     */
    public record HeardTrack(String title, String artist, Run run) {

        void require() {
            if (title.length() > LONGEST
                    || artist.length() > LONGEST
                    || !Letters.oneLine(title)
                    || !Letters.oneLine(artist)) {
                throw new Mistake("A title and who it is by have at most " + LONGEST + " letters, on one line each.");
            }
            if (run.length() < 0 || run.length() > LONGEST_TRACK || run.millis() < 0) {
                throw new Mistake("A track lasts at most a day.");
            }
        }

        boolean same(HeardTrack other) {
            return title.equals(other.title) && artist.equals(other.artist);
        }

        /** When it is over, epoch milliseconds; empty while it stands still, or its length is not known. */
        OptionalLong over() {
            return run.state() == Run.State.RUNNING && run.length() > 0
                    ? OptionalLong.of(run.millis() + run.length())
                    : OptionalLong.empty();
        }
    }

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        if (seconds < 0 || seconds > LONGEST_SHOWN) {
            throw new Mistake("A track is shown for at most an hour; 0 is as long as it is heard.");
        }
        now.ifPresent(HeardTrack::require);
    }

    Tracks showing(boolean shown, long at) {
        return new Tracks(now, seconds, shown ? at : since, shown);
    }

    Tracks lasting(int next) {
        return new Tracks(now, next, since, seen);
    }

    /** As it is at an instant, epoch milliseconds. */
    Tracks at(long instant) {
        return seen && next(0).stream().anyMatch(at -> at <= instant) ? showing(false, since) : this;
    }

    /** The next instant after one at which it is not shown any more by itself, epoch milliseconds. */
    OptionalLong next(long after) {
        if (!seen || now.isEmpty()) {
            return OptionalLong.empty();
        }
        long hidden = seconds > 0 ? since + seconds * 1000L : Long.MAX_VALUE;
        long ends = Math.min(hidden, now.get().over().orElse(Long.MAX_VALUE));
        return ends > after && ends < Long.MAX_VALUE ? OptionalLong.of(ends) : OptionalLong.empty();
    }

    /** What a piece says of it. */
    String words() {
        return now.map(track -> track.artist().isBlank() ? track.title() : track.title() + " · " + track.artist())
                .map(Message::literally)
                .orElse("");
    }
}
