package brandeon.server.access;

import brandeon.core.account.Passwords;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.door.RateLimits;
import brandeon.server.problem.NotAllowed;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import java.net.InetAddress;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** People's own accounts: who may make one, and what they may change of it. */
@Service
public class Accounts {

    /** What somebody who is not signed in may do here. @param first whether an account would be the steward's */
    public record WayIn(boolean signUp, boolean first) {}

    /** An account as its installation's steward sees it. */
    public record ListedAccount(
            UUID account, String name, String email, boolean steward, boolean demo, Instant since) {}

    private static final int LONGEST_NAME = 80;
    /** RFC 5321, section 4.5.3.1.3. */
    private static final int LONGEST_ADDRESS = 254;
    /** One sign that separates, something on both sides; what it really is only mail could tell. */
    private static final Pattern ADDRESS = Pattern.compile("[^\\s@]+@[^\\s@]+");

    private final AccountRows rows;
    private final InstallationRows installations;
    private final Workspaces workspaces;
    private final Invitations invitations;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final RateLimits limits;
    private final boolean thisMachineAlone;

    Accounts(
            AccountRows rows,
            InstallationRows installations,
            Workspaces workspaces,
            Invitations invitations,
            PasswordEncoder passwords,
            TransactionTemplate transactions,
            ApplicationEventPublisher events,
            RateLimits limits,
            @Value("${server.address}") InetAddress listening) {
        this.rows = rows;
        this.installations = installations;
        this.workspaces = workspaces;
        this.invitations = invitations;
        this.passwords = passwords;
        this.transactions = transactions;
        this.events = events;
        this.limits = limits;
        thisMachineAlone = listening.isLoopbackAddress();
    }

    public WayIn welcome() {
        boolean first = !rows.existsBySteward(true);
        return new WayIn(first || installation().signUp, first);
    }

    /**
     * Makes an account. The first one is the steward's, who belongs to the demo too. Whoever comes by an invitation
     * belongs to that workspace; everybody else has one of their own.
     *
     * @param invitation empty for none
     * @throws NotAllowed when nobody may make one by themselves
     * @throws Refused    when there is one with this address
     */
    public UUID make(String name, String email, String password, String invitation) {
        String called = name(name);
        String address = address(email);
        Passwords.require(password, List.of(called, address));
        if (invitation.isEmpty()) {
            requireOpen();
        } else {
            invitations.offer(invitation);
        }
        // Takes its time, as comparing does, and so stands outside of the transaction.
        String hash = passwords.encode(password);
        try {
            return transactions.execute(_ -> made(called, address, hash, invitation));
        } catch (DataIntegrityViolationException e) {
            throw new Refused(
                    rows.findByEmail(address).isPresent()
                            ? "There is an account with this address. Sign in with it."
                            : "Somebody else made an account at the same moment. Try again.");
        }
    }

    /**
     * Lets an account in that proved itself.
     *
     * @throws NotAllowed for the demo's, whose password everybody knows, where others can reach this installation
     */
    void admit(UUID account) {
        if (!thisMachineAlone && rows.findById(account).map(row -> row.demo).orElse(false)) {
            throw new NotAllowed("The demo's account is for trying things on one machine, and this installation can be"
                    + " reached from others. Make an account of your own.");
        }
    }

    private UUID made(String name, String address, String hash, String invitation) {
        AccountRow row = new AccountRow(UUID.randomUUID(), address, name, hash);
        // Asked again: somebody else may have become the steward meanwhile.
        row.steward = (invitation.isEmpty() ? requireOpen() : welcome()).first();
        rows.saveAndFlush(row);
        if (invitation.isEmpty()) {
            workspaces.make(row.id, name);
        } else {
            invitations.accept(invitation, row.id);
        }
        if (row.steward) {
            workspaces.joinDemo(row.id);
        }
        return row.id;
    }

    private WayIn requireOpen() {
        WayIn open = welcome();
        if (!open.signUp()) {
            throw new NotAllowed("Accounts are made by invitation here. Ask the steward of this installation.");
        }
        return open;
    }

    /** @throws Mistake when it is empty or too long */
    @Transactional
    public void rename(UUID account, String name) {
        own(account).name = name(name);
    }

    /**
     * @throws NotAllowed when the present password is another one
     * @throws Mistake    when the new one will not do
     */
    public void changePassword(UUID account, String present, String next) {
        AccountRow row = confirmed(account, present);
        Passwords.require(next, List.of(row.name, row.email));
        String hash = passwords.encode(next);
        transactions.executeWithoutResult(_ -> {
            own(account).passwordHash = hash;
            events.publishEvent(new PasswordChanged(account));
        });
    }

    /**
     * @throws NotAllowed when the present password is another one
     * @throws Refused    when another account has this address
     */
    public void changeAddress(UUID account, String present, String email) {
        confirmed(account, present);
        String address = address(email);
        try {
            transactions.executeWithoutResult(_ -> own(account).email = address);
        } catch (DataIntegrityViolationException e) {
            throw new Refused("There is another account with this address.");
        }
    }

    /** Whether anybody may make an account by themselves. @throws NotAllowed for all but the steward */
    @Transactional
    public void openSignUp(UUID account, boolean open) {
        requireSteward(account);
        installation().signUp = open;
    }

    /** Whether anybody may make an account by themselves. */
    public boolean signUp() {
        return installation().signUp;
    }

    Optional<AccountRow> find(UUID account) {
        return rows.findById(account).filter(row -> !row.gone);
    }

    /** Who somebody is, for what is kept elsewhere under their name. */
    public record Holder(UUID account, String name, String email) {}

    /** Empty when there is no such account any more. */
    public Optional<Holder> holder(UUID account) {
        return find(account).map(row -> new Holder(row.id, row.name, row.email));
    }

    /** @throws NotAllowed when it is another password, and for the demo's account */
    public void confirm(UUID account, String password) {
        confirmed(account, password);
    }

    /** Every account of the installation, by name. @throws NotAllowed for all but the steward */
    List<ListedAccount> all(UUID steward) {
        requireSteward(steward);
        return rows.present().stream()
                .map(row -> new ListedAccount(row.id, row.name, row.email, row.steward, row.demo, row.createdAt))
                .toList();
    }

    /** @throws NotAllowed for all but the steward */
    public void requireSteward(UUID account) {
        if (!own(account).steward) {
            throw new NotAllowed("Only the steward of this installation does that.");
        }
    }

    /** What becomes of each workspace of an account when it is deleted. */
    public List<Workspaces.WorkspaceFate> fates(UUID account) {
        return workspaces.fates(account);
    }

    /**
     * Deletes an account. Workspaces of which it is the only member go with it; of what it did elsewhere only the name
     * goes.
     *
     * @throws NotAllowed when the present password is another one
     * @throws Refused    while others depend on it
     */
    public void delete(UUID account, String present) {
        AccountRow row = confirmed(account, present);
        if (row.steward && rows.present().stream().anyMatch(other -> !other.demo && !other.id.equals(account))) {
            throw new Refused("You are the steward of this installation. Hand that over to somebody else first.");
        }
        transactions.executeWithoutResult(_ -> {
            workspaces.leaveAll(account);
            AccountRow gone = own(account);
            gone.gone = true;
            gone.steward = false;
            gone.name = "Somebody";
            // RFC 2606, section 2: no address ever ends like this.
            gone.email = account + "@gone.invalid";
            gone.passwordHash = "";
            events.publishEvent(new PasswordChanged(account));
            events.publishEvent(new AccountDeleted(account));
        });
    }

    /** Makes somebody else the steward. @throws NotAllowed when the present password is another one */
    public void handOver(UUID steward, String present, UUID next) {
        requireSteward(steward);
        confirmed(steward, present);
        transactions.executeWithoutResult(_ -> {
            AccountRow heir = rows.findById(next)
                    .filter(row -> !row.gone && !row.demo && !row.id.equals(steward))
                    .orElseThrow(() -> new NotFound("There is no such account."));
            own(steward).steward = false;
            // One at a time: the database lets only one be it.
            rows.flush();
            heir.steward = true;
            workspaces.joinDemo(heir.id);
        });
    }

    /** Each try is counted. */
    private AccountRow confirmed(UUID account, String password) {
        AccountRow row = own(account);
        limits.pass(RateLimits.Door.SIGN_IN_ACCOUNT, account);
        if (!passwords.matches(password, row.passwordHash)) {
            throw new NotAllowed("This is not your current password. Nothing was changed.");
        }
        return row;
    }

    /** The demo's account belongs to nobody, so nobody changes it. */
    private AccountRow own(UUID account) {
        AccountRow row = rows.findById(account).orElseThrow();
        if (row.demo) {
            throw new NotAllowed("The demo's account cannot be changed. Make an account of your own.");
        }
        return row;
    }

    private InstallationRow installation() {
        return installations.findById(InstallationRow.THIS).orElseThrow();
    }

    private static String name(String text) {
        String name = text.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("A name has between 1 and " + LONGEST_NAME + " letters on one line.");
        }
        return name;
    }

    private static String address(String text) {
        String address = text.strip().toLowerCase(Locale.ROOT);
        if (address.length() > LONGEST_ADDRESS
                || !Letters.oneLine(address)
                || !ADDRESS.matcher(address).matches()) {
            throw new Mistake("An address looks like name@place, without spaces.");
        }
        return address;
    }
}
