package brandeon.core.canvas;

/**
 * The parts of a picture that every viewer sees. EBU R 95 and SMPTE ST 2046-1 agree: action within 93 % of width
 * and height, graphics and titles within 90 %. Upright canvases have no standard; the same shares are used until a
 * canvas states its own.
 */
public enum SafeArea {
    /** For everything that matters. */
    ACTION,
    /** For texts. */
    GRAPHICS
}
