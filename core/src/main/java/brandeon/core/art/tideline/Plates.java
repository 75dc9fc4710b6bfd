package brandeon.core.art.tideline;

import brandeon.core.art.Easel;
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
    /** Run of the wave by height, up to a height in units. */
    private static final double STEEP = 0.62;

    private static final double TALL = 220;

    private Plates() {}

    /**
     * How far the wave runs over a plate's height; on tall plates it gets steep instead, so that words keep their
     * room.
     */
    static double run(Easel easel, double height) {
        double tall = easel.px(TALL);
        return STEEP * (height <= tall ? height : tall * tall / height);
    }

    /**
     * A plate filling the box; its top right is cut by the wave.
     *
     * @param run    how far the wave runs
     * @param radius of the left corners
     */
    static Outline plate(Box box, double run, double radius) {
        double r = Math.min(radius, box.height() / 2);
        double k = r * 0.4477;
        double top = box.right() - Math.min(run, box.width() * 0.4);
        return Outline.pen()
                .move(box.x() + r, box.y())
                .line(top, box.y())
                .curve(
                        top + (box.right() - top) * HANDLE,
                        box.y(),
                        box.right() - (box.right() - top) * HANDLE,
                        box.bottom(),
                        box.right(),
                        box.bottom())
                .line(box.x() + r, box.bottom())
                .curve(box.x() + k, box.bottom(), box.x(), box.bottom() - k, box.x(), box.bottom() - r)
                .line(box.x(), box.y() + r)
                .curve(box.x(), box.y() + k, box.x() + k, box.y(), box.x() + r, box.y())
                .close()
                .outline();
    }

    /** The filled ground of a piece, into which a picture may be laid. */
    static void ground(List<Mark> marks, Outline shape, Paint paint) {
        marks.add(new Mark.Filled(shape, paint));
        marks.add(new Mark.Bed(shape));
    }

    /** The falling curve of a plate alone, moved to the right. */
    static Outline wave(Box box, double run, double by) {
        double top = box.right() - Math.min(run, box.width() * 0.4) + by;
        double end = box.right() + by;
        return Outline.pen()
                .move(top, box.y())
                .curve(top + (end - top) * HANDLE, box.y(), end - (end - top) * HANDLE, box.bottom(), end, box.bottom())
                .outline();
    }

    /** Ripples after a plate, fading out; at least one pixel wide. They reach {@code 3 × step} past the box. */
    static List<Mark> ripples(Box box, double run, Colour colour, double step, double unit) {
        List<Mark> marks = new ArrayList<>();
        double[] strength = {0.8, 0.45, 0.2};
        for (int i = 0; i < strength.length; i++) {
            marks.add(new Mark.Stroked(
                    wave(box, run, step * (i + 1)), Paint.of(colour, strength[i]), Math.max(1, 2.5 * unit)));
        }
        return marks;
    }

    /** A small lantern: a disc with its light around it. */
    static List<Mark> lantern(double x, double y, double radius, Colour disc, Colour light) {
        return List.of(
                new Mark.Filled(
                        Outline.circle(x, y, radius * 3.2),
                        new Paint.Radial(
                                x,
                                y,
                                radius * 3.2,
                                List.of(
                                        new Paint.Stop(0, light.withAlpha(0.5)),
                                        new Paint.Stop(0.4, light.withAlpha(0.18)),
                                        new Paint.Stop(1, light.withAlpha(0))))),
                new Mark.Filled(Outline.circle(x, y, radius), Paint.of(disc)));
    }

    /** A small bird in flight, seen from the side. */
    static Mark bird(double x, double y, double half, Colour colour) {
        return new Mark.Filled(
                Outline.pen()
                        .move(x - half, y + half * 0.28)
                        .curve(
                                x - half * 0.45,
                                y + half * 0.2,
                                x - half * 0.3,
                                y - half * 0.1,
                                x - half * 0.1,
                                y - half * 0.12)
                        .curve(
                                x - half * 0.25,
                                y - half * 0.55,
                                x - half * 0.1,
                                y - half * 0.85,
                                x + half * 0.1,
                                y - half)
                        .curve(
                                x + half * 0.12,
                                y - half * 0.6,
                                x + half * 0.35,
                                y - half * 0.3,
                                x + half * 0.5,
                                y - half * 0.12)
                        .curve(
                                x + half * 0.7,
                                y - half * 0.2,
                                x + half * 0.85,
                                y - half * 0.12,
                                x + half,
                                y + half * 0.06)
                        .curve(
                                x + half * 0.75,
                                y + half * 0.1,
                                x + half * 0.6,
                                y + half * 0.2,
                                x + half * 0.45,
                                y + half * 0.38)
                        .curve(
                                x + half * 0.15,
                                y + half * 0.7,
                                x - half * 0.3,
                                y + half * 0.6,
                                x - half * 0.5,
                                y + half * 0.4)
                        .close()
                        .outline(),
                Paint.of(colour));
    }
}
