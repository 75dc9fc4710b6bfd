package brandeon.server.live;

import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Theme;
import brandeon.server.channel.Channels;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Signals of channels: kept for good, counted once, and given their time on screen when they arrive. */
@Service
public class Signals {

    /** One line of a channel's record: what came and when it was shown; 0 where no alert shows it. */
    public record Line(Signal signal, long showsFrom, long showsTill) {}

    /** A flood leaves thousands waiting; only the next ones matter now. */
    private static final int SHOWS_READ = 50;

    private final SignalRows rows;
    private final Channels channels;
    private final RunningShows running;
    private final Themes themes;
    private final Wakes wakes;
    private final TransactionTemplate transactions;
    private final Map<UUID, Readings> readings = new ConcurrentHashMap<>();
    private final Map<UUID, List<LiveState.Shown>> shows = new ConcurrentHashMap<>();
    /** By channel: how its signals are shown at present. */
    private final Map<UUID, Map<SignalKind, AlertRule>> rules = new ConcurrentHashMap<>();

    Signals(
            SignalRows rows,
            Channels channels,
            RunningShows running,
            Themes themes,
            Wakes wakes,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.channels = channels;
        this.running = running;
        this.themes = themes;
        this.wakes = wakes;
        this.transactions = transactions;
        wakes.listen(this::forget);
    }

    /** What was read is kept until somebody says that it changed. */
    private void forget(Wakes.Wake wake) {
        switch (wake.kind()) {
            case CHANNEL -> {
                readings.remove(wake.id());
                shows.remove(wake.id());
            }
            case THEME -> rules.clear();
            case ANYTHING -> {
                readings.clear();
                shows.clear();
                rules.clear();
            }
            case SHOW, OUTLET, MEMBER -> {}
        }
    }

    /**
     * Takes in one signal. The same id again changes nothing.
     *
     * @return whether it was new
     */
    public boolean accept(UUID channel, Signal signal, long now) {
        Optional<AlertRule> rule = rule(channel, signal.kind());
        return Boolean.TRUE.equals(transactions.execute(_ -> {
            // Signals of one channel follow each other, so that no two alerts get the same time.
            channels.lock(channel);
            Optional<AlertSlot> slot = rule.map(shown -> AlertSlot.after(rows.lastTill(channel), now, shown));
            int added = rows.add(
                    channel,
                    signal.id(),
                    signal.kind(),
                    Json.write(signal),
                    Instant.ofEpochMilli(signal.at()),
                    slot.map(AlertSlot::from).orElse(null),
                    slot.map(AlertSlot::until).orElse(null));
            if (added > 0) {
                wakes.channel(channel);
            }
            return added > 0;
        }));
    }

    /** Everything live that a theme's pictures show at this moment. */
    public LiveState state(Themes.Draft draft, long now) {
        Show show = channels.find(draft.channel())
                .flatMap(channel -> running.find(channel.show()))
                .map(RunningShows.Running::show)
                .orElse(Show.QUIET);
        return new LiveState(readings(draft.channel()), show, shown(draft.channel(), now));
    }

    public Readings readings(UUID channel) {
        return readings.computeIfAbsent(
                channel,
                id -> Readings.of(rows.contents(id).stream()
                        .map(content -> Json.read(content, Signal.class))
                        .toList()));
    }

    /** Instants still to come at which what is shown changes. */
    public List<Long> boundaries(UUID channel, long now) {
        return shows(channel, now).stream()
                .flatMap(shown -> Stream.of(shown.slot().from(), shown.slot().until()))
                .filter(at -> at >= now)
                .toList();
    }

    public List<Line> record(UUID channel, int most) {
        return rows.latest(channel, Limit.of(most)).stream()
                .map(row -> new Line(
                        Json.read(row.content, Signal.class),
                        Optional.ofNullable(row.showsFrom).orElse(0L),
                        Optional.ofNullable(row.showsTill).orElse(0L)))
                .toList();
    }

    private Optional<LiveState.Shown> shown(UUID channel, long now) {
        return shows(channel, now).stream()
                .filter(shown -> shown.slot().from() <= now && shown.slot().until() > now)
                .findFirst();
    }

    /** The next alerts, on screen or still to come, in their order; past ones may be among them. */
    private List<LiveState.Shown> shows(UUID channel, long now) {
        shows.computeIfPresent(
                channel,
                (_, known) ->
                        known.size() == SHOWS_READ && known.getLast().slot().from() <= now ? null : known);
        return shows.computeIfAbsent(
                channel,
                id -> rows.shownAfter(id, now, Limit.of(SHOWS_READ)).stream()
                        .map(row -> new LiveState.Shown(
                                Json.read(row.content, Signal.class), new AlertSlot(row.showsFrom, row.showsTill)))
                        .toList());
    }

    private Optional<AlertRule> rule(UUID channel, SignalKind kind) {
        return Optional.ofNullable(rules.computeIfAbsent(channel, this::read).get(kind));
    }

    /** The rules of the theme that is on air on this channel, else of its oldest draft; only those that are on. */
    private Map<SignalKind, AlertRule> read(UUID channel) {
        List<Themes.Draft> here = themes.onChannel(channel);
        Optional<Theme> theme = here.stream()
                .map(themes::onAir)
                .flatMap(Optional::stream)
                .findFirst()
                .or(() -> here.stream().map(Themes.Draft::theme).findFirst());
        return Arrays.stream(SignalKind.values())
                .flatMap(kind -> theme.flatMap(t -> t.alert(kind)).filter(AlertRule::on).stream())
                .collect(Collectors.toUnmodifiableMap(AlertRule::kind, Function.identity()));
    }
}
