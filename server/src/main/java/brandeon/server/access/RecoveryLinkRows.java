package brandeon.server.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RecoveryLinkRows extends JpaRepository<RecoveryLinkRow, UUID> {

    @Query("select r from RecoveryLinkRow r where r.id = :id and r.usedAt is null and r.until > :now")
    Optional<RecoveryLinkRow> open(UUID id, Instant now);

    /** 0 when it was used meanwhile. */
    @Modifying
    @Query("update RecoveryLinkRow r set r.usedAt = :now where r.id = :id and r.usedAt is null and r.until > :now")
    int use(UUID id, Instant now);

    /** Earlier ones of an account stop to work. */
    @Modifying
    @Query(
            "update RecoveryLinkRow r set r.until = :now where r.accountId = :account and r.usedAt is null and r.until > :now")
    void end(UUID account, Instant now);

    List<RecoveryLinkRow> findByAccountIdOrderByMadeAtDesc(UUID account);
}
