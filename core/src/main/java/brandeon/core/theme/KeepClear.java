package brandeon.core.theme;

import brandeon.core.canvas.Shape;
import brandeon.core.canvas.UnitBox;
import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * A part of a scene that pieces must leave free, such as a platform's own buttons over the picture.
 *
 * @param shape canvases that it is on
 */
public record KeepClear(String id, String name, Shape shape, UnitBox box) {

    public KeepClear {
        if (name.isBlank() || name.length() > 60) {
            throw new Mistake("The name of a keep-clear area has between 1 and 60 letters.");
        }
        if (box.width() < Spot.LEAST_SIDE || box.height() < Spot.LEAST_SIDE) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A keep-clear area of %.0f × %.0f is too small; each side is at least %.0f.",
                    box.width(),
                    box.height(),
                    Spot.LEAST_SIDE));
        }
    }
}
