package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import java.util.Locale;

/**
 * The standard filter functions hue-rotate(), saturate() and brightness() one after another, as Filter Effects 1 (W3C)
 * defines their matrices; in CSS they work on coded sRGB and clamp after each.
 *
 * @param hue        degrees
 * @param saturation 1 leaves it as it is
 * @param brightness 1 leaves it as it is
 */
public record FilterChain(double hue, double saturation, double brightness) {

    private static final double MOST_SATURATION = 6;
    private static final double MOST_BRIGHTNESS = 6;

    /** As written in CSS. */
    public String css() {
        return String.format(Locale.ROOT, "hue-rotate(%.2fdeg) saturate(%.4f) brightness(%.4f)", hue, saturation, brightness);
    }

    /** What a browser paints for an opaque or see-through colour; opacity is kept. */
    public Colour apply(Colour colour) {
        double cos = Math.cos(Math.toRadians(hue));
        double sin = Math.sin(Math.toRadians(hue));
        double[] turned = product(colour.red(), colour.green(), colour.blue(),
                0.213 + cos * 0.787 - sin * 0.213, 0.715 - cos * 0.715 - sin * 0.715, 0.072 - cos * 0.072 + sin * 0.928,
                0.213 - cos * 0.213 + sin * 0.143, 0.715 + cos * 0.285 + sin * 0.140, 0.072 - cos * 0.072 - sin * 0.283,
                0.213 - cos * 0.213 - sin * 0.787, 0.715 - cos * 0.715 + sin * 0.715, 0.072 + cos * 0.928 + sin * 0.072);
        double s = saturation;
        double[] rich = product(turned[0], turned[1], turned[2],
                0.213 + 0.787 * s, 0.715 - 0.715 * s, 0.072 - 0.072 * s,
                0.213 - 0.213 * s, 0.715 + 0.285 * s, 0.072 - 0.072 * s,
                0.213 - 0.213 * s, 0.715 - 0.715 * s, 0.072 + 0.928 * s);
        return new Colour(clamped(rich[0] * brightness), clamped(rich[1] * brightness), clamped(rich[2] * brightness), colour.alpha());
    }

    /**
     * The chain that brings one colour nearest to another by CIEDE2000: a coarse search, refined with halving steps.
     * White, grey and black stay white, grey and black under any chain; see {@link Tint}.
     */
    public static FilterChain solve(Colour from, Colour to) {
        FilterChain best = new FilterChain(0, 1, 1);
        for (double hue = 0; hue < 360; hue += 15) {
            for (double saturation = 0.25; saturation < MOST_SATURATION; saturation *= 1.6) {
                for (double brightness = 0.2; brightness < MOST_BRIGHTNESS; brightness *= 1.4) {
                    best = better(best, new FilterChain(hue, saturation, brightness), from, to);
                }
            }
        }
        double hueStep = 8;
        double share = 0.25;
        while (share > 0.0005) {
            FilterChain before = best;
            for (double hue : new double[] {-hueStep, 0, hueStep}) {
                for (double saturation : new double[] {1 / (1 + share), 1, 1 + share}) {
                    for (double brightness : new double[] {1 / (1 + share), 1, 1 + share}) {
                        best = better(best, new FilterChain((before.hue + hue + 360) % 360, Math.min(MOST_SATURATION, before.saturation * saturation), Math.min(MOST_BRIGHTNESS, before.brightness * brightness)), from, to);
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

    private static FilterChain better(FilterChain best, FilterChain other, Colour from, Colour to) {
        return Difference.ciede2000(other.apply(from), to) < Difference.ciede2000(best.apply(from), to) ? other : best;
    }

    private static double[] product(double r, double g, double b, double... m) {
        return new double[] {clamped(m[0] * r + m[1] * g + m[2] * b), clamped(m[3] * r + m[4] * g + m[5] * b), clamped(m[6] * r + m[7] * g + m[8] * b)};
    }

    private static double clamped(double part) {
        return Math.clamp(part, 0, 1);
    }
}
