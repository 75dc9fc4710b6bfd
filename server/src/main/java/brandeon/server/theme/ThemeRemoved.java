package brandeon.server.theme;

import java.util.UUID;

/** A theme is about to be removed with everything of it. Told within the transaction that does so. */
public record ThemeRemoved(UUID theme) {}
