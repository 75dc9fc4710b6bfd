package brandeon.server.publish;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OutletSeenRows extends JpaRepository<OutletSeenRow, UUID> {

    /** Begins a while, or lets it last until now. */
    @Modifying
    @Query("""
            insert into OutletSeenRow (id, outletId, seenFrom, seenTill)
            values (:id, :outlet, :from, :till)
            on conflict (id) do update set seenTill = excluded.seenTill""")
    void last(UUID id, UUID outlet, long from, long till);

    @Query("""
            select s from OutletSeenRow s where s.outletId in :outlets and s.seenTill >= :from and s.seenFrom <= :till""")
    List<OutletSeenRow> during(Collection<UUID> outlets, long from, long till);

    /** When viewers last saw a source, epoch milliseconds. */
    record LastSeen(UUID outlet, long at) {}

    @Query("""
            select new brandeon.server.publish.OutletSeenRows$LastSeen(s.outletId, max(s.seenTill))
            from OutletSeenRow s where s.outletId in :outlets group by s.outletId""")
    List<LastSeen> last(Collection<UUID> outlets);

    @Modifying
    @Query("delete from OutletSeenRow s where s.seenTill < :before")
    void forget(long before);
}
