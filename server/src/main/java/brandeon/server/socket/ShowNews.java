package brandeon.server.socket;

import brandeon.server.live.Told;
import brandeon.server.publish.Arrivals;
import brandeon.server.show.RunningShows;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Tells those who follow a show what is new in it; much that comes at once is told together. */
@Component
class ShowNews {

    /** Milliseconds in which reports of sources are collected. */
    private static final int REPORTS_TOGETHER = 25;

    private static final int SIGNALS_TOGETHER = 250;

    private final RunningShows shows;
    private final Arrivals arrivals;
    /** Shows of which readers will hear in a moment how far things have come. */
    private final Set<UUID> arriving = ConcurrentHashMap.newKeySet();
    /** Shows of which readers will hear in a moment that something came in. */
    private final Set<UUID> signalled = ConcurrentHashMap.newKeySet();

    private final ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor();
    private volatile Function<UUID, List<Consumer<Told>>> readers = _ -> List.of();

    ShowNews(RunningShows shows, Arrivals arrivals) {
        this.shows = shows;
        this.arrivals = arrivals;
    }

    @PreDestroy
    void stop() {
        hands.shutdownNow();
    }

    /** Says who follows a show. */
    void readers(Function<UUID, List<Consumer<Told>>> of) {
        readers = of;
    }

    /** Something else is said in it. Not on the thread that committed it: what is not known here is read. */
    void said(UUID show) {
        if (!hands.isShutdown()) {
            hands.submit(() -> tell(show));
        }
    }

    /** Signals came in. */
    void signalled(UUID show) {
        if (!readers.apply(show).isEmpty() && signalled.add(show)) {
            later(SIGNALS_TOGETHER, () -> {
                signalled.remove(show);
                tell(show);
            });
        }
    }

    /** A source of it says how it is. */
    void reported(UUID show) {
        if (!readers.apply(show).isEmpty() && arriving.add(show)) {
            later(REPORTS_TOGETHER, () -> {
                arriving.remove(show);
                shows.find(show).ifPresent(now -> {
                    Arrivals.Reached reached = arrivals.of(now);
                    Told told = new Told.Arrived(show, now.version(), reached.on(), reached.of());
                    readers.apply(show).forEach(reader -> reader.accept(told));
                });
            });
        }
    }

    private void tell(UUID show) {
        List<Consumer<Told>> following = readers.apply(show);
        if (!following.isEmpty()) {
            shows.find(show).ifPresent(now -> {
                Told told = new Told.ShowChanged(show, now.version());
                following.forEach(reader -> reader.accept(told));
            });
            reported(show);
        }
    }

    private void later(int millis, Runnable then) {
        CompletableFuture.delayedExecutor(millis, TimeUnit.MILLISECONDS, hands).execute(then);
    }
}
