package brandeon.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Changes of tables, and what takes them back. */
class TableEditsTest {

    private static final Table EMPTY = Table.empty("sightings", "Sightings");
    private static final Table SEEN = after(
            EMPTY,
            new TableEdit.Fill(
                    0, "name", List.of(List.of("Bittern", "2"), List.of("Teal", "36"), List.of("Water rail", ""))));

    private static Table after(Table table, TableEdit edit) {
        return TableEdits.apply(table, edit).table();
    }

    private static List<List<String>> cells(Table table) {
        return table.lines().stream().map(Table.Line::cells).toList();
    }

    private static List<String> names(Table table) {
        return table.lines().stream().map(line -> line.cells().getFirst()).toList();
    }

    @Test
    void aBlockOfCellsIsWrittenAtOnceAndAddsTheRowsThatItNeeds() {
        Table filled = after(SEEN, new TableEdit.Fill(3, "number", List.of(List.of("1"), List.of("7"))));

        assertThat(cells(filled))
                .containsExactly(
                        List.of("Bittern", "2"), List.of("Teal", "36"), List.of("Water rail", "1"), List.of("", "7"));
        assertThat(filled.lines()).extracting(Table.Line::id).doesNotHaveDuplicates();
    }

    @Test
    void oneWrongCellOfManyChangesNothingAndIsNamed() {
        assertThatThrownBy(() -> after(
                        SEEN, new TableEdit.Fill(1, "name", List.of(List.of("Snipe", "7"), List.of("Owl", "few")))))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("Row 2, Number")
                .hasMessageContaining("few");
        assertThatThrownBy(() -> after(SEEN, new TableEdit.Fill(1, "number", List.of(List.of("1", "2")))))
                .hasMessageContaining("Add columns first");
    }

    @Test
    void numbersAreSortedAsNumbersAndWhatIsEmptyComesLast() {
        assertThat(names(after(SEEN, new TableEdit.SortLines("number", false))))
                .containsExactly("Bittern", "Teal", "Water rail");
        assertThat(names(after(SEEN, new TableEdit.SortLines("number", true))))
                .containsExactly("Teal", "Bittern", "Water rail");
    }

    @Test
    void aColumnBecomesAnotherTypeWhereAllOfItsCellsCan() {
        TableEdit.ChangeColumn toText = new TableEdit.ChangeColumn("number", "Seen", "seen", ColumnType.TEXT);
        assertThat(after(SEEN, toText).columns().getLast()).isEqualTo(new Column("seen", "Seen", ColumnType.TEXT));
        assertThatThrownBy(() -> after(SEEN, new TableEdit.ChangeColumn("name", "Name", "name", ColumnType.NUMBER)))
                .hasMessageContaining("Nothing was changed")
                .hasMessageContaining("Row 1")
                .hasMessageContaining("Bittern");
    }

    @Test
    void wordsAndTitlesAreThereOnce() {
        assertThatThrownBy(() -> after(SEEN, new TableEdit.ChangeColumn("number", "Seen", "name", ColumnType.NUMBER)))
                .isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> after(SEEN, new TableEdit.AddColumn("name", ColumnType.TEXT)))
                .isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> after(SEEN, new TableEdit.ChangeColumn("number", "Rows", "rows", ColumnType.NUMBER)))
                .hasMessageContaining("whole table");
    }

    @Test
    void theChosenRowIsNoneOnceItIsGone() {
        Table chosen = after(SEEN, new TableEdit.Choose(2));
        assertThat(chosen.chosen()).isEqualTo(2);

        TableEdits.Applied gone = TableEdits.apply(chosen, new TableEdit.RemoveLines(List.of(2L)));
        assertThat(gone.table().chosen()).isZero();
        assertThat(after(gone.table(), gone.inverse()).chosen()).isEqualTo(2);
    }

    @Test
    void aFileReplacesAllRowsAndItsColumnsAreGuessedWhereTheyAreNew() {
        Table read = after(EMPTY, TableFile.fromCsv("Species,Seen,First at\nBittern,2,18:52\nTeal,36,18:47\n", true));

        assertThat(read.columns())
                .containsExactly(
                        new Column("species", "Species", ColumnType.TEXT),
                        new Column("seen", "Seen", ColumnType.NUMBER),
                        new Column("firstAt", "First at", ColumnType.TIME));
        assertThat(cells(read)).containsExactly(List.of("Bittern", "2", "18:52"), List.of("Teal", "36", "18:47"));
        assertThat(cells(after(EMPTY, TableFile.fromCsv(TableFile.csv(read), true))))
                .isEqualTo(cells(read));
    }

    @Test
    void rowsThatWereThereStayTheSameRows() {
        Table chosen = after(SEEN, new TableEdit.Choose(2));
        Table read = after(chosen, TableFile.fromCsv("Number,Name\n1,Snipe\n40,Teal\n", false));

        assertThat(cells(read)).containsExactly(List.of("Snipe", "1"), List.of("Teal", "40"));
        assertThat(read.chosen()).isEqualTo(read.lines().getLast().id()).isEqualTo(2);
    }

    @Test
    void wrongLinesOfAFileAreNamedAndNothingIsTakenIn() {
        assertThatThrownBy(() ->
                        after(SEEN, TableFile.fromCsv("Name,Number\nSnipe,7\nOwl,few\nTeal,1,2\nRail,none\n", false)))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("Line 3, Number")
                .hasMessageContaining("Line 4 has 3 cells")
                .hasMessageContaining("Line 5, Number");
        assertThatThrownBy(() -> after(SEEN, TableFile.fromCsv("Name,Weight\nSnipe,7\n", false)))
                .hasMessageContaining("no column “Weight”")
                .hasMessageContaining("Name, Number");
        assertThatThrownBy(() -> after(SEEN, TableFile.fromCsv("Name,Name\na,b\n", false)))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> TableFile.fromCsv("", true)).isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> TableFile.fromCsv("Name,Number\n", true)).hasMessageContaining("only titles");
        assertThat(after(SEEN, TableFile.fromCsv("Name,Number\n", false)).lines())
                .as("a script may empty a table")
                .isEmpty();
        assertThatThrownBy(() -> TableFile.fromCsv(" [{\"Name\":1}]", false)).hasMessageContaining("JSON");
        String many = "Name\n" + "x\n".repeat(Table.MOST_LINES + 1);
        assertThatThrownBy(() -> TableFile.fromCsv(many, true)).isInstanceOf(Mistake.class);
    }

    @Test
    void jsonIsAnArrayOfObjectsWhoseCellsAreTextsAndNumbers() {
        Table read = after(
                SEEN,
                TableFile.fromJson(
                        "[{\"Name\":\"Snipe\",\"Number\":7.50},{\"name\":\"Owl\",\"Number\":null},{\"Number\":\"3\"}]"
                                .replace("\"name\"", "\"Name\"")));
        assertThat(cells(read)).containsExactly(List.of("Snipe", "7.5"), List.of("Owl", ""), List.of("", "3"));

        for (String wrong : List.of("{}", "[1]", "[{\"Name\":[1]}]", "[{", "null")) {
            assertThatThrownBy(() -> TableFile.fromJson(wrong)).as(wrong).isInstanceOf(Mistake.class);
        }
    }

    @Test
    void oneRowIsWrittenByItsFirstCell() {
        Table changed = after(SEEN, new TableEdit.PutLine("Teal", Map.of("Number", "40")));
        assertThat(cells(changed)).contains(List.of("Teal", "40")).hasSize(3);

        Table more = after(changed, new TableEdit.PutLine("Snipe", Map.of("number", "7")));
        assertThat(cells(more)).last().isEqualTo(List.of("Snipe", "7"));
        assertThatThrownBy(() -> after(SEEN, new TableEdit.PutLine("Teal", Map.of("Weight", "1"))))
                .isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> after(SEEN, new TableEdit.PutLine(" ", Map.of())))
                .isInstanceOf(Mistake.class);
    }

    @Test
    void whatOthersDidSinceStaysWhenAChangeIsTakenBack() {
        TableEdits.Applied mine = TableEdits.apply(SEEN, new TableEdit.Fill(1, "number", List.of(List.of("9"))));
        Table theirs = after(
                after(mine.table(), new TableEdit.Fill(0, "name", List.of(List.of("Snipe", "7")))),
                new TableEdit.Fill(2, "number", List.of(List.of("40"))));

        assertThat(cells(after(theirs, mine.inverse())))
                .containsExactly(
                        List.of("Bittern", "2"),
                        List.of("Teal", "40"),
                        List.of("Water rail", ""),
                        List.of("Snipe", "7"));

        Table without = after(theirs, new TableEdit.RemoveLines(List.of(1L)));
        assertThatThrownBy(() -> after(without, mine.inverse())).hasMessageContaining("gone");

        TableEdits.Applied sorted = TableEdits.apply(SEEN, new TableEdit.SortLines("number", true));
        Table grown = after(sorted.table(), new TableEdit.Fill(0, "name", List.of(List.of("Snipe", "7"))));
        assertThat(names(after(grown, sorted.inverse()))).containsExactly("Bittern", "Teal", "Water rail", "Snipe");
    }

    /** Random changes: each can be taken back and done again, and its difference makes one table into the other. */
    @Test
    void whateverIsDoneCanBeTakenBackAndToldToWhoeverKnowsTheTableBefore() {
        Random random = new Random(47);
        int applied = 0;
        for (int i = 0; i < 60; i++) {
            Table table = SEEN;
            for (int j = 0; j < 25; j++) {
                TableEdits.Applied done;
                try {
                    done = TableEdits.apply(table, random(random, table));
                } catch (Mistake e) {
                    continue;
                }
                applied++;
                assertThat(told(table, done.diff())).isEqualTo(shown(done.table()));
                TableEdit.Restore kept = Json.read(Json.write(done.inverse()), TableEdit.Restore.class);
                TableEdits.Applied back = TableEdits.apply(done.table(), kept);
                assertThat(shown(back.table())).as(done.sentence()).isEqualTo(shown(table));
                assertThat(shown(after(back.table(), back.inverse()))).isEqualTo(shown(done.table()));
                table = done.table();
            }
        }
        assertThat(applied).isGreaterThan(500);
    }

    private static TableEdit random(Random random, Table table) {
        long line = table.lines().isEmpty()
                ? 0
                : table.lines().get(random.nextInt(table.lines().size())).id();
        String column =
                table.columns().get(random.nextInt(table.columns().size())).word();
        return switch (random.nextInt(13)) {
            case 0, 1 -> new TableEdit.Fill(line, column, List.of(List.of("" + random.nextInt(50))));
            case 2 -> new TableEdit.Fill(0, "name", List.of(List.of("Bird " + random.nextInt(9))));
            case 3 -> new TableEdit.AddLines(random.nextInt(table.lines().size() + 1), 1 + random.nextInt(3));
            case 4 -> new TableEdit.RemoveLines(List.of(line));
            case 5 -> new TableEdit.MoveLine(line, random.nextInt(6));
            case 6 -> new TableEdit.SortLines(column, random.nextBoolean());
            case 7 -> new TableEdit.AddColumn("More " + random.nextInt(20), ColumnType.values()[random.nextInt(3)]);
            case 8 -> new TableEdit.RemoveColumn(column);
            case 9 ->
                new TableEdit.ChangeColumn(
                        column, "Other " + random.nextInt(20), "other" + random.nextInt(20), ColumnType.TEXT);
            case 10 -> new TableEdit.MoveColumn(column, random.nextInt(4));
            case 11 -> new TableEdit.Choose(line);
            default -> TableFile.fromCsv("Name,Fresh\nTeal,1\nBird 3,2\nSnipe " + random.nextInt(9) + ",3\n", true);
        };
    }

    private static List<Object> shown(Table table) {
        return List.of(table.columns(), table.chosen(), TableDiff.order(table), cells(table));
    }

    /** As a page does it that knows the table before and hears of the difference. */
    private static List<Object> told(Table before, TableDiff diff) {
        List<Column> columns = diff.head().map(TableDiff.Head::columns).orElse(before.columns());
        Map<Long, Map<String, String>> lines = new HashMap<>();
        before.lines().forEach(line -> {
            Map<String, String> cells = new HashMap<>();
            IntStream.range(0, before.columns().size())
                    .forEach(i -> cells.put(
                            before.columns().get(i).word(), line.cells().get(i)));
            lines.put(line.id(), cells);
        });
        diff.cells()
                .forEach((id, cells) ->
                        lines.computeIfAbsent(id, _ -> new HashMap<>()).putAll(cells));
        List<Long> order = diff.order().orElse(TableDiff.order(before));
        List<List<String>> all = new ArrayList<>();
        order.forEach(id -> all.add(columns.stream()
                .map(column -> lines.getOrDefault(id, Map.of()).getOrDefault(column.word(), ""))
                .toList()));
        return List.of(columns, diff.head().map(TableDiff.Head::chosen).orElse(before.chosen()), order, all);
    }

    @Test
    void aTableHasItsLimits() {
        assertThatThrownBy(() -> after(SEEN, new TableEdit.AddLines(0, Table.MOST_LINES)))
                .hasMessageContaining("5,000");
        Table wide = SEEN;
        for (int i = 2; i < Table.MOST_COLUMNS; i++) {
            wide = after(wide, new TableEdit.AddColumn("Column " + i, ColumnType.TEXT));
        }
        Table widest = wide;
        assertThatThrownBy(() -> after(widest, new TableEdit.AddColumn("One more", ColumnType.TEXT)))
                .isInstanceOf(Mistake.class);
        Table full = after(widest, new TableEdit.AddLines(3, Table.MOST_LINES - 3));
        List<List<String>> block =
                Collections.nCopies(Table.MOST_LINES, Collections.nCopies(Table.MOST_COLUMNS - 2, "x".repeat(300)));
        assertThatThrownBy(() -> after(full, new TableEdit.Fill(1, "column2", block)))
                .hasMessageContaining("letters");
    }
}
