package brandeon.core.text;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The amount that a person wrote: the first number in a text, with its sign, its separators and a letter that stands for
 * thousands or millions. Currency signs and words around it do not matter.
 *
 * A point or comma that stands once is taken for the decimal sign, but a comma before exactly three digits parts
 * thousands, as English writes them. Where both stand, the last one is the decimal sign.
 */
public final class Amount {

    private static final Pattern NUMBER = Pattern.compile("(?<sign>[-\u2212\u2013])?\\s?\\p{Sc}?\\s?(?<digits>\\d(?:[\\d.,'\u2019\u00a0\u202f ]*\\d)?)\\s?(?<times>[kKmM](?![\\p{L}]))?");
    private static final double THOUSAND = 1e3;
    private static final double MILLION = 1e6;

    private Amount() {
    }

    /** Empty when there is no digit in it. */
    public static OptionalDouble in(String text) {
        Matcher found = NUMBER.matcher(text);
        if (!found.find()) {
            return OptionalDouble.empty();
        }
        double value = plain(found.group("digits").replaceAll("['\u2019\u00a0\u202f ]", ""));
        String times = found.group("times");
        double scale = times == null ? 1 : times.equalsIgnoreCase("k") ? THOUSAND : MILLION;
        return OptionalDouble.of((found.group("sign") == null ? value : -value) * scale);
    }

    private static double plain(String digits) {
        int point = digits.lastIndexOf('.');
        int comma = digits.lastIndexOf(',');
        int last = Math.max(point, comma);
        if (last < 0) {
            return Double.parseDouble(digits);
        }
        char sign = digits.charAt(last);
        boolean once = digits.indexOf(sign) == last;
        boolean both = point >= 0 && comma >= 0;
        boolean thousands = !once || (!both && sign == ',' && digits.length() - last - 1 == 3);
        String whole = (thousands ? digits : digits.substring(0, last)).replaceAll("[.,]", "");
        return Double.parseDouble(thousands ? whole : whole + "." + digits.substring(last + 1));
    }
}
