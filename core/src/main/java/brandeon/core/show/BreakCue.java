package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import java.util.Optional;

/** Begins, lengthens and ends the break of a show; there is one at most. */
public sealed interface BreakCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /**
     * @param seconds how long it is planned
     * @param words   see {@link Break}
     * @param picture see {@link Break}
     */
    record StartBreak(int seconds, String words, String picture) implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            require(stand.show().pause().isEmpty(), "A break is on already.");
            require(seconds >= 10 && seconds * 1000L <= Break.LONGEST, "A break is planned for 10 seconds to 3 hours.");
            Break next = new Break(stand.at(), stand.at() + seconds * 1000L, words.strip(), picture.strip(), false);
            return set(stand, Optional.of(next), "Break of " + ClockCue.written(seconds * 1000L));
        }
    }

    /** Longer by some time; of one that is past its end, from now on. @param seconds less than 0 to shorten it */
    record LengthenBreak(int seconds) implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Break on = on(stand);
            long until = Math.max(on.until(), stand.at()) + seconds * 1000L;
            require(seconds != 0 && until > stand.at(), "The break has less left than that; end it instead.");
            require(until - on.from() <= 2 * Break.LONGEST, "A break lasts at most 6 hours.");
            return set(
                    stand,
                    Optional.of(on.until(until)),
                    "Break: " + ClockCue.written(Math.abs(seconds) * 1000L) + (seconds > 0 ? " more" : " less"));
        }
    }

    record EndBreak() implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Break on = on(stand);
            return set(stand, Optional.empty(), "Break ended after " + ClockCue.written(stand.at() - on.from()));
        }
    }

    /** Other words, or another picture, while it is on. */
    record WriteBreak(String words, String picture) implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Break on = on(stand);
            return set(
                    stand,
                    Optional.of(new Break(on.from(), on.until(), words.strip(), picture.strip(), on.muted())),
                    words.isBlank() ? "Break: the theme's words" : "Break: “" + words.strip() + "”");
        }
    }

    /** Ticks off that the microphone is not live any more. */
    record TickMicrophone(boolean muted) implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Break on = on(stand);
            require(on.muted() != muted, muted ? "That is ticked already." : "That is not ticked.");
            return set(
                    stand,
                    Optional.of(new Break(on.from(), on.until(), on.words(), on.picture(), muted)),
                    muted ? "Microphone is off" : "Microphone may be live");
        }
    }

    /** How it was before. */
    record PutBreak(Optional<Break> pause) implements BreakCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return set(stand, pause, pause.isPresent() ? "Break put back" : "Break taken back");
        }
    }

    private static Break on(Stand stand) {
        require(stand.show().pause().isPresent(), "No break is on.");
        return stand.show().pause().orElseThrow();
    }

    private static Cued.Applied set(Stand stand, Optional<Break> next, String sentence) {
        Optional<Break> before = stand.show().pause();
        require(!before.equals(next), "That is so already.");
        return new Cued.Applied(stand.show().pausing(next), new PutBreak(before), sentence);
    }
}
