package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who asked for what. */
final class Queue extends Kind {

    Queue() {
        super(
                "Request queue",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(
                        Field.words("title", "Title", "Asked for"),
                        Field.rows("rows", "Rows", "Who", "What", Content.Rows.of("Who asked", "What they asked for"))
                                .yoursToWrite()),
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

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("rows", Content.Rows.of("Ilse Fenn", "Bittern", "Wren of Low Quay", "Water rail"));
    }
}
