package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Share;
import brandeon.core.motion.Pose;
import brandeon.core.motion.Track;
import brandeon.core.text.Measure;
import java.util.List;

/**
 * Turns marks left to right, or upside down. Words and clocks keep their reading direction and only change their
 * place.
 */
public final class Mirror {

    private Mirror() {}

    /** @param axis x that stays where it is */
    public static List<Mark> across(double axis, List<Mark> marks) {
        return marks.stream().map(mark -> one(axis, mark)).toList();
    }

    private static Mark one(double axis, Mark mark) {
        double a = 2 * axis;
        return switch (mark) {
            case Mark.Filled(Outline outline, Paint paint) -> new Mark.Filled(outline(a, outline), paint(a, paint));
            case Mark.Stroked(Outline outline, Paint paint, double width) ->
                new Mark.Stroked(outline(a, outline), paint(a, paint), width);
            case Mark.Text t ->
                new Mark.Text(
                        t.text(),
                        t.face(),
                        t.px(),
                        a - t.x(),
                        t.y(),
                        switch (t.anchor()) {
                            case START -> Mark.Anchor.END;
                            case MIDDLE -> Mark.Anchor.MIDDLE;
                            case END -> Mark.Anchor.START;
                        },
                        t.colour(),
                        t.clamp());
            case Mark.Digits d ->
                new Mark.Digits(
                        d.clock(),
                        d.face(),
                        d.px(),
                        d.cells().reversed().stream().map(x -> a - x).toList(),
                        d.y(),
                        d.colour(),
                        d.showing(),
                        across(axis, d.ended()));
            case Mark.Until u -> new Mark.Until(u.clock(), across(axis, u.marks()));
            case Mark.Group g -> new Mark.Group(g.part(), g.opacity(), outline(a, g.clip()), across(axis, g.marks()));
            case Mark.Picture p ->
                new Mark.Picture(
                        p.name(),
                        new Box(
                                a - p.box().right(),
                                p.box().y(),
                                p.box().width(),
                                p.box().height()),
                        p.filter());
            case Mark.Bed(Outline shape) -> new Mark.Bed(outline(a, shape));
            case Mark.Moved(Pose pose, List<Mark> moved) -> new Mark.Moved(pose(a, pose), across(axis, moved));
            case Mark.Blurred b -> new Mark.Blurred(b.deviation(), across(axis, b.marks()));
            case Mark.Shadowed s ->
                new Mark.Shadowed(-s.dx(), s.dy(), s.deviation(), s.colour(), across(axis, s.marks()));
            case Mark.Swarm s ->
                new Mark.Swarm(
                        new Box(
                                a - s.box().right(),
                                s.box().y(),
                                s.box().width(),
                                s.box().height()),
                        s.particles(),
                        s.grain(),
                        s.soft(),
                        s.picture(),
                        s.colour(),
                        s.shadow(),
                        s.moving());
            case Mark.Blended b ->
                new Mark.Blended(
                        across(axis, b.ground()),
                        b.blend(),
                        b.strength(),
                        outline(a, b.shape()),
                        across(axis, b.over()));
        };
    }

    /** A piece turned left to right, with its movements and openings. */
    public static PieceArt across(double axis, PieceArt art) {
        return new PieceArt(
                across(axis, art.marks()),
                art.tracks().stream()
                        .map(track -> track.with(track.keys().stream()
                                .map(key -> key(2 * axis, key))
                                .toList()))
                        .toList(),
                art.openings().stream()
                        .map(o -> o.at(
                                new Box(
                                                2 * axis - o.box().right(),
                                                o.box().y(),
                                                o.box().width(),
                                                o.box().height())
                                        .snapped(),
                                share -> new Share(1 - share.x(), share.y())))
                        .toList());
    }

    /** A piece turned upside down, with its movements and openings. */
    public static PieceArt over(double axis, PieceArt art) {
        return new PieceArt(
                over(axis, art.marks()),
                art.tracks().stream()
                        .map(track -> track.with(track.keys().stream()
                                .map(k -> new Track.Key(
                                        k.offset(),
                                        k.x(),
                                        -k.y(),
                                        -k.turn(),
                                        k.scale(),
                                        k.pivotX(),
                                        2 * axis - k.pivotY(),
                                        k.opacity()))
                                .toList()))
                        .toList(),
                art.openings().stream()
                        .map(o -> o.at(
                                new Box(
                                                o.box().x(),
                                                2 * axis - o.box().bottom(),
                                                o.box().width(),
                                                o.box().height())
                                        .snapped(),
                                share -> new Share(share.x(), 1 - share.y())))
                        .toList());
    }

    /** @param a twice the axis */
    static Track.Key key(double a, Track.Key key) {
        return new Track.Key(
                key.offset(),
                -key.x(),
                key.y(),
                -key.turn(),
                key.scale(),
                a - key.pivotX(),
                key.pivotY(),
                key.opacity());
    }

    /** @param a twice the axis */
    private static Pose pose(double a, Pose p) {
        return new Pose(-p.x(), p.y(), -p.turn(), p.scale(), a - p.pivotX(), p.pivotY(), p.opacity());
    }

    private static Outline outline(double a, Outline outline) {
        return new Outline(outline.steps().stream()
                .map(step -> switch (step) {
                    case Outline.Move(double x, double y) -> new Outline.Move(a - x, y);
                    case Outline.Line(double x, double y) -> new Outline.Line(a - x, y);
                    case Outline.Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                        new Outline.Curve(a - x1, y1, a - x2, y2, a - x, y);
                    case Outline.Close() -> step;
                })
                .toList());
    }

    private static Paint paint(double a, Paint paint) {
        return switch (paint) {
            case Paint.Solid _ -> paint;
            case Paint.Linear l -> new Paint.Linear(a - l.x1(), l.y1(), a - l.x2(), l.y2(), l.stops());
            case Paint.Radial r -> new Paint.Radial(a - r.x(), r.y(), r.radius(), r.stops());
        };
    }

    /**
     * Turns marks upside down. Words and clocks stay upright and only change their place.
     *
     * @param axis y that stays where it is
     */
    public static List<Mark> over(double axis, List<Mark> marks) {
        return marks.stream().map(mark -> flipped(axis, mark)).toList();
    }

    private static Mark flipped(double axis, Mark mark) {
        double a = 2 * axis;
        return switch (mark) {
            case Mark.Filled(Outline outline, Paint paint) -> new Mark.Filled(down(a, outline), down(a, paint));
            case Mark.Stroked(Outline outline, Paint paint, double width) ->
                new Mark.Stroked(down(a, outline), down(a, paint), width);
            case Mark.Text t ->
                new Mark.Text(
                        t.text(),
                        t.face(),
                        t.px(),
                        t.x(),
                        a - t.y() + Measure.capHeight(t.face(), t.px()),
                        t.anchor(),
                        t.colour(),
                        t.clamp());
            case Mark.Digits d ->
                new Mark.Digits(
                        d.clock(),
                        d.face(),
                        d.px(),
                        d.cells(),
                        a - d.y() + Measure.capHeight(d.face(), d.px()),
                        d.colour(),
                        d.showing(),
                        over(axis, d.ended()));
            case Mark.Until u -> new Mark.Until(u.clock(), over(axis, u.marks()));
            case Mark.Group g -> new Mark.Group(g.part(), g.opacity(), down(a, g.clip()), over(axis, g.marks()));
            case Mark.Picture p ->
                new Mark.Picture(
                        p.name(),
                        new Box(
                                p.box().x(),
                                a - p.box().bottom(),
                                p.box().width(),
                                p.box().height()),
                        p.filter());
            case Mark.Bed(Outline shape) -> new Mark.Bed(down(a, shape));
            case Mark.Moved(Pose p, List<Mark> moved) ->
                new Mark.Moved(
                        new Pose(p.x(), -p.y(), -p.turn(), p.scale(), p.pivotX(), a - p.pivotY(), p.opacity()),
                        over(axis, moved));
            case Mark.Blurred b -> new Mark.Blurred(b.deviation(), over(axis, b.marks()));
            case Mark.Shadowed s ->
                new Mark.Shadowed(s.dx(), -s.dy(), s.deviation(), s.colour(), over(axis, s.marks()));
            case Mark.Swarm s ->
                new Mark.Swarm(
                        new Box(
                                s.box().x(),
                                a - s.box().bottom(),
                                s.box().width(),
                                s.box().height()),
                        s.particles(),
                        s.grain(),
                        s.soft(),
                        s.picture(),
                        s.colour(),
                        s.shadow(),
                        s.moving());
            case Mark.Blended b ->
                new Mark.Blended(
                        over(axis, b.ground()), b.blend(), b.strength(), down(a, b.shape()), over(axis, b.over()));
        };
    }

    private static Outline down(double a, Outline outline) {
        return new Outline(outline.steps().stream()
                .map(step -> switch (step) {
                    case Outline.Move(double x, double y) -> new Outline.Move(x, a - y);
                    case Outline.Line(double x, double y) -> new Outline.Line(x, a - y);
                    case Outline.Curve(double x1, double y1, double x2, double y2, double x, double y) ->
                        new Outline.Curve(x1, a - y1, x2, a - y2, x, a - y);
                    case Outline.Close() -> step;
                })
                .toList());
    }

    private static Paint down(double a, Paint paint) {
        return switch (paint) {
            case Paint.Solid _ -> paint;
            case Paint.Linear l -> new Paint.Linear(l.x1(), a - l.y1(), l.x2(), a - l.y2(), l.stops());
            case Paint.Radial r -> new Paint.Radial(r.x(), a - r.y(), r.radius(), r.stops());
        };
    }
}
