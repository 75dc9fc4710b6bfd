package brandeon.core.canvas;

import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * One output of the broadcast: its name, size in pixels, frames per second and safe margins.
 *
 * Lengths in a theme are in units: 1080 units are the short side of the canvas, whatever its size. On a canvas
 * whose short side is 1080 pixels, one unit is one pixel.
 */
public record Canvas(String id, String name, Size size, int frameRate, SafeMargins safe) {

    public static final double UNITS = 1080;
    private static final double SAME_PROPORTIONS = 0.005;
    private static final int LONGEST_NAME = 60;
    private static final int LEAST_SIDE = 180;
    /** Most pixels of a side; pictures are taken out as large as this, too. */
    public static final int MOST_SIDE = 7680;

    public Canvas {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A canvas's name has between 1 and %d letters.", LONGEST_NAME));
        }
        if (Math.min(size.width(), size.height()) < LEAST_SIDE || Math.max(size.width(), size.height()) > MOST_SIDE) {
            throw new Mistake("A canvas of " + size + " is out of range; its sides lie between " + LEAST_SIDE + " and "
                    + MOST_SIDE + " pixels.");
        }
        if (frameRate < 1 || frameRate > 240) {
            throw new Mistake("A frame rate of " + frameRate + " is out of range; it lies between 1 and 240.");
        }
    }

    /** With the safe margins of broadcasting. */
    public static Canvas of(String id, String name, Size size, int frameRate) {
        return new Canvas(id, name, size, frameRate, SafeMargins.BROADCAST);
    }

    /** The part of the canvas, in pixels, that is seen everywhere. */
    public Box safe(SafeArea area) {
        double x = size.width() * safe.share(area);
        double y = size.height() * safe.share(area);
        return new Box(x, y, size.width() - 2 * x, size.height() - 2 * y);
    }

    public Shape shape() {
        return Shape.of(size);
    }

    /** Whether another canvas differs in size only: within half a percent of this one's proportions. */
    public boolean sameProportions(Canvas other) {
        double ratio = (double) size.width() * other.size.height() / ((double) size.height() * other.size.width());
        return Math.abs(ratio - 1) <= SAME_PROPORTIONS;
    }

    /** Pixels in one unit. */
    public double unit() {
        return size.shortSide() / UNITS;
    }

    /** A box in units as whole canvas pixels. */
    public Box pixels(UnitBox box) {
        double u = unit();
        return new Box(box.x() * u, box.y() * u, box.width() * u, box.height() * u).snapped();
    }

    public UnitBox units(Box box) {
        double per = 1 / unit();
        return new UnitBox(box.x() * per, box.y() * per, box.width() * per, box.height() * per);
    }
}
