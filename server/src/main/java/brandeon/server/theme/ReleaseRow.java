package brandeon.server.theme;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An immutable copy of a theme, as it was put on air. */
@Entity
@Table(name = "release")
class ReleaseRow {

    @Embeddable
    record Key(UUID themeId, int number) {}

    @EmbeddedId
    Key key;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    UUID accountId;

    /** What was on air before it; 0 when nothing was. */
    int follows;

    Instant at = Instant.now();

    protected ReleaseRow() {}

    ReleaseRow(Key key, String document, UUID accountId, int follows) {
        this.key = key;
        this.document = document;
        this.accountId = accountId;
        this.follows = follows;
    }
}
