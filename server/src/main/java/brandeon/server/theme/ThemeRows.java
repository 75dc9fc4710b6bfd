package brandeon.server.theme;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ThemeRows extends JpaRepository<ThemeRow, UUID> {

    Optional<ThemeRow> findByIdAndWorkspaceId(UUID id, UUID workspaceId);

    List<ThemeRow> findByWorkspaceIdOrderByCreatedAt(UUID workspaceId);

    List<ThemeRow> findByChannelId(UUID channelId);

    /** Locked until the transaction ends, so that edits of one theme follow each other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select t from ThemeRow t where t.id = :id")
    Optional<ThemeRow> lock(UUID id);
}
