package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Lines of a chat, as they come in. */
final class Chat extends Kind {

    Chat() {
        super(
                "Chat panel",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(Field.rows("rows", "Lines", "Who", "What", new Content.Rows(List.of(), "chatLines"))),
                Figure.with(Figure.ROWS, Figure.choice("fading", "Older lines", 1, "as clear as new ones", "fade")));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        // Before anybody wrote something the plate stands empty.
        List<Ask.Row> lines = piece.rows("rows").stream()
                .filter(row -> !row.label().equals(Saying.MISSING))
                .toList();
        return Optional.of(new Ask.Chat(piece.canvas(), piece.box(), piece.tune(), lines, piece.choice("fading") == 1));
    }

    @Override
    public Rank rank() {
        return Rank.MORE;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "rows",
                Content.Rows.of(
                        "Ilse Fenn",
                        "Is that the bittern again?",
                        "Wren of Low Quay",
                        "Listen, left of the channel",
                        "Saltmarsh Sal",
                        "I heard it too! Two booms, then quiet",
                        "Oskar Tide",
                        "Good evening from the dyke"));
    }
}
