package brandeon.server.channel;

import java.util.UUID;

/** A channel is about to be added, and needs the show that it will feed. Told within the transaction that adds it. */
public record ShowWanted(UUID show, UUID workspace, String name) {}
