package brandeon.core.colour;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/**
 * A colour in sRGB with opacity, each part from 0 to 1. Values are non-linear ("gamma coded"),
 * as in CSS Color 4. Out-of-range parts are refused; map into the gamut first ({@link Gamut}).
 */
public record Colour(double red, double green, double blue, double alpha) {

    public static final Colour BLACK = Colour.of(0, 0, 0);
    public static final Colour WHITE = Colour.of(1, 1, 1);

    public Colour {
        requirePart("red", red);
        requirePart("green", green);
        requirePart("blue", blue);
        requirePart("alpha", alpha);
    }

    public static Colour of(double red, double green, double blue) {
        return new Colour(red, green, blue, 1);
    }

    /**
     * Reads any notation of CSS Color 4 that names a fixed colour, such as {@code #2f6b4f}, {@code seagreen},
     * {@code rgb(47 107 79)} or {@code oklch(48% 0.08 158)}. What sRGB cannot show is mapped into it.
     *
     * @throws IllegalArgumentException with a sentence for the user when the text is none of these
     */
    @JsonCreator
    public static Colour parse(String text) {
        return CssColour.parse(text);
    }

    /** The colour as {@code #rrggbb}, or {@code #rrggbbaa} where it is not opaque. */
    @JsonValue
    public String hex() {
        String opaque = String.format(Locale.ROOT, "#%02x%02x%02x", byteOf(red), byteOf(green), byteOf(blue));
        return alpha >= 1 ? opaque : opaque + String.format(Locale.ROOT, "%02x", byteOf(alpha));
    }

    /** Each part at the nearest step of eight bits: the colour that is painted. */
    public Colour rounded() {
        return new Colour(
                Math.round(red * 255) / 255.0,
                Math.round(green * 255) / 255.0,
                Math.round(blue * 255) / 255.0,
                Math.round(alpha * 255) / 255.0);
    }

    public Colour withAlpha(double wanted) {
        return new Colour(red, green, blue, wanted);
    }

    /** This colour painted over an opaque one: simple alpha compositing (Compositing and Blending 1, section 5.1). */
    public Colour over(Colour backdrop) {
        return Colour.of(
                red * alpha + backdrop.red * (1 - alpha),
                green * alpha + backdrop.green * (1 - alpha),
                blue * alpha + backdrop.blue * (1 - alpha));
    }

    private static int byteOf(double part) {
        return (int) Math.round(part * 255);
    }

    private static void requirePart(String name, double value) {
        if (!(value >= 0 && value <= 1)) {
            throw new IllegalArgumentException(name + " is " + value + "; it must lie between 0 and 1");
        }
    }
}
