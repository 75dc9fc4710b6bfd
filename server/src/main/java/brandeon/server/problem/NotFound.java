package brandeon.server.problem;

/** Something that is not there, or not for this person: both answer alike, so that nothing is given away. */
public class NotFound extends RuntimeException {
    public NotFound(String sentence) {
        super(sentence);
    }
}
