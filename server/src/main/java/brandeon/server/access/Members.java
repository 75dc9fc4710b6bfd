package brandeon.server.access;

import brandeon.server.problem.NotAllowed;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.NotSignedIn;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
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
    private final Here here;

    Members(
            AccountRows accounts,
            WorkspaceRows workspaces,
            MembershipRows memberships,
            EntityManager entities,
            PasswordEncoder passwords,
            ApplicationEventPublisher events,
            Here here) {
        this.accounts = accounts;
        this.workspaces = workspaces;
        this.memberships = memberships;
        this.entities = entities;
        this.passwords = passwords;
        this.events = events;
        this.here = here;
    }

    /** A workspace that somebody belongs to. @param until when that ends; empty for never */
    public record Belonging(UUID id, String name, boolean demo, Role role, Optional<Instant> until) {
        Belonging(UUID id, String name, boolean demo, Role role, Instant until) {
            this(id, name, demo, role, Optional.ofNullable(until));
        }
    }

    /**
     * The person behind the current request, in the workspace of what its address names, else in the one that the page
     * says, else in the one where they may do most.
     *
     * @throws NotSignedIn for anonymous requests
     * @throws NotAllowed  when they do not belong to where the page says it is, or to no workspace at all
     */
    public Member current() {
        List<Member> all = memberships.members(account());
        if (all.isEmpty()) {
            throw new NotAllowed("You belong to no workspace. Make one, or ask somebody for an invitation.");
        }
        Optional<UUID> said = here.said();
        if (all.size() == 1
                && said.orElse(all.getFirst().workspace()).equals(all.getFirst().workspace())) {
            return all.getFirst();
        }
        Optional<Member> named = here.named().flatMap(workspace -> in(all, workspace));
        if (named.isPresent()) {
            return named.get();
        }
        if (said.isPresent()) {
            return in(all, said.get())
                    .orElseThrow(() -> new NotAllowed("You do not belong to this workspace any more."));
        }
        return all.stream()
                .min(Comparator.comparing(Member::role).thenComparing(Member::workspace))
                .orElseThrow();
    }

    /** The person behind the current request, in a workspace that its address names. @throws NotFound when it is not theirs */
    public Member currentIn(UUID workspace) {
        Member member = current();
        if (!member.workspace().equals(workspace)) {
            throw new NotFound("There is no such workspace of yours.");
        }
        return member;
    }

    private static Optional<Member> in(List<Member> all, UUID workspace) {
        return all.stream()
                .filter(member -> member.workspace().equals(workspace))
                .findFirst();
    }

    /** The account behind the current request. @throws NotSignedIn for anonymous requests */
    public UUID account() {
        return SecurityContextHolder.getContext().getAuthentication() instanceof SignedIn signedIn
                ? signedIn.account()
                : notSignedIn();
    }

    private static UUID notSignedIn() {
        throw new NotSignedIn("Please sign in.");
    }

    /** Somebody as a member of the workspace in which a thing is; empty when they do not belong there. */
    public Optional<Member> at(UUID account, String kind, UUID id) {
        return here.workspaceOf(kind, Optional.of(id))
                .flatMap(workspace -> in(memberships.members(account), workspace));
    }

    /** One of the workspaces that an account belongs to. */
    Belonging belonging(UUID account, UUID workspace) {
        return belongings(account).stream()
                .filter(one -> one.id().equals(workspace))
                .findFirst()
                .orElseThrow();
    }

    /** The workspaces that an account belongs to, by name. */
    public List<Belonging> belongings(UUID account) {
        return memberships.belongings(account);
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
        AccountRow row = new AccountRow(UUID.randomUUID(), small(email), name, passwords.encode(password));
        entities.persist(row);
        entities.persist(new MembershipRow(new MembershipRow.Key(workspace, row.id), role));
        return row.id;
    }

    /**
     * From now on this account and workspace are the demo's: nobody changes the account, it is used on this machine
     * only, and the steward belongs to the workspace too.
     */
    @Transactional
    public void markDemo(UUID account, UUID workspace) {
        accounts.findById(account).orElseThrow().demo = true;
        workspaces.findById(workspace).orElseThrow().demo = true;
        accounts.findBySteward(true)
                .ifPresent(steward ->
                        entities.persist(new MembershipRow(new MembershipRow.Key(workspace, steward.id), Role.OWNER)));
    }

    @Transactional
    public void removeAccount(String email) {
        accounts.removeByEmail(small(email));
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
