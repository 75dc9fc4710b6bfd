package brandeon.server.channel;

import java.util.UUID;

/** A channel is about to be removed; whoever depends on it may refuse. Told within the transaction that does so. */
public record ChannelRemoved(UUID channel) {}
