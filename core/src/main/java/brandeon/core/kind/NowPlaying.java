package brandeon.core.kind;

import java.util.Map;

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
    public Rank rank() {
        return Rank.EXTRA;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("value", new Content.Words("Marsh recording no. 4"));
    }
}
