package brandeon.server.theme;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A theme as stored: one document, a version that rises with every edit, and the release that is on air. */
@Entity
@Table(name = "theme")
class ThemeRow {

    @Id
    UUID id;

    UUID workspaceId;

    UUID channelId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    long version;

    Integer onAir;

    UUID movedFrom;

    Instant createdAt = Instant.now();

    Instant updatedAt = Instant.now();

    Instant archivedAt;

    protected ThemeRow() {}

    ThemeRow(UUID id, UUID workspaceId, UUID channelId, String document) {
        this.id = id;
        this.workspaceId = workspaceId;
        this.channelId = channelId;
        this.document = document;
        this.version = 1;
    }
}
