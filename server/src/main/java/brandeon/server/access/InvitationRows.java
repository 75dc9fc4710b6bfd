package brandeon.server.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface InvitationRows extends JpaRepository<InvitationRow, UUID> {

    @Query("select i from InvitationRow i where i.id = :id and i.until > :now and (i.several or i.used = 0)")
    Optional<InvitationRow> open(UUID id, Instant now);

    @Query("""
            select i from InvitationRow i where i.workspaceId = :workspace and i.until > :now
            and (i.several or i.used = 0) order by i.madeAt""")
    List<InvitationRow> pending(UUID workspace, Instant now);

    /** Counts one more who comes by it; 0 when it was used up or withdrawn meanwhile. */
    @Modifying
    @Query(
            "update InvitationRow i set i.used = i.used + 1 where i.id = :id and i.until > :now and (i.several or i.used = 0)")
    int use(UUID id, Instant now);

    @Modifying
    @Query("delete from InvitationRow i where i.id = :id and i.workspaceId = :workspace")
    int withdraw(UUID id, UUID workspace);

    @Modifying
    @Query("delete from InvitationRow i where i.until < :now")
    int removeOld(Instant now);
}
