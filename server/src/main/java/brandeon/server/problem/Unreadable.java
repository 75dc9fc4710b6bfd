package brandeon.server.problem;

import brandeon.core.problem.Mistake;
import tools.jackson.core.JacksonException;

/** Says in a sentence why something sent could not be read. */
public final class Unreadable {

    private Unreadable() {}

    /**
     * The core's own sentence where it refused a value, else what the JSON reader says without its class names.
     *
     * @param what was sent, as in “The request”
     */
    public static String sentence(String what, Throwable failure) {
        Throwable deepest = failure;
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof Mistake) {
                return cause.getMessage();
            }
            deepest = cause;
        }
        return deepest instanceof JacksonException json
                ? what + " is not well formed: "
                        + json.getOriginalMessage().replaceAll("`?(brandeon|java)\\.[\\w.$]+\\.([\\w$]+)`?", "$2")
                : what + " is not well formed: it has no readable content.";
    }
}
