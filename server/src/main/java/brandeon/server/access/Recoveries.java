package brandeon.server.access;

import brandeon.core.account.Passwords;
import brandeon.core.account.RecoveryCode;
import brandeon.core.problem.Mistake;
import brandeon.server.problem.NotAllowed;
import brandeon.server.problem.NotFound;
import jakarta.persistence.EntityManager;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Ways in for people who lost their password: codes on paper, and links that the steward issues. No mail is needed. */
@Service
public class Recoveries {

    private static final int CODES = 10;
    private static final Duration LINK = Duration.ofHours(24);

    /** A link that the steward issued for an account. */
    public record IssuedRecovery(String by, Instant madeAt, Instant until, Optional<Instant> usedAt) {}

    /** @param left codes that can still be used @param links the latest first */
    public record RecoveryState(int left, List<IssuedRecovery> links) {}

    private final AccountRows accounts;
    private final RecoveryCodeRows codes;
    private final RecoveryLinkRows links;
    private final Members members;
    private final Keys keys;
    private final Addresses addresses;
    private final EntityManager entities;
    private final PasswordEncoder passwords;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final SecureRandom random = new SecureRandom();

    Recoveries(
            AccountRows accounts,
            RecoveryCodeRows codes,
            RecoveryLinkRows links,
            Members members,
            Keys keys,
            Addresses addresses,
            EntityManager entities,
            PasswordEncoder passwords,
            TransactionTemplate transactions,
            ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.codes = codes;
        this.links = links;
        this.members = members;
        this.keys = keys;
        this.addresses = addresses;
        this.entities = entities;
        this.passwords = passwords;
        this.transactions = transactions;
        this.events = events;
    }

    public RecoveryState of(UUID account) {
        List<RecoveryLinkRow> issued = links.findByAccountIdOrderByMadeAtDesc(account);
        Map<UUID, String> names = members.names(
                issued.stream().map(row -> row.madeBy).filter(Objects::nonNull).toList());
        return new RecoveryState(
                codes.left(account),
                issued.stream()
                        .map(row -> new IssuedRecovery(
                                row.madeBy == null ? "Somebody" : names.get(row.madeBy),
                                row.madeAt,
                                row.until,
                                Optional.ofNullable(row.usedAt)))
                        .toList());
    }

    /** Fresh codes; those from before do not work any more. They are not shown again. */
    @Transactional
    public List<String> codes(UUID account) {
        codes.removeAll(account);
        List<String> fresh = new ArrayList<>();
        for (int i = 0; i < CODES; i++) {
            String code = RecoveryCode.fresh(random);
            fresh.add(code);
            entities.persist(new RecoveryCodeRow(new RecoveryCodeRow.Key(account, hash(code))));
        }
        return fresh;
    }

    /**
     * Sets another password by a code. Which of address and code was wrong is not told, and takes the same time.
     *
     * @return the account
     * @throws NotAllowed when they do not belong together
     * @throws Mistake    when the password will not do
     */
    public UUID byCode(String email, String code, String password) {
        String address = email.strip().toLowerCase(Locale.ROOT);
        Passwords.require(password, List.of(address));
        String encoded = passwords.encode(password);
        UUID nobody = new UUID(0, 0);
        AccountRow row =
                accounts.findByEmail(address).filter(found -> !found.demo).orElse(null);
        UUID account = row == null ? nobody : row.id;
        return Optional.ofNullable(transactions.execute(_ -> {
                    if (codes.use(new RecoveryCodeRow.Key(account, hash(code)), Instant.now()) == 0) {
                        return null;
                    }
                    changed(account, encoded);
                    return account;
                }))
                .orElseThrow(() -> new NotAllowed(
                        "Address and code do not belong together, or the code was used. Check both and try again."));
    }

    /**
     * A link for somebody else, by the steward.
     *
     * @throws NotAllowed for all but the steward, and for the demo's account
     */
    @Transactional
    public String issue(UUID steward, UUID account) {
        if (!accounts.findById(steward).orElseThrow().steward) {
            throw new NotAllowed("Only the steward of this installation issues recovery links.");
        }
        AccountRow row = accounts.findById(account)
                .filter(found -> !found.gone)
                .orElseThrow(() -> new NotFound("There is no such account."));
        if (row.demo) {
            throw new NotAllowed("The demo's account cannot be changed.");
        }
        Instant now = Instant.now();
        links.end(account, now);
        RecoveryLinkRow link = new RecoveryLinkRow(UUID.randomUUID(), account, steward, now.plus(LINK));
        entities.persist(link);
        return addresses.base() + "/recover/" + keys.token(Keys.Use.RECOVERY, link.id, 0);
    }

    /** Whose link it is. @throws NotFound when it does not work, or not any more */
    public String nameBehind(String token) {
        return accounts.findById(open(token).accountId).orElseThrow().name;
    }

    /**
     * Sets another password by a link.
     *
     * @return the account
     */
    public UUID byLink(String token, String password) {
        RecoveryLinkRow link = open(token);
        AccountRow row = accounts.findById(link.accountId).orElseThrow();
        Passwords.require(password, List.of(row.name, row.email));
        String encoded = passwords.encode(password);
        transactions.executeWithoutResult(_ -> {
            if (links.use(link.id, Instant.now()) == 0) {
                throw gone();
            }
            changed(row.id, encoded);
        });
        return row.id;
    }

    private void changed(UUID account, String encoded) {
        accounts.findById(account).orElseThrow().passwordHash = encoded;
        events.publishEvent(new PasswordChanged(account));
    }

    @EventListener
    void deleted(AccountDeleted change) {
        codes.removeAll(change.account());
        links.end(change.account(), Instant.now());
    }

    private RecoveryLinkRow open(String token) {
        return keys.provedId(token, Keys.Use.RECOVERY, 0)
                .flatMap(id -> links.open(id, Instant.now()))
                .orElseThrow(Recoveries::gone);
    }

    private static NotFound gone() {
        return new NotFound("This link does not work any more: it was used, replaced, or is older than a day. Ask the"
                + " steward for another one.");
    }

    private static String hash(String code) {
        return Fingerprint.of(RecoveryCode.plain(code));
    }
}
