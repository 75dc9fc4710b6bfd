package brandeon.server.publish;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AirTimeRows extends JpaRepository<AirTimeRow, AirTimeRow.Key> {

    @Modifying
    @Query("""
            insert into AirTimeRow (key.showId, key.day, key.piece, key.entry, title, millis)
            values (:show, :day, :piece, :entry, :title, :millis)
            on conflict (key.showId, key.day, key.piece, key.entry)
            do update set title = excluded.title, millis = millis + excluded.millis""")
    void add(UUID show, LocalDate day, String piece, String entry, String title, long millis);

    @Query("select a from AirTimeRow a where a.key.showId = :show order by a.title, a.key.entry")
    List<AirTimeRow> of(UUID show);
}
