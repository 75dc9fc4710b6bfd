package brandeon.core.art;

import brandeon.core.canvas.Box;

/**
 * The part of a piece through which a capture shows: its edges in whole canvas pixels, its corner and its bleed.
 *
 * @param corner radius of round corners or length of cut ones, in pixels; of no meaning for the other shapes
 * @param masked whether the capture needs its mask, since nothing hides what sticks out around the shape
 */
public record Opening(Box box, Shape shape, double corner, double bleed, boolean masked) {

    /** How much longer a cut of 45 degrees is when its rectangle grows by one. */
    private static final double CUT_GROWS = 2 - Math.sqrt(2);

    /** What an opening looks like. */
    public enum Shape { RECTANGLE, CUT, ELLIPSE, HEXAGON }

    Opening at(Box other) {
        return new Opening(other, shape, corner, bleed, masked);
    }

    /** Its edge, grown by some pixels on every side. */
    public Outline outline(double grown) {
        return outline(shape, box.grown(grown), corner + (shape == Shape.CUT ? grown * CUT_GROWS : grown));
    }

    /** A shape that fills a box. */
    public static Outline outline(Shape shape, Box box, double corner) {
        return switch (shape) {
            case RECTANGLE -> Outline.rounded(box, corner);
            case CUT -> Outline.cut(box, corner);
            case ELLIPSE -> Outline.ellipse(box);
            case HEXAGON -> Outline.hexagon(box);
        };
    }
}
