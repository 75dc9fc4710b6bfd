package brandeon.server.record;

import brandeon.server.access.Deed;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A deed as stored. */
@Entity
@Table(name = "deed")
class DeedRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID workspaceId;
    UUID accountId;
    Instant at = Instant.now();

    @Enumerated(EnumType.STRING)
    Deed.Kind kind;

    String place;
    String sentence;

    protected DeedRow() {}

    DeedRow(Deed deed) {
        workspaceId = deed.workspace();
        accountId = deed.account();
        kind = deed.kind();
        place = deed.place();
        sentence = deed.sentence();
    }
}
