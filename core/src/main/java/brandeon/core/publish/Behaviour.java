package brandeon.core.publish;

/** What a source does while its scene is not shown. */
public enum Behaviour {
    /** Unloads while hidden, starts afresh when shown. */
    REST_WHEN_HIDDEN("rest when hidden"),
    /** Stays loaded, reloads when its scene becomes active. */
    RESTART_ON_ENTRY("restart on entry"),
    /** Runs all the time. */
    KEEP_RUNNING("keep running");

    private final String words;

    Behaviour(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
