package brandeon.core.theme;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import java.util.EnumMap;
import java.util.Map;

/**
 * A piece on a scene: the zone it fills, and hand-made corrections per canvas shape.
 *
 * @param corrections boxes in units (1080 to the short side) from the canvas's top left
 */
public record Placed(String piece, Zone zone, Map<Shape, Box> corrections) {

    /** Smaller than this, in units, a piece can no longer be seen or grabbed. */
    public static final double LEAST_SIDE = 8;

    public Placed {
        Map<Shape, Box> kept = new EnumMap<>(Shape.class);
        corrections.forEach((shape, box) -> {
            if (box.width() < LEAST_SIDE || box.height() < LEAST_SIDE) {
                throw new IllegalArgumentException("A piece of %.0f × %.0f is too small; each side is at least %.0f.".formatted(box.width(), box.height(), LEAST_SIDE));
            }
            kept.put(shape, box);
        });
        corrections = kept;
    }

    public static Placed in(Zone zone, String piece) {
        return new Placed(piece, zone, Map.of());
    }

    public Placed corrected(Shape shape, Box box) {
        Map<Shape, Box> next = new EnumMap<>(Shape.class);
        next.putAll(corrections);
        next.put(shape, box);
        return new Placed(piece, zone, next);
    }

    public Placed uncorrected(Shape shape) {
        Map<Shape, Box> next = new EnumMap<>(Shape.class);
        next.putAll(corrections);
        next.remove(shape);
        return new Placed(piece, zone, next);
    }
}
