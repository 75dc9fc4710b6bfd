package brandeon.server.theme;

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

    @Modifying
    @Query(
            "update EditRow e set e.state = brandeon.server.theme.EditState.DROPPED where e.key.themeId = :theme and e.accountId = :account and e.state = brandeon.server.theme.EditState.UNDONE")
    void dropUndone(UUID theme, UUID account);

    default Optional<EditRow> lastDone(UUID theme, UUID account) {
        return latest(theme, account, EditState.DONE, Limit.of(1)).stream().findFirst();
    }

    /** The edit that was undone last is the earliest of those undone. */
    default Optional<EditRow> nextRedo(UUID theme, UUID account) {
        return earliest(theme, account, EditState.UNDONE, Limit.of(1)).stream().findFirst();
    }

    long countByKeyThemeId(java.util.UUID themeId);
}
