package brandeon.e2e;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Pixels;
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
        int[] here = Pixels.of(one);
        int[] there = Pixels.of(other);
        double[] apart = differences(here, there);
        // All others are equal.
        int equal = here.length - apart.length;
        int place = (int) (here.length * 0.99) - equal;
        return new Likeness(Arrays.stream(apart).sum() / here.length, place < 0 ? 0 : apart[place]);
    }

    /** CIEDE2000 of each pixel that is not equal, over mid grey so that opacity counts too; least first. */
    private static double[] differences(int[] here, int[] there) {
        double[] apart = new double[here.length];
        int count = 0;
        Map<Long, Double> known = new HashMap<>();
        for (int i = 0; i < here.length; i++) {
            int a = here[i];
            int b = there[i];
            if (a != b) {
                apart[count++] = known.computeIfAbsent(
                        ((long) a << 32) | (b & 0xffffffffL),
                        _ -> Difference.ciede2000(Spaces.lab(grey(a)), Spaces.lab(grey(b))));
            }
        }
        double[] all = Arrays.copyOf(apart, count);
        Arrays.sort(all);
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
