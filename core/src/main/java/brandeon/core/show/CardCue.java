package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import java.util.List;

/** Puts cards up and takes them away. */
public sealed interface CardCue extends Cue {

    /** Puts one card up. @param card counted from 0 */
    record PutUp(String piece, int card) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            require(
                    card >= 0 && card < deck.cards().size(),
                    deck.piece().name() + " has no card number " + (card + 1L) + "; there are "
                            + deck.cards().size() + ".");
            return deck.set(stand, card, true);
        }
    }

    /** The next card, or one further on; after the last comes the first. Whether it is seen stays as it is. */
    record TurnCards(String piece, int by) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            require(deck.cards().size() > 1, deck.piece().name() + " has one card only.");
            return deck.set(
                    stand,
                    Math.floorMod(deck.up() + by, deck.cards().size()),
                    deck.held().shown());
        }
    }

    record ShowCards(String piece, boolean shown) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            require(deck.held().shown() != shown, deck.piece().name() + (shown ? " is up already." : " is not up."));
            return deck.set(stand, deck.up(), shown);
        }
    }

    /** Other cards for this show. @param cards empty for those of the theme */
    record WriteCards(String piece, List<TextRow> cards) implements CardCue {
        public WriteCards {
            cards = List.copyOf(cards);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            int last = Math.max(0, (cards.isEmpty() ? Starting.cards(deck.piece()) : cards).size() - 1);
            return stand.done(
                    deck.piece(),
                    deck.slot(),
                    new Held.HeldCards(
                            cards, Math.min(deck.up(), last), deck.held().shown()),
                    "cards written");
        }
    }

    /** The cards of a piece as they stand when a cue comes. */
    record Deck(Piece piece, String slot, Held.HeldCards held) {

        static Deck of(Stand stand, String id) {
            Piece piece = stand.piece(id);
            String slot = piece.kind().facts().cards().orElse("");
            return new Deck(piece, slot, stand.held(piece, slot, Held.HeldCards.class, "cards"));
        }

        List<TextRow> cards() {
            return held.own().isEmpty() ? Starting.cards(piece) : held.own();
        }

        /** Cards may have been taken away in the theme meanwhile. */
        int up() {
            return Math.min(held.up(), cards().size() - 1);
        }

        Cued.Applied set(Stand stand, int card, boolean shown) {
            String words = "card " + (card + 1) + ", " + cards().get(card).label();
            return stand.done(
                    piece, slot, new Held.HeldCards(held.own(), card, shown), shown ? words : "taken away, " + words);
        }
    }
}
