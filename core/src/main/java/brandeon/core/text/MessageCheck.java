package brandeon.core.text;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Tells what is wrong with a text with values while it is being written. */
public final class MessageCheck {

    /** A name as different as this is no slip of the fingers any more. */
    private static final int FARTHEST = 4;

    private MessageCheck() {}

    /**
     * The first mistake, as a sentence.
     *
     * @param types of the values that there are, by name
     */
    public static Optional<String> mistake(String pattern, Map<String, ValueType> types) {
        Optional<String> unmatched = braces(pattern);
        if (unmatched.isPresent()) {
            return unmatched;
        }
        Message message;
        try {
            message = new Message(pattern);
        } catch (IllegalArgumentException e) {
            return Optional.of("This is not understood: "
                    + first(e.getCause() == null ? e.getMessage() : e.getCause().getMessage()));
        }
        Set<String> known = types.keySet();
        return message.mistake(types)
                .or(() -> message.values().stream()
                        .filter(name -> !known.contains(name))
                        .findFirst()
                        .map(name -> unknown(name, known)));
    }

    /** Most mistakes are a brace that is missing or too many. */
    private static Optional<String> braces(String pattern) {
        int open = 0;
        boolean quoted = false;
        for (int i = 0; i < pattern.length(); i++) {
            char c = pattern.charAt(i);
            if (c == '\'' && (quoted || i + 1 < pattern.length() && "{}".indexOf(pattern.charAt(i + 1)) >= 0)) {
                quoted = !quoted;
            } else if (!quoted && c == '{') {
                open++;
            } else if (!quoted && c == '}' && --open < 0) {
                return Optional.of(String.format(
                        Locale.ROOT,
                        "The } after “%s” closes nothing. To show a brace, write it in single quotes: '}'.",
                        tail(pattern, i)));
            }
        }
        return open > 0 ? Optional.of("A { is not closed; write } after the name of the value.") : Optional.empty();
    }

    private static String tail(String pattern, int end) {
        return pattern.substring(Math.max(0, end - 12), end);
    }

    private static String first(String message) {
        return message == null ? "" : message.lines().findFirst().orElse("");
    }

    private static String unknown(String name, Set<String> known) {
        Optional<String> near = known.stream()
                .min(Comparator.comparingInt(other -> distance(name, other)))
                .filter(other -> distance(name, other) <= FARTHEST);
        return String.format(Locale.ROOT, "There is no value called “%s”", name)
                + near.map(other -> "; did you mean {" + other + "}?").orElse("; a dash will stand there.");
    }

    /** Levenshtein: letters to add, leave out or change. */
    private static int distance(String one, String other) {
        int[] row = new int[other.length() + 1];
        for (int j = 0; j <= other.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int changed = diagonal
                        + (Character.toLowerCase(one.charAt(i - 1)) == Character.toLowerCase(other.charAt(j - 1))
                                ? 0
                                : 1);
                diagonal = row[j];
                row[j] = Math.min(changed, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[other.length()];
    }
}
