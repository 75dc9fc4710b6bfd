package brandeon.core.theme;

import brandeon.core.canvas.Box;
import brandeon.core.kind.Content;
import brandeon.core.kind.ContentType;
import brandeon.core.kind.Field;
import brandeon.core.kind.Figure;
import brandeon.core.kind.PieceKind;
import brandeon.core.problem.Mistake;
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
 * @param share    id of the piece of the same kind whose numbers, points, cards and clock it shows as well; empty for
 *     its own
 * @param handsOff whether nobody may do anything to it during a show
 */
public record Piece(
        String id,
        PieceKind kind,
        String name,
        List<String> captures,
        Map<String, Content> content,
        Map<String, Double> figures,
        Optional<Inlay> inlay,
        boolean mustShow,
        String share,
        boolean handsOff) {

    public static final int MOST_OPENINGS = 8;

    public Piece {
        captures = List.copyOf(captures);
        if (captures.size() > MOST_OPENINGS) {
            throw new Mistake(String.format(Locale.ROOT, "A piece has at most %d openings.", MOST_OPENINGS));
        }
        content = new TreeMap<>(content);
        figures = new TreeMap<>(figures);
        content.forEach((field, value) -> requireContent(kind, field, value));
        figures.forEach((field, value) -> requireFigure(kind, field, value));
    }

    public static Piece of(String id, PieceKind kind, String name) {
        return of(id, kind, name, "", Map.of(), Map.of());
    }

    public static Piece of(
            String id,
            PieceKind kind,
            String name,
            String capture,
            Map<String, Content> content,
            Map<String, Double> figures) {
        return new Piece(
                id,
                kind,
                name,
                capture.isEmpty() ? List.of() : List.of(capture),
                content,
                figures,
                Optional.empty(),
                false,
                "",
                false);
    }

    /** The capture behind its first opening; empty for none. */
    public String capture() {
        return captures.isEmpty() ? "" : captures.getFirst();
    }

    /** The size in pixels that it has on any canvas: a picture for a channel page is as large as it is said to be. */
    public Optional<Box> ownSize() {
        return kind.facts().ownSize()
                ? Optional.of(new Box(0, 0, Math.rint(figure("width")), Math.rint(figure("height"))))
                : Optional.empty();
    }

    /** What it says in one field, or the kind's standard. */
    public Content content(String field) {
        Field known = requireField(kind, field);
        return content.getOrDefault(field, known.standard());
    }

    public double figure(String field) {
        Figure known = kind.figure(field)
                .orElseThrow(() -> new Mistake(
                        "A " + kind.title().toLowerCase(java.util.Locale.ROOT) + " has no figure “" + field + "”."));
        return figures.getOrDefault(field, known.standard());
    }

    public Piece withContent(String field, Content value) {
        Map<String, Content> next = new TreeMap<>(content);
        next.put(field, value);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow, share, handsOff);
    }

    /** With one text. */
    public Piece withWords(String field, String pattern) {
        return withContent(field, new Content.Words(pattern));
    }

    public Piece withoutContent(String field) {
        Map<String, Content> next = new TreeMap<>(content);
        next.remove(field);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow, share, handsOff);
    }

    public Piece withoutFigure(String field) {
        Map<String, Double> next = new TreeMap<>(figures);
        next.remove(field);
        return new Piece(id, kind, name, captures, content, next, inlay, mustShow, share, handsOff);
    }

    public Piece withFigure(String field, double value) {
        Map<String, Double> next = new TreeMap<>(figures);
        next.put(field, value);
        return new Piece(id, kind, name, captures, content, next, inlay, mustShow, share, handsOff);
    }

    public Piece named(String newName) {
        return new Piece(id, kind, newName, captures, content, figures, inlay, mustShow, share, handsOff);
    }

    public Piece with(Optional<Inlay> other) {
        return new Piece(id, kind, name, captures, content, figures, other, mustShow, share, handsOff);
    }

    public Piece withCaptures(List<String> next) {
        return new Piece(id, kind, name, next, content, figures, inlay, mustShow, share, handsOff);
    }

    public Piece mustShow(boolean must) {
        return new Piece(id, kind, name, captures, content, figures, inlay, must, share, handsOff);
    }

    public Piece sharing(String other) {
        return new Piece(id, kind, name, captures, content, figures, inlay, mustShow, other, handsOff);
    }

    public Piece handsOff(boolean off) {
        return new Piece(id, kind, name, captures, content, figures, inlay, mustShow, share, off);
    }

    /** Id of the piece under which a show keeps what it shares. */
    public String speaker() {
        return share.isEmpty() ? id : share;
    }

    /** With the numbers and points of another piece of its kind. */
    public Piece speakingAs(Piece other) {
        Piece next = this;
        for (Field field : kind.facts().fields()) {
            if (field.type() == ContentType.COUNT || field.type() == ContentType.POINTS) {
                next = next.withContent(field.name(), other.content(field.name()));
            }
        }
        return next;
    }

    /** With some content in place of its own. */
    public Piece saying(Map<String, Content> others) {
        if (others.isEmpty()) {
            return this;
        }
        Map<String, Content> next = new TreeMap<>(content);
        next.putAll(others);
        return new Piece(id, kind, name, captures, next, figures, inlay, mustShow, share, handsOff);
    }

    private static Field requireField(PieceKind kind, String field) {
        return kind.field(field)
                .orElseThrow(
                        () -> new Mistake("A piece of kind " + kind + " has nothing called “" + field + "” to say."));
    }

    private static void requireContent(PieceKind kind, String field, Content value) {
        Field known = requireField(kind, field);
        if (!known.type().takes(value)) {
            throw new Mistake(known.title() + " takes " + known.type().words() + ".");
        }
        value.require();
    }

    private static void requireFigure(PieceKind kind, String field, double value) {
        Figure figure = kind.figure(field)
                .orElseThrow(() -> new Mistake("A piece of kind " + kind + " has no figure “" + field + "”."));
        if (!(value >= figure.least() && value <= figure.most())) {
            throw new Mistake(figure.title() + " is " + value + "; it lies between " + figure.least() + " and "
                    + figure.most() + ".");
        }
    }
}
