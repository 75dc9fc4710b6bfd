package brandeon.server.rig;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A workspace's rig as stored. */
@Entity
@Table(name = "rig")
class RigRow {

    @Id
    UUID workspaceId;

    @Column(columnDefinition = "jsonb")
    @JdbcTypeCode(SqlTypes.JSON)
    String document;

    long version;

    protected RigRow() {}
}
