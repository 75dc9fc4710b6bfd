package brandeon.core.text;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which ICU patterns are taken: those whose cost is small whatever their values are, and that ask of each value only
 * what its type can give. A number format of ICU may fill gigabytes in a few letters ({@code ::scale/1E99999999}), so
 * styles come from a list.
 */
final class MessageRules {

    private static final int DEEPEST = 4;
    private static final int MOST_VALUES = 60;
    private static final int LONGEST_NAME = 60;
    private static final Set<String> STYLES = Set.of("", "integer", "percent");
    /** Words of ICU's number skeletons that change how a number is written, never how long. */
    private static final Set<String> SKELETON = Set.of(
            "compact-short",
            "compact-long",
            "group-off",
            "group-auto",
            "percent",
            "precision-integer",
            "sign-always",
            ".0",
            ".00",
            ".#",
            ".##");

    private static final String CURRENCY = "currency/";

    private MessageRules() {}

    /**
     * The first thing that is not taken, as a sentence; empty when there is none. A value without a type is taken for
     * anything.
     */
    static Optional<String> mistake(MessagePattern parts, Map<String, ValueType> types) {
        int depth = 0;
        int values = 0;
        for (int i = 0; i < parts.countParts(); i++) {
            Part part = parts.getPart(i);
            if (part.getType() == Part.Type.MSG_START) {
                depth++;
            } else if (part.getType() == Part.Type.MSG_LIMIT) {
                depth--;
            }
            if (depth > DEEPEST) {
                return Optional.of(String.format(
                        Locale.ROOT, "A text has at most %d levels of braces with words in them.", DEEPEST));
            }
            if (part.getType() == Part.Type.ARG_START) {
                if (++values > MOST_VALUES) {
                    return Optional.of(String.format(Locale.ROOT, "A text shows at most %d values.", MOST_VALUES));
                }
                Optional<String> mistake = value(parts, i, types);
                if (mistake.isPresent()) {
                    return mistake;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> value(MessagePattern parts, int start, Map<String, ValueType> types) {
        ArgType asked = parts.getPart(start).getArgType();
        String name = parts.getSubstring(parts.getPart(start + 1));
        if (name.length() > LONGEST_NAME) {
            return Optional.of(String.format(Locale.ROOT, "The name of a value has at most %d letters.", LONGEST_NAME));
        }
        ValueType type = types.get(name);
        return switch (asked) {
            case NONE -> Optional.empty();
            case SIMPLE ->
                number(parts, start, name)
                        .or(() -> needs(type, ValueType.NUMBER, name, "is no number, so it cannot be written as one"));
            case PLURAL, SELECTORDINAL -> needs(type, ValueType.NUMBER, name, "is no number, so it has no plural");
            case SELECT -> needs(type, ValueType.TEXT, name, "is no word, so nothing can be chosen by it");
            case CHOICE ->
                Optional.of(String.format(
                        Locale.ROOT, "“choice” is not taken; write {%s, plural, one {…} other {…}}.", name));
        };
    }

    private static Optional<String> needs(ValueType type, ValueType wanted, String name, String otherwise) {
        if (type == null || type == wanted) {
            return Optional.empty();
        }
        String why = switch (type) {
            case MONEY -> "is money, which is written with its currency by itself; write it alone";
            case TIME -> "is a time of the day, which is written by itself; write it alone";
            case TEXT, NUMBER, LIST -> otherwise;
        };
        return Optional.of(String.format(Locale.ROOT, "{%s} %s.", name, why));
    }

    /** A number with its style: after the name comes the type's name, then perhaps the style. */
    private static Optional<String> number(MessagePattern parts, int start, String name) {
        String type = parts.getSubstring(parts.getPart(start + 2));
        if (!type.equals("number")) {
            return Optional.of(String.format(
                    Locale.ROOT,
                    "“%s” is not taken; a value is shown as it is, as a number, or chosen by with plural or select.",
                    shortened(type)));
        }
        String style = style(parts, start);
        if (STYLES.contains(style)) {
            return Optional.empty();
        }
        if (!style.startsWith("::")) {
            return Optional.of(unknown(style));
        }
        for (String word : style.substring(2).strip().split("\\s+")) {
            if (!SKELETON.contains(word)
                    && !(word.startsWith(CURRENCY) && currency(word.substring(CURRENCY.length())))) {
                return Optional.of(unknown(word));
            }
        }
        return Optional.empty();
    }

    /** The style of a value that is written as a number, without what surrounds it; empty for none. */
    static String style(MessagePattern parts, int start) {
        Part next = parts.getPart(start + 3);
        return next.getType() == Part.Type.ARG_STYLE ? parts.getSubstring(next).strip() : "";
    }

    private static String unknown(String style) {
        return String.format(
                Locale.ROOT,
                "Numbers cannot be written as “%s” here; integer, percent, ::compact-short, ::.00 and ::currency/EUR are some that can.",
                shortened(style));
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }

    /** By ISO 4217. */
    private static boolean currency(String code) {
        return Currency.getAvailableCurrencies().stream()
                .anyMatch(known -> known.getCurrencyCode().equals(code));
    }
}
