package brandeon.server.move;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Something that is to be done after a move, as stored. */
@Entity
@Table(name = "move_line")
class MoveLineRow {

    @Id
    UUID id;

    UUID themeId;

    /** Which source it is, as scene, canvas and part; null for a line of somebody's own. */
    String source;

    String title;

    String link;

    String note;

    /** Null also when whoever did it is gone. */
    UUID doneBy;

    /** Null while it is to be done. */
    Instant doneAt;

    Instant madeAt = Instant.now();

    protected MoveLineRow() {}

    MoveLineRow(UUID themeId, String title, String link, String note) {
        this.id = UUID.randomUUID();
        this.themeId = themeId;
        this.title = title;
        this.link = link;
        this.note = note;
    }
}
