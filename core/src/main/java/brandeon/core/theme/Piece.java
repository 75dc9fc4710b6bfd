package brandeon.core.theme;

import brandeon.core.canvas.Box;
import brandeon.core.text.Message;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Anything placed on a scene. The same piece may be on many scenes.
 *
 * @param captures ids of the captures behind a frame's openings, in their order; empty for other kinds
 * @param inlay    the ready-made picture laid into it
 * @param mustShow whether it is never left out where a canvas has too little room
 */
public record Piece(String id, PieceKind kind, String name, List<String> captures, Map<String, String> texts, Map<String, Double> figures, Optional<Inlay> inlay, boolean mustShow) {

    public static final int MOST_OPENINGS = 8;

    public Piece {
        captures = List.copyOf(captures);
        if (captures.size() > MOST_OPENINGS) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "A piece has at most %d openings.", MOST_OPENINGS));
        }
        texts = new TreeMap<>(texts);
        figures = new TreeMap<>(figures);
        for (Map.Entry<String, String> entry : texts.entrySet()) {
            requireText(kind, entry.getKey());
            new Message(entry.getValue());
            if (kind == PieceKind.CLOCK && entry.getKey().equals("zone")) {
                requireZone(entry.getValue());
            }
        }
        figures.forEach((field, value) -> requireFigure(kind, field, value));
    }

    public static Piece of(String id, PieceKind kind, String name) {
        return of(id, kind, name, "", Map.of(), Map.of());
    }

    public static Piece of(String id, PieceKind kind, String name, String capture, Map<String, String> texts, Map<String, Double> figures) {
        return new Piece(id, kind, name, capture.isEmpty() ? List.of() : List.of(capture), texts, figures, Optional.empty(), false);
    }

    /** The capture behind its first opening; empty for none. */
    public String capture() {
        return captures.isEmpty() ? "" : captures.getFirst();
    }

    /** The size in pixels that it has on any canvas: a picture for a channel page is as large as it is said to be. */
    public Optional<Box> ownSize() {
        return kind == PieceKind.PANEL ? Optional.of(new Box(0, 0, Math.rint(figure("width")), Math.rint(figure("height")))) : Optional.empty();
    }

    /** A text as written, or the kind's standard one. */
    public String text(String field) {
        PieceKind.Text known = requireText(kind, field);
        return texts.getOrDefault(field, known.standard());
    }

    public double figure(String field) {
        PieceKind.Figure known = kind.figure(field)
                .orElseThrow(() -> new IllegalArgumentException("A " + kind.title().toLowerCase(java.util.Locale.ROOT) + " has no figure “" + field + "”."));
        return figures.getOrDefault(field, known.standard());
    }

    public Piece withText(String field, String value) {
        Map<String, String> next = new TreeMap<>(texts);
        next.put(field, value);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow);
    }

    public Piece withoutText(String field) {
        Map<String, String> next = new TreeMap<>(texts);
        next.remove(field);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow);
    }

    public Piece withoutFigure(String field) {
        Map<String, Double> next = new TreeMap<>(figures);
        next.remove(field);
        return new Piece(id, kind, name, captures, texts, next, inlay, mustShow);
    }

    public Piece withFigure(String field, double value) {
        Map<String, Double> next = new TreeMap<>(figures);
        next.put(field, value);
        return new Piece(id, kind, name, captures, texts, next, inlay, mustShow);
    }

    public Piece named(String newName) {
        return new Piece(id, kind, newName, captures, texts, figures, inlay, mustShow);
    }

    public Piece with(Optional<Inlay> other) {
        return new Piece(id, kind, name, captures, texts, figures, other, mustShow);
    }

    public Piece withCaptures(List<String> next) {
        return new Piece(id, kind, name, next, texts, figures, inlay, mustShow);
    }

    public Piece mustShow(boolean must) {
        return new Piece(id, kind, name, captures, texts, figures, inlay, must);
    }

    /** With some texts in place of its own. */
    public Piece saying(Map<String, String> others) {
        if (others.isEmpty()) {
            return this;
        }
        Map<String, String> next = new TreeMap<>(texts);
        next.putAll(others);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow);
    }

    private static PieceKind.Text requireText(PieceKind kind, String field) {
        return kind.text(field)
                .orElseThrow(() -> new IllegalArgumentException("A piece of kind " + kind + " has no text “" + field + "”."));
    }

    private static void requireZone(String zone) {
        if (!ZoneId.getAvailableZoneIds().contains(zone)) {
            throw new IllegalArgumentException("There is no time zone called “" + zone + "”; write it like Europe/London or UTC.");
        }
    }

    private static void requireFigure(PieceKind kind, String field, double value) {
        PieceKind.Figure figure = kind.figure(field)
                .orElseThrow(() -> new IllegalArgumentException("A piece of kind " + kind + " has no figure “" + field + "”."));
        if (!(value >= figure.least() && value <= figure.most())) {
            throw new IllegalArgumentException(figure.title() + " is " + value + "; it lies between " + figure.least() + " and " + figure.most() + ".");
        }
    }
}
