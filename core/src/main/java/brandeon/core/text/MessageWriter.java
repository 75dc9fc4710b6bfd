package brandeon.core.text;

import com.ibm.icu.number.LocalizedNumberFormatter;
import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.number.Precision;
import com.ibm.icu.number.Scale;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import com.ibm.icu.text.PluralRules;
import com.ibm.icu.util.NoUnit;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Writes a parsed ICU pattern with its values, and stops when the text is as long as it may be. ICU's own
 * {@code MessageFormat} says the same (a test compares them), but writes to the end however long that is.
 */
final class MessageWriter {

    private static final LocalizedNumberFormatter PLAIN =
            NumberFormatter.withLocale(Locale.ENGLISH).precision(Precision.maxFraction(3));
    private static final PluralRules CARDINAL = PluralRules.forLocale(Locale.ENGLISH);
    private static final PluralRules ORDINAL = PluralRules.forLocale(Locale.ENGLISH, PluralRules.PluralType.ORDINAL);
    private static final DateTimeFormatter HOURS = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final String MISSING = "–";
    private static final String OTHER = "other";

    private final MessagePattern parts;
    private final Map<String, ?> values;
    private final int longest;
    private final StringBuilder out = new StringBuilder();
    private boolean full;

    private MessageWriter(MessagePattern parts, Map<String, ?> values, int longest) {
        this.parts = parts;
        this.values = values;
        this.longest = longest;
    }

    /** @throws IllegalArgumentException when the pattern asks a number of what is none */
    static String text(MessagePattern parts, Map<String, ?> values, int longest) {
        MessageWriter writer = new MessageWriter(parts, values, longest);
        writer.message(0, "");
        return writer.out.toString();
    }

    /** @param number what {@code #} stands for */
    private void message(int start, String number) {
        String text = parts.getPatternString();
        int from = parts.getPart(start).getLimit();
        for (int i = start + 1; !full; i++) {
            Part part = parts.getPart(i);
            append(text, from, part.getIndex());
            if (part.getType() == Part.Type.MSG_LIMIT) {
                return;
            }
            from = part.getLimit();
            if (part.getType() == Part.Type.REPLACE_NUMBER) {
                append(number);
            } else if (part.getType() == Part.Type.ARG_START) {
                value(i);
                i = parts.getLimitPartIndex(i);
                from = parts.getPart(i).getLimit();
            }
        }
    }

    private void value(int start) {
        ArgType asked = parts.getPart(start).getArgType();
        String name = parts.getSubstring(parts.getPart(start + 1));
        Object value = values.get(name);
        switch (asked) {
            case NONE -> append(plain(value));
            case SIMPLE -> append(written(number(name, value), MessageRules.style(parts, start)));
            case PLURAL -> plural(start + 2, number(name, value), CARDINAL);
            case SELECTORDINAL -> plural(start + 2, number(name, value), ORDINAL);
            case SELECT -> message(chosen(start + 2, value == null ? OTHER : value.toString()), "");
            case CHOICE -> throw new IllegalArgumentException("“choice” is not taken.");
        }
    }

    private static String plain(Object value) {
        return switch (value) {
            case null -> MISSING;
            case Number number -> PLAIN.format(number).toString();
            case Money money -> money.written();
            case ZonedDateTime time -> HOURS.format(time);
            case List<?> rows ->
                rows.stream()
                        .map(TextRow.class::cast)
                        .map(row -> (row.label() + " " + row.value()).strip())
                        .collect(Collectors.joining(" · "));
            default -> value.toString();
        };
    }

    private static Number number(String name, Object value) {
        return switch (value) {
            case null -> 0;
            case Number number -> number;
            default ->
                throw new IllegalArgumentException(
                        String.format(Locale.ROOT, "{%s} is no number at this moment.", name));
        };
    }

    private static String written(Number number, String style) {
        return switch (style) {
            case "" -> PLAIN.format(number).toString();
            case "integer" ->
                PLAIN.precision(Precision.integer()).format(number).toString();
            // MessageFormat's percent multiplies; a skeleton's does not.
            case "percent" ->
                PLAIN.precision(Precision.integer())
                        .unit(NoUnit.PERCENT)
                        .scale(Scale.powerOfTen(2))
                        .format(number)
                        .toString();
            default ->
                NumberFormatter.forSkeleton(style.substring(2).strip())
                        .locale(Locale.ENGLISH)
                        .format(number)
                        .toString();
        };
    }

    private void plural(int at, Number number, PluralRules rules) {
        boolean shifted = parts.getPartType(at).hasNumericValue();
        double offset = shifted ? parts.getNumericValue(parts.getPart(at)) : 0;
        double rest = number.doubleValue() - offset;
        int first = shifted ? at + 1 : at;
        String shown = offset == 0
                ? PLAIN.format(number).toString()
                : PLAIN.format(rest).toString();
        message(counted(first, number.doubleValue(), rules.select(rest)), shown);
    }

    /** The message for a number: that of exactly this number, else of its plural form, else of all others. */
    private int counted(int first, double number, String form) {
        int best = -1;
        for (int i = first; parts.getPartType(i) == Part.Type.ARG_SELECTOR; ) {
            String selector = parts.getSubstring(parts.getPart(i));
            boolean exact = parts.getPartType(i + 1).hasNumericValue();
            int message = exact ? i + 2 : i + 1;
            if (exact && parts.getNumericValue(parts.getPart(i + 1)) == number) {
                return message;
            }
            if (!exact && (selector.equals(form) || (best < 0 && selector.equals(OTHER)))) {
                best = message;
            }
            i = parts.getLimitPartIndex(message) + 1;
        }
        return best;
    }

    private int chosen(int first, String word) {
        int other = -1;
        for (int i = first; parts.getPartType(i) == Part.Type.ARG_SELECTOR; i = parts.getLimitPartIndex(i + 1) + 1) {
            String selector = parts.getSubstring(parts.getPart(i));
            if (selector.equals(word)) {
                return i + 1;
            }
            if (selector.equals(OTHER)) {
                other = i + 1;
            }
        }
        return other;
    }

    private void append(String text) {
        append(text, 0, text.length());
    }

    private void append(String text, int from, int to) {
        if (full) {
            return;
        }
        int end = Math.min(to, from + longest - out.length());
        full = end < to;
        // Never half of a letter that takes two places.
        out.append(text, from, full && end > from && Character.isHighSurrogate(text.charAt(end - 1)) ? end - 1 : end);
    }
}
