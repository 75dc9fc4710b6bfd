package brandeon.server.publish;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OldLinkRows extends JpaRepository<OldLinkRow, UUID> {

    /** @param apart a page that was not heard of since then is another one */
    @Modifying
    @Query("""
            insert into OldLinkRow (outletId, since, at, place) values (:outlet, :at, :at, :place)
            on conflict (outletId) do update set
                since = case when at < :apart then excluded.at else since end,
                at = excluded.at,
                place = excluded.place""")
    void opened(UUID outlet, long at, String place, long apart);
}
