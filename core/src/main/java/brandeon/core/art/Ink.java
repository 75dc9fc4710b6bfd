package brandeon.core.art;

import brandeon.core.canvas.Box;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

/**
 * How far marks reach at rest, from their outlines; light and shadow around them do not count. Exact for what is
 * upright,
 * never too small for what is turned.
 */
public final class Ink {

    private Ink() {}

    /** In canvas pixels; empty where nothing is painted. */
    public static Optional<Box> of(List<Mark> marks) {
        return marks.stream().map(Ink::of).flatMap(Optional::stream).reduce(Box::around);
    }

    private static Optional<Box> of(Mark mark) {
        return switch (mark) {
            case Mark.Filled(Outline _, Paint.Radial light)
            when light.stops().getLast().colour().alpha() == 0 -> Optional.empty();
            case Mark.Filled(Outline outline, Paint _) -> of(outline, 0);
            case Mark.Stroked(Outline outline, Paint _, double width) -> of(outline, width / 2);
            case Mark.Text text -> text.text().isBlank() ? Optional.empty() : Optional.of(text.box());
            case Mark.Digits digits -> of(digits.shown(0));
            case Mark.Until until -> of(until.shown(0));
            case Mark.Group group ->
                group.clipped()
                        ? of(group.marks())
                                .map(inner ->
                                        of(group.clip(), 0).map(inner::cut).orElse(inner))
                                .filter(box -> box.area() > 0)
                        : of(group.marks());
            case Mark.Picture picture -> Optional.of(picture.box());
            case Mark.Bed _ -> Optional.empty();
            case Mark.Blended blended -> {
                Optional<Box> ground = of(blended.ground());
                Optional<Box> over = of(blended.over())
                        .map(box -> of(blended.shape(), 0).map(box::cut).orElse(box));
                yield ground.isPresent() && over.isPresent()
                        ? Optional.of(ground.get().around(over.get()))
                        : ground.or(() -> over);
            }
            case Mark.Moved(var pose, List<Mark> moved) ->
                of(moved).map(box -> {
                    AffineTransform transform =
                            AffineTransform.getTranslateInstance(pose.x() + pose.pivotX(), pose.y() + pose.pivotY());
                    transform.rotate(Math.toRadians(pose.turn()));
                    transform.scale(pose.scale(), pose.scale());
                    transform.translate(-pose.pivotX(), -pose.pivotY());
                    Path2D path = new Path2D.Double(
                            new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()), transform);
                    return box(path.getBounds2D());
                });
            case Mark.Blurred blurred -> of(blurred.marks());
            case Mark.Shadowed shadowed -> of(shadowed.marks());
            case Mark.Swarm swarm -> Optional.of(swarm.box());
        };
    }

    private static Optional<Box> of(Outline outline, double grown) {
        Rectangle2D bounds = outline.path().getBounds2D();
        return bounds.isEmpty() && grown == 0
                ? Optional.empty()
                : Optional.of(box(bounds).grown(grown));
    }

    private static Box box(Rectangle2D bounds) {
        return new Box(bounds.getX(), bounds.getY(), bounds.getWidth(), bounds.getHeight());
    }
}
