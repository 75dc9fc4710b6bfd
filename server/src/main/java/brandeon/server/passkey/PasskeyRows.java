package brandeon.server.passkey;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PasskeyRows extends JpaRepository<PasskeyRow, byte[]> {

    List<PasskeyRow> findByAccountIdOrderByCreatedAt(UUID account);

    @Modifying
    @Query("delete from PasskeyRow p where p.accountId = :account and p.id = :id")
    int remove(UUID account, byte[] id);

    @Modifying
    @Query("delete from PasskeyRow p where p.accountId = :account")
    void removeAllOf(UUID account);
}
