package brandeon.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** What the steward decides for the whole installation. There is one row. */
@Entity
@Table(name = "installation")
class InstallationRow {

    static final String THIS = "this";

    @Id
    String name;

    /** Whether anybody may make an account. */
    boolean signUp;

    protected InstallationRow() {}
}
