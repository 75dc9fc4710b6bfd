package brandeon.server.inlet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** One thing that came to an inlet, as stored. */
@Entity
@Table(name = "delivery")
class DeliveryRow {

    @Id
    UUID id;

    UUID channelId;

    Instant at;

    /** The mapped inlet to which it came; null for CloudEvents. */
    UUID mappedId;

    @Enumerated(EnumType.STRING)
    Deliveries.Outcome outcome;

    String sentence;

    String contentType;

    String body;

    protected DeliveryRow() {}

    DeliveryRow(UUID channel, Deliveries.Delivery delivery) {
        id = delivery.id();
        channelId = channel;
        at = delivery.at();
        mappedId = delivery.mapped().orElse(null);
        outcome = delivery.outcome();
        sentence = delivery.sentence();
        contentType = delivery.type();
        body = delivery.body();
    }

    Deliveries.Delivery delivery() {
        return new Deliveries.Delivery(id, at, Optional.ofNullable(mappedId), outcome, sentence, contentType, body);
    }
}
