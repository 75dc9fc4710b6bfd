package brandeon.server.problem;

/** The person is known, but their role does not include this. */
public class NotAllowed extends RuntimeException {
    public NotAllowed(String sentence) {
        super(sentence);
    }
}
