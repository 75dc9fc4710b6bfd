package brandeon.core.bundle;

import brandeon.core.move.Luggage;
import brandeon.core.problem.Mistake;
import brandeon.core.table.Column;
import brandeon.core.table.Table;
import brandeon.core.table.TableEdit;
import brandeon.core.table.TableEdits;
import java.util.List;
import java.util.stream.IntStream;

/** A table without what only its show knows. @param rows as many cells each as there are columns */
public record PackedTable(String word, String title, List<Column> columns, List<List<String>> rows) {

    public PackedTable {
        columns = List.copyOf(columns);
        rows = rows.stream().map(List::copyOf).toList();
    }

    public static PackedTable of(Table table) {
        return new PackedTable(
                table.word(),
                table.title(),
                table.columns(),
                table.lines().stream().map(Table.Line::cells).toList());
    }

    /** The same under other headings, as many as it has columns. */
    PackedTable headed(Luggage.Headings headings) {
        return new PackedTable(
                word,
                headings.title(),
                IntStream.range(0, columns.size())
                        .mapToObj(i -> new Column(
                                columns.get(i).word(),
                                headings.columns().get(i),
                                columns.get(i).type()))
                        .toList(),
                rows);
    }

    /** @throws Mistake with a sentence that names the row which its columns do not take */
    public Table table() {
        if (columns.isEmpty() || columns.size() > Table.MOST_COLUMNS) {
            throw new Mistake("A table has 1 to " + Table.MOST_COLUMNS + " columns.");
        }
        Table empty = TableEdits.apply(
                        new Table(word, title, columns, List.of(), 0, 1), new TableEdit.Name(title, word))
                .table();
        return TableEdits.apply(
                        empty,
                        new TableEdit.Replace(
                                columns.stream().map(Column::title).toList(),
                                rows,
                                false,
                                IntStream.rangeClosed(1, rows.size())
                                        .mapToObj(i -> "Row " + i)
                                        .toList()))
                .table();
    }
}
