package brandeon.core.theme;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Side;
import brandeon.core.kind.Zone;
import brandeon.core.problem.Mistake;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Locale;

/** How the place of a piece on a canvas is decided. Lengths are units: 1080 to the canvas's short side. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "by")
@JsonSubTypes({
    @Type(value = Spot.InZone.class, name = "zone"),
    @Type(value = Spot.Anchored.class, name = "anchor"),
    @Type(value = Spot.Attached.class, name = "attach")
})
public sealed interface Spot {

    /** Smaller than this, in units, a piece can no longer be seen or grabbed. */
    double LEAST_SIDE = 8;
    /** No place is farther away than this, in units. */
    double FARTHEST = 20_000;

    /** Fills a zone of the scene's zone plan. */
    record InZone(Zone zone) implements Spot {}

    /**
     * Keeps an offset from a point of the canvas to the same point of the piece.
     *
     * @param x to the right
     * @param y down
     */
    record Anchored(Anchor anchor, double x, double y, double width, double height) implements Spot {
        public Anchored {
            requireSide(width, height);
            requireNear(x, y, width + height);
        }
    }

    /** How a piece lies along the side of the other that it hangs on. */
    enum Along {
        START,
        MIDDLE,
        END,
        FULL
    }

    /**
     * Hangs outside on a side of another piece of the same scene and goes along with it.
     *
     * @param to    id of the other piece
     * @param along where it lies along that side; FULL makes it as long as the side
     * @param gap   between the two; negative overlaps
     */
    record Attached(String to, Side side, Along along, double gap, double width, double height) implements Spot {
        public Attached {
            requireSide(width, height);
            requireNear(gap, width, height);
        }
    }

    private static void requireSide(double width, double height) {
        if (!(width >= LEAST_SIDE && height >= LEAST_SIDE)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A piece of %.0f × %.0f is too small; each side is at least %.0f.",
                    width,
                    height,
                    LEAST_SIDE));
        }
    }

    private static void requireNear(double... lengths) {
        for (double length : lengths) {
            if (!(Math.abs(length) <= FARTHEST)) {
                throw new Mistake(String.format(
                        Locale.ROOT, "A place of %.0f units is out of range; it lies within %.0f.", length, FARTHEST));
            }
        }
    }
}
