package brandeon.core.art;

import java.util.List;

/**
 * What surrounds an opening.
 *
 * @param corner radius of the opening's corners, in pixels
 */
public record Ring(List<Mark> marks, double corner) {

    /** How far a capture reaches under the ring, in units. */
    public static final double BLEED = 3;
    /** Bleed, and what even crops leave over, in units. */
    private static final double UNDER = 5;

    public Ring {
        marks = List.copyOf(marks);
    }

    /**
     * Outer radius of the roundest ring that hides a capture's square corner. A source cannot be masked by another
     * one, so a corner that reaches so far under a border of this width must stay inside the round one:
     * (border - under) / (√2 - 1) × √2, less a little for rounding to whole pixels.
     *
     * @param border in pixels
     */
    public static double roundest(Easel easel, double border) {
        double under = Math.max(2, easel.px(UNDER));
        return Math.max(0, (border - under) / (Math.sqrt(2) - 1) * Math.sqrt(2)) * 0.96;
    }
}
