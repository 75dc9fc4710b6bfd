package brandeon.core.colour;

/**
 * A colour as lightness (0 to 1), chroma (0 upward, about 0.37 at most in sRGB) and hue (degrees).
 * Equal steps look about equal, which is why roles are derived here (CSS Color 4, section 9.3).
 */
public record Oklch(double lightness, double chroma, double hue) {

    /** Below this chroma the hue means nothing (CSS Color 4, "powerless" hue). */
    public static final double ACHROMATIC = 0.000004;

    public Oklch withLightness(double wanted) {
        return new Oklch(Math.clamp(wanted, 0, 1), chroma, hue);
    }

    public Oklch withChroma(double wanted) {
        return new Oklch(lightness, Math.max(0, wanted), hue);
    }

    public Oklch withHue(double degrees) {
        return new Oklch(lightness, chroma, ((degrees % 360) + 360) % 360);
    }

    /** The nearest displayable sRGB colour; see {@link Gamut}. */
    public Colour toColour() {
        return Gamut.map(this);
    }
}
