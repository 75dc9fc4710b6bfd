package brandeon.core.motion;

import java.util.List;
import java.util.OptionalInt;

/**
 * Things that stand one after another, round after round, by the clock: at each instant every source shows the same
 * one. A round begins wherever the epoch's milliseconds divide by its length.
 *
 * @param millis how long each of them stands
 * @param pause  milliseconds between the last and the first, in which nothing stands there
 */
public record Turns(List<Long> millis, long pause) {

    public Turns {
        millis = List.copyOf(millis);
    }

    /**
     * @param seconds how long each of them stands
     * @param pause   seconds between the last and the first
     */
    public static Turns of(List<Double> seconds, double pause) {
        return new Turns(seconds.stream().map(each -> Math.round(each * 1000)).toList(), Math.round(pause * 1000));
    }

    /** Which of them stands there at an instant; empty in the pause. @param instant epoch milliseconds */
    public OptionalInt standing(long instant) {
        long within = round() == 0 ? 0 : Math.floorMod(instant, round());
        for (int i = 0; i < millis.size(); i++) {
            if (within >= begins(i) && within < begins(i) + millis.get(i)) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /** The first instant after one at which the turn of another one begins, epoch milliseconds. */
    public long next(long instant) {
        if (round() == 0) {
            return instant;
        }
        long within = Math.floorMod(instant, round());
        for (int i = 0; i < millis.size(); i++) {
            if (begins(i) > within) {
                return instant - within + begins(i);
            }
        }
        return instant - within + round();
    }

    /** The length of a round, in milliseconds. */
    public long round() {
        return millis.stream().mapToLong(Long::longValue).sum() + pause;
    }

    /** When in a round the turn of one of them begins, in milliseconds. */
    public long begins(int which) {
        return millis.subList(0, which).stream().mapToLong(Long::longValue).sum();
    }

    /**
     * How long one of them stands there between two instants.
     *
     * @param from  epoch milliseconds
     * @param until not before it
     */
    public long stands(int which, long from, long until) {
        return before(which, until) - before(which, from);
    }

    /** How long it stood from the beginning of time to an instant. */
    private long before(int which, long instant) {
        if (round() == 0) {
            return 0;
        }
        long each = millis.get(which);
        long within = Math.floorMod(instant, round()) - begins(which);
        return Math.floorDiv(instant, round()) * each + Math.clamp(within, 0, each);
    }
}
