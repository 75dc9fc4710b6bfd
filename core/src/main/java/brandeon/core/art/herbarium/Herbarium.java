package brandeon.core.art.herbarium;

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

/** Paper: torn sheets, strips of tape, stitches and pressed sprigs. Things are laid down, not flown in. */
public final class Herbarium implements Family {

    private static final double TORN = 5;

    @Override
    public String id() {
        return "herbarium";
    }

    @Override
    public String title() {
        return "Herbarium";
    }

    @Override
    public String description() {
        return "Torn paper, strips of tape, stitches and pressed sprigs, like the sheet of a collector.";
    }

    @Override
    public Lettering lettering() {
        return new Lettering(false, 25, 42, 120);
    }

    @Override
    public Temperament temperament() {
        return new Temperament(Entrance.SETTLE, new Easing(0.25, 0.8, 0.35, 1), 560, 360, 130);
    }

    @Override
    public Plate plate(Easel easel, Box box, Plate.Sort sort) {
        Look look = easel.look();
        double torn = easel.px(TORN, box.height() * 0.07);
        List<Mark> ground = new ArrayList<>();
        List<Mark> decor = new ArrayList<>();
        Outline shape = switch (sort) {
            case BAND -> Paper.tornTop(box, torn * 1.3, easel.px(20));
            case LABEL -> Paper.tape(box, easel.px(9, box.height() * 0.16));
            case INFO, NAME, ALERT -> Paper.sheet(box, torn, easel.px(17));
        };
        Paint paint = switch (sort) {
            case INFO, NAME -> Paint.of(look.seeThroughPlate());
            case LABEL -> Paint.of(look.colour(Role.SECOND_ACCENT));
            case BAND -> Paint.of(look.colour(Role.PLATE), 0.94);
            case ALERT -> Paint.of(look.colour(Role.PLATE));
        };
        ground.add(new Mark.Filled(shape, paint));
        ground.add(new Mark.Bed(shape));
        if (easel.tune().ornament() > 0) {
            if (sort == Plate.Sort.INFO || sort == Plate.Sort.ALERT) {
                double inset = easel.px(11, box.height() * 0.12);
                decor.addAll(Paper.stitches(easel, box.grown(-inset), look.colour(Role.EDGE)));
                double across = easel.px(92, box.width() * 0.22);
                double high = easel.px(22, box.height() * 0.18);
                // On a short plate the tape would lie on the words.
                if (box.width() > easel.px(340) && box.height() > easel.px(90)) {
                    decor.add(new Mark.Filled(
                            Paper.tape(new Box(box.right() - across * 1.5, box.y(), across, high), high * 0.22),
                            Paint.of(look.colour(sort == Plate.Sort.ALERT ? Role.SECOND_ACCENT : Role.ACCENT), 0.92)));
                }
            } else if (sort == Plate.Sort.BAND) {
                decor.addAll(Paper.stitch(
                        easel, box.x(), box.right(), box.y() + torn * 2.4 + easel.px(4), look.colour(Role.EDGE)));
            }
        }
        double left = easel.px(sort == Plate.Sort.LABEL ? 24 : 32, box.height() * 0.4);
        Box content = sort == Plate.Sort.BAND
                ? new Box(box.x(), box.y() + torn, box.width(), box.height() - torn)
                : new Box(
                        box.x() + left,
                        box.y() + torn,
                        Math.max(1, box.width() - left - easel.px(28, box.height() * 0.4)),
                        Math.max(1, box.height() - 2 * torn));
        return Plate.of(look, sort, Role.SECOND_ACCENT, ground, decor, content);
    }

    @Override
    public double border() {
        return 18;
    }

    @Override
    public Ring ring(Easel easel, Box opening, double border) {
        Look look = easel.look();
        Box ring = opening.grown(border);
        Outline shape = Paper.sheet(ring, Math.min(border * 0.24, easel.px(5)), easel.px(22))
                .with(Outline.rectangle(opening));
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(shape, Paint.of(look.colour(Role.PLATE))));
        marks.add(new Mark.Bed(shape));
        marks.add(new Mark.Stroked(
                Outline.rectangle(opening.grown(easel.line(2) / 2)),
                Paint.of(look.colour(Role.EDGE), 0.8),
                easel.line(2)));
        double arm = easel.px(58, Math.min(opening.width(), opening.height()) * 0.2);
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? ring.x() : ring.right();
            double y = corner < 2 ? ring.y() : ring.bottom();
            double dx = corner % 2 == 0 ? arm : -arm;
            double dy = corner < 2 ? arm : -arm;
            // A photo corner may not reach over the opening, or it would cover the picture behind it.
            Outline mount = Outline.pen()
                    .move(x, y)
                    .line(x + dx, y)
                    .line(x + dx * 0.72, y + Math.signum(dy) * border)
                    .line(x + Math.signum(dx) * border, y + Math.signum(dy) * border)
                    .line(x + Math.signum(dx) * border, y + dy * 0.72)
                    .line(x, y + dy)
                    .close()
                    .outline();
            marks.add(
                    new Mark.Filled(mount, Paint.of(look.colour(corner % 3 == 0 ? Role.SECOND_ACCENT : Role.ACCENT))));
        }
        return new Ring(marks, 0);
    }

    @Override
    public Emblem emblem(Easel easel, Box content, Emblem.Size size) {
        boolean large = size == Emblem.Size.LARGE;
        double height = large ? content.height() * 0.72 : easel.px(46, content.height() * 0.56);
        double x = content.x() + height * 0.28;
        List<Mark> marks = new ArrayList<>(Sprigs.sprig(
                x,
                content.centreY() + height / 2,
                height,
                0.12,
                large ? 6 : 4,
                easel.line(large ? 3.5 : 2.5),
                easel.colour(Role.ACCENT),
                easel.colour(Role.SECOND_ACCENT)));
        return new Emblem(marks, height * 0.62 + easel.px(large ? 26 : 14));
    }

    @Override
    public List<Mark> rule(Easel easel, double x, double y, double width) {
        return Paper.stitch(easel, x, x + width, y, easel.colour(Role.SECOND_ACCENT));
    }

    @Override
    public List<Mark> meter(Easel easel, Box box, double share) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(Outline.rectangle(box), Paint.of(easel.colour(Role.EDGE), 0.28)));
        if (share > 0) {
            Box done = new Box(box.x(), box.y(), Math.max(box.height(), box.width() * share), box.height());
            marks.add(new Mark.Filled(
                    Paper.tape(done, box.height() * 0.2),
                    new Paint.Linear(
                            box.x(),
                            0,
                            box.right(),
                            0,
                            Paint.blend(easel.colour(Role.ACCENT), easel.colour(Role.SECOND_ACCENT)))));
        }
        return marks;
    }

    @Override
    public List<Mark> corners(Easel easel, Box box) {
        double arm = easel.px(64, Math.min(box.width(), box.height()) * 0.3);
        List<Mark> marks = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2 == 0 ? box.x() : box.right();
            double y = corner < 2 ? box.y() : box.bottom();
            double dx = corner % 2 == 0 ? arm : -arm;
            double dy = corner < 2 ? arm : -arm;
            marks.add(new Mark.Filled(
                    Outline.pen()
                            .move(x, y)
                            .line(x + dx, y)
                            .line(x, y + dy)
                            .close()
                            .outline(),
                    Paint.of(easel.colour(corner % 3 == 0 ? Role.SECOND_ACCENT : Role.ACCENT))));
        }
        return marks;
    }

    @Override
    public PieceArt backdrop(Easel easel, Box box, boolean moving) {
        return Sprigs.backdrop(easel, box, moving);
    }

    @Override
    public PieceArt screen(Easel easel, Box box, boolean moving) {
        return Sprigs.screen(easel, box, moving);
    }

    /** Torn strips of paper laid from both sides. */
    @Override
    public Curtain curtain(Easel easel, Box box) {
        int strips = 5;
        double height = box.height() / strips;
        double torn = easel.px(16, height * 0.2);
        List<Curtain.Leaf> leaves = new ArrayList<>();
        for (int i = 0; i < strips; i++) {
            Box strip = new Box(
                    box.x() - easel.px(40),
                    box.y() + i * height - 3 * torn,
                    box.width() + easel.px(80),
                    height + 6 * torn);
            Colour paper = Paint.mix(
                    easel.colour(Role.PLATE), easel.colour(i % 2 == 0 ? Role.HORIZON : Role.GROUND), 0.3 + 0.08 * i);
            List<Mark> marks = List.of(
                    new Mark.Filled(Paper.sheet(strip, torn, easel.px(26)), Paint.of(paper)),
                    new Mark.Stroked(
                            Paper.tornTop(
                                    new Box(strip.x(), strip.y() + torn * 0.2, strip.width(), torn * 2),
                                    torn * 0.8,
                                    easel.px(26)),
                            Paint.of(easel.colour(Role.EDGE), 0.25),
                            easel.line(2)));
            double way = (i % 2 == 0 ? -1 : 1) * (strip.width() + easel.px(60));
            Track.Key from =
                    Track.Key.still(0).movedBy(way, 0).turnedBy(i % 2 == 0 ? -4 : 4, box.centreX(), strip.centreY());
            Track.Key to =
                    Track.Key.still(1).movedBy(-way, 0).turnedBy(i % 2 == 0 ? 4 : -4, box.centreX(), strip.centreY());
            leaves.add(new Curtain.Leaf(marks, from, to, i / (strips - 1.0)));
        }
        return new Curtain(leaves);
    }
}
