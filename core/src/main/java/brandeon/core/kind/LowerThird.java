package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A name and what belongs to it. */
final class LowerThird extends Kind {

    LowerThird() {
        super(
                "Lower third",
                Group.WIDGETS,
                Zone.LOWER,
                List.of(
                        Field.words("name", "Name", "Name of your guest").yoursToWrite(),
                        Field.words("line", "Line under it", "What they are known for")
                                .yoursToWrite(),
                        Field.rows("cards", "Further cards", "Name", "Line under it", Content.Rows.of())),
                Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.LowerThird(
                piece.canvas(), piece.box(), piece.tune(), piece.words("name"), piece.words("line"), !piece.calm()));
    }

    @Override
    public Optional<String> cards() {
        return Optional.of("cards");
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "name", new Content.Words("Mirela Osk"), "line", new Content.Words("Counts birds at Reedlight Hide"));
    }
}
