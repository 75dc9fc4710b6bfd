package brandeon.server.publish;

import brandeon.core.publish.Part;
import brandeon.server.live.FeedKey;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** An outlet as stored. */
@Entity
@Table(name = "outlet")
class OutletRow {

    @Id
    UUID id;

    UUID themeId;

    String scene;

    String canvas;

    @Convert(converter = PartText.class)
    Part part;

    int generation;

    boolean withdrawn;

    @Enumerated(EnumType.STRING)
    FeedKey.Source follows;

    /** Epoch milliseconds; 0 for until somebody ends it. */
    long followsUntil;

    protected OutletRow() {}

    Outlets.Outlet outlet() {
        return new Outlets.Outlet(id, themeId, scene, canvas, part, generation, withdrawn, follows, followsUntil);
    }
}
