package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A workspace as stored. */
@Entity
@Table(name = "workspace")
class WorkspaceRow {

    @Id
    UUID id;

    String name;

    /** Whether it is the demo. */
    boolean demo;

    Instant createdAt = Instant.now();

    protected WorkspaceRow() {}

    WorkspaceRow(UUID id, String name) {
        this.id = id;
        this.name = name;
    }
}
