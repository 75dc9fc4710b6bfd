package brandeon.server.theme;

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

/** One accepted edit, with the edit that takes it back. */
@Entity
@Table(name = "theme_edit")
class EditRow {

    @Embeddable
    record Key(UUID themeId, long number) {}

    @EmbeddedId
    Key key;

    UUID accountId;

    Instant at = Instant.now();

    String gesture;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String edit;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String inverse;

    @Enumerated(EnumType.STRING)
    EditState state;

    protected EditRow() {}

    EditRow(Key key, UUID accountId, String gesture, String edit, String inverse, EditState state) {
        this.key = key;
        this.accountId = accountId;
        this.gesture = gesture;
        this.edit = edit;
        this.inverse = inverse;
        this.state = state;
    }

    KeptThemes.LastEdit line() {
        return new KeptThemes.LastEdit(key, accountId, gesture, edit, inverse);
    }
}
