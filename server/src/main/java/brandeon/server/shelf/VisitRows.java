package brandeon.server.shelf;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface VisitRows extends JpaRepository<VisitRow, VisitRow.Key> {

    /** Two pages of one person may say so at once; the later word counts. */
    @Modifying
    @Query("""
            insert into VisitRow (key.themeId, key.accountId, place, version, at)
            values (:theme, :account, :place, :version, :at)
            on conflict (key.themeId, key.accountId)
            do update set place = excluded.place, version = excluded.version, at = excluded.at""")
    void keep(UUID theme, UUID account, String place, long version, Instant at);

    @Modifying
    @Query("delete from VisitRow v where v.key.accountId = :account")
    void removeAllOf(UUID account);
}
