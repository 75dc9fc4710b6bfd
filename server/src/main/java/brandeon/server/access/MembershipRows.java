package brandeon.server.access;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MembershipRows extends JpaRepository<MembershipRow, MembershipRow.Key> {

    @Query("""
            select new brandeon.server.access.Member(a.id, a.name, a.email, m.key.workspaceId, m.role)
            from AccountRow a join MembershipRow m on m.key.accountId = a.id where a.id = :account""")
    List<Member> members(UUID account);

    @Query("""
            select m.key.workspaceId from MembershipRow m join AccountRow a on a.id = m.key.accountId
            where a.email = :email""")
    List<UUID> workspacesOf(String email);

    @Modifying
    @Query("delete from MembershipRow m where m.key = :key")
    void remove(MembershipRow.Key key);
}
