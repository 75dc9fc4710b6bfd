package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/**
 * Applies a mapping to every pixel. The mapping is computed on a lattice of {@value #SIDE}³ colours and interpolated
 * between them within tetrahedra, which keeps greys grey; the error against the mapping itself stays below what can be
 * seen (test). Opacity is kept; the original is not changed.
 */
public final class Repaint {

    private static final int SIDE = 33;
    private static final int LAST = SIDE - 1;

    private Repaint() {}

    /** @return a new picture of the same size, not premultiplied */
    public static BufferedImage of(BufferedImage original, Mapping mapping) {
        int width = original.getWidth();
        int height = original.getHeight();
        BufferedImage result = copy(original);
        int[] pixels = ((DataBufferInt) result.getRaster().getDataBuffer()).getData();
        int[][] lattice = lattice(mapping, needed(pixels));
        IntStream.range(0, height).parallel().forEach(y -> row(pixels, y * width, width, lattice));
        return result;
    }

    private static BufferedImage copy(BufferedImage original) {
        BufferedImage copy = new BufferedImage(original.getWidth(), original.getHeight(), BufferedImage.TYPE_INT_ARGB);
        if (original.getType() == BufferedImage.TYPE_INT_ARGB) {
            original.copyData(copy.getRaster());
        } else {
            copy.setRGB(
                    0,
                    0,
                    original.getWidth(),
                    original.getHeight(),
                    original.getRGB(0, 0, original.getWidth(), original.getHeight(), null, 0, original.getWidth()),
                    0,
                    original.getWidth());
        }
        return copy;
    }

    /** The lattice colours that this picture's pixels lie between; most pictures use few of them. */
    private static boolean[] needed(int[] pixels) {
        boolean[] cells = new boolean[SIDE * SIDE * SIDE];
        // No pixel counts as see-through black, so the first one that is painted differs from it.
        int before = 0;
        for (int pixel : pixels) {
            if (pixel != before && pixel >>> 24 != 0) {
                before = pixel;
                cells[
                        ((pixel >> 16 & 255) * LAST / 255 * SIDE + (pixel >> 8 & 255) * LAST / 255) * SIDE
                                + (pixel & 255) * LAST / 255] = true;
            }
        }
        boolean[] corners = new boolean[cells.length];
        for (int cell = 0; cell < cells.length; cell++) {
            for (int corner = 0; cells[cell] && corner < 8; corner++) {
                int at = cell + (corner & 1) + (corner >> 1 & 1) * SIDE + (corner >> 2) * SIDE * SIDE;
                corners[Math.min(at, corners.length - 1)] = true;
            }
        }
        return corners;
    }

    /** Shape: [red, green, blue][red × SIDE² + green × SIDE + blue], 0 to 255 × 256. */
    private static int[][] lattice(Mapping mapping, boolean[] needed) {
        int[][] lattice = new int[3][needed.length];
        IntStream.range(0, needed.length)
                .parallel()
                .filter(index -> needed[index])
                .forEach(index -> {
                    Colour colour = mapping.apply(Colour.of(
                            index / (SIDE * SIDE) / (double) LAST,
                            index / SIDE % SIDE / (double) LAST,
                            index % SIDE / (double) LAST));
                    lattice[0][index] = (int) Math.round(colour.red() * 255 * 256);
                    lattice[1][index] = (int) Math.round(colour.green() * 255 * 256);
                    lattice[2][index] = (int) Math.round(colour.blue() * 255 * 256);
                });
        return lattice;
    }

    private static void row(int[] pixels, int from, int width, int[][] lattice) {
        int[] red = lattice[0];
        int[] green = lattice[1];
        int[] blue = lattice[2];
        int before = 0;
        int after = 0;
        for (int i = from; i < from + width; i++) {
            int pixel = pixels[i];
            int alpha = pixel & 0xff000000;
            if (alpha == 0) {
                continue;
            }
            int rgb = pixel & 0xffffff;
            // Most art is flat: the next pixel is often the same colour.
            if (i == from || rgb != before || (pixels[i - 1] & 0xff000000) == 0) {
                before = rgb;
                after = interpolated(rgb >> 16, rgb >> 8 & 255, rgb & 255, red, green, blue);
            }
            pixels[i] = alpha | after;
        }
    }

    /** Positions count in steps of 1/255 of a cell, so that whole lattice colours are met exactly. */
    private static int interpolated(int r, int g, int b, int[] red, int[] green, int[] blue) {
        int r0 = r * LAST / 255;
        int g0 = g * LAST / 255;
        int b0 = b * LAST / 255;
        int fr = r * LAST - r0 * 255;
        int fg = g * LAST - g0 * 255;
        int fb = b * LAST - b0 * 255;
        int base = (r0 * SIDE + g0) * SIDE + b0;
        int dr = r0 < LAST ? SIDE * SIDE : 0;
        int dg = g0 < LAST ? SIDE : 0;
        int db = b0 < LAST ? 1 : 0;
        // Along the edges in the order of the larger fraction: the tetrahedron that holds the colour.
        int first = fr >= fg ? (fr >= fb ? dr : db) : (fg >= fb ? dg : db);
        int last = fr < fg ? (fr < fb ? dr : db) : (fg < fb ? dg : db);
        int most = Math.max(fr, Math.max(fg, fb));
        int least = Math.min(fr, Math.min(fg, fb));
        int middle = fr + fg + fb - most - least;
        int whole = base + dr + dg + db;
        int one = base + first;
        int two = whole - last;
        int w0 = 255 - most;
        int w1 = most - middle;
        int w2 = middle - least;
        return part(red, base, one, two, whole, w0, w1, w2, least) << 16
                | part(green, base, one, two, whole, w0, w1, w2, least) << 8
                | part(blue, base, one, two, whole, w0, w1, w2, least);
    }

    private static int part(int[] lattice, int base, int one, int two, int whole, int w0, int w1, int w2, int w3) {
        int sum = lattice[base] * w0 + lattice[one] * w1 + lattice[two] * w2 + lattice[whole] * w3;
        return (sum / 255 + 128) >> 8;
    }
}
