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
}
