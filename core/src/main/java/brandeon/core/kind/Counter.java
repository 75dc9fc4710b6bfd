package brandeon.core.kind;

import java.util.Map;

/** Something that is counted. */
final class Counter extends LabelledLine {

    Counter() {
        super(
                "Counter",
                Zone.STRIP,
                Field.words("label", "Label", "What you count").yoursToWrite(),
                Field.count("value", "Value", Content.Count.of(0)));
    }

    @Override
    String value(Showing piece) {
        return piece.count("value").written();
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("label", new Content.Words("Herons seen"), "value", Content.Count.of(7));
    }
}
