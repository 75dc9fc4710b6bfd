package brandeon.server.publish;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What the open sources of one server last said of themselves. */
@Entity
@Table(name = "server_health")
class ServerHealthRow {

    @Id
    UUID server;

    /** Epoch milliseconds. */
    long at;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String reports;

    protected ServerHealthRow() {}
}
