package brandeon.server.theme;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ThemeRows extends JpaRepository<ThemeRow, UUID> {

    String HEAD = """
            select new brandeon.server.theme.ThemeHead(
                t.id, t.workspaceId, t.channelId, t.version, t.onAir, t.movedFrom, t.updatedAt, t.archivedAt)
            from ThemeRow t
            """;

    @Query(HEAD + "where t.id = :id")
    Optional<ThemeHead> head(UUID id);

    /** Locked until the transaction ends, so that changes of one theme follow each other on all servers. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query(HEAD + "where t.id = :id")
    Optional<ThemeHead> lockedHead(UUID id);

    @Query(HEAD + "where t.workspaceId = :workspace order by t.createdAt")
    List<ThemeHead> headsOf(UUID workspace);

    @Query(HEAD + "where t.channelId = :channel order by t.createdAt")
    List<ThemeHead> headsOn(UUID channel);

    @Query(HEAD + "join ChannelRow c on c.id = t.channelId where c.showId = :show order by t.createdAt")
    List<ThemeHead> headsOfShow(UUID show);

    /** Empty when the theme is not at this version any more. */
    @Query("select t.document from ThemeRow t where t.id = :id and t.version = :version")
    Optional<String> document(UUID id, long version);

    /** @return 0 when the theme is not as it was at this version any more, or is gone; nothing is changed then */
    @Modifying
    @Query("""
            update ThemeRow t set t.document = :document, t.version = t.version + 1, t.updatedAt = :at
            where t.id = :id and t.version = :version""")
    int change(UUID id, long version, String document, Instant at);

    /** The same for the release that is on air. */
    @Modifying
    @Query("""
            update ThemeRow t set t.onAir = :release, t.version = t.version + 1
            where t.id = :id and t.version = :version""")
    int putOnAir(UUID id, long version, int release);

    /** The same for the channel that it is made for. */
    @Modifying
    @Query("""
            update ThemeRow t set t.channelId = :channel, t.version = t.version + 1
            where t.id = :id and t.version = :version""")
    int streamOn(UUID id, long version, UUID channel);

    /** No new version: what it says stays as it is. @param at null to take it out again */
    @Modifying
    @Query("update ThemeRow t set t.archivedAt = :at where t.id = :id")
    void archive(UUID id, Instant at);

    @Modifying
    @Query("delete from ThemeRow t where t.id = :id")
    void remove(UUID id);

    @Modifying
    @Query("delete from ThemeRow t where t.workspaceId = :workspace")
    void removeAllOf(UUID workspace);
}
