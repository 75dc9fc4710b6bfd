package brandeon.server.access;

import java.util.UUID;

/** An account is gone: whatever let it in is to go too. Told within the transaction that deletes it. */
public record AccountDeleted(UUID account) {}
