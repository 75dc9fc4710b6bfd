package brandeon.core.text;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The amount that a person wrote: the first number in a text, with its sign, its separators and a letter that stands
 * for
 * thousands or millions. Currency signs and words around it do not matter.
 *
 * A point or comma that stands once is taken for the decimal sign, but a comma before exactly three digits parts
 * thousands, as English writes them. Where both stand, the last one is the decimal sign.
 */
public final class Amount {

    private static final Pattern NUMBER = Pattern.compile(
            "(?<sign>[-\u2212\u2013])?\\s?\\p{Sc}?\\s?(?<digits>\\d(?:[\\d.,'\u2019\u00a0\u202f ]*\\d)?)\\s?(?<times>[kKmM](?![\\p{L}]))?");
    private static final double THOUSAND = 1e3;
    private static final double MILLION = 1e6;

    private Amount() {}

    /**
     * @param before  what stands before the number, without its sign
     * @param places  after the decimal sign, as written; 0 where a letter stands for thousands
     * @param grouped whether its thousands were parted
     */
    public record Found(double value, String before, String after, int places, boolean grouped) {}

    /** Empty when there is no digit in it. */
    public static OptionalDouble in(String text) {
        return find(text).map(found -> OptionalDouble.of(found.value())).orElseGet(OptionalDouble::empty);
    }

    /** The number with what stands around it; empty when there is no digit in it. */
    public static Optional<Found> find(String text) {
        Matcher found = NUMBER.matcher(text);
        if (!found.find()) {
            return Optional.empty();
        }
        String written = found.group("digits");
        String plain = plain(written.replaceAll("['\u2019\u00a0\u202f ]", ""));
        String times = found.group("times");
        double scale = times == null ? 1 : times.equalsIgnoreCase("k") ? THOUSAND : MILLION;
        boolean negative = found.group("sign") != null;
        String before = text.substring(0, found.start())
                + text.substring(negative ? found.end("sign") : found.start(), found.start("digits"));
        int point = plain.indexOf('.');
        int places = point < 0 || times != null ? 0 : plain.length() - point - 1;
        return Optional.of(new Found(
                (negative ? -1 : 1) * Double.parseDouble(plain) * scale,
                before,
                text.substring(times == null ? found.end("digits") : found.end()),
                places,
                written.length() > plain.length()));
    }

    /** With a point as its decimal sign and nothing else between digits. */
    private static String plain(String digits) {
        int point = digits.lastIndexOf('.');
        int comma = digits.lastIndexOf(',');
        int last = Math.max(point, comma);
        if (last < 0) {
            return digits;
        }
        char sign = digits.charAt(last);
        boolean once = digits.indexOf(sign) == last;
        boolean both = point >= 0 && comma >= 0;
        boolean thousands = !once || (!both && sign == ',' && digits.length() - last - 1 == 3);
        String whole = (thousands ? digits : digits.substring(0, last)).replaceAll("[.,]", "");
        return thousands ? whole : whole + "." + digits.substring(last + 1);
    }
}
