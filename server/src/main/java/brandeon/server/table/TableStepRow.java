package brandeon.server.table;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One thing that somebody did to a table, with what takes it back, or, once it was taken back, does it again. */
@Entity
@Table(name = "table_step")
class TableStepRow {

    /** @param number the version of the table that came of it */
    @Embeddable
    record Key(UUID tableId, long number) {}

    @EmbeddedId
    Key key;

    UUID accountId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String back;

    boolean undone;

    protected TableStepRow() {}

    TableStepRow(UUID table, long number, UUID account, String back) {
        key = new Key(table, number);
        accountId = account;
        this.back = back;
    }
}
