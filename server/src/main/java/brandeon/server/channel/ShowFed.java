package brandeon.server.channel;

import java.util.UUID;

/** A channel that fed one show feeds another one now. Told within the transaction that does it. */
public record ShowFed(UUID before, UUID after) {}
