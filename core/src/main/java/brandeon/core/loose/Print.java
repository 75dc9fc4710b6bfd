package brandeon.core.loose;

import java.util.Base64;

/**
 * A picture summed up coarsely, so that many can be compared: in each cell of a grid how much is covered, and how light
 * it is there.
 *
 * @param cover mean opacity of each cell, row by row, a byte each, in Base64
 * @param light mean luma (ITU-R BT.709) of what is painted in each cell, likewise
 */
public record Print(String cover, String light) {

    static final int SIDE = 32;
    private static final int CELLS = SIDE * SIDE;

    /** Cells that are covered less do not count for how light they are. */
    private static final int COVERED = 24;

    /** @param argb not premultiplied, row by row */
    public static Print of(int[] argb, int width, int height) {
        double[] opacity = new double[CELLS];
        double[] luma = new double[CELLS];
        int[] pixels = new int[CELLS];
        for (int y = 0; y < height; y++) {
            int row = y * SIDE / height * SIDE;
            for (int x = 0; x < width; x++) {
                int pixel = argb[y * width + x];
                int alpha = pixel >>> 24;
                int at = row + x * SIDE / width;
                opacity[at] += alpha;
                luma[at] +=
                        alpha * (0.2126 * (pixel >> 16 & 255) + 0.7152 * (pixel >> 8 & 255) + 0.0722 * (pixel & 255));
                pixels[at]++;
            }
        }
        byte[] cover = new byte[CELLS];
        byte[] light = new byte[CELLS];
        for (int i = 0; i < CELLS; i++) {
            // Pictures smaller than the grid leave cells empty.
            cover[i] = pixels[i] == 0 ? 0 : (byte) Math.round(opacity[i] / pixels[i]);
            light[i] = opacity[i] == 0 ? 0 : (byte) Math.round(luma[i] / opacity[i]);
        }
        Base64.Encoder text = Base64.getEncoder();
        return new Print(text.encodeToString(cover), text.encodeToString(light));
    }

    /** Decoded, for many comparisons. */
    Cells cells() {
        Base64.Decoder bytes = Base64.getDecoder();
        return new Cells(bytes.decode(cover), bytes.decode(light));
    }

    /** The same as numbers. */
    static final class Cells {

        /** Cells may differ by this much on average where edges were smoothed otherwise. */
        private static final double SAME_COVER = 1.5;

        private static final int FAR = 32;
        private static final int MOST_FAR = 1;
        /** Below this the lightness of a drawing says nothing: it is flat. */
        private static final double FLAT = 1.2;

        private static final int BINS = 24;
        /** Lightness that rounding and packing alone may shift. */
        private static final double NOISE = 3;
        /** Of the whole range of a drawing. */
        private static final double STRAY = 0.15;

        private static final int MOST_STRAY = 2;

        private final byte[] cover;
        private final byte[] light;
        private final int darkest;
        private final int lightest;
        private final double mean;
        private final double spread;

        private Cells(byte[] cover, byte[] light) {
            this.cover = cover;
            this.light = light;
            double sum = 0;
            int count = 0;
            int least = 255;
            int most = 0;
            for (int i = 0; i < CELLS; i++) {
                if ((cover[i] & 255) >= COVERED) {
                    sum += light[i] & 255;
                    least = Math.min(least, light[i] & 255);
                    most = Math.max(most, light[i] & 255);
                    count++;
                }
            }
            darkest = Math.min(least, most);
            lightest = most;
            mean = count == 0 ? 0 : sum / count;
            double squares = 0;
            for (int i = 0; i < CELLS; i++) {
                if ((cover[i] & 255) >= COVERED) {
                    squares += Math.pow((light[i] & 255) - mean, 2);
                }
            }
            spread = count == 0 ? 0 : Math.sqrt(squares / count);
        }

        boolean sameShape(Cells other) {
            double sum = 0;
            int far = 0;
            for (int i = 0; i < CELLS; i++) {
                int apart = Math.abs((cover[i] & 255) - (other.cover[i] & 255));
                sum += apart;
                if (apart > FAR) {
                    far++;
                }
            }
            return sum / CELLS <= SAME_COVER && far <= MOST_FAR;
        }

        /** Whether something of its shape sets it apart: not everything is covered alike. */
        boolean shaped() {
            int bare = 0;
            for (byte cell : cover) {
                if ((cell & 255) < 200) {
                    bare++;
                }
            }
            return bare > CELLS / 25;
        }

        boolean flat() {
            return spread < FLAT;
        }

        /**
         * Whether two are light and dark in the same places, in whatever colours: where one is of one lightness, so is
         * the other.
         */
        boolean alike(Cells other) {
            return follows(other) && other.follows(this);
        }

        /** Whether the other's lightness follows from this one's, but for a few cells at edges. */
        private boolean follows(Cells other) {
            int[][] counts = new int[BINS][256];
            int[] all = new int[BINS];
            for (int i = 0; i < CELLS; i++) {
                if (both(other, i)) {
                    int bin = bin(i);
                    counts[bin][other.light[i] & 255]++;
                    all[bin]++;
                }
            }
            int[] medians = new int[BINS];
            for (int bin = 0; bin < BINS; bin++) {
                int below = 0;
                while (below * 2 < all[bin] && medians[bin] < 255) {
                    below += counts[bin][medians[bin]++];
                }
            }
            double least = NOISE + STRAY * Math.min(255, 4 * other.spread);
            int stray = 0;
            for (int i = 0; i < CELLS; i++) {
                if (both(other, i) && Math.abs((other.light[i] & 255) - medians[bin(i)]) > least) {
                    stray++;
                }
            }
            return stray <= MOST_STRAY;
        }

        /** Of the drawing's own range, since a dark one has little of all. */
        private int bin(int i) {
            return ((light[i] & 255) - darkest) * BINS / (lightest - darkest + 1);
        }

        private boolean both(Cells other, int i) {
            return (cover[i] & 255) >= COVERED && (other.cover[i] & 255) >= COVERED;
        }

        /** How light the drawing is on the whole, 0 to 255. */
        double lightness() {
            return mean;
        }
    }
}
