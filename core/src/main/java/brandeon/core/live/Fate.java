package brandeon.core.live;

/** What became of a signal on screen. */
public enum Fate {
    /** Its alert is on screen or still to come. */
    WAITS,
    /** It is shown with the alert of another one. */
    JOINED,
    SHOWN,
    /** It was on screen until somebody ended it. */
    SKIPPED,
    /** Somebody decided that it is not shown. */
    DROPPED,
    /** No rule of the leading theme was for it. */
    NO_RULE
}
