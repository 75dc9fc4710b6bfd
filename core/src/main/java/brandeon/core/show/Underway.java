package brandeon.core.show;

import java.util.List;

/**
 * A sequence that was started, with its steps as they were then.
 *
 * @param done how many of its steps were taken
 * @param due  when the next one is, epoch milliseconds
 */
public record Underway(String sequence, String name, List<Sequence.Step> steps, int done, long due) {

    public Underway {
        steps = List.copyOf(steps);
    }

    static Underway of(Sequence sequence, long at) {
        return new Underway(
                sequence.id(),
                sequence.name(),
                sequence.steps(),
                0,
                at + sequence.steps().getFirst().after());
    }

    Sequence.Step next() {
        return steps.get(done);
    }

    boolean last() {
        return done == steps.size() - 1;
    }

    /** Only while there is another step. */
    Underway further() {
        return new Underway(
                sequence, name, steps, done + 1, due + steps.get(done + 1).after());
    }
}
