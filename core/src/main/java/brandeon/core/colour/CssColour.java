package brandeon.core.colour;

import brandeon.core.problem.Mistake;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads every colour notation of CSS Color 4 that names a fixed colour: hexadecimal, the named colours, rgb(), hsl(),
 * hwb(), lab(), lch(), oklab(), oklch() and color() with its predefined spaces, with commas or without, with
 * {@code none} (taken as 0), percentages and all angle units.
 *
 * What sRGB cannot show is mapped into it ({@link Gamut}). Not read: relative colours, calc(), system colours and
 * currentcolor, which depend on a page.
 */
final class CssColour {

    private static final Pattern FUNCTION = Pattern.compile("([a-z]+)\\((.*)\\)");
    private static final Pattern NUMBER =
            Pattern.compile("([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:e[+-]?\\d+)?)(%|deg|grad|rad|turn)?");
    private static final Map<String, String> NAMED = named();

    private final String text;

    private CssColour(String text) {
        this.text = text;
    }

    /** @throws Mistake with a sentence for the user */
    static Colour parse(String text) {
        return new CssColour(text).read();
    }

    private Colour read() {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.equals("transparent")) {
            return Colour.BLACK.withAlpha(0);
        }
        if (NAMED.containsKey(plain)) {
            return hex(NAMED.get(plain));
        }
        Matcher function = FUNCTION.matcher(plain);
        return function.matches() ? function(function.group(1), function.group(2)) : hex(plain.replaceFirst("^#", ""));
    }

    private Colour hex(String digits) {
        String full = digits.length() <= 4 ? digits.replaceAll("(.)", "$1$1") : digits;
        if (!full.matches("[0-9a-f]{6}([0-9a-f]{2})?")) {
            throw wrong();
        }
        return new Colour(part(full, 0), part(full, 2), part(full, 4), full.length() == 8 ? part(full, 6) : 1);
    }

    private static double part(String digits, int from) {
        return Integer.parseInt(digits.substring(from, from + 2), 16) / 255.0;
    }

    private Colour function(String name, String inside) {
        Parts parts = parts(inside);
        List<String> words = parts.words();
        String space = name.equals("color") ? words.removeFirst() : "";
        if (words.size() != 3) {
            throw wrong();
        }
        double alpha = Math.clamp(number(parts.alpha(), 1), 0, 1);
        return switch (name) {
            case "rgb", "rgba" ->
                shown(
                        number(words.get(0), 255) / 255,
                        number(words.get(1), 255) / 255,
                        number(words.get(2), 255) / 255,
                        alpha);
            case "hsl", "hsla" ->
                hsl(angle(words.get(0)), number(words.get(1), 100) / 100, number(words.get(2), 100) / 100, alpha);
            case "hwb" ->
                hwb(angle(words.get(0)), number(words.get(1), 100) / 100, number(words.get(2), 100) / 100, alpha);
            case "lab" -> lab(number(words.get(0), 100), number(words.get(1), 125), number(words.get(2), 125), alpha);
            case "lch" -> {
                double chroma = Math.max(0, number(words.get(1), 150));
                double hue = Math.toRadians(angle(words.get(2)));
                yield lab(number(words.get(0), 100), chroma * Math.cos(hue), chroma * Math.sin(hue), alpha);
            }
            case "oklab" ->
                Spaces.oklch(new Spaces.Oklab(unit(words.get(0)), number(words.get(1), 0.4), number(words.get(2), 0.4)))
                        .toColour()
                        .withAlpha(alpha);
            case "oklch" ->
                new Oklch(unit(words.get(0)), Math.max(0, number(words.get(1), 0.4)), 0)
                        .withHue(angle(words.get(2)))
                        .toColour()
                        .withAlpha(alpha);
            case "color" ->
                RgbSpace.named(space)
                        .orElseThrow(this::wrong)
                        .toColour(number(words.get(0), 1), number(words.get(1), 1), number(words.get(2), 1))
                        .withAlpha(alpha);
            default -> throw wrong();
        };
    }

    /** Parts with spaces and opacity after a slash, or with commas as of old; not both. */
    private Parts parts(String inside) {
        String[] halves = inside.split("/", -1);
        if (inside.contains(",")) {
            List<String> words = new ArrayList<>(List.of(inside.strip().split("\\s*,\\s*", -1)));
            return new Parts(words, words.size() == 4 ? words.removeLast() : "1");
        }
        if (halves.length > 2) {
            throw wrong();
        }
        return new Parts(
                new ArrayList<>(List.of(halves[0].strip().split("\\s+"))),
                halves.length == 2 ? halves[1].strip() : "1");
    }

    private record Parts(List<String> words, String alpha) {}

    /** A number, or a percentage of {@code whole}. */
    private double number(String word, double whole) {
        if (word.equals("none")) {
            return 0;
        }
        Matcher matcher = NUMBER.matcher(word);
        if (!matcher.matches() || matcher.group(2) != null && !matcher.group(2).equals("%")) {
            throw wrong();
        }
        double value = Double.parseDouble(matcher.group(1));
        return matcher.group(2) == null ? value : value / 100 * whole;
    }

    private double unit(String word) {
        return Math.clamp(number(word, 1), 0, 1);
    }

    /** In degrees. */
    private double angle(String word) {
        if (word.equals("none")) {
            return 0;
        }
        Matcher matcher = NUMBER.matcher(word);
        if (!matcher.matches()) {
            throw wrong();
        }
        double value = Double.parseDouble(matcher.group(1));
        return switch (matcher.group(2) == null ? "deg" : matcher.group(2)) {
            case "deg" -> value;
            case "grad" -> value * 0.9;
            case "rad" -> Math.toDegrees(value);
            case "turn" -> value * 360;
            default -> throw wrong();
        };
    }

    private static Colour shown(double red, double green, double blue, double alpha) {
        return new Colour(Math.clamp(red, 0, 1), Math.clamp(green, 0, 1), Math.clamp(blue, 0, 1), alpha);
    }

    /** CSS Color 4, section 7.1, "Converting HSL Colors to sRGB". */
    private static Colour hsl(double hue, double saturation, double lightness, double alpha) {
        double s = Math.clamp(saturation, 0, 1);
        return shown(
                hslPart(0, hue, s, lightness), hslPart(8, hue, s, lightness), hslPart(4, hue, s, lightness), alpha);
    }

    private static double hslPart(int n, double hue, double s, double l) {
        double k = (((n + hue / 30) % 12) + 12) % 12;
        return l - s * Math.min(l, 1 - l) * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
    }

    /** CSS Color 4, section 8.1. */
    private static Colour hwb(double hue, double white, double black, double alpha) {
        if (white + black >= 1) {
            double grey = white / (white + black);
            return shown(grey, grey, grey, alpha);
        }
        Colour pure = hsl(hue, 1, 0.5, 1);
        double share = 1 - white - black;
        return shown(pure.red() * share + white, pure.green() * share + white, pure.blue() * share + white, alpha);
    }

    private static Colour lab(double lightness, double a, double b, double alpha) {
        return RgbSpace.XYZ_D50
                .toColour(Spaces.xyzD50(new Spaces.Lab(Math.clamp(lightness, 0, 100), a, b)))
                .withAlpha(alpha);
    }

    private Mistake wrong() {
        return new Mistake(
                "“" + text + "” is not a colour; write it like #2f6b4f, rgb(47 107 79) or oklch(48% 0.08 158).");
    }

    private static Map<String, String> named() {
        Map<String, String> names = new HashMap<>();
        try (InputStream list = CssColour.class.getResourceAsStream("/brandeon/colour/named.txt")) {
            for (String line : new String(list.readAllBytes(), StandardCharsets.US_ASCII).split("\n")) {
                names.put(line.substring(0, line.indexOf(' ')), line.substring(line.indexOf(' ') + 1));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Map.copyOf(names);
    }
}
