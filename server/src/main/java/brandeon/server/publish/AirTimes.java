package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.publish.AirTime;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.live.Moments;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Counts how long each of what takes turns was on screen: while a source that shows it is open and says that viewers
 * see it, however many of them do. Sources in the frames of another page, as the practice rig has them, do not count.
 */
@Component
public class AirTimes {

    private static final Logger LOG = LoggerFactory.getLogger(AirTimes.class);
    private static final int LOOKS_SECONDS = 5;
    /** After so many days nobody is told any more where an alert was shown. */
    private static final int KEPT_DAYS = 90;

    /**
     * @param id    of the while during which it is seen
     * @param from  when that began, epoch milliseconds
     * @param since up to when it was counted
     */
    private record Seen(UUID id, Outlets.Outlet outlet, long from, long since) {
        private static Seen now(Outlets.Outlet outlet) {
            long now = System.currentTimeMillis();
            return new Seen(UUID.randomUUID(), outlet, now, now);
        }

        private Seen until(long now) {
            return new Seen(id, outlet, from, now);
        }
    }

    private record Counted(UUID theme, String piece) {}

    private final AirTimeRows rows;
    private final OutletSeenRows seenRows;
    private final Outlets outlets;
    private final Themes themes;
    private final Moments moments;
    private final RunningShows shows;
    private final TransactionTemplate transactions;
    /** By connection: sources that viewers see. */
    private final Map<String, Seen> seen = new ConcurrentHashMap<>();
    /** Until when a piece was counted, since several sources may show it at once. */
    private final Map<Counted, Long> counted = new HashMap<>();

    private final ScheduledExecutorService hand = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("air-times").factory());

    AirTimes(
            AirTimeRows rows,
            OutletSeenRows seenRows,
            Outlets outlets,
            Themes themes,
            Moments moments,
            RunningShows shows,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.seenRows = seenRows;
        this.outlets = outlets;
        this.themes = themes;
        this.moments = moments;
        this.shows = shows;
        this.transactions = transactions;
        hand.scheduleWithFixedDelay(this::look, LOOKS_SECONDS, LOOKS_SECONDS, TimeUnit.SECONDS);
        hand.scheduleWithFixedDelay(this::forget, 1, TimeUnit.DAYS.toHours(1), TimeUnit.HOURS);
    }

    @PreDestroy
    void stop() {
        hand.shutdownNow();
    }

    /** What an open source says of itself. */
    public void reported(String connection, Outlets.Outlet outlet, boolean visible) {
        if (visible) {
            seen.computeIfAbsent(connection, _ -> Seen.now(outlet));
        } else {
            gone(connection);
        }
    }

    /** It is seen no more, and what it showed until now counts. */
    public void gone(String connection) {
        Seen last = seen.remove(connection);
        if (last == null) {
            return;
        }
        long now = System.currentTimeMillis();
        try {
            hand.execute(() -> count(last, now));
        } catch (RejectedExecutionException e) {
            // The server is stopping.
        }
    }

    private void forget() {
        try {
            long before = System.currentTimeMillis() - TimeUnit.DAYS.toMillis(KEPT_DAYS);
            transactions.executeWithoutResult(_ -> seenRows.forget(before));
        } catch (RuntimeException e) {
            LOG.error("What is too old to be told could not be forgotten", e);
        }
    }

    private void look() {
        long now = System.currentTimeMillis();
        List.copyOf(seen.keySet()).forEach(connection -> {
            Seen last = seen.get(connection);
            if (last != null && seen.replace(connection, last, last.until(now))) {
                count(last, now);
            }
        });
        counted.values().removeIf(until -> until < now - TimeUnit.MINUTES.toMillis(1));
    }

    /** Never throws, so that one source leaves the others be. */
    private void count(Seen last, long now) {
        Outlets.Outlet outlet = last.outlet();
        try {
            if (outlets.find(outlet.id()).isEmpty()) {
                return;
            }
            Optional<Themes.Draft> draft = themes.find(outlet.theme());
            Optional<UUID> show = draft.flatMap(moments::show);
            List<AirTime.Share> shares =
                    draft.map(known -> shares(known, last, now)).orElse(List.of());
            transactions.executeWithoutResult(_ -> {
                seenRows.last(last.id(), outlet.id(), last.from(), now);
                show.ifPresent(id -> add(id, shares, now));
            });
            shares.forEach(share -> counted.put(new Counted(outlet.theme(), share.piece()), now));
        } catch (RuntimeException e) {
            LOG.error("What was on screen in {} could not be counted", outlet.id(), e);
        }
    }

    private List<AirTime.Share> shares(Themes.Draft draft, Seen last, long now) {
        Outlets.Outlet outlet = last.outlet();
        Optional<Theme> theme = outlets.shown(outlet, draft);
        Optional<Scene> scene = theme.flatMap(known -> known.scene(outlet.scene()));
        Optional<Canvas> canvas = theme.flatMap(known -> known.canvas(outlet.canvas()));
        if (scene.isEmpty() || canvas.isEmpty()) {
            return List.of();
        }
        // Each piece from where it was counted already, by another source that shows it at the same time.
        return AirTime.of(
                theme.get(),
                scene.get(),
                canvas.get(),
                outlet.part(),
                moments.of(draft),
                piece -> Math.max(last.since(), counted.getOrDefault(new Counted(draft.id(), piece), 0L)),
                now);
    }

    private void add(UUID show, List<AirTime.Share> shares, long now) {
        LocalDate day = Instant.ofEpochMilli(now)
                .atZone(ZoneId.of(shows.counting(show).zone()))
                .toLocalDate();
        shares.forEach(share -> rows.add(show, day, share.piece(), share.entry(), share.title(), share.millis()));
    }
}
