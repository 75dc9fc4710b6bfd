package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What is to be gone through, and how far that is. */
final class Agenda extends TitledRows {

    Agenda() {
        super(
                "Agenda",
                "Tonight",
                new Field(
                        "rows",
                        "Points",
                        ContentType.POINTS,
                        List.of("Point", "Beside it"),
                        new Content.Points(List.of(
                                new Content.Topic(Ask.State.DONE, "Your first point", ""),
                                new Content.Topic(Ask.State.NOW, "Your second point", ""),
                                new Content.Topic(Ask.State.OPEN, "Your third point", ""))),
                        true));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(rows(piece, piece.points("rows"), false, true));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "rows",
                new Content.Points(List.of(
                        new Content.Topic(Ask.State.DONE, "What the water did", ""),
                        new Content.Topic(Ask.State.NOW, "Who sings first", ""),
                        new Content.Topic(Ask.State.OPEN, "Your questions", ""))));
    }
}
