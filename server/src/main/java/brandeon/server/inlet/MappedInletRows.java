package brandeon.server.inlet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MappedInletRows extends JpaRepository<MappedInletRow, UUID> {

    List<MappedInletRow> findByChannelIdOrderByCreatedAt(UUID channel);

    int countByChannelId(UUID channel);

    @Modifying
    @Query("delete from MappedInletRow m where m.id = :id")
    void remove(UUID id);
}
