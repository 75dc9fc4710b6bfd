package brandeon.server.live;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ClockRows extends JpaRepository<ClockRow, ClockRow.Key> {

    @Modifying
    @Query("""
            insert into ClockRow (key.themeId, key.piece, until) values (:theme, :piece, :until)
            on conflict (key.themeId, key.piece) do update set until = excluded.until""")
    void start(UUID theme, String piece, long until);

    @Modifying
    @Query("delete from ClockRow c where c.key.themeId = :theme and c.key.piece = :piece")
    void stop(UUID theme, String piece);

    @Query("select c from ClockRow c where c.key.themeId = :theme")
    List<ClockRow> of(UUID theme);
}
