package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A heads-up band along an edge. */
final class Band extends Kind {

    Band() {
        super(
                "Heads-up band",
                Group.SCREENS,
                Zone.BAND,
                List.of(Field.words("label", "Label", "Live"), Field.words("message", "Message", "")),
                Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(
                new Ask.Band(piece.canvas(), piece.box(), piece.tune(), piece.words("label"), piece.words("message")));
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("label", new Content.Words(theme), "message", new Content.Words("What is going on right now"));
    }
}
