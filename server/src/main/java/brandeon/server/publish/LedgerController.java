package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Advice;
import brandeon.core.publish.Part;
import brandeon.core.publish.SourceSheet;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.live.Feeds;
import brandeon.server.live.Moments;
import brandeon.server.theme.Themes;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Putting on air, and the ledger of sources. */
@RestController
class LedgerController {

    /** How an open source does. */
    enum State {
        NOT_OPEN,
        RIGHT,
        WRONG_SIZE,
        BEHIND,
        WITHDRAWN
    }

    /**
     * One source.
     *
     * @param recommended whether the source sheet uses it: scenes with captures are taken in two parts, others whole
     * @param link        empty for viewers of the workspace, who have no use for it
     * @param sentence    how it does, for people
     * @param hidden      pieces that cannot be drawn at the moment and so are left out, each with the reason
     */
    record Row(
            UUID outlet,
            String scene,
            String sceneName,
            String canvas,
            String canvasName,
            Part part,
            String link,
            int width,
            int height,
            int frameRate,
            Advice advice,
            boolean recommended,
            boolean followsDraft,
            State state,
            String sentence,
            int open,
            long oldLinkOpened,
            List<String> hidden) {}

    /** @param earlier the release that taking back puts on air again; 0 when there is none */
    record Ledger(int onAir, int earlier, boolean differs, List<Row> rows, List<SourceSheet> sheets) {}

    /**
     * What hangs on a theme, for whoever is about to delete it.
     *
     * @param open    sources that show it now
     * @param copies  names of themes that were moved from it
     */
    record Hanging(int links, int open, long changes, int pictures, List<String> copies) {}

    record FollowWish(boolean draft) {}

    private final Members members;
    private final Themes themes;
    private final Outlets outlets;
    private final Health health;
    private final Feeds feeds;
    private final Moments moments;

    LedgerController(Members members, Themes themes, Outlets outlets, Health health, Feeds feeds, Moments moments) {
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
        this.health = health;
        this.feeds = feeds;
        this.moments = moments;
    }

    @GetMapping("/api/themes/{id}/ledger")
    Ledger ledger(@PathVariable UUID id) {
        Member member = members.current();
        boolean links = member.role().includes(Role.OPERATOR);
        Themes.Draft draft = themes.get(member, id);
        Theme theme = themes.onAir(draft).orElse(draft.theme());
        Map<Outlets.Place, Outlets.Outlet> known = outlets.byPlace(id);
        List<SourceSheet> sheets = theme.canvases().stream()
                .map(canvas -> SourceSheet.of(theme, canvas))
                .toList();
        List<Row> rows = new ArrayList<>();
        Resolver resolver = new Resolver(theme);
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases()) {
                List<String> hidden = hidden(draft, resolver, scene, canvas);
                for (Part part : Part.values()) {
                    Outlets.Outlet outlet = known.get(new Outlets.Place(scene.id(), canvas.id(), part));
                    if (outlet != null) {
                        rows.add(row(
                                theme, scene, canvas, outlet, recommended(sheets, scene, canvas, part), links, hidden));
                    }
                }
            }
        }
        return new Ledger(draft.onAir(), themes.earlier(draft), themes.differs(draft), rows, sheets);
    }

    @GetMapping("/api/themes/{id}/hanging")
    Hanging hanging(@PathVariable UUID id) {
        Member member = members.current();
        Theme theme = themes.get(member, id).theme();
        List<Outlets.Outlet> known =
                outlets.of(id).stream().filter(outlet -> !outlet.withdrawn()).toList();
        List<String> copies = themes.all(member).stream()
                .filter(draft -> draft.movedFrom().filter(id::equals).isPresent())
                .map(draft -> draft.theme().name())
                .toList();
        return new Hanging(
                known.size(),
                known.stream()
                        .mapToInt(outlet -> health.reports(outlet.id()).size())
                        .sum(),
                themes.changes(member, id),
                theme.artworks().size(),
                copies);
    }

    @PostMapping("/api/themes/{id}/on-air")
    Ledger putOnAir(@PathVariable UUID id) {
        Themes.Draft draft = themes.putOnAir(members.current(), id);
        outlets.ensure(id, draft.theme());
        return ledger(id);
    }

    @PostMapping("/api/themes/{id}/on-air/back")
    Ledger takeBack(@PathVariable UUID id) {
        themes.takeBack(members.current(), id);
        return ledger(id);
    }

    @PostMapping("/api/outlets/{id}/reissue")
    void reissue(@PathVariable UUID id) {
        outlets.reissue(members.current(), id);
    }

    @PostMapping("/api/outlets/{id}/withdraw")
    void withdraw(@PathVariable UUID id) {
        outlets.withdraw(members.current(), id);
    }

    @PutMapping("/api/outlets/{id}/follows")
    void follow(@PathVariable UUID id, @RequestBody FollowWish wish) {
        Member member = members.current();
        outlets.follow(member, id, wish.draft() ? FeedKey.Source.DRAFT : FeedKey.Source.RELEASE);
    }

    /** What viewers do not see because something is wrong with it. */
    private List<String> hidden(Themes.Draft draft, Resolver resolver, Scene scene, Canvas canvas) {
        return resolver.resolve(scene, canvas, moments.of(draft)).failed().stream()
                .map(failed -> String.format(
                        Locale.ROOT,
                        "%s is hidden: %s",
                        resolver.theme().piece(failed.piece()).map(Piece::name).orElse(failed.piece()),
                        failed.cause().getMessage()))
                .toList();
    }

    private static boolean recommended(List<SourceSheet> sheets, Scene scene, Canvas canvas, Part part) {
        return sheets.stream()
                .filter(sheet -> sheet.canvas().id().equals(canvas.id()))
                .flatMap(sheet -> sheet.scenes().stream())
                .filter(s -> s.scene().equals(scene.id()))
                .flatMap(s -> s.sources().stream())
                .anyMatch(source -> source instanceof SourceSheet.Browser browser && browser.part() == part);
    }

    private Row row(
            Theme theme,
            Scene scene,
            Canvas canvas,
            Outlets.Outlet outlet,
            boolean recommended,
            boolean links,
            List<String> hidden) {
        List<Health.Report> reports = health.reports(outlet.id());
        State state = state(outlet, canvas, reports);
        return new Row(
                outlet.id(),
                scene.id(),
                scene.name(),
                canvas.id(),
                canvas.name(),
                outlet.part(),
                links ? outlets.link(outlet) : "",
                canvas.size().width(),
                canvas.size().height(),
                canvas.frameRate(),
                Advice.of(theme, scene, outlet.part()),
                recommended,
                outlet.follows() == FeedKey.Source.DRAFT,
                state,
                sentence(state, canvas, reports),
                reports.size(),
                health.oldLinkOpened(outlet.id()),
                hidden);
    }

    private State state(Outlets.Outlet outlet, Canvas canvas, List<Health.Report> reports) {
        if (outlet.withdrawn()) {
            return State.WITHDRAWN;
        }
        if (reports.isEmpty()) {
            return State.NOT_OPEN;
        }
        if (reports.stream().anyMatch(report -> wrongSize(canvas, report))) {
            return State.WRONG_SIZE;
        }
        String hash = feeds.hashOf(outlet.feed()).orElse("");
        return reports.stream().anyMatch(report -> !report.hash().equals(hash)) ? State.BEHIND : State.RIGHT;
    }

    private static boolean wrongSize(Canvas canvas, Health.Report report) {
        return report.width() != canvas.size().width()
                || report.height() != canvas.size().height();
    }

    private static String sentence(State state, Canvas canvas, List<Health.Report> reports) {
        return switch (state) {
            case WITHDRAWN -> "Withdrawn; its link shows nothing.";
            case NOT_OPEN -> "Not open anywhere.";
            case RIGHT ->
                reports.size() == 1
                        ? "Open at the right size."
                        : "Open " + reports.size() + " times at the right size.";
            case BEHIND -> "Open, but still painting an earlier picture.";
            case WRONG_SIZE -> {
                Health.Report wrong = reports.stream()
                        .filter(report -> wrongSize(canvas, report))
                        .findFirst()
                        .orElseThrow();
                yield String.format(
                        Locale.ROOT,
                        "Runs at %d × %d. Type width %d and height %d.",
                        wrong.width(),
                        wrong.height(),
                        canvas.size().width(),
                        canvas.size().height());
            }
        };
    }
}
