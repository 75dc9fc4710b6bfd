package brandeon.core.show;

import brandeon.core.problem.Mistake;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The right to do some of what a show takes.
 *
 * @param pieces ids of the pieces (or sequences) that it is about; empty for all of them
 * @param deeds  names of what may be done, see {@link CueGroup#deeds}; empty for all of the group
 */
public record Grant(CueGroup group, Set<String> pieces, Set<String> deeds) {

    private static final int MOST = 200;

    /** Everything that there is. */
    public static final List<Grant> ALL = Arrays.stream(CueGroup.values())
            .map(group -> new Grant(group, Set.of(), Set.of()))
            .toList();

    public Grant {
        pieces = new TreeSet<>(pieces);
        deeds = new TreeSet<>(deeds);
    }

    /** @throws Mistake when it names a deed that its group has not */
    public void require() {
        for (String deed : deeds) {
            if (!group.deeds().containsKey(deed)) {
                throw new Mistake("There is nothing called “" + deed + "” among “" + group.title() + "”.");
            }
        }
        if (pieces.size() > MOST) {
            throw new Mistake("That names too many pieces; leave them out to mean all.");
        }
    }

    /** @param about id of the piece or sequence; empty for what is about the whole show */
    public boolean takes(String deed, String about) {
        return CueGroup.of(deed).filter(found -> found == group).isPresent()
                && (pieces.isEmpty() || pieces.contains(about))
                && (deeds.isEmpty() || deeds.contains(deed));
    }

    public static boolean take(List<Grant> grants, String deed, String about) {
        return grants.stream().anyMatch(grant -> grant.takes(deed, about));
    }

    /** Whether some of the rights include a cue, and whatever else it would have done later. */
    public static boolean take(List<Grant> grants, Cue cue) {
        return take(grants, CueGroup.deed(cue), about(cue)) && led(cue).allMatch(led -> take(grants, led));
    }

    /** What a cue lets be done later; without the right to it, nobody may prepare it for others either. */
    private static Stream<Cue> led(Cue cue) {
        return switch (cue) {
            case SequenceCue.WriteSequence(Sequence sequence) ->
                sequence.steps().stream().map(Sequence.Step::cue);
            case ViewerCue.WritePresses(List<ViewerPress> presses) ->
                presses.stream().map(ViewerPress::cue);
            case ClockCue.AtZero(String _, String sequence) ->
                sequence.isEmpty() ? Stream.empty() : Stream.of(new SequenceCue.StartSequence(sequence));
            default -> Stream.empty();
        };
    }

    private static String about(Cue cue) {
        return switch (cue) {
            case SequenceCue.StartSequence(String sequence) -> sequence;
            case SequenceCue.StopSequence(String sequence) -> sequence;
            case SequenceCue.RemoveSequence(String sequence) -> sequence;
            case SequenceCue.WriteSequence(Sequence sequence) -> sequence.id();
            default -> cue.piece();
        };
    }
}
