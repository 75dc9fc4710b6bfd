package brandeon.core.colour;

/**
 * Brings an OKLCH colour into sRGB by lowering chroma at the same lightness and hue, clipping when the
 * clipped colour is within a just noticeable difference: the binary search of CSS Color 4, section 13.2.2.
 */
public final class Gamut {

    private static final double JUST_NOTICEABLE = 0.02;
    private static final double SEARCH_EPSILON = 0.0001;

    private Gamut() {}

    public static Colour map(Oklch origin) {
        if (origin.lightness() >= 1) {
            return Colour.WHITE;
        }
        if (origin.lightness() <= 0) {
            return Colour.BLACK;
        }
        if (holds(origin)) {
            return clipped(origin);
        }
        return reduceChroma(origin);
    }

    /** Whether sRGB can show this colour, with a tolerance far below one step of eight bits. */
    public static boolean holds(Oklch colour) {
        for (double part : Spaces.codedParts(colour)) {
            if (part < -0.000001 || part > 1.000001) {
                return false;
            }
        }
        return true;
    }

    private static Colour reduceChroma(Oklch origin) {
        double low = 0;
        double high = origin.chroma();
        boolean lowInside = true;
        Oklch current = origin;
        Colour clip = clipped(current);
        if (difference(clip, current) < JUST_NOTICEABLE) {
            return clip;
        }
        while (high - low > SEARCH_EPSILON) {
            double chroma = (low + high) / 2;
            current = origin.withChroma(chroma);
            if (lowInside && holds(current)) {
                low = chroma;
                continue;
            }
            clip = clipped(current);
            double error = difference(clip, current);
            if (error >= JUST_NOTICEABLE) {
                high = chroma;
            } else if (JUST_NOTICEABLE - error < SEARCH_EPSILON) {
                return clip;
            } else {
                lowInside = false;
                low = chroma;
            }
        }
        return clip;
    }

    private static Colour clipped(Oklch colour) {
        double[] parts = Spaces.codedParts(colour);
        return Colour.of(Math.clamp(parts[0], 0, 1), Math.clamp(parts[1], 0, 1), Math.clamp(parts[2], 0, 1));
    }

    /** Distance in OKLab ("deltaEOK"). */
    private static double difference(Colour shown, Oklch wanted) {
        Spaces.Oklab lab = Spaces.oklab(shown);
        double a = wanted.chroma() * Math.cos(Math.toRadians(wanted.hue()));
        double b = wanted.chroma() * Math.sin(Math.toRadians(wanted.hue()));
        return Math.sqrt(square(lab.lightness() - wanted.lightness()) + square(lab.a() - a) + square(lab.b() - b));
    }

    private static double square(double value) {
        return value * value;
    }
}
