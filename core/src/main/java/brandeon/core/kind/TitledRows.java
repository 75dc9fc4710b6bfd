package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Rows on one plate, with a title above them. */
abstract class TitledRows extends Kind {

    /** @param rows the field that is called “rows” */
    TitledRows(String title, String heading, String standardTitle, Field rows, List<Figure> figures) {
        super(title, Group.WIDGETS, Zone.COLUMN, List.of(Field.words("title", heading, standardTitle), rows), figures);
    }

    TitledRows(String title, String standardTitle, Field rows) {
        this(title, "Title", standardTitle, rows, Figure.ROWS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(rows(piece, piece.rows("rows"), false, false));
    }

    static Ask.Rows rows(Showing piece, List<Ask.Row> rows, boolean inARow, boolean marked) {
        return new Ask.Rows(piece.canvas(), piece.box(), piece.tune(), piece.words("title"), rows, inARow, marked);
    }

    @Override
    public Rank rank() {
        return Rank.MORE;
    }
}
