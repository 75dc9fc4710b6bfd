package brandeon.core.show;

import brandeon.core.problem.Mistake;
import brandeon.core.theme.Piece;

/** The only way to change a show. */
public final class Shows {

    private Shows() {}

    /**
     * Applies one cue. Never throws for a cue that names something missing or holds a bad value: it is refused.
     * Applying an inverse to its result, at the same instant, gives a show that says the same.
     *
     * @param starting what the show's themes say by themselves
     * @param at       now, epoch milliseconds
     */
    public static Cued apply(Show show, Starting starting, Cue cue, long at) {
        try {
            // Back to the theme's own is always possible; that belongs to no group.
            require(
                    CueGroup.of(CueGroup.deed(cue)).isEmpty()
                            || starting.piece(cue.piece())
                                    .filter(Piece::handsOff)
                                    .isEmpty(),
                    "Its theme says that nobody does anything to this piece during a show.");
            Cued.Applied applied = cue.applied(new Stand(show.at(at), starting, at));
            applied.show().pause().ifPresent(Break::require);
            applied.show().held().values().forEach(slots -> slots.values().forEach(Held::require));
            return applied;
        } catch (Refusal | Mistake e) {
            return new Cued.Refused(e.getMessage());
        }
    }

    /** Why a cue cannot be applied to a show as it is now. */
    static final class Refusal extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refusal(String reason) {
            super(reason, null, false, false);
        }
    }

    static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Refusal(otherwise);
        }
    }
}
