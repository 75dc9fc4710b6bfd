package brandeon.server.access;

/** What a member may do; each includes the ones after it. */
public enum Role {
    OWNER,
    DESIGNER,
    OPERATOR,
    VIEWER;

    public boolean includes(Role wanted) {
        return ordinal() <= wanted.ordinal();
    }
}
