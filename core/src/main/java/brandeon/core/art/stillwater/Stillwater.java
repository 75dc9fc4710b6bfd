package brandeon.core.art.stillwater;

import brandeon.core.art.Curtain;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Ring;
import brandeon.core.art.Temperament;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** Quiet and flat: one colour a plane, an upright bar where something begins, hairlines like a lake without wind. */
public final class Stillwater implements Family {

    private static final double BAR = 6;

    @Override
    public String id() {
        return "stillwater";
    }

    @Override
    public String title() {
        return "Stillwater";
    }

    @Override
    public String description() {
        return "Flat planes, one bar of colour, hairlines like a lake without wind. It keeps out of the way.";
    }

    @Override
    public Lettering lettering() {
        return new Lettering(false, 24, 40, 116);
    }

    @Override
    public Temperament temperament() {
        return new Temperament(Entrance.FADE, Easing.EASE_OUT, 420, 320, 60);
    }

    @Override
    public Plate plate(Easel easel, Box box, Plate.Sort sort) {
        Look look = easel.look();
        double radius = look.corner() * easel.px(10, box.height() * 0.2);
        double bar = Math.max(2, Math.rint(easel.px(BAR)));
        List<Mark> ground = new ArrayList<>();
        List<Mark> decor = new ArrayList<>();
        boolean square = sort == Plate.Sort.BAND || sort == Plate.Sort.LABEL;
        Outline shape = square ? Outline.rectangle(box) : Outline.rounded(box, radius);
        Paint paint = switch (sort) {
            case INFO, NAME -> Paint.of(look.seeThroughPlate());
            case LABEL -> Paint.of(look.colour(Role.ACCENT));
            case BAND -> Paint.of(look.colour(Role.GROUND), 0.92);
            case ALERT -> Paint.of(look.colour(Role.PLATE));
        };
        ground.add(new Mark.Filled(shape, paint));
        ground.add(new Mark.Bed(shape));
        if (sort == Plate.Sort.INFO || sort == Plate.Sort.ALERT) {
            decor.add(Mark.clipped(
                    shape,
                    List.of(new Mark.Filled(
                            Outline.rectangle(new Box(box.x(), box.y(), bar, box.height())),
                            Paint.of(look.colour(sort == Plate.Sort.ALERT ? Role.SECOND_ACCENT : Role.ACCENT))))));
        }
        double left = easel.px(sort == Plate.Sort.LABEL || sort == Plate.Sort.NAME ? 22 : 34, box.height() * 0.5);
        Box content = sort == Plate.Sort.BAND
                ? box
                : new Box(
                        box.x() + left,
                        box.y(),
                        Math.max(1, box.width() - left - easel.px(22, box.height() * 0.4)),
                        box.height());
        return Plate.of(look, sort, Role.ACCENT, ground, decor, content);
    }

    @Override
    public double border() {
        return 6;
    }

    @Override
    public Ring ring(Easel easel, Box opening, double border) {
        Look look = easel.look();
        Box ring = opening.grown(border);
        double corner = look.corner() * Ring.roundest(easel, border);
        Outline shape = Outline.rounded(ring, corner).with(Outline.rectangle(opening));
        return new Ring(List.of(new Mark.Filled(shape, Paint.of(look.colour(Role.ACCENT))), new Mark.Bed(shape)), 0);
    }

    @Override
    public Emblem emblem(Easel easel, Box content, Emblem.Size size) {
        if (size == Emblem.Size.SMALL) {
            return Emblem.NONE;
        }
        double radius = content.height() * 0.2;
        double x = content.x() + radius;
        double y = content.centreY();
        return new Emblem(
                List.of(
                        new Mark.Filled(Outline.circle(x, y, radius), Paint.of(easel.colour(Role.SECOND_ACCENT))),
                        new Mark.Filled(
                                Outline.rectangle(new Box(
                                        x - radius * 1.02,
                                        y + radius * 0.12,
                                        radius * 2.04,
                                        Math.max(1, radius * 0.16))),
                                Paint.of(easel.colour(Role.PLATE))),
                        new Mark.Filled(
                                Outline.rectangle(new Box(
                                        x - radius * 1.02,
                                        y + radius * 0.48,
                                        radius * 2.04,
                                        Math.max(1, radius * 0.22))),
                                Paint.of(easel.colour(Role.PLATE)))),
                radius * 2 + easel.px(28));
    }

    @Override
    public List<Mark> rule(Easel easel, double x, double y, double width) {
        double height = Math.max(1, Math.rint(easel.px(4)));
        return List.of(new Mark.Filled(
                Outline.rectangle(new Box(x, Math.rint(y - height / 2), width, height)),
                Paint.of(easel.colour(Role.ACCENT))));
    }

    @Override
    public List<Mark> meter(Easel easel, Box box, double share) {
        return List.of(
                new Mark.Filled(Outline.rectangle(box), Paint.of(easel.colour(Role.EDGE), 0.35)),
                new Mark.Filled(
                        Outline.rectangle(new Box(box.x(), box.y(), Math.rint(box.width() * share), box.height())),
                        Paint.of(easel.colour(Role.ACCENT))));
    }

    @Override
    public List<Mark> corners(Easel easel, Box box) {
        double thick = Math.max(2, Math.rint(easel.px(BAR)));
        double arm = easel.px(60, Math.min(box.width(), box.height()) * 0.3);
        List<Mark> marks = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? box.x() : box.right() - arm;
            double y = corner < 2 ? box.y() : box.bottom() - thick;
            marks.add(
                    new Mark.Filled(Outline.rectangle(new Box(x, y, arm, thick)), Paint.of(easel.colour(Role.ACCENT))));
        }
        return marks;
    }

    @Override
    public PieceArt backdrop(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(look.colour(Role.GROUND))));
        double shore = Math.rint(box.y() + box.height() * 0.72);
        double rise = easel.px(7);
        // Deeper than it shows, so that it may rise without a gap below.
        marks.add(Mark.group(
                "lake",
                List.of(new Mark.Filled(
                        Outline.rectangle(new Box(box.x(), shore, box.width(), box.bottom() - shore + 2 * rise)),
                        Paint.of(Paint.mix(look.colour(Role.GROUND), look.colour(Role.HORIZON), 0.4))))));
        marks.add(new Mark.Bed(Outline.rectangle(box)));
        List<Track> level = moving
                ? List.of(Track.loop(
                        "lake",
                        Track.Key.still(0).movedBy(0, rise),
                        Track.Key.still(1).movedBy(0, -rise),
                        8000,
                        0))
                : List.of();
        return new PieceArt(List.of(Mark.clipped(Outline.rectangle(box), marks)), level, List.of());
    }

    @Override
    public PieceArt screen(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        double shore = Math.rint(box.y() + box.height() * (upright ? 0.6 : 0.62));
        double x = box.x() + box.width() * (upright ? 0.62 : 0.76);
        double radius = easel.px(upright ? 250 : 230);
        Colour ground = look.colour(Role.GROUND);
        Colour lake = Paint.mix(ground, look.colour(Role.HORIZON), 0.55);
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(ground)));
        marks.add(
                new Mark.Filled(Outline.circle(x, shore - radius * 0.18, radius), Paint.of(look.colour(Role.ACCENT))));
        marks.add(new Mark.Filled(
                Outline.rectangle(new Box(box.x(), shore, box.width(), box.bottom() - shore)), Paint.of(lake)));
        List<Mark> mirror = new ArrayList<>();
        int lines = (int) Math.round(7 * easel.tune().ornament());
        for (int i = 0; i < lines; i++) {
            double y = Math.rint(shore + easel.px(26) + i * easel.px(30));
            double half = radius * (0.94 - 0.11 * i);
            if (half > 0) {
                mirror.add(new Mark.Filled(
                        Outline.rectangle(new Box(x - half, y, 2 * half, Math.max(1, Math.rint(easel.px(12 - i))))),
                        Paint.of(look.colour(i % 3 == 2 ? Role.SECOND_ACCENT : Role.ACCENT), 0.85 - 0.08 * i)));
            }
        }
        marks.add(Mark.group("mirror", mirror));
        if (moving) {
            tracks.add(Track.loop(
                    "mirror",
                    Track.Key.still(0).movedBy(-easel.px(6), 0),
                    Track.Key.still(1).movedBy(easel.px(6), 0),
                    7000,
                    0));
        }
        return new PieceArt(marks, tracks, List.of());
    }

    /** One plane behind a bar of colour, level like a lock gate. */
    @Override
    public Curtain curtain(Easel easel, Box box) {
        Look look = easel.look();
        double bar = Math.max(2, Math.rint(easel.px(46)));
        Box wide = new Box(box.x() - bar, box.y() - 1, box.width() + 2 * bar, box.height() + 2);
        double way = -(box.width() + 2 * bar);
        return new Curtain(List.of(
                Curtain.Leaf.through(
                        List.of(new Mark.Filled(Outline.rectangle(wide), Paint.of(look.colour(Role.ACCENT)))),
                        way,
                        0,
                        0),
                Curtain.Leaf.through(
                        List.of(new Mark.Filled(
                                Outline.rectangle(wide),
                                Paint.of(Paint.mix(look.colour(Role.GROUND), look.colour(Role.HORIZON), 0.4)))),
                        way,
                        0,
                        0.5),
                Curtain.Leaf.through(
                        List.of(new Mark.Filled(Outline.rectangle(wide), Paint.of(look.colour(Role.GROUND)))),
                        way,
                        0,
                        1)));
    }
}
