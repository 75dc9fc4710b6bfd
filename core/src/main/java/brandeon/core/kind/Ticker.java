package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A line of words that runs through. */
final class Ticker extends Kind {

    Ticker() {
        super(
                "Ticker",
                Group.WIDGETS,
                Zone.LOW_STRIP,
                List.of(Field.words(
                                "text",
                                "Words",
                                "What your viewers should know · one thing after another · as many as you like")
                        .yoursToWrite()),
                Figure.with(
                        Figure.PLATE,
                        new Figure("speed", "Speed, units a second", 10, 600, 120, List.of()),
                        Figure.MOVING,
                        Figure.SIZE,
                        Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ticker(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("text"),
                piece.figure("speed"),
                piece.moving() && !piece.calm(),
                piece.run()));
    }

    @Override
    public Optional<String> added() {
        return Optional.of("text");
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.EXTRA;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "text",
                new Content.Words(
                        "High tide 19:42 · low tide 01:10 · sunset 16:08 · wind from the north-east, gentle · please whisper after nine"));
    }
}
