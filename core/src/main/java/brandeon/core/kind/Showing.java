package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Run;
import brandeon.core.table.Table;
import brandeon.core.table.Tables;
import brandeon.core.text.Money;
import brandeon.core.text.TextRow;
import brandeon.core.text.Values;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * One piece at one moment, as its kind reads it: where it lies, and what it says with the values of that moment.
 *
 * @param kind    of the piece
 * @param box     whole canvas pixels
 * @param content what the piece says, where that is not the standard
 * @param figures of the piece, where they are not the standard
 * @param values  live values by name
 * @param tables  of its show
 * @param run     of its clock or clip
 * @param calm    whether the brand wants nothing to move
 * @param picture address of the ready-made picture that was chosen for it; empty for none
 * @param pictures the theme's ready-made pictures, by id or by name
 * @param alert   what is announced now, if anything
 * @param notice  what viewers are told of advertising, if anything
 */
public record Showing(
        Kind kind,
        Canvas canvas,
        Box box,
        Tune tune,
        Map<String, Content> content,
        Map<String, Double> figures,
        Values values,
        Tables tables,
        Run run,
        boolean calm,
        Supplier<String> picture,
        Function<String, Optional<Ask.Still>> pictures,
        Supplier<Optional<Announcement>> alert,
        Optional<Notice> notice) {

    /**
     * What viewers are told of advertising.
     *
     * @param running whether it is on, or to come
     * @param until   when that ends, epoch milliseconds
     * @param length  of all of it, milliseconds
     */
    public record Notice(boolean running, long until, long length) {}

    /**
     * An alert with its words as they are shown, from its entrance to when it is gone, epoch milliseconds.
     *
     * @param said    its words, from the whole ones to those with the shortest names
     * @param picture in place of the family's emblem
     * @param comes   from where; empty as the family's things come
     * @param goes    likewise
     */
    public record Announcement(
            List<Ask.Said> said,
            Optional<Ask.Still> picture,
            Optional<Entrance> comes,
            Optional<Entrance> goes,
            long from,
            long until) {}

    /** A number as it is shown, and as it counts; empty where a live one is not known yet. */
    public record Said(String written, OptionalDouble value) {}

    /** @throws IllegalArgumentException when the kind has no figure of this name */
    public double figure(String name) {
        Double own = figures.get(name);
        return own != null
                ? own
                : kind.figure(name)
                        .orElseThrow(() -> new IllegalArgumentException("There is no figure “" + name + "”."))
                        .standard();
    }

    public int choice(String figure) {
        return (int) Math.round(figure(figure));
    }

    public boolean moving() {
        return figure("moving") >= 0.5;
    }

    public String words(String field) {
        return Saying.said(((Content.Words) content(field)).pattern(), values);
    }

    public String zone(String field) {
        return ((Content.TimeZone) content(field)).zone();
    }

    public Content.Listing listing(String field) {
        return (Content.Listing) content(field);
    }

    /** The table that a listing is of; empty while there is none of that word. */
    public Optional<Table> table(Content.Listing listing) {
        return listing.table().isEmpty() ? tables.all().stream().findFirst() : tables.find(listing.table());
    }

    /** A colour that somebody chose; empty for the theme's own. */
    public Optional<Colour> tint(String field) {
        return ((Content.Tint) content(field)).chosen();
    }

    /** By ISO 8601; empty for none. */
    public String day(String field) {
        return ((Content.Day) content(field)).day();
    }

    /** The live value of a number; null where it is set by hand or not known yet. */
    Object value(String field) {
        return values.get(((Content.Count) content(field)).reading());
    }

    public Said count(String field) {
        Content.Count count = (Content.Count) content(field);
        Object value = count.reading().isEmpty() ? (Object) count.number() : values.get(count.reading());
        if (value instanceof Money money) {
            BigDecimal main = money.main();
            String sum = count.style().isEmpty()
                    ? money.written()
                    : Saying.said(
                            Content.Count.pattern(count.reading(), count.style()), Map.of(count.reading(), main)::get);
            return new Said(count.before() + sum + count.after(), OptionalDouble.of(main.doubleValue()));
        }
        OptionalDouble number = value instanceof Number n ? OptionalDouble.of(n.doubleValue()) : OptionalDouble.empty();
        String name = count.reading().isEmpty() ? "n" : count.reading();
        String written = number.isEmpty()
                ? Saying.MISSING
                : Saying.said(Content.Count.pattern(name, count.style()), Map.of(name, value)::get);
        return new Said(count.before() + written + count.after(), number);
    }

    /** Whether a live list of this name follows the rows of a field. */
    boolean follows(String field, String list) {
        return ((Content.Rows) content(field)).then().equals(list);
    }

    /** Those of a live list last. */
    public List<Ask.Row> rows(String field) {
        Content.Rows content = (Content.Rows) content(field);
        List<Ask.Row> rows = new ArrayList<>();
        content.rows().forEach(row -> add(rows, row.label(), row.value(), Ask.State.OPEN));
        if (values.get(content.then()) instanceof List<?> live) {
            live.stream()
                    .map(TextRow.class::cast)
                    .forEach(row -> rows.add(new Ask.Row(row.label(), row.value(), Ask.State.OPEN)));
        } else if (!content.then().isEmpty()) {
            rows.add(new Ask.Row(Saying.MISSING, "", Ask.State.OPEN));
        }
        return rows.size() > Content.MOST ? rows.subList(0, Content.MOST) : rows;
    }

    public List<Ask.Row> points(String field) {
        List<Ask.Row> rows = new ArrayList<>();
        ((Content.Points) content(field))
                .points()
                .forEach(point -> add(rows, point.label(), point.value(), point.state()));
        return rows;
    }

    private void add(List<Ask.Row> rows, String label, String value, Ask.State state) {
        rows.add(new Ask.Row(
                Saying.said(label, values).strip(), Saying.said(value, values).strip(), state));
    }

    /** @param seconds of an entry that names none */
    public List<Ask.Entry> entries(String field, double seconds) {
        return ((Content.Entries) content(field))
                .entries().stream()
                        .map(entry -> new Ask.Entry(
                                Saying.said(entry.label(), values).strip(),
                                Saying.said(entry.words(), values).strip(),
                                entry.seconds() == 0 ? seconds : entry.seconds(),
                                entry.picture().isEmpty() ? Optional.empty() : pictures.apply(entry.picture())))
                        .toList();
    }

    /** Lines that say something. */
    public List<String> lines(String field) {
        return ((Content.Lines) content(field))
                .lines().stream()
                        .map(line -> Saying.said(line, values).strip())
                        .filter(line -> !line.isEmpty())
                        .toList();
    }

    private Content content(String field) {
        Content own = content.get(field);
        return own != null
                ? own
                : kind.field(field)
                        .orElseThrow(
                                () -> new IllegalArgumentException("There is nothing called “" + field + "” to say."))
                        .standard();
    }
}
