package brandeon.server.problem;

/** The database cannot be reached now; nothing was changed. */
public final class DatabaseAway extends RuntimeException {
    public static final String SENTENCE =
            "The database cannot be reached at the moment. Nothing was lost; this page goes on by itself as soon as it is back.";

    public DatabaseAway() {
        super(SENTENCE, null, false, false);
    }
}
