package brandeon.core.art.tideline;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/** The family's signature: a plate whose right end falls in an S-curve, and ripples that repeat the curve. */
final class Plates {

    private static final double HANDLE = 0.48;

    private Plates() {
    }

    /** How far the wave runs, for a plate of a height. */
    static double run(double height) {
        return height * 0.62;
    }

    /**
     * A plate filling the box; its top right is cut by the wave.
     *
     * @param radius of the left corners
     */
    static Outline plate(Box box, double radius) {
        double r = Math.min(radius, box.height() / 2);
        double k = r * 0.4477;
        double top = box.right() - Math.min(run(box.height()), box.width() * 0.4);
        return Outline.pen()
                .move(box.x() + r, box.y())
                .line(top, box.y())
                .curve(top + (box.right() - top) * HANDLE, box.y(), box.right() - (box.right() - top) * HANDLE, box.bottom(), box.right(), box.bottom())
                .line(box.x() + r, box.bottom())
                .curve(box.x() + k, box.bottom(), box.x(), box.bottom() - k, box.x(), box.bottom() - r)
                .line(box.x(), box.y() + r)
                .curve(box.x(), box.y() + k, box.x() + k, box.y(), box.x() + r, box.y())
                .close().outline();
    }

    /** The filled ground of a piece, into which a picture may be laid. */
    static void ground(List<Mark> marks, Outline shape, Paint paint) {
        marks.add(new Mark.Filled(shape, paint));
        marks.add(new Mark.Bed(shape));
    }

    /** The falling curve of a plate alone, moved to the right. */
    static Outline wave(Box box, double by) {
        double top = box.right() - Math.min(run(box.height()), box.width() * 0.4) + by;
        double end = box.right() + by;
        return Outline.pen()
                .move(top, box.y())
                .curve(top + (end - top) * HANDLE, box.y(), end - (end - top) * HANDLE, box.bottom(), end, box.bottom())
                .outline();
    }

    /** Ripples after a plate, fading out; at least one pixel wide. They reach {@code 3 × step} past the box. */
    static List<Mark> ripples(Box box, Colour colour, double step, double unit) {
        List<Mark> marks = new ArrayList<>();
        double[] strength = {0.8, 0.45, 0.2};
        for (int i = 0; i < strength.length; i++) {
            marks.add(new Mark.Stroked(wave(box, step * (i + 1)), Paint.of(colour, strength[i]), Math.max(1, 2.5 * unit)));
        }
        return marks;
    }

    /** A small lantern: a disc with its light around it. */
    static List<Mark> lantern(double x, double y, double radius, Colour disc, Colour light) {
        return List.of(
                new Mark.Filled(Outline.circle(x, y, radius * 3.2), new Paint.Radial(x, y, radius * 3.2, List.of(
                        new Paint.Stop(0, light.withAlpha(0.5)), new Paint.Stop(0.4, light.withAlpha(0.18)), new Paint.Stop(1, light.withAlpha(0))))),
                new Mark.Filled(Outline.circle(x, y, radius), Paint.of(disc)));
    }
}
