package brandeon.core.canvas;

/**
 * The place of a capture for software that takes a box and fills it: the picture is scaled until it covers the box, and
 * what sticks out is cut.
 *
 * @param x      left edge of the box, in whole canvas pixels
 * @param y      top edge of the box
 * @param width  of the box, in whole canvas pixels
 * @param height of the box
 * @param across how much of what sticks out does so to the left, 0 to 1; one half when it is centred
 * @param down   how much of what sticks out does so at the top, 0 to 1
 */
public record BoxFill(int x, int y, int width, int height, double across, double down) {

    /** Crops are even numbers, so a fit may be that far from the middle, in canvas pixels, and mean it. */
    private static final double MIDDLE = 2;

    /**
     * The same place as a fit.
     *
     * @param opening where the capture must show, in canvas pixels
     * @param bleed   how far it reaches under the frame on each side, in canvas pixels
     */
    public static BoxFill of(CaptureFit fit, Size capture, Box opening, double bleed) {
        Box target = opening.grown(bleed).outward();
        return new BoxFill(
                (int) target.x(),
                (int) target.y(),
                (int) target.width(),
                (int) target.height(),
                share(capture.width() * fit.scale() - target.width(), target.x() - left(fit)),
                share(capture.height() * fit.scale() - target.height(), target.y() - top(fit)));
    }

    /** Where the whole picture would begin, uncut. */
    private static double left(CaptureFit fit) {
        return fit.x() - fit.crop().left() * fit.scale();
    }

    private static double top(CaptureFit fit) {
        return fit.y() - fit.crop().top() * fit.scale();
    }

    private static double share(double over, double before) {
        return Math.abs(before - over / 2) <= MIDDLE ? 0.5 : Math.clamp(before / over, 0, 1);
    }

    /** Whether what sticks out does so evenly, to the hundredth. */
    public boolean centred() {
        return Math.round(across * 100) == 50 && Math.round(down * 100) == 50;
    }
}
