package brandeon.core.colour;

/**
 * Conversions between sRGB, OKLab, OKLCH and CIE Lab.
 *
 * Matrices and transfer functions are those of CSS Color 4, section 18 "Sample code for color conversions".
 * Lab uses the D50 white point, with Bradford adaptation from D65.
 */
public final class Spaces {

    private static final double LAB_EPSILON = 216.0 / 24389;
    private static final double LAB_KAPPA = 24389.0 / 27;
    private static final double[] WHITE_D50 = {0.3457 / 0.3585, 1, (1 - 0.3457 - 0.3585) / 0.3585};

    private Spaces() {}

    /** OKLab: lightness 0 to 1, and the two opponent axes. */
    public record Oklab(double lightness, double a, double b) {}

    /** Lab with D50 white: lightness 0 to 100. */
    public record Lab(double lightness, double a, double b) {}

    /** One sRGB part made linear in light. */
    public static double linear(double coded) {
        double size = Math.abs(coded);
        return size <= 0.04045 ? coded / 12.92 : Math.signum(coded) * Math.pow((size + 0.055) / 1.055, 2.4);
    }

    /** The inverse of {@link #linear}. */
    public static double coded(double linear) {
        double size = Math.abs(linear);
        return size > 0.0031308 ? Math.signum(linear) * (1.055 * Math.pow(size, 1 / 2.4) - 0.055) : 12.92 * linear;
    }

    public static Oklab oklab(Colour colour) {
        return oklabOfLinear(linear(colour.red()), linear(colour.green()), linear(colour.blue()));
    }

    /** From linear sRGB parts, which may lie outside 0 to 1. */
    static Oklab oklabOfLinear(double r, double g, double b) {
        double l = Math.cbrt(0.4122214694707629 * r + 0.5363325372617349 * g + 0.0514459932675022 * b);
        double m = Math.cbrt(0.2119034958178251 * r + 0.6806995506452344 * g + 0.1073969535369405 * b);
        double s = Math.cbrt(0.0883024591900564 * r + 0.2817188391361215 * g + 0.6299787016738222 * b);
        return new Oklab(
                0.2104542683093140 * l + 0.7936177747023054 * m - 0.0040720430116193 * s,
                1.9779985324311684 * l - 2.4285922420485799 * m + 0.4505937096174110 * s,
                0.0259040424655478 * l + 0.7827717124575296 * m - 0.8086757549230774 * s);
    }

    public static Oklch oklch(Colour colour) {
        return oklch(oklab(colour));
    }

    public static Oklch oklch(Oklab lab) {
        double chroma = chroma(lab.a(), lab.b());
        double hue = chroma < Oklch.ACHROMATIC ? 0 : Math.toDegrees(Math.atan2(lab.b(), lab.a()));
        return new Oklch(lab.lightness(), chroma, hue < 0 ? hue + 360 : hue);
    }

    /** Coded sRGB parts of an OKLCH colour; they may lie outside 0 to 1. Shape: red, green, blue. */
    static double[] codedParts(Oklch colour) {
        double a = colour.chroma() * Math.cos(Math.toRadians(colour.hue()));
        double b = colour.chroma() * Math.sin(Math.toRadians(colour.hue()));
        double l = cube(colour.lightness() + 0.3963377773761749 * a + 0.2158037573099136 * b);
        double m = cube(colour.lightness() - 0.1055613458156586 * a - 0.0638541728258133 * b);
        double s = cube(colour.lightness() - 0.0894841775298119 * a - 1.2914855480194092 * b);
        return new double[] {
            coded(4.0767416360759574 * l - 3.3077115392580616 * m + 0.2309699031821044 * s),
            coded(-1.2684379732850317 * l + 2.6097573492876887 * m - 0.3413193760026573 * s),
            coded(-0.0041960761386756 * l - 0.7034186179359363 * m + 1.7076146940746117 * s)
        };
    }

    public static Lab lab(Colour colour) {
        double r = linear(colour.red());
        double g = linear(colour.green());
        double b = linear(colour.blue());
        // sRGB to XYZ D65, then Bradford to D50.
        double x = 506752.0 / 1228815 * r + 87881.0 / 245763 * g + 12673.0 / 70218 * b;
        double y = 87098.0 / 409605 * r + 175762.0 / 245763 * g + 12673.0 / 175545 * b;
        double z = 7918.0 / 409605 * r + 87881.0 / 737289 * g + 1001167.0 / 1053270 * b;
        double x50 = 1.0479297925449969 * x + 0.022946870601609652 * y - 0.05019226628920524 * z;
        double y50 = 0.02962780877005599 * x + 0.9904344267538799 * y - 0.017073799063418826 * z;
        double z50 = -0.009243040646204504 * x + 0.015055191490298152 * y + 0.7518742814281371 * z;
        double fx = labPart(x50 / WHITE_D50[0]);
        double fy = labPart(y50 / WHITE_D50[1]);
        double fz = labPart(z50 / WHITE_D50[2]);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    /** CIE XYZ with D50 white, Y of white being 1. Shape: X, Y, Z. */
    static double[] xyzD50(Lab lab) {
        double fy = (lab.lightness() + 16) / 116;
        double fx = lab.a() / 500 + fy;
        double fz = fy - lab.b() / 200;
        return new double[] {
            WHITE_D50[0] * (cube(fx) > LAB_EPSILON ? cube(fx) : (116 * fx - 16) / LAB_KAPPA),
            lab.lightness() > LAB_KAPPA * LAB_EPSILON ? cube(fy) : lab.lightness() / LAB_KAPPA,
            WHITE_D50[2] * (cube(fz) > LAB_EPSILON ? cube(fz) : (116 * fz - 16) / LAB_KAPPA)
        };
    }

    private static double labPart(double ratio) {
        return ratio > LAB_EPSILON ? Math.cbrt(ratio) : (LAB_KAPPA * ratio + 16) / 116;
    }

    /** How far a colour is from grey. Its parts are so small that none of what {@link Math#hypot} guards can happen. */
    static double chroma(double a, double b) {
        return Math.sqrt(a * a + b * b);
    }

    private static double cube(double value) {
        return value * value * value;
    }
}
