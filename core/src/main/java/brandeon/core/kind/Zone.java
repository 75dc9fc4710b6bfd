package brandeon.core.kind;

/** A named place in a zone plan. */
public enum Zone {
    FULL,
    PLAY,
    CAMERA,
    STRIP,
    SECOND_STRIP,
    BAND,
    CLOCK,
    ALERT,
    /** All the strips as one. */
    COLUMN,
    /** Over the play, at its foot. */
    LOWER,
    /** Over the play, at its head. */
    TOP,
    /** Over the play, in its corner. */
    CORNER,
    /** Above the band, low and wide. */
    LOW_STRIP
}
