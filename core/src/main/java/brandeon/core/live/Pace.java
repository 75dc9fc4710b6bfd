package brandeon.core.live;

import brandeon.core.problem.Mistake;

/**
 * How alerts follow each other.
 *
 * @param pause   seconds between two, so that one is seen to end before the next begins; 0.2 to 10
 * @param longest seconds that one waits before others may not pass it any more and further ones of its rule join it; 5
 *                to 600
 * @param flood   more of one rule than these, that come within {@code window} and wait, become one; 2 to 100
 * @param window  seconds; 1 to 120
 */
public record Pace(double pause, int longest, int flood, int window) {

    public static final Pace STANDARD = new Pace(0.6, 60, 5, 10);

    public Pace {
        if (!(pause >= 0.2 && pause <= 10)) {
            throw new Mistake("Between two alerts there are 0.2 to 10 seconds, not " + pause + ".");
        }
        if (longest < 5 || longest > 600) {
            throw new Mistake("The longest wait of an alert is 5 to 600 seconds, not " + longest + ".");
        }
        if (flood < 2 || flood > 100 || window < 1 || window > 120) {
            throw new Mistake("A flood is more than 2 to 100 alerts within 1 to 120 seconds.");
        }
    }

    long pauseMillis() {
        return Math.round(pause * 1000);
    }

    long longestMillis() {
        return longest * 1000L;
    }

    long windowMillis() {
        return window * 1000L;
    }
}
