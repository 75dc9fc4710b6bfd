package brandeon.server.loose;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One of these files. */
@Entity
@Table(name = "pack_file")
class PackFileRow {

    @Embeddable
    record Key(UUID packId, int number) {}

    @EmbeddedId
    Key key;

    String path;

    long bytes;

    /** Null until it was read. */
    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String found;

    /** −1 until it was read. */
    int millis;

    protected PackFileRow() {}

    PackFileRow(Key key, String path, long bytes) {
        this.key = key;
        this.path = path;
        this.bytes = bytes;
        this.millis = -1;
    }
}
