package brandeon.core.motion;

/** From where things come; what leaves may go the same way. */
public enum Entrance {
    /** Without moving. */
    FADE,
    /** From the left. */
    SLIDE,
    /** From below. */
    RISE,
    /** Growing a little past its size. */
    POP,
    /** Laid down with a slight turn. */
    SETTLE
}
