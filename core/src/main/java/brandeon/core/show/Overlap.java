package brandeon.core.show;

import java.util.Optional;

/** Whether one deed stands in the way of taking back another one that was done before it. */
public final class Overlap {

    private Overlap() {}

    /** Adding to a number can be taken back whatever was added since. */
    public static boolean between(Cue cue, Cue later) {
        if (adds(cue) && adds(later)) {
            return false;
        }
        if (cue instanceof RequestCue one && later instanceof RequestCue other) {
            return one.request().isEmpty()
                    ? other.request().isEmpty()
                    : one.request().equals(other.request());
        }
        boolean same = cue.piece().equals(later.piece());
        boolean all = later instanceof PieceCue.LetGo || later instanceof PieceCue.PutBack;
        return same && (all || group(cue).equals(group(later)));
    }

    private static boolean adds(Cue cue) {
        return cue instanceof CountCue.StepCount || cue instanceof CountCue.AddToCount;
    }

    private static Optional<CueGroup> group(Cue cue) {
        return CueGroup.of(CueGroup.deed(cue));
    }
}
