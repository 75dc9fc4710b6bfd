package brandeon.server.begin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** How far somebody came with the beginning of a theme, as stored. */
@Entity
@Table(name = "beginning")
class BeginningRow {

    @Id
    UUID themeId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String answers;

    /** The question that is open, counted from 1. */
    int step;

    /** Under which all of it is undone at once. */
    String gesture;

    protected BeginningRow() {}

    BeginningRow(UUID themeId, String answers, String gesture) {
        this.themeId = themeId;
        this.answers = answers;
        this.step = 1;
        this.gesture = gesture;
    }
}
