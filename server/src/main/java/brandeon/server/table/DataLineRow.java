package brandeon.server.table;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One line of a table. */
@Entity
@Table(name = "data_line")
class DataLineRow {

    @Embeddable
    record Key(UUID tableId, long line) {}

    @EmbeddedId
    Key key;

    /** In the order of the table's columns. */
    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String cells;

    protected DataLineRow() {}
}
