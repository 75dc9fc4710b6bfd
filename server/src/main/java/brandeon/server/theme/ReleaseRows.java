package brandeon.server.theme;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReleaseRows extends JpaRepository<ReleaseRow, ReleaseRow.Key> {

    @Query("select max(r.key.number) from ReleaseRow r where r.key.themeId = :theme")
    Optional<Integer> latestNumber(UUID theme);

    @Query("select r.follows from ReleaseRow r where r.key = :key")
    Optional<Integer> follows(ReleaseRow.Key key);

    @Query("select r.document from ReleaseRow r where r.key = :key")
    Optional<String> document(ReleaseRow.Key key);

    /** All of a theme, the newest first. */
    @Query("""
            select new brandeon.server.theme.Themes$Aired(r.key.number, r.accountId, r.at) from ReleaseRow r
            where r.key.themeId = :theme order by r.key.number desc""")
    List<Themes.Aired> all(UUID theme);

    /** What others put on air after a moment, in its order. */
    @Query("""
            select new brandeon.server.theme.Themes$Aired(r.key.number, r.accountId, r.at) from ReleaseRow r
            where r.key.themeId = :theme and r.at > :since and r.accountId <> :account order by r.key.number""")
    List<Themes.Aired> since(UUID theme, Instant since, UUID account);
}
