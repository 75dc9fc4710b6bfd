package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A link by which somebody comes in once without their password, issued by the steward, as stored. */
@Entity
@Table(name = "recovery_link")
class RecoveryLinkRow {

    @Id
    UUID id;

    UUID accountId;

    /** Null when their account is gone. */
    UUID madeBy;

    Instant madeAt = Instant.now();
    Instant until;

    /** Null while it can be used. */
    Instant usedAt;

    protected RecoveryLinkRow() {}

    RecoveryLinkRow(UUID id, UUID accountId, UUID madeBy, Instant until) {
        this.id = id;
        this.accountId = accountId;
        this.madeBy = madeBy;
        this.until = until;
    }
}
