package brandeon.server.theme;

import java.time.Instant;
import java.util.UUID;

/** A theme's row without its document, which is read only when it is not known already. */
record ThemeHead(
        UUID id,
        UUID workspace,
        UUID channel,
        long version,
        Integer onAir,
        UUID movedFrom,
        Instant updatedAt,
        Instant archivedAt) {}
