package brandeon.server.inlet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A mapped inlet as stored. */
@Entity
@Table(name = "mapped_inlet")
class MappedInletRow {

    @Id
    UUID id;

    UUID channelId;

    String name;

    String sample;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String mapping;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String signature;

    int number = 1;

    String given = "";

    Instant createdAt = Instant.now();

    protected MappedInletRow() {}

    MappedInletRow(UUID id, UUID channel) {
        this.id = id;
        this.channelId = channel;
    }
}
