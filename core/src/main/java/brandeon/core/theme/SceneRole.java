package brandeon.core.theme;

/** What a scene is for; it decides the zone plan. */
public enum SceneRole {
    STARTING("Starting"),
    LIVE("Live"),
    TALKING("Talking"),
    AWAY("Away"),
    ENDING("Ending"),
    /** No scene of its own: what stands over every scene, as one source that is on all of them. */
    ALWAYS("Over every scene");

    private final String title;

    SceneRole(String title) {
        this.title = title;
    }

    /** For people. */
    public String title() {
        return title;
    }

    /** Whether it is shown by itself, one at a time. */
    public boolean shown() {
        return this != ALWAYS;
    }

    /** Whether a full-canvas screen covers everything. */
    public boolean screen() {
        return this == STARTING || this == AWAY || this == ENDING;
    }
}
