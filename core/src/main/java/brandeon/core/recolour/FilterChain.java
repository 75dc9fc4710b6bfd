package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Spaces;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The standard filter functions hue-rotate(), saturate() and brightness() one after another, as Filter Effects 1 (W3C)
 * defines their matrices; in CSS they work on coded sRGB and clamp after each.
 *
 * White and grey have no hue that could be turned, so they are toned first: made darker and given one by sepia().
 *
 * @param tone       brightness before toning; 0 where the colour has a hue of its own
 * @param hue        degrees
 * @param saturation 1 leaves it as it is
 * @param brightness 1 leaves it as it is
 */
public record FilterChain(double tone, double hue, double saturation, double brightness) {

    private static final double LEAST_SATURATION = 0.06;
    private static final double MOST_SATURATION = 6;
    private static final double MOST_BRIGHTNESS = 6;
    /** How bright sepia() finds white and grey, so that it neither clips nor drowns (chosen by trying, no source). */
    private static final double TONED = 0.6;

    private static final int STARTS = 10;
    /** A difference that nobody can see. */
    private static final double MET = 0.05;

    /** The search takes some milliseconds, and lists ask for the same again with every change. */
    private static final Cache<Wish, FilterChain> SOLVED =
            Caffeine.newBuilder().maximumSize(1000).build();

    public FilterChain(double hue, double saturation, double brightness) {
        this(0, hue, saturation, brightness);
    }

    /** As written in CSS. */
    public String css() {
        String turned = String.format(
                Locale.ROOT, "hue-rotate(%.2fdeg) saturate(%.4f) brightness(%.4f)", hue, saturation, brightness);
        return tone == 0 ? turned : String.format(Locale.ROOT, "brightness(%.4f) sepia(1) ", tone) + turned;
    }

    /** What a browser paints for an opaque or see-through colour; opacity is kept. */
    public Colour apply(Colour colour) {
        double cos = Math.cos(Math.toRadians(hue));
        double sin = Math.sin(Math.toRadians(hue));
        double[] own = {colour.red(), colour.green(), colour.blue()};
        double[] toned = tone == 0
                ? own
                : product(
                        clamped(own[0] * tone),
                        clamped(own[1] * tone),
                        clamped(own[2] * tone),
                        0.393,
                        0.769,
                        0.189,
                        0.349,
                        0.686,
                        0.168,
                        0.272,
                        0.534,
                        0.131);
        double[] turned = product(
                toned[0],
                toned[1],
                toned[2],
                0.213 + cos * 0.787 - sin * 0.213,
                0.715 - cos * 0.715 - sin * 0.715,
                0.072 - cos * 0.072 + sin * 0.928,
                0.213 - cos * 0.213 + sin * 0.143,
                0.715 + cos * 0.285 + sin * 0.140,
                0.072 - cos * 0.072 - sin * 0.283,
                0.213 - cos * 0.213 - sin * 0.787,
                0.715 - cos * 0.715 + sin * 0.715,
                0.072 + cos * 0.928 + sin * 0.072);
        double s = saturation;
        double[] rich = product(
                turned[0],
                turned[1],
                turned[2],
                0.213 + 0.787 * s,
                0.715 - 0.715 * s,
                0.072 - 0.072 * s,
                0.213 - 0.213 * s,
                0.715 + 0.285 * s,
                0.072 - 0.072 * s,
                0.213 - 0.213 * s,
                0.715 - 0.715 * s,
                0.072 + 0.928 * s);
        return new Colour(
                clamped(rich[0] * brightness),
                clamped(rich[1] * brightness),
                clamped(rich[2] * brightness),
                colour.alpha());
    }

    /**
     * The chain that brings one colour nearest to another by CIEDE2000: a coarse search, its best places refined with
     * halving steps.
     * White and grey are toned first; black stays black under any chain.
     */
    public static FilterChain solve(Colour from, Colour to) {
        return SOLVED.get(new Wish(from, to), wish -> searched(wish.from(), wish.to()));
    }

    private record Wish(Colour from, Colour to) {}

    private static FilterChain searched(Colour from, Colour to) {
        List<FilterChain> starts = new ArrayList<>();
        double brightest = Math.max(from.red(), Math.max(from.green(), from.blue()));
        double tone = Spaces.oklch(from).chroma() >= Cluster.NEUTRAL_CHROMA || brightest == 0
                ? 0
                : Math.min(MOST_BRIGHTNESS, TONED / brightest);
        for (double hue = 0; hue < 360; hue += 10) {
            for (double saturation = LEAST_SATURATION; saturation < MOST_SATURATION; saturation *= 1.5) {
                for (double brightness = 0.25; brightness < MOST_BRIGHTNESS; brightness *= 1.3) {
                    starts.add(new FilterChain(tone, hue, saturation, brightness));
                }
            }
        }
        Map<FilterChain, Double> misses = new IdentityHashMap<>();
        starts.forEach(start -> misses.put(start, start.miss(from, to)));
        starts.sort(Comparator.comparingDouble(misses::get));
        FilterChain best = new FilterChain(tone, 0, 1, 1);
        // Clamping makes hollows that a search cannot leave, so several are tried.
        for (FilterChain start : starts.subList(0, STARTS)) {
            FilterChain refined = start.refined(from, to);
            best = refined.miss(from, to) < best.miss(from, to) ? refined : best;
        }
        return best;
    }

    private double miss(Colour from, Colour to) {
        return Difference.ciede2000(apply(from), to);
    }

    private FilterChain refined(Colour from, Colour to) {
        FilterChain best = this;
        double miss = miss(from, to);
        double hueStep = 6;
        double share = 0.25;
        while (share > 0.0005 && miss > MET) {
            FilterChain before = best;
            for (double hue : new double[] {-hueStep, 0, hueStep}) {
                for (double saturation : new double[] {1 / (1 + share), 1, 1 + share}) {
                    for (double brightness : new double[] {1 / (1 + share), 1, 1 + share}) {
                        FilterChain other = new FilterChain(
                                tone,
                                (before.hue + hue + 360) % 360,
                                Math.min(MOST_SATURATION, before.saturation * saturation),
                                Math.min(MOST_BRIGHTNESS, before.brightness * brightness));
                        double otherMiss = other.miss(from, to);
                        if (otherMiss < miss) {
                            best = other;
                            miss = otherMiss;
                        }
                    }
                }
            }
            if (best == before) {
                hueStep /= 2;
                share /= 2;
            }
        }
        return best;
    }

    private static double[] product(double r, double g, double b, double... m) {
        return new double[] {
            clamped(m[0] * r + m[1] * g + m[2] * b),
            clamped(m[3] * r + m[4] * g + m[5] * b),
            clamped(m[6] * r + m[7] * g + m[8] * b)
        };
    }

    private static double clamped(double part) {
        return Math.clamp(part, 0, 1);
    }
}
