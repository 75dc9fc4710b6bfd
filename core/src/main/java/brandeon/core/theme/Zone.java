package brandeon.core.theme;

/** A named place in a zone plan. */
public enum Zone {
    FULL, PLAY, CAMERA, STRIP, SECOND_STRIP, BAND, CLOCK, ALERT
}
