package brandeon.server.problem;

/** This server has its hands full with what costs much; a moment later there is room again. */
public final class Busy extends RuntimeException {
    public Busy(String sentence) {
        super(sentence, null, false, false);
    }
}
