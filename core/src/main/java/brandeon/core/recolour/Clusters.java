package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Pixels;
import brandeon.core.colour.Spaces;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Finds a picture's main colours: k-means in OKLab over a histogram, then merging of near-duplicates.
 *
 * Pixels count by their opacity, so see-through parts do not count at all. The first centres are the farthest from
 * one another, so the same picture always gives the same clusters. What remains below two parts in a hundred, such as
 * the blends along soft edges, goes to its nearest neighbour. At most {@value #MOST} clusters are found; art with more
 * colours than that is summed up.
 */
public final class Clusters {

    private static final int MOST = 8;
    private static final int ROUNDS = 14;
    private static final int LEVEL_BITS = 5;
    private static final double LEAST_SHARE = 0.02;
    /** Nearer colours are one colour with shading (common practice, no source). */
    private static final double SAME = 7;

    private Clusters() {}

    /** Largest share first; empty for a picture with nothing painted. */
    public static List<Cluster> of(BufferedImage image) {
        return of(Pixels.of(image));
    }

    /** @param argb pixels, not premultiplied */
    public static List<Cluster> of(int[] argb) {
        List<Point> points = histogram(argb);
        double whole = points.stream().mapToDouble(point -> point.weight).sum();
        List<Point> centres = centres(points);
        for (int round = 0; round < ROUNDS; round++) {
            centres = moved(points, centres);
        }
        merge(centres, whole);
        return centres.stream()
                .sorted(Comparator.comparingDouble((Point c) -> c.weight).reversed())
                .map(c -> c.cluster(whole))
                .toList();
    }

    /** A place in OKLab with its weight. */
    private record Point(double lightness, double a, double b, double weight) {

        double distance(Point other) {
            double l = lightness - other.lightness;
            double x = a - other.a;
            double y = b - other.b;
            return l * l + x * x + y * y;
        }

        Colour colour() {
            return Spaces.oklch(new Spaces.Oklab(lightness, a, b)).toColour().rounded();
        }

        Cluster cluster(double whole) {
            return new Cluster(colour(), weight / whole, Math.hypot(a, b) < Cluster.NEUTRAL_CHROMA);
        }

        Point with(Point other) {
            double sum = weight + other.weight;
            return new Point(
                    (lightness * weight + other.lightness * other.weight) / sum,
                    (a * weight + other.a * other.weight) / sum,
                    (b * weight + other.b * other.weight) / sum,
                    sum);
        }
    }

    private static List<Point> histogram(int[] argb) {
        int shift = 8 - LEVEL_BITS;
        double[][] bins = new double[1 << 3 * LEVEL_BITS][];
        for (int pixel : argb) {
            int alpha = pixel >>> 24;
            if (alpha == 0) {
                continue;
            }
            int index = (pixel >> 16 + shift & 31) << 10 | (pixel >> 8 + shift & 31) << 5 | pixel >> shift & 31;
            double[] bin = bins[index];
            if (bin == null) {
                bin = bins[index] = new double[4];
            }
            bin[0] += (pixel >> 16 & 255) * alpha;
            bin[1] += (pixel >> 8 & 255) * alpha;
            bin[2] += (pixel & 255) * alpha;
            bin[3] += alpha;
        }
        List<Point> points = new ArrayList<>();
        for (double[] bin : bins) {
            if (bin != null) {
                Spaces.Oklab lab =
                        Spaces.oklab(Colour.of(bin[0] / bin[3] / 255, bin[1] / bin[3] / 255, bin[2] / bin[3] / 255));
                points.add(new Point(lab.lightness(), lab.a(), lab.b(), bin[3]));
            }
        }
        return points;
    }

    /**
     * The heaviest point first, then always the one that is farthest from all chosen, weighted by how much it is
     * there.
     */
    private static List<Point> centres(List<Point> points) {
        List<Point> centres = new ArrayList<>();
        points.stream().max(Comparator.comparingDouble(point -> point.weight)).ifPresent(centres::add);
        while (!centres.isEmpty() && centres.size() < Math.min(MOST, points.size())) {
            centres.add(points.stream()
                    .max(Comparator.comparingDouble(point ->
                            Math.sqrt(point.weight) * nearest(point, centres).distance(point)))
                    .orElseThrow());
        }
        return centres;
    }

    private static Point nearest(Point point, List<Point> centres) {
        return centres.stream()
                .min(Comparator.comparingDouble(centre -> centre.distance(point)))
                .orElseThrow();
    }

    private static List<Point> moved(List<Point> points, List<Point> centres) {
        Point[] sums = new Point[centres.size()];
        for (Point point : points) {
            int nearest = 0;
            for (int i = 1; i < centres.size(); i++) {
                if (centres.get(i).distance(point) < centres.get(nearest).distance(point)) {
                    nearest = i;
                }
            }
            sums[nearest] = sums[nearest] == null ? point : sums[nearest].with(point);
        }
        List<Point> next = new ArrayList<>();
        for (Point sum : sums) {
            if (sum != null) {
                next.add(sum);
            }
        }
        return next;
    }

    private static void merge(List<Point> centres, double whole) {
        while (centres.size() > 1) {
            centres.sort(Comparator.comparingDouble(centre -> centre.weight));
            Point smallest = centres.getFirst();
            if (smallest.weight < LEAST_SHARE * whole) {
                absorb(centres, smallest, nearest(smallest, centres.subList(1, centres.size())));
            } else if (!joinNearest(centres)) {
                return;
            }
        }
    }

    /** The crumbs of soft edges count for their neighbour's area but must not bend its colour. */
    private static void absorb(List<Point> centres, Point crumb, Point into) {
        centres.remove(crumb);
        centres.set(centres.indexOf(into), new Point(into.lightness, into.a, into.b, into.weight + crumb.weight));
    }

    private static boolean joinNearest(List<Point> centres) {
        for (int i = 0; i < centres.size(); i++) {
            for (int j = i + 1; j < centres.size(); j++) {
                if (Difference.ciede2000(centres.get(i).colour(), centres.get(j).colour()) < SAME) {
                    Point joined = centres.get(i).with(centres.get(j));
                    centres.remove(j);
                    centres.set(i, joined);
                    return true;
                }
            }
        }
        return false;
    }
}
