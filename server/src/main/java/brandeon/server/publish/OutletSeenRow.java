package brandeon.server.publish;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A while during which a source was open and seen by viewers. */
@Entity
@Table(name = "outlet_seen")
class OutletSeenRow {

    @Id
    UUID id;

    UUID outletId;

    /** Epoch milliseconds. */
    long seenFrom;

    long seenTill;

    protected OutletSeenRow() {}
}
