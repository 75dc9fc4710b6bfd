package brandeon.core.show;

import brandeon.core.art.ClockFace;
import brandeon.core.kind.Content;
import brandeon.core.kind.ContentType;
import brandeon.core.kind.Field;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the themes of a show say before the show says something else. Where several themes have the same piece, the
 * first one counts.
 */
public final class Starting {

    private final Map<String, Piece> pieces = new LinkedHashMap<>();

    private Starting() {}

    /** @param themes the one that leads first */
    public static Starting of(List<Theme> themes) {
        Starting starting = new Starting();
        for (Theme theme : themes) {
            theme.pieces().forEach(piece -> starting.pieces.putIfAbsent(piece.id(), theme.speaking(piece)));
        }
        return starting;
    }

    /** What it takes in memory besides the themes, in bytes, roughly. */
    public int weight() {
        return 400 * pieces.size();
    }

    public Optional<Piece> piece(String id) {
        return Optional.ofNullable(pieces.get(id));
    }

    public List<Piece> pieces() {
        return List.copyOf(pieces.values());
    }

    /** What is said under a slot while the show holds nothing there; empty where a piece has no such slot. */
    static Optional<Held> held(Piece piece, String slot) {
        if (slot.equals(Slot.SIGHT)) {
            return Optional.of(new Held.HeldSight(true));
        }
        if (slot.equals(Slot.CLOCK)) {
            return piece.kind().facts().counts().map(_ -> Held.HeldClock.STANDING);
        }
        if (slot.equals(Slot.ADDED)) {
            return piece.kind().facts().added().map(_ -> Held.HeldLines.NONE);
        }
        if (piece.kind().facts().cards().equals(Optional.of(slot))) {
            return Optional.of(Held.HeldCards.FIRST);
        }
        Optional<Field> field = piece.kind().field(slot);
        return field.flatMap(_ -> switch (piece.content(slot)) {
            case Content.Count(String _, double number, String _, String _, String _) ->
                Optional.of(Held.HeldCount.of(number));
            case Content.Points(List<Content.Topic> points) -> Optional.of(new Held.HeldPoints(points));
            case Content.Words(String pattern) -> Optional.of(new Held.HeldWords(pattern));
            case Content.Tint(String colour) -> Optional.of(new Held.HeldTint(colour));
            case Content.Rows _,
                    Content.Entries _,
                    Content.Lines _,
                    Content.TimeZone _,
                    Content.Day _,
                    Content.Listing _ -> Optional.empty();
        });
    }

    /** Fields of one type that a piece has. */
    static List<String> slots(Piece piece, ContentType type) {
        return piece.kind().facts().fields().stream()
                .filter(field -> field.type() == type)
                .map(Field::name)
                .toList();
    }

    /** Which way a piece's clock runs; empty where it has none. */
    static Optional<ClockFace.Mode> counts(Piece piece) {
        return piece.kind().facts().counts();
    }

    /** What a piece's clock shows before it is started, in milliseconds. */
    static long length(Piece piece) {
        return counts(piece).equals(Optional.of(ClockFace.Mode.DOWN))
                ? Math.round(piece.figure("minutes") * ClockCue.MINUTE)
                : 0;
    }

    public static List<TextRow> cards(Piece piece) {
        return Spoken.cards(piece);
    }
}
