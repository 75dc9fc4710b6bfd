package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.kind.Content;
import brandeon.core.live.Readings;
import brandeon.core.theme.Piece;
import java.util.LinkedHashMap;
import java.util.Map;

/** What any piece can be told. */
public sealed interface PieceCue extends Cue {

    /** Words over a piece's own, in one field. */
    record Say(String piece, String field, String words) implements PieceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            stand.held(said, field, Held.HeldWords.class, "words called “" + field + "”");
            Content.Words next = new Content.Words(words);
            next.require();
            next.mistake(Readings.types()).ifPresent(mistake -> {
                throw new Shows.Refusal(mistake);
            });
            return stand.done(
                    said, field, new Held.HeldWords(words), words.isBlank() ? "says nothing" : "“" + words + "”");
        }
    }

    /** Shows or hides a piece on all scenes. */
    record ShowPiece(String piece, boolean shown) implements PieceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece seen = stand.piece(piece);
            Held.HeldSight now = stand.held(seen, Slot.SIGHT, Held.HeldSight.class, "sight");
            require(now.shown() != shown, seen.name() + (shown ? " is shown already." : " is hidden already."));
            return stand.done(seen, Slot.SIGHT, new Held.HeldSight(shown), shown ? "shown" : "hidden");
        }
    }

    /** Back to what the theme says, in everything. */
    record LetGo(String piece) implements PieceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            Map<String, Held> held = stand.show().of(said);
            require(!held.isEmpty(), said.name() + " is as its theme has it.");
            Show next = stand.show();
            for (String slot : held.keySet()) {
                next = new Stand(next, stand.starting(), stand.at()).without(said, slot);
            }
            return new Cued.Applied(next, new PutBack(piece, held), said.name() + ": back to the theme's content");
        }
    }

    /** Back to what the theme says under one slot. */
    record LetGoOf(String piece, String slot) implements PieceCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            require(stand.held(said, slot), said.name() + " is as its theme has it.");
            return new Cued.Applied(
                    stand.without(said, slot), stand.back(said, slot), said.name() + ": back to the theme's content");
        }
    }

    /** How something was before. */
    record PutBack(String piece, Map<String, Held> held) implements PieceCue {
        public PutBack {
            held = Map.copyOf(held);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Piece said = stand.piece(piece);
            require(!held.isEmpty(), "There is nothing to put back.");
            Map<String, Held> before = new LinkedHashMap<>();
            Show next = stand.show();
            for (Map.Entry<String, Held> one : held.entrySet()) {
                Held standard = Starting.held(said, one.getKey())
                        .filter(theirs -> theirs.getClass() == one.getValue().getClass())
                        .orElseThrow(() -> new Shows.Refusal(
                                said.name() + " has nothing called “" + one.getKey() + "” of that kind."));
                one.getValue().require();
                // What the theme said is put back as such: the words are the same, and the piece goes on saying them.
                before.put(one.getKey(), stand.held(said, one.getKey(), standard.getClass(), one.getKey()));
                next = new Stand(next, stand.starting(), stand.at()).with(said, one.getKey(), one.getValue());
            }
            boolean one = held.size() == 1;
            Cue inverse = one ? stand.back(said, held.keySet().iterator().next()) : new PutBack(piece, before);
            return new Cued.Applied(next, inverse, said.name() + ": put back");
        }
    }
}
