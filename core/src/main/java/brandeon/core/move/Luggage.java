package brandeon.core.move;

import brandeon.core.show.Sequence;
import brandeon.core.table.Column;
import brandeon.core.table.Table;
import java.util.List;

/** What goes along beside a theme: what its show has prepared, and how its tables are headed. */
public record Luggage(List<Sequence> sequences, List<Headings> tables) {

    public static final Luggage NONE = new Luggage(List.of(), List.of());

    /** @param word by which texts know the table; it stays @param columns titles, in their order */
    public record Headings(String word, String title, List<String> columns) {

        public Headings {
            columns = List.copyOf(columns);
        }

        public static Headings of(Table table) {
            return new Headings(
                    table.word(),
                    table.title(),
                    table.columns().stream().map(Column::title).toList());
        }
    }

    public Luggage {
        sequences = List.copyOf(sequences);
        tables = List.copyOf(tables);
    }
}
