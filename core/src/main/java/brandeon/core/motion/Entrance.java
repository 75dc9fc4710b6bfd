package brandeon.core.motion;

/** From where things come; what leaves may go the same way. */
public enum Entrance {
    /** Without moving. */
    FADE("fading"),
    /** From the left, and there again. */
    SLIDE("from the left"),
    RISE("from below"),
    /** Growing a little past its size. */
    POP("growing"),
    /** Laid down with a slight turn. */
    SETTLE("laid down");

    private final String title;

    Entrance(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
