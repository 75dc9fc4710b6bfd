package brandeon.core.table;

import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The only way to change a table. */
public final class TableEdits {

    /** How many mistakes are named at once. */
    private static final int NAMED = 5;

    private TableEdits() {}

    /**
     * What a change makes of a table.
     *
     * @param inverse  takes it back, as far as nobody changed the same since
     * @param sentence what was done, for the record
     */
    public record Applied(Table table, TableEdit inverse, TableDiff diff, String sentence) {}

    /** @throws Mistake with a sentence when it cannot be; nothing is changed then */
    public static Applied apply(Table table, TableEdit edit) {
        Done done = done(table, edit);
        done.table().require();
        TableDiff diff = TableDiff.between(table, done.table());
        TableDiff back = TableDiff.between(done.table(), table);
        boolean reordered = back.order().isPresent();
        TableEdit inverse = new TableEdit.Restore(
                back, TableDiff.Head.of(done.table()), reordered ? TableDiff.order(done.table()) : List.of());
        return new Applied(done.table(), inverse, diff, table.title() + ": " + done.sentence());
    }

    private record Done(Table table, String sentence) {}

    private static Done done(Table table, TableEdit edit) {
        return switch (edit) {
            case TableEdit.Fill fill -> filled(table, fill);
            case TableEdit.AddLines(int at, int count) -> added(table, at, count);
            case TableEdit.RemoveLines(List<Long> lines) -> removed(table, lines);
            case TableEdit.MoveLine(long line, int to) -> moved(table, line, to);
            case TableEdit.SortLines(String column, boolean falling) -> sorted(table, column, falling);
            case TableEdit.AddColumn(String title, ColumnType type) ->
                new Done(
                        grown(table, List.of(new Column(Column.word(title, words(table)), title.strip(), type))),
                        "added the column " + title.strip());
            case TableEdit.RemoveColumn(String column) -> without(table, column);
            case TableEdit.ChangeColumn change -> changed(table, change);
            case TableEdit.MoveColumn(String column, int to) -> movedColumn(table, column, to);
            case TableEdit.Name(String title, String word) ->
                new Done(
                        new Table(word, title.strip(), table.columns(), table.lines(), table.chosen(), table.next()),
                        "named " + title.strip());
            case TableEdit.Choose(long line) -> chosen(table, line);
            case TableEdit.Replace replace -> replaced(table, replace);
            case TableEdit.PutLine put -> put(table, put);
            case TableEdit.Restore restore -> restored(table, restore);
        };
    }

    private static Done filled(Table table, TableEdit.Fill fill) {
        int from = place(table, fill.column());
        int first = fill.line() == 0 ? table.lines().size() : at(table, fill.line());
        long next = table.next();
        List<Table.Line> lines = new ArrayList<>(table.lines());
        int cells = 0;
        for (int i = 0; i < fill.block().size(); i++) {
            List<String> given = fill.block().get(i);
            if (from + given.size() > table.columns().size()) {
                throw new Mistake(String.format(
                        Locale.ROOT,
                        "This is %d cells wide, and from %s on there are %d columns. Add columns first.",
                        given.size(),
                        table.columns().get(from).title(),
                        table.columns().size() - from));
            }
            int at = first + i;
            List<String> line = new ArrayList<>(
                    at < lines.size()
                            ? lines.get(at).cells()
                            : nothing(table.columns().size()));
            for (int j = 0; j < given.size(); j++) {
                line.set(from + j, kept(table.columns().get(from + j), given.get(j), at));
                cells++;
            }
            if (at < lines.size()) {
                lines.set(at, new Table.Line(lines.get(at).id(), line));
            } else {
                lines.add(new Table.Line(next++, line));
            }
        }
        String said = cells == 1
                ? String.format(
                        Locale.ROOT,
                        "set %s in row %d to “%s”",
                        table.columns().get(from).title(),
                        first + 1,
                        lines.get(first).cells().get(from))
                : String.format(Locale.ROOT, "set %d cells", cells);
        return new Done(new Table(table.word(), table.title(), table.columns(), lines, table.chosen(), next), said);
    }

    private static String kept(Column column, String typed, int at) {
        try {
            return column.type().kept(typed);
        } catch (Mistake e) {
            throw new Mistake(String.format(Locale.ROOT, "Row %d, %s: %s", at + 1, column.title(), e.getMessage()), e);
        }
    }

    private static List<String> nothing(int columns) {
        return Collections.nCopies(columns, "");
    }

    private static Done added(Table table, int at, int count) {
        if (at < 0 || at > table.lines().size() || count < 1 || count > Table.MOST_LINES) {
            throw new Mistake(String.format(
                    Locale.ROOT, "Rows are added between the others, at most %,d at once.", Table.MOST_LINES));
        }
        List<Table.Line> lines = new ArrayList<>(table.lines());
        lines.addAll(
                at,
                IntStream.range(0, count)
                        .mapToObj(i -> new Table.Line(
                                table.next() + i, nothing(table.columns().size())))
                        .toList());
        return new Done(
                new Table(table.word(), table.title(), table.columns(), lines, table.chosen(), table.next() + count),
                count == 1 ? "added a row" : "added " + count + " rows");
    }

    private static Done removed(Table table, List<Long> ids) {
        Set<Long> gone = new HashSet<>(ids);
        List<Table.Line> left =
                table.lines().stream().filter(line -> !gone.contains(line.id())).toList();
        if (left.size() == table.lines().size()) {
            throw new Mistake("These rows are gone already.");
        }
        int count = table.lines().size() - left.size();
        long chosen = gone.contains(table.chosen()) ? 0 : table.chosen();
        return new Done(
                new Table(table.word(), table.title(), table.columns(), left, chosen, table.next()),
                count == 1 ? "removed a row" : "removed " + count + " rows");
    }

    private static Done moved(Table table, long id, int to) {
        int from = at(table, id);
        List<Table.Line> lines = new ArrayList<>(table.lines());
        lines.add(Math.clamp(to, 0, lines.size() - 1), lines.remove(from));
        return new Done(table.with(lines), "moved a row");
    }

    private static Done sorted(Table table, String column, boolean falling) {
        int place = place(table, column);
        return new Done(
                table.with(sorted(table, place, falling)),
                "sorted by " + table.columns().get(place).title());
    }

    /** What is empty comes last, and what is equal stays in its order. */
    static List<Table.Line> sorted(Table table, int column, boolean falling) {
        Comparator<String> order = table.columns().get(column).type().order();
        Comparator<String> wanted = falling ? order.reversed() : order;
        return table.lines().stream()
                .sorted(Comparator.comparing(
                                (Table.Line line) -> line.cells().get(column).isEmpty())
                        .thenComparing(
                                line -> line.cells().get(column),
                                (a, b) -> a.isEmpty() || b.isEmpty() ? 0 : wanted.compare(a, b)))
                .toList();
    }

    private static Table grown(Table table, List<Column> more) {
        List<Column> columns = new ArrayList<>(table.columns());
        columns.addAll(more);
        return recast(table, columns);
    }

    private static Done without(Table table, String column) {
        int place = place(table, column);
        List<Column> left = new ArrayList<>(table.columns());
        Column gone = left.remove(place);
        return new Done(recast(table, left), "removed the column " + gone.title());
    }

    private static Done movedColumn(Table table, String column, int to) {
        List<Column> columns = new ArrayList<>(table.columns());
        Column moved = columns.remove(place(table, column));
        columns.add(Math.clamp(to, 0, columns.size()), moved);
        return new Done(recast(table, columns), "moved the column " + moved.title());
    }

    /** The same cells under other columns: those of the same word stay, others are empty. */
    private static Table recast(Table table, List<Column> columns) {
        List<Integer> from = columns.stream()
                .map(column -> table.column(column.word()).orElse(-1))
                .toList();
        List<Table.Line> lines = table.lines().stream()
                .map(line -> new Table.Line(
                        line.id(),
                        from.stream().map(i -> i < 0 ? "" : line.cells().get(i)).toList()))
                .toList();
        return new Table(table.word(), table.title(), columns, lines, table.chosen(), table.next());
    }

    private static Done changed(Table table, TableEdit.ChangeColumn change) {
        int place = place(table, change.column());
        Column column = new Column(change.word(), change.title().strip(), change.type());
        List<Column> columns = new ArrayList<>(table.columns());
        columns.set(place, column);
        List<String> wrong = new ArrayList<>();
        List<Table.Line> lines = new ArrayList<>();
        for (int i = 0; i < table.lines().size(); i++) {
            Table.Line line = table.lines().get(i);
            List<String> cells = new ArrayList<>(line.cells());
            try {
                cells.set(place, change.type().kept(cells.get(place)));
            } catch (Mistake e) {
                wrong.add(String.format(Locale.ROOT, "Row %d: %s", i + 1, e.getMessage()));
            }
            lines.add(cells.equals(line.cells()) ? line : new Table.Line(line.id(), cells));
        }
        require(wrong);
        return new Done(
                new Table(table.word(), table.title(), columns, lines, table.chosen(), table.next()),
                "changed the column " + column.title());
    }

    private static Done chosen(Table table, long line) {
        int at = line == 0 ? -1 : at(table, line);
        return new Done(
                new Table(table.word(), table.title(), table.columns(), table.lines(), line, table.next()),
                at < 0 ? "chose no row" : "chose row " + (at + 1));
    }

    /** Lines that begin with the same first cell stay the same line, so that the chosen one stays chosen. */
    private static Done replaced(Table table, TableEdit.Replace replace) {
        List<Integer> places = new ArrayList<>();
        Table wide = table;
        for (int i = 0; i < replace.titles().size(); i++) {
            String title = replace.titles().get(i).strip();
            int found = titled(wide, title);
            if (found < 0) {
                if (!replace.grows()) {
                    throw new Mistake(unknown(table, title));
                }
                int column = i;
                ColumnType type = ColumnType.guessed(replace.lines().stream()
                        .filter(line -> line.size() > column)
                        .map(line -> line.get(column))
                        .toList());
                wide = grown(wide, List.of(new Column(Column.word(title, words(wide)), title, type)));
                found = wide.columns().size() - 1;
            }
            if (places.contains(found)) {
                throw new Mistake("The column “" + title + "” is there twice.");
            }
            places.add(found);
        }
        // A new table's own columns give way to those of the first file.
        if (replace.grows() && table.lines().isEmpty()) {
            List<Column> given = places.stream().map(wide.columns()::get).toList();
            wide = recast(wide, given);
            places = IntStream.range(0, given.size()).boxed().toList();
        }
        return new Done(
                relined(wide, places, replace), "took in " + replace.lines().size() + " rows");
    }

    private static Table relined(Table table, List<Integer> places, TableEdit.Replace replace) {
        Map<String, List<Table.Line>> before = new HashMap<>();
        table.lines()
                .forEach(line -> before.computeIfAbsent(line.cells().getFirst(), _ -> new ArrayList<>())
                        .add(line));
        long next = table.next();
        List<String> wrong = new ArrayList<>();
        List<Table.Line> lines = new ArrayList<>();
        for (int i = 0; i < replace.lines().size(); i++) {
            List<String> given = replace.lines().get(i);
            String name = replace.named().get(i);
            List<String> cells = new ArrayList<>(nothing(table.columns().size()));
            if (given.size() > places.size()) {
                wrong.add(String.format(
                        Locale.ROOT, "%s has %d cells for %d columns.", name, given.size(), places.size()));
                continue;
            }
            for (int j = 0; j < given.size(); j++) {
                Column column = table.columns().get(places.get(j));
                try {
                    cells.set(places.get(j), column.type().kept(given.get(j)));
                } catch (Mistake e) {
                    wrong.add(String.format(Locale.ROOT, "%s, %s: %s", name, column.title(), e.getMessage()));
                }
            }
            List<Table.Line> same = before.getOrDefault(cells.getFirst(), List.of());
            if (same.isEmpty()) {
                lines.add(new Table.Line(next++, cells));
            } else {
                Table.Line was = same.removeFirst();
                lines.add(was.cells().equals(cells) ? was : new Table.Line(was.id(), cells));
            }
        }
        require(wrong);
        long chosen = lines.stream().anyMatch(line -> line.id() == table.chosen()) ? table.chosen() : 0;
        return new Table(table.word(), table.title(), table.columns(), lines, chosen, next);
    }

    private static Done put(Table table, TableEdit.PutLine put) {
        String first = table.columns().getFirst().type().kept(put.first());
        if (first.isEmpty()) {
            throw new Mistake("A row is known by its first cell, which is not empty.");
        }
        List<Table.Line> lines = new ArrayList<>(table.lines());
        int at = IntStream.range(0, lines.size())
                .filter(i -> lines.get(i).cells().getFirst().equals(first))
                .findFirst()
                .orElse(lines.size());
        boolean fresh = at == lines.size();
        List<String> cells = new ArrayList<>(
                fresh ? nothing(table.columns().size()) : lines.get(at).cells());
        cells.set(0, first);
        put.cells().forEach((title, typed) -> {
            int place = titled(table, title);
            if (place < 0) {
                throw new Mistake(unknown(table, title));
            }
            cells.set(place, kept(table.columns().get(place), typed, at));
        });
        if (fresh) {
            lines.add(new Table.Line(table.next(), cells));
        } else if (!cells.equals(lines.get(at).cells())) {
            lines.set(at, new Table.Line(lines.get(at).id(), cells));
        }
        return new Done(
                new Table(
                        table.word(),
                        table.title(),
                        table.columns(),
                        lines,
                        table.chosen(),
                        table.next() + (fresh ? 1 : 0)),
                (fresh ? "added " : "changed ") + first);
    }

    /** What others did since stays, where it is not about the same. */
    private static Done restored(Table table, TableEdit.Restore restore) {
        TableDiff diff = restore.diff();
        Table cast = table;
        if (diff.head().isPresent()) {
            TableDiff.Head head = diff.head().get();
            if (!head.columns().equals(restore.after().columns())) {
                if (!table.columns().equals(restore.after().columns())) {
                    throw new Mistake("The columns were changed since, so this cannot be taken back.");
                }
                cast = recast(table, head.columns());
            }
            cast = new Table(
                    head.word().equals(restore.after().word()) ? cast.word() : head.word(),
                    head.title().equals(restore.after().title()) ? cast.title() : head.title(),
                    head.columns().equals(restore.after().columns()) ? cast.columns() : head.columns(),
                    cast.lines(),
                    head.chosen() == restore.after().chosen() ? cast.chosen() : head.chosen(),
                    cast.next());
        }
        Map<Long, Table.Line> lines = new HashMap<>(cast.byId());
        Table wide = cast;
        diff.cells().forEach((id, cells) -> {
            Table.Line line = lines.get(id);
            if (line == null && diff.order().filter(order -> order.contains(id)).isEmpty()) {
                throw new Mistake("A row of this is gone, so it cannot be taken back.");
            }
            List<String> now =
                    new ArrayList<>(line == null ? nothing(wide.columns().size()) : line.cells());
            cells.forEach((word, cell) -> wide.column(word).ifPresentOrElse(i -> now.set(i, cell), () -> {
                throw new Mistake("A column of this is gone, so it cannot be taken back.");
            }));
            lines.put(id, new Table.Line(id, now));
        });
        List<Long> order = diff.order()
                .map(wanted -> merged(wanted, restore.order(), wide))
                .orElseGet(() -> TableDiff.order(wide));
        Table back = wide.with(
                order.stream().map(lines::get).filter(line -> line != null).toList());
        boolean chosen = back.chosen() == 0 || back.line(back.chosen()).isPresent();
        return new Done(
                chosen ? back : new Table(back.word(), back.title(), back.columns(), back.lines(), 0, back.next()),
                "took a change back");
    }

    /** The order of before, and after it what came since. */
    private static List<Long> merged(List<Long> wanted, List<Long> known, Table now) {
        Set<Long> then = new HashSet<>(known);
        Set<Long> before = new HashSet<>(wanted);
        List<Long> all = new ArrayList<>(wanted);
        now.lines().stream()
                .map(Table.Line::id)
                .filter(id -> !then.contains(id) && !before.contains(id))
                .forEach(all::add);
        return all;
    }

    private static void require(List<String> wrong) {
        if (!wrong.isEmpty()) {
            String more = wrong.size() > NAMED ? String.format(Locale.ROOT, " And %d more.", wrong.size() - NAMED) : "";
            throw new Mistake(
                    "Nothing was changed. " + wrong.stream().limit(NAMED).collect(Collectors.joining(" ")) + more);
        }
    }

    private static int titled(Table table, String title) {
        Function<Column, Boolean> called = column ->
                column.title().equalsIgnoreCase(title.strip()) || column.word().equals(title.strip());
        return IntStream.range(0, table.columns().size())
                .filter(i -> called.apply(table.columns().get(i)))
                .findFirst()
                .orElse(-1);
    }

    private static String unknown(Table table, String title) {
        return "There is no column “" + title + "” in " + table.title() + "; it has "
                + table.columns().stream().map(Column::title).collect(Collectors.joining(", ")) + ".";
    }

    private static Set<String> words(Table table) {
        return table.columns().stream().map(Column::word).collect(Collectors.toSet());
    }

    private static int place(Table table, String column) {
        return table.column(column).orElseThrow(() -> new Mistake("This column is gone."));
    }

    private static int at(Table table, long line) {
        return IntStream.range(0, table.lines().size())
                .filter(i -> table.lines().get(i).id() == line)
                .findFirst()
                .orElseThrow(() -> new Mistake("This row is gone."));
    }
}
