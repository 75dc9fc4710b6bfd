package brandeon.server.theme;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface EditRows extends JpaRepository<EditRow, EditRow.Key> {

    @Query(
            "select e from EditRow e where e.key.themeId = :theme and e.accountId = :account and e.state = :state order by e.key.number desc")
    List<EditRow> latest(UUID theme, UUID account, EditState state, Limit limit);

    @Query(
            "select e from EditRow e where e.key.themeId = :theme and e.accountId = :account and e.state = :state order by e.key.number asc")
    List<EditRow> earliest(UUID theme, UUID account, EditState state, Limit limit);

    @Query("select e from EditRow e where e.key.themeId = :theme order by e.key.number desc")
    List<EditRow> history(UUID theme, Limit limit);

    @Query("select distinct e.state from EditRow e where e.key.themeId = :theme and e.accountId = :account")
    List<EditState> states(UUID theme, UUID account);

    @Modifying
    @Query(
            "update EditRow e set e.state = brandeon.server.theme.EditState.DROPPED where e.key.themeId = :theme and e.accountId = :account and e.state = brandeon.server.theme.EditState.UNDONE")
    void dropUndone(UUID theme, UUID account);

    /** The edit of a gesture grows by another one and takes that one's number. */
    @Modifying
    @Query("""
            update EditRow e set e.key.number = :number, e.edit = :edit, e.inverse = :inverse, e.at = :at
            where e.key = :key""")
    void join(EditRow.Key key, long number, String edit, String inverse, Instant at);

    @Modifying
    @Query("delete from EditRow e where e.key.themeId = :theme")
    void removeAllOf(UUID theme);

    default Optional<EditRow> lastDone(UUID theme, UUID account) {
        return latest(theme, account, EditState.DONE, Limit.of(1)).stream().findFirst();
    }

    /** Of each theme the newest line. */
    @Query("""
            select new brandeon.server.theme.Themes$LastChange(e.key.themeId, e.accountId, e.at) from EditRow e
            where e.key.themeId in :themes and e.key.number =
                (select max(l.key.number) from EditRow l where l.key.themeId = e.key.themeId)""")
    List<Themes.LastChange> lastOf(Collection<UUID> themes);

    /** What others did after a version. */
    @Query("""
            select new brandeon.server.theme.Themes$Others(e.accountId, count(e), max(e.key.number), max(e.at))
            from EditRow e where e.key.themeId = :theme and e.key.number > :version and e.accountId <> :account
            group by e.accountId""")
    List<Themes.Others> since(UUID theme, long version, UUID account);

    long countByKeyThemeId(UUID themeId);
}
