package brandeon.server.publish;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A page that is open with a former link of an outlet. */
@Entity
@Table(name = "old_link")
class OldLinkRow {

    @Id
    UUID outletId;

    /** Epoch milliseconds. */
    long since;

    long at;

    /** On which machine and in what kind of program, for people. */
    String place;

    protected OldLinkRow() {}
}
