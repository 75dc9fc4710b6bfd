package brandeon.core.art.theodolite;

import brandeon.core.art.Easel;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Wind;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** A map of invented land: grid, contour lines around two hills, and a target with a graduated circle. */
final class Survey {

    private static final double GRID = 120;
    private static final int ROUND = 14;

    private Survey() {}

    static PieceArt screen(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        double x = box.x() + box.width() * (upright ? 0.5 : 0.74);
        double y = box.y() + box.height() * (upright ? 0.66 : 0.52);
        double radius = easel.px(upright ? 330 : 300);
        Colour ground = look.colour(Role.GROUND);
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        marks.add(new Mark.Filled(
                Outline.rectangle(box),
                new Paint.Radial(
                        x,
                        y,
                        Math.max(box.width(), box.height()) * 0.8,
                        Paint.blend(Paint.mix(ground, look.colour(Role.HORIZON), 0.5), ground))));
        List<Mark> map = new ArrayList<>(grid(easel, box, look.colour(Role.EDGE), 0.16));
        map.addAll(contours(easel, x, y, radius * 2.1, Paint.mix(ground, look.colour(Role.ACCENT), 0.62), 15));
        map.addAll(contours(
                easel,
                box.x() + box.width() * 0.08,
                box.bottom() - box.height() * 0.04,
                radius * 1.1,
                Paint.mix(ground, look.colour(Role.ACCENT), 0.4),
                8));
        marks.add(Mark.clipped(Outline.rectangle(box), map));
        List<Mark> circle = new ArrayList<>();
        circle.add(new Mark.Stroked(
                Outline.circle(x, y, radius), Paint.of(look.colour(Role.SECOND_ACCENT)), easel.line(3)));
        circle.add(graduation(easel, x, y, radius, look.colour(Role.SECOND_ACCENT)));
        marks.add(Mark.group("circle", circle));
        marks.addAll(Drafting.target(
                x, y, radius * 0.34, easel.line(4), look.colour(Role.SECOND_ACCENT), look.colour(Role.TEXT)));
        marks.add(new Mark.Stroked(
                Outline.pen()
                        .move(x - radius * 1.5, y)
                        .line(x - radius * 0.5, y)
                        .move(x + radius * 0.5, y)
                        .line(Math.min(box.right(), x + radius * 1.5), y)
                        .move(x, y - radius * 1.25)
                        .line(x, y - radius * 0.5)
                        .move(x, y + radius * 0.5)
                        .line(x, y + radius * 1.25)
                        .outline(),
                Paint.of(look.colour(Role.TEXT), 0.6),
                easel.line(2)));
        marks.addAll(Drafting.scale(easel, box.x(), box.right(), box.y(), 1, easel.px(16), look.colour(Role.EDGE)));
        marks.addAll(
                Drafting.scale(easel, box.x(), box.right(), box.bottom(), -1, easel.px(16), look.colour(Role.EDGE)));
        if (moving) {
            tracks.add(new Track(
                    "circle",
                    List.of(
                            Track.Key.still(0).turnedBy(0, x, y),
                            Track.Key.still(1).turnedBy(360, x, y)),
                    Easing.LINEAR,
                    90_000,
                    0,
                    Track.FOREVER,
                    false,
                    0));
        }
        return new PieceArt(marks, tracks, List.of());
    }

    private static Mark graduation(Easel easel, double x, double y, double radius, Colour colour) {
        Outline.Pen pen = Outline.pen();
        for (int degree = 0; degree < 360; degree += 5) {
            double reach = degree % 30 == 0 ? 0.1 : degree % 10 == 0 ? 0.06 : 0.035;
            double cos = Math.cos(Math.toRadians(degree));
            double sin = Math.sin(Math.toRadians(degree));
            pen.move(x + cos * radius, y + sin * radius)
                    .line(x + cos * radius * (1 - reach), y + sin * radius * (1 - reach));
        }
        return new Mark.Stroked(pen.outline(), Paint.of(colour), easel.line(2));
    }

    static List<Mark> grid(Easel easel, Box box, Colour colour, double strength) {
        double step = Math.rint(easel.px(GRID));
        Outline.Pen pen = Outline.pen();
        for (double x = box.x() + step; x < box.right(); x += step) {
            pen.move(Math.rint(x) + 0.5, box.y()).line(Math.rint(x) + 0.5, box.bottom());
        }
        for (double y = box.y() + step; y < box.bottom(); y += step) {
            pen.move(box.x(), Math.rint(y) + 0.5).line(box.right(), Math.rint(y) + 0.5);
        }
        return List.of(new Mark.Stroked(pen.outline(), Paint.of(colour, strength), easel.line(1)));
    }

    /** Closed lines of equal height around a hill; every fifth one strong. */
    static List<Mark> contours(Easel easel, double x, double y, double reach, Colour colour, int lines) {
        Wind wind = new Wind(21);
        double[] bumps = new double[ROUND];
        for (int i = 0; i < ROUND; i++) {
            bumps[i] = wind.either();
        }
        int many = (int) Math.round(lines * easel.tune().ornament());
        List<Mark> marks = new ArrayList<>();
        for (int line = 1; line <= many; line++) {
            double share = line / (double) many;
            double[][] points = new double[ROUND][];
            for (int i = 0; i < ROUND; i++) {
                double angle = 2 * Math.PI * i / ROUND;
                double r = reach
                        * share
                        * (1 + 0.17 * bumps[i] * Math.sqrt(share) + 0.05 * bumps[(i * 5 + line) % ROUND] * share);
                points[i] = new double[] {x + Math.cos(angle) * r * 1.15, y + Math.sin(angle) * r * 0.85};
            }
            marks.add(new Mark.Stroked(
                    closed(points), Paint.of(colour, line % 5 == 0 ? 0.95 : 0.5), easel.line(line % 5 == 0 ? 3 : 1.5)));
        }
        return marks;
    }

    /** A smooth closed line through points (Catmull-Rom as cubics). */
    private static Outline closed(double[][] p) {
        int n = p.length;
        Outline.Pen pen = Outline.pen().move(p[0][0], p[0][1]);
        for (int i = 0; i < n; i++) {
            double[] before = p[(i + n - 1) % n];
            double[] from = p[i];
            double[] to = p[(i + 1) % n];
            double[] after = p[(i + 2) % n];
            pen.curve(
                    from[0] + (to[0] - before[0]) / 6,
                    from[1] + (to[1] - before[1]) / 6,
                    to[0] - (after[0] - from[0]) / 6,
                    to[1] - (after[1] - from[1]) / 6,
                    to[0],
                    to[1]);
        }
        return pen.close().outline();
    }
}
