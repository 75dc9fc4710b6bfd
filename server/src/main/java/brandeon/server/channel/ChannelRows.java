package brandeon.server.channel;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ChannelRows extends JpaRepository<ChannelRow, UUID> {

    List<ChannelRow> findByWorkspaceIdOrderByCreatedAt(UUID workspace);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select c.id from ChannelRow c where c.id = :id")
    Optional<UUID> lock(UUID id);
}
