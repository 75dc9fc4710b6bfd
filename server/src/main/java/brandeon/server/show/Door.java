package brandeon.server.show;

/** Ways by which a cue may come. */
public enum Door {
    /** Somebody who is signed in. */
    SESSION,
    /** Somebody with a pass, on its page. */
    PASS,
    /** A button, a script or a device, by the address of a deed. */
    ADDRESS,
    /** A viewer, by what they write or give. */
    VIEWER,
    /** The show itself: a step of a sequence. */
    SHOW
}
