package brandeon.server.live;

import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.LiveState;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import brandeon.core.theme.Theme;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signals of channels: kept for good, counted once, and given their time on screen when they arrive. */
@Service
public class Signals {

    /** One line of a channel's record: what came and when it was shown; 0 where no alert shows it. */
    public record Line(Signal signal, long showsFrom, long showsTill) {}

    /** A flood leaves thousands waiting; only the next ones matter now. */
    private static final int SHOWS_READ = 50;

    private final JdbcClient db;
    private final Themes themes;
    private final Wakes wakes;
    private final Map<UUID, Readings> readings = new ConcurrentHashMap<>();
    private final Map<UUID, List<LiveState.Shown>> shows = new ConcurrentHashMap<>();
    private final Map<UUID, Map<String, Long>> clocks = new ConcurrentHashMap<>();

    Signals(JdbcClient db, Themes themes, Wakes wakes) {
        this.db = db;
        this.themes = themes;
        this.wakes = wakes;
        wakes.listen(this::forget);
    }

    /** What was read is kept until somebody says that it changed. */
    private void forget(Wakes.Wake wake) {
        switch (wake.kind()) {
            case CHANNEL -> {
                readings.remove(wake.id());
                shows.remove(wake.id());
            }
            case CLOCK -> clocks.remove(wake.id());
            case ANYTHING -> {
                readings.clear();
                shows.clear();
                clocks.clear();
            }
            case THEME, OUTLET, MEMBER -> {}
        }
    }

    /**
     * Takes in one signal. The same id again changes nothing.
     *
     * @return whether it was new
     */
    @Transactional
    public boolean accept(UUID channel, Signal signal, long now) {
        // Signals of one channel follow each other, so that no two alerts get the same time.
        db.sql("select id from channel where id = :id for update")
                .param("id", channel)
                .query(UUID.class)
                .single();
        Optional<AlertSlot> slot = rule(channel, signal).map(rule -> AlertSlot.after(lastTill(channel), now, rule));
        int added = db.sql("""
                insert into signal (channel_id, id, kind, content, at, shows_from, shows_till)
                values (:channel, :id, :kind, :content::jsonb, :at, :from, :till) on conflict do nothing""")
                .param("channel", channel)
                .param("id", signal.id())
                .param("kind", signal.kind().name())
                .param("content", Json.write(signal))
                .param("at", Timestamp.from(Instant.ofEpochMilli(signal.at())))
                .param("from", slot.map(AlertSlot::from).orElse(null))
                .param("till", slot.map(AlertSlot::until).orElse(null))
                .update();
        if (added > 0) {
            wakes.channel(channel);
        }
        return added > 0;
    }

    /** Everything live that a theme's pictures show at this moment. */
    public LiveState state(Themes.Draft draft, long now) {
        return new LiveState(readings(draft.channel()), clocks(draft.id()), shown(draft.channel(), now));
    }

    public Readings readings(UUID channel) {
        return readings.computeIfAbsent(
                channel,
                id -> Readings.of(db.sql("select content from signal where channel_id = :c order by number")
                        .param("c", id)
                        .query((row, _) -> Json.read(row.getString(1), Signal.class))
                        .list()));
    }

    /** Instants still to come at which what is shown changes. */
    public List<Long> boundaries(UUID channel, long now) {
        return shows(channel, now).stream()
                .flatMap(shown -> Stream.of(shown.slot().from(), shown.slot().until()))
                .filter(at -> at >= now)
                .toList();
    }

    public List<Line> record(UUID channel, int most) {
        return db.sql(
                        "select content, shows_from, shows_till from signal where channel_id = :c order by number desc limit :n")
                .param("c", channel)
                .param("n", most)
                .query((row, _) -> new Line(Json.read(row.getString(1), Signal.class), row.getLong(2), row.getLong(3)))
                .list();
    }

    @Transactional
    public void startClock(UUID theme, String piece, long until) {
        db.sql(
                        "insert into clock (theme_id, piece, until) values (:t, :p, :u) on conflict (theme_id, piece) do update set until = :u")
                .param("t", theme)
                .param("p", piece)
                .param("u", until)
                .update();
        wakes.clock(theme);
    }

    @Transactional
    public void stopClock(UUID theme, String piece) {
        db.sql("delete from clock where theme_id = :t and piece = :p")
                .param("t", theme)
                .param("p", piece)
                .update();
        wakes.clock(theme);
    }

    public Map<String, Long> clocks(UUID theme) {
        return clocks.computeIfAbsent(theme, id -> {
            Map<String, Long> running = new TreeMap<>();
            db.sql("select piece, until from clock where theme_id = :t")
                    .param("t", id)
                    .query((row, _) -> running.put(row.getString(1), row.getLong(2)))
                    .list();
            return Map.copyOf(running);
        });
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
                id -> db.sql(
                                "select content, shows_from, shows_till from signal where channel_id = :c and shows_till >= :now order by shows_from limit :n")
                        .param("c", id)
                        .param("now", now)
                        .param("n", SHOWS_READ)
                        .query((row, _) -> new LiveState.Shown(
                                Json.read(row.getString(1), Signal.class),
                                new AlertSlot(row.getLong(2), row.getLong(3))))
                        .list());
    }

    private long lastTill(UUID channel) {
        return db.sql("select coalesce(max(shows_till), 0) from signal where channel_id = :c")
                .param("c", channel)
                .query(Long.class)
                .single();
    }

    /** The rule of the theme that is on air on this channel, else of its newest draft. */
    private Optional<AlertRule> rule(UUID channel, Signal signal) {
        List<Themes.Draft> here = themes.onChannel(channel);
        Optional<Theme> theme = here.stream()
                .map(draft -> themes.onAir(draft.id()))
                .flatMap(Optional::stream)
                .findFirst()
                .or(() -> here.stream().map(Themes.Draft::theme).findFirst());
        return theme.flatMap(t -> t.alert(signal.kind())).filter(AlertRule::on);
    }
}
