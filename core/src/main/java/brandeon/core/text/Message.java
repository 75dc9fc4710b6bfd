package brandeon.core.text;

import brandeon.core.problem.Mistake;
import com.ibm.icu.text.MessagePattern;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/**
 * A text with named values and plurals, in ICU message syntax: {@code {name} for {months, plural, one {# month} other
 * {# months}}}.
 *
 * Only a part of that syntax is understood, so that no text can cost much: see {@link MessageRules}.
 */
public record Message(String pattern) {

    /** Most letters of a pattern. */
    public static final int LONGEST_PATTERN = 2000;
    /** Most letters of a finished text; what would be longer is cut off. */
    public static final int LONGEST_TEXT = 4000;

    /**
     * @throws Mistake with a sentence for the user when the pattern is not well formed
     */
    public Message {
        parse(pattern);
    }

    /** The names of the values that the pattern asks for, in alphabetical order. */
    public Set<String> values() {
        Set<String> names = new TreeSet<>();
        MessagePattern parts = parse(pattern);
        for (int i = 0; i < parts.countParts(); i++) {
            MessagePattern.Part.Type type = parts.getPartType(i);
            if (type == MessagePattern.Part.Type.ARG_NAME || type == MessagePattern.Part.Type.ARG_NUMBER) {
                names.add(parts.getSubstring(parts.getPart(i)));
            }
        }
        return names;
    }

    /** The names that a pattern asks for; none where it is not well formed. */
    public static Set<String> names(String pattern) {
        try {
            return new Message(pattern).values();
        } catch (Mistake e) {
            return Set.of();
        }
    }

    /** Why this pattern is not taken, for values of these types; empty when it is. */
    public Optional<String> mistake(Map<String, ValueType> types) {
        return MessageRules.mistake(parse(pattern), types);
    }

    /**
     * The finished text. A value that is not known is painted as a dash, never as its name.
     *
     * @throws Mistake when the pattern asks something of a value that it cannot give, such as a plural
     *                                  of a name; patterns without a {@link #mistake} never do
     */
    public String format(Map<String, ?> values) {
        MessagePattern parts = parse(pattern);
        MessageRules.mistake(parts, Map.of()).ifPresent(mistake -> {
            throw new Mistake(mistake);
        });
        return MessageWriter.text(parts, values, LONGEST_TEXT);
    }

    /** The same with values that are looked up by name. */
    public String format(Values values) {
        Map<String, Object> used = new HashMap<>();
        values().forEach(name -> {
            Object value = values.get(name);
            if (value != null) {
                used.put(name, value);
            }
        });
        return format(used);
    }

    /** The same pattern with other names of values. @throws Mistake when it is no pattern */
    public static String renamed(String pattern, UnaryOperator<String> names) {
        MessagePattern parts = parse(pattern);
        StringBuilder out = new StringBuilder();
        int done = 0;
        for (int i = 0; i < parts.countParts(); i++) {
            MessagePattern.Part part = parts.getPart(i);
            if (part.getType() == MessagePattern.Part.Type.ARG_NAME) {
                out.append(pattern, done, part.getIndex()).append(names.apply(parts.getSubstring(part)));
                done = part.getLimit();
            }
        }
        return out.append(pattern.substring(done)).toString();
    }

    /** Whether this is words alone: nothing in it asks for a value, and no letter has a meaning of its own. */
    public static boolean plain(String pattern) {
        return pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0 && pattern.indexOf('}') < 0;
    }

    static MessagePattern parse(String pattern) {
        if (pattern.length() > LONGEST_PATTERN) {
            throw new Mistake(
                    "A text has at most " + LONGEST_PATTERN + " letters; this one has " + pattern.length() + ".");
        }
        try {
            return new MessagePattern(pattern);
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new Mistake("The text “" + pattern + "” has a mistake in its braces: " + e.getMessage(), e);
        }
    }

    /** A pattern that says exactly some words, whatever stands in them. */
    public static String literally(String words) {
        int brace = words.replace('}', '{').indexOf('{');
        if (brace < 0) {
            return words.replace("'", "''");
        }
        return words.substring(0, brace).replace("'", "''") + "'"
                + words.substring(brace).replace("'", "''") + "'";
    }
}
