package brandeon.server.problem;

/** A well-formed wish that cannot be met as things stand now. */
public class Refused extends RuntimeException {
    public Refused(String sentence) {
        super(sentence);
    }
}
