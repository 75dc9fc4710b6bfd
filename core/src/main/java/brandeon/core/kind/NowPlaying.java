package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.Map;
import java.util.Optional;

/** What is heard. */
final class NowPlaying extends LabelledLine {

    NowPlaying() {
        super(
                "Now playing",
                Zone.STRIP,
                Field.words("label", "Label", "Now playing"),
                Field.words("value", "Title", "Title and artist").yoursToWrite());
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Playing(
                piece.canvas(), piece.box(), piece.tune(), piece.words("label"), value(piece), piece.run()));
    }

    @Override
    public Optional<String> heard() {
        return Optional.of("value");
    }

    @Override
    public Rank rank() {
        return Rank.EXTRA;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("value", new Content.Words("Marsh recording no. 4"));
    }
}
