package brandeon.core.pack;

import brandeon.core.problem.Mistake;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Says in a sentence why something sent could not be read. */
public final class Unreadable {

    private static final Pattern MISSING = Pattern.compile("^(?:Missing|Null value for) creator property '([^']+)'");

    private Unreadable() {}

    /**
     * The core's own sentence where it refused a value, else which field cannot be what it is, else what the JSON
     * reader says without its class names.
     *
     * @param what was sent, as in “The request”
     */
    public static String sentence(String what, Throwable failure) {
        Throwable deepest = failure;
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof Mistake) {
                return cause.getMessage();
            }
            deepest = cause;
        }
        if (deepest instanceof InvalidFormatException format) {
            return "“" + shortened(String.valueOf(format.getValue())) + "” is not " + kind(format.getTargetType())
                    + field(format) + ".";
        }
        if (deepest instanceof UnrecognizedPropertyException unknown) {
            return "There is no field “" + shortened(unknown.getPropertyName()) + "” here.";
        }
        return what + " is not well formed: "
                + (deepest instanceof JacksonException json ? readers(json) : "it has no readable content.");
    }

    /** What the JSON reader says, without the names of its settings and of classes. */
    private static String readers(JacksonException failure) {
        String said = failure.getOriginalMessage();
        Matcher missing = MISSING.matcher(said);
        return missing.find()
                ? "the field “" + missing.group(1) + "” is missing or empty."
                : said.replaceAll("`?(brandeon|java)\\.[\\w.$]+\\.([\\w$]+)`?", "$2");
    }

    private static String kind(Class<?> type) {
        if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants())
                    .map(String::valueOf)
                    .collect(Collectors.joining(", ", "one of ", ""));
        }
        if (List.<Class<?>>of(int.class, Integer.class, long.class, Long.class).contains(type)) {
            return "a whole number";
        }
        if (type.isPrimitive() && type != boolean.class || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        return type == boolean.class || type == Boolean.class ? "true or false" : "what belongs there";
    }

    private static String field(JacksonException failure) {
        return failure.getPath().isEmpty() || failure.getPath().getLast().getPropertyName() == null
                ? ""
                : " (in the field “" + failure.getPath().getLast().getPropertyName() + "”)";
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }
}
