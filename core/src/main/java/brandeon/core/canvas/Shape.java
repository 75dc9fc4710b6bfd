package brandeon.core.canvas;

/** The three proportions of canvas that need different arrangements. */
public enum Shape {
    WIDE,
    SQUARE,
    UPRIGHT;

    /** Within this factor of equal sides a canvas counts as square. */
    private static final double SQUARE_WITHIN = 1.2;

    public static Shape of(Size size) {
        double aspect = (double) size.width() / size.height();
        if (aspect > SQUARE_WITHIN) {
            return WIDE;
        }
        return aspect < 1 / SQUARE_WITHIN ? UPRIGHT : SQUARE;
    }
}
