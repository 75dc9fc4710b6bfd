package brandeon.server.loose;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PackRows extends JpaRepository<PackRow, UUID> {

    @Query("select p from PackRow p where p.themeId = :theme and p.createdAt > :since order by p.createdAt desc")
    List<PackRow> of(UUID theme, Instant since);

    @Query("select p from PackRow p where p.id = :id and p.themeId = :theme and p.createdAt > :since")
    Optional<PackRow> find(UUID id, UUID theme, Instant since);

    @Modifying
    @Query("delete from PackRow p where p.createdAt <= :until")
    void forget(Instant until);

    /** @return 0 when somebody else was quicker */
    @Modifying
    @Query("delete from PackRow p where p.id = :id and p.themeId = :theme")
    int drop(UUID id, UUID theme);
}
