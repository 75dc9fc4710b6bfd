package brandeon.server.show;

import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Wakes what shows do by themselves when its time comes: here by a timer, and what another server left behind, or this
 * one before a restart, by looking at the rows.
 */
@Component
class DueCues {

    /** Milliseconds between looks. */
    private static final int LOOK_EVERY = 1000;

    private final ShowRows rows;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("due cues").factory());
    private volatile Consumer<UUID> taker = _ -> {};

    DueCues(ShowRows rows) {
        this.rows = rows;
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }

    /** Says who takes what is due in a show; more often than needed does no harm. */
    void take(Consumer<UUID> next) {
        taker = next;
    }

    /** @param at epoch milliseconds */
    void at(UUID show, long at) {
        clock.schedule(
                () -> Thread.ofVirtual().start(() -> taker.accept(show)),
                Math.max(0, at - System.currentTimeMillis()),
                TimeUnit.MILLISECONDS);
    }

    @Scheduled(fixedDelay = LOOK_EVERY)
    void look() {
        rows.due(System.currentTimeMillis()).forEach(taker);
    }
}
