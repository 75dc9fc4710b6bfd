package brandeon.core.art;

import java.util.Locale;

/**
 * How a picture's colour meets the colour behind it: the separable modes of Compositing and Blending Level 1 (W3C),
 * section 5.8, on coded sRGB as browsers do it.
 */
public enum Blend {
    NORMAL,
    MULTIPLY,
    SCREEN,
    OVERLAY,
    SOFT_LIGHT;

    /** As written in CSS. */
    public String css() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** For people, e.g. "soft light". */
    public String title() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /**
     * One colour part where both are opaque, 0 to 1.
     *
     * @param behind of the backdrop
     * @param over   of the picture
     */
    public double part(double behind, double over) {
        return switch (this) {
            case NORMAL -> over;
            case MULTIPLY -> behind * over;
            case SCREEN -> behind + over - behind * over;
            case OVERLAY -> hardLight(over, behind);
            case SOFT_LIGHT -> softLight(behind, over);
        };
    }

    private static double hardLight(double behind, double over) {
        return over <= 0.5 ? MULTIPLY.part(behind, 2 * over) : SCREEN.part(behind, 2 * over - 1);
    }

    private static double softLight(double behind, double over) {
        if (over <= 0.5) {
            return behind - (1 - 2 * over) * behind * (1 - behind);
        }
        double lifted = behind <= 0.25 ? ((16 * behind - 12) * behind + 4) * behind : Math.sqrt(behind);
        return behind + (2 * over - 1) * (lifted - behind);
    }
}
