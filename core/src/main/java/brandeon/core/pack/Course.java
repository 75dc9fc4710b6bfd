package brandeon.core.pack;

import brandeon.core.colour.Pixels;
import java.awt.image.BufferedImage;

/**
 * What a moving picture does over its whole length.
 *
 * @param frames    how many there are
 * @param millis    of all of them together
 * @param plays     how often it runs; 0 for ever
 * @param least     the least share of its pixels that is solid in any frame, 0 to 1
 * @param begins    the share that is painted in its first frame
 * @param ends      the share that is painted in its last frame
 * @param seam      how far its last frame is from its first, as a multiple of the mean step from frame to frame; 0
 *     where nothing moves
 */
public record Course(int frames, int millis, int plays, double least, double begins, double ends, double seam) {

    /** From here on a pixel hides what is behind it. */
    private static final int SOLID = 250;
    /** From here on it is seen at all. */
    private static final int SEEN = 8;

    private static final int GRID = 24;

    /** Looks at one frame after the other; no frame is kept whole but the {@link #most()}. */
    public static final class Looking {

        private final int width;
        private final int height;
        private int[] most;
        private int frames;
        private int millis;
        private double least = 1;
        private double begins;
        private double ends;
        private double steps;
        private double[] first;
        private double[] last;

        public Looking(int width, int height) {
            this.width = width;
            this.height = height;
        }

        /** @param argb not premultiplied, row by row @param shown milliseconds */
        public void frame(int[] argb, int shown) {
            int solid = 0;
            int seen = 0;
            if (most == null) {
                most = argb.clone();
            }
            for (int i = 0; i < argb.length; i++) {
                int alpha = argb[i] >>> 24;
                if (alpha >= SOLID) {
                    solid++;
                }
                if (alpha >= SEEN) {
                    seen++;
                }
                if (alpha > most[i] >>> 24) {
                    most[i] = argb[i];
                }
            }
            least = Math.min(least, (double) solid / argb.length);
            ends = (double) seen / argb.length;
            double[] grid = grid(argb);
            if (first == null) {
                begins = ends;
                first = grid;
            } else {
                steps += apart(last, grid);
            }
            last = grid;
            frames++;
            millis += shown;
        }

        /** Means of premultiplied parts in a coarse grid. */
        private double[] grid(int[] argb) {
            double[] grid = new double[GRID * GRID * 4];
            // Every other row is enough for means.
            for (int y = 0; y < height; y += 2) {
                int row = y * GRID / height * GRID;
                for (int x = 0; x < width; x += 2) {
                    int pixel = argb[y * width + x];
                    int alpha = pixel >>> 24;
                    int at = (row + x * GRID / width) * 4;
                    grid[at] += alpha;
                    grid[at + 1] += (pixel >> 16 & 255) * alpha / 255.0;
                    grid[at + 2] += (pixel >> 8 & 255) * alpha / 255.0;
                    grid[at + 3] += (pixel & 255) * alpha / 255.0;
                }
            }
            return grid;
        }

        private static double apart(double[] one, double[] other) {
            double sum = 0;
            for (int i = 0; i < one.length; i++) {
                sum += Math.abs(one[i] - other[i]);
            }
            return sum;
        }

        public Course course(int plays) {
            double step = frames < 2 ? 0 : steps / (frames - 1);
            return new Course(frames, millis, plays, least, begins, ends, step == 0 ? 0 : apart(last, first) / step);
        }

        /** Each pixel as it is where it covers most: what is see-through in it is so all the time. */
        public BufferedImage most() {
            BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
            image.getRaster().setDataElements(0, 0, width, height, most);
            return image;
        }

        /** Looks at a picture. */
        public void frame(BufferedImage image, int shown) {
            frame(Pixels.of(image), shown);
        }
    }

    /** Whether there is nothing to see at its beginning and at its end. */
    public boolean comesAndGoes() {
        return begins < 0.01 && ends < 0.01;
    }
}
