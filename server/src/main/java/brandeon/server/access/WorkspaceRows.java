package brandeon.server.access;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface WorkspaceRows extends JpaRepository<WorkspaceRow, UUID> {

    @Query("select w.id from WorkspaceRow w where w.demo")
    List<UUID> demos();

    /** With everything of it, as the schema says. */
    @Modifying
    @Query("delete from WorkspaceRow w where w.id = :id")
    void remove(UUID id);
}
