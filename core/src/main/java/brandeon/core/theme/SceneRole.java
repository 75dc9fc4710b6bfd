package brandeon.core.theme;

/** What a scene is for; it decides the zone plan. */
public enum SceneRole {
    STARTING,
    LIVE,
    TALKING,
    AWAY,
    ENDING;

    /** Whether a full-canvas screen covers everything. */
    public boolean screen() {
        return this == STARTING || this == AWAY || this == ENDING;
    }
}
