package brandeon.core.colour;

import brandeon.core.colour.Spaces.Lab;

/**
 * CIEDE2000 colour difference after Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula:
 * implementation notes, supplementary test data, and mathematical observations" (2005), all weights 1.
 * About 1 is just visible side by side; the formula is not meant for very large differences.
 */
public final class Difference {

    private static final double POW25_7 = Math.pow(25, 7);

    private Difference() {}

    public static double ciede2000(Colour one, Colour other) {
        return ciede2000(Spaces.lab(one), Spaces.lab(other));
    }

    public static double ciede2000(Lab one, Lab other) {
        double meanChroma = (Spaces.chroma(one.a(), one.b()) + Spaces.chroma(other.a(), other.b())) / 2;
        double g = 0.5 * (1 - Math.sqrt(pow7(meanChroma) / (pow7(meanChroma) + POW25_7)));
        double a1 = one.a() * (1 + g);
        double a2 = other.a() * (1 + g);
        double c1 = Spaces.chroma(a1, one.b());
        double c2 = Spaces.chroma(a2, other.b());
        double h1 = hue(a1, one.b());
        double h2 = hue(a2, other.b());

        double dL = other.lightness() - one.lightness();
        double dC = c2 - c1;
        double dH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(hueStep(c1, c2, h1, h2)) / 2);

        double meanC = (c1 + c2) / 2;
        double meanH = meanHue(c1, c2, h1, h2);
        double t = 1
                - 0.17 * cos(meanH - 30)
                + 0.24 * cos(2 * meanH)
                + 0.32 * cos(3 * meanH + 6)
                - 0.20 * cos(4 * meanH - 63);
        double sL = lightnessWeight(one, other);
        double sC = 1 + 0.045 * meanC;
        double sH = 1 + 0.015 * meanC * t;
        double rotation = -Math.sin(Math.toRadians(60 * Math.exp(-square((meanH - 275) / 25))))
                * 2
                * Math.sqrt(pow7(meanC) / (pow7(meanC) + POW25_7));
        return Math.sqrt(square(dL / sL) + square(dC / sC) + square(dH / sH) + rotation * (dC / sC) * (dH / sH));
    }

    /** Whether two colours differ by so much at least; where their lightness alone does it, that is all it looks at. */
    static boolean atLeast(double least, Lab one, Lab other) {
        // The other terms add to that of lightness and never take from it: the rotation is smaller than 2.
        return Math.abs(other.lightness() - one.lightness()) / lightnessWeight(one, other) >= least
                || ciede2000(one, other) >= least;
    }

    private static double lightnessWeight(Lab one, Lab other) {
        double fromMiddle = square((one.lightness() + other.lightness()) / 2 - 50);
        return 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double hueStep(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return 0;
        }
        double step = h2 - h1;
        if (step > 180) {
            return step - 360;
        }
        return step < -180 ? step + 360 : step;
    }

    private static double meanHue(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return h1 + h2;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return (h1 + h2) / 2;
        }
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    private static double pow7(double value) {
        return Math.pow(value, 7);
    }

    private static double square(double value) {
        return value * value;
    }
}
