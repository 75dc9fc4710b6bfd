package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import java.util.List;

/** What fills a path. Gradients are given in canvas pixels and interpolated in sRGB between their stops. */
public sealed interface Paint {

    /** A colour at a place from 0 to 1. */
    record Stop(double offset, Colour colour) {}

    record Solid(Colour colour) implements Paint {}

    /** From (x1, y1) to (x2, y2). */
    record Linear(double x1, double y1, double x2, double y2, List<Stop> stops) implements Paint {

        /** Turned clockwise about the middle of a box; it still reaches from edge to edge. */
        Linear turned(double degrees, Box box) {
            double angle = Math.atan2(y2 - y1, x2 - x1) + Math.toRadians(degrees);
            double reach = (Math.abs(Math.cos(angle)) * box.width() + Math.abs(Math.sin(angle)) * box.height()) / 2;
            double dx = Math.cos(angle) * reach;
            double dy = Math.sin(angle) * reach;
            return new Linear(box.centreX() - dx, box.centreY() - dy, box.centreX() + dx, box.centreY() + dy, stops);
        }
    }

    /** From the centre outward to the radius. */
    record Radial(double x, double y, double radius, List<Stop> stops) implements Paint {}

    static Paint of(Colour colour) {
        return new Solid(colour);
    }

    static Paint of(Colour colour, double alpha) {
        return new Solid(colour.withAlpha(alpha));
    }

    /** Stops between two colours by way of OKLab, where mixtures stay clear. Opacity runs evenly. */
    static List<Stop> blend(Colour from, Colour to) {
        return stops(Gradient.along(from, to, Gradient.Way.OKLAB));
    }

    static List<Stop> stops(List<Gradient.Point> points) {
        return points.stream()
                .map(point -> new Stop(point.offset(), point.colour()))
                .toList();
    }

    /** A mixture in OKLab; share 0 is {@code from}. */
    static Colour mix(Colour from, Colour to, double share) {
        return Gradient.between(from, to, share, Gradient.Way.OKLAB);
    }
}
