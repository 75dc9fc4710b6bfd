package brandeon.core.theme;

/** Whether a piece comes in when its scene comes on. */
public enum Arrival {
    /** As the scene says. */
    AS_SCENE,
    /** In the way of the family. */
    ARRIVES,
    AT_ONCE
}
