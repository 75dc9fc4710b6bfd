package brandeon.server.live;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;

/** A running clock as stored. */
@Entity
@Table(name = "clock")
class ClockRow {

    @Embeddable
    record Key(UUID themeId, String piece) {}

    @EmbeddedId
    Key key;

    /** Its instant of zero, in milliseconds since 1970. */
    long until;

    protected ClockRow() {}
}
