package brandeon.core.art.tideline;

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
import java.util.ArrayList;
import java.util.List;

/**
 * Plates whose right end runs out like a wave, thin ripples after it, and a low sun over water between reeds.
 * Ornamental; moves slowly, like grass in a light wind.
 */
public final class Tideline implements Family {

    /** How far ripples reach past their plate, in steps. */
    private static final double RIPPLES = 3.2;

    @Override
    public String id() {
        return "tideline";
    }

    @Override
    public String title() {
        return "Tideline";
    }

    @Override
    public String description() {
        return "Plates that run out like a wave, ripples behind them, a low light over water and reeds.";
    }

    @Override
    public Lettering lettering() {
        return new Lettering(false, 24, 44, 128);
    }

    @Override
    public Temperament temperament() {
        return new Temperament(Entrance.SLIDE, Easing.ARRIVE, 700, 450, 160);
    }

    @Override
    public Plate plate(Easel easel, Box box, Plate.Sort sort) {
        Look look = easel.look();
        double height = box.height();
        double step = easel.px(11, height * 0.1);
        List<Mark> ground = new ArrayList<>();
        List<Mark> decor = new ArrayList<>();
        if (sort == Plate.Sort.BAND) {
            Plates.ground(ground, Outline.rectangle(box), Paint.of(look.colour(Role.GROUND), 0.86));
            decor.add(new Mark.Filled(
                    Outline.rectangle(new Box(box.x(), box.y(), box.width(), Math.max(1, Math.rint(easel.px(4))))),
                    new Paint.Linear(
                            box.x(),
                            box.y(),
                            box.right(),
                            box.y(),
                            Paint.blend(look.colour(Role.ACCENT), look.colour(Role.SECOND_ACCENT)))));
            return new Plate(ground, decor, box, look.colour(Role.TEXT), look.colour(Role.QUIET_TEXT));
        }
        boolean tight = sort == Plate.Sort.NAME || sort == Plate.Sort.LABEL;
        Box body = tight ? box : new Box(box.x(), box.y(), Math.max(1, box.width() - RIPPLES * step), height);
        double left = easel.px(36, height * 0.32);
        double run = Plates.run(easel, height);
        double end = run * 0.92 + easel.px(8);
        Box content = new Box(box.x() + left, box.y(), Math.max(1, body.width() - left - end), height);
        switch (sort) {
            case LABEL -> Plates.ground(ground, Plates.plate(body, run, 0), Paint.of(look.colour(Role.ACCENT)));
            case ALERT -> {
                Outline shape = Plates.plate(body, run, look.corner() * easel.px(36));
                Plates.ground(
                        ground,
                        shape,
                        new Paint.Linear(
                                body.x(),
                                body.y(),
                                body.x(),
                                body.bottom(),
                                Paint.blend(look.colour(Role.PLATE), look.colour(Role.GROUND))));
                ground.add(new Mark.Stroked(
                        shape,
                        new Paint.Linear(
                                body.x(),
                                0,
                                body.right(),
                                0,
                                Paint.blend(look.colour(Role.SECOND_ACCENT), look.colour(Role.ACCENT))),
                        easel.line(4)));
            }
            case INFO, NAME ->
                Plates.ground(
                        ground,
                        Plates.plate(body, run, look.corner() * easel.px(26)),
                        Paint.of(look.seeThroughPlate()));
            case BAND -> throw new IllegalStateException();
        }
        if (easel.tune().ornament() > 0) {
            Role ripple = sort == Plate.Sort.LABEL || sort == Plate.Sort.ALERT ? Role.SECOND_ACCENT : Role.ACCENT;
            decor.addAll(Plates.ripples(
                    body,
                    run,
                    look.colour(ripple),
                    Math.min(step, easel.px(9)),
                    easel.canvas().unit()));
        }
        return Plate.of(look, sort, Role.ACCENT, ground, decor, content);
    }

    @Override
    public double border() {
        return 12;
    }

    @Override
    public Ring ring(Easel easel, Box opening, double border) {
        Look look = easel.look();
        double corner = look.corner() * Ring.roundest(easel, border);
        double inner = Math.max(0, corner - border);
        Box ring = opening.grown(border);
        Outline shape = Outline.rounded(ring, corner).with(Outline.rounded(opening, inner));
        return new Ring(
                List.of(
                        new Mark.Filled(
                                shape,
                                new Paint.Linear(ring.x(), ring.y(), ring.right(), ring.bottom(), look.gradient())),
                        new Mark.Bed(shape),
                        new Mark.Stroked(
                                Outline.rounded(opening.grown(border * 0.35), Math.max(0, corner - border * 0.65)),
                                Paint.of(look.colour(Role.SECOND_ACCENT), 0.9),
                                easel.line(2))),
                inner);
    }

    @Override
    public Emblem emblem(Easel easel, Box content, Emblem.Size size) {
        Look look = easel.look();
        if (size == Emblem.Size.SMALL) {
            double radius = easel.px(9, content.height() * 0.13);
            return new Emblem(
                    Plates.lantern(
                            content.x() + radius * 0.4,
                            content.centreY(),
                            radius,
                            look.colour(Role.SECOND_ACCENT),
                            look.colour(Role.GLOW)),
                    radius * 3.2);
        }
        double disc = content.height() * 0.3;
        double x = content.x() + disc * 0.95;
        List<Mark> marks = new ArrayList<>(
                Plates.lantern(x, content.centreY(), disc, look.colour(Role.SECOND_ACCENT), look.colour(Role.GLOW)));
        marks.add(Plates.bird(x, content.centreY(), disc * 0.68, look.colour(Role.GROUND)));
        return new Emblem(marks, disc * 2.35);
    }

    @Override
    public List<Mark> rule(Easel easel, double x, double y, double width) {
        double wave = easel.px(46, width * 0.3);
        double level = x + width - wave;
        double dip = wave * 0.26;
        return List.of(new Mark.Stroked(
                Outline.pen()
                        .move(x, y)
                        .line(level, y)
                        .curve(level + wave * 0.25, y, level + wave * 0.25, y + dip, level + wave * 0.5, y + dip)
                        .curve(level + wave * 0.74, y + dip, level + wave * 0.76, y, x + width, y)
                        .outline(),
                Paint.of(easel.colour(Role.SECOND_ACCENT)),
                easel.line(5)));
    }

    @Override
    public List<Mark> meter(Easel easel, Box box, double share) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rounded(box, box.height() / 2), Paint.of(easel.colour(Role.EDGE), 0.35)));
        double filled = Math.max(box.height(), box.width() * share);
        if (share > 0) {
            Box done = new Box(box.x(), box.y(), Math.min(box.width(), filled), box.height());
            marks.add(Mark.clipped(
                    Outline.rounded(box, box.height() / 2),
                    List.of(new Mark.Filled(
                            Plates.plate(
                                    new Box(done.x(), done.y(), done.width() + box.height() * 0.3, done.height()),
                                    box.height() * 0.6,
                                    done.height() / 2),
                            new Paint.Linear(
                                    box.x(),
                                    0,
                                    box.right(),
                                    0,
                                    Paint.blend(easel.colour(Role.ACCENT), easel.colour(Role.SECOND_ACCENT)))))));
        }
        return marks;
    }

    @Override
    public List<Mark> corners(Easel easel, Box box) {
        double arm = easel.px(70, Math.min(box.width(), box.height()) * 0.3);
        List<Mark> marks = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? box.x() : box.right();
            double y = corner < 2 ? box.y() : box.bottom();
            double dx = corner % 2 == 0 ? arm : -arm;
            double dy = corner < 2 ? arm : -arm;
            marks.add(new Mark.Stroked(
                    Outline.pen()
                            .move(x + dx, y)
                            .curve(x + dx * 0.3, y, x, y + dy * 0.3, x, y + dy)
                            .outline(),
                    Paint.of(easel.colour(Role.SECOND_ACCENT)),
                    easel.line(5)));
            marks.add(new Mark.Stroked(
                    Outline.pen()
                            .move(x + dx * 0.8, y + dy * 0.16)
                            .curve(
                                    x + dx * 0.36,
                                    y + dy * 0.16,
                                    x + dx * 0.16,
                                    y + dy * 0.36,
                                    x + dx * 0.16,
                                    y + dy * 0.8)
                            .outline(),
                    Paint.of(easel.colour(Role.ACCENT)),
                    easel.line(3)));
        }
        return marks;
    }

    @Override
    public PieceArt backdrop(Easel easel, Box box, boolean moving) {
        return Scenery.backdrop(easel, box, moving);
    }

    @Override
    public PieceArt screen(Easel easel, Box box, boolean moving) {
        return Scenery.screen(easel, box, moving);
    }

    /** Three tides that rise one after another and run off again. */
    @Override
    public Curtain curtain(Easel easel, Box box) {
        Look look = easel.look();
        double crest = easel.px(70);
        List<Curtain.Leaf> leaves = new ArrayList<>();
        Role[] tides = {Role.SECOND_ACCENT, Role.ACCENT, Role.HORIZON, Role.GROUND};
        for (int i = 0; i < tides.length; i++) {
            Colour colour = tides[i] == Role.GROUND || tides[i] == Role.HORIZON
                    ? look.colour(tides[i])
                    : Paint.mix(look.colour(tides[i]), look.colour(Role.GROUND), 0.25);
            leaves.add(Curtain.Leaf.through(
                    List.of(new Mark.Filled(tide(box, crest, i), Paint.of(colour))),
                    0,
                    box.height() + 2 * crest,
                    i / (tides.length - 1.0)));
        }
        return new Curtain(leaves);
    }

    /** A sheet of water with waves above and below the box. */
    private static Outline tide(Box box, double crest, int order) {
        int waves = 5;
        double length = box.width() / waves;
        double start = box.x() - length * (1 + order * 0.37 % 1);
        double top = box.y() - crest / 2 - 1;
        double bottom = box.bottom() + crest / 2 + 1;
        Outline.Pen pen = Outline.pen().move(start, top);
        for (int i = 0; i < waves + 2; i++) {
            double x = start + i * length;
            pen.curve(x + length * 0.3, top - crest * 0.62, x + length * 0.7, top + crest * 0.62, x + length, top);
        }
        double end = start + (waves + 2) * length;
        pen.line(end, bottom);
        for (int i = waves + 1; i >= 0; i--) {
            double x = start + i * length;
            pen.curve(x + length * 0.7, bottom + crest * 0.62, x + length * 0.3, bottom - crest * 0.62, x, bottom);
        }
        return pen.close().outline();
    }
}
