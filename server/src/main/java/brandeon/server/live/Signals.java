package brandeon.server.live;

import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.LiveState;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import brandeon.core.theme.Theme;
import brandeon.server.theme.Themes;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Signals of channels: kept for good, counted once, and given their time on screen when they arrive. */
@Service
public class Signals {

    /** One line of a channel's record: what came and when it was shown; 0 where no alert shows it. */
    public record Line(Signal signal, long showsFrom, long showsTill) {
    }

    private final JdbcClient db;
    private final Themes themes;
    private final Wakes wakes;
    private final Map<UUID, Readings> readings = new ConcurrentHashMap<>();

    Signals(JdbcClient db, Themes themes, Wakes wakes) {
        this.db = db;
        this.themes = themes;
        this.wakes = wakes;
        wakes.listen(wake -> {
            if (wake.kind() == Wakes.Wake.Kind.CHANNEL) {
                readings.remove(wake.id());
            }
        });
    }

    /**
     * Takes in one signal. The same id again changes nothing.
     *
     * @return whether it was new
     */
    @Transactional
    public boolean accept(UUID channel, Signal signal, long now) {
        // Signals of one channel follow each other, so that no two alerts get the same time.
        db.sql("select id from channel where id = :id for update").param("id", channel).query(UUID.class).single();
        Optional<AlertSlot> slot = rule(channel, signal).map(rule -> AlertSlot.after(lastTill(channel), now, rule));
        int added = db.sql("""
                insert into signal (channel_id, id, kind, content, at, shows_from, shows_till)
                values (:channel, :id, :kind, :content::jsonb, :at, :from, :till) on conflict do nothing""")
                .param("channel", channel).param("id", signal.id()).param("kind", signal.kind().name()).param("content", Json.write(signal))
                .param("at", Timestamp.from(Instant.ofEpochMilli(signal.at())))
                .param("from", slot.map(AlertSlot::from).orElse(null)).param("till", slot.map(AlertSlot::until).orElse(null)).update();
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
        return readings.computeIfAbsent(channel, id -> Readings.of(db.sql("select content from signal where channel_id = :c order by number")
                .param("c", id).query((row, _) -> Json.read(row.getString(1), Signal.class)).list()));
    }

    /** Instants still to come at which what is shown changes. */
    public List<Long> boundaries(UUID channel, long now) {
        return db.sql("select shows_from, shows_till from signal where channel_id = :c and shows_till >= :now order by shows_from limit 50")
                .param("c", channel).param("now", now).query((row, _) -> List.of(row.getLong(1), row.getLong(2))).list()
                .stream().flatMap(List::stream).filter(at -> at >= now).toList();
    }

    public List<Line> record(UUID channel, int most) {
        return db.sql("select content, shows_from, shows_till from signal where channel_id = :c order by number desc limit :n")
                .param("c", channel).param("n", most).query((row, _) -> new Line(Json.read(row.getString(1), Signal.class), row.getLong(2), row.getLong(3))).list();
    }

    @Transactional
    public void startClock(UUID theme, String piece, long until) {
        db.sql("insert into clock (theme_id, piece, until) values (:t, :p, :u) on conflict (theme_id, piece) do update set until = :u")
                .param("t", theme).param("p", piece).param("u", until).update();
        wakes.theme(theme);
    }

    @Transactional
    public void stopClock(UUID theme, String piece) {
        db.sql("delete from clock where theme_id = :t and piece = :p").param("t", theme).param("p", piece).update();
        wakes.theme(theme);
    }

    public Map<String, Long> clocks(UUID theme) {
        Map<String, Long> clocks = new TreeMap<>();
        db.sql("select piece, until from clock where theme_id = :t").param("t", theme).query((row, _) -> clocks.put(row.getString(1), row.getLong(2))).list();
        return clocks;
    }

    private Optional<LiveState.Shown> shown(UUID channel, long now) {
        return db.sql("select content, shows_from, shows_till from signal where channel_id = :c and shows_from <= :now and shows_till > :now limit 1")
                .param("c", channel).param("now", now)
                .query((row, _) -> new LiveState.Shown(Json.read(row.getString(1), Signal.class), new AlertSlot(row.getLong(2), row.getLong(3)))).optional();
    }

    private long lastTill(UUID channel) {
        return db.sql("select coalesce(max(shows_till), 0) from signal where channel_id = :c").param("c", channel).query(Long.class).single();
    }

    /** The rule of the theme that is on air on this channel, else of its newest draft. */
    private Optional<AlertRule> rule(UUID channel, Signal signal) {
        List<Themes.Draft> here = themes.onChannel(channel);
        Optional<Theme> theme = here.stream().map(draft -> themes.onAir(draft.id())).flatMap(Optional::stream).findFirst()
                .or(() -> here.stream().map(Themes.Draft::theme).findFirst());
        return theme.flatMap(t -> t.alert(signal.kind())).filter(AlertRule::on);
    }
}
