package brandeon.core.table;

import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All tables of a show, and what texts may take from them, by names that are made of words with underscores between:
 *
 * {@code species_count} the cell of the chosen row, {@code species_3_count} that of the third one, {@code
 * species_count_sum} all of a column of numbers together, {@code species_count_first3} the first three by a column (the
 * largest numbers, else what comes first), {@code species_count_last3} from its other end, {@code species_rows} all
 * rows, {@code species_size} how many there are.
 */
public record Tables(List<Table> all) {

    public static final Tables NONE = new Tables(List.of());

    static final String ROWS = "rows";
    static final String SIZE = "size";
    private static final String SUM = "sum";
    private static final String FIRST = "first";
    private static final String LAST = "last";
    /** As many as rows may follow others. */
    private static final int MOST = 24;

    /** How many are suggested where people choose. */
    private static final int SUGGESTED = 5;

    public Tables {
        all = List.copyOf(all);
    }

    /** What a name means, for people. */
    public record Named(String name, String meaning, ValueType type, String table) {}

    public Optional<Table> find(String word) {
        return all.stream().filter(table -> table.word().equals(word)).findFirst();
    }

    /** Whether a name is one of tables, and not of a reading. */
    public static boolean names(String name) {
        return name.indexOf('_') >= 0;
    }

    /** The value of a name; null where there is none now, as for any live value that is not known. */
    public Object value(String name) {
        return asked(name).map(Asked::value).orElse(null);
    }

    /** What a name would be, whether or not there is such a row now; empty where it names nothing of these tables. */
    public Optional<ValueType> type(String name) {
        return asked(name).map(Asked::type);
    }

    private interface Reading {
        Object value();
    }

    private record Asked(ValueType type, Reading reading) {
        Object value() {
            return reading.value();
        }
    }

    private Optional<Asked> asked(String name) {
        if (!names(name)) {
            return Optional.empty();
        }
        String[] words = name.split("_", -1);
        return find(words[0]).flatMap(table -> switch (words.length) {
            case 2 -> whole(table, words[1]);
            case 3 ->
                number(words[1]).isPresent()
                        ? cell(table, number(words[1]).get(), words[2])
                        : of(table, words[1], words[2]);
            default -> Optional.empty();
        });
    }

    private static Optional<Asked> whole(Table table, String word) {
        return switch (word) {
            case ROWS -> Optional.of(new Asked(ValueType.LIST, () -> rows(table, table.lines(), 1)));
            case SIZE ->
                Optional.of(
                        new Asked(ValueType.NUMBER, () -> (long) table.lines().size()));
            default ->
                table.column(word)
                        .map(column -> new Asked(
                                table.columns().get(column).type().value(),
                                () -> table.line(table.chosen())
                                        .map(line -> typed(table, column, line))
                                        .orElse(null)));
        };
    }

    /** @param number counted from 1 */
    private static Optional<Asked> cell(Table table, int number, String word) {
        return table.column(word)
                .map(column -> new Asked(
                        table.columns().get(column).type().value(),
                        () -> number > table.lines().size()
                                ? null
                                : typed(table, column, table.lines().get(number - 1))));
    }

    private static Optional<Asked> of(Table table, String word, String how) {
        return table.column(word).flatMap(column -> {
            boolean counts = table.columns().get(column).type() == ColumnType.NUMBER;
            if (how.equals(SUM)) {
                return counts
                        ? Optional.of(new Asked(ValueType.NUMBER, () -> sum(table, column)))
                        : Optional.<Asked>empty();
            }
            boolean first = how.startsWith(FIRST);
            if (!first && !how.startsWith(LAST)) {
                return Optional.empty();
            }
            return number(how.substring(first ? FIRST.length() : LAST.length()))
                    .filter(most -> most <= MOST)
                    .map(most -> new Asked(
                            ValueType.LIST,
                            () -> rows(
                                    table,
                                    TableEdits.sorted(table, column, counts == first).stream()
                                            .filter(line ->
                                                    !line.cells().get(column).isEmpty())
                                            .limit(most)
                                            .toList(),
                                    column)));
        });
    }

    private static Object typed(Table table, int column, Table.Line line) {
        String cell = line.cells().get(column);
        return cell.isEmpty()
                ? null
                : table.columns().get(column).type() == ColumnType.NUMBER ? (Object) new BigDecimal(cell) : cell;
    }

    private static BigDecimal sum(Table table, int column) {
        return table.lines().stream()
                .map(line -> line.cells().get(column))
                .filter(cell -> !cell.isEmpty())
                .map(BigDecimal::new)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** The first cell of each and another one beside it; where that is the first itself, the second. */
    private static List<TextRow> rows(Table table, List<Table.Line> lines, int column) {
        int beside = column == 0 ? 1 : column;
        return lines.stream()
                .limit(MOST)
                .map(line -> new TextRow(
                        line.cells().getFirst(),
                        beside < line.cells().size() ? line.cells().get(beside) : ""))
                .toList();
    }

    /** A number from 1 on. */
    private static Optional<Integer> number(String digits) {
        return digits.matches("[1-9]\\d{0,3}") ? Optional.of(Integer.parseInt(digits)) : Optional.empty();
    }

    /** The types of those of these names that belong to tables. */
    public Map<String, ValueType> types(Iterable<String> names) {
        Map<String, ValueType> types = new LinkedHashMap<>();
        names.forEach(name -> type(name).ifPresent(type -> types.put(name, type)));
        return types;
    }

    /** What people choose from. */
    public List<Named> named() {
        return all.stream().flatMap(Tables::named).toList();
    }

    private static Stream<Named> named(Table table) {
        String title = table.title();
        List<Named> names = new ArrayList<>();
        for (Column column : table.columns()) {
            String name = table.word() + "_" + column.word();
            ValueType type = column.type().value();
            names.add(new Named(name, column.title() + " of the chosen row", type, title));
            names.add(new Named(
                    table.word() + "_1_" + column.word(), column.title() + " of row 1, or any other", type, title));
            if (type == ValueType.NUMBER) {
                names.add(new Named(name + "_" + SUM, column.title() + ", all rows together", type, title));
            }
            names.add(new Named(
                    name + "_" + FIRST + SUGGESTED,
                    "the first " + SUGGESTED + " by " + column.title(),
                    ValueType.LIST,
                    title));
        }
        names.add(new Named(table.word() + "_" + ROWS, "all rows", ValueType.LIST, title));
        names.add(new Named(table.word() + "_" + SIZE, "how many rows there are", ValueType.NUMBER, title));
        return names.stream();
    }
}
