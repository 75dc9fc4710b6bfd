package brandeon.server.shelf;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface VisitRows extends JpaRepository<VisitRow, VisitRow.Key> {

    @Modifying
    @Query("delete from VisitRow v where v.key.accountId = :account")
    void removeAllOf(UUID account);
}
