package brandeon.core.colour;

/** Relative luminance and contrast ratio as WCAG 2.2 defines them (1 to 21). Both colours must be opaque. */
public final class Contrast {

    /** Text of ordinary size, WCAG 2.2 success criterion 1.4.3. */
    public static final double TEXT = 4.5;
    /** Large text (1.4.3) and edges that carry meaning (1.4.11). */
    public static final double LARGE_OR_EDGE = 3;

    private Contrast() {}

    public static double ratio(Colour one, Colour other) {
        double first = luminance(one);
        double second = luminance(other);
        return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
    }

    /** Relative luminance, 0 for black and 1 for white. */
    public static double luminance(Colour colour) {
        return 0.2126 * Spaces.linear(colour.red())
                + 0.7152 * Spaces.linear(colour.green())
                + 0.0722 * Spaces.linear(colour.blue());
    }
}
