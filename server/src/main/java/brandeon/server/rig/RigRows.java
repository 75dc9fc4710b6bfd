package brandeon.server.rig;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RigRows extends JpaRepository<RigRow, UUID> {

    /** @return 0 when the rig is not as it was at this version any more; nothing is changed then */
    @Modifying
    @Query("""
            insert into RigRow (workspaceId, document, version) values (:workspace, :document, 1)
            on conflict (workspaceId) do update set document = excluded.document, version = version + 1
            where version = :version""")
    int put(UUID workspace, long version, String document);
}
