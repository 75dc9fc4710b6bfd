package brandeon.core.art.theodolite;

import brandeon.core.art.Easel;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/** What a draughtsman draws: cut plates, graduated lines, brackets, a target. */
final class Drafting {

    private static final double TICK_STEP = 14;
    private static final int LONG_EVERY = 5;

    private Drafting() {}

    /** Top right and bottom left corner cut off. */
    static Outline cut(Box box, double by) {
        return Outline.pen()
                .move(box.x(), box.y())
                .line(box.right() - by, box.y())
                .line(box.right(), box.y() + by)
                .line(box.right(), box.bottom())
                .line(box.x() + by, box.bottom())
                .line(box.x(), box.bottom() - by)
                .close()
                .outline();
    }

    static Outline allCut(Box box, double by) {
        return Outline.pen()
                .move(box.x() + by, box.y())
                .line(box.right() - by, box.y())
                .line(box.right(), box.y() + by)
                .line(box.right(), box.bottom() - by)
                .line(box.right() - by, box.bottom())
                .line(box.x() + by, box.bottom())
                .line(box.x(), box.bottom() - by)
                .line(box.x(), box.y() + by)
                .close()
                .outline();
    }

    /** Ticks along a level line, every fifth one long; one path, on whole pixels. */
    static List<Mark> scale(
            Easel easel, double from, double to, double y, int direction, double length, Colour colour) {
        double step = Math.max(
                4, Math.rint(easel.px(TICK_STEP / Math.max(0.2, easel.tune().ornament()))));
        Outline.Pen pen = Outline.pen();
        int count = 0;
        for (double x = Math.ceil(from) + 0.5; x <= to; x += step) {
            double reach = direction * Math.max(2, length * (count % LONG_EVERY == 0 ? 1 : 0.5));
            pen.move(x, y).line(x, y + reach);
            count++;
        }
        return count == 0
                ? List.of()
                : List.of(new Mark.Stroked(pen.outline(), Paint.of(colour, 0.8), easel.line(1.5)));
    }

    /** A bracket at each corner of a box. */
    static List<Mark> brackets(Box box, double arm, double thick, Colour colour) {
        List<Mark> marks = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? box.x() : box.right();
            double y = corner < 2 ? box.y() : box.bottom();
            double dx = corner % 2 == 0 ? arm : -arm;
            double dy = corner < 2 ? arm : -arm;
            marks.add(new Mark.Stroked(
                    Outline.pen().move(x + dx, y).line(x, y).line(x, y + dy).outline(), Paint.of(colour), thick));
        }
        return marks;
    }

    /** A ring with a dot and four hairs. */
    static List<Mark> target(double x, double y, double radius, double thick, Colour ring, Colour hairs) {
        return List.of(
                new Mark.Stroked(
                        Outline.pen()
                                .move(x - radius, y)
                                .line(x - radius * 0.45, y)
                                .move(x + radius * 0.45, y)
                                .line(x + radius, y)
                                .move(x, y - radius)
                                .line(x, y - radius * 0.45)
                                .move(x, y + radius * 0.45)
                                .line(x, y + radius)
                                .outline(),
                        Paint.of(hairs),
                        thick),
                new Mark.Stroked(Outline.circle(x, y, radius * 0.68), Paint.of(ring), thick),
                new Mark.Filled(Outline.circle(x, y, radius * 0.2), Paint.of(ring)));
    }
}
