package brandeon.server.show;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A show as stored: one document, and a version that rises with every cue. */
@Entity
@Table(name = "show")
class ShowRow {

    @Id
    UUID id;

    UUID workspaceId;

    String name;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    /** How it counts. */
    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String counting;

    /** What of its chat is not shown. */
    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String chat;

    long version = 1;

    /** When something is to be done by itself, epoch milliseconds; null for never. */
    Long due;

    /** The theme that leads, where somebody chose one. */
    UUID ledBy;

    /** The outlet in which it is heard, where somebody chose one. */
    UUID soundsIn;

    Instant createdAt = Instant.now();

    protected ShowRow() {}

    ShowRow(UUID id, UUID workspaceId, String name, String document, String counting, String chat) {
        this.id = id;
        this.workspaceId = workspaceId;
        this.name = name;
        this.document = document;
        this.counting = counting;
        this.chat = chat;
    }
}
