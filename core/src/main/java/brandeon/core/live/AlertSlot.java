package brandeon.core.live;

/** When an alert is on screen, in epoch milliseconds: one at a time, with a pause between. */
public record AlertSlot(long from, long until) {

    /** @param by milliseconds */
    public AlertSlot moved(long by) {
        return new AlertSlot(from + by, until + by);
    }
}
