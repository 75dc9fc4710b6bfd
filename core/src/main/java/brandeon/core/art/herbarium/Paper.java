package brandeon.core.art.herbarium;

import brandeon.core.art.Easel;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Wind;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/** What can be done with paper: tear it, tape it, sew it. */
final class Paper {

    private static final int MOST_STEPS = 160;

    private Paper() {}

    /** A sheet torn at top and bottom; it stays inside the box. */
    static Outline sheet(Box box, double torn, double step) {
        Outline.Pen pen = Outline.pen().move(box.x(), box.y() + torn);
        tear(pen, box.x(), box.right(), box.y() + torn, torn, step, 3);
        pen.line(box.right(), box.bottom() - torn);
        tear(pen, box.right(), box.x(), box.bottom() - torn, torn, step, 8);
        return pen.close().outline();
    }

    static Outline tornTop(Box box, double torn, double step) {
        Outline.Pen pen = Outline.pen().move(box.x(), box.y() + torn);
        tear(pen, box.x(), box.right(), box.y() + torn, torn, step, 5);
        return pen.line(box.right(), box.bottom())
                .line(box.x(), box.bottom())
                .close()
                .outline();
    }

    /** A torn line from one x to another, at most {@code by} above and below y; the same tear for the same seed. */
    static void tear(Outline.Pen pen, double from, double to, double y, double by, double step, long seed) {
        Wind wind = new Wind(seed);
        int steps = Math.clamp((long) Math.ceil(Math.abs(to - from) / Math.max(2, step)), 2, MOST_STEPS);
        for (int i = 1; i <= steps; i++) {
            double x = from + (to - from) * (i == steps ? 1 : (i + 0.35 * wind.either()) / steps);
            pen.line(x, i == steps ? y : y + by * wind.either());
        }
    }

    /** A strip with toothed ends, as from a dispenser. */
    static Outline tape(Box box, double tooth) {
        int teeth = Math.clamp(Math.round(box.height() / Math.max(1, tooth * 1.6)), 2, 9);
        double step = box.height() / teeth;
        Outline.Pen pen = Outline.pen().move(box.x(), box.y()).line(box.right(), box.y());
        for (int i = 0; i < teeth; i++) {
            pen.line(box.right() - tooth, box.y() + step * (i + 0.5)).line(box.right(), box.y() + step * (i + 1));
        }
        pen.line(box.x(), box.bottom());
        for (int i = teeth - 1; i >= 0; i--) {
            pen.line(box.x() + tooth, box.y() + step * (i + 0.5)).line(box.x(), box.y() + step * i);
        }
        return pen.close().outline();
    }

    /** Stitches along a level line. */
    static List<Mark> stitch(Easel easel, double from, double to, double y, Colour colour) {
        double length = Math.max(4, easel.px(15));
        double gap = length * 0.62;
        Outline.Pen pen = Outline.pen();
        for (double x = from; x < to; x += length + gap) {
            pen.move(x, y).line(Math.min(to, x + length), y);
        }
        return List.of(new Mark.Stroked(pen.outline(), Paint.of(colour, 0.85), easel.line(3)));
    }

    /** Stitches along the upper and lower edge of a box. */
    static List<Mark> stitches(Easel easel, Box box, Colour colour) {
        List<Mark> marks = new ArrayList<>();
        for (double y : new double[] {box.y(), box.bottom()}) {
            double length = Math.max(3, easel.px(9));
            Outline.Pen pen = Outline.pen();
            for (double x = box.x(); x < box.right(); x += length * 2) {
                pen.move(x, y).line(Math.min(box.right(), x + length), y);
            }
            marks.add(new Mark.Stroked(pen.outline(), Paint.of(colour, 0.4), easel.line(1.5)));
        }
        return marks;
    }
}
