package brandeon.core.live;

/**
 * When an alert is on screen, in epoch milliseconds: one at a time, in the order of arrival, with a pause between.
 */
public record AlertSlot(long from, long until) {

    /** Pause between two alerts, so that one is seen to end before the next begins. */
    static final long PAUSE = 600;

    /** @param by milliseconds */
    public AlertSlot moved(long by) {
        return new AlertSlot(from + by, until + by);
    }

    /**
     * The next free slot.
     *
     * @param lastUntil when the last planned alert ends; 0 when there was none
     */
    public static AlertSlot after(long lastUntil, long now, AlertRule rule) {
        long from = lastUntil == 0 ? now : Math.max(now, lastUntil + PAUSE);
        return new AlertSlot(from, from + rule.millis());
    }
}
