package brandeon.core.table;

import brandeon.core.problem.Mistake;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A table of a show.
 *
 * @param word   by which texts know it, see {@link Tables}
 * @param lines  in their order
 * @param chosen id of the line that texts show where they name none; 0 for none
 * @param next   id of the next line; those of lines that are gone are never given again
 */
public record Table(String word, String title, List<Column> columns, List<Line> lines, long chosen, long next) {

    public static final int MOST_LINES = 5000;
    public static final int MOST_COLUMNS = 24;
    /** Letters of all cells together. */
    private static final long MOST_LETTERS = 4_000_000;

    /** @param cells as many as there are columns, each as its column's type keeps it */
    public record Line(long id, List<String> cells) {
        public Line {
            cells = List.copyOf(cells);
        }
    }

    public Table {
        columns = List.copyOf(columns);
        lines = List.copyOf(lines);
    }

    /** With a column for names and one for numbers, and no lines. */
    public static Table empty(String word, String title) {
        return new Table(
                word,
                title,
                List.of(new Column("name", "Name", ColumnType.TEXT), new Column("number", "Number", ColumnType.NUMBER)),
                List.of(),
                0,
                1);
    }

    /** @throws Mistake with a sentence when it cannot be */
    void require() {
        Column.requireWord(word);
        Column.requireTitle(title, "A table");
        if (columns.isEmpty() || columns.size() > MOST_COLUMNS) {
            throw new Mistake(String.format(Locale.ROOT, "A table has 1 to %d columns.", MOST_COLUMNS));
        }
        if (lines.size() > MOST_LINES) {
            throw new Mistake(String.format(
                    Locale.ROOT, "A table has at most %,d rows; these would be %,d.", MOST_LINES, lines.size()));
        }
        Set<String> words = new HashSet<>();
        Set<String> titles = new HashSet<>();
        for (Column column : columns) {
            column.require();
            if (!words.add(column.word())) {
                throw new Mistake("Two columns cannot have the same word “" + column.word() + "”.");
            }
            if (!titles.add(column.title().toLowerCase(Locale.ROOT))) {
                throw new Mistake("Two columns cannot have the same title “" + column.title() + "”.");
            }
        }
        if (letters() > MOST_LETTERS) {
            throw new Mistake("All cells of a table together have at most four million letters.");
        }
    }

    /** Of all cells. */
    public long letters() {
        return lines.stream()
                .mapToLong(
                        line -> line.cells().stream().mapToInt(String::length).sum())
                .sum();
    }

    /** Where a column stands, from 0; empty when there is none of that word. */
    public Optional<Integer> column(String wanted) {
        return IntStream.range(0, columns.size())
                .filter(i -> columns.get(i).word().equals(wanted))
                .boxed()
                .findFirst();
    }

    public Optional<Line> line(long id) {
        return lines.stream().filter(line -> line.id() == id).findFirst();
    }

    /** Places of the columns of these words, those that are gone left out; of all columns where none is left. */
    public List<Integer> shown(List<String> words) {
        List<Integer> places =
                words.stream().flatMap(word -> column(word).stream()).distinct().toList();
        return places.isEmpty() ? IntStream.range(0, columns.size()).boxed().toList() : places;
    }

    /** The lines by a column; as they stand where there is none of that word. */
    public List<Line> sorted(String by, boolean falling) {
        return column(by).map(place -> TableEdits.sorted(this, place, falling)).orElse(lines);
    }

    Map<Long, Line> byId() {
        Map<Long, Line> all = new HashMap<>();
        lines.forEach(line -> all.put(line.id(), line));
        return all;
    }

    /** The cells of a line by the words of their columns. */
    Map<String, String> named(Line line) {
        Map<String, String> cells = new HashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            cells.put(columns.get(i).word(), line.cells().get(i));
        }
        return cells;
    }

    Table with(List<Line> others) {
        return new Table(word, title, columns, others, chosen, next);
    }
}
