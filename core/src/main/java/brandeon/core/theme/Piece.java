package brandeon.core.theme;

import brandeon.core.text.Message;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Anything placed on a scene. The same piece may be on many scenes.
 *
 * @param capture id of the capture behind a frame's opening; empty for other kinds
 * @param inlay   the ready-made picture laid into it
 */
public record Piece(String id, PieceKind kind, String name, String capture, Map<String, String> texts, Map<String, Double> figures, Optional<Inlay> inlay) {

    public Piece {
        texts = new TreeMap<>(texts);
        figures = new TreeMap<>(figures);
        for (Map.Entry<String, String> entry : texts.entrySet()) {
            requireText(kind, entry.getKey());
            new Message(entry.getValue());
        }
        figures.forEach((field, value) -> requireFigure(kind, field, value));
    }

    public static Piece of(String id, PieceKind kind, String name) {
        return of(id, kind, name, "", Map.of(), Map.of());
    }

    public static Piece of(String id, PieceKind kind, String name, String capture, Map<String, String> texts, Map<String, Double> figures) {
        return new Piece(id, kind, name, capture, texts, figures, Optional.empty());
    }

    /** A text as written, or the kind's standard one. */
    public String text(String field) {
        PieceKind.Text known = requireText(kind, field);
        return texts.getOrDefault(field, known.standard());
    }

    public double figure(String field) {
        String written = field;
        PieceKind.Figure known = kind.figures().stream().filter(f -> f.name().equals(written)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A " + kind.title().toLowerCase(java.util.Locale.ROOT) + " has no figure “" + written + "”."));
        return figures.getOrDefault(field, known.standard());
    }

    public Piece withText(String field, String value) {
        Map<String, String> next = new TreeMap<>(texts);
        next.put(field, value);
        return new Piece(id, kind, name, capture, next, figures, inlay);
    }

    public Piece withFigure(String field, double value) {
        Map<String, Double> next = new TreeMap<>(figures);
        next.put(field, value);
        return new Piece(id, kind, name, capture, texts, next, inlay);
    }

    public Piece named(String newName) {
        return new Piece(id, kind, newName, capture, texts, figures, inlay);
    }

    public Piece with(Optional<Inlay> other) {
        return new Piece(id, kind, name, capture, texts, figures, other);
    }

    private static PieceKind.Text requireText(PieceKind kind, String field) {
        return kind.texts().stream().filter(t -> t.name().equals(field)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A piece of kind " + kind + " has no text “" + field + "”."));
    }

    private static void requireFigure(PieceKind kind, String field, double value) {
        PieceKind.Figure figure = kind.figures().stream().filter(f -> f.name().equals(field)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A piece of kind " + kind + " has no figure “" + field + "”."));
        if (!(value >= figure.least() && value <= figure.most())) {
            throw new IllegalArgumentException(figure.title() + " is " + value + "; it lies between " + figure.least() + " and " + figure.most() + ".");
        }
    }
}
