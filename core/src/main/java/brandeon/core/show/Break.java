package brandeon.core.show;

import brandeon.core.motion.Run;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;

/**
 * A break: it stands over everything in every source of a show until somebody ends it. Past its planned end it counts
 * on.
 *
 * @param from    epoch milliseconds
 * @param until   planned end, epoch milliseconds
 * @param words   in place of the break screen's title; empty for those of the theme
 * @param picture id or name of a ready-made picture that is laid into the screen; empty for the theme's
 * @param muted   whether somebody ticked off that the microphone is not live any more
 */
public record Break(long from, long until, String words, String picture, boolean muted) {

    /** Milliseconds. */
    static final long LONGEST = 180 * ClockCue.MINUTE;

    private static final int LONGEST_WORDS = 120;

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        if (until <= from || until - from > 2 * LONGEST) {
            throw new Mistake("A break is planned for 10 seconds to 3 hours.");
        }
        if (words.length() > LONGEST_WORDS || !Letters.oneLine(words)) {
            throw new Mistake("The words of a break have at most " + LONGEST_WORDS + " letters on one line.");
        }
        if (picture.length() > LONGEST_WORDS) {
            throw new Mistake("There is no picture with such a name.");
        }
    }

    /** As a clock that counts down to its planned end. */
    public Run run() {
        return Run.running(until, until - from);
    }

    Break until(long next) {
        return new Break(from, next, words, picture, muted);
    }
}
