package brandeon.server.pass;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A pass as stored. Its link is derived from its id. */
@Entity
@Table(name = "pass")
class PassRow {

    @Id
    UUID id;

    UUID showId;

    String name;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String grants;

    /** Null for as long as nobody withdraws it. */
    Instant goodTill;

    boolean withdrawn;

    /** Null when the account is gone. */
    UUID madeBy;

    Instant madeAt;

    /** Null while nobody used it. */
    Instant usedAt;

    protected PassRow() {}

    PassRow(UUID id, UUID showId, String name, String grants, Instant goodTill, UUID madeBy, Instant madeAt) {
        this.id = id;
        this.showId = showId;
        this.name = name;
        this.grants = grants;
        this.goodTill = goodTill;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
    }
}
