package brandeon.server.bot;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BotTrialRows extends JpaRepository<BotTrialRow, UUID> {

    /** Locked until the transaction ends, so that a bot does one thing after the other on all servers. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select t from BotTrialRow t where t.themeId = :theme")
    Optional<BotTrialRow> locked(UUID theme);

    @Query("select t.themeId from BotTrialRow t where t.channelId = :channel")
    List<UUID> on(UUID channel);

    @Modifying
    @Query("delete from BotTrialRow t where t.until <= :now")
    void leave(long now);

    /** Where it is over, or in the chat of another channel. */
    @Modifying
    @Query("delete from BotTrialRow t where t.themeId = :theme and (t.until <= :now or t.channelId <> :channel)")
    void leave(UUID theme, UUID channel, long now);

    /** Two people may let it in at once; one that is there stays longer, and remembers what it did. */
    @Modifying
    @Query("""
            insert into BotTrialRow (themeId, channelId, mind, scene, until)
            values (:theme, :channel, :mind, '', :until)
            on conflict (themeId) do update set until = excluded.until""")
    void join(UUID theme, UUID channel, String mind, long until);
}
