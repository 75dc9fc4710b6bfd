package brandeon.core.publish;

/** Which part of a scene a source shows. */
public enum Part {
    /** Everything; see-through at the openings, so that captures stand below it. */
    WHOLE,
    /** What lies behind the captures. */
    BACK,
    /** The frames and what lies in front of the captures. */
    FRONT
}
