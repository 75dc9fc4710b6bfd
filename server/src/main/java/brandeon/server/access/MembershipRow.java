package brandeon.server.access;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** That an account belongs to a workspace, and what it may do there. */
@Entity
@Table(name = "membership")
class MembershipRow {

    @Embeddable
    record Key(UUID workspaceId, UUID accountId) {}

    @EmbeddedId
    Key key;

    @Enumerated(EnumType.STRING)
    Role role;

    /** When they stop to belong there; null for never. */
    Instant until;

    protected MembershipRow() {}

    MembershipRow(Key key, Role role) {
        this.key = key;
        this.role = role;
    }

    boolean ended() {
        return until != null && !until.isAfter(Instant.now());
    }
}
