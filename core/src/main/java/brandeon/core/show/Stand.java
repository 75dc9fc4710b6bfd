package brandeon.core.show;

import brandeon.core.theme.Piece;
import java.util.Map;
import java.util.Optional;

/** How things stand when a cue comes. @param at epoch milliseconds */
record Stand(Show show, Starting starting, long at) {

    Piece piece(String id) {
        return starting.piece(id)
                .orElseThrow(
                        () -> new Shows.Refusal("No theme of this show has that piece any more; nothing changed."));
    }

    /** Under which name a show keeps this of a piece. */
    private static String keeper(Piece piece, Held held) {
        return held.shared() ? piece.speaker() : piece.id();
    }

    /**
     * What is said now under a slot of a piece.
     *
     * @throws Shows.Refusal where it has none of that type
     */
    <T extends Held> T held(Piece piece, String slot, Class<T> type, String what) {
        Held standard = Starting.held(piece, slot)
                .filter(type::isInstance)
                .orElseThrow(() -> new Shows.Refusal("“" + piece.name() + "” has no " + what + "."));
        return type.cast(show.held(keeper(piece, standard), slot)
                .filter(type::isInstance)
                .orElse(standard));
    }

    /** Whether the show, and not a theme, says it. */
    boolean held(Piece piece, String slot) {
        return Starting.held(piece, slot)
                .flatMap(standard -> show.held(keeper(piece, standard), slot))
                .isPresent();
    }

    /** As it was, to be put back. */
    Cue back(Piece piece, String slot) {
        Optional<Held> before =
                Starting.held(piece, slot).flatMap(standard -> show.held(keeper(piece, standard), slot));
        return before.<Cue>map(held -> new PieceCue.PutBack(piece.id(), Map.of(slot, held)))
                .orElseGet(() -> new PieceCue.LetGoOf(piece.id(), slot));
    }

    Show with(Piece piece, String slot, Held next) {
        return show.with(keeper(piece, next), slot, next);
    }

    Show without(Piece piece, String slot) {
        return Starting.held(piece, slot)
                .map(standard -> show.without(keeper(piece, standard), slot))
                .orElse(show);
    }

    /** Something else under a slot; taken back by what was there. */
    Cued.Applied done(Piece piece, String slot, Held next, String sentence) {
        return new Cued.Applied(with(piece, slot, next), back(piece, slot), piece.name() + ": " + sentence);
    }
}
