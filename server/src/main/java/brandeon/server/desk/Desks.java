package brandeon.server.desk;

import brandeon.core.kept.Memory;
import brandeon.core.kind.Content;
import brandeon.core.kind.Kind;
import brandeon.core.show.CueGroup;
import brandeon.core.show.Grant;
import brandeon.core.show.Notices;
import brandeon.core.show.Panel;
import brandeon.core.show.Show;
import brandeon.core.show.Starting;
import brandeon.core.show.Underway;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Theme;
import brandeon.server.access.Members;
import brandeon.server.live.AlertDesk;
import brandeon.server.pass.Passes;
import brandeon.server.publish.Arrivals;
import brandeon.server.publish.Outlets;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts together what a desk shows. */
@Component
class Desks {

    private static final UUID NONE = new UUID(0, 0);
    private static final int DONE = 12;
    private static final long DAY = 86_400_000;
    private static final int NEXT = 8;

    private final RunningShows shows;
    private final Themes themes;
    private final Members members;
    private final AlertDesk alerts;
    private final Arrivals arrivals;

    /** What was done last until a version of a show, by everybody or with one pass; many desks ask for the same. */
    private record Until(UUID show, long version, Optional<UUID> pass) {}

    private record Recorded(List<RunningShows.Line> lines, Map<UUID, String> names) {}

    private Recorded read(Until wanted) {
        List<RunningShows.Line> lines = shows.record(wanted.show(), wanted.pass(), DONE);
        Set<UUID> accounts =
                lines.stream().flatMap(line -> line.account().stream()).collect(Collectors.toSet());
        return new Recorded(lines, accounts.isEmpty() ? Map.of() : members.names(accounts));
    }

    private final Cache<Until, Recorded> records = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(1))
            .<Until, Recorded>weigher(
                    (_, recorded) -> 200 + 400 * recorded.lines().size())
            .build();

    Desks(RunningShows shows, Themes themes, Members members, AlertDesk alerts, Arrivals arrivals) {
        this.shows = shows;
        this.themes = themes;
        this.members = members;
        this.alerts = alerts;
        this.arrivals = arrivals;
    }

    /** For somebody who may do everything. */
    DeskView of(Actor actor, RunningShows.Running show) {
        return view(actor, show, Grant.ALL, Optional.empty());
    }

    /** For somebody with a pass. */
    DeskView of(Actor actor, RunningShows.Running show, Passes.Pass pass) {
        return view(actor, show, pass.grants(), pass.goodTill());
    }

    private DeskView view(Actor actor, RunningShows.Running running, List<Grant> may, Optional<Instant> goodTill) {
        boolean withPass = actor.pass().isPresent();
        long now = System.currentTimeMillis();
        Show show = running.show().at(now);
        RunningShows.Steps steps = shows.steps(actor, running);
        // Asked once: of each desk that looks, many times a second.
        RunningShows.Cast cast = shows.cast(running);
        List<Arrivals.OpenSource> open = arrivals.open(cast.themes());
        Starting starting = shows.starting(running);
        List<Panel.Control> controls = Panel.of(show, starting);
        return new DeskView(
                running.id(),
                running.name(),
                running.version(),
                now,
                actor.name(),
                withPass,
                goodTill,
                steps.undo(),
                steps.redo(),
                all(may),
                onAir(cast, open),
                withPass ? Panel.within(controls, may) : controls,
                show.pause(),
                any(may, CueGroup.NOTICES) ? Optional.of(notices(show.notices(), now)) : Optional.empty(),
                any(may, CueGroup.VIEWERS) ? Optional.of(show.viewers()) : Optional.empty(),
                any(may, CueGroup.REQUESTS)
                                && (show.requests().used()
                                        || some(
                                                starting,
                                                kind -> kind.requested().isPresent()))
                        ? Optional.of(show.requests())
                        : Optional.empty(),
                any(may, CueGroup.TRACK)
                                && (show.tracks().now().isPresent()
                                        || some(starting, kind -> kind.heard().isPresent()))
                        ? Optional.of(show.tracks())
                        : Optional.empty(),
                any(may, CueGroup.BREAK) ? pictures(cast.themes()) : List.of(),
                sequences(show, may),
                any(may, CueGroup.ALERTS)
                        ? Optional.of(alerts.queue(running.workspace(), running.id()))
                        : Optional.empty(),
                done(actor, running),
                Content.LONGEST,
                look(cast.themes()),
                arrivals.of(running, open));
    }

    private static boolean some(Starting starting, Predicate<Kind> shows) {
        return starting.pieces().stream().map(piece -> piece.kind().facts()).anyMatch(shows);
    }

    private static String look(List<Themes.Draft> drafts) {
        return drafts.stream()
                .map(draft -> draft.onAir() > 0 ? "r" + draft.onAir() : "d" + draft.version())
                .collect(Collectors.joining("."));
    }

    private static List<DeskView.MayDo> all(List<Grant> may) {
        return may.stream()
                .flatMap(grant -> (grant.deeds().isEmpty()
                                ? grant.group().deeds().keySet()
                                : grant.deeds())
                        .stream().map(deed -> new DeskView.MayDo(deed, grant.pieces())))
                .toList();
    }

    private static DeskView.NoticeView notices(Notices plan, long now) {
        return new DeskView.NoticeView(
                plan,
                plan.told(now),
                plan.between(now, now + DAY).stream()
                        .filter(one -> one.from() > now)
                        .limit(NEXT)
                        .toList());
    }

    private List<String> pictures(List<Themes.Draft> drafts) {
        return drafts.stream()
                .flatMap(draft -> themes.onAir(draft).orElse(draft.theme()).artworks().stream())
                .map(Artwork::name)
                .distinct()
                .sorted()
                .toList();
    }

    private static boolean any(List<Grant> may, CueGroup group) {
        return may.stream().anyMatch(grant -> grant.group() == group);
    }

    private static List<DeskView.SequenceLine> sequences(Show show, List<Grant> may) {
        return show.sequences().stream()
                .filter(one -> Grant.take(may, "startSequence", one.id()) || Grant.take(may, "stopSequence", one.id()))
                .map(one -> {
                    Optional<Underway> underway = show.underway().stream()
                            .filter(running -> running.sequence().equals(one.id()))
                            .findFirst();
                    return new DeskView.SequenceLine(
                            one.id(),
                            one.name(),
                            one.steps(),
                            one.scene(),
                            underway.map(Underway::done).orElse(-1),
                            underway.map(Underway::due).orElse(0L));
                })
                .toList();
    }

    /** Whoever has a pass sees their own deeds. */
    private List<DeskView.DoneLine> done(Actor actor, RunningShows.Running show) {
        Recorded recorded = records.get(new Until(show.id(), show.version(), actor.pass()), this::read);
        Map<UUID, String> names = recorded.names();
        return recorded.lines().stream()
                .map(line -> new DeskView.DoneLine(
                        line.number(),
                        line.account().map(names::get).orElse(line.who()),
                        line.account().or(line::pass).equals(actor.account().or(actor::pass)),
                        line.at(),
                        line.sentence(),
                        line.undone(),
                        line.standing()))
                .toList();
    }

    /** The theme that leads first; those that are on air, or all while none is. */
    private List<DeskView.OnAir> onAir(RunningShows.Cast cast, List<Arrivals.OpenSource> open) {
        List<Themes.Draft> aired =
                cast.themes().stream().filter(draft -> draft.onAir() > 0).toList();
        UUID leading = cast.leading().map(Themes.Draft::id).orElse(NONE);
        return (aired.isEmpty() ? cast.themes() : aired)
                .stream()
                        .sorted((a, b) -> Boolean.compare(b.id().equals(leading), a.id().equals(leading)))
                        .map(draft -> line(draft, open))
                        .toList();
    }

    private DeskView.OnAir line(Themes.Draft draft, List<Arrivals.OpenSource> open) {
        Theme theme = themes.onAir(draft).orElse(draft.theme());
        return new DeskView.OnAir(
                draft.id(),
                theme.name(),
                draft.onAir(),
                theme.shownScenes().stream()
                        .map(scene -> new DeskView.DeskScene(scene.id(), scene.name()))
                        .toList(),
                theme.canvases().stream()
                        .map(canvas -> new DeskView.DeskCanvas(
                                canvas.id(),
                                canvas.name(),
                                canvas.size().width(),
                                canvas.size().height(),
                                open.stream()
                                        .filter(Arrivals.OpenSource::seen)
                                        .map(Arrivals.OpenSource::outlet)
                                        .filter(outlet -> outlet.theme().equals(draft.id())
                                                && outlet.canvas().equals(canvas.id()))
                                        .map(Outlets.Outlet::scene)
                                        .findFirst()
                                        .orElse("")))
                        .toList());
    }
}
