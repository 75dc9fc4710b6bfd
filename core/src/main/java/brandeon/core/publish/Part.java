package brandeon.core.publish;

import brandeon.core.problem.Mistake;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which part of a scene a source shows. Where a scene has captures, its pieces stand on levels: level 0 lies behind all
 * captures, and each piece with an opening begins the next level, which stands in front of that opening's capture.
 */
public sealed interface Part {

    /** Everything; see-through at the openings, so that captures stand below it. */
    Part WHOLE = new Whole();
    /** What lies behind the captures. */
    Part BACK = new Back();
    /** The frames and what lies in front of the captures. */
    Part FRONT = new Front();

    record Whole() implements Part {

        @Override
        public String toString() {
            return "WHOLE";
        }
    }

    record Back() implements Part {

        @Override
        public String toString() {
            return "BACK";
        }
    }

    record Front() implements Part {

        @Override
        public String toString() {
            return "FRONT";
        }
    }

    /**
     * Some levels that follow one another, such as what stands between two captures.
     *
     * @param from the first level, counted from 0
     * @param to   the last one, at least the first
     */
    record Levels(int from, int to) implements Part {

        public Levels {
            if (from < 0 || to < from || to > MOST_LEVELS) {
                throw new Mistake("There are no levels from " + from + " to " + to + ".");
            }
        }

        @Override
        public String toString() {
            return "LEVELS:" + from + "-" + to;
        }
    }

    /** One piece alone, in a box of its own. @param piece its id */
    record Single(String piece) implements Part {

        @Override
        public String toString() {
            return "PIECE:" + piece;
        }
    }

    /** The pieces of a group, in a box of their own. @param group its name */
    record Group(String group) implements Part {

        @Override
        public String toString() {
            return "GROUP:" + group;
        }
    }

    /** As it is stored and stands in addresses and messages. */
    @Override
    @JsonValue
    String toString();

    int MOST_LEVELS = 99;

    int LONGEST = 120;

    Pattern SPAN = Pattern.compile("LEVELS:(\\d{1,2})-(\\d{1,2})");

    /** Whether it has a box of its own, smaller than the canvas. */
    default boolean boxed() {
        return this instanceof Single || this instanceof Group;
    }

    /** @throws Mistake when it is none */
    @JsonCreator
    static Part of(String text) {
        Matcher span = SPAN.matcher(text);
        if (span.matches()) {
            return new Levels(Integer.parseInt(span.group(1)), Integer.parseInt(span.group(2)));
        }
        if (text.startsWith("PIECE:") && text.length() <= LONGEST) {
            return new Single(text.substring("PIECE:".length()));
        }
        if (text.startsWith("GROUP:") && text.length() <= LONGEST) {
            return new Group(text.substring("GROUP:".length()));
        }
        return switch (text) {
            case "WHOLE" -> WHOLE;
            case "BACK" -> BACK;
            case "FRONT" -> FRONT;
            default ->
                throw new Mistake("“" + text.substring(0, Math.min(text.length(), 40)) + "” is no part of a scene.");
        };
    }
}
