package brandeon.server.live;

import brandeon.core.live.AlertQueue;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Counting;
import brandeon.core.live.Fate;
import brandeon.core.live.Pace;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.live.Tally;
import brandeon.core.pack.Json;
import brandeon.core.platform.Profile;
import brandeon.server.channel.Channels;
import brandeon.server.channel.ShowFed;
import brandeon.server.commit.AfterCommit;
import brandeon.server.show.RunningShows;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
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

    /**
     * A show's facts as they were last committed, as far as this server heard.
     *
     * @param apart what came from each platform alone, by its id; none where only one feeds the show
     */
    public record Standing(UUID show, Tally tally, Map<String, Tally> apart, AlertQueue alerts, long version) {

        /** In bytes, roughly: names and texts of a hundred letters. */
        private int weight() {
            return 300
                            * Stream.concat(Stream.of(tally), apart.values().stream())
                                    .flatMap(one -> one.periods().values().stream())
                                    .mapToInt(one -> one.readings().values().size())
                                    .sum()
                    + 900 * alerts.alerts().size();
        }
    }

    /**
     * One line of a channel's record: what came, and when it was on screen.
     *
     * @param with of whom, where it is shown with the alert of another one; else empty
     * @param from 0 where it was not on screen and has no time yet
     * @param by   who ended or dropped it
     */
    public record Line(Signal signal, Fate fate, String with, long from, long till, Optional<UUID> by) {}

    /**
     * Which lines of a record are wanted.
     *
     * @param name a part of it, whatever its case; empty for all
     */
    public record Wanted(Set<SignalKind> kinds, Set<Fate> fates, String name) {}

    /** What somebody does to the queue. */
    public interface Control {
        /**
         * @param queue as it stands now
         * @throws brandeon.server.problem.Refused when there is nothing to do
         */
        AlertQueue done(AlertQueue queue, Pace pace, long now);
    }

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
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final Known<UUID, Standing> known =
            new Known<>(Standing::weight, (now, read) -> now.version() > read.version() ? now : read);
    /** By show: the channels that feed it. */
    private final Known<UUID, List<Channels.Channel>> feeding = new Known<>(list -> 200 * list.size());

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
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.events = events;
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
            case CHANNEL, ANYTHING -> {
                known.forgetAll();
                feeding.forgetAll();
            }
            case PLATFORM -> feeding.forgetAll();
            case THEME, SHOW, OUTLET, MEMBER, PASS -> {}
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
                    RunningShows.Announcing announcing = shows.announcing(show);
                    Counting counting = shows.counting(show);
                    // Signals come once, as a rule; that some are known already is seen when they are written.
                    Set<SignalRow.Key> seen = i == 0 ? new HashSet<>() : seen(deliveries);
                    List<List<Boolean>> answers =
                            transactions.execute(_ -> stored(before, announcing, counting, deliveries, seen));
                    for (int j = 0; j < deliveries.size(); j++) {
                        deliveries.get(j).answer().complete(answers.get(j));
                        told(show, deliveries.get(j), answers.get(j));
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

    /** When somebody wrote into a channel's chat last, epoch milliseconds; empty for never. Practice does not count. */
    public Optional<Long> wroteAt(UUID channel, String name) {
        return rows.wrote(channel, name, Limit.of(1)).stream().findFirst().map(Instant::toEpochMilli);
    }

    /** Whoever waits for signals hears of those that were new, once they are stored. */
    private void told(UUID show, Delivery delivery, List<Boolean> fresh) {
        List<Signal> taken = new ArrayList<>();
        for (int i = 0; i < fresh.size(); i++) {
            if (fresh.get(i)) {
                taken.add(delivery.signals().get(i));
            }
        }
        if (!taken.isEmpty()) {
            events.publishEvent(new SignalsTaken(delivery.channel().id(), show, taken));
        }
    }

    /** @param seen those that were taken in before */
    private List<List<Boolean>> stored(
            Standing before,
            RunningShows.Announcing announcing,
            Counting counting,
            List<Delivery> deliveries,
            Set<SignalRow.Key> seen) {
        long now = time.now();
        Map<AlertId, SignalBatch.Line> lines = new LinkedHashMap<>();
        List<List<Boolean>> answers = new ArrayList<>();
        List<Signal> counted = new ArrayList<>();
        Map<String, List<Signal>> byPlatform = new LinkedHashMap<>();
        AlertQueue.Passed passed = before.alerts().at(now);
        AlertQueue queue = passed.queue();
        List<SignalBatch.Decided> decided = new ArrayList<>(shown(passed));
        for (Delivery delivery : deliveries) {
            List<Boolean> added = new ArrayList<>();
            for (Signal signal : delivery.signals()) {
                UUID channel = delivery.channel().id();
                boolean fresh = seen.add(new SignalRow.Key(channel, signal.id()));
                added.add(fresh);
                if (fresh) {
                    counted.add(signal);
                    byPlatform
                            .computeIfAbsent(delivery.channel().platform().id(), _ -> new ArrayList<>())
                            .add(signal);
                    AlertId id = new AlertId(channel, signal.id());
                    Optional<AlertRule> rule = AlertRule.of(announcing.rules(), signal);
                    if (rule.isEmpty()) {
                        lines.put(id, new SignalBatch.Line(channel, signal, "", Fate.NO_RULE));
                        continue;
                    }
                    AlertQueue.Placed placed = queue.with(id.toString(), signal, rule.get(), announcing.pace(), now);
                    queue = placed.queue();
                    Fate fate = placed.with().equals(id.toString()) ? Fate.WAITS : Fate.JOINED;
                    lines.put(id, new SignalBatch.Line(channel, signal, fate == Fate.WAITS ? "" : placed.with(), fate));
                    placed.gone().forEach(gone -> join(lines, decided, AlertId.parse(gone), placed.with()));
                }
            }
            answers.add(added);
        }
        if (!lines.isEmpty()) {
            write(
                    new Standing(
                            before.show(),
                            before.tally().with(counted, counting, System.currentTimeMillis()),
                            apart(before, byPlatform, counting),
                            queue,
                            before.version() + 1),
                    List.copyOf(lines.values()),
                    decided,
                    now);
        }
        return answers;
    }

    /** One that was to stand alone is shown with another one now, whether it is stored already or not. */
    private static void join(
            Map<AlertId, SignalBatch.Line> lines, List<SignalBatch.Decided> decided, AlertId gone, String with) {
        SignalBatch.Line fresh = lines.get(gone);
        if (fresh == null) {
            decided.add(new SignalBatch.Decided(
                    gone.channel(), gone.signal(), with, Fate.JOINED, Optional.empty(), Optional.empty()));
        } else {
            lines.put(gone, new SignalBatch.Line(fresh.channel(), fresh.signal(), with, Fate.JOINED));
        }
    }

    /** Those that were on screen; showing one again changes nothing of what is known of it. */
    private static List<SignalBatch.Decided> shown(AlertQueue.Passed passed) {
        return passed.over().stream()
                .filter(one -> one.showing() == 0 && !one.cut())
                .map(one -> decided(one, Fate.SHOWN, Optional.of(one.slot()), Optional.empty()))
                .toList();
    }

    private static SignalBatch.Decided decided(
            AlertQueue.Alert alert, Fate fate, Optional<AlertSlot> slot, Optional<UUID> by) {
        AlertId id = AlertId.parse(alert.id());
        return new SignalBatch.Decided(id.channel(), id.signal(), "", fate, slot, by);
    }

    /**
     * Something that somebody does to the queue, written with what it means for signals.
     *
     * @param by the account that does it; empty for somebody with a pass
     */
    public Standing control(UUID show, Optional<UUID> by, Control control) {
        return insisting(show, before -> {
            Pace pace = shows.announcing(show).pace();
            return transactions.execute(_ -> {
                long now = time.now();
                AlertQueue.Passed passed = before.alerts().at(now);
                AlertQueue next = control.done(passed.queue(), pace, now);
                Standing after = new Standing(show, before.tally(), before.apart(), next, before.version() + 1);
                write(after, List.of(), decided(passed, next, by), now);
                return after;
            });
        });
    }

    /** Changes what stands; made anew from what stands then, where another server was quicker. */
    private Standing insisting(UUID show, UnaryOperator<Standing> change) {
        for (int i = 0; ; i++) {
            try {
                return change.apply(now(show));
            } catch (Overtaken e) {
                known.forget(show);
                if (i == TRIES) {
                    throw e;
                }
            }
        }
    }

    private static List<SignalBatch.Decided> decided(AlertQueue.Passed before, AlertQueue after, Optional<UUID> by) {
        List<SignalBatch.Decided> decided = new ArrayList<>(shown(before));
        for (AlertQueue.Alert one : before.queue().alerts()) {
            Optional<AlertQueue.Alert> left = after.alerts().stream()
                    .filter(other -> other.id().equals(one.id()) && other.showing() == one.showing())
                    .findFirst();
            if (one.showing() > 0) {
                continue;
            }
            if (left.isEmpty()) {
                decided.add(decided(one, Fate.DROPPED, Optional.empty(), by));
            } else if (left.get().cut() && !one.cut()) {
                decided.add(decided(one, Fate.SKIPPED, Optional.of(left.get().slot()), by));
            }
        }
        return decided;
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

    private void write(Standing after, List<SignalBatch.Line> lines, List<SignalBatch.Decided> decided, long now) {
        int changed = factsRows.change(
                after.show(),
                after.version() - 1,
                Json.write(after.tally().kept()),
                kept(after.apart()),
                Json.write(after.alerts()),
                now);
        if (changed == 0 || (!lines.isEmpty() && batch.insert(lines) < lines.size())) {
            throw new Overtaken();
        }
        batch.decide(decided);
        AfterCommit.run(() -> known.put(after.show(), after));
        wakes.facts(after.show());
    }

    /** What follows from a show's signals now. */
    public Standing now(UUID show) {
        return known.get(show, this::read);
    }

    private Standing read(UUID show) {
        FactsRow row = factsRows.findById(show).orElseGet(() -> begun(show));
        return new Standing(
                show,
                Tally.of(Json.read(row.readings, Tally.Kept.class)),
                Json.read(row.apart, Apart.class).tallies(),
                Json.readSparse(row.queue, AlertQueue.class),
                row.version);
    }

    /** Of a show that has no row yet: counted from all signals of its channels, and with what of them still waits. */
    private FactsRow begun(UUID show) {
        List<Channels.Channel> feeders = feeders(show);
        List<UUID> ids = feeders.stream().map(Channels.Channel::id).toList();
        Tally all = recounted(ids, shows.counting(show));
        Map<String, Tally> apart = recountedApart(feeders, shows.counting(show));
        RunningShows.Announcing announcing = shows.announcing(show);
        long now = time.now();
        AlertQueue queue = AlertQueue.EMPTY;
        for (SignalRow row : rows.waiting(ids)) {
            Signal signal = Json.readSparse(row.content, Signal.class);
            Optional<AlertRule> rule = AlertRule.of(announcing.rules(), signal);
            if (rule.isPresent()) {
                queue = queue.with(
                                new AlertId(row.key.channelId(), row.key.id()).toString(),
                                signal,
                                rule.get(),
                                announcing.pace(),
                                now)
                        .queue();
            }
        }
        String written = Json.write(queue);
        transactions.executeWithoutResult(_ -> factsRows.add(show, Json.write(all.kept()), kept(apart), written, now));
        return factsRows.findById(show).orElseThrow();
    }

    /** The signals of channels counted all at once; what a show keeps is the same. */
    public Tally recounted(List<UUID> feeding, Counting counting) {
        return Tally.NONE.with(
                rows.contents(feeding).stream()
                        .map(content -> Json.readSparse(content, Signal.class))
                        .toList(),
                counting,
                System.currentTimeMillis());
    }

    /** The channels that feed a show. */
    private List<Channels.Channel> feeders(UUID show) {
        return feeding.get(
                show,
                wanted -> channels.ofShow(wanted).stream()
                        .flatMap(id -> channels.find(id).stream())
                        .toList());
    }

    /** The platforms that feed a show; what comes from each is told apart where there are several. */
    public List<Profile> platforms(UUID show) {
        return feeders(show).stream().map(Channels.Channel::platform).distinct().toList();
    }

    private Map<String, Tally> apart(Standing before, Map<String, List<Signal>> fresh, Counting counting) {
        if (platforms(before.show()).size() < 2) {
            return Map.of();
        }
        Map<String, Tally> next = new TreeMap<>(before.apart());
        long now = System.currentTimeMillis();
        fresh.forEach((platform, signals) ->
                next.put(platform, next.getOrDefault(platform, Tally.NONE).with(signals, counting, now)));
        return next;
    }

    private Map<String, Tally> recountedApart(List<Channels.Channel> feeders, Counting counting) {
        Map<String, List<UUID>> byPlatform = feeders.stream()
                .collect(Collectors.groupingBy(
                        channel -> channel.platform().id(),
                        Collectors.mapping(Channels.Channel::id, Collectors.toList())));
        Map<String, Tally> apart = new TreeMap<>();
        if (byPlatform.size() > 1) {
            byPlatform.forEach((platform, ids) -> apart.put(platform, recounted(ids, counting)));
        }
        return apart;
    }

    /** As it is kept, by the ids of platforms. */
    record Apart(@JsonValue Map<String, Tally.Kept> kept) {

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Apart {}

        private Map<String, Tally> tallies() {
            Map<String, Tally> all = new TreeMap<>();
            kept.forEach((platform, tally) -> all.put(platform, Tally.of(tally)));
            return all;
        }
    }

    private static String kept(Map<String, Tally> apart) {
        Map<String, Tally.Kept> all = new TreeMap<>();
        apart.forEach((platform, tally) -> all.put(platform, tally.kept()));
        return Json.write(new Apart(all));
    }

    /** What a show's signals come to at this moment, as texts show it. */
    public Readings readings(UUID show) {
        Standing standing = now(show);
        Counting counting = shows.counting(show);
        long now = System.currentTimeMillis();
        Readings all = standing.tally().readings(counting, shows.chat(show), now);
        if (standing.apart().isEmpty()) {
            return all;
        }
        Map<String, Readings> apart = new LinkedHashMap<>();
        standing.apart().forEach((platform, tally) -> apart.put(platform, tally.readings(counting.uncorrected(), now)));
        return all.with(apart);
    }

    /** Counts all of a show's signals again, as after its days begin elsewhere. */
    public void recount(UUID show) {
        insisting(show, before -> {
            List<Channels.Channel> feeders = feeders(show);
            Tally all = recounted(feeders.stream().map(Channels.Channel::id).toList(), shows.counting(show));
            Standing after = new Standing(
                    show, all, recountedApart(feeders, shows.counting(show)), before.alerts(), before.version() + 1);
            transactions.executeWithoutResult(_ -> write(after, List.of(), List.of(), time.now()));
            return after;
        });
    }

    /** The latest first. */
    public List<Line> record(Channels.Channel channel, Wanted wanted, int most) {
        String name = wanted.name().toLowerCase(Locale.ROOT).replaceAll("([\\\\%_])", "\\\\$1");
        return lines(
                channel, rows.latest(channel.id(), wanted.kinds(), wanted.fates(), "%" + name + "%", Limit.of(most)));
    }

    /** What became of signals, by their ids; those that were not taken in are missing. */
    public Map<String, Line> became(Channels.Channel channel, List<String> ids) {
        List<SignalRow> all = rows.findAllById(
                ids.stream().map(id -> new SignalRow.Key(channel.id(), id)).toList());
        return lines(channel, all).stream()
                .collect(Collectors.toMap(line -> line.signal().id(), Function.identity()));
    }

    /** What really came to a channel since an instant, the earliest first. */
    public List<Signal> came(Channels.Channel channel, Instant since, int most) {
        return rows.since(channel.id(), since, Limit.of(most)).stream()
                .map(content -> Json.readSparse(content, Signal.class))
                .filter(signal -> !signal.practice())
                .toList();
    }

    private List<Line> lines(Channels.Channel channel, List<SignalRow> latest) {
        AlertQueue queue = now(channel.show()).alerts();
        Map<String, SignalRow> shownWith = new LinkedHashMap<>();
        List<SignalRow.Key> others = latest.stream()
                .filter(row -> row.fate == Fate.JOINED)
                .map(row -> AlertId.parse(row.shownWith, row.key.channelId()))
                .map(id -> new SignalRow.Key(id.channel(), id.signal()))
                .distinct()
                .toList();
        rows.findAllById(others)
                .forEach(row -> shownWith.put(new AlertId(row.key.channelId(), row.key.id()).toString(), row));
        return latest.stream()
                .map(row -> line(row, Optional.ofNullable(shownWith.get(alert(row))), queue))
                .toList();
    }

    /** The id of the alert that shows it. */
    private static String alert(SignalRow row) {
        UUID channel = row.key.channelId();
        return (row.fate == Fate.JOINED ? AlertId.parse(row.shownWith, channel) : new AlertId(channel, row.key.id()))
                .toString();
    }

    /** @param first whose alert shows it, where that is another one's */
    private Line line(SignalRow row, Optional<SignalRow> first, AlertQueue queue) {
        SignalRow shown = first.orElse(row);
        Optional<AlertSlot> planned = queue.alerts().stream()
                .filter(one -> one.showing() == 0 && one.id().equals(alert(row)) && one.planned())
                .map(AlertQueue.Alert::slot)
                .findFirst();
        long from = Optional.ofNullable(shown.showsFrom)
                .or(() -> planned.map(AlertSlot::from))
                .map(at -> at + time.ahead())
                .orElse(0L);
        long till = Optional.ofNullable(shown.showsTill)
                .or(() -> planned.map(AlertSlot::until))
                .map(at -> at + time.ahead())
                .orElse(0L);
        return new Line(
                Json.readSparse(row.content, Signal.class),
                row.fate,
                first.map(other -> Json.readSparse(other.content, Signal.class).shownName())
                        .orElse(""),
                from,
                till,
                Optional.ofNullable(shown.decidedBy));
    }

    /** When a signal happened that was taken in; empty where none with this id was. */
    public Optional<Instant> came(UUID channel, String id) {
        return rows.findById(new SignalRow.Key(channel, id)).map(row -> row.at);
    }

    /** As the clock of painters has it. */
    AlertSlot painted(AlertSlot slot) {
        return slot.moved(time.ahead());
    }

    /** Now, in the time in which alerts are planned. */
    long instant() {
        return time.now();
    }
}
