package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.colour.Colour;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a piece says in one of its fields. In JSON, words are a text, everything else is an object that is known by the
 * property it has. Texts are message patterns, see {@link Message}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION, defaultImpl = Content.Words.class)
@JsonSubTypes({
    @JsonSubTypes.Type(Content.Words.class),
    @JsonSubTypes.Type(Content.Count.class),
    @JsonSubTypes.Type(Content.Rows.class),
    @JsonSubTypes.Type(Content.Points.class),
    @JsonSubTypes.Type(Content.Entries.class),
    @JsonSubTypes.Type(Content.Lines.class),
    @JsonSubTypes.Type(Content.TimeZone.class),
    @JsonSubTypes.Type(Content.Day.class),
    @JsonSubTypes.Type(Content.Tint.class),
    @JsonSubTypes.Type(Content.Listing.class)
})
public sealed interface Content {

    /** Most letters of one text. */
    int LONGEST = 400;
    /** Most rows, points, entries or lines. */
    int MOST = 24;
    /** Most letters before or after a number. */
    int LONGEST_WORD = 40;

    Pattern NAME = Pattern.compile("(?:[A-Za-z][A-Za-z0-9_]{0,59})?");

    /** @throws Mistake with a sentence for the user when it is too long, too many or not well formed */
    void require();

    /** Every text in it that may show values. */
    Stream<String> patterns();

    /** Whether what it says can change with live values. */
    default boolean live() {
        return patterns().anyMatch(pattern -> pattern.indexOf('{') >= 0);
    }

    /**
     * Why it is not taken; empty when it is.
     *
     * @param types of the values that its texts may show, by name
     */
    default Optional<String> mistake(Map<String, ValueType> types) {
        return patterns()
                .map(pattern -> Letters.clean(pattern)
                        ? new Message(pattern).mistake(types)
                        : Optional.of("A text has a control character or half a letter in it."))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** In one line, for people. */
    default String written() {
        return patterns().filter(text -> !text.isBlank()).collect(Collectors.joining(" · "));
    }

    /** Several words by the name of their field. */
    static Map<String, Content> words(Map<String, String> texts) {
        return texts.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, text -> new Words(text.getValue())));
    }

    /** The same with each of these texts changed, those beside a number included. */
    Content mapped(UnaryOperator<String> change);

    /** Names of the values that it shows. */
    default Set<String> shows() {
        return patterns().flatMap(pattern -> Message.names(pattern).stream()).collect(Collectors.toSet());
    }

    /** The same showing other values, by name. */
    default Content showing(UnaryOperator<String> names) {
        return mapped(pattern -> Message.renamed(pattern, names));
    }

    /** One text. */
    record Words(@JsonValue String pattern) implements Content {

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        public Words {}

        @Override
        public void require() {
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
     * @param style   how it is written, as in message patterns: empty, {@code integer}, {@code ::currency/EUR} and so
     *     on
     * @param before  stands before it, such as a sign; no pattern
     * @param after   stands after it, such as a unit; no pattern
     */
    record Count(String reading, double number, String style, String before, String after) implements Content {

        private static final double FARTHEST = 1e12;

        @Override
        public void require() {
            if (!(Math.abs(number) <= FARTHEST)) {
                throw new Mistake("A number lies between minus and plus a million millions.");
            }
            if (before.length() > LONGEST_WORD || after.length() > LONGEST_WORD) {
                throw new Mistake(String.format(
                        Locale.ROOT, "What stands before or after a number has at most %d letters.", LONGEST_WORD));
            }
            if (!Letters.oneLine(before) || !Letters.oneLine(after)) {
                throw new Mistake(
                        "What stands before or after a number stands on one line, without control characters.");
            }
            requireName(reading);
            new Message(pattern(reading.isEmpty() ? "n" : reading, style))
                    .mistake(Map.of())
                    .ifPresent(mistake -> {
                        throw new Mistake(mistake);
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

        /** Money counts as a number, in its main unit. */
        @Override
        public Optional<String> mistake(Map<String, ValueType> types) {
            return types.get(reading) == ValueType.MONEY ? Optional.empty() : Content.super.mistake(types);
        }

        @Override
        public String written() {
            return before
                    + (reading.isEmpty()
                            ? new Message(pattern("n", style)).format(Map.of("n", number))
                            : "{" + reading + "}")
                    + after;
        }

        @Override
        public Content showing(UnaryOperator<String> names) {
            return reading.isEmpty() ? this : new Count(names.apply(reading), number, style, before, after);
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
    record Rows(List<TextRow> rows, String then) implements Content {

        public Rows {
            rows = List.copyOf(rows);
        }

        @Override
        public void require() {
            requireMost(rows.size());
            requireName(then);
            rows.forEach(row -> requireTexts(row.label(), row.value()));
        }

        /** @param texts label and value in turn */
        public static Rows of(String... texts) {
            return new Rows(
                    Stream.iterate(0, i -> i < texts.length, i -> i + 2)
                            .map(i -> new TextRow(texts[i], texts[i + 1]))
                            .toList(),
                    "");
        }

        @Override
        public Stream<String> patterns() {
            return rows.stream().flatMap(row -> Stream.of(row.label(), row.value()));
        }

        @Override
        public boolean live() {
            return !then.isEmpty() || Content.super.live();
        }

        @Override
        public Set<String> shows() {
            return then.isEmpty()
                    ? Content.super.shows()
                    : Stream.concat(Content.super.shows().stream(), Stream.of(then))
                            .collect(Collectors.toSet());
        }

        @Override
        public Content showing(UnaryOperator<String> names) {
            Rows shown = (Rows) Content.super.showing(names);
            return then.isEmpty() ? shown : new Rows(shown.rows(), names.apply(then));
        }

        @Override
        public Optional<String> mistake(Map<String, ValueType> types) {
            ValueType list = then.isEmpty() ? ValueType.LIST : types.getOrDefault(then, ValueType.LIST);
            return list == ValueType.LIST
                    ? Content.super.mistake(types)
                    : Optional.of(String.format(Locale.ROOT, "“%s” is no list, so its rows cannot follow.", then));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Rows(
                    rows.stream()
                            .map(row -> new TextRow(change.apply(row.label()), change.apply(row.value())))
                            .toList(),
                    then);
        }
    }

    /** What is to be gone through, and how far that is. */
    record Points(List<Topic> points) implements Content {

        public Points {
            points = List.copyOf(points);
        }

        @Override
        public void require() {
            requireMost(points.size());
            points.forEach(point -> requireTexts(point.label(), point.value()));
        }

        @Override
        public Stream<String> patterns() {
            return points.stream().flatMap(point -> Stream.of(point.label(), point.value()));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Points(points.stream()
                    .map(point -> new Topic(point.state(), change.apply(point.label()), change.apply(point.value())))
                    .toList());
        }
    }

    /** @param value beside it; may be empty */
    record Topic(Ask.State state, String label, String value) {}

    /** What takes turns. */
    record Entries(List<Entry> entries) implements Content {

        private static final double LONGEST_SECONDS = 120;
        private static final int LONGEST_ID = 60;

        public Entries {
            entries = List.copyOf(entries);
        }

        @Override
        public void require() {
            requireMost(entries.size());
            entries.forEach(entry -> {
                requireTexts(entry.label(), entry.words());
                if (!(entry.seconds() == 0 || (entry.seconds() >= 1 && entry.seconds() <= LONGEST_SECONDS))) {
                    throw new Mistake("An entry stands between 1 and 120 seconds; 0 is as long as the others.");
                }
                if (entry.picture().length() > LONGEST_ID) {
                    throw new Mistake("The id of a picture has at most " + LONGEST_ID + " letters.");
                }
            });
        }

        /** @param texts label and words in turn */
        public static Entries of(String... texts) {
            return new Entries(Stream.iterate(0, i -> i < texts.length, i -> i + 2)
                    .map(i -> new Entry(texts[i], texts[i + 1], 0))
                    .toList());
        }

        @Override
        public Stream<String> patterns() {
            return entries.stream().flatMap(entry -> Stream.of(entry.label(), entry.words()));
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return new Entries(entries.stream()
                    .map(entry -> new Entry(
                            change.apply(entry.label()), change.apply(entry.words()), entry.seconds(), entry.picture()))
                    .toList());
        }
    }

    /**
     * @param label   may be empty
     * @param seconds how long it stands; 0 for as long as the piece has it
     * @param picture a ready-made picture of the theme, by its id; empty for none
     */
    record Entry(String label, String words, double seconds, String picture) {

        /** Without a picture. */
        public Entry(String label, String words, double seconds) {
            this(label, words, seconds, "");
        }
    }

    /** One text for each of several pictures. */
    record Lines(List<String> lines) implements Content {

        public Lines {
            lines = List.copyOf(lines);
        }

        @Override
        public void require() {
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

        @Override
        public void require() {
            if (!KNOWN.contains(zone)) {
                throw new Mistake("There is no time zone called “" + zone + "”; write it like Europe/London or UTC.");
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

    /**
     * A day of the calendar.
     *
     * @param day by ISO 8601, such as 2026-12-24; empty for none
     */
    record Day(String day) implements Content {

        public static final Day NONE = new Day("");

        @Override
        public void require() {
            if (!day.isEmpty()) {
                try {
                    LocalDate.parse(day);
                } catch (DateTimeException e) {
                    throw new Mistake("“" + day + "” is no day; write it like 2026-12-24.", e);
                }
            }
        }

        @Override
        public Stream<String> patterns() {
            return Stream.of();
        }

        @Override
        public String written() {
            return day;
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return this;
        }
    }

    /** A colour of its own. @param colour as {@code #2f6b4f}; empty for that of the theme */
    record Tint(String colour) implements Content {

        public static final Tint NONE = new Tint("");
        private static final Pattern HEX = Pattern.compile("(#[0-9a-f]{6})?");

        public Optional<Colour> chosen() {
            return colour.isEmpty() ? Optional.empty() : Optional.of(Colour.parse(colour));
        }

        @Override
        public void require() {
            if (!HEX.matcher(colour).matches()) {
                throw new Mistake("“" + colour + "” is no colour as it is kept here; write it like #2f6b4f.");
            }
        }

        @Override
        public Stream<String> patterns() {
            return Stream.of();
        }

        @Override
        public String written() {
            return colour;
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return this;
        }
    }

    /**
     * Rows of a table of the show.
     *
     * @param table   its word; empty for the first one that there is
     * @param columns words of those that are shown, in this order; none for all
     * @param by      word of the column that they are sorted by; empty as they stand in the table
     * @param falling whether the largest or last come first
     */
    record Listing(String table, List<String> columns, String by, boolean falling) implements Content {

        public static final Listing FIRST = new Listing("", List.of(), "", false);

        public Listing {
            columns = List.copyOf(columns);
        }

        @Override
        public void require() {
            requireName(table);
            requireName(by);
            requireMost(columns.size());
            columns.forEach(Content::requireName);
        }

        @Override
        public Stream<String> patterns() {
            return Stream.of();
        }

        @Override
        public boolean live() {
            return true;
        }

        @Override
        public String written() {
            return table.isEmpty() ? "the first table" : table;
        }

        @Override
        public Content mapped(UnaryOperator<String> change) {
            return this;
        }
    }

    /** Names of live values, or none. */
    private static void requireName(String name) {
        if (!NAME.matcher(name).matches()) {
            throw new Mistake("The name of a live value has letters, digits and underscores only.");
        }
    }

    private static void requireMost(int size) {
        if (size > MOST) {
            throw new Mistake(String.format(Locale.ROOT, "At most %d of these are taken; these are %d.", MOST, size));
        }
    }

    private static void requireTexts(String one, String other) {
        requireText(one);
        requireText(other);
    }

    private static void requireText(String text) {
        if (text.length() > LONGEST) {
            throw new Mistake(String.format(
                    Locale.ROOT, "A text has at most %d letters; this one has %d.", LONGEST, text.length()));
        }
        new Message(text);
    }
}
