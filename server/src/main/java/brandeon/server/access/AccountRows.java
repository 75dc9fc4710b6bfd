package brandeon.server.access;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountRows extends JpaRepository<AccountRow, UUID> {

    Optional<AccountRow> findByEmail(String email);

    Optional<AccountRow> findBySteward(boolean steward);

    boolean existsBySteward(boolean steward);

    List<AccountRow> findByIdIn(Collection<UUID> ids);

    @Query("select a from AccountRow a where not a.gone order by a.name, a.id")
    List<AccountRow> present();

    @Modifying
    @Query("delete from AccountRow a where a.email = :email")
    void removeByEmail(String email);
}
