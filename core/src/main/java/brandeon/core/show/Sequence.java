package brandeon.core.show;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.util.List;
import java.util.Locale;

/**
 * Several cues with delays under one press.
 *
 * @param scene id of the scene with which it starts when that comes on; empty for a press alone
 */
public record Sequence(String id, String name, List<Step> steps, String scene) {

    static final int MOST = 40;
    private static final int MOST_STEPS = 40;
    private static final int LONGEST_NAME = 60;
    /** Milliseconds. */
    private static final long LONGEST_WAIT = 3_600_000;

    /** @param after milliseconds after the step before it, or after the press */
    public record Step(long after, Cue cue) {}

    /** One that starts with a press alone. */
    Sequence(String id, String name, List<Step> steps) {
        this(id, name, steps, "");
    }

    public Sequence {
        steps = List.copyOf(steps);
    }

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        if (id.isBlank() || id.length() > LONGEST_NAME) {
            throw new Mistake("A sequence has an id.");
        }
        if (name.isBlank() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("A sequence has a name of at most " + LONGEST_NAME + " letters on one line.");
        }
        if (scene.length() > LONGEST_NAME) {
            throw new Mistake("There is no such scene.");
        }
        if (steps.isEmpty() || steps.size() > MOST_STEPS) {
            throw new Mistake(String.format(Locale.ROOT, "A sequence has 1 to %d steps.", MOST_STEPS));
        }
        for (Step step : steps) {
            if (step.after() < 0 || step.after() > LONGEST_WAIT) {
                throw new Mistake("A step waits for at most an hour.");
            }
            if (step.cue() instanceof SequenceCue) {
                throw new Mistake("A sequence cannot start or stop sequences.");
            }
        }
    }

    int letters() {
        return 200 * steps.size();
    }
}
