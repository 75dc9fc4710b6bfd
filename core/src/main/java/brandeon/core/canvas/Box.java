package brandeon.core.canvas;

import brandeon.core.problem.Mistake;

/** An upright rectangle in canvas pixels; y grows downward. Width and height are never negative. */
public record Box(double x, double y, double width, double height) {

    public Box {
        requireBox(x, y, width, height);
    }

    static void requireBox(double x, double y, double width, double height) {
        if (!(width >= 0 && height >= 0) || !Double.isFinite(x + y + width + height)) {
            throw new Mistake("A box of " + width + " × " + height + " at " + x + ", " + y + " is no box.");
        }
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public double centreX() {
        return x + width / 2;
    }

    public double centreY() {
        return y + height / 2;
    }

    public double area() {
        return width * height;
    }

    /** Grown by a distance on every side; a negative distance shrinks, to nothing at most. */
    public Box grown(double by) {
        double w = Math.max(0, width + 2 * by);
        double h = Math.max(0, height + 2 * by);
        return new Box(centreX() - w / 2, centreY() - h / 2, w, h);
    }

    /** The common part with another box; of size nothing where there is none. */
    public Box cut(Box other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        return new Box(
                left,
                top,
                Math.max(0, Math.min(right(), other.right()) - left),
                Math.max(0, Math.min(bottom(), other.bottom()) - top));
    }

    /** The smallest box around this one and another. */
    public Box around(Box other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Box(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    public Box moved(double dx, double dy) {
        return new Box(x + dx, y + dy, width, height);
    }

    /** The smallest upright box around this one turned about a point, degrees clockwise. */
    public Box turned(double degrees, double px, double py) {
        if (degrees == 0) {
            return this;
        }
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double w = width * Math.abs(cos) + height * Math.abs(sin);
        double h = width * Math.abs(sin) + height * Math.abs(cos);
        double dx = centreX() - px;
        double dy = centreY() - py;
        return new Box(px + dx * cos - dy * sin - w / 2, py + dx * sin + dy * cos - h / 2, w, h);
    }

    /** How far this box sticks out of another, on its worst side; 0 when it lies within. */
    public double outside(Box other) {
        return Math.max(
                0,
                Math.max(
                        Math.max(other.x - x, other.y - y),
                        Math.max(right() - other.right(), bottom() - other.bottom())));
    }

    /** Every edge moved to the nearest whole pixel. */
    public Box snapped() {
        double left = Math.rint(x);
        double top = Math.rint(y);
        return new Box(left, top, Math.rint(right()) - left, Math.rint(bottom()) - top);
    }

    /** In whole pixels, nothing of it cut off. */
    public Box outward() {
        double left = Math.floor(x);
        double top = Math.floor(y);
        return new Box(left, top, Math.ceil(right()) - left, Math.ceil(bottom()) - top);
    }

    /** The largest box of an aspect ratio inside this one, at a share (0 to 1) of the free space on each axis. */
    public Box fitted(double aspect, double alongX, double alongY) {
        double w = Math.min(width, height * aspect);
        double h = w / aspect;
        return new Box(x + (width - w) * alongX, y + (height - h) * alongY, w, h);
    }

    public Box scaled(double by) {
        return new Box(x * by, y * by, width * by, height * by);
    }
}
