package brandeon.server.session;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A session as stored. @see KeptSessions */
@Entity
@Table(name = "session")
class SessionRow {

    /** By which people name it; the cookie says something else. */
    @Id
    UUID id;

    /** SHA-256 of what the cookie says. */
    String key;

    /** Null while nobody is signed in. */
    UUID accountId;

    /** In words. */
    String device;

    /** Whether it outlives the browser's closing. */
    boolean standing;

    Instant since;
    Instant last;
    Instant until;

    /** Attributes besides, as Java writes them. */
    byte[] content;

    protected SessionRow() {}

    SessionRow(UUID id) {
        this.id = id;
    }
}
