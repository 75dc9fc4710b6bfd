package brandeon.server.move;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MoveLineRows extends JpaRepository<MoveLineRow, UUID> {

    List<MoveLineRow> findByThemeIdOrderByMadeAtAscIdAsc(UUID theme);

    Optional<MoveLineRow> findByIdAndThemeId(UUID id, UUID theme);

    /** Two people may tick the same source at once; the later one counts. */
    @Modifying
    @Query("""
            insert into MoveLineRow (id, themeId, source, title, link, note, doneBy, doneAt, madeAt)
            values (:id, :theme, :source, '', '', '', :who, :at, :at)
            on conflict (themeId, source)
            do update set doneBy = excluded.doneBy, doneAt = excluded.doneAt""")
    void tick(UUID id, UUID theme, String source, UUID who, Instant at);

    @Modifying
    @Query("delete from MoveLineRow m where m.themeId = :theme and m.source = :source")
    void untick(UUID theme, String source);
}
