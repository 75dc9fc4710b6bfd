package brandeon.core.table;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Csv;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tables as CSV and JSON. */
public final class TableFile {

    private static final JsonMapper JSON = new JsonMapper();

    private TableFile() {}

    /** With a line of the columns' titles. */
    public static String csv(Table table) {
        return Csv.written(
                table.columns().stream().map(Column::title).toList(),
                table.lines().stream()
                        .map(line -> IntStream.range(0, table.columns().size())
                                .mapToObj(i -> number(table, i)
                                                && !line.cells().get(i).isEmpty()
                                        ? (Object) new BigDecimal(line.cells().get(i))
                                        : line.cells().get(i))
                                .toList())
                        .toList());
    }

    private static boolean number(Table table, int column) {
        return table.columns().get(column).type() == ColumnType.NUMBER;
    }

    /**
     * All lines anew, from CSV whose first line has the columns' titles.
     *
     * @param grows whether new columns are added
     * @throws Mistake with a sentence that names the lines that are wrong
     */
    public static TableEdit.Replace fromCsv(String text, boolean grows) {
        if (text.stripLeading().startsWith("[") || text.stripLeading().startsWith("{")) {
            throw new Mistake("This is JSON and no CSV, whose first line has the titles of the columns.");
        }
        List<Csv.Row> rows = Csv.read(text, Table.MOST_LINES + 1);
        if (rows.isEmpty()) {
            throw new Mistake("There is nothing in it; the first line has the titles of the columns.");
        }
        List<String> titles = rows.getFirst().cells();
        List<Csv.Row> lines = rows.subList(1, rows.size());
        if (grows && lines.isEmpty()) {
            throw new Mistake("There are only titles in it, and no rows below them.");
        }
        return new TableEdit.Replace(
                titles,
                lines.stream().map(Csv.Row::cells).toList(),
                grows,
                lines.stream().map(row -> "Line " + row.line()).toList());
    }

    /**
     * All lines anew, from a JSON array of objects with cells by the titles or words of their columns.
     *
     * @throws Mistake with a sentence when it is something else
     */
    public static TableEdit.Replace fromJson(String text) {
        JsonNode all = tree(text);
        if (!all.isArray() || all.size() > Table.MOST_LINES) {
            throw new Mistake(String.format(
                    Locale.ROOT, "A table is a JSON array of at most %,d objects, one a row.", Table.MOST_LINES));
        }
        List<String> titles = new ArrayList<>();
        List<Map<String, String>> rows = new ArrayList<>();
        for (JsonNode one : all) {
            Map<String, String> cells = cells(one, "Row " + (rows.size() + 1));
            cells.keySet().stream().filter(title -> !titles.contains(title)).forEach(titles::add);
            if (titles.size() > Table.MOST_COLUMNS) {
                throw new Mistake("A table has at most " + Table.MOST_COLUMNS + " columns.");
            }
            rows.add(cells);
        }
        return new TableEdit.Replace(
                titles,
                rows.stream()
                        .map(cells -> titles.stream()
                                .map(title -> cells.getOrDefault(title, ""))
                                .toList())
                        .toList(),
                false,
                IntStream.rangeClosed(1, rows.size()).mapToObj(i -> "Row " + i).toList());
    }

    /** The cells of one line, from a JSON object. */
    public static Map<String, String> line(String text) {
        return cells(tree(text), "A row");
    }

    private static JsonNode tree(String text) {
        try {
            return JSON.readTree(text);
        } catch (JacksonException e) {
            throw new Mistake("This is no JSON: " + e.getOriginalMessage(), e);
        }
    }

    private static Map<String, String> cells(JsonNode one, String name) {
        if (!one.isObject()) {
            throw new Mistake(name + " is no JSON object with cells by the titles of their columns.");
        }
        Map<String, String> cells = new LinkedHashMap<>();
        one.properties().forEach(cell -> {
            JsonNode value = cell.getValue();
            if (value.isContainer()) {
                throw new Mistake(name + ": “" + cell.getKey() + "” is neither a text nor a number.");
            }
            cells.put(
                    cell.getKey(),
                    value.isNull()
                            ? ""
                            : value.isNumber() ? value.decimalValue().toPlainString() : value.asString());
        });
        return cells;
    }
}
