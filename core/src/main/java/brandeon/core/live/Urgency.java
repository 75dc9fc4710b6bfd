package brandeon.core.live;

/** Which alerts are shown before others that wait; none breaks into one that is on screen. */
public enum Urgency {
    LOW("may wait"),
    NORMAL("in turn"),
    HIGH("before others");

    private final String title;

    Urgency(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
