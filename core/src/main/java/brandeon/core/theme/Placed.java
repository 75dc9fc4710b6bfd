package brandeon.core.theme;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.kind.Content;
import brandeon.core.kind.Zone;
import brandeon.core.problem.Mistake;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A piece on a scene: its place and manner there, what is different on one canvas shape, and the group that it moves
 * with.
 *
 * @param spot        its place on canvases without a correction
 * @param corrections hand-made places for one canvas shape
 * @param onCanvas    hand-made places for one canvas alone, by its id; they come before those for its shape
 * @param hidden      canvas shapes on which it does not show
 * @param manners     how it is laid where that differs from {@code manner}
 * @param content     what it says here on this scene that differs from what the piece says
 * @param group       name of the group; empty for none
 * @param locked      whether its place is safe from changes
 */
public record Placed(
        String piece,
        Spot spot,
        Map<Shape, Spot> corrections,
        Map<String, Spot> onCanvas,
        Set<Shape> hidden,
        Manner manner,
        Map<Shape, Manner> manners,
        Map<String, Content> content,
        String group,
        boolean locked,
        Arrival arrival) {

    private static final int LONGEST_GROUP = 60;

    public Placed {
        if (group.length() > LONGEST_GROUP) {
            throw new Mistake(String.format(Locale.ROOT, "The name of a group has at most %d letters.", LONGEST_GROUP));
        }
        corrections = sorted(corrections);
        onCanvas = Collections.unmodifiableMap(new TreeMap<>(onCanvas));
        manners = sorted(manners);
        hidden = new TreeSet<>(hidden);
        content = new TreeMap<>(content);
    }

    private static <T> Map<Shape, T> with(Map<Shape, T> byShape, Shape shape, T value) {
        Map<Shape, T> next = sorted(byShape);
        next.put(shape, value);
        return next;
    }

    private static <T> Map<Shape, T> without(Map<Shape, T> byShape, Shape shape) {
        Map<Shape, T> next = sorted(byShape);
        next.remove(shape);
        return next;
    }

    private static <T> Map<Shape, T> sorted(Map<Shape, T> byShape) {
        Map<Shape, T> kept = new EnumMap<>(Shape.class);
        kept.putAll(byShape);
        return kept;
    }

    public static Placed in(Zone zone, String piece) {
        return at(new Spot.InZone(zone), piece);
    }

    public static Placed at(Spot spot, String piece) {
        return new Placed(
                piece,
                spot,
                Map.of(),
                Map.of(),
                Set.of(),
                Manner.PLAIN,
                Map.of(),
                Map.of(),
                "",
                false,
                Arrival.AS_SCENE);
    }

    /** Its place on a canvas. */
    public Spot spot(Canvas canvas) {
        return onCanvas.getOrDefault(canvas.id(), spot(canvas.shape()));
    }

    /** Its place on a canvas shape, where nothing was placed for a canvas alone. */
    public Spot spot(Shape shape) {
        return corrections.getOrDefault(shape, spot);
    }

    /** Whether a hand-made place counts on a canvas, for it alone or for its shape. */
    public boolean corrected(Canvas canvas) {
        return onCanvas.containsKey(canvas.id()) || corrections.containsKey(canvas.shape());
    }

    public Manner manner(Shape shape) {
        return manners.getOrDefault(shape, manner);
    }

    public boolean shows(Shape shape) {
        return !hidden.contains(shape);
    }

    /** Another piece in all its places; what it says here stays behind. */
    public Placed of(String other) {
        return new Placed(
                other, spot, corrections, onCanvas, hidden, manner, manners, Map.of(), group, locked, arrival);
    }

    public Placed at(Spot other) {
        return new Placed(
                piece, other, corrections, onCanvas, hidden, manner, manners, content, group, locked, arrival);
    }

    public Placed corrected(Shape shape, Spot other) {
        return new Placed(
                piece,
                spot,
                with(corrections, shape, other),
                onCanvas,
                hidden,
                manner,
                manners,
                content,
                group,
                locked,
                arrival);
    }

    public Placed uncorrected(Shape shape) {
        return new Placed(
                piece,
                spot,
                without(corrections, shape),
                onCanvas,
                hidden,
                manner,
                manners,
                content,
                group,
                locked,
                arrival);
    }

    public Placed on(String canvas, Spot other) {
        Map<String, Spot> next = new TreeMap<>(onCanvas);
        next.put(canvas, other);
        return new Placed(piece, spot, corrections, next, hidden, manner, manners, content, group, locked, arrival);
    }

    public Placed notOn(String canvas) {
        Map<String, Spot> next = new TreeMap<>(onCanvas);
        next.remove(canvas);
        return new Placed(piece, spot, corrections, next, hidden, manner, manners, content, group, locked, arrival);
    }

    public Placed hidden(Shape shape, boolean hide) {
        Set<Shape> next = new TreeSet<>(hidden);
        if (hide) {
            next.add(shape);
        } else {
            next.remove(shape);
        }
        return new Placed(piece, spot, corrections, onCanvas, next, manner, manners, content, group, locked, arrival);
    }

    public Placed laid(Manner other) {
        return new Placed(piece, spot, corrections, onCanvas, hidden, other, manners, content, group, locked, arrival);
    }

    public Placed laid(Shape shape, Manner other) {
        return new Placed(
                piece,
                spot,
                corrections,
                onCanvas,
                hidden,
                manner,
                with(manners, shape, other),
                content,
                group,
                locked,
                arrival);
    }

    public Placed laidAsElsewhere(Shape shape) {
        return new Placed(
                piece,
                spot,
                corrections,
                onCanvas,
                hidden,
                manner,
                without(manners, shape),
                content,
                group,
                locked,
                arrival);
    }

    public Placed saying(Map<String, Content> others) {
        return new Placed(piece, spot, corrections, onCanvas, hidden, manner, manners, others, group, locked, arrival);
    }

    public Placed inGroup(String other) {
        return new Placed(piece, spot, corrections, onCanvas, hidden, manner, manners, content, other, locked, arrival);
    }

    public Placed locked(boolean lock) {
        return new Placed(piece, spot, corrections, onCanvas, hidden, manner, manners, content, group, lock, arrival);
    }

    public Placed arriving(Arrival other) {
        return new Placed(piece, spot, corrections, onCanvas, hidden, manner, manners, content, group, locked, other);
    }
}
