package brandeon.server.publish;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PlannedReleaseRows extends JpaRepository<PlannedReleaseRow, UUID> {

    @Modifying
    @Query("""
            insert into PlannedReleaseRow (themeId, accountId, at, scenes) values (:theme, :account, :at, :scenes)
            on conflict (themeId) do update set
                accountId = excluded.accountId, at = excluded.at, scenes = excluded.scenes""")
    void put(UUID theme, UUID account, long at, String scenes);

    @Query("select p from PlannedReleaseRow p where p.at > 0 and p.at <= :now")
    List<PlannedReleaseRow> due(long now);

    /** Returns how many there were: whoever takes it is the only one. */
    @Modifying
    @Query("delete from PlannedReleaseRow p where p.themeId = :theme and p.at = :at")
    int take(UUID theme, long at);

    @Modifying
    @Query("delete from PlannedReleaseRow p where p.themeId = :theme")
    int drop(UUID theme);
}
