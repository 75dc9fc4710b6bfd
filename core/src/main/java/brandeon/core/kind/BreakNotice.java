package brandeon.core.kind;

/** Says that a break is on. */
final class BreakNotice extends LabelledLine {

    BreakNotice() {
        super(
                "Break notice",
                Zone.TOP,
                Field.words("label", "Label", "Short break"),
                Field.words("value", "Words", "Back in a moment"));
    }

    @Override
    public boolean liesOver() {
        return true;
    }
}
