package brandeon.core.art;

import brandeon.core.canvas.Size;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Optional;

/**
 * When a transition clip covers the canvas: from the first to the last instant at which no canvas pixel is
 * see-through. Between them a change of scene cannot be seen.
 *
 * @param first milliseconds from the start of the clip
 * @param last  milliseconds from the start of the clip
 */
public record Cover(double first, double last) {

    /** Coarse looks are this many times smaller in each direction. */
    private static final int COARSE = 6;

    private static final int OPAQUE = 255;
    /** Edges that touch inside one coarse pixel cover it nearly. */
    private static final int NEARLY = 200;

    private static final double STEP = 1000 / 60.0;
    /** Half a millisecond: finer than any frame. */
    private static final double FINE = 0.5;

    /** Where to change scenes: the middle of the covered time, in whole milliseconds. */
    public long cut() {
        return Math.round((first + last) / 2);
    }

    /** The frame that is shown at {@link #cut()}, counted from 0. */
    public long frame(int framesPerSecond) {
        return (long) Math.floor(cut() * framesPerSecond / 1000.0);
    }

    /**
     * Finds the longest covered time.
     *
     * The clip is looked at 60 times a second in coarse pictures, then both ends are narrowed down in pictures of the
     * full size, where every pixel must be opaque. A gap that opens and closes again between two looks is not seen.
     *
     * @param size   of the canvas, in pixels
     * @param start  instant of the start in its tracks, epoch milliseconds
     * @param millis length of the clip
     * @return empty when it never covers the canvas
     */
    public static Optional<Cover> of(PieceArt art, Size size, long start, double millis) {
        Size coarse = Size.of(Math.max(1, size.width() / COARSE), Math.max(1, size.height() / COARSE));
        double from = -1;
        double bestFrom = 0;
        double bestLast = -1;
        for (double at = 0; at <= millis + STEP; at += STEP) {
            boolean covered = at <= millis && covers(art, size, coarse, start + at);
            if (covered && from < 0) {
                from = at;
            }
            if (!covered && from >= 0) {
                if (at - STEP - from > bestLast - bestFrom) {
                    bestFrom = from;
                    bestLast = at - STEP;
                }
                from = -1;
            }
        }
        if (bestLast < bestFrom) {
            return Optional.empty();
        }
        return refined(art, size, start, bestFrom, bestLast, millis);
    }

    private static Optional<Cover> refined(
            PieceArt art, Size size, long start, double from, double last, double millis) {
        double first = from;
        while (first > 0 && covers(art, size, size, start + first - STEP)) {
            first -= STEP;
        }
        while (first <= last && !covers(art, size, size, start + first)) {
            first += STEP;
        }
        double end = last;
        while (end + STEP <= millis && covers(art, size, size, start + end + STEP)) {
            end += STEP;
        }
        while (end >= first && !covers(art, size, size, start + end)) {
            end -= STEP;
        }
        if (end < first) {
            return Optional.empty();
        }
        return Optional.of(
                new Cover(edge(art, size, start, first - STEP, first), edge(art, size, start, end + STEP, end)));
    }

    /** The instant nearest to {@code open} at which it still covers. */
    private static double edge(PieceArt art, Size size, long start, double open, double covered) {
        double out = open;
        double in = covered;
        while (Math.abs(in - out) > FINE) {
            double middle = (in + out) / 2;
            if (covers(art, size, size, start + middle)) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return Math.max(0, in);
    }

    private static boolean covers(PieceArt art, Size canvas, Size looked, double at) {
        int least = looked.equals(canvas) ? OPAQUE : NEARLY;
        BufferedImage image = Raster.paint(canvas.box(), looked, art.at(at), Math.round(at), Pictures.NONE);
        for (int pixel : ((DataBufferInt) image.getRaster().getDataBuffer()).getData()) {
            if (pixel >>> 24 < least) {
                return false;
            }
        }
        return true;
    }
}
