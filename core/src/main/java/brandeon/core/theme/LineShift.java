package brandeon.core.theme;

import brandeon.core.canvas.Shape;
import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * A dividing line of a zone plan that was moved by hand.
 *
 * @param share where it stands, as a share of the canvas's width or height
 */
public record LineShift(SceneRole role, Shape shape, PlanLine line, double share) {

    public LineShift {
        if (!(share >= 0 && share <= 1)) {
            throw new Mistake(String.format(Locale.ROOT, "A line at %.2f lies outside the canvas.", share));
        }
    }

    boolean of(SceneRole otherRole, Shape otherShape, PlanLine otherLine) {
        return role == otherRole && shape == otherShape && line == otherLine;
    }
}
