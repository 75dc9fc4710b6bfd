package brandeon.core.kind;

import java.util.Map;

/** Something that viewers should know now. */
final class Notice extends LabelledLine {

    Notice() {
        super(
                "Notice",
                Zone.TOP,
                Field.words("label", "Label", "What it is about").yoursToWrite(),
                Field.words("value", "Words", "What your viewers should know").yoursToWrite());
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(
                "label", new Content.Words("Short break"), "value", new Content.Words("Back at the scope in a moment"));
    }
}
