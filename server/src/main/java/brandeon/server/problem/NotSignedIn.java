package brandeon.server.problem;

/** Nobody is signed in, or the proof that was given does not hold. */
public class NotSignedIn extends RuntimeException {
    public NotSignedIn(String sentence) {
        super(sentence);
    }
}
