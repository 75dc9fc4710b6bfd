package brandeon.core.platform;

/** A word for one and for several. */
public record Noun(String one, String other) {

    /** As English has it: one for exactly one. */
    public String of(long count) {
        return count == 1 ? one : other;
    }
}
