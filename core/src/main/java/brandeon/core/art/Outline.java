package brandeon.core.art;

import brandeon.core.canvas.Box;
import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

/**
 * A path of lines and cubic curves in canvas pixels. Areas are filled by the even-odd rule, so that a path inside
 * another one is a hole.
 */
public record Outline(List<Step> steps) {

    /** How far along the handle of a cubic lies for a quarter circle. */
    private static final double QUARTER = 0.5522847498;

    /** One step of a path. */
    public sealed interface Step {}

    public record Move(double x, double y) implements Step {}

    public record Line(double x, double y) implements Step {}

    public record Curve(double x1, double y1, double x2, double y2, double x, double y) implements Step {}

    public record Close() implements Step {}

    public Outline {
        steps = List.copyOf(steps);
    }

    public static Pen pen() {
        return new Pen();
    }

    public static Outline rectangle(Box box) {
        return pen().move(box.x(), box.y())
                .line(box.right(), box.y())
                .line(box.right(), box.bottom())
                .line(box.x(), box.bottom())
                .close()
                .outline();
    }

    /** A rectangle with round corners; the radius is limited to half the shorter side. */
    public static Outline rounded(Box box, double radius) {
        double r = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        if (r <= 0) {
            return rectangle(box);
        }
        double k = r * (1 - QUARTER);
        return pen().move(box.x() + r, box.y())
                .line(box.right() - r, box.y())
                .curve(box.right() - k, box.y(), box.right(), box.y() + k, box.right(), box.y() + r)
                .line(box.right(), box.bottom() - r)
                .curve(box.right(), box.bottom() - k, box.right() - k, box.bottom(), box.right() - r, box.bottom())
                .line(box.x() + r, box.bottom())
                .curve(box.x() + k, box.bottom(), box.x(), box.bottom() - k, box.x(), box.bottom() - r)
                .line(box.x(), box.y() + r)
                .curve(box.x(), box.y() + k, box.x() + k, box.y(), box.x() + r, box.y())
                .close()
                .outline();
    }

    /** A rectangle whose corners are cut off at 45 degrees. */
    public static Outline cut(Box box, double by) {
        double c = Math.min(by, Math.min(box.width(), box.height()) / 2);
        if (c <= 0) {
            return rectangle(box);
        }
        return pen().move(box.x() + c, box.y())
                .line(box.right() - c, box.y())
                .line(box.right(), box.y() + c)
                .line(box.right(), box.bottom() - c)
                .line(box.right() - c, box.bottom())
                .line(box.x() + c, box.bottom())
                .line(box.x(), box.bottom() - c)
                .line(box.x(), box.y() + c)
                .close()
                .outline();
    }

    public static Outline ellipse(Box box) {
        double rx = box.width() / 2;
        double ry = box.height() / 2;
        double x = box.centreX();
        double y = box.centreY();
        return pen().move(x + rx, y)
                .curve(x + rx, y + ry * QUARTER, x + rx * QUARTER, y + ry, x, y + ry)
                .curve(x - rx * QUARTER, y + ry, x - rx, y + ry * QUARTER, x - rx, y)
                .curve(x - rx, y - ry * QUARTER, x - rx * QUARTER, y - ry, x, y - ry)
                .curve(x + rx * QUARTER, y - ry, x + rx, y - ry * QUARTER, x + rx, y)
                .close()
                .outline();
    }

    /** Six corners, two of them at the middle of the left and the right side. */
    public static Outline hexagon(Box box) {
        double quarter = box.width() / 4;
        return pen().move(box.x() + quarter, box.y())
                .line(box.right() - quarter, box.y())
                .line(box.right(), box.centreY())
                .line(box.right() - quarter, box.bottom())
                .line(box.x() + quarter, box.bottom())
                .line(box.x(), box.centreY())
                .close()
                .outline();
    }

    /** A closed path from corner to corner. */
    public static Outline polygon(List<Line> corners) {
        Pen pen = pen();
        for (int i = 0; i < corners.size(); i++) {
            Line corner = corners.get(i);
            if (i == 0) {
                pen.move(corner.x(), corner.y());
            } else {
                pen.line(corner.x(), corner.y());
            }
        }
        return pen.close().outline();
    }

    public static Outline circle(double x, double y, double radius) {
        return rounded(new Box(x - radius, y - radius, 2 * radius, 2 * radius), radius);
    }

    /** Both paths as one; where they overlap there is a hole. */
    public Outline with(Outline other) {
        List<Step> all = new ArrayList<>(steps);
        all.addAll(other.steps);
        return new Outline(all);
    }

    /**
     * A closed path with its edge moved outwards, corners mitred up to four times that.
     *
     * @param by in pixels; 0 and below leave it as it is
     */
    public Outline grown(double by) {
        if (by <= 0) {
            return this;
        }
        Area area = new Area(path());
        area.add(new Area(new BasicStroke((float) (2 * by), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 4)
                .createStrokedShape(path())));
        return of(area);
    }

    static Outline of(java.awt.Shape shape) {
        Pen pen = pen();
        double[] at = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator steps = shape.getPathIterator(null); !steps.isDone(); steps.next()) {
            int step = steps.currentSegment(at);
            switch (step) {
                case PathIterator.SEG_MOVETO -> pen.move(at[0], at[1]);
                case PathIterator.SEG_LINETO -> pen.line(at[0], at[1]);
                case PathIterator.SEG_QUADTO ->
                    pen.curve(
                            x + (at[0] - x) * 2 / 3,
                            y + (at[1] - y) * 2 / 3,
                            at[2] + (at[0] - at[2]) * 2 / 3,
                            at[3] + (at[1] - at[3]) * 2 / 3,
                            at[2],
                            at[3]);
                case PathIterator.SEG_CUBICTO -> pen.curve(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> pen.close();
            }
            int last = step == PathIterator.SEG_CUBICTO ? 4 : step == PathIterator.SEG_QUADTO ? 2 : 0;
            x = at[last];
            y = at[last + 1];
        }
        return pen.outline();
    }

    /** Every place multiplied, about the origin. */
    public Outline scaled(double by) {
        return new Outline(steps.stream()
                .map(step -> switch (step) {
                    case Move(double x, double y) -> new Move(x * by, y * by);
                    case Line(double x, double y) -> new Line(x * by, y * by);
                    case Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                        new Curve(x1 * by, y1 * by, x2 * by, y2 * by, x * by, y * by);
                    case Close() -> step;
                })
                .toList());
    }

    /** Turned about a point, degrees clockwise. */
    public Outline turned(double degrees, double px, double py) {
        AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(degrees), px, py);
        return new Outline(steps.stream()
                .map(step -> switch (step) {
                    case Move(double x, double y) ->
                        new Move(turned(turn, x, y).getX(), turned(turn, x, y).getY());
                    case Line(double x, double y) ->
                        new Line(turned(turn, x, y).getX(), turned(turn, x, y).getY());
                    case Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                        new Curve(
                                turned(turn, x1, y1).getX(),
                                turned(turn, x1, y1).getY(),
                                turned(turn, x2, y2).getX(),
                                turned(turn, x2, y2).getY(),
                                turned(turn, x, y).getX(),
                                turned(turn, x, y).getY());
                    case Close() -> step;
                })
                .toList());
    }

    private static Point2D turned(AffineTransform turn, double x, double y) {
        return turn.transform(new Point2D.Double(x, y), null);
    }

    /** The path in SVG's notation, with two decimals. */
    public String svg() {
        StringBuilder text = new StringBuilder(steps.size() * 16);
        for (Step step : steps) {
            switch (step) {
                case Move(double x, double y) -> Numbers.append(text.append('M'), x, y);
                case Line(double x, double y) -> Numbers.append(text.append('L'), x, y);
                case Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                    Numbers.append(text.append('C'), x1, y1, x2, y2, x, y);
                case Close() -> text.append('Z');
            }
        }
        return text.toString();
    }

    /** The path for Java2D. */
    public Path2D path() {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD, steps.size());
        for (Step step : steps) {
            switch (step) {
                case Move(double x, double y) -> path.moveTo(x, y);
                case Line(double x, double y) -> path.lineTo(x, y);
                case Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                    path.curveTo(x1, y1, x2, y2, x, y);
                case Close() -> path.closePath();
            }
        }
        return path;
    }

    /** Draws a path step by step. */
    public static final class Pen {
        private final List<Step> steps = new ArrayList<>();

        public Pen move(double x, double y) {
            steps.add(new Move(x, y));
            return this;
        }

        public Pen line(double x, double y) {
            steps.add(new Line(x, y));
            return this;
        }

        public Pen curve(double x1, double y1, double x2, double y2, double x, double y) {
            steps.add(new Curve(x1, y1, x2, y2, x, y));
            return this;
        }

        public Pen close() {
            steps.add(new Close());
            return this;
        }

        public Outline outline() {
            return new Outline(steps);
        }
    }
}
