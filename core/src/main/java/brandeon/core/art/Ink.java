package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.motion.Pose;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

/**
 * How far marks reach at rest, from their outlines, with or without light and shadow around them. Exact for what is
 * upright, never too small for what is turned.
 */
public final class Ink {

    /** Of a Gaussian, this many deviations from its middle nothing of it is seen any more. */
    private static final double GONE = 3;

    /** Whether light and shadow count. */
    private final boolean all;

    private Ink(boolean all) {
        this.all = all;
    }

    /** Without light and shadow, in canvas pixels; empty where nothing is painted. */
    public static Optional<Box> of(List<Mark> marks) {
        return new Ink(false).around(marks);
    }

    /** All pixels that are touched, light and shadow too, in canvas pixels; empty where nothing is painted. */
    public static Optional<Box> touched(List<Mark> marks) {
        return new Ink(true).around(marks);
    }

    private Optional<Box> around(List<Mark> marks) {
        return marks.stream().map(this::of).flatMap(Optional::stream).reduce(Box::around);
    }

    private Optional<Box> of(Mark mark) {
        return switch (mark) {
            case Mark.Filled(Outline _, Paint.Radial light)
            when !all && light.stops().getLast().colour().alpha() == 0 -> Optional.empty();
            case Mark.Filled(Outline outline, Paint _) -> of(outline, 0);
            case Mark.Stroked(Outline outline, Paint _, double width) -> of(outline, width / 2);
            case Mark.Text text -> text.text().isBlank() ? Optional.empty() : Optional.of(text.box());
            case Mark.Digits digits -> around(digits.shown(0));
            case Mark.Until until -> around(until.shown(0));
            case Mark.Group group ->
                group.clipped()
                        ? around(group.marks())
                                .map(inner ->
                                        of(group.clip(), 0).map(inner::cut).orElse(inner))
                                .filter(box -> box.area() > 0)
                        : around(group.marks());
            case Mark.Picture picture -> Optional.of(picture.box());
            case Mark.Bed _ -> Optional.empty();
            case Mark.Blended blended -> {
                Optional<Box> ground = around(blended.ground());
                Optional<Box> over = around(blended.over())
                        .map(box -> of(blended.shape(), 0).map(box::cut).orElse(box));
                yield ground.isPresent() && over.isPresent()
                        ? Optional.of(ground.get().around(over.get()))
                        : ground.or(() -> over);
            }
            case Mark.Moved(Pose pose, List<Mark> moved) -> around(moved).map(box -> moved(box, pose));
            case Mark.Blurred blurred -> around(blurred.marks()).map(box -> soft(box, blurred.deviation()));
            case Mark.Shadowed shadowed ->
                around(shadowed.marks())
                        .map(box -> all
                                ? box.around(soft(box, shadowed.deviation()).moved(shadowed.dx(), shadowed.dy()))
                                : box);
            case Mark.Swarm swarm -> Optional.of(swarm.box());
        };
    }

    /** A box around another that was moved, turned and scaled. */
    public static Box moved(Box box, Pose pose) {
        double pivotX = pose.pivotX();
        double pivotY = pose.pivotY();
        double scale = Math.abs(pose.scale());
        return new Box(
                        pivotX + (pose.scale() < 0 ? pivotX - box.right() : box.x() - pivotX) * scale,
                        pivotY + (pose.scale() < 0 ? pivotY - box.bottom() : box.y() - pivotY) * scale,
                        box.width() * scale,
                        box.height() * scale)
                .turned(pose.turn(), pivotX, pivotY)
                .moved(pose.x(), pose.y());
    }

    private Box soft(Box box, double deviation) {
        return all ? box.grown(GONE * deviation) : box;
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
