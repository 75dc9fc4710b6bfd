package brandeon.core.canvas;

/** A side of a box. */
public enum Side {
    LEFT,
    TOP,
    RIGHT,
    BOTTOM
}
