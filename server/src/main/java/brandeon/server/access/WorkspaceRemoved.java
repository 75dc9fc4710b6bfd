package brandeon.server.access;

import java.util.UUID;

/** A workspace goes with everything of it. Told within the transaction, before it is gone. */
public record WorkspaceRemoved(UUID workspace) {}
