package brandeon.server.live;

import brandeon.core.live.AlertQueue;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.server.channel.Channels;
import brandeon.server.channel.ShowFed;
import brandeon.server.commit.AfterCommit;
import brandeon.server.show.RunningShows;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What follows from the signals of shows. Signals are kept for good, counted once, and given their time on screen when
 * they are stored; readings and the queue of alerts grow with each of them and are never computed from all.
 *
 * Signals of one show that arrive while others are being stored wait together, without a connection, and are stored in
 * one transaction.
 */
@Service
public class Facts {

    /** A show's facts as they were last committed, as far as this server heard. */
    public record Standing(UUID show, Readings readings, AlertQueue alerts, long version) {

        /** In bytes, roughly: names and texts of a hundred letters. */
        private int weight() {
            return 300 * (readings.values().size() + alerts.planned().size());
        }
    }

    /** One line of a channel's record: what came and when it was shown; 0 where no alert shows it. */
    public record Line(Signal signal, long showsFrom, long showsTill) {}

    /** Most signals that are stored in one transaction. */
    private static final int AT_ONCE = 2000;

    private static final int TRIES = 8;

    private final SignalRows rows;
    private final FactsRows factsRows;
    private final SignalBatch batch;
    private final Channels channels;
    private final RunningShows shows;
    private final AlertTime time;
    private final Wakes wakes;
    private final TransactionTemplate transactions;
    private final Known<UUID, Standing> known =
            new Known<>(Standing::weight, (now, read) -> now.version() > read.version() ? now : read);
    private final Map<UUID, Intake> intakes =
            Caffeine.newBuilder().weakValues().<UUID, Intake>build().asMap();

    /** Signals of a channel that wait to be stored; the answer says of each whether it was new. */
    private record Delivery(Channels.Channel channel, List<Signal> signals, CompletableFuture<List<Boolean>> answer) {}

    /** Where the signals of one show wait. */
    private static final class Intake {
        private final Queue<Delivery> waiting = new ConcurrentLinkedQueue<>();
        /** Whether somebody is storing; they see to everything that comes meanwhile. */
        private final AtomicBoolean storing = new AtomicBoolean();
    }

    /** What this server knew was no longer so. */
    private static final class Overtaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    Facts(
            SignalRows rows,
            FactsRows factsRows,
            SignalBatch batch,
            Channels channels,
            RunningShows shows,
            AlertTime time,
            Wakes wakes,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.factsRows = factsRows;
        this.batch = batch;
        this.channels = channels;
        this.shows = shows;
        this.time = time;
        this.wakes = wakes;
        this.transactions = transactions;
        wakes.listen(this::heard);
    }

    private void heard(Wakes.Wake wake) {
        switch (wake.kind()) {
            case FACTS -> {
                if (!wake.own()) {
                    known.forget(wake.id());
                }
            }
            case CHANNEL, ANYTHING -> known.forgetAll();
            case THEME, SHOW, OUTLET, PLATFORM, MEMBER -> {}
        }
    }

    /** What follows from the signals of both shows is counted anew when it is asked for. */
    @EventListener
    void fed(ShowFed fed) {
        factsRows.forget(List.of(fed.before(), fed.after()));
    }

    /**
     * Takes in signals of one channel, in their order. One with an id that was taken in before changes nothing.
     *
     * @return of each, whether it was new
     */
    public List<Boolean> accept(Channels.Channel channel, List<Signal> signals) {
        Intake intake = intakes.computeIfAbsent(channel.show(), _ -> new Intake());
        Delivery mine = new Delivery(channel, signals, new CompletableFuture<>());
        intake.waiting.add(mine);
        begin(channel.show(), intake);
        try {
            return mine.answer().join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : e;
        }
    }

    private void begin(UUID show, Intake intake) {
        if (!intake.waiting.isEmpty() && intake.storing.compareAndSet(false, true)) {
            Thread.ofVirtual().name("intake").start(() -> {
                try {
                    for (List<Delivery> next = next(intake); !next.isEmpty(); next = next(intake)) {
                        store(show, next);
                    }
                } finally {
                    intake.storing.set(false);
                    // Somebody may have come after the last look.
                    begin(show, intake);
                }
            });
        }
    }

    private static List<Delivery> next(Intake intake) {
        List<Delivery> next = new ArrayList<>();
        int count = 0;
        while (count < AT_ONCE && intake.waiting.peek() != null) {
            Delivery one = intake.waiting.remove();
            next.add(one);
            count += one.signals().size();
        }
        return next;
    }

    private void store(UUID show, List<Delivery> deliveries) {
        try {
            for (int i = 0; ; i++) {
                try {
                    Standing before = now(show);
                    Map<SignalKind, AlertRule> rules = shows.alertRules(show);
                    // Signals come once, as a rule; that some are known already is seen when they are written.
                    Set<SignalRow.Key> seen = i == 0 ? new HashSet<>() : seen(deliveries);
                    List<List<Boolean>> answers = transactions.execute(_ -> stored(before, rules, deliveries, seen));
                    for (int j = 0; j < deliveries.size(); j++) {
                        deliveries.get(j).answer().complete(answers.get(j));
                    }
                    return;
                } catch (Overtaken e) {
                    known.forget(show);
                    if (i == TRIES) {
                        throw e;
                    }
                }
            }
        } catch (RuntimeException e) {
            deliveries.forEach(delivery -> delivery.answer().completeExceptionally(e));
        }
    }

    /** @param seen those that were taken in before */
    private List<List<Boolean>> stored(
            Standing before, Map<SignalKind, AlertRule> rules, List<Delivery> deliveries, Set<SignalRow.Key> seen) {
        long now = time.now();
        List<SignalBatch.Line> lines = new ArrayList<>();
        List<List<Boolean>> answers = new ArrayList<>();
        Readings readings = before.readings();
        AlertQueue alerts = before.alerts().from(now);
        for (Delivery delivery : deliveries) {
            List<Boolean> added = new ArrayList<>();
            for (Signal signal : delivery.signals()) {
                boolean fresh = seen.add(new SignalRow.Key(delivery.channel().id(), signal.id()));
                added.add(fresh);
                if (fresh) {
                    readings = readings.with(signal);
                    Optional<AlertSlot> slot = Optional.empty();
                    if (rules.get(signal.kind()) instanceof AlertRule rule) {
                        AlertQueue.Placed placed = alerts.with(signal, rule, now);
                        alerts = placed.queue();
                        slot = Optional.of(placed.slot());
                    }
                    lines.add(new SignalBatch.Line(delivery.channel().id(), signal, slot));
                }
            }
            answers.add(added);
        }
        if (!lines.isEmpty()) {
            write(new Standing(before.show(), readings, alerts, before.version() + 1), lines, now);
        }
        return answers;
    }

    /** Those that were taken in before. */
    private Set<SignalRow.Key> seen(List<Delivery> deliveries) {
        Set<SignalRow.Key> seen = new HashSet<>();
        Map<UUID, List<String>> ids = new LinkedHashMap<>();
        deliveries.forEach(delivery -> delivery.signals()
                .forEach(signal -> ids.computeIfAbsent(delivery.channel().id(), _ -> new ArrayList<>())
                        .add(signal.id())));
        ids.forEach((channel, of) -> rows.known(channel, of).forEach(id -> seen.add(new SignalRow.Key(channel, id))));
        return seen;
    }

    private void write(Standing after, List<SignalBatch.Line> lines, long now) {
        int changed = factsRows.change(
                after.show(), after.version() - 1, Json.write(after.readings().kept()), now);
        if (changed == 0 || batch.insert(lines) < lines.size()) {
            throw new Overtaken();
        }
        AfterCommit.run(() -> known.put(after.show(), after));
        wakes.facts(after.show());
    }

    /** What follows from a show's signals now. */
    public Standing now(UUID show) {
        return known.get(show, this::read);
    }

    private Standing read(UUID show) {
        List<UUID> feeding = channels.ofShow(show);
        FactsRow row = factsRows.findById(show).orElseGet(() -> {
            Readings all = recounted(feeding);
            transactions.executeWithoutResult(_ -> factsRows.add(show, Json.write(all.kept()), time.now()));
            return factsRows.findById(show).orElseThrow();
        });
        AlertQueue alerts = AlertQueue.EMPTY;
        for (SignalRow shown : rows.shownAfter(feeding, time.now())) {
            alerts = alerts.with(
                    Json.read(shown.content, Signal.class), new AlertSlot(shown.showsFrom, shown.showsTill));
        }
        return new Standing(show, Readings.of(Json.read(row.readings, Readings.Kept.class)), alerts, row.version);
    }

    /** The readings of channels counted from all of their signals; what a show keeps is the same. */
    public Readings recounted(List<UUID> feeding) {
        return Readings.of(rows.contents(feeding).stream()
                .map(content -> Json.read(content, Signal.class))
                .toList());
    }

    public List<Line> record(UUID channel, int most) {
        return rows.latest(channel, Limit.of(most)).stream()
                .map(row -> new Line(
                        Json.read(row.content, Signal.class),
                        Optional.ofNullable(row.showsFrom)
                                .map(from -> from + time.ahead())
                                .orElse(0L),
                        Optional.ofNullable(row.showsTill)
                                .map(till -> till + time.ahead())
                                .orElse(0L)))
                .toList();
    }
}
