package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** The latest signals. */
final class Recent extends Kind {

    Recent() {
        super(
                "Recent signals",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(
                        Field.words("title", "Title", "Lately"),
                        Field.rows("rows", "Rows", "What", "Who", new Content.Rows(List.of(), "recentSignals"))),
                Figure.ROWS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Rows(
                piece.canvas(), piece.box(), piece.tune(), piece.words("title"), piece.rows("rows"), false, false));
    }

    @Override
    public Rank rank() {
        return Rank.MORE;
    }
}
