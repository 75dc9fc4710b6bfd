package brandeon.server.loose;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Files that were dropped together, as stored. */
@Entity
@Table(name = "pack")
class PackRow {

    @Id
    UUID id;

    UUID themeId;

    UUID accountId;

    Instant createdAt;

    protected PackRow() {}

    PackRow(UUID id, UUID themeId, UUID accountId, Instant createdAt) {
        this.id = id;
        this.themeId = themeId;
        this.accountId = accountId;
        this.createdAt = createdAt;
    }
}
