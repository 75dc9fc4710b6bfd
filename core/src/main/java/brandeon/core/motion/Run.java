package brandeon.core.motion;

/**
 * How a clock runs that somebody starts.
 *
 * @param millis while it stands still or is paused: milliseconds that it shows, 0 while it stands still for those of
 *     its piece; while it runs: the instant in epoch milliseconds at which counting down ends or counting up began
 * @param length the most that it shows, in milliseconds, so that there is room for it; 0 for that of its piece
 */
public record Run(State state, long millis, long length) {

    /** Whether it moves. */
    public enum State {
        STANDING,
        RUNNING,
        PAUSED
    }

    /** Nobody started it. */
    public static final Run STANDING = new Run(State.STANDING, 0, 0);

    /** @param instant epoch milliseconds */
    public static Run running(long instant, long length) {
        return new Run(State.RUNNING, instant, length);
    }

    /** What it hangs on, in epoch milliseconds; 0 while it does not run. */
    public long instant() {
        return state == State.RUNNING ? millis : 0;
    }

    /** What it shows while it does not run, in milliseconds; 0 for what its piece says. */
    public long stands() {
        return state == State.RUNNING ? 0 : millis;
    }
}
