package brandeon.server.access;

import brandeon.server.problem.NotSignedIn;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, workspaces and who belongs where. */
@Service
public class Members {

    private final JdbcClient db;
    private final PasswordEncoder passwords;

    private final ApplicationEventPublisher events;

    Members(JdbcClient db, PasswordEncoder passwords, ApplicationEventPublisher events) {
        this.events = events;
        this.db = db;
        this.passwords = passwords;
    }

    /** The person behind the current request. */
    public Member current() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return of(authentication).orElseThrow(() -> new NotSignedIn("Please sign in."));
    }

    /** The person that an authentication stands for; empty for anonymous requests. */
    public Optional<Member> of(java.security.Principal authentication) {
        return authentication instanceof SignedIn signedIn ? byAccount(signedIn.account()) : Optional.empty();
    }

    /** Somebody in several workspaces works in the one where they may do most. */
    public Optional<Member> byAccount(UUID account) {
        return db.sql("""
                select a.id, a.name, a.email, m.workspace_id, m.role from account a
                join membership m on m.account_id = a.id where a.id = :id
                order by array_position(array['OWNER', 'DESIGNER', 'OPERATOR', 'VIEWER'], m.role), m.workspace_id limit 1""")
                .param("id", account)
                .query((row, _) -> new Member(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getString(3),
                        row.getObject(4, UUID.class),
                        Role.valueOf(row.getString(5))))
                .optional();
    }

    /** The account with this address and password; empty otherwise. Takes the same time in both cases. */
    Optional<UUID> check(String email, String password) {
        record Known(UUID id, String hash) {}
        Optional<Known> known = db.sql("select id, password_hash from account where email = lower(:email)")
                .param("email", email.strip())
                .query((row, _) -> new Known(row.getObject(1, UUID.class), row.getString(2)))
                .optional();
        boolean matches = passwords.matches(password, known.map(Known::hash).orElse(DUMMY));
        return known.filter(_ -> matches).map(Known::id);
    }

    /** A bcrypt hash of nothing anybody knows, compared against when the account does not exist. */
    private static final String DUMMY = "{bcrypt}$2a$10$7EqJtq98hPqEX7fNZaFWoOa5g5i8dXcZ2kZyZPqvcY9ZVd3R4nH8K";

    @Transactional
    public UUID addWorkspace(String name) {
        UUID id = UUID.randomUUID();
        db.sql("insert into workspace (id, name) values (:id, :name)")
                .param("id", id)
                .param("name", name)
                .update();
        return id;
    }

    @Transactional
    public UUID addMember(UUID workspace, String email, String name, String password, Role role) {
        UUID id = UUID.randomUUID();
        db.sql("insert into account (id, email, name, password_hash) values (:id, lower(:email), :name, :hash)")
                .param("id", id)
                .param("email", email)
                .param("name", name)
                .param("hash", passwords.encode(password))
                .update();
        db.sql("insert into membership (workspace_id, account_id, role) values (:w, :a, :r)")
                .param("w", workspace)
                .param("a", id)
                .param("r", role.name())
                .update();
        return id;
    }

    /** Takes somebody out of a workspace; what they have open there closes at once. */
    @Transactional
    public void remove(UUID workspace, UUID account) {
        db.sql("delete from membership where workspace_id = :w and account_id = :a")
                .param("w", workspace)
                .param("a", account)
                .update();
        events.publishEvent(new MembershipChanged(account));
    }

    public List<UUID> workspacesOf(String email) {
        return db.sql(
                        "select m.workspace_id from membership m join account a on a.id = m.account_id where a.email = lower(:email)")
                .param("email", email)
                .query(UUID.class)
                .list();
    }

    public boolean anybody() {
        return db.sql("select exists(select 1 from account)")
                .query(Boolean.class)
                .single();
    }
}
