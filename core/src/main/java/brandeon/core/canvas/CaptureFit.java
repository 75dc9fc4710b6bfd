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
    public record Crop(int left, int top, int right, int bottom) {}

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
        return cover(capture, opening, bleed, SourceBox.whole(capture));
    }

    /**
     * The same, with the crop moved as little from the middle as keeps a part of the picture in sight, such as a face.
     * Where the part is larger than what shows, it is cut evenly.
     *
     * @param keep the whole capture for no wish
     */
    public static CaptureFit cover(Size capture, Box opening, double bleed, SourceBox keep) {
        if (opening.width() <= 0 || opening.height() <= 0 || bleed < 0) {
            throw new IllegalArgumentException("An opening of " + opening.width() + " × " + opening.height()
                    + " with a bleed of " + bleed + " cannot be covered.");
        }
        Box target = opening.grown(bleed).outward();
        double scale = Math.max(target.width() / capture.width(), target.height() / capture.height());
        Cut across = Cut.of(capture.width(), opening.width() / scale, target.width() / scale, keep.x(), keep.right());
        Cut down = Cut.of(capture.height(), opening.height() / scale, target.height() / scale, keep.y(), keep.bottom());
        double width = (capture.width() - across.before() - across.after()) * scale;
        double height = (capture.height() - down.before() - down.after()) * scale;
        int x = (int) target.x() - overhang(across.tooMuch() * scale);
        int y = (int) target.y() - overhang(down.tooMuch() * scale);
        Box shown = new Box(x, y, width, height);
        double share = Math.min(1, opening.area() / (capture.width() * scale * capture.height() * scale));
        return new CaptureFit(
                x,
                y,
                scale,
                new Crop(across.before(), down.before(), across.after(), down.after()),
                shown,
                gap(opening, shown),
                share);
    }

    /**
     * What is cut off the two ends of one axis, in source pixels.
     *
     * @param tooMuch how much more than wanted stays before the window, since crops are even numbers
     */
    private record Cut(int before, int after, double tooMuch) {

        /**
         * @param seen   length that the opening shows
         * @param window length that must stay, with the bleed
         */
        static Cut of(double length, double seen, double window, double keepFrom, double keepTo) {
            double all = Math.max(0, length - window);
            double hidden = (window - seen) / 2;
            double most = keepFrom - hidden;
            double least = keepTo - seen - hidden;
            double start = least > most ? (least + most) / 2 : Math.clamp(all / 2, least, most);
            start = Math.clamp(start, 0, all);
            int before = evenBelow(start);
            return new Cut(before, evenBelow(all - start), start - before);
        }
    }

    /** Whole pixels; rounding noise below nothing counts as nothing. */
    private static int overhang(double pixels) {
        return (int) Math.floor(Math.max(0, pixels + 1e-6));
    }

    /** Where a part of the capture comes to lie on the canvas. */
    public Box onCanvas(SourceBox part) {
        return new Box(
                x + (part.x() - crop.left()) * scale,
                y + (part.y() - crop.top()) * scale,
                part.width() * scale,
                part.height() * scale);
    }

    /** The part of the capture that lies at a place of the canvas, in whole pixels; cut where there is no picture. */
    public SourceBox onCapture(Box place, Size capture) {
        Box part = new Box(
                        (place.x() - x) / scale + crop.left(),
                        (place.y() - y) / scale + crop.top(),
                        place.width() / scale,
                        place.height() / scale)
                .cut(capture.box())
                .snapped();
        return new SourceBox(part.x(), part.y(), part.width(), part.height());
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
