package brandeon.server.show;

/** Ways by which a cue may come. */
public enum Door {
    /** Somebody who is signed in. */
    SESSION
}
