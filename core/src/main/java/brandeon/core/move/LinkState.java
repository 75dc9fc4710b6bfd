package brandeon.core.move;

/** How far the link of one source is replaced, by what is seen open. */
public enum LinkState {
    /** The new link was seen open and the old one is open nowhere. */
    DONE(true),
    /** Somebody says so, and nothing speaks against it. */
    TICKED(true),
    /** Somebody says so, and the old link is open all the same. */
    TICKED_STILL_OPEN(false),
    /** Both are open. */
    BOTH_OPEN(false),
    /** The old link is open, and the new one never was. */
    OLD_OPEN(false),
    /** Neither was seen open. */
    WAITING(false);

    private final boolean done;

    LinkState(boolean done) {
        this.done = done;
    }

    /** Whether nothing is left to do. */
    public boolean done() {
        return done;
    }

    /**
     * @param oldOpen whether the old link is open anywhere now
     * @param newSeen whether the new link is open, or viewers saw it once
     * @param ticked  whether somebody says that it is done
     */
    public static LinkState of(boolean oldOpen, boolean newSeen, boolean ticked) {
        if (oldOpen) {
            return ticked ? TICKED_STILL_OPEN : newSeen ? BOTH_OPEN : OLD_OPEN;
        }
        return newSeen ? DONE : ticked ? TICKED : WAITING;
    }
}
