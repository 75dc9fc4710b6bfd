package brandeon.core.art;

import brandeon.core.canvas.Box;
import java.util.List;

/** Turns marks left to right. Words and clocks keep their reading direction and only change their place. */
public final class Mirror {

    private Mirror() {
    }

    /** @param axis x that stays where it is */
    public static List<Mark> across(double axis, List<Mark> marks) {
        return marks.stream().map(mark -> one(axis, mark)).toList();
    }

    private static Mark one(double axis, Mark mark) {
        double a = 2 * axis;
        return switch (mark) {
            case Mark.Filled(Outline outline, Paint paint) -> new Mark.Filled(outline(a, outline), paint(a, paint));
            case Mark.Stroked(Outline outline, Paint paint, double width) -> new Mark.Stroked(outline(a, outline), paint(a, paint), width);
            case Mark.Text t -> new Mark.Text(t.text(), t.face(), t.px(), a - t.x(), t.y(), switch (t.anchor()) {
                case START -> Mark.Anchor.END;
                case MIDDLE -> Mark.Anchor.MIDDLE;
                case END -> Mark.Anchor.START;
            }, t.colour(), t.clamp());
            case Mark.Digits d -> new Mark.Digits(d.clock(), d.face(), d.px(), d.cells().reversed().stream().map(x -> a - x).toList(), d.y(), d.colour(), d.showing(), across(axis, d.ended()));
            case Mark.Group g -> new Mark.Group(g.part(), g.opacity(), outline(a, g.clip()), across(axis, g.marks()));
            case Mark.Picture p -> new Mark.Picture(p.name(), new Box(a - p.box().right(), p.box().y(), p.box().width(), p.box().height()), p.filter());
            case Mark.Bed(Outline shape) -> new Mark.Bed(outline(a, shape));
            case Mark.Blended b -> new Mark.Blended(across(axis, b.ground()), b.blend(), b.strength(), outline(a, b.shape()), across(axis, b.over()));
        };
    }

    private static Outline outline(double a, Outline outline) {
        return new Outline(outline.steps().stream().map(step -> switch (step) {
            case Outline.Move(double x, double y) -> new Outline.Move(a - x, y);
            case Outline.Line(double x, double y) -> new Outline.Line(a - x, y);
            case Outline.Curve(double x1, double y1, double x2, double y2, double x, double y) -> new Outline.Curve(a - x1, y1, a - x2, y2, a - x, y);
            case Outline.Close() -> step;
        }).toList());
    }

    private static Paint paint(double a, Paint paint) {
        return switch (paint) {
            case Paint.Solid _ -> paint;
            case Paint.Linear l -> new Paint.Linear(a - l.x1(), l.y1(), a - l.x2(), l.y2(), l.stops());
            case Paint.Radial r -> new Paint.Radial(a - r.x(), r.y(), r.radius(), r.stops());
        };
    }
}
