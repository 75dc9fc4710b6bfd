package brandeon.server.file;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A file as stored. It is read in parts only, since its content may be large. */
@Entity
@Table(name = "file")
class FileRow {

    @Embeddable
    record Key(UUID workspaceId, String hash) {}

    @EmbeddedId
    Key key;

    String type;

    byte[] content;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String facts;

    Instant createdAt;

    protected FileRow() {}
}
