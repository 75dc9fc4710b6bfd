package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** An account as stored. @see Members */
@Entity
@Table(name = "account")
class AccountRow {

    @Id
    UUID id;

    /** In small letters. */
    String email;

    String name;

    String passwordHash;

    Instant createdAt = Instant.now();

    /** Whether this person sees to the installation; of one account at most. */
    boolean steward;

    /** Whether it is the demo's, whose password everybody knows. */
    boolean demo;

    /** Whether it was deleted: only its line is left, to which old edits lead. */
    boolean gone;

    protected AccountRow() {}

    AccountRow(UUID id, String email, String name, String passwordHash) {
        this.id = id;
        this.email = email;
        this.name = name;
        this.passwordHash = passwordHash;
    }
}
