package brandeon.core.canvas;

import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * How much of a canvas may be cut off on each of its four sides, as shares of width and height.
 *
 * @param action   everything that matters lies within this
 * @param graphics texts lie within this; at least as much as {@code action}
 */
public record SafeMargins(double action, double graphics) {

    /** EBU R 95 and SMPTE ST 2046-1: 93 % of width and height for action, 90 % for graphics. */
    public static final SafeMargins BROADCAST = new SafeMargins(0.035, 0.05);

    private static final double MOST = 0.2;

    public SafeMargins {
        if (!(action >= 0 && action <= graphics && graphics <= MOST)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "Safe margins of %.1f %% and %.1f %% are out of range; both lie between 0 and 20 %%, and texts keep at least as much distance as the rest.",
                    action * 100,
                    graphics * 100));
        }
    }

    double share(SafeArea area) {
        return switch (area) {
            case ACTION -> action;
            case GRAPHICS -> graphics;
        };
    }
}
