package brandeon.core.publish;

import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Pixels;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** How far a piece reaches on its canvas: all that it paints, with a little room; the canvas where it paints nothing. */
public final class Extent {

    private static final int COARSE = 4;
    private static final int LOOKS = 24;

    private Extent() {}

    /** At rest. */
    public static Box still(PieceArt art, Size canvas, Pictures pictures) {
        return of(art, canvas, DoubleStream.of(0), true, pictures).orElse(canvas.box());
    }

    /** While it moves; what shows between the looks and nowhere else is not seen. */
    public static Box moving(PieceArt art, Size canvas, long start, double millis, Pictures pictures) {
        return painted(art, canvas, start, millis, pictures).orElse(canvas.box());
    }

    /** The same; empty when it paints nothing. */
    static Optional<Box> painted(PieceArt art, Size canvas, long start, double millis, Pictures pictures) {
        return of(
                art,
                canvas,
                IntStream.rangeClosed(0, LOOKS).mapToDouble(i -> start + millis * i / LOOKS),
                false,
                pictures);
    }

    /** Whole canvas pixels, in pixels of the coarse look outward and one more. */
    private static Optional<Box> of(
            PieceArt art, Size canvas, DoubleStream instants, boolean atRest, Pictures pictures) {
        Size coarse = Size.of(Math.max(1, canvas.width() / COARSE), Math.max(1, canvas.height() / COARSE));
        int[] found = {coarse.width(), coarse.height(), -1, -1};
        instants.forEach(at -> {
            int[] pixels = Pixels.of(
                    Raster.paint(canvas.box(), coarse, atRest ? art.marks() : art.at(at), Math.round(at), pictures));
            for (int y = 0; y < coarse.height(); y++) {
                for (int x = 0; x < coarse.width(); x++) {
                    if (pixels[y * coarse.width() + x] >>> 24 != 0) {
                        found[0] = Math.min(found[0], x);
                        found[1] = Math.min(found[1], y);
                        found[2] = Math.max(found[2], x);
                        found[3] = Math.max(found[3], y);
                    }
                }
            }
        });
        if (found[2] < 0) {
            return Optional.empty();
        }
        double across = (double) canvas.width() / coarse.width();
        double down = (double) canvas.height() / coarse.height();
        Box box = new Box(
                (found[0] - 1) * across,
                (found[1] - 1) * down,
                (found[2] - found[0] + 3) * across,
                (found[3] - found[1] + 3) * down);
        return Optional.of(box.cut(canvas.box()).snapped());
    }
}
