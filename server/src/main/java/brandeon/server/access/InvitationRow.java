package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A link by which people come into a workspace, as stored. */
@Entity
@Table(name = "invitation")
class InvitationRow {

    @Id
    UUID id;

    UUID workspaceId;

    @Enumerated(EnumType.STRING)
    Role role;

    Instant until;

    /** When whoever came by it stops to belong there; null for never. */
    Instant memberUntil;

    boolean several;

    /** By so many people. */
    int used;

    /** Null when their account is gone. */
    UUID madeBy;

    Instant madeAt = Instant.now();

    protected InvitationRow() {}

    InvitationRow(UUID id, UUID workspaceId, UUID madeBy) {
        this.id = id;
        this.workspaceId = workspaceId;
        this.madeBy = madeBy;
    }
}
