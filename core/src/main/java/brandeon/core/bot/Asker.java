package brandeon.core.bot;

/** Who may ask for something in the chat; each also may what those before may. */
public enum Asker {
    EVERYBODY("everybody"),
    SUPPORTERS("supporters"),
    HELPERS("helpers"),
    HOST("the host alone");

    private final String title;

    Asker(String title) {
        this.title = title;
    }

    /** For people. */
    public String title() {
        return title;
    }

    /** Whether somebody who is this may ask for what is for another. */
    public boolean may(Asker needed) {
        return compareTo(needed) >= 0;
    }
}
