package brandeon.server.channel;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A profile of a workspace's own, as stored. */
@Entity
@Table(name = "profile")
class ProfileRow {

    /** @param id as the document has it */
    @Embeddable
    record Key(UUID workspaceId, String id) {}

    @EmbeddedId
    Key key;

    /** As it was written. */
    String document;

    Instant changedAt = Instant.now();

    protected ProfileRow() {}

    ProfileRow(Key key, String document) {
        this.key = key;
        this.document = document;
    }
}
