package brandeon.core.canvas;

import brandeon.core.problem.Mistake;
import java.util.Locale;

/**
 * Somebody who watches on a screen that is held or stands at a distance. On a phone the short side of the picture is
 * the
 * short side of the screen, whether it is held upright or sideways, so that one measure serves every shape of canvas.
 *
 * @param shortSide   of the picture as seen, in millimetres
 * @param distance    from the eye, in millimetres
 * @param leastHeight of a lower-case x, in minutes of arc
 */
public record Viewer(double shortSide, double distance, double leastHeight) {

    /**
     * A phone: some 64 mm across, held at 30 cm (common practice, no source). Letters of normal sight are 5 minutes
     * high;
     * fluent reading wants an x of 12 (Legge and Bigelow 2011, from memory). A glance at a word or two is possible
     * with 7.
     */
    public static final Viewer ON_A_PHONE = new Viewer(64, 300, 7);

    private static final double MINUTES = 60;

    public Viewer {
        if (!(shortSide >= 20
                && shortSide <= 5000
                && distance >= 100
                && distance <= 20_000
                && leastHeight >= 2
                && leastHeight <= 30)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A picture of %.0f mm seen from %.0f mm with letters of %.1f minutes is out of range.",
                    shortSide,
                    distance,
                    leastHeight));
        }
    }

    /** The least height of a lower-case x, in canvas pixels. */
    public double leastHeight(Size canvas) {
        double millimetres = distance * Math.tan(Math.toRadians(leastHeight / MINUTES));
        return millimetres / shortSide * canvas.shortSide();
    }

    /** How high something is for this viewer, in minutes of arc. */
    public double minutes(Size canvas, double pixels) {
        return Math.toDegrees(Math.atan(pixels / canvas.shortSide() * shortSide / distance)) * MINUTES;
    }
}
