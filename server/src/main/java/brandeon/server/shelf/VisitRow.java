package brandeon.server.shelf;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Where somebody was in a theme last, as stored. */
@Entity
@Table(name = "visit")
class VisitRow {

    @Embeddable
    record Key(UUID themeId, UUID accountId) {}

    @EmbeddedId
    Key key;

    String place;

    /** Of the theme, as it was seen then. */
    long version;

    Instant at;

    protected VisitRow() {}
}
