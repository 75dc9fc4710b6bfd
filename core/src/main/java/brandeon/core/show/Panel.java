package brandeon.core.show;

import brandeon.core.art.ClockFace;
import brandeon.core.kind.Content;
import brandeon.core.kind.ContentType;
import brandeon.core.kind.Field;
import brandeon.core.kind.PieceKind;
import brandeon.core.motion.Run;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import java.util.List;
import java.util.Optional;

/** What can be done on a show now, piece by piece: everything that a page needs to offer cues. */
public final class Panel {

    /**
     * One piece.
     *
     * @param alike names of other pieces that show the same
     * @param held  whether the show says something of it in place of its theme
     * @param seen  unless somebody hid it by hand
     * @param sides whether its numbers are those of two sides
     * @param rounds whether its sides win rounds
     * @param added  lines that were added to it; empty where none can be
     */
    public record Control(
            String piece,
            PieceKind kind,
            String name,
            List<String> alike,
            boolean held,
            boolean seen,
            Optional<Dial> dial,
            List<Tally> tallies,
            boolean sides,
            boolean rounds,
            List<SideColour> tints,
            Optional<Deck> deck,
            List<Order> orders,
            Optional<Added> added,
            List<Line> lines) {}

    /**
     * A clock.
     *
     * @param length milliseconds that it shows before it is started
     * @param toward time of day that it counts down to; empty for a length of time
     * @param then   id of the sequence that starts at zero; empty for none
     */
    public record Dial(ClockFace.Mode mode, Run run, long length, String toward, String then) {}

    /**
     * A number.
     *
     * @param live whether it follows a live one, and cannot be counted by hand until it is set
     * @param held whether the show says it in place of its theme
     */
    public record Tally(
            String field,
            String title,
            double value,
            double step,
            double least,
            double most,
            boolean live,
            boolean held) {}

    /**
     * Cards.
     *
     * @param up   the one that is up, or would be, counted from 0
     * @param end  when it goes by itself, epoch milliseconds; 0 for never
     * @param next the one that comes next
     */
    public record Deck(List<TextRow> cards, int up, boolean shown, boolean own, long end, int next) {}

    /** A colour of a side. @param colour as {@code #2f6b4f}; empty for the theme's */
    public record SideColour(String field, String title, String colour) {}

    /**
     * Lines that were added.
     *
     * @param turns whether something takes turns, so that the next one may come sooner
     * @param held  whether it stands still
     */
    public record Added(List<Held.HeldLines.AddedLine> lines, boolean turns, boolean held) {}

    /** What is to be gone through. */
    public record Order(String field, String title, List<Content.Topic> points) {}

    /** Words that can be written over. @param over whether they are */
    public record Line(String field, String title, String words, boolean over) {}

    private Panel() {}

    /**
     * What somebody with some rights sees: nothing of what they may not change. Pieces of which nothing is left are
     * left out.
     */
    public static List<Control> within(List<Control> all, List<Grant> grants) {
        return all.stream()
                .map(control -> new Control(
                        control.piece(),
                        control.kind(),
                        control.name(),
                        control.alike(),
                        control.held(),
                        control.seen(),
                        control.dial().filter(_ -> any(grants, CueGroup.CLOCKS, control)),
                        any(grants, CueGroup.COUNTS, control) ? control.tallies() : List.of(),
                        control.sides() && Grant.take(grants, "swapSides", control.piece()),
                        control.rounds() && Grant.take(grants, "winRound", control.piece()),
                        Grant.take(grants, "colourSide", control.piece()) ? control.tints() : List.of(),
                        control.deck().filter(_ -> any(grants, CueGroup.CARDS, control)),
                        any(grants, CueGroup.POINTS, control) ? control.orders() : List.of(),
                        control.added().filter(_ -> any(grants, CueGroup.LINES, control)),
                        any(grants, CueGroup.WORDS, control) ? control.lines() : List.of()))
                .filter(control -> control.dial().isPresent()
                        || !control.tallies().isEmpty()
                        || control.deck().isPresent()
                        || !control.orders().isEmpty()
                        || control.rounds()
                        || !control.tints().isEmpty()
                        || control.added().isPresent()
                        || !control.lines().isEmpty()
                        || any(grants, CueGroup.SIGHT, control))
                .toList();
    }

    private static boolean any(List<Grant> grants, CueGroup group, Control control) {
        return group.deeds().keySet().stream().anyMatch(deed -> Grant.take(grants, deed, control.piece()));
    }

    /** In the order of the theme; of pieces that share what they show the one that has it. */
    public static List<Control> of(Show show, Starting starting) {
        Stand stand = new Stand(show, starting, 0);
        List<Piece> all = starting.pieces();
        return all.stream()
                .filter(piece -> !piece.kind().facts().apart() && !piece.handsOff())
                .filter(piece ->
                        piece.share().isEmpty() || starting.piece(piece.share()).isEmpty())
                .map(piece -> control(stand, piece, all))
                .toList();
    }

    private static Control control(Stand stand, Piece piece, List<Piece> all) {
        return new Control(
                piece.id(),
                piece.kind(),
                piece.name(),
                all.stream()
                        .filter(other -> other.share().equals(piece.id()))
                        .map(Piece::name)
                        .toList(),
                !stand.show().of(piece).isEmpty(),
                stand.held(piece, Slot.SIGHT, Held.HeldSight.class, "sight").shown(),
                Starting.counts(piece).map(mode -> dial(stand, piece, mode)),
                Starting.slots(piece, ContentType.COUNT).stream()
                        .map(field -> tally(stand, piece, field))
                        .toList(),
                !piece.kind().facts().sides().isEmpty(),
                piece.kind().facts().rounds().isPresent(),
                Starting.slots(piece, ContentType.TINT).stream()
                        .map(field -> new SideColour(
                                field,
                                title(piece, field),
                                stand.held(piece, field, Held.HeldTint.class, "colour")
                                        .colour()))
                        .toList(),
                piece.kind().facts().cards().map(_ -> deck(stand, piece)),
                Starting.slots(piece, ContentType.POINTS).stream()
                        .map(field -> order(stand, piece, field))
                        .toList(),
                piece.kind().facts().added().map(field -> added(stand, piece, field)),
                Starting.slots(piece, ContentType.WORDS).stream()
                        .map(field -> line(stand, piece, field))
                        .toList());
    }

    private static Dial dial(Stand stand, Piece piece, ClockFace.Mode mode) {
        Held.HeldClock clock = stand.held(piece, Slot.CLOCK, Held.HeldClock.class, "clock");
        return new Dial(mode, clock.run(), Starting.length(piece), clock.toward(), clock.then());
    }

    private static Tally tally(Stand stand, Piece piece, String field) {
        Held.HeldCount count = stand.held(piece, field, Held.HeldCount.class, "number");
        boolean live = !stand.held(piece, field)
                && piece.content(field) instanceof Content.Count theirs
                && !theirs.reading().isEmpty();
        return new Tally(
                field,
                title(piece, field),
                count.value(),
                count.step(),
                count.least(),
                count.most(),
                live,
                stand.held(piece, field));
    }

    private static Deck deck(Stand stand, Piece piece) {
        CardCue.Deck deck = CardCue.Deck.of(stand, piece.id());
        return new Deck(
                deck.cards(),
                deck.up(),
                deck.held().shown(),
                !deck.held().own().isEmpty(),
                deck.held().end(),
                deck.coming(deck.held()));
    }

    private static Added added(Stand stand, Piece piece, String field) {
        Held.HeldLines lines = stand.held(piece, Slot.ADDED, Held.HeldLines.class, "lines");
        return new Added(lines.lines(), piece.content(field) instanceof Content.Entries, lines.held());
    }

    private static Order order(Stand stand, Piece piece, String field) {
        return new Order(
                field,
                title(piece, field),
                stand.held(piece, field, Held.HeldPoints.class, "points").points());
    }

    private static Line line(Stand stand, Piece piece, String field) {
        return new Line(
                field,
                title(piece, field),
                stand.held(piece, field, Held.HeldWords.class, "words").pattern(),
                stand.held(piece, field));
    }

    private static String title(Piece piece, String field) {
        return piece.kind().field(field).map(Field::title).orElse("");
    }
}
