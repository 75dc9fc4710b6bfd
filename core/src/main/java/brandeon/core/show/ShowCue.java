package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.theme.Piece;
import java.util.Map;

/** The whole of what a show says at once. */
public sealed interface ShowCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /**
     * Another state of everything, all or nothing. Sequences that are underway stay as they are.
     *
     * @param state as it was taken out before, or written by hand
     */
    record PutState(Show state) implements ShowCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            state.held().forEach((id, slots) -> requireFits(stand, id, slots));
            state.sequences().forEach(Sequence::require);
            state.notices().require();
            state.viewers().presses().forEach(ViewerPress::require);
            state.requests().require();
            state.tracks().require();
            require(state.sequences().size() <= Sequence.MOST, "A show has at most " + Sequence.MOST + " sequences.");
            Show next = state.proceeding(stand.show().underway());
            require(!next.equals(stand.show()), "Everything is so already.");
            return new Cued.Applied(next, new PutState(stand.show()), "The whole state was put in");
        }

        private static void requireFits(Stand stand, String id, Map<String, Held> slots) {
            Piece piece = stand.starting()
                    .piece(id)
                    .orElseThrow(() -> new Shows.Refusal("There is no piece “" + id + "” in this show."));
            slots.forEach((slot, held) -> {
                require(
                        Starting.held(piece, slot)
                                .filter(standard -> standard.getClass() == held.getClass())
                                .isPresent(),
                        "“" + piece.name() + "” has nothing called “" + slot + "” of that kind.");
                held.require();
            });
        }
    }
}
