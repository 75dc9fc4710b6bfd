package brandeon.server.live;

import java.util.Collection;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface FactsRows extends JpaRepository<FactsRow, UUID> {

    @Modifying
    @Query("""
            insert into FactsRow (showId, readings, apart, queue, version, at)
            values (:show, :readings, :apart, :queue, 1, :at)
            on conflict do nothing""")
    void add(UUID show, String readings, String apart, String queue, long at);

    /** @return 0 when somebody was quicker; nothing is changed then */
    @Modifying
    @Query("""
            update FactsRow f set f.readings = :readings, f.apart = :apart, f.queue = :queue, f.version = f.version + 1,
                f.at = :at
            where f.showId = :show and f.version = :version""")
    int change(UUID show, long version, String readings, String apart, String queue, long at);

    @Modifying
    @Query("delete from FactsRow f where f.showId in :shows")
    void forget(Collection<UUID> shows);

    /** Where alerts were planned last, in milliseconds; 0 when none was. */
    @Query("select coalesce(max(f.at), 0) from FactsRow f")
    long latest();
}
