package brandeon.server.publish;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What is to be put on air later. */
@Entity
@Table(name = "planned_release")
class PlannedReleaseRow {

    @Id
    UUID themeId;

    UUID accountId;

    /** Epoch milliseconds; 0 for the next change of scene. */
    long at;

    /** A JSON array of the ids of scenes; empty for all of the draft. */
    String scenes;

    protected PlannedReleaseRow() {}
}
