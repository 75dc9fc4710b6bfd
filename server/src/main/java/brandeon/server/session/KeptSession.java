package brandeon.server.session;

import brandeon.server.access.Fingerprint;
import brandeon.server.access.SignedIn;
import java.io.Serializable;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.Session;

/**
 * One session as a request sees it. Who is signed in is kept as the account's id alone, so that a session outlives a
 * change of our classes.
 */
final class KeptSession implements Session {

    private static final String CONTEXT = HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY;

    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int BYTES = 32;

    /** Unused for so long, it ends. */
    private static final Duration IDLE = Duration.ofHours(12);

    private static final Duration NOBODYS_IDLE = Duration.ofMinutes(10);

    /** Who is signed in. */
    record Who(UUID account, String device, boolean standing) {}

    /** What is kept of a session. @param others attributes besides who it is */
    record State(UUID id, Optional<Who> who, Instant since, Instant last, Map<String, Serializable> others) {

        Duration idle() {
            return who.map(one -> one.standing() ? SignedIn.STANDING : IDLE).orElse(NOBODYS_IDLE);
        }

        Instant until() {
            return last.plus(idle());
        }
    }

    private final UUID row;
    private final Map<String, Object> attributes = new HashMap<>();
    private final Instant since;
    private String secret;
    private Instant last;

    /** As it is stored; empty while it never was. */
    private Optional<State> stored;

    /** Under which it is stored. */
    private String storedKey;

    private KeptSession(UUID row, String secret, Instant since) {
        this.row = row;
        this.secret = secret;
        this.since = since;
        this.last = since;
        this.stored = Optional.empty();
        this.storedKey = "";
    }

    static KeptSession fresh(Instant now) {
        return new KeptSession(UUID.randomUUID(), secret(), now);
    }

    static KeptSession of(String secret, State state) {
        KeptSession session = new KeptSession(state.id(), secret, state.since());
        session.last = state.last();
        session.stored = Optional.of(state);
        session.storedKey = key(secret);
        session.attributes.putAll(state.others());
        state.who()
                .map(who -> new SignedIn(who.account(), who.device(), who.standing()))
                .ifPresent(signedIn -> session.attributes.put(CONTEXT, new SecurityContextImpl(signedIn)));
        return session;
    }

    /** Under which the session with this secret is stored. */
    static String key(String secret) {
        return Fingerprint.of(secret);
    }

    private static String secret() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    Optional<State> stored() {
        return stored;
    }

    String storedKey() {
        return storedKey;
    }

    void isStored(State state) {
        stored = Optional.of(state);
        storedKey = key(secret);
    }

    State state() {
        Map<String, Serializable> others = new HashMap<>();
        attributes.forEach((name, value) -> {
            if (!name.equals(CONTEXT) && value instanceof Serializable kept) {
                others.put(name, kept);
            }
        });
        return new State(row, who(), since, last, Map.copyOf(others));
    }

    private Optional<Who> who() {
        return attributes.get(CONTEXT) instanceof SecurityContext context
                        && context.getAuthentication() instanceof SignedIn signedIn
                ? Optional.of(new Who(signedIn.account(), signedIn.device(), signedIn.standing()))
                : Optional.empty();
    }

    @Override
    public String getId() {
        return secret;
    }

    @Override
    public String changeSessionId() {
        secret = secret();
        return secret;
    }

    @Override
    @SuppressWarnings("unchecked")
    public <T> T getAttribute(String name) {
        return (T) attributes.get(name);
    }

    @Override
    public Set<String> getAttributeNames() {
        return Set.copyOf(attributes.keySet());
    }

    @Override
    public void setAttribute(String name, Object value) {
        if (value == null) {
            attributes.remove(name);
        } else {
            attributes.put(name, value);
        }
    }

    @Override
    public void removeAttribute(String name) {
        attributes.remove(name);
    }

    @Override
    public Instant getCreationTime() {
        return since;
    }

    @Override
    public void setLastAccessedTime(Instant time) {
        last = time;
    }

    @Override
    public Instant getLastAccessedTime() {
        return last;
    }

    @Override
    public void setMaxInactiveInterval(Duration interval) {
        // Follows from who is signed in.
    }

    @Override
    public Duration getMaxInactiveInterval() {
        return state().idle();
    }

    @Override
    public boolean isExpired() {
        return state().until().isBefore(Instant.now());
    }
}
