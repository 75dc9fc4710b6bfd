package brandeon.server.show;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A break that is over. Instants are epoch milliseconds. */
@Entity
@Table(name = "break_taken")
class BreakRow {

    @Embeddable
    record Key(UUID showId, long began) {}

    @EmbeddedId
    Key key;

    /** When it should have been over. */
    long planned;

    long ended;

    /** Who ended it. */
    String who;

    protected BreakRow() {}
}
