package brandeon.server.problem;

import java.time.Duration;

/** Somebody asks more often than their door lets in. */
public final class TooMany extends RuntimeException {

    private final Duration wait;

    public TooMany(String sentence, Duration wait) {
        super(sentence, null, false, false);
        this.wait = wait;
    }

    /** How long until it is let in again; at least a second. */
    public long seconds() {
        return Math.max(1, wait.plusMillis(999).toSeconds());
    }
}
