package brandeon.core.art.herbarium;

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

/** Pressed sprigs on torn strips of paper, layer upon layer. */
final class Sprigs {

    private Sprigs() {}

    /**
     * A stem with pairs of leaves and a bud.
     *
     * @param lean how far the tip stands aside, as a share of the height
     */
    static List<Mark> sprig(
            double x, double base, double height, double lean, int pairs, double line, Colour leaf, Colour bud) {
        List<Mark> marks = new ArrayList<>();
        double tipX = x + lean * height;
        marks.add(new Mark.Stroked(
                Outline.pen()
                        .move(x, base)
                        .curve(
                                x,
                                base - height * 0.4,
                                tipX - lean * height * 0.3,
                                base - height * 0.7,
                                tipX,
                                base - height * 0.9)
                        .outline(),
                Paint.of(leaf),
                line));
        for (int i = 0; i < pairs; i++) {
            double t = 0.22 + 0.62 * i / Math.max(1, pairs - 1.0);
            double px = x + lean * height * t * t;
            double py = base - height * 0.9 * t;
            double size = height * (0.3 - 0.15 * t);
            marks.add(new Mark.Filled(leaf(px, py, -size, size * 0.62), Paint.of(leaf)));
            marks.add(new Mark.Filled(leaf(px, py - height * 0.03, size, size * 0.62), Paint.of(leaf)));
        }
        marks.add(new Mark.Filled(Outline.circle(tipX, base - height * 0.93, height * 0.07), Paint.of(bud)));
        return marks;
    }

    /** A leaf that starts at a point and points outward and up. */
    private static Outline leaf(double x, double y, double across, double up) {
        return Outline.pen()
                .move(x, y)
                .curve(x + across * 0.2, y - up * 0.75, x + across * 0.65, y - up * 1.05, x + across, y - up)
                .curve(x + across * 0.95, y - up * 0.45, x + across * 0.5, y - up * 0.02, x, y)
                .close()
                .outline();
    }

    static PieceArt screen(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        double w = box.width();
        double h = box.height();
        Colour ground = look.colour(Role.GROUND);
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(ground)));
        double sheetX = box.x() + w * (upright ? 0.3 : 0.58);
        Box sheet = new Box(
                sheetX, box.y() + h * (upright ? 0.44 : 0.1), w * (upright ? 0.6 : 0.33), h * (upright ? 0.4 : 0.74));
        Colour paper = Paint.mix(look.colour(Role.PLATE), look.colour(Role.EDGE), 0.22);
        marks.add(new Mark.Filled(
                Paper.sheet(
                        new Box(sheet.x() + easel.px(10), sheet.y() + easel.px(12), sheet.width(), sheet.height()),
                        easel.px(7),
                        easel.px(24)),
                Paint.of(Colour.BLACK, 0.3)));
        marks.add(new Mark.Filled(Paper.sheet(sheet, easel.px(7), easel.px(24)), Paint.of(paper)));
        double foot = sheet.bottom() - easel.px(70);
        double[][] places = {{0.5, 0.8, 0.05, 7}, {0.26, 0.58, -0.16, 5}, {0.76, 0.5, 0.2, 5}};
        for (int i = 0; i < places.length; i++) {
            double height = sheet.height() * places[i][1];
            double x = sheet.x() + sheet.width() * places[i][0];
            Colour leaf = i == 0 ? look.colour(Role.ACCENT) : Paint.mix(look.colour(Role.ACCENT), paper, 0.28);
            marks.add(Mark.group(
                    "sprig-" + i,
                    sprig(
                            x,
                            foot,
                            height,
                            places[i][2],
                            (int) places[i][3],
                            easel.line(6),
                            leaf,
                            look.colour(Role.SECOND_ACCENT))));
            if (moving) {
                tracks.add(Track.loop(
                        "sprig-" + i,
                        Track.Key.still(0).turnedBy(-0.8, x, foot),
                        Track.Key.still(1).turnedBy(0.8, x, foot),
                        4600 + 800.0 * i,
                        -600.0 * i));
            }
        }
        double tapeWidth = sheet.width() * 0.44;
        marks.add(new Mark.Filled(
                Paper.tape(
                        new Box(sheet.centreX() - tapeWidth / 2, foot - easel.px(22), tapeWidth, easel.px(40)),
                        easel.px(8)),
                Paint.of(look.colour(Role.SECOND_ACCENT), 0.88)));
        marks.add(new Mark.Filled(
                Paper.tape(
                        new Box(sheet.centreX() - easel.px(90), sheet.y() - easel.px(20), easel.px(180), easel.px(46)),
                        easel.px(8)),
                Paint.of(look.colour(Role.ACCENT), 0.85)));
        strips(marks, easel, box, ground, look);
        return new PieceArt(List.of(Mark.clipped(Outline.rectangle(box), marks)), tracks, List.of());
    }

    /** Torn strips along the lower edge, each with a shadow on the one behind. */
    private static void strips(List<Mark> marks, Easel easel, Box box, Colour ground, Look look) {
        int strips = 3;
        for (int i = 0; i < strips; i++) {
            double y = box.bottom() - box.height() * (0.19 - 0.062 * i);
            Colour tone = Paint.mix(look.colour(Role.HORIZON), ground, 0.2 + 0.27 * i);
            marks.add(strip(easel, box, y - easel.px(6), Paint.of(Colour.BLACK, 0.25), 31 + i));
            marks.add(strip(easel, box, y, Paint.of(tone), 31 + i));
        }
        Wind wind = new Wind(9);
        double foot = box.bottom() + easel.px(8);
        int many = (int) Math.round(7 * easel.tune().ornament());
        for (int i = 0; i < many; i++) {
            double x = box.x() + box.width() * (i + 0.2 + 0.6 * wind.next()) / many;
            marks.addAll(sprig(
                    x,
                    foot,
                    easel.px(90 + 70 * wind.next()),
                    0.2 * wind.either(),
                    4,
                    easel.line(3.5),
                    Paint.mix(look.colour(Role.ACCENT), ground, 0.5),
                    Paint.mix(look.colour(Role.SECOND_ACCENT), ground, 0.3)));
        }
    }

    private static Mark strip(Easel easel, Box box, double y, Paint paint, long seed) {
        Outline.Pen pen = Outline.pen().move(box.x(), y);
        Paper.tear(pen, box.x(), box.right(), y, easel.px(9), easel.px(26), seed);
        return new Mark.Filled(
                pen.line(box.right(), box.bottom())
                        .line(box.x(), box.bottom())
                        .close()
                        .outline(),
                paint);
    }

    static PieceArt backdrop(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        Colour ground = look.colour(Role.GROUND);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(ground)));
        marks.add(new Mark.Bed(Outline.rectangle(box)));
        double y = box.bottom() - box.height() * 0.11;
        marks.add(strip(easel, box, y - easel.px(6), Paint.of(Colour.BLACK, 0.22), 31));
        marks.add(strip(easel, box, y, Paint.of(Paint.mix(look.colour(Role.HORIZON), ground, 0.5)), 31));
        double x = box.right() - box.width() * 0.07;
        marks.add(Mark.group(
                "sprig",
                sprig(
                        x,
                        box.bottom(),
                        easel.px(230),
                        -0.12,
                        5,
                        easel.line(4),
                        Paint.mix(look.colour(Role.ACCENT), ground, 0.55),
                        Paint.mix(look.colour(Role.SECOND_ACCENT), ground, 0.4))));
        List<Track> sway = moving
                ? List.of(Track.loop(
                        "sprig",
                        Track.Key.still(0).turnedBy(-2.5, x, box.bottom()),
                        Track.Key.still(1).turnedBy(2.5, x, box.bottom()),
                        5200,
                        0))
                : List.of();
        return new PieceArt(List.of(Mark.clipped(Outline.rectangle(box), marks)), sway, List.of());
    }
}
