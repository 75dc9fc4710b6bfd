package brandeon.core.text;

import brandeon.core.problem.Mistake;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** What viewers read of a pattern, apart from what has a meaning to the pattern itself. */
public final class MessageTexts {

    private MessageTexts() {}

    /** How many a text speaks of, as far as its pattern says. */
    public enum Number {
        UNSAID,
        ONE,
        SEVERAL
    }

    /** @param words as they stand in the pattern, apostrophes included */
    @FunctionalInterface
    public interface Change {
        String of(String words, Number number);
    }

    /**
     * The same pattern with its words changed; names of values, the words that choose a form and the braces stay. Each
     * stretch of words between two of these is changed on its own.
     *
     * @throws Mistake when it is no pattern
     */
    public static String changed(String pattern, Change change) {
        MessagePattern parts = Message.parse(pattern);
        StringBuilder out = new StringBuilder();
        Deque<Number> numbers = new ArrayDeque<>();
        Deque<ArgType> values = new ArrayDeque<>();
        Number next = Number.UNSAID;
        boolean words = false;
        int done = 0;
        for (int i = 0; i < parts.countParts(); i++) {
            Part part = parts.getPart(i);
            int begin = part.getIndex();
            switch (part.getType()) {
                case MSG_START -> {
                    out.append(pattern, done, part.getLimit());
                    done = part.getLimit();
                    numbers.push(next);
                    words = true;
                }
                case MSG_LIMIT, ARG_START, REPLACE_NUMBER -> {
                    if (words) {
                        out.append(change.of(pattern.substring(done, begin), numbers.getFirst()));
                        done = begin;
                    }
                    out.append(pattern, done, part.getLimit());
                    done = part.getLimit();
                    if (part.getType() == Part.Type.MSG_LIMIT) {
                        numbers.pop();
                        words = false;
                    } else if (part.getType() == Part.Type.ARG_START) {
                        values.push(part.getArgType());
                        words = false;
                    }
                }
                case ARG_SELECTOR ->
                    next = values.getFirst() == ArgType.PLURAL
                            ? number(parts.getSubstring(part))
                            : numbers.isEmpty() ? Number.UNSAID : numbers.getFirst();
                case ARG_LIMIT -> {
                    out.append(pattern, done, part.getLimit());
                    done = part.getLimit();
                    values.pop();
                    words = true;
                }
                default -> {}
            }
        }
        return out.append(pattern.substring(done)).toString();
    }

    /** The words of a pattern alone, values left out; all of it where it is no pattern. */
    public static String words(String pattern) {
        List<String> words = new ArrayList<>();
        try {
            changed(pattern, (part, _) -> {
                words.add(part);
                return part;
            });
        } catch (Mistake e) {
            return pattern;
        }
        return String.join(" … ", words);
    }

    private static Number number(String selector) {
        return selector.equals("one") || selector.equals("=1") ? Number.ONE : Number.SEVERAL;
    }
}
