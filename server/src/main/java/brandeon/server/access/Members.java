package brandeon.server.access;

import brandeon.server.problem.NotSignedIn;
import jakarta.persistence.EntityManager;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, workspaces and who belongs where. */
@Service
public class Members {

    /** A bcrypt hash of nothing anybody knows, compared against when the account does not exist. */
    private static final String DUMMY = "{bcrypt}$2a$10$7EqJtq98hPqEX7fNZaFWoOa5g5i8dXcZ2kZyZPqvcY9ZVd3R4nH8K";

    private final AccountRows accounts;
    private final WorkspaceRows workspaces;
    private final MembershipRows memberships;
    private final EntityManager entities;
    private final PasswordEncoder passwords;
    private final ApplicationEventPublisher events;

    Members(
            AccountRows accounts,
            WorkspaceRows workspaces,
            MembershipRows memberships,
            EntityManager entities,
            PasswordEncoder passwords,
            ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.workspaces = workspaces;
        this.memberships = memberships;
        this.entities = entities;
        this.passwords = passwords;
        this.events = events;
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
        return memberships.members(account).stream()
                .min(Comparator.comparing(Member::role).thenComparing(Member::workspace));
    }

    /** The account with this address and password; empty otherwise. Takes the same time in both cases. */
    Optional<UUID> check(String email, String password) {
        Optional<AccountRow> known = accounts.findByEmail(small(email.strip()));
        boolean matches = passwords.matches(
                password, known.map(account -> account.passwordHash).orElse(DUMMY));
        return known.filter(_ -> matches).map(account -> account.id);
    }

    @Transactional
    public UUID addWorkspace(String name) {
        WorkspaceRow row = new WorkspaceRow(UUID.randomUUID(), name);
        entities.persist(row);
        return row.id;
    }

    @Transactional
    public UUID addMember(UUID workspace, String email, String name, String password, Role role) {
        return add(workspace, new AccountRow(UUID.randomUUID(), small(email), name, passwords.encode(password)), role);
    }

    /** A new account, as a member of a workspace. */
    @Transactional
    UUID add(UUID workspace, AccountRow row, Role role) {
        entities.persist(row);
        entities.persist(new MembershipRow(new MembershipRow.Key(workspace, row.id), role));
        return row.id;
    }

    /** From now on this account is the demo's: nobody changes it, and it is used on this machine only. */
    @Transactional
    public void markDemo(UUID account) {
        accounts.findById(account).orElseThrow().demo = true;
    }

    /** Takes somebody out of a workspace; what they have open there closes at once. */
    @Transactional
    public void remove(UUID workspace, UUID account) {
        memberships.remove(new MembershipRow.Key(workspace, account));
        events.publishEvent(new MembershipChanged(account));
    }

    /** Removes a workspace with everything of it; its themes must be gone, since they name their authors. */
    @Transactional
    public void removeWorkspace(UUID workspace) {
        workspaces.remove(workspace);
    }

    @Transactional
    public void removeAccount(String email) {
        accounts.removeByEmail(small(email));
    }

    public List<UUID> workspacesOf(String email) {
        return memberships.workspacesOf(small(email));
    }

    /** Names of accounts; of one that is gone “Somebody”. */
    public Map<UUID, String> names(Collection<UUID> ids) {
        Map<UUID, String> names = new HashMap<>();
        ids.forEach(id -> names.put(id, "Somebody"));
        accounts.findByIdIn(names.keySet()).forEach(account -> names.put(account.id, account.name));
        return names;
    }

    public boolean anybody() {
        return accounts.count() > 0;
    }

    private static String small(String email) {
        return email.toLowerCase(Locale.ROOT);
    }
}
