package brandeon.server.publish;

import brandeon.core.watch.OpenSource;
import brandeon.server.live.Feeds;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** All sources that are open, on whichever server: each writes down what it knows, and reads what the others do. */
@Component
class OpenSources {

    private static final Logger LOG = LoggerFactory.getLogger(OpenSources.class);

    private static final long LOOKS_MILLIS = 2_000;
    /** A server says that often at least that it is there. */
    private static final long AGAIN_MILLIS = 5_000;
    /** Whoever was not heard of for so long is gone. */
    private static final long GONE_MILLIS = 12_000;

    private static final long FORGET_MILLIS = TimeUnit.MINUTES.toMillis(5);
    /** A picture that is this late has not just been on its way. */
    private static final long LATE_MILLIS = 8_000;

    private final UUID server = UUID.randomUUID();
    private final Health health;
    private final Outlets outlets;
    private final Feeds feeds;
    private final ServerHealthRows rows;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    /** By connection: since when it paints another picture than its feed. */
    private final Map<String, Long> late = new ConcurrentHashMap<>();

    private volatile String written = "[]";
    private volatile long writtenAt;

    private final ScheduledExecutorService hand = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("open-sources").factory());

    OpenSources(
            Health health,
            Outlets outlets,
            Feeds feeds,
            ServerHealthRows rows,
            TransactionTemplate transactions,
            JsonMapper json) {
        this.health = health;
        this.outlets = outlets;
        this.feeds = feeds;
        this.rows = rows;
        this.transactions = transactions;
        this.json = json;
        hand.scheduleWithFixedDelay(this::look, LOOKS_MILLIS, LOOKS_MILLIS, TimeUnit.MILLISECONDS);
        hand.scheduleWithFixedDelay(this::forget, 1, 60, TimeUnit.MINUTES);
    }

    @PreDestroy
    void stop() {
        hand.shutdownNow();
    }

    /** Those of some outlets that are open anywhere. */
    List<OpenSource> of(Set<UUID> wanted) {
        long since = System.currentTimeMillis() - GONE_MILLIS;
        Stream<OpenSource> others = rows.others(server, since).stream()
                .flatMap(row -> Stream.of(json.readValue(row.reports, OpenSource[].class)));
        return Stream.concat(here(wanted).stream(), others)
                .filter(one -> wanted.contains(UUID.fromString(one.outlet())))
                .toList();
    }

    private List<OpenSource> here(Set<UUID> wanted) {
        long now = System.currentTimeMillis();
        List<OpenSource> all = new ArrayList<>();
        for (UUID id : wanted) {
            health.connections(id)
                    .forEach((connection, report) -> all.add(new OpenSource(
                            id.toString(),
                            report.said().program(),
                            report.where(),
                            report.said().width(),
                            report.said().height(),
                            report.said().pixelRatio(),
                            report.visible(),
                            report.since(),
                            now - late.getOrDefault(connection, now) >= LATE_MILLIS,
                            report.said().frames(),
                            report.said().rate(),
                            report.said().loads(),
                            report.said().order(),
                            report.said().under(),
                            report.practice(),
                            report.settings())));
        }
        return all;
    }

    /** Never throws. */
    private void look() {
        try {
            Set<UUID> open = health.open();
            compare(open);
            long now = System.currentTimeMillis();
            String reports = json.writeValueAsString(here(open));
            if (!reports.equals(written) || (!open.isEmpty() && now - writtenAt >= AGAIN_MILLIS)) {
                transactions.executeWithoutResult(_ -> rows.put(server, now, reports));
                written = reports;
                writtenAt = now;
            }
        } catch (RuntimeException e) {
            LOG.error("What open sources say could not be written down", e);
        }
    }

    private void compare(Set<UUID> open) {
        long now = System.currentTimeMillis();
        Set<String> there = ConcurrentHashMap.newKeySet();
        for (UUID id : open) {
            Optional<Outlets.Outlet> outlet = outlets.find(id);
            health.connections(id).forEach((connection, report) -> {
                there.add(connection);
                String hash = outlet.flatMap(known -> feeds.hashOf(known.feed(report.settings())))
                        .orElse("");
                if (report.hash().equals(hash)) {
                    late.remove(connection);
                } else {
                    late.putIfAbsent(connection, now);
                }
            });
        }
        late.keySet().retainAll(there);
    }

    private void forget() {
        try {
            transactions.executeWithoutResult(_ -> rows.forget(System.currentTimeMillis() - FORGET_MILLIS));
        } catch (RuntimeException e) {
            LOG.error("Servers that are gone could not be forgotten", e);
        }
    }
}
