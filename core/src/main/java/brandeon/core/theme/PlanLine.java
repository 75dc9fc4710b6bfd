package brandeon.core.theme;

/** A dividing line of a zone plan. */
public enum PlanLine {
    /** Upright: between play and the column beside it, or between camera and strips. */
    COLUMN,
    /** The lower edge of the camera. */
    CAMERA_FOOT,
    /** The upper edge of the play. */
    PLAY_TOP,
    /** The lower edge of the play. */
    PLAY_FOOT,
    /** The upper edge of the band. */
    BAND_TOP
}
