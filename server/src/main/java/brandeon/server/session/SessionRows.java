package brandeon.server.session;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SessionRows extends JpaRepository<SessionRow, UUID> {

    Optional<SessionRow> findByKey(String key);

    @Query("select s from SessionRow s where s.accountId = :account and s.until > :now order by s.last desc")
    List<SessionRow> of(UUID account, Instant now);

    @Modifying
    @Query("delete from SessionRow s where s.key = :key")
    int removeByKey(String key);

    @Modifying
    @Query("delete from SessionRow s where s.id = :id and s.accountId = :account")
    int remove(UUID id, UUID account);

    @Modifying
    @Query("delete from SessionRow s where s.accountId = :account and s.key <> :but")
    int removeOthers(UUID account, String but);

    @Modifying
    @Query("delete from SessionRow s where s.until < :now")
    int removeEnded(Instant now);
}
