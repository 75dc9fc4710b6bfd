package brandeon.server.problem;

/** What was asked for was there once, and is no more; the message is a sentence for the user (410). */
public final class Gone extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Gone(String sentence) {
        super(sentence);
    }
}
