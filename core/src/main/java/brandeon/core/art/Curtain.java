package brandeon.core.art;

import brandeon.core.motion.Track;
import java.util.List;

/**
 * What covers the canvas between two scenes: leaves that come from somewhere, together leave no canvas pixel
 * see-through, and go somewhere. The first leaf lies at the bottom.
 */
public record Curtain(List<Leaf> leaves) {

    public Curtain {
        leaves = List.copyOf(leaves);
    }

    /**
     * One part of a curtain, painted where it covers.
     *
     * @param from   where it comes from, at offset 0
     * @param to     where it goes, at offset 1
     * @param order  when it comes and goes, 0 first to 1 last
     */
    public record Leaf(List<Mark> marks, Track.Key from, Track.Key to, double order) {

        public Leaf {
            marks = List.copyOf(marks);
        }

        /** Moved in by some pixels, and out the other way. */
        public static Leaf through(List<Mark> marks, double dx, double dy, double order) {
            return new Leaf(
                    marks,
                    Track.Key.still(0).movedBy(dx, dy),
                    Track.Key.still(1).movedBy(-dx, -dy),
                    order);
        }

        /** Growing from a place, and shrinking into it. */
        public static Leaf growing(List<Mark> marks, double x, double y, double order) {
            return new Leaf(
                    marks,
                    Track.Key.still(0).scaledBy(0, x, y),
                    Track.Key.still(1).scaledBy(0, x, y),
                    order);
        }

        /** Turned left to right about an upright axis. */
        Leaf mirrored(double axis) {
            return new Leaf(Mirror.across(axis, marks), Mirror.key(2 * axis, from), Mirror.key(2 * axis, to), order);
        }
    }

    /** Turned left to right. */
    public Curtain mirrored(double axis) {
        return new Curtain(leaves.stream().map(leaf -> leaf.mirrored(axis)).toList());
    }
}
