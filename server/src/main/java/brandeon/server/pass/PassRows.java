package brandeon.server.pass;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PassRows extends JpaRepository<PassRow, UUID> {

    List<PassRow> findByShowIdOrderByMadeAtDesc(UUID show);

    @Modifying
    @Query("update PassRow p set p.usedAt = :at where p.id = :id")
    void used(UUID id, Instant at);
}
