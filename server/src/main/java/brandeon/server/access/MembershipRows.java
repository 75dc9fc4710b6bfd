package brandeon.server.access;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MembershipRows extends JpaRepository<MembershipRow, MembershipRow.Key> {

    @Query("""
            select new brandeon.server.access.Member(a.id, a.name, a.email, m.key.workspaceId, m.role)
            from AccountRow a join MembershipRow m on m.key.accountId = a.id
            where a.id = :account and (m.until is null or m.until > instant)""")
    List<Member> members(UUID account);

    @Query("""
            select new brandeon.server.access.Members$Belonging(w.id, w.name, w.demo, m.role, m.until)
            from WorkspaceRow w join MembershipRow m on m.key.workspaceId = w.id
            where m.key.accountId = :account and (m.until is null or m.until > instant) order by w.name, w.id""")
    List<Members.Belonging> belongings(UUID account);

    @Query("""
            select new brandeon.server.access.Workspaces$WorkspaceMember(a.id, a.name, a.email, m.role, m.until)
            from AccountRow a join MembershipRow m on m.key.accountId = a.id
            where m.key.workspaceId = :workspace and (m.until is null or m.until > instant)
            order by a.name, a.id""")
    List<Workspaces.WorkspaceMember> people(UUID workspace);

    @Query("select a.name from AccountRow a where a.id = :account")
    String nameOf(UUID account);

    @Query("select count(a) > 0 from AccountRow a where a.id = :account and a.demo")
    boolean isDemo(UUID account);

    @Query("select m.key.accountId from MembershipRow m where m.key.workspaceId = :workspace")
    List<UUID> accountsOf(UUID workspace);

    @Query("""
            select count(m) from MembershipRow m
            where m.key.workspaceId = :workspace and m.role = OWNER and m.until is null""")
    long lastingOwners(UUID workspace);

    /** Of every workspace but the demo those who own it for good, the first ones first. */
    @Query("""
            select new brandeon.server.access.Member(a.id, a.name, a.email, m.key.workspaceId, m.role)
            from AccountRow a join MembershipRow m on m.key.accountId = a.id
                join WorkspaceRow w on w.id = m.key.workspaceId
            where m.role = OWNER and m.until is null and not w.demo order by w.id, a.id""")
    List<Member> lastingOwners();

    @Query("select m from MembershipRow m where m.until <= :now")
    List<MembershipRow> ended(java.time.Instant now);

    /** @return 0 when another server was quicker */
    @Modifying
    @Query("delete from MembershipRow m where m.key = :key and m.until <= :now")
    int end(MembershipRow.Key key, java.time.Instant now);
}
