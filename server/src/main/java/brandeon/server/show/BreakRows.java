package brandeon.server.show;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BreakRows extends JpaRepository<BreakRow, BreakRow.Key> {

    /** One that was ended, taken back and ended again is over when it was ended last. */
    @Modifying
    @Query("""
            insert into BreakRow (key.showId, key.began, planned, ended, who)
            values (:show, :began, :planned, :ended, :who)
            on conflict (key.showId, key.began) do update set planned = excluded.planned, ended = excluded.ended,
            who = excluded.who""")
    void over(UUID show, long began, long planned, long ended, String who);

    @Query("select b from BreakRow b where b.key.showId = :show order by b.key.began desc")
    List<BreakRow> latest(UUID show, Limit limit);
}
