package brandeon.server.access;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RecoveryCodeRows extends JpaRepository<RecoveryCodeRow, RecoveryCodeRow.Key> {

    @Query("select count(c) from RecoveryCodeRow c where c.key.accountId = :account and c.usedAt is null")
    int left(UUID account);

    /** 0 when there is no such code, or it was used. */
    @Modifying
    @Query("update RecoveryCodeRow c set c.usedAt = :now where c.key = :key and c.usedAt is null")
    int use(RecoveryCodeRow.Key key, Instant now);

    @Modifying
    @Query("delete from RecoveryCodeRow c where c.key.accountId = :account")
    void removeAll(UUID account);
}
