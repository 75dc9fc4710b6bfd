package brandeon.core.theme;

/** What became of an edit. */
public sealed interface Outcome {

    /** The changed theme, and the edit that takes the change back. */
    record Applied(Theme theme, Edit inverse) implements Outcome {}

    /** Nothing was changed; the reason is a sentence for the user. */
    record Refused(String reason) implements Outcome {}
}
