package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Mirror;
import brandeon.core.art.Opening;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Ring;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** A ring around each opening, with a name plate that hangs from it and is as long as the name. */
public final class FrameArt {

    private static final double PLATE_HEIGHT = 62;
    private static final double NAME_SIZE = 34;
    private static final double LEAST_NAME_SIZE = 24;
    /** The plate never hides more of the ring's lower edge than this share. */
    private static final double LONGEST = 0.94;
    /** A plate beside the ring takes at most this share of the width. */
    private static final double BESIDE = 0.42;

    private static final double SHEEN_MILLIS = 5200;

    private final Family family;
    private final Easel easel;
    private final Ask.Frame ask;
    private final double border;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Track> tracks = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();

    private FrameArt(Family family, Easel easel, Ask.Frame ask) {
        this.family = family;
        this.easel = easel;
        this.ask = ask;
        this.border =
                Math.max(2, Math.rint(easel.px(family.border() * easel.tune().border())));
    }

    public static PieceArt draw(Family family, Easel easel, Ask.Frame ask) {
        return new FrameArt(family, easel, ask).drawn();
    }

    private PieceArt drawn() {
        Ask.NamePlate plate = ask.name().isBlank() ? Ask.NamePlate.NONE : ask.plate();
        double plateHeight = plate == Ask.NamePlate.NONE ? 0 : Math.rint(easel.px(PLATE_HEIGHT));
        double beside = plate == Ask.NamePlate.BESIDE ? nameWidth(ask.box().width() * BESIDE, plateHeight) : 0;
        double under = plate == Ask.NamePlate.UNDER ? plateHeight : 0;
        Box whole = ask.box();
        Box room = new Box(
                whole.x() + border,
                whole.y() + border,
                Math.max(1, whole.width() - 2 * border - beside),
                Math.max(1, whole.height() - border - Math.max(border, under)));
        List<Box> rooms = ask.shape() == Ask.FrameShape.DOUBLE ? halves(room) : List.of(room);
        for (Box one : rooms) {
            ring((ask.aspect() > 0 ? one.fitted(ask.aspect(), 0.5, 0) : one).snapped());
        }
        Box first = openings.getFirst().box();
        Box last = openings.getLast().box();
        switch (plate) {
            case UNDER ->
                name(
                        new Box(first.x() - border, last.bottom(), last.right() - first.x() + 2 * border, plateHeight),
                        LONGEST);
            case BESIDE ->
                name(
                        new Box(
                                last.right() + border,
                                Math.max(whole.y(), last.bottom() + border - plateHeight),
                                beside,
                                plateHeight),
                        1);
            case NONE -> {}
        }
        PieceArt upright = new PieceArt(marks, tracks, openings);
        return ask.flipped() ? Mirror.over(whole.centreY(), upright) : upright;
    }

    /** Beside one another in a wide room, above one another in a tall one, with two borders between them. */
    private List<Box> halves(Box room) {
        boolean wide = room.width() >= room.height();
        double w = wide ? (room.width() - 2 * border) / 2 : room.width();
        double h = wide ? room.height() : (room.height() - 2 * border) / 2;
        return List.of(
                new Box(room.x(), room.y(), Math.max(1, w), Math.max(1, h)),
                new Box(
                        wide ? room.right() - Math.max(1, w) : room.x(),
                        wide ? room.y() : room.bottom() - Math.max(1, h),
                        Math.max(1, w),
                        Math.max(1, h)));
    }

    private void ring(Box opening) {
        double bleed = Math.min(border, Math.max(1, Math.rint(easel.px(Ring.BLEED))));
        Opening.Shape shape = switch (ask.shape()) {
            case FAMILY, DOUBLE -> Opening.Shape.RECTANGLE;
            case CUT -> Opening.Shape.CUT;
            case ELLIPSE -> Opening.Shape.ELLIPSE;
            case HEXAGON -> Opening.Shape.HEXAGON;
        };
        Opening made;
        if (ask.shape() == Ask.FrameShape.FAMILY || ask.shape() == Ask.FrameShape.DOUBLE) {
            Ring ring = family.ring(easel, opening, border);
            List<Mark> run = easel.tune().turned(ring.marks(), opening.grown(border));
            marks.addAll(easel.tune().align() == Tune.Align.RIGHT ? Mirror.across(opening.centreX(), run) : run);
            made = Opening.of(opening, shape, ring.corner(), bleed, false);
        } else {
            made = Opening.of(opening, shape, Math.min(opening.width(), opening.height()) * 0.14, bleed, !ask.matted());
            shaped(made);
        }
        openings.add(made);
        if (ask.moving()) {
            sheen(made);
        }
    }

    /**
     * A ring of the opening's own shape; outside it either a mat to the corners, or nothing, and the capture needs its
     * mask.
     */
    private void shaped(Opening opening) {
        Box outer = opening.box().grown(border);
        Outline inner = opening.outline(0);
        if (ask.matted()) {
            Colour mat = easel.look().colour(Role.PLATE);
            marks.add(new Mark.Filled(
                    Outline.rounded(outer, easel.look().corner() * Ring.roundest(easel, border))
                            .with(inner),
                    Paint.of(mat)));
        }
        Outline ring = opening.outline(border).with(inner);
        marks.addAll(easel.tune()
                .turned(
                        List.of(new Mark.Filled(
                                ring,
                                new Paint.Linear(
                                        outer.x(),
                                        outer.y(),
                                        outer.right(),
                                        outer.bottom(),
                                        easel.look().gradient()))),
                        outer));
        marks.add(new Mark.Bed(ring));
        marks.add(new Mark.Stroked(
                opening.outline(border * 0.3), Paint.of(easel.colour(Role.SECOND_ACCENT), 0.9), easel.line(2)));
    }

    /** A light that runs over the ring; at rest it stands before it begins, outside. */
    private void sheen(Opening opening) {
        Box outer = opening.box().grown(border);
        double wide = outer.width() * 0.35;
        Colour light = easel.colour(Role.GLOW);
        Box beam = new Box(outer.x() - wide, outer.y(), wide, outer.height());
        List<Paint.Stop> stops = List.of(
                new Paint.Stop(0, light.withAlpha(0)),
                new Paint.Stop(0.5, light.withAlpha(0.85)),
                new Paint.Stop(1, light.withAlpha(0)));
        String part = "sheen-" + openings.size();
        marks.add(Mark.clipped(
                opening.outline(border).with(opening.outline(0)),
                List.of(Mark.group(
                        part,
                        List.of(new Mark.Filled(
                                Outline.rectangle(beam), new Paint.Linear(beam.x(), 0, beam.right(), 0, stops)))))));
        Track.Key away = Track.Key.still(1).movedBy(outer.width() + wide, 0);
        tracks.add(new Track(
                part,
                List.of(Track.Key.still(0), new Track.Key(0.6, away.x(), 0, 0, 1, 0, 0, 1), away),
                Easing.EASE_IN_OUT,
                SHEEN_MILLIS,
                0,
                Track.FOREVER,
                false,
                0));
    }

    /** How long a plate must be for the name, up to a length. */
    private double nameWidth(double longest, double height) {
        Plates.Ready probe = Plates.of(
                family, easel, new Box(0, 0, Math.max(1, longest), height), Plate.Sort.NAME, Emblem.Size.SMALL);
        Words.Line line = line(probe);
        return Math.ceil(
                Math.min(longest, longest - probe.room().width() + line.fit().width()));
    }

    private Words.Line line(Plates.Ready ready) {
        return Words.line(
                easel.look().heading(),
                ask.name(),
                easel.letters(NAME_SIZE),
                easel.px(LEAST_NAME_SIZE),
                ready.room().width(),
                ready.plate().ink());
    }

    private void name(Box room, double share) {
        double width = nameWidth(room.width() * share, room.height());
        double x = switch (easel.tune().align()) {
            case LEFT -> room.x();
            case CENTRE -> room.centreX() - width / 2;
            case RIGHT -> room.right() - width;
        };
        Plates.Ready ready = Plates.of(
                family,
                easel,
                new Box(x, room.y(), Math.max(1, width), room.height()),
                Plate.Sort.NAME,
                Emblem.Size.SMALL);
        marks.addAll(ready.marks());
        Words.Line line = line(ready);
        marks.add(line.at(
                easel.tune().align(),
                ready.room().x(),
                ready.room().right(),
                ready.room().centreY() + line.caps() / 2));
    }
}
