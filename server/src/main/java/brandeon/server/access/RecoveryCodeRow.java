package brandeon.server.access;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A code by which somebody comes in once without their password, as stored. */
@Entity
@Table(name = "recovery_code")
class RecoveryCodeRow {

    /** @param hash SHA-256 of the code */
    @Embeddable
    record Key(UUID accountId, String hash) {}

    @EmbeddedId
    Key key;

    Instant madeAt = Instant.now();

    /** Null while it can be used. */
    Instant usedAt;

    protected RecoveryCodeRow() {}

    RecoveryCodeRow(Key key) {
        this.key = key;
    }
}
