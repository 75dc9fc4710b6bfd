package brandeon.server.table;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A table as stored, without its lines; a version that rises with every change. */
@Entity
@Table(name = "data_table")
class DataTableRow {

    @Id
    UUID id;

    UUID showId;

    String word;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String head;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String lineOrder;

    long version = 1;

    int number = 1;

    /** Null while nothing came from outside. */
    Instant fedAt;

    String fedSaid = "";

    boolean fedWell = true;

    Instant createdAt = Instant.now();

    protected DataTableRow() {}

    DataTableRow(UUID id, UUID showId, String word, String head) {
        this.id = id;
        this.showId = showId;
        this.word = word;
        this.head = head;
        this.lineOrder = "[]";
    }
}
