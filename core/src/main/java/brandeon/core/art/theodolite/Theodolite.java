package brandeon.core.art.theodolite;

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
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** Technical: cut corners, graduated edges, capitals, contour lines and a target. Moves in short straight strokes. */
public final class Theodolite implements Family {

    @Override
    public String id() {
        return "theodolite";
    }

    @Override
    public String title() {
        return "Theodolite";
    }

    @Override
    public String description() {
        return "Cut corners, graduated edges and contour lines, like the instrument of a surveyor.";
    }

    @Override
    public Lettering lettering() {
        return new Lettering(true, 24, 42, 112);
    }

    @Override
    public Temperament temperament() {
        return new Temperament(Entrance.SLIDE, new Easing(0.2, 0.9, 0.2, 1), 300, 220, 90);
    }

    @Override
    public Plate plate(Easel easel, Box box, Plate.Sort sort) {
        Look look = easel.look();
        double cut = easel.px(sort == Plate.Sort.ALERT ? 34 : 22, box.height() * 0.34);
        List<Mark> ground = new ArrayList<>();
        List<Mark> decor = new ArrayList<>();
        Outline shape = switch (sort) {
            case BAND -> Outline.rectangle(box);
            case LABEL ->
                Outline.pen()
                        .move(box.x(), box.y())
                        .line(box.right(), box.y())
                        .line(box.right() - cut, box.bottom())
                        .line(box.x(), box.bottom())
                        .close()
                        .outline();
            case INFO, NAME, ALERT -> Drafting.cut(box, cut);
        };
        Paint paint = switch (sort) {
            case INFO, NAME -> Paint.of(look.seeThroughPlate());
            case LABEL -> Paint.of(look.colour(Role.SECOND_ACCENT));
            case BAND -> Paint.of(look.colour(Role.GROUND), 0.9);
            case ALERT -> Paint.of(look.colour(Role.GROUND));
        };
        ground.add(new Mark.Filled(shape, paint));
        ground.add(new Mark.Bed(shape));
        double thin = easel.line(1.5);
        if (sort == Plate.Sort.INFO || sort == Plate.Sort.ALERT || sort == Plate.Sort.NAME) {
            ground.add(new Mark.Stroked(
                    shape,
                    Paint.of(
                            look.colour(sort == Plate.Sort.ALERT ? Role.SECOND_ACCENT : Role.EDGE),
                            sort == Plate.Sort.ALERT ? 1 : 0.55),
                    sort == Plate.Sort.ALERT ? easel.line(3) : thin));
        }
        if (sort != Plate.Sort.LABEL && easel.tune().ornament() > 0) {
            double from = box.x() + (sort == Plate.Sort.BAND ? 0 : cut);
            double to = box.right() - (sort == Plate.Sort.BAND ? 0 : cut * 1.4);
            double y = sort == Plate.Sort.BAND ? box.y() : box.bottom();
            decor.addAll(Drafting.scale(
                    easel, from, to, y, sort == Plate.Sort.BAND ? 1 : -1, easel.px(8), look.colour(Role.ACCENT)));
        }
        double left = easel.px(28, box.height() * 0.36);
        Box content = sort == Plate.Sort.BAND
                ? box
                : new Box(
                        box.x() + left,
                        box.y(),
                        Math.max(1, box.width() - left - Math.max(cut, easel.px(18))),
                        box.height());
        return Plate.of(look, sort, Role.SECOND_ACCENT, ground, decor, content);
    }

    @Override
    public double border() {
        return 14;
    }

    @Override
    public Ring ring(Easel easel, Box opening, double border) {
        Look look = easel.look();
        Box ring = opening.grown(border);
        Outline shape = Drafting.allCut(ring, Math.min(border * 1.2, ring.height() * 0.2))
                .with(Outline.rectangle(opening));
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(shape, Paint.of(look.colour(Role.PLATE))));
        marks.add(new Mark.Bed(shape));
        if (easel.tune().ornament() > 0) {
            marks.addAll(Drafting.scale(
                    easel,
                    opening.x(),
                    opening.right(),
                    opening.y() - border * 0.22,
                    -1,
                    border * 0.45,
                    look.colour(Role.EDGE)));
        }
        marks.add(new Mark.Stroked(
                Outline.rectangle(opening.grown(border * 0.1)),
                Paint.of(look.colour(Role.EDGE), 0.6),
                easel.line(1.5)));
        marks.addAll(Drafting.brackets(
                opening.grown(border * 0.62),
                easel.px(64, opening.height() * 0.2),
                Math.max(2, border * 0.36),
                look.colour(Role.SECOND_ACCENT)));
        return new Ring(marks, 0);
    }

    @Override
    public Emblem emblem(Easel easel, Box content, Emblem.Size size) {
        boolean large = size == Emblem.Size.LARGE;
        double radius = large ? content.height() * 0.3 : easel.px(13, content.height() * 0.18);
        double x = content.x() + radius * (large ? 1.1 : 1);
        return new Emblem(
                Drafting.target(
                        x,
                        content.centreY(),
                        radius,
                        easel.line(large ? 3 : 2),
                        easel.colour(Role.SECOND_ACCENT),
                        easel.colour(Role.EDGE)),
                radius * 2 + easel.px(large ? 34 : 18));
    }

    @Override
    public List<Mark> rule(Easel easel, double x, double y, double width) {
        List<Mark> marks = new ArrayList<>();
        double line = Math.rint(y) + 0.5;
        marks.add(new Mark.Stroked(
                Outline.pen().move(x, line).line(x + width, line).outline(),
                Paint.of(easel.colour(Role.SECOND_ACCENT)),
                easel.line(2)));
        marks.addAll(Drafting.scale(easel, x, x + width, line, 1, easel.px(10), easel.colour(Role.SECOND_ACCENT)));
        return marks;
    }

    @Override
    public List<Mark> meter(Easel easel, Box box, double share) {
        List<Mark> marks = new ArrayList<>();
        int cells = Math.clamp(Math.round(box.width() / Math.max(4, box.height() * 0.75)), 5, 60);
        double step = box.width() / cells;
        for (int i = 0; i < cells; i++) {
            double left = Math.rint(box.x() + i * step);
            double right = Math.rint(box.x() + (i + 1) * step) - Math.max(1, Math.rint(step * 0.22));
            boolean done = (i + 1) <= Math.floor(share * cells + 1e-9);
            marks.add(new Mark.Filled(
                    Outline.rectangle(new Box(left, box.y(), Math.max(1, right - left), box.height())),
                    Paint.of(easel.colour(done ? Role.SECOND_ACCENT : Role.EDGE), done ? 1 : 0.3)));
        }
        return marks;
    }

    @Override
    public List<Mark> corners(Easel easel, Box box) {
        return Drafting.brackets(
                box,
                easel.px(70, Math.min(box.width(), box.height()) * 0.3),
                easel.line(5),
                easel.colour(Role.SECOND_ACCENT));
    }

    @Override
    public PieceArt backdrop(Easel easel, Box box, boolean moving) {
        Look look = easel.look();
        List<Mark> marks = new ArrayList<>();
        Colour ground = look.colour(Role.GROUND);
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(ground)));
        marks.add(new Mark.Bed(Outline.rectangle(box)));
        marks.addAll(Survey.grid(easel, box, look.colour(Role.EDGE), 0.14));
        double x = box.right() - box.width() * 0.12;
        double y = box.bottom() - box.height() * 0.16;
        marks.add(Mark.clipped(
                Outline.rectangle(box),
                List.of(Mark.group(
                        "contours",
                        Survey.contours(
                                easel, x, y, easel.px(430), Paint.mix(ground, look.colour(Role.ACCENT), 0.45), 9)))));
        List<Track> turn = moving
                ? List.of(Track.loop(
                        "contours",
                        Track.Key.still(0).turnedBy(-3, x, y),
                        Track.Key.still(1).turnedBy(3, x, y),
                        14_000,
                        0))
                : List.of();
        return new PieceArt(marks, turn, List.of());
    }

    @Override
    public PieceArt screen(Easel easel, Box box, boolean moving) {
        return Survey.screen(easel, box, moving);
    }

    /** Upright blades that fall from alternate sides, each with its graduation. */
    @Override
    public Curtain curtain(Easel easel, Box box) {
        int blades = Math.clamp(Math.round(box.width() / Math.max(1, easel.px(200))), 4, 12);
        double width = box.width() / blades;
        List<Curtain.Leaf> leaves = new ArrayList<>();
        for (int i = 0; i < blades; i++) {
            double left = Math.floor(box.x() + i * width);
            Box blade = new Box(left, box.y() - 1, Math.ceil(width) + 1, box.height() + 2);
            double line = left + 0.5;
            List<Mark> marks = new ArrayList<>();
            marks.add(new Mark.Filled(
                    Outline.rectangle(blade), Paint.of(easel.colour(i % 3 == 1 ? Role.HORIZON : Role.GROUND))));
            marks.add(new Mark.Stroked(
                    Outline.pen()
                            .move(line, blade.y())
                            .line(line, blade.bottom())
                            .outline(),
                    Paint.of(easel.colour(Role.ACCENT)),
                    easel.line(2)));
            marks.addAll(Drafting.scale(
                    easel,
                    blade.x() + easel.px(20),
                    blade.right() - easel.px(20),
                    Math.rint(i % 2 == 0 ? blade.bottom() - easel.px(60) : blade.y() + easel.px(60)) + 0.5,
                    i % 2 == 0 ? -1 : 1,
                    easel.px(26),
                    easel.colour(Role.SECOND_ACCENT)));
            leaves.add(Curtain.Leaf.through(marks, 0, (i % 2 == 0 ? -1 : 1) * (box.height() + 2), i / (blades - 1.0)));
        }
        return new Curtain(leaves);
    }
}
