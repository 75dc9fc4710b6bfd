package brandeon.core.show;

/** Names under which a show keeps what belongs to no field of a piece; no field is called like one of them. */
public final class Slot {

    /** How its clock runs. */
    public static final String CLOCK = "clock";

    /** Whether it is seen. */
    public static final String SIGHT = "sight";

    /** Lines that were added to what it says, and how they take turns. */
    public static final String ADDED = "added";

    private Slot() {}
}
