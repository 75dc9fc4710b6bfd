package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import java.util.List;

/** Puts cards up and takes them away. */
public sealed interface CardCue extends Cue {

    int LONGEST_SECONDS = 3600;

    /**
     * Puts one card up.
     *
     * @param card    counted from 0
     * @param seconds for how long; 0 until somebody takes it away
     */
    record PutUp(String piece, int card, int seconds) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            deck.requireCard(card);
            return deck.set(stand, deck.timed(stand, deck.held().up(card, true), seconds));
        }
    }

    /** The next card, or one further on; after the last comes the first. Whether it is seen stays as it is. */
    record TurnCards(String piece, int by) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            require(deck.cards().size() > 1, deck.piece().name() + " has one card only.");
            int card = Math.floorMod(deck.up() + by, deck.cards().size());
            return deck.set(
                    stand,
                    deck.held()
                            .up(card, deck.held().shown())
                            .seenUntil(deck.held().end()));
        }
    }

    /** @param seconds for how long it is shown; 0 until somebody takes it away */
    record ShowCards(String piece, boolean shown, int seconds) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            require(
                    deck.held().shown() != shown || (shown && seconds > 0),
                    deck.piece().name() + (shown ? " is up already." : " is not up."));
            return deck.set(stand, deck.timed(stand, deck.held().up(deck.up(), shown), shown ? seconds : 0));
        }
    }

    /** Says which card comes next. @param card counted from 0; -1 for the one after the one that is up */
    record PrepareCard(String piece, int card) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            if (card >= 0) {
                deck.requireCard(card);
            }
            Held.HeldCards next = deck.held().prepared(card);
            return stand.done(deck.piece(), deck.slot(), next, "next is card " + (deck.coming(next) + 1));
        }
    }

    /** Puts up the card that is prepared; the one after it is prepared then. @param seconds see {@link PutUp} */
    record TakeCard(String piece, int seconds) implements CardCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Deck deck = Deck.of(stand, piece);
            int card = deck.coming(deck.held());
            return deck.set(stand, deck.timed(stand, deck.held().up(card, true).prepared(-1), seconds));
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
                            cards,
                            Math.min(deck.up(), last),
                            deck.held().shown(),
                            deck.held().end(),
                            Math.min(deck.held().ready(), last)),
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

        void requireCard(int card) {
            require(
                    card >= 0 && card < cards().size(),
                    piece.name() + " has no card number " + (card + 1L) + "; there are " + cards().size() + ".");
        }

        /** The card that comes next. */
        int coming(Held.HeldCards now) {
            int after = (up() + 1) % cards().size();
            return now.ready() >= 0 ? Math.min(now.ready(), cards().size() - 1) : after;
        }

        Held.HeldCards timed(Stand stand, Held.HeldCards next, int seconds) {
            require(
                    seconds >= 0 && seconds <= LONGEST_SECONDS,
                    "A card is up for at most " + LONGEST_SECONDS + " seconds, or until it is taken away.");
            return seconds == 0 ? next : next.seenUntil(stand.at() + seconds * 1000L);
        }

        Cued.Applied set(Stand stand, Held.HeldCards next) {
            String words =
                    "card " + (next.up() + 1) + ", " + cards().get(next.up()).label();
            String time = next.end() > stand.at() ? " for " + (next.end() - stand.at() + 999) / 1000 + " s" : "";
            return stand.done(piece, slot, next, next.shown() ? words + time : "taken away, " + words);
        }
    }
}
