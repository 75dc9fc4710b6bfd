package brandeon.server.publish;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** How long one entry of a piece was on screen on one day of a show. */
@Entity
@Table(name = "air_time")
class AirTimeRow {

    @Embeddable
    record Key(UUID showId, LocalDate day, String piece, String entry) {}

    @EmbeddedId
    Key key;

    String title;

    long millis;

    protected AirTimeRow() {}
}
