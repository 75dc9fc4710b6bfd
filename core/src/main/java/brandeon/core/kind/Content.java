package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.text.Message;
import brandeon.core.text.Row;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What a piece says in one of its fields. In JSON, words are a text, everything else is an object that is known by the
 * property it has. Texts are message patterns, see {@link Message}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION, defaultImpl = Content.Words.class)
@JsonSubTypes({@JsonSubTypes.Type(Content.Words.class), @JsonSubTypes.Type(Content.Count.class), @JsonSubTypes.Type(Content.Rows.class), @JsonSubTypes.Type(Content.Points.class),
    @JsonSubTypes.Type(Content.Entries.class), @JsonSubTypes.Type(Content.Lines.class), @JsonSubTypes.Type(Content.TimeZone.class)})
public sealed interface Content {

    /** Most letters of one text. */
    int LONGEST = 400;
    /** Most rows, points, entries or lines. */
    int MOST = 24;

    /** Every text in it that may show values. */
    Stream<String> patterns();

    /** The same with each of these texts changed. */
    Content mapped(UnaryOperator<String> change);

    /** One text. */
    record Words(@JsonValue String pattern) implements Content {

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        public Words {
            requireText(pattern);
        }

        @Override
        public Stream<String> patterns() {
            return Stream.of(pattern);
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Words(change.apply(pattern));
        }
    }

    /**
     * A number: a live one, or one that somebody set.
     *
     * @param reading name of the live number; empty for the one that is set
     * @param number  what is shown without a live one
     * @param style   how it is written, as in message patterns: empty, {@code integer}, {@code ::currency/EUR} and so on
     * @param before  stands before it, such as a sign; no pattern
     * @param after   stands after it, such as a unit; no pattern
     */
    record Count(String reading, double number, String style, String before, String after) implements Content {

        private static final double FARTHEST = 1e12;
        private static final int LONGEST_WORD = 40;

        public Count {
            if (!(Math.abs(number) <= FARTHEST)) {
                throw new IllegalArgumentException("A number lies between minus and plus a million millions.");
            }
            if (before.length() > LONGEST_WORD || after.length() > LONGEST_WORD) {
                throw new IllegalArgumentException(String.format(Locale.ROOT, "What stands before or after a number has at most %d letters.", LONGEST_WORD));
            }
            new Message(pattern(reading.isEmpty() ? "n" : reading, style)).mistake(java.util.Map.of()).ifPresent(mistake -> {
                throw new IllegalArgumentException(mistake);
            });
        }

        /** One that somebody set. */
        public static Count of(double number) {
            return new Count("", number, "", "", "");
        }

        /** A live one, by its name. */
        public static Count of(String reading) {
            return new Count(reading, 0, "", "", "");
        }

        static String pattern(String name, String style) {
            return style.isEmpty() ? "{" + name + "}" : "{" + name + ", number, " + style + "}";
        }

        @Override
        public Stream<String> patterns() {
            return reading.isEmpty() ? Stream.of() : Stream.of("{" + reading + ", number}");
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Count(reading, number, style, change.apply(before), change.apply(after));
        }
    }

    /**
     * Rows of label and value.
     *
     * @param then name of a live list whose rows follow; empty for none
     */
    record Rows(List<Row> rows, String then) implements Content {

        public Rows {
            rows = List.copyOf(rows);
            requireMost(rows.size());
            rows.forEach(row -> requireTexts(row.label(), row.value()));
        }

        /** @param texts label and value in turn */
        public static Rows of(String... texts) {
            return new Rows(Stream.iterate(0, i -> i < texts.length, i -> i + 2).map(i -> new Row(texts[i], texts[i + 1])).toList(), "");
        }

        @Override
        public Stream<String> patterns() {
            return Stream.concat(rows.stream().flatMap(row -> Stream.of(row.label(), row.value())), then.isEmpty() ? Stream.of() : Stream.of("{" + then + "}"));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Rows(rows.stream().map(row -> new Row(change.apply(row.label()), change.apply(row.value()))).toList(), then);
        }
    }

    /** What is to be gone through, and how far that is. */
    record Points(List<Point> points) implements Content {

        public Points {
            points = List.copyOf(points);
            requireMost(points.size());
            points.forEach(point -> requireTexts(point.label(), point.value()));
        }

        @Override
        public Stream<String> patterns() {
            return points.stream().flatMap(point -> Stream.of(point.label(), point.value()));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Points(points.stream().map(point -> new Point(point.state(), change.apply(point.label()), change.apply(point.value()))).toList());
        }
    }

    /** @param value beside it; may be empty */
    record Point(Ask.State state, String label, String value) {
    }

    /** What takes turns. */
    record Entries(List<Entry> entries) implements Content {

        private static final double LONGEST_SECONDS = 120;

        public Entries {
            entries = List.copyOf(entries);
            requireMost(entries.size());
            entries.forEach(entry -> {
                requireTexts(entry.label(), entry.words());
                if (!(entry.seconds() == 0 || (entry.seconds() >= 1 && entry.seconds() <= LONGEST_SECONDS))) {
                    throw new IllegalArgumentException("An entry stands between 1 and 120 seconds; 0 is as long as the others.");
                }
            });
        }

        /** @param texts label and words in turn */
        public static Entries of(String... texts) {
            return new Entries(Stream.iterate(0, i -> i < texts.length, i -> i + 2).map(i -> new Entry(texts[i], texts[i + 1], 0)).toList());
        }

        @Override
        public Stream<String> patterns() {
            return entries.stream().flatMap(entry -> Stream.of(entry.label(), entry.words()));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Entries(entries.stream().map(entry -> new Entry(change.apply(entry.label()), change.apply(entry.words()), entry.seconds())).toList());
        }
    }

    /**
     * @param label   may be empty
     * @param seconds how long it stands; 0 for as long as the piece has it
     */
    record Entry(String label, String words, double seconds) {
    }

    /** One text for each of several pictures. */
    record Lines(List<String> lines) implements Content {

        public Lines {
            lines = List.copyOf(lines);
            requireMost(lines.size());
            lines.forEach(Content::requireText);
        }

        @Override
        public Stream<String> patterns() {
            return lines.stream();
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Lines(lines.stream().map(change).toList());
        }
    }

    /** @param zone IANA name of a time zone */
    record TimeZone(String zone) implements Content {

        private static final Set<String> KNOWN = ZoneId.getAvailableZoneIds();

        public TimeZone {
            if (!KNOWN.contains(zone)) {
                throw new IllegalArgumentException("There is no time zone called “" + zone + "”; write it like Europe/London or UTC.");
            }
        }

        @Override
        public Stream<String> patterns() {
            return Stream.of();
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return this;
        }
    }

    private static void requireMost(int size) {
        if (size > MOST) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "At most %d of these are taken; these are %d.", MOST, size));
        }
    }

    private static void requireTexts(String one, String other) {
        requireText(one);
        requireText(other);
    }

    private static void requireText(String text) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException(String.format(Locale.ROOT, "A text has at most %d letters; this one has %d.", LONGEST, text.length()));
        }
        new Message(text);
    }
}
