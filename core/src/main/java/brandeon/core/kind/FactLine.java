package brandeon.core.kind;

/** One live fact with its label. */
final class FactLine extends LabelledLine {

    FactLine() {
        super(
                "Fact line",
                Zone.STRIP,
                Field.words("label", "Label", "Latest subscriber"),
                Field.words("value", "Value", "{latestSubscriber}"));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
