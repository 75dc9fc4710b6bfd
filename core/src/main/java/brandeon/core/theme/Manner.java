package brandeon.core.theme;

import brandeon.core.art.Blend;
import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * How a piece is laid on a scene, apart from its place.
 *
 * @param turn     degrees clockwise about its middle
 * @param mirrored left to right; words keep their reading direction
 * @param flipped  upside down; words stay upright
 * @param opacity  0 to 1
 * @param blend    with what lies behind it in the same source
 */
public record Manner(double turn, boolean mirrored, boolean flipped, double opacity, Blend blend) {

    public static final Manner PLAIN = new Manner(0, false, false, 1, Blend.NORMAL);

    private static final double MOST_TURN = 360;

    public Manner {
        if (!(Math.abs(turn) <= MOST_TURN)) {
            throw new Mistake(String.format(
                    Locale.ROOT, "A turn of %.1f degrees is out of range; it lies between -360 and 360.", turn));
        }
        if (!(opacity >= 0 && opacity <= 1)) {
            throw new Mistake(String.format(
                    Locale.ROOT, "An opacity of %.2f is out of range; it lies between 0 and 1.", opacity));
        }
    }

    public boolean turned() {
        return turn % MOST_TURN != 0;
    }
}
