package brandeon.server.theme;

/** Whether a change of the history stands. */
public enum EditState {
    /** In force; can be undone. */
    DONE,
    /** Taken back; can be redone. */
    UNDONE,
    /** Taken back and then overtaken by a new edit; stays in history only. */
    DROPPED,
    /** An undo or redo itself; stays in history only. */
    STEP
}
