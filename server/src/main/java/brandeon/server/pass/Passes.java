package brandeon.server.pass;

import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Grant;
import brandeon.core.text.Letters;
import brandeon.server.access.Deed;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.door.RateLimits;
import brandeon.server.problem.Gone;
import brandeon.server.problem.NotFound;
import brandeon.server.show.Actor;
import brandeon.server.show.Door;
import brandeon.server.show.RunningShows;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Who may do some of what a show takes without an account, by a link. */
@Service
public class Passes {

    /**
     * A pass.
     *
     * @param goodTill empty for as long as nobody withdraws it
     * @param usedAt   empty while nobody used it, to the minute
     */
    public record Pass(
            UUID id,
            UUID show,
            String name,
            List<Grant> grants,
            Optional<Instant> goodTill,
            boolean withdrawn,
            Optional<UUID> madeBy,
            Instant madeAt,
            Optional<Instant> usedAt) {

        /** Whether it is good for anything at an instant. */
        public boolean good(Instant now) {
            return !withdrawn && goodTill.filter(till -> !now.isBefore(till)).isEmpty();
        }
    }

    /** What somebody wants a pass to be. */
    public record PassWish(String name, List<Grant> grants, Optional<Instant> goodTill) {}

    private static final int LONGEST_NAME = 60;
    private static final int MOST = 100;
    private static final int MOST_GRANTS = 60;
    /** That it was used is written down again only after this long. */
    private static final Duration A_WHILE = Duration.ofMinutes(1);

    private final PassRows rows;
    private final RunningShows shows;
    private final Keys keys;
    private final RateLimits limits;
    private final EntityManager entities;
    private final Wakes wakes;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final Known<UUID, Pass> known =
            new Known<>(pass -> 600 + 300 * pass.grants().size());
    private final Map<UUID, Instant> used = new ConcurrentHashMap<>();

    Passes(
            PassRows rows,
            RunningShows shows,
            Keys keys,
            RateLimits limits,
            EntityManager entities,
            Wakes wakes,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.shows = shows;
        this.keys = keys;
        this.limits = limits;
        this.entities = entities;
        this.wakes = wakes;
        this.events = events;
        this.transactions = transactions;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case PASS -> known.forget(wake.id());
                case ANYTHING -> known.forgetAll();
                case THEME, SHOW, CHANNEL, FACTS, OUTLET, PLATFORM, MEMBER -> {}
            }
        });
    }

    /**
     * What a link is good for.
     *
     * @throws NotFound where it is no pass
     * @throws Gone     where it was withdrawn, or its time is over
     */
    public Pass at(String token) {
        Pass pass = keys.claimedId(token)
                .flatMap(this::find)
                .filter(found -> keys.proves(token, Keys.Use.PASS, found.id(), 1))
                .orElseThrow(
                        () -> new NotFound("There is no such pass. Ask whoever gave you the link for another one."));
        if (!pass.good(Instant.now())) {
            throw new Gone(
                    pass.withdrawn()
                            ? "This pass was withdrawn. Ask whoever gave it to you for another one."
                            : "The time of this pass is over. Ask whoever gave it to you for another one.");
        }
        return pass;
    }

    /** The same for somebody who wants something done: not too often. The key is looked at before anything else. */
    public Pass enter(String token) {
        return enter(token, RateLimits.Door.CUE);
    }

    /** The same for somebody who looks: many may look with one pass, whenever something was done. */
    public Pass look(String token) {
        return enter(token, RateLimits.Door.DESK);
    }

    private Pass enter(String token, RateLimits.Door door) {
        Pass pass = at(token);
        limits.pass(door, pass.id());
        return pass;
    }

    public Optional<Pass> find(UUID id) {
        return known.find(id, wanted -> rows.findById(wanted).map(Passes::pass));
    }

    /** Its show as it is now. */
    public RunningShows.Running show(Pass pass) {
        return shows.find(pass.show()).orElseThrow(() -> new NotFound("The show of this pass is gone."));
    }

    /** Whoever does something with a pass; that it was used is kept. */
    public Actor actor(Pass pass, Door door) {
        Instant now = Instant.now();
        Instant before = used.getOrDefault(pass.id(), Instant.EPOCH);
        if (Duration.between(before, now).compareTo(A_WHILE) > 0) {
            used.put(pass.id(), now);
            transactions.executeWithoutResult(_ -> rows.used(pass.id(), now));
        }
        return Actor.with(show(pass).workspace(), pass.id(), door, pass.name());
    }

    /** What its links end with. */
    public String token(Pass pass) {
        return keys.token(Keys.Use.PASS, pass.id(), 1);
    }

    /** All of a show that are good for something, and those that were, the latest first. */
    public List<Pass> of(Member member, UUID show) {
        shows.get(member.requires(Role.OPERATOR), show);
        return rows.findByShowIdOrderByMadeAtDesc(show).stream()
                .map(Passes::pass)
                .toList();
    }

    @Transactional
    public Pass make(Member member, UUID show, PassWish wanted) {
        RunningShows.Running running = shows.get(member.requires(Role.OPERATOR), show);
        require(wanted);
        if (rows.findByShowIdOrderByMadeAtDesc(show).stream()
                        .filter(row -> !row.withdrawn)
                        .count()
                >= MOST) {
            throw new Mistake("A show has at most " + MOST + " passes; withdraw one first.");
        }
        PassRow row = new PassRow(
                UUID.randomUUID(),
                show,
                wanted.name().strip(),
                Json.write(wanted.grants()),
                wanted.goodTill().orElse(null),
                member.account(),
                Instant.now());
        entities.persist(row);
        events.publishEvent(Deed.of(member, Deed.Kind.LINK, running.name(), "Gave a pass to " + row.name));
        return pass(row);
    }

    /** What it may do, until when and how it is called; whoever is on it sees that at once. */
    @Transactional
    public Pass change(Member member, UUID show, UUID id, PassWish wanted) {
        RunningShows.Running running = shows.get(member.requires(Role.OPERATOR), show);
        require(wanted);
        PassRow row = mine(show, id);
        row.name = wanted.name().strip();
        row.grants = Json.write(wanted.grants());
        row.goodTill = wanted.goodTill().orElse(null);
        events.publishEvent(Deed.of(member, Deed.Kind.LINK, running.name(), "Changed the pass of " + row.name));
        wakes.pass(id);
        return pass(row);
    }

    /** Whoever is on it is out at once, on all servers. */
    @Transactional
    public void withdraw(Member member, UUID show, UUID id) {
        RunningShows.Running running = shows.get(member.requires(Role.OPERATOR), show);
        PassRow row = mine(show, id);
        row.withdrawn = true;
        events.publishEvent(Deed.of(member, Deed.Kind.LINK, running.name(), "Withdrew the pass of " + row.name));
        wakes.pass(id);
    }

    private PassRow mine(UUID show, UUID id) {
        return rows.findById(id)
                .filter(row -> row.showId.equals(show) && !row.withdrawn)
                .orElseThrow(() -> new NotFound("There is no such pass in this show."));
    }

    private static void require(PassWish wanted) {
        if (wanted.name().isBlank() || wanted.name().length() > LONGEST_NAME || !Letters.oneLine(wanted.name())) {
            throw new Mistake("A pass has a name of at most " + LONGEST_NAME + " letters: who it is for.");
        }
        if (wanted.grants().isEmpty() || wanted.grants().size() > MOST_GRANTS) {
            throw new Mistake("Tick at least one thing that may be done with the pass.");
        }
        wanted.grants().forEach(Grant::require);
        if (wanted.goodTill().filter(till -> !till.isAfter(Instant.now())).isPresent()) {
            throw new Mistake("The time until which the pass is good lies in the past.");
        }
    }

    private static Pass pass(PassRow row) {
        return new Pass(
                row.id,
                row.showId,
                row.name,
                List.of(Json.read(row.grants, Grant[].class)),
                Optional.ofNullable(row.goodTill),
                row.withdrawn,
                Optional.ofNullable(row.madeBy),
                row.madeAt,
                Optional.ofNullable(row.usedAt));
    }
}
