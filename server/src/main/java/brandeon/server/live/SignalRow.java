package brandeon.server.live;

import brandeon.core.live.Fate;
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

/** A signal as stored, and what became of it on screen. */
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

    /** Id of the alert of another one with which it is shown, by {@link AlertId}; empty where none is. */
    String shownWith;

    @Enumerated(EnumType.STRING)
    Fate fate;

    /** Who ended or dropped it; null where nobody did. */
    UUID decidedBy;

    /** When it was on screen, in the time in which alerts are planned; null before it was. */
    Long showsFrom;

    Long showsTill;

    protected SignalRow() {}
}
