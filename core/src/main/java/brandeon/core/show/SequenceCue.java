package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Prepares, starts and stops sequences. */
public sealed interface SequenceCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /** A new one, or another one under the same id. */
    record WriteSequence(Sequence sequence) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            sequence.require();
            List<Sequence> all = new ArrayList<>(stand.show().sequences());
            Optional<Sequence> before = stand.show().sequence(sequence.id());
            require(!before.equals(Optional.of(sequence)), "It is so already.");
            before.ifPresentOrElse(one -> all.set(all.indexOf(one), sequence), () -> all.add(sequence));
            require(all.size() <= Sequence.MOST, "A show has at most " + Sequence.MOST + " sequences.");
            return new Cued.Applied(
                    stand.show().sequencing(all),
                    before.<Cue>map(WriteSequence::new).orElseGet(() -> new RemoveSequence(sequence.id())),
                    "Sequence " + sequence.name() + " written");
        }
    }

    record RemoveSequence(String sequence) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Sequence gone = found(stand, sequence);
            List<Sequence> all = new ArrayList<>(stand.show().sequences());
            all.remove(gone);
            return new Cued.Applied(
                    stand.show().sequencing(all), new WriteSequence(gone), "Sequence " + gone.name() + " removed");
        }
    }

    /** What is due at once is done with the press. */
    record StartSequence(String sequence) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Sequence start = found(stand, sequence);
            return begun(stand, Underway.of(start, stand.at()), "started");
        }
    }

    /** What it did already stays. */
    record StopSequence(String sequence) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Underway stopped = stand.show()
                    .underway(sequence)
                    .orElseThrow(() -> new Shows.Refusal("That sequence is not underway any more."));
            List<Underway> all = new ArrayList<>(stand.show().underway());
            all.remove(stopped);
            return new Cued.Applied(
                    stand.show().proceeding(all),
                    new GoOn(stopped),
                    stopped.name() + ": stopped after " + stopped.done() + " of "
                            + stopped.steps().size() + " steps");
        }
    }

    /** One that was stopped goes on; what would have been done meanwhile is done now. */
    record GoOn(Underway underway) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return begun(stand, underway, "goes on");
        }
    }

    /** Takes the steps that are due. */
    record TakeSteps(String sequence) implements SequenceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Underway now = stand.show()
                    .underway(sequence)
                    .filter(one -> one.due() <= stand.at())
                    .orElseThrow(() -> new Shows.Refusal("No step of that sequence is due."));
            Advance advance = Advance.of(stand.show(), stand, sequence);
            return new Cued.Applied(advance.show(), new StopSequence(sequence), now.name() + advance.told());
        }
    }

    /** What came of the steps that were due. A step that cannot be taken is left out, and told. */
    record Advance(Show show, String told) {

        static Advance of(Show show, Stand stand, String id) {
            Show next = show;
            StringBuilder told = new StringBuilder();
            Optional<Underway> now = next.underway(id);
            while (now.isPresent() && now.get().due() <= stand.at()) {
                Underway one = now.get();
                List<Underway> all = new ArrayList<>(next.underway());
                if (one.last()) {
                    all.remove(one);
                } else {
                    all.set(all.indexOf(one), one.further());
                }
                Cued step = Shows.apply(next, stand.starting(), one.next().cue(), stand.at());
                next = (step instanceof Cued.Applied applied ? applied.show() : next).proceeding(all);
                told.append("; ")
                        .append(
                                switch (step) {
                                    case Cued.Applied(Show _, Cue _, String sentence) -> sentence;
                                    case Cued.Refused(String reason) -> "left out: " + reason;
                                });
                now = next.underway(id);
            }
            return new Advance(next, told.toString());
        }
    }

    /** What is due of it at once is done. */
    private static Cued.Applied begun(Stand stand, Underway next, String how) {
        String id = next.sequence();
        require(stand.show().underway(id).isEmpty(), next.name() + " is underway already.");
        List<Underway> all = new ArrayList<>(stand.show().underway());
        all.add(next);
        Advance advance = Advance.of(stand.show().proceeding(all), stand, id);
        return new Cued.Applied(advance.show(), new StopSequence(id), next.name() + ": " + how + advance.told());
    }

    private static Sequence found(Stand stand, String id) {
        return stand.show()
                .sequence(id)
                .orElseThrow(() -> new Shows.Refusal("There is no such sequence in this show any more."));
    }
}
