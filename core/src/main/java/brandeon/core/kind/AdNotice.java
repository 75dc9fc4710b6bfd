package brandeon.core.kind;

/** Says that advertising is on. */
final class AdNotice extends LabelledLine {

    AdNotice() {
        super(
                "Advertising notice",
                Zone.TOP,
                Field.words("label", "Label", "Advertising"),
                Field.words("value", "Words", "We are back right after"));
    }

    @Override
    public boolean liesOver() {
        return true;
    }
}
