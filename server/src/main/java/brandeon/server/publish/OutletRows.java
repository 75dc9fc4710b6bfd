package brandeon.server.publish;

import brandeon.core.publish.Part;
import brandeon.server.live.FeedKey;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface OutletRows extends JpaRepository<OutletRow, UUID> {

    List<OutletRow> findByThemeId(UUID theme);

    @Query("select t.workspaceId from OutletRow o join ThemeRow t on t.id = o.themeId where o.id = :id")
    Optional<UUID> workspaceOf(UUID id);

    @Query("""
            select count(o) from OutletRow o join ThemeRow t on t.id = o.themeId
            where o.id = :id and t.workspaceId = :workspace""")
    long countOf(UUID workspace, UUID id);

    /** Somebody else may add the same one at this moment; then theirs stands. */
    @Modifying
    @Query("""
            insert into OutletRow (id, themeId, scene, canvas, part, generation, withdrawn, follows, followsUntil)
            values (:id, :theme, :scene, :canvas, :part, 1, false, brandeon.server.live.FeedKey.Source.RELEASE, 0)
            on conflict do nothing""")
    void add(UUID id, UUID theme, String scene, String canvas, Part part);

    @Modifying
    @Query("update OutletRow o set o.generation = o.generation + 1, o.withdrawn = false where o.id = :id")
    void reissue(UUID id);

    @Modifying
    @Query("update OutletRow o set o.withdrawn = true where o.id = :id")
    void withdraw(UUID id);

    @Modifying
    @Query("update OutletRow o set o.follows = :source, o.followsUntil = :until where o.id = :id")
    void follow(UUID id, FeedKey.Source source, long until);

    @Query("select o.id from OutletRow o where o.followsUntil > 0 and o.followsUntil <= :now")
    List<UUID> overdue(long now);

    /** Returns whether it was still to be ended. */
    @Modifying
    @Query("""
            update OutletRow o set o.follows = brandeon.server.live.FeedKey.Source.RELEASE, o.followsUntil = 0
            where o.id = :id and o.followsUntil > 0 and o.followsUntil <= :now""")
    int end(UUID id, long now);
}
