package brandeon.core.art.tideline;

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

/** Full-canvas art: dusk over water with reeds for screens, tide lines for the ground behind openings. */
final class Scenery {

    private Scenery() {}

    static PieceArt screen(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        double u = easel.canvas().unit();
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        double horizon = box.y() + box.height() * (upright ? 0.56 : 0.66);
        double sunX = box.x() + box.width() * (upright ? 0.5 : 0.71);
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        sky(marks, box, horizon, look);
        sun(marks, tracks, sunX, horizon, u, look, moving);
        hills(marks, box, horizon, u, look);
        water(marks, tracks, box, horizon, sunX, u, look, moving);
        flock(
                marks,
                tracks,
                box.x() + box.width() * (upright ? 0.66 : 0.55),
                box.y() + box.height() * (upright ? 0.36 : 0.24),
                u,
                look,
                moving);
        Colour shade = Paint.mix(look.colour(Role.GROUND), Colour.BLACK, 0.55);
        double many = easel.tune().ornament();
        Reeds.bank(
                marks,
                tracks,
                new Reeds.Bank(
                        "left",
                        box.x() - 30 * u,
                        box.bottom() + 20 * u,
                        (upright ? 330 : 520) * u,
                        (upright ? 620 : 520) * u,
                        1),
                many,
                u,
                shade,
                look.colour(Role.ACCENT),
                moving);
        Reeds.bank(
                marks,
                tracks,
                new Reeds.Bank(
                        "right",
                        box.right() + 30 * u,
                        box.bottom() + 20 * u,
                        (upright ? 300 : 430) * u,
                        (upright ? 480 : 400) * u,
                        -1),
                many,
                u,
                shade,
                look.colour(Role.ACCENT),
                moving);
        return new PieceArt(marks, tracks, List.of());
    }

    static PieceArt backdrop(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        double u = easel.canvas().unit();
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        Plates.ground(
                marks,
                Outline.rectangle(box),
                new Paint.Linear(
                        box.x(),
                        box.y(),
                        box.x() + box.width() * 0.3,
                        box.bottom(),
                        Paint.blend(look.colour(Role.HORIZON), look.colour(Role.GROUND))));
        tideLines(marks, box, u, look.colour(Role.EDGE));
        Colour shade = Paint.mix(look.colour(Role.GROUND), Colour.BLACK, 0.35);
        Reeds.bank(
                marks,
                tracks,
                new Reeds.Bank("right", box.right() + 20 * u, box.bottom() + 20 * u, 420 * u, 300 * u, -1),
                easel.tune().ornament(),
                u,
                shade,
                look.colour(Role.ACCENT),
                moving);
        return new PieceArt(marks, tracks, List.of());
    }

    private static void sky(List<Mark> marks, Box box, double horizon, Look look) {
        marks.add(new Mark.Filled(
                Outline.rectangle(box),
                new Paint.Linear(
                        box.x(),
                        box.y(),
                        box.x(),
                        horizon,
                        Paint.blend(look.colour(Role.GROUND), look.colour(Role.HORIZON)))));
    }

    private static void sun(
            List<Mark> marks, List<Track> tracks, double x, double horizon, double u, Look look, boolean moving) {
        Colour light = look.colour(Role.GLOW);
        Colour disc = look.colour(Role.SECOND_ACCENT);
        double reach = 560 * u;
        marks.add(Mark.group(
                "sunlight",
                List.of(new Mark.Filled(
                        Outline.circle(x, horizon, reach),
                        new Paint.Radial(
                                x,
                                horizon,
                                reach,
                                List.of(
                                        new Paint.Stop(0, light.withAlpha(0.55)),
                                        new Paint.Stop(0.25, disc.withAlpha(0.3)),
                                        new Paint.Stop(0.6, disc.withAlpha(0.09)),
                                        new Paint.Stop(1, disc.withAlpha(0))))))));
        double radius = 104 * u;
        marks.add(new Mark.Filled(
                Outline.circle(x, horizon - 26 * u, radius),
                new Paint.Linear(x, horizon - 26 * u - radius, x, horizon, Paint.blend(light, disc))));
        if (moving) {
            tracks.add(Track.loop("sunlight", Track.Key.still(0).faded(0.8), Track.Key.still(1), 5200, 0));
        }
    }

    private static void hills(List<Mark> marks, Box box, double horizon, double u, Look look) {
        Colour far = Paint.mix(look.colour(Role.HORIZON), look.colour(Role.GROUND), 0.45);
        Colour near = Paint.mix(look.colour(Role.HORIZON), look.colour(Role.GROUND), 0.8);
        marks.add(new Mark.Filled(hill(box, horizon, 58 * u, 0.22, 0.58), Paint.of(far)));
        marks.add(new Mark.Filled(hill(box, horizon, 30 * u, 0.45, 0.85), Paint.of(near)));
    }

    private static Outline hill(Box box, double base, double height, double first, double second) {
        double w = box.width();
        return Outline.pen()
                .move(box.x(), base)
                .line(box.x(), base - height * 0.4)
                .curve(
                        box.x() + w * first * 0.5,
                        base - height * 1.3,
                        box.x() + w * first,
                        base - height * 0.9,
                        box.x() + w * (first + second) / 2,
                        base - height * 0.45)
                .curve(
                        box.x() + w * second,
                        base - height * 0.1,
                        box.x() + w * (second + 0.1),
                        base - height * 0.7,
                        box.right(),
                        base - height * 0.55)
                .line(box.right(), base)
                .close()
                .outline();
    }

    private static void water(
            List<Mark> marks,
            List<Track> tracks,
            Box box,
            double horizon,
            double sunX,
            double u,
            Look look,
            boolean moving) {
        Box sea = new Box(box.x(), horizon, box.width(), box.bottom() - horizon);
        marks.add(new Mark.Filled(
                Outline.rectangle(sea),
                new Paint.Linear(
                        box.x(),
                        horizon,
                        box.x(),
                        box.bottom(),
                        Paint.blend(
                                Paint.mix(look.colour(Role.HORIZON), look.colour(Role.GROUND), 0.35),
                                Paint.mix(look.colour(Role.GROUND), Colour.BLACK, 0.4)))));
        List<Mark> glints = new ArrayList<>();
        Wind wind = new Wind(11);
        for (int i = 0; i < 15; i++) {
            double depth = (i + 0.6) / 15;
            double y = horizon + Math.pow(depth, 1.35) * sea.height() * 0.86;
            double half = (150 - 92 * depth + wind.next() * 46) * u;
            double x = sunX + (wind.next() - 0.5) * 70 * u * (0.4 + depth);
            glints.add(new Mark.Stroked(
                    Outline.pen().move(x - half, y).line(x + half, y).outline(),
                    Paint.of(look.colour(Role.SECOND_ACCENT), Math.rint((0.62 - 0.5 * depth) * 100) / 100),
                    Math.max(1, (3 + 4 * depth) * u)));
        }
        marks.add(Mark.group("glints", glints));
        for (int i = 0; i < 12; i++) {
            double y = horizon + (0.1 + 0.85 * wind.next()) * sea.height();
            double x = box.x() + wind.next() * box.width();
            double half = (60 + 130 * wind.next()) * u;
            marks.add(new Mark.Stroked(
                    Outline.pen()
                            .move(x - half, y)
                            .curve(x - half * 0.4, y - 5 * u, x + half * 0.4, y + 5 * u, x + half, y)
                            .outline(),
                    Paint.of(look.colour(Role.EDGE), 0.22),
                    Math.max(1, 2 * u)));
        }
        if (moving) {
            tracks.add(Track.loop(
                    "glints",
                    Track.Key.still(0).movedBy(-9 * u, 0),
                    Track.Key.still(1).movedBy(9 * u, 0),
                    4600,
                    0));
        }
    }

    private static void flock(
            List<Mark> marks, List<Track> tracks, double x, double y, double u, Look look, boolean moving) {
        List<Mark> birds = new ArrayList<>();
        double[][] places = {
            {0, 0, 1}, {64, 30, 0.8}, {-58, 38, 0.85}, {126, 66, 0.65}, {-120, 80, 0.7}, {188, 98, 0.55}
        };
        for (double[] place : places) {
            double bx = x + place[0] * u;
            double by = y + place[1] * u;
            double span = 26 * u * place[2];
            birds.add(new Mark.Stroked(
                    Outline.pen()
                            .move(bx - span, by - span * 0.35)
                            .curve(bx - span * 0.55, by - span * 0.6, bx - span * 0.2, by - span * 0.2, bx, by)
                            .curve(
                                    bx + span * 0.2,
                                    by - span * 0.2,
                                    bx + span * 0.55,
                                    by - span * 0.6,
                                    bx + span,
                                    by - span * 0.35)
                            .outline(),
                    Paint.of(look.colour(Role.QUIET_TEXT), 0.75),
                    Math.max(1, 4.5 * u * place[2])));
        }
        marks.add(Mark.group("flock", birds));
        if (moving) {
            tracks.add(new Track(
                    "flock",
                    List.of(
                            Track.Key.still(0).movedBy(-40 * u, 8 * u),
                            Track.Key.still(1).movedBy(60 * u, -16 * u)),
                    Easing.EASE_IN_OUT,
                    16000,
                    0,
                    Track.FOREVER,
                    true,
                    0));
        }
    }

    /** Long level lines like those that a falling tide leaves on mud. */
    private static void tideLines(List<Mark> marks, Box box, double u, Colour colour) {
        Wind wind = new Wind(5);
        double gap = 74 * u;
        int rows = (int) Math.ceil(box.height() / gap) + 2;
        for (int i = 0; i < rows; i++) {
            double y = box.y() + i * gap + (wind.next() - 0.5) * 14 * u;
            double lift = (18 + 34 * wind.next()) * u;
            double w = box.width();
            marks.add(new Mark.Stroked(
                    Outline.pen()
                            .move(box.x(), y)
                            .curve(box.x() + w * 0.16, y - lift, box.x() + w * 0.3, y - lift, box.x() + w * 0.46, y)
                            .curve(
                                    box.x() + w * 0.62,
                                    y + lift,
                                    box.x() + w * 0.8,
                                    y + lift * 0.8,
                                    box.right(),
                                    y - lift * 0.3)
                            .outline(),
                    Paint.of(colour, i % 3 == 0 ? 0.2 : 0.1),
                    Math.max(1, 2 * u)));
        }
    }
}
