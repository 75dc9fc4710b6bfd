package brandeon.core.text;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** A text with named values and plurals, in ICU message syntax: {@code {name} for {months, plural, one {# month} other {# months}}}. */
public record Message(String pattern) {

    /**
     * @throws IllegalArgumentException with a sentence for the user when the pattern is not well formed
     */
    public Message {
        parse(pattern);
    }

    /** The names of the values that the pattern asks for, in alphabetical order. */
    public Set<String> values() {
        return new TreeSet<>(new MessageFormat(pattern, Locale.ENGLISH).getArgumentNames());
    }

    /** The finished text. A value that is not known is painted as a dash, never as its name. */
    public String format(Map<String, ?> values) {
        Map<String, Object> complete = new HashMap<>();
        MessageFormat format = new MessageFormat(pattern, Locale.ENGLISH);
        for (String name : format.getArgumentNames()) {
            Object value = values.get(name);
            complete.put(name, value != null ? value : missing(name));
        }
        return format.format(complete);
    }

    private Object missing(String name) {
        return numeric(name) ? 0 : "–";
    }

    private boolean numeric(String name) {
        MessagePattern parts = new MessagePattern(pattern);
        for (int i = 0; i + 1 < parts.countParts(); i++) {
            boolean named = parts.getPart(i + 1).getType() == MessagePattern.Part.Type.ARG_NAME
                    && parts.getSubstring(parts.getPart(i + 1)).equals(name);
            if (parts.getPart(i).getType() == MessagePattern.Part.Type.ARG_START && named) {
                return parts.getPart(i).getArgType() != MessagePattern.ArgType.NONE;
            }
        }
        return false;
    }

    private static void parse(String pattern) {
        try {
            new MessageFormat(pattern, Locale.ENGLISH);
        } catch (RuntimeException e) {
            throw new IllegalArgumentException("The text “" + pattern + "” has a mistake in its braces: " + e.getMessage(), e);
        }
    }
}
