package brandeon.server.access;

import java.util.UUID;

/** An account may do more or less than before, or nothing any more. Told within the transaction that changes it. */
public record MembershipChanged(UUID account) {}
