package brandeon.core.opening;

import brandeon.core.opening.FoundOpening.Contour;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Tells which shape a region has: each shape's edges are computed for the region's box with the size of corner that
 * the missing area asks for, and the shape whose edges lie nearest to the region's own wins. None within
 * {@value #NEAR} pixels and {@value #NEAR_SHARE} of the width on average: irregular.
 */
final class Contours {

    private static final double NEAR = 1.0;
    private static final double NEAR_SHARE = 0.006;
    /** Share of the box by which a hexagon must be larger than the diamond in it, which is half of the box. */
    private static final double LEAST_SIDE = 0.12;
    /** Corners below this radius, in pixels, are what smoothing leaves of square ones. */
    private static final double SQUARE = 2.5;
    /** Share of a square that a quarter circle in it leaves free. */
    private static final double ROUND_MISSING = 1 - Math.PI / 4;

    private Contours() {}

    /** @param corner radius or length of its corners, in pixels */
    record Match(Contour contour, double corner, double miss) {}

    /** How far each edge lies inside the box at a height, in pixels. */
    private interface Inset {
        double at(double y);
    }

    /** @param spans the region's rows, top to bottom */
    static Match match(List<Regions.Span> spans, double width) {
        double height = spans.size();
        double missing = width * height
                - spans.stream().mapToDouble(span -> span.right() - span.left()).sum();
        double radius = Math.min(Math.sqrt(Math.max(0, missing) / 4 / ROUND_MISSING), Math.min(width, height) / 2);
        double cut = Math.min(Math.sqrt(Math.max(0, missing) / 2), Math.min(width, height) / 2);
        Match square = both(Contour.RECTANGLE, 0, spans, width, _ -> 0);
        Match diamond =
                both(Contour.DIAMOND, 0, spans, width, y -> width / 2 * Math.abs(y - height / 2) / (height / 2));
        Match best = Stream.of(
                        square,
                        both(Contour.ROUNDED, radius, spans, width, y -> round(radius, Math.min(y, height - y))),
                        both(Contour.CUT_CORNERS, cut, spans, width, y -> Math.max(0, cut - Math.min(y, height - y))),
                        both(
                                Contour.ELLIPSE,
                                0,
                                spans,
                                width,
                                y -> width
                                        / 2
                                        * (1
                                                - Math.sqrt(Math.max(
                                                        0, 1 - Math.pow((y - height / 2) / (height / 2), 2))))),
                        // Points left and right: the missing area is four triangles of half the height.
                        both(
                                Contour.HEXAGON,
                                0,
                                spans,
                                width,
                                y -> missing / height * 2 * Math.abs(y - height / 2) / height),
                        // Points above and below: four triangles of half the width.
                        both(
                                Contour.HEXAGON,
                                0,
                                spans,
                                width,
                                y -> Math.max(
                                        0, width / 2 * (1 - Math.min(y, height - y) / Math.max(1, missing / width)))),
                        diamond,
                        slanted(spans, width, missing / height))
                .min(Comparator.comparingDouble(Match::miss))
                .orElseThrow();
        boolean squareEnough = best.contour() == Contour.ROUNDED || best.contour() == Contour.CUT_CORNERS;
        if (squareEnough && best.corner() < SQUARE) {
            best = square;
        }
        // A hexagon two of whose sides are only what smoothing leaves of a point is a diamond.
        if (best.contour() == Contour.HEXAGON && width * height - 2 * missing < LEAST_SIDE * width * height) {
            best = diamond;
        }
        return best.miss() <= Math.max(NEAR, NEAR_SHARE * width) ? best : new Match(Contour.IRREGULAR, 0, best.miss());
    }

    private static double round(double radius, double y) {
        return y >= radius ? 0 : radius - Math.sqrt(Math.max(0, radius * radius - (radius - y) * (radius - y)));
    }

    private static Match both(Contour contour, double corner, List<Regions.Span> spans, double width, Inset inset) {
        double sum = 0;
        for (int y = 0; y < spans.size(); y++) {
            double in = inset.at(y + 0.5);
            sum += Math.abs(spans.get(y).left() - in)
                    + Math.abs(width - in - spans.get(y).right());
        }
        return new Match(contour, corner, sum / spans.size() / 2);
    }

    /** A rectangle pushed over to either side: what is missing is two triangles of the whole height. */
    private static Match slanted(List<Regions.Span> spans, double width, double push) {
        double right = 0;
        double left = 0;
        for (int y = 0; y < spans.size(); y++) {
            double down = (y + 0.5) / spans.size() * push;
            double up = push - down;
            right += Math.abs(spans.get(y).left() - up)
                    + Math.abs(width - down - spans.get(y).right());
            left += Math.abs(spans.get(y).left() - down)
                    + Math.abs(width - up - spans.get(y).right());
        }
        return new Match(Contour.SLANTED, 0, Math.min(right, left) / spans.size() / 2);
    }
}
