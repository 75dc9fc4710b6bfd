package brandeon.server.live;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What follows from the signals of a show, as stored; the readings can be computed anew from them. */
@Entity
@Table(name = "facts")
class FactsRow {

    @Id
    UUID showId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String readings;

    /** The same of each platform alone, by its id, where several feed the show. */
    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String apart;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String queue;

    /** Rises with every batch of signals. */
    long version;

    /** When the latest signal was stored, in the time in which alerts are planned. */
    long at;

    protected FactsRow() {}
}
