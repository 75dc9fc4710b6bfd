package brandeon.server.session;

import brandeon.server.access.MembershipChanged;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.ObjectInputStream;
import java.io.ObjectOutputStream;
import java.io.Serializable;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Sessions in the database. What this server knows of one it does not read again, and that one was used is written once
 * a minute, so that a request costs no statement for its session.
 */
@Component
class KeptSessions implements SessionRepository<KeptSession> {

    private static final Logger LOG = LoggerFactory.getLogger(KeptSessions.class);

    /** How exactly it is known when a session was last used. */
    private static final Duration EXACT = Duration.ofMinutes(1);

    /** What one takes in memory, in bytes, roughly. */
    private static final int EACH = 1000;

    private final SessionRows rows;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final Known<String, KeptSession.State> known = new Known<>(_ -> EACH);

    KeptSessions(SessionRows rows, TransactionTemplate transactions, ApplicationEventPublisher events, Wakes wakes) {
        this.rows = rows;
        this.events = events;
        this.transactions = transactions;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                // Somebody's session may have ended; the others are read again.
                case MEMBER, ANYTHING -> forget();
                case THEME, SHOW, CHANNEL, FACTS, OUTLET, PLATFORM, PASS -> {}
            }
        });
    }

    @Override
    public KeptSession createSession() {
        return KeptSession.fresh(Instant.now());
    }

    @Override
    public KeptSession findById(String secret) {
        String key = KeptSession.key(secret);
        Optional<KeptSession.State> found = find(key);
        if (found.filter(KeptSessions::ended).isPresent()) {
            // Another server may have seen it later.
            known.forget(key);
            found = find(key);
        }
        return found.filter(state -> !ended(state))
                .map(state -> KeptSession.of(secret, state))
                .orElse(null);
    }

    private Optional<KeptSession.State> find(String key) {
        return known.find(key, wanted -> rows.findByKey(wanted).map(KeptSessions::read));
    }

    private static boolean ended(KeptSession.State state) {
        return !state.until().isAfter(Instant.now());
    }

    @Override
    public void save(KeptSession session) {
        KeptSession.State now = session.state();
        String key = KeptSession.key(session.getId());
        if (session.stored().map(before -> same(before, now)).orElse(false) && key.equals(session.storedKey())) {
            return;
        }
        Boolean kept = transactions.execute(_ -> write(session, key, now));
        // Not kept but read by the next request: it may have ended since.
        known.forget(session.storedKey());
        known.forget(key);
        if (Boolean.TRUE.equals(kept)) {
            session.isStored(now);
        }
    }

    /** False where it ended meanwhile: what has ended is not begun again by a request that was on its way. */
    private boolean write(KeptSession session, String key, KeptSession.State state) {
        SessionRow row;
        if (session.stored().isPresent()) {
            Optional<SessionRow> present = rows.findById(state.id());
            if (present.isEmpty()) {
                return false;
            }
            row = present.get();
        } else {
            row = new SessionRow(state.id());
        }
        row.key = key;
        row.accountId = state.who().map(KeptSession.Who::account).orElse(null);
        row.device = state.who().map(KeptSession.Who::device).orElse("");
        row.standing = state.who().map(KeptSession.Who::standing).orElse(false);
        row.since = state.since();
        row.last = state.last();
        row.until = state.until();
        row.content = written(state.others());
        rows.save(row);
        return true;
    }

    private static boolean same(KeptSession.State one, KeptSession.State other) {
        return one.who().equals(other.who())
                && one.others().equals(other.others())
                && Duration.between(one.last(), other.last()).compareTo(EXACT) < 0;
    }

    @Override
    public void deleteById(String secret) {
        String key = KeptSession.key(secret);
        Optional<UUID> account = find(key).flatMap(KeptSession.State::who).map(KeptSession.Who::account);
        transactions.executeWithoutResult(_ -> {
            rows.removeByKey(key);
            account.map(MembershipChanged::new).ifPresent(events::publishEvent);
        });
        known.forget(key);
    }

    /** Those of an account that still last, the latest used first. */
    List<SessionRow> of(UUID account) {
        return rows.of(account, Instant.now());
    }

    /** Ends one of an account; false when there is none. Pages that are open with it close at once. */
    boolean end(UUID account, UUID id) {
        return Boolean.TRUE.equals(transactions.execute(_ -> told(account, rows.remove(id, account))));
    }

    /** Ends all of an account but one. @param but its secret; empty for all */
    void endOthers(UUID account, String but) {
        transactions.executeWithoutResult(_ -> told(account, rows.removeOthers(account, KeptSession.key(but))));
    }

    private boolean told(UUID account, int ended) {
        if (ended > 0) {
            events.publishEvent(new MembershipChanged(account));
        }
        return ended > 0;
    }

    private static KeptSession.State read(SessionRow row) {
        return new KeptSession.State(
                row.id,
                Optional.ofNullable(row.accountId)
                        .map(account -> new KeptSession.Who(account, row.device, row.standing)),
                row.since,
                row.last,
                others(row.content));
    }

    private static byte[] written(Map<String, Serializable> others) {
        if (others.isEmpty()) {
            return new byte[0];
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ObjectOutputStream out = new ObjectOutputStream(bytes)) {
            out.writeObject(new HashMap<>(others));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** What a version before this one wrote and this one cannot read is left out: somebody begins their way in anew. */
    @SuppressWarnings("unchecked")
    private static Map<String, Serializable> others(byte[] content) {
        if (content.length == 0) {
            return Map.of();
        }
        try (ObjectInputStream in = new ObjectInputStream(new ByteArrayInputStream(content))) {
            return Map.copyOf((Map<String, Serializable>) in.readObject());
        } catch (IOException | ClassNotFoundException e) {
            LOG.info("What a session remembers was written by another version: {}", e.toString());
            return Map.of();
        }
    }

    /** Reads all again when they are asked for. */
    void forget() {
        known.forgetAll();
    }

    /** Several servers may do so. */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT1H")
    void sweep() {
        transactions.executeWithoutResult(_ -> rows.removeEnded(Instant.now()));
    }
}
