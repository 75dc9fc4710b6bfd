package brandeon.core.theme;

/** What a scene is for; it decides the zone plan. */
public enum SceneRole {
    STARTING("Starting"),
    LIVE("Live"),
    TALKING("Talking"),
    AWAY("Away"),
    ENDING("Ending");

    private final String title;

    SceneRole(String title) {
        this.title = title;
    }

    /** For people. */
    public String title() {
        return title;
    }

    /** Whether a full-canvas screen covers everything. */
    public boolean screen() {
        return this == STARTING || this == AWAY || this == ENDING;
    }
}
