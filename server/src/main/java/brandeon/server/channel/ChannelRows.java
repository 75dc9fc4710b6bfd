package brandeon.server.channel;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ChannelRows extends JpaRepository<ChannelRow, UUID> {

    List<ChannelRow> findByWorkspaceIdOrderByCreatedAt(UUID workspace);

    @Query("select c.id from ChannelRow c where c.showId = :show order by c.createdAt")
    List<UUID> idsOf(UUID show);

    @Modifying
    @Query("update ChannelRow c set c.showId = :show where c.id = :id")
    void feed(UUID id, UUID show);

    @Modifying
    @Query("update ChannelRow c set c.name = :name where c.id = :id")
    void rename(UUID id, String name);

    @Modifying
    @Query("update ChannelRow c set c.secret = c.secret + 1 where c.id = :id")
    void renewSecret(UUID id);

    @Modifying
    @Query("delete from ChannelRow c where c.id = :id")
    void remove(UUID id);
}
