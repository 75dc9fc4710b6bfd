package brandeon.core.canvas;

/**
 * Where a capture goes so that it covers an opening with no gap, in the figures that broadcasting software asks for.
 *
 * @param x          left edge of the cropped capture, in whole canvas pixels
 * @param y          top edge of the cropped capture, in whole canvas pixels
 * @param scale      size on the canvas divided by size of the capture
 * @param crop       what is cut off each side, in the capture's own pixels, even numbers
 * @param gap        the widest strip of opening that stays uncovered, in canvas pixels; 0 by construction
 * @param shownShare the share of the capture's area that the opening shows, 0 to 1
 */
public record CaptureFit(int x, int y, double scale, Crop crop, Box shown, double gap, double shownShare) {

    /** Source pixels cut off each side. */
    public record Crop(int left, int top, int right, int bottom) {
    }

    /** Whether the capture is enlarged beyond its own pixels, which makes it soft. */
    public boolean enlarged() {
        return scale > 1.0000001;
    }

    /**
     * Places a capture behind an opening so that it covers it with no gap.
     *
     * The capture keeps its aspect ratio. What does not fit is cropped evenly from both sides; crops are whole
     * source pixels, rounded down to even numbers, since most video formats store colour for pairs of pixels. So up
     * to two source pixels more than needed remain on each side, hidden by the frame.
     *
     * @param capture size of the camera or game picture, in its own pixels
     * @param opening where it must show, in canvas pixels
     * @param bleed   how far the capture reaches under the frame on each side, in canvas pixels
     * @throws IllegalArgumentException when the opening is empty or the bleed negative
     */
    public static CaptureFit cover(Size capture, Box opening, double bleed) {
        if (opening.width() <= 0 || opening.height() <= 0 || bleed < 0) {
            throw new IllegalArgumentException("An opening of " + opening.width() + " × " + opening.height() + " with a bleed of " + bleed + " cannot be covered.");
        }
        Box target = outward(opening.grown(bleed));
        double scale = Math.max(target.width() / capture.width(), target.height() / capture.height());
        int cropX = evenBelow((capture.width() - target.width() / scale) / 2);
        int cropY = evenBelow((capture.height() - target.height() / scale) / 2);
        double width = (capture.width() - 2 * cropX) * scale;
        double height = (capture.height() - 2 * cropY) * scale;
        int x = (int) target.x() - overhang(width - target.width());
        int y = (int) target.y() - overhang(height - target.height());
        Box shown = new Box(x, y, width, height);
        double share = Math.min(1, opening.area() / (capture.width() * scale * capture.height() * scale));
        return new CaptureFit(x, y, scale, new Crop(cropX, cropY, cropX, cropY), shown, gap(opening, shown), share);
    }

    /** Half of what is left over, in whole pixels; rounding noise below nothing counts as nothing. */
    private static int overhang(double leftOver) {
        return (int) Math.floor(Math.max(0, leftOver + 1e-6) / 2);
    }

    private static Box outward(Box box) {
        double left = Math.floor(box.x());
        double top = Math.floor(box.y());
        return new Box(left, top, Math.ceil(box.right()) - left, Math.ceil(box.bottom()) - top);
    }

    private static int evenBelow(double pixels) {
        // The tiny addition keeps 159.99999999 from losing a pair of pixels to rounding noise.
        return Math.max(0, (int) Math.floor((pixels + 1e-6) / 2) * 2);
    }

    private static double gap(Box opening, Box shown) {
        double widest = opening.outside(shown);
        return widest < 1e-6 ? 0 : widest;
    }
}
