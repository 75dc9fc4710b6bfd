package brandeon.core.motion;

/**
 * A cubic Bézier easing as CSS Easing 1 defines it: x1 and x2 within 0 to 1.
 */
public record Easing(double x1, double y1, double x2, double y2) {

    public static final Easing LINEAR = new Easing(0, 0, 1, 1);
    public static final Easing EASE_IN = new Easing(0.42, 0, 1, 1);
    public static final Easing EASE_OUT = new Easing(0, 0, 0.58, 1);
    public static final Easing EASE_IN_OUT = new Easing(0.42, 0, 0.58, 1);
    /** Fast at first, then settling: for things that arrive. */
    public static final Easing ARRIVE = new Easing(0.16, 1, 0.3, 1);
    /** Slow at first, then gone: for things that leave. */
    public static final Easing LEAVE = new Easing(0.7, 0, 0.84, 0);

    private static final double PRECISE = 1e-9;

    public Easing {
        if (!(x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1)) {
            throw new IllegalArgumentException(
                    "An easing's x values lie between 0 and 1, not " + x1 + " and " + x2 + ".");
        }
    }

    /** Output progress for an input progress from 0 to 1. */
    public double at(double progress) {
        if (progress <= 0 || progress >= 1) {
            return Math.clamp(progress, 0, 1);
        }
        double low = 0;
        double high = 1;
        double t = progress;
        while (high - low > PRECISE) {
            if (bezier(t, x1, x2) < progress) {
                low = t;
            } else {
                high = t;
            }
            t = (low + high) / 2;
        }
        return bezier(t, y1, y2);
    }

    /** The same easing as CSS text. */
    public String css() {
        return "cubic-bezier(" + x1 + "," + y1 + "," + x2 + "," + y2 + ")";
    }

    private static double bezier(double t, double p1, double p2) {
        double rest = 1 - t;
        return 3 * rest * rest * t * p1 + 3 * rest * t * t * p2 + t * t * t;
    }
}
