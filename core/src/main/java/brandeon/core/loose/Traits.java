package brandeon.core.loose;

import brandeon.core.colour.Pixels;
import brandeon.core.pack.Course;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * What a picture's pixels are like, beside its main colours and openings. Of a moving one, each pixel as it is where it
 * covers most.
 *
 * @param solid    share of pixels that hide all behind them, 0 to 1
 * @param painted  share of pixels that are seen at all
 * @param across   width of the smallest upright box around all that is painted, in pixels
 * @param down     its height
 * @param fill     share of that box that is painted
 * @param black    share of the solid pixels that are black
 * @param white    share of the solid pixels that are white
 * @param turns    how often a row changes between light and dark on average
 * @param course   what it does over its length; empty for a still picture
 */
public record Traits(
        double solid,
        double painted,
        int across,
        int down,
        double fill,
        double black,
        double white,
        double turns,
        Print print,
        Optional<Course> course) {

    private static final int SOLID = 250;
    private static final int SEEN = 8;
    private static final int BLACK = 12;
    private static final int WHITE = 243;

    public static Traits of(BufferedImage image, Optional<Course> course) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] argb = Pixels.of(image);
        long solid = 0;
        long painted = 0;
        long black = 0;
        long white = 0;
        long turns = 0;
        int left = width;
        int right = -1;
        int top = height;
        int bottom = -1;
        for (int y = 0; y < height; y++) {
            int side = 0;
            for (int x = 0; x < width; x++) {
                int pixel = argb[y * width + x];
                int alpha = pixel >>> 24;
                if (alpha < SEEN) {
                    continue;
                }
                painted++;
                left = Math.min(left, x);
                right = Math.max(right, x);
                top = Math.min(top, y);
                bottom = y;
                if (alpha < SOLID) {
                    continue;
                }
                solid++;
                int most = Math.max(Math.max(pixel >> 16 & 255, pixel >> 8 & 255), pixel & 255);
                int least = Math.min(Math.min(pixel >> 16 & 255, pixel >> 8 & 255), pixel & 255);
                int now = most <= BLACK ? -1 : least >= WHITE ? 1 : 0;
                if (now < 0) {
                    black++;
                } else if (now > 0) {
                    white++;
                }
                if (now != 0) {
                    if (side != 0 && side != now) {
                        turns++;
                    }
                    side = now;
                }
            }
        }
        double all = (double) width * height;
        int across = Math.max(0, right - left + 1);
        int down = Math.max(0, bottom - top + 1);
        return new Traits(
                solid / all,
                painted / all,
                across,
                down,
                across * down == 0 ? 0 : painted / ((double) across * down),
                solid == 0 ? 0 : (double) black / solid,
                solid == 0 ? 0 : (double) white / solid,
                (double) turns / height,
                Print.of(argb, width, height),
                course);
    }

    /** Width by height of what is painted; 0 where nothing is. */
    double aspect() {
        return down == 0 ? 0 : (double) across / down;
    }
}
