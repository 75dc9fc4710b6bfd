package brandeon.core.art.pebble;

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
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** Stones washed smooth, balanced on one another before round hills. */
final class Stones {

    private Stones() {}

    /**
     * A stone: an ellipse that is not quite one.
     *
     * @param across half its width, in pixels
     * @param down   half its height
     * @param lean   which side is heavier, 0 to 1
     */
    static Outline stone(double x, double y, double across, double down, double lean) {
        double k = 0.55;
        double low = 0.12 * (lean - 0.5);
        return Outline.pen()
                .move(x - across, y + down * low)
                .curve(
                        x - across,
                        y - down * (k + 0.08),
                        x - across * (k - 0.1 * lean),
                        y - down,
                        x + across * low,
                        y - down)
                .curve(
                        x + across * (k + 0.1 * lean),
                        y - down,
                        x + across,
                        y - down * (k - 0.1),
                        x + across,
                        y - down * low)
                .curve(x + across, y + down * (k + 0.1), x + across * (k + 0.05), y + down, x, y + down)
                .curve(x - across * (k + 0.12), y + down, x - across, y + down * (k + 0.05), x - across, y + down * low)
                .close()
                .outline();
    }

    static PieceArt screen(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        double u = easel.canvas().unit();
        double w = box.width();
        double h = box.height();
        Colour ground = look.colour(Role.GROUND);
        Colour far = look.colour(Role.HORIZON);
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        marks.add(new Mark.Filled(
                Outline.rectangle(box),
                new Paint.Linear(0, box.y(), 0, box.bottom(), Paint.blend(ground, Paint.mix(ground, far, 0.8)))));
        double sunX = box.x() + w * (upright ? 0.28 : 0.55);
        double sunY = box.y() + h * (upright ? 0.52 : 0.6);
        marks.add(new Mark.Filled(
                Outline.circle(sunX, sunY, 190 * u), Paint.of(Paint.mix(far, look.colour(Role.SECOND_ACCENT), 0.4))));
        marks.add(new Mark.Filled(
                Outline.circle(sunX, sunY, 128 * u), Paint.of(Paint.mix(far, look.colour(Role.SECOND_ACCENT), 0.75))));
        double[][] hills = {
            {0.15, 0.98, 0.5, 0.34}, {0.62, 1.0, 0.46, 0.3}, {1.0, 1.02, 0.4, 0.38}, {0.32, 1.12, 0.6, 0.34}
        };
        for (int i = 0; i < hills.length; i++) {
            Colour tone = Paint.mix(Paint.mix(far, look.colour(Role.ACCENT), 0.34), ground, 0.18 + 0.2 * i);
            marks.add(new Mark.Filled(
                    stone(
                            box.x() + w * hills[i][0],
                            box.y() + h * hills[i][1],
                            Math.max(w * hills[i][2], 500 * u),
                            h * hills[i][3],
                            0.3 * i),
                    Paint.of(tone)));
        }
        bubbles(marks, tracks, easel, box, moving);
        cairn(
                marks,
                tracks,
                easel,
                box.x() + w * (upright ? 0.66 : 0.8),
                box.y() + h * (upright ? 0.88 : 0.9),
                u,
                moving);
        return new PieceArt(List.of(Mark.clipped(Outline.rectangle(box), marks)), tracks, List.of());
    }

    /** Five stones, the smallest on top; the upper ones rock. */
    private static void cairn(
            List<Mark> marks, List<Track> tracks, Easel easel, double x, double base, double u, boolean moving) {
        Look look = easel.look();
        Role[] roles = {Role.EDGE, Role.ACCENT, Role.SECOND_ACCENT, Role.EDGE, Role.ACCENT};
        double[][] stones = {
            {250, 84, 0, 0.2}, {190, 76, 18, 0.7}, {150, 62, -16, 0.3}, {104, 48, 14, 0.9}, {64, 36, -6, 0.4}
        };
        double y = base;
        List<Mark> upper = new ArrayList<>();
        for (int i = 0; i < stones.length; i++) {
            double across = stones[i][0] * u;
            double down = stones[i][1] * u;
            y -= down * (i == 0 ? 0.6 : 1);
            List<Mark> to = i < 3 ? marks : upper;
            Colour tone = Paint.mix(look.colour(roles[i]), look.colour(Role.GROUND), 0.12);
            Outline outline = stone(x + stones[i][2] * u, y, across, down, stones[i][3]);
            to.add(new Mark.Filled(
                    outline,
                    new Paint.Linear(
                            0,
                            y - down,
                            0,
                            y + down,
                            Paint.blend(
                                    Paint.mix(tone, Colour.WHITE, 0.14),
                                    Paint.mix(tone, look.colour(Role.GROUND), 0.42)))));
            to.add(Mark.clipped(
                    outline,
                    List.of(new Mark.Stroked(
                            Outline.pen()
                                    .move(x - across, y + down * 0.2)
                                    .curve(
                                            x - across * 0.3,
                                            y + down * 0.45,
                                            x + across * 0.3,
                                            y - down * 0.1,
                                            x + across * 1.1,
                                            y + down * 0.3)
                                    .outline(),
                            Paint.of(Colour.WHITE, 0.16),
                            easel.line(6)))));
            y -= down * 0.88;
        }
        marks.add(Mark.group("stones", upper));
        if (moving) {
            tracks.add(Track.loop(
                    "stones",
                    Track.Key.still(0).turnedBy(-1.1, x, base - 400 * u),
                    Track.Key.still(1).turnedBy(1.1, x, base - 400 * u),
                    3800,
                    0));
        }
    }

    private static void bubbles(List<Mark> marks, List<Track> tracks, Easel easel, Box box, boolean moving) {
        Wind wind = new Wind(14);
        int many = (int) Math.round(10 * easel.tune().ornament());
        List<List<Mark>> layers = List.of(new ArrayList<>(), new ArrayList<>());
        for (int i = 0; i < many; i++) {
            double r = easel.px(7 + 20 * wind.next() * wind.next());
            double x = box.x() + box.width() * (0.42 + 0.56 * wind.next());
            double y = box.y() + box.height() * (0.06 + 0.5 * wind.next());
            layers.get(i % 2)
                    .add(new Mark.Filled(
                            Outline.circle(x, y, r),
                            Paint.of(easel.colour(i % 3 == 0 ? Role.SECOND_ACCENT : Role.ACCENT), 0.35)));
        }
        for (int i = 0; i < 2; i++) {
            marks.add(Mark.group("bubbles-" + i, layers.get(i)));
            if (moving) {
                tracks.add(Track.loop(
                        "bubbles-" + i,
                        Track.Key.still(0).movedBy(0, easel.px(14)),
                        Track.Key.still(1).movedBy(0, -easel.px(14)),
                        4200 + 900.0 * i,
                        -700.0 * i));
            }
        }
    }

    static PieceArt backdrop(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        Colour ground = look.colour(Role.GROUND);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(ground)));
        double s = Math.max(box.width(), box.height());
        List<Mark> stones = List.of(
                new Mark.Filled(
                        stone(box.right() - s * 0.06, box.bottom() - s * 0.02, s * 0.4, s * 0.24, 0.2),
                        Paint.of(Paint.mix(ground, look.colour(Role.HORIZON), 0.55))),
                new Mark.Filled(
                        stone(box.x() + s * 0.02, box.y() + s * 0.03, s * 0.26, s * 0.2, 0.8),
                        Paint.of(Paint.mix(ground, look.colour(Role.HORIZON), 0.35))),
                new Mark.Filled(
                        stone(box.right() - s * 0.16, box.bottom() + s * 0.02, s * 0.2, s * 0.13, 0.6),
                        Paint.of(Paint.mix(ground, look.colour(Role.ACCENT), 0.2))));
        List<Track> tracks = new ArrayList<>();
        for (int i = 0; i < stones.size(); i++) {
            marks.add(Mark.group("stone-" + i, List.of(stones.get(i))));
            if (moving) {
                // Each at a pace of its own, towards and away from its corner.
                double way = easel.px(9) * (i == 1 ? -1 : 1);
                tracks.add(Track.loop(
                        "stone-" + i,
                        Track.Key.still(0).movedBy(-way, -way / 2),
                        Track.Key.still(1).movedBy(way, way / 2),
                        7600 + 1900.0 * i,
                        -1300.0 * i));
            }
        }
        marks.add(new Mark.Bed(Outline.rectangle(box)));
        return new PieceArt(List.of(Mark.clipped(Outline.rectangle(box), marks)), tracks, List.of());
    }
}
