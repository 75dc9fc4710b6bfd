package brandeon.core.opening;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Pixels;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Takes a flat keying colour out of a picture, with its soft edge and its spill.
 *
 * A pixel at the edge is a mixture C = α · F + (1 − α) · K of what is painted, F, and the keying colour, K (Porter and
 * Duff 1984, "over"; Smith and Blinn 1996, "Blue Screen Matting"). F is taken to be the colour of the nearest pixel
 * that has nothing of the key in it; then α is where C lies on the way from K to F, and F is painted in its place, so
 * that no colour of the key is left.
 */
public final class KeyRemoval {

    /** Steps of eight bits within which a pixel is the key itself. */
    private static final int SAME = 16;
    /** Edges are looked for this many pixels around the key. */
    private static final int WIDEST = 32;
    /** Of the key's own colourfulness: a step outwards that loses less of it has left the edge. */
    private static final double LEAST_LOSS = 0.012;

    private static final int FREE = 0;
    private static final int UNSEEN = Integer.MAX_VALUE;

    private final int width;
    private final int height;
    private final int[] argb;
    private final int key;
    private final double keyBlue;
    private final double keyRed;

    private KeyRemoval(BufferedImage image, int key) {
        this.width = image.getWidth();
        this.height = image.getHeight();
        this.argb = Pixels.of(image);
        this.key = key;
        this.keyBlue = blue(key);
        this.keyRed = red(key);
    }

    /** @return the picture with the key see-through, not premultiplied; other pixels as they were */
    public static BufferedImage of(BufferedImage image, Colour key) {
        BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
        out.setRGB(
                0,
                0,
                image.getWidth(),
                image.getHeight(),
                new KeyRemoval(image, Pixels.pixel(key)).removed(),
                0,
                image.getWidth());
        return out;
    }

    private int[] removed() {
        int[] far = new int[argb.length];
        Arrays.fill(far, UNSEEN);
        List<Integer> ring = new ArrayList<>();
        for (int i = 0; i < argb.length; i++) {
            if (argb[i] >>> 24 > 0 && off(argb[i], key) <= SAME) {
                far[i] = FREE;
                ring.add(i);
            }
        }
        List<List<Integer>> rings = new ArrayList<>();
        for (int step = 1; step <= WIDEST && !ring.isEmpty(); step++) {
            ring = next(ring, far, step);
            rings.add(ring);
        }
        int[] painted = argb.clone();
        for (int i = 0; i < argb.length; i++) {
            if (far[i] == FREE) {
                painted[i] = 0;
            }
        }
        // From the outermost ring inwards each pixel of the edge takes over what its neighbour farther out is painted
        // with.
        int[] paint = argb.clone();
        for (List<Integer> edge : rings.reversed()) {
            for (int i : edge) {
                paint[i] = outside(i, far, paint);
                painted[i] = unmixed(argb[i], paint[i]);
            }
        }
        return painted;
    }

    /** Pixels around a ring that have less of the key in them. */
    private List<Integer> next(List<Integer> ring, int[] far, int step) {
        List<Integer> next = new ArrayList<>();
        for (int i : ring) {
            double keyness = keyness(argb[i]);
            for (int other : around(i)) {
                if (far[other] == UNSEEN && argb[other] >>> 24 > 0 && keyness - keyness(argb[other]) > LEAST_LOSS) {
                    far[other] = step;
                    next.add(other);
                }
            }
        }
        return next;
    }

    /** The mean of the neighbours that lie farther from the key; the pixel itself where there is none. */
    private int outside(int i, int[] far, int[] paint) {
        int n = 0;
        int r = 0;
        int g = 0;
        int b = 0;
        for (int other : around(i)) {
            if (far[other] > far[i] && argb[other] >>> 24 > 0) {
                n++;
                r += paint[other] >> 16 & 255;
                g += paint[other] >> 8 & 255;
                b += paint[other] & 255;
            }
        }
        return n == 0 ? paint[i] : 255 << 24 | r / n << 16 | g / n << 8 | b / n;
    }

    private int unmixed(int pixel, int paint) {
        double way = 0;
        double length = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            double whole = (paint >> shift & 255) - (key >> shift & 255);
            way += whole * ((pixel >> shift & 255) - (key >> shift & 255));
            length += whole * whole;
        }
        double alpha = length == 0 ? 1 : Math.clamp(way / length, 0, 1);
        return (int) Math.rint(alpha * (pixel >>> 24)) << 24 | paint & 0xffffff;
    }

    private int[] around(int i) {
        int x = i % width;
        int y = i / width;
        int[] places = new int[8];
        int n = 0;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                if ((dx != 0 || dy != 0) && x + dx >= 0 && y + dy >= 0 && x + dx < width && y + dy < height) {
                    places[n++] = i + dy * width + dx;
                }
            }
        }
        return n == 8 ? places : Arrays.copyOf(places, n);
    }

    private static int off(int one, int other) {
        return Math.max(
                Math.abs((one >> 16 & 255) - (other >> 16 & 255)),
                Math.max(Math.abs((one >> 8 & 255) - (other >> 8 & 255)), Math.abs((one & 255) - (other & 255))));
    }

    /** How much of the key's colourfulness a pixel has, 1 for the key itself; grey has none. */
    private double keyness(int pixel) {
        return (blue(pixel) * keyBlue + red(pixel) * keyRed) / (keyBlue * keyBlue + keyRed * keyRed);
    }

    /** Colour difference to blue, as in BT.709 up to a factor. */
    private static double blue(int pixel) {
        return (pixel & 255) - light(pixel);
    }

    private static double red(int pixel) {
        return (pixel >> 16 & 255) - light(pixel);
    }

    private static double light(int pixel) {
        return 0.2126 * (pixel >> 16 & 255) + 0.7152 * (pixel >> 8 & 255) + 0.0722 * (pixel & 255);
    }
}
