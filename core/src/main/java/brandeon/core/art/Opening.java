package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Share;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The part of a piece through which a capture shows: its edges in whole canvas pixels, its corner and its bleed.
 *
 * @param corner radius of round corners or length of cut ones, in pixels; of no meaning for the other shapes
 * @param edge   corners of a {@link Shape#FREE free} outline, as shares of the box; empty for the other shapes
 * @param masked whether the capture needs its mask, since nothing hides what sticks out around the shape
 */
public record Opening(Box box, Shape shape, double corner, List<Share> edge, double bleed, boolean masked) {

    /** How much longer a cut of 45 degrees is when its rectangle grows by one. */
    private static final double CUT_GROWS = 2 - Math.sqrt(2);

    /** What an opening looks like. */
    public enum Shape {
        RECTANGLE,
        CUT,
        ELLIPSE,
        HEXAGON,
        FREE
    }

    public Opening {
        edge = List.copyOf(edge);
    }

    /** Of a shape that its box and corner say whole. */
    public static Opening of(Box box, Shape shape, double corner, double bleed, boolean masked) {
        return new Opening(box, shape, corner, List.of(), bleed, masked);
    }

    /** The same opening elsewhere. @param turned where each corner goes within the box */
    Opening at(Box other, UnaryOperator<Share> turned) {
        return new Opening(other, shape, corner, edge.stream().map(turned).toList(), bleed, masked);
    }

    /** Its edge, grown by some pixels on every side. */
    public Outline outline(double grown) {
        if (shape == Shape.FREE) {
            return Outline.polygon(edge.stream()
                            .map(share -> new Outline.Line(
                                    box.x() + share.x() * box.width(), box.y() + share.y() * box.height()))
                            .toList())
                    .grown(grown);
        }
        return outline(shape, box.grown(grown), corner + (shape == Shape.CUT ? grown * CUT_GROWS : grown));
    }

    /** A shape that fills a box. */
    static Outline outline(Shape shape, Box box, double corner) {
        return switch (shape) {
            case RECTANGLE -> Outline.rounded(box, corner);
            case CUT -> Outline.cut(box, corner);
            case ELLIPSE -> Outline.ellipse(box);
            case HEXAGON -> Outline.hexagon(box);
            case FREE -> Outline.rectangle(box);
        };
    }
}
