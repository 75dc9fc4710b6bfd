package brandeon.server.show;

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

/** One applied cue, with the cue that takes it back. */
@Entity
@Table(name = "cue")
class CueRow {

    @Embeddable
    record Key(UUID showId, long number) {}

    /** What became of it since. */
    enum State {
        DONE,
        UNDONE,
        /** Undone, and something else was done after it. */
        DROPPED,
        /** Took another one back, or did it again. */
        STEP
    }

    @EmbeddedId
    Key key;

    /** Null where it was no account. */
    UUID accountId;

    /** Null where it was no pass. */
    UUID passId;

    /** Name of who did it where it was no account. */
    String who;

    /** Through which it came. */
    @Enumerated(EnumType.STRING)
    Door door;

    /** Given by who sent it, so that it counts once; null where none was given. */
    String name;

    Instant at;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String cue;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String inverse;

    String sentence;

    @Enumerated(EnumType.STRING)
    State state;

    protected CueRow() {}
}
