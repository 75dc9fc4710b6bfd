package brandeon.server.live;

import brandeon.core.live.SignalKind;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A signal as stored. It is never changed. */
@Entity
@Table(name = "signal")
class SignalRow {

    @Embeddable
    record Key(UUID channelId, String id) {}

    @EmbeddedId
    Key key;

    /** Given by the database; rises in the order in which signals were taken in. */
    @Column(insertable = false, updatable = false)
    long number;

    @Enumerated(EnumType.STRING)
    SignalKind kind;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String content;

    Instant at;

    /** Milliseconds since 1970 from which its alert is on screen; null where no alert shows it. */
    Long showsFrom;

    Long showsTill;

    protected SignalRow() {}
}
