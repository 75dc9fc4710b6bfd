package brandeon.server.move;

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
    @Query(value = """
            insert into move_line (id, theme_id, source, title, link, note, done_by, done_at, made_at)
            values (gen_random_uuid(), :theme, :source, '', '', '', :who, now(), now())
            on conflict (theme_id, source) where source <> ''
            do update set done_by = excluded.done_by, done_at = excluded.done_at""", nativeQuery = true)
    void tick(UUID theme, String source, UUID who);

    @Modifying
    @Query("delete from MoveLineRow m where m.themeId = :theme and m.source = :source")
    void untick(UUID theme, String source);
}
