package brandeon.core.show;

/** What became of a cue. */
public sealed interface Cued {

    /**
     * @param inverse  what takes it back
     * @param sentence what was done, for the record
     */
    record Applied(Show show, Cue inverse, String sentence) implements Cued {}

    /** Nothing was changed; the reason is a sentence for the user. */
    record Refused(String reason) implements Cued {}
}
