package brandeon.core.art.pebble;

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
import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Entrance;
import java.util.ArrayList;
import java.util.List;

/** Soft and rounded: pills with a second one peeping out, stones washed smooth, everything bobs a little. */
public final class Pebble implements Family {

    private static final double LIFT = 7;

    @Override
    public String id() {
        return "pebble";
    }

    @Override
    public String title() {
        return "Pebble";
    }

    @Override
    public String description() {
        return "Round plates with a second one peeping out, stones washed smooth. Friendly and bouncy.";
    }

    @Override
    public Lettering lettering() {
        return new Lettering(false, 26, 44, 124);
    }

    @Override
    public Temperament temperament() {
        return new Temperament(Entrance.POP, new Easing(0.3, 0.7, 0.3, 1), 620, 380, 110);
    }

    @Override
    public Plate plate(Easel easel, Box box, Plate.Sort sort) {
        Look look = easel.look();
        List<Mark> ground = new ArrayList<>();
        List<Mark> decor = new ArrayList<>();
        if (sort == Plate.Sort.BAND) {
            ground.add(new Mark.Filled(Outline.rectangle(box), Paint.of(look.colour(Role.PLATE), 0.92)));
            ground.add(new Mark.Bed(Outline.rectangle(box)));
            ground.add(new Mark.Filled(beads(easel, box), Paint.of(look.colour(Role.ACCENT))));
            return new Plate(ground, decor, box, look.colour(Role.TEXT), look.colour(Role.QUIET_TEXT));
        }
        boolean lifted = sort == Plate.Sort.INFO || sort == Plate.Sort.ALERT;
        double lift = lifted ? Math.max(2, Math.rint(easel.px(LIFT, box.height() * 0.08))) : 0;
        Box body = new Box(box.x(), box.y(), Math.max(1, box.width() - lift), Math.max(1, box.height() - lift));
        double soft = 0.55 + 0.45 * look.corner();
        double radius = Math.min(body.height() / 2, easel.px(64)) * soft;
        Outline shape = Outline.rounded(body, radius);
        if (lifted) {
            // Only what peeps out is painted, so that the see-through plate stays as dark as the brand says.
            Outline peep =
                    Outline.rounded(new Box(body.x() + lift, body.y() + lift, body.width(), body.height()), radius);
            ground.add(Mark.clipped(
                    Outline.rectangle(box.grown(1)).with(shape),
                    List.of(new Mark.Filled(
                            peep,
                            Paint.of(look.colour(sort == Plate.Sort.ALERT ? Role.SECOND_ACCENT : Role.ACCENT))))));
        }
        Paint paint = switch (sort) {
            case INFO, NAME -> Paint.of(look.seeThroughPlate());
            case LABEL ->
                new Paint.Linear(
                        body.x(),
                        body.y(),
                        body.x(),
                        body.bottom(),
                        Paint.blend(awayFromInk(look), look.colour(Role.ACCENT)));
            case ALERT ->
                new Paint.Linear(
                        body.x(),
                        body.y(),
                        body.x(),
                        body.bottom(),
                        Paint.blend(
                                Paint.mix(look.colour(Role.PLATE), look.colour(Role.ACCENT), 0.12),
                                look.colour(Role.PLATE)));
            case BAND -> throw new IllegalStateException();
        };
        ground.add(new Mark.Filled(shape, paint));
        ground.add(new Mark.Bed(shape));
        double side = easel.px(34, body.height() * 0.42);
        Box content = new Box(body.x() + side, body.y(), Math.max(1, body.width() - 2 * side), body.height());
        return Plate.of(look, sort, Role.ACCENT, ground, decor, content);
    }

    /** The accent, a little farther from the colour of the words on it. */
    private static Colour awayFromInk(Look look) {
        Colour accent = look.colour(Role.ACCENT);
        return Paint.mix(
                accent,
                Contrast.luminance(look.inkOn(accent)) > Contrast.luminance(accent) ? Colour.BLACK : Colour.WHITE,
                0.12);
    }

    /** A row of half beads along the upper edge. */
    private static Outline beads(Easel easel, Box box) {
        double wide =
                Math.max(6, Math.rint(easel.px(34) / Math.max(0.3, easel.tune().ornament())));
        double high = wide * 0.26;
        Outline.Pen pen = Outline.pen().move(box.x(), box.y());
        for (double x = box.x(); x < box.right(); x += wide) {
            pen.curve(x + wide * 0.1, box.y() + high, x + wide * 0.9, box.y() + high, x + wide, box.y());
        }
        return pen.close().outline();
    }

    @Override
    public double border() {
        return 16;
    }

    @Override
    public Ring ring(Easel easel, Box opening, double border) {
        Look look = easel.look();
        Box ring = opening.grown(border);
        double corner = (0.5 + 0.5 * look.corner()) * Ring.roundest(easel, border);
        double inner = Math.max(0, corner - border);
        Outline shape = Outline.rounded(ring, corner).with(Outline.rounded(opening, inner));
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(
                shape, new Paint.Linear(ring.x(), ring.y(), ring.right(), ring.bottom(), look.gradient())));
        marks.add(new Mark.Bed(shape));
        marks.add(new Mark.Stroked(
                Outline.rounded(opening.grown(border * 0.72), corner * 0.8),
                Paint.of(Colour.WHITE, 0.28),
                easel.line(3)));
        if (easel.tune().ornament() > 0) {
            double r = border * 1.15;
            marks.add(new Mark.Filled(
                    Stones.stone(ring.right() - r * 2.3, ring.y() + r * 0.85, r, r * 0.82, 0.2),
                    Paint.of(look.colour(Role.SECOND_ACCENT))));
            marks.add(new Mark.Filled(
                    Stones.stone(ring.right() - r * 0.72, ring.y() + r * 1.15, r * 0.7, r * 0.72, 0.9),
                    Paint.of(look.colour(Role.ACCENT))));
        }
        return new Ring(marks, inner);
    }

    @Override
    public Emblem emblem(Easel easel, Box content, Emblem.Size size) {
        boolean large = size == Emblem.Size.LARGE;
        double r = large ? content.height() * 0.24 : easel.px(11, content.height() * 0.15);
        double x = content.x() + r * 1.1;
        double y = content.centreY();
        Look look = easel.look();
        return new Emblem(
                List.of(
                        new Mark.Filled(
                                Stones.stone(x, y + r * 0.72, r * 1.3, r * 0.62, 0.1),
                                Paint.of(look.colour(Role.EDGE))),
                        new Mark.Filled(
                                Stones.stone(x + r * 0.12, y - r * 0.28, r, r * 0.56, 0.5),
                                Paint.of(look.colour(Role.ACCENT))),
                        new Mark.Filled(
                                Stones.stone(x - r * 0.08, y - r * 1.12, r * 0.66, r * 0.46, 0.8),
                                Paint.of(look.colour(Role.SECOND_ACCENT)))),
                r * 2.4 + easel.px(large ? 28 : 16));
    }

    @Override
    public List<Mark> rule(Easel easel, double x, double y, double width) {
        List<Mark> marks = new ArrayList<>();
        double r = easel.px(6);
        marks.add(new Mark.Filled(
                Outline.rounded(new Box(x, y - r * 0.6, Math.max(1, width - 7 * r), r * 1.2), r),
                Paint.of(easel.colour(Role.SECOND_ACCENT))));
        marks.add(
                new Mark.Filled(Outline.circle(x + width - 4.6 * r, y, r * 0.95), Paint.of(easel.colour(Role.ACCENT))));
        marks.add(new Mark.Filled(
                Outline.circle(x + width - 1.6 * r, y, r * 0.7), Paint.of(easel.colour(Role.SECOND_ACCENT))));
        return marks;
    }

    @Override
    public List<Mark> meter(Easel easel, Box box, double share) {
        double r = box.height() / 2;
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rounded(box, r), Paint.of(easel.colour(Role.EDGE), 0.3)));
        if (share > 0) {
            Box done = new Box(box.x(), box.y(), Math.max(box.height(), box.width() * share), box.height());
            marks.add(new Mark.Filled(
                    Outline.rounded(done, r),
                    new Paint.Linear(
                            box.x(),
                            0,
                            box.right(),
                            0,
                            Paint.blend(easel.colour(Role.ACCENT), easel.colour(Role.SECOND_ACCENT)))));
            marks.add(new Mark.Filled(
                    Outline.rounded(
                            new Box(
                                    done.x() + r,
                                    done.y() + r * 0.34,
                                    Math.max(1, done.width() - 2 * r),
                                    Math.max(1, r * 0.36)),
                            r * 0.18),
                    Paint.of(Colour.WHITE, 0.35)));
        }
        return marks;
    }

    @Override
    public List<Mark> corners(Easel easel, Box box) {
        List<Mark> marks = new ArrayList<>();
        double r = easel.px(20, Math.min(box.width(), box.height()) * 0.1);
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? box.x() + r : box.right() - r;
            double y = corner < 2 ? box.y() + r : box.bottom() - r;
            double inward = corner % 2 == 0 ? 1 : -1;
            marks.add(new Mark.Filled(
                    Stones.stone(x, y, r, r * 0.9, 0.3 * corner), Paint.of(easel.colour(Role.SECOND_ACCENT))));
            marks.add(new Mark.Filled(
                    Stones.stone(x + inward * r * 1.9, y, r * 0.6, r * 0.55, 0.6),
                    Paint.of(easel.colour(Role.ACCENT))));
        }
        return marks;
    }

    @Override
    public PieceArt backdrop(Easel easel, Box box, boolean moving) {
        return Stones.backdrop(easel, box, moving);
    }

    @Override
    public PieceArt screen(Easel easel, Box box, boolean moving) {
        return Stones.screen(easel, box, moving);
    }

    /** Stones that grow until they touch, over one another. */
    @Override
    public Curtain curtain(Easel easel, Box box) {
        int across = box.width() >= box.height() ? 4 : 3;
        int down = box.width() >= box.height() ? 3 : 4;
        double w = box.width() / across;
        double h = box.height() / down;
        Role[] roles = {Role.HORIZON, Role.PLATE, Role.GROUND};
        List<Curtain.Leaf> leaves = new ArrayList<>();
        for (int i = 0; i < across * down; i++) {
            // A step that shares no factor with the number of stones visits each once, far from the last.
            int cell = i * 5 % (across * down);
            double x = box.x() + (cell % across + 0.5) * w;
            double y = box.y() + (cell / across + 0.5) * h;
            double radius = Math.hypot(w, h) * 0.62;
            Colour colour = i == 2
                    ? easel.colour(Role.ACCENT)
                    : i == 5 ? easel.colour(Role.SECOND_ACCENT) : easel.colour(roles[i % roles.length]);
            leaves.add(Curtain.Leaf.growing(
                    List.of(new Mark.Filled(Outline.circle(x, y, radius), Paint.of(colour))),
                    x,
                    y,
                    i / (across * down - 1.0)));
        }
        return new Curtain(leaves);
    }
}
