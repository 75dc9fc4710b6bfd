package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** When there is something to see. */
final class Schedule extends Kind {

    Schedule() {
        super(
                "Schedule",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(
                        Field.words("title", "Title", "This week"),
                        Field.rows(
                                        "rows",
                                        "Rows",
                                        "When",
                                        "What",
                                        Content.Rows.of(
                                                "Day and time", "What you will do",
                                                "Day and time", "What comes next"))
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
        return Map.of(
                "rows",
                Content.Rows.of("Tue 19:00", "Dusk watch", "Thu 05:30", "Dawn chorus", "Sat 20:00", "Owl night"));
    }
}
