package brandeon.core.table;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;

/** One change of a table. Lines are named by their ids and columns by their words; places count from 0. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
@JsonSubTypes({
    @Type(value = TableEdit.Fill.class, name = "fill"),
    @Type(value = TableEdit.AddLines.class, name = "addLines"),
    @Type(value = TableEdit.RemoveLines.class, name = "removeLines"),
    @Type(value = TableEdit.MoveLine.class, name = "moveLine"),
    @Type(value = TableEdit.SortLines.class, name = "sortLines"),
    @Type(value = TableEdit.AddColumn.class, name = "addColumn"),
    @Type(value = TableEdit.RemoveColumn.class, name = "removeColumn"),
    @Type(value = TableEdit.ChangeColumn.class, name = "changeColumn"),
    @Type(value = TableEdit.MoveColumn.class, name = "moveColumn"),
    @Type(value = TableEdit.Name.class, name = "name"),
    @Type(value = TableEdit.Choose.class, name = "choose")
})
public sealed interface TableEdit {

    /**
     * A block of cells from one on, rightwards and downwards; lines that it needs are added.
     *
     * @param line 0 for after the last one
     */
    record Fill(long line, String column, List<List<String>> block) implements TableEdit {
        public Fill {
            block = block.stream().map(List::copyOf).toList();
        }
    }

    /** Empty ones. */
    record AddLines(int at, int count) implements TableEdit {}

    record RemoveLines(List<Long> lines) implements TableEdit {
        public RemoveLines {
            lines = List.copyOf(lines);
        }
    }

    record MoveLine(long line, int to) implements TableEdit {}

    /** What is empty comes last. */
    record SortLines(String column, boolean falling) implements TableEdit {}

    record AddColumn(String title, ColumnType type) implements TableEdit {}

    record RemoveColumn(String column) implements TableEdit {}

    /** Also the type of its cells, where all of them can be that. */
    record ChangeColumn(String column, String title, String word, ColumnType type) implements TableEdit {}

    record MoveColumn(String column, int to) implements TableEdit {}

    record Name(String title, String word) implements TableEdit {}

    /** The line that texts show where they name none. @param line 0 for none */
    record Choose(long line) implements TableEdit {}

    /**
     * Takes a change back; kept, and never sent.
     *
     * @param diff  from after it to before it
     * @param after name, columns and the chosen line as they were after it
     * @param order ids of the lines after it; empty where the order is not taken back
     */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NONE)
    record Restore(TableDiff diff, TableDiff.Head after, List<Long> order) implements TableEdit {
        public Restore {
            order = List.copyOf(order);
        }
    }

    /** What is not asked for by people but comes from outside. */
    sealed interface Fed extends TableEdit {}

    /**
     * All lines anew.
     *
     * @param titles of the columns that the lines have cells for; others are empty in them
     * @param grows  whether columns that there are none of yet are added, their types guessed
     * @param named  of each line what it is called where something is wrong with it, such as “Line 12”
     */
    record Replace(List<String> titles, List<List<String>> lines, boolean grows, List<String> named) implements Fed {
        public Replace {
            titles = List.copyOf(titles);
            lines = lines.stream().map(List::copyOf).toList();
            named = List.copyOf(named);
        }
    }

    /**
     * One line, known by its first cell; added where there is none.
     *
     * @param cells by the titles or words of their columns; others stay as they are
     */
    record PutLine(String first, Map<String, String> cells) implements Fed {
        public PutLine {
            cells = Map.copyOf(cells);
        }
    }
}
