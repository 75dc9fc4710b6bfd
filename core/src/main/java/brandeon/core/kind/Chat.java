package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.live.ChatLine;
import brandeon.core.live.Readings;
import java.util.ArrayList;
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
                List.of(Field.rows("rows", "Lines", "Who", "What", new Content.Rows(List.of(), Readings.CHAT_LINES))),
                Figure.with(
                        Figure.ROWS,
                        Figure.choice("fading", "Older lines", 1, "as clear as new ones", "fade"),
                        new Figure("age", "Seconds until a line goes (0 stays)", 0, 600, 0, List.of())));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        // Before anybody wrote something the plate stands empty.
        List<Ask.Row> rows = piece.rows("rows").stream()
                .filter(row -> !row.label().equals(Saying.MISSING))
                .toList();
        // Live lines come last, and know when they came.
        List<?> live =
                piece.follows("rows", Readings.CHAT_LINES) && piece.values().get(Readings.CHAT) instanceof List<?> lines
                        ? lines
                        : List.of();
        long age = Math.round(piece.figure("age") * 1000);
        List<Long> until = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            int place = live.size() - rows.size() + i;
            until.add(age > 0 && place >= 0 ? ((ChatLine) live.get(place)).at() + age : 0);
        }
        return Optional.of(
                new Ask.Chat(piece.canvas(), piece.box(), piece.tune(), rows, until, piece.choice("fading") == 1));
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
