package brandeon.e2e;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Spaces;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * How near two pictures of one size are.
 *
 * @param mean  CIEDE2000 over all pixels
 * @param worst the 99th percentile
 */
record Likeness(double mean, double worst) {

    static Likeness of(BufferedImage one, BufferedImage other) {
        double[] all = differences(one, other);
        double mean = Arrays.stream(all).average().orElseThrow();
        Arrays.sort(all);
        return new Likeness(mean, all[(int) (all.length * 0.99)]);
    }

    /** CIEDE2000 of each pixel, over mid grey so that opacity counts too. */
    private static double[] differences(BufferedImage one, BufferedImage other) {
        double[] all = new double[one.getWidth() * one.getHeight()];
        Map<Long, Double> known = new HashMap<>();
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                int a = one.getRGB(x, y);
                int b = other.getRGB(x, y);
                all[y * one.getWidth() + x] = a == b
                        ? 0
                        : known.computeIfAbsent(
                                ((long) a << 32) | (b & 0xffffffffL),
                                _ -> Difference.ciede2000(Spaces.lab(grey(a)), Spaces.lab(grey(b))));
            }
        }
        return all;
    }

    private static Colour grey(int argb) {
        return new Colour(
                        (argb >> 16 & 255) / 255.0,
                        (argb >> 8 & 255) / 255.0,
                        (argb & 255) / 255.0,
                        (argb >>> 24) / 255.0)
                .over(Colour.parse("#808080"));
    }

    @Override
    public String toString() {
        return "mean %.3f, 99th percentile %.2f CIEDE2000".formatted(mean, worst);
    }
}
