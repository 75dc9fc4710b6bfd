package brandeon.server.live;

import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a show says and what came in, as pictures show it at one moment. */
@Component
public class Moments {

    private final Channels channels;
    private final PlatformProfiles profiles;
    private final RunningShows shows;
    private final Facts facts;
    private final ShowTables tables;
    private final AlertTime time;

    Moments(
            Channels channels,
            PlatformProfiles profiles,
            RunningShows shows,
            Facts facts,
            ShowTables tables,
            AlertTime time) {
        this.channels = channels;
        this.profiles = profiles;
        this.shows = shows;
        this.facts = facts;
        this.tables = tables;
        this.time = time;
    }

    /** The show that a theme is made for; empty when its channel is gone. */
    public Optional<UUID> show(Themes.Draft draft) {
        return channels.find(draft.channel()).map(Channels.Channel::show);
    }

    /** Everything live that a theme's pictures show at this moment. */
    public LiveState of(Themes.Draft draft) {
        return show(draft).map(show -> now(draft.workspace(), show)).orElse(LiveState.QUIET);
    }

    private LiveState now(UUID workspace, UUID id) {
        Show show = shows.find(id)
                .map(running -> running.show().at(System.currentTimeMillis()))
                .orElse(Show.QUIET);
        Facts.Standing known = facts.now(id);
        LiveState state = new LiveState(
                facts.readings(id),
                tables.of(id),
                show,
                known.alerts()
                        .shownAt(time.now())
                        .map(one -> new LiveState.Shown(
                                one.signal(),
                                one.more() + 1,
                                one.amount(),
                                one.names(),
                                one.slot().moved(time.ahead()),
                                profiles.orPlain(workspace, one.signal().platform()))));
        return state.noticing(show.notices().told(System.currentTimeMillis()));
    }

    /** How many milliseconds from now on something else is on screen by itself; empty when nothing is planned. */
    Optional<Long> next(UUID show) {
        long now = time.now();
        long clock = System.currentTimeMillis();
        long day = shows.counting(show).next(clock) - clock;
        long said = shows.find(show)
                .flatMap(running -> running.show().next(clock))
                .map(at -> at - clock)
                .orElse(day);
        long alert = facts.now(show).alerts().next(now).map(at -> at - now).orElse(day);
        return Optional.of(Math.min(day, Math.min(said, alert)));
    }
}
