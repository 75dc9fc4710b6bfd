package brandeon.server.publish;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ServerHealthRows extends JpaRepository<ServerHealthRow, UUID> {

    @Modifying
    @Query("""
            insert into ServerHealthRow (server, at, reports) values (:server, :at, :reports)
            on conflict (server) do update set at = excluded.at, reports = excluded.reports""")
    void put(UUID server, long at, String reports);

    @Query("select h from ServerHealthRow h where h.server <> :mine and h.at >= :since")
    List<ServerHealthRow> others(UUID mine, long since);

    @Modifying
    @Query("delete from ServerHealthRow h where h.at < :before")
    void forget(long before);
}
