package brandeon.core.problem;

/**
 * Something that a person asked for or sent cannot be. Its message is a sentence for that person. Any other exception
 * is
 * a fault of the program.
 */
public final class Mistake extends IllegalArgumentException {

    public Mistake(String sentence) {
        super(sentence);
    }

    public Mistake(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
