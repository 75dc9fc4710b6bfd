package brandeon.server.publish;

import brandeon.core.show.Show;
import brandeon.server.live.Feeds;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Which open sources already show what their show says: the proof that a deed reached the screens. */
@Component
public class Arrivals {

    /** @param on how many of all open sources of a show have it */
    public record Reached(int on, int of) {}

    /** A source that is open, and whether viewers see it. */
    public record OpenSource(Outlets.Outlet outlet, boolean seen) {}

    private final Health health;
    private final Outlets outlets;
    private final Themes themes;
    private final Feeds feeds;

    Arrivals(Health health, Outlets outlets, Themes themes, Feeds feeds) {
        this.health = health;
        this.outlets = outlets;
        this.themes = themes;
        this.feeds = feeds;
    }

    /** How far the latest deed on a show has come. */
    public Reached of(RunningShows.Running show) {
        return of(show, open(themes.ofShow(show.id())));
    }

    /** @param open its sources that are open */
    public Reached of(RunningShows.Running show, List<OpenSource> open) {
        Show said = show.show().at(System.currentTimeMillis());
        int on = 0;
        int all = 0;
        for (OpenSource source : open) {
            Outlets.Outlet outlet = source.outlet();
            boolean painted = feeds.painted(outlet.theme(), outlet.follows())
                    .filter(live -> live.show().equals(said))
                    .isPresent();
            for (Health.Report report : health.reports(outlet.id())) {
                String hash = feeds.hashOf(outlet.feed(report.settings())).orElse("");
                all++;
                if (painted && report.hash().equals(hash)) {
                    on++;
                }
            }
        }
        return new Reached(on, all);
    }

    /** Sources of some themes that are open. */
    public List<OpenSource> open(List<Themes.Draft> drafts) {
        Map<UUID, Themes.Draft> mine = drafts.stream().collect(Collectors.toMap(Themes.Draft::id, Function.identity()));
        return health.open().stream()
                .flatMap(id -> outlets.find(id).stream())
                .filter(outlet -> mine.containsKey(outlet.theme()))
                .map(outlet -> new OpenSource(
                        outlet, health.reports(outlet.id()).stream().anyMatch(Health.Report::visible)))
                .toList();
    }
}
