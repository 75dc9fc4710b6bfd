package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Advice;
import brandeon.core.publish.Part;
import brandeon.core.publish.Quiet;
import brandeon.core.publish.SourceSheet;
import brandeon.core.publish.Taking;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.watch.OpenSource;
import brandeon.core.watch.SourceFinding;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.live.Moments;
import brandeon.server.theme.Themes;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Putting on air, and the ledger of sources. */
@RestController
class LedgerController {

    /** How a source does. */
    enum State {
        NOT_OPEN,
        RIGHT,
        /** Something is found about it. */
        WRONG,
        WITHDRAWN
    }

    /**
     * One source.
     *
     * @param title       what people call the part
     * @param recommended whether it is among the fewest sources that show the scene right
     * @param link        empty for viewers of the workspace, who have no use for it
     * @param x           left edge on the canvas: 0 but for one piece or group alone
     * @param followsUntil when it stops showing the draft by itself, epoch milliseconds; 0 for never
     * @param sentence    how it does, for people
     * @param open        in how many places it is open, on all servers
     * @param seen        in how many of them viewers see it
     * @param seenAt      when viewers last saw it, epoch milliseconds; 0 for never
     * @param hidden      pieces that cannot be drawn at the moment and so are left out, each with the reason
     */
    record Row(
            UUID outlet,
            String scene,
            String sceneName,
            String canvas,
            String canvasName,
            Part part,
            String title,
            String link,
            int x,
            int y,
            int width,
            int height,
            int frameRate,
            Advice advice,
            boolean recommended,
            boolean followsDraft,
            long followsUntil,
            State state,
            String sentence,
            int open,
            int seen,
            long seenAt,
            List<String> hidden) {}

    /**
     * @param earlier  the release that taking back puts on air again; 0 when there is none
     * @param findings about its sources, the worst first
     */
    record Ledger(int onAir, int earlier, boolean differs, List<Row> rows, List<SourceFinding> findings) {}

    /** @param part one piece or group, by its written form */
    record AloneWish(String scene, String canvas, Part part) {}

    /**
     * What hangs on a theme, for whoever is about to delete it.
     *
     * @param open    sources that show it now
     * @param copies  names of themes that were moved from it
     */
    record Hanging(int links, int open, long changes, int pictures, List<String> copies) {}

    /** @param minutes after which it shows again what is on air; 0 for never by itself */
    record FollowWish(boolean draft, int minutes) {}

    /** @param scenes ids of those alone; empty for all of the draft */
    record OnAirWish(List<String> scenes) {}

    private final Members members;
    private final Themes themes;
    private final Outlets outlets;
    private final Watch watch;
    private final Moments moments;

    LedgerController(Members members, Themes themes, Outlets outlets, Watch watch, Moments moments) {
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
        this.watch = watch;
        this.moments = moments;
    }

    @GetMapping("/api/themes/{id}/ledger")
    Ledger ledger(@PathVariable UUID id) {
        Member member = members.current();
        boolean links = member.role().includes(Role.OPERATOR);
        Themes.Draft draft = themes.get(member, id);
        Theme theme = themes.onAir(draft).orElse(draft.theme());
        Watch.Seen seen = watch.of(theme, outlets.of(id));
        List<Row> rows = new ArrayList<>();
        Resolver resolver = new Resolver(theme);
        LiveState live = moments.of(draft);
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases()) {
                List<String> hidden = hidden(live, resolver, scene, canvas);
                ResolvedScene resolved = Quiet.scene(theme, scene, canvas);
                Taking taking = Taking.of(resolved);
                for (Part part : parts(resolved, seen, scene, canvas)) {
                    seen.at(new Outlets.Place(scene.id(), canvas.id(), part))
                            .ifPresent(watched -> rows.add(row(
                                    SourceSheet.Browser.of(theme, resolved, part),
                                    resolved,
                                    watched,
                                    taking.parts().contains(part),
                                    links,
                                    hidden)));
                }
            }
        }
        return new Ledger(draft.onAir(), themes.earlier(draft), themes.differs(draft), rows, seen.findings());
    }

    /** Those that the scene can be taken in now, and what somebody made a link for. */
    private static List<Part> parts(ResolvedScene resolved, Watch.Seen seen, Scene scene, Canvas canvas) {
        return Stream.concat(
                        Taking.all(resolved).stream(),
                        seen.all().stream()
                                .map(watched -> watched.outlet().place())
                                .filter(place -> place.scene().equals(scene.id())
                                        && place.canvas().equals(canvas.id())
                                        && place.part().boxed())
                                .map(Outlets.Place::part))
                .distinct()
                .toList();
    }

    /** Gives one piece or group alone a link of its own. */
    @PostMapping("/api/themes/{id}/sources")
    Ledger alone(@PathVariable UUID id, @RequestBody AloneWish wish) {
        outlets.alone(members.current(), id, new Outlets.Place(wish.scene(), wish.canvas(), wish.part()));
        return ledger(id);
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
                watch.open(known),
                themes.changes(member, id),
                theme.artworks().size(),
                copies);
    }

    @PostMapping("/api/themes/{id}/on-air")
    Ledger putOnAir(@PathVariable UUID id, @RequestBody(required = false) OnAirWish wish) {
        Themes.Draft draft =
                themes.putOnAir(members.current(), id, wish == null ? Set.of() : Set.copyOf(wish.scenes()));
        outlets.ensure(id, themes.onAir(draft).orElseThrow());
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
        outlets.follow(member, id, wish.draft() ? FeedKey.Source.DRAFT : FeedKey.Source.RELEASE, wish.minutes());
    }

    /** What viewers do not see because something is wrong with it. */
    private static List<String> hidden(LiveState live, Resolver resolver, Scene scene, Canvas canvas) {
        return resolver.resolve(scene, canvas, live).failed().stream()
                .map(failed -> String.format(
                        Locale.ROOT,
                        "%s is hidden: %s",
                        resolver.theme().piece(failed.piece()).map(Piece::name).orElse(failed.piece()),
                        failed.cause().getMessage()))
                .toList();
    }

    private Row row(
            SourceSheet.Browser source,
            ResolvedScene resolved,
            Watch.Watched watched,
            boolean recommended,
            boolean links,
            List<String> hidden) {
        Outlets.Outlet outlet = watched.outlet();
        List<OpenSource> open =
                watched.open().stream().filter(one -> !one.practice()).toList();
        State state = outlet.withdrawn()
                ? State.WITHDRAWN
                : !watched.findings().isEmpty() ? State.WRONG : open.isEmpty() ? State.NOT_OPEN : State.RIGHT;
        return new Row(
                outlet.id(),
                resolved.scene().id(),
                resolved.scene().name(),
                resolved.canvas().id(),
                resolved.canvas().name(),
                outlet.part(),
                source.title(),
                links ? outlets.link(outlet) : "",
                source.x(),
                source.y(),
                source.width(),
                source.height(),
                source.frameRate(),
                source.advice(),
                recommended,
                outlet.follows() == FeedKey.Source.DRAFT,
                outlet.followsUntil(),
                state,
                sentence(state, watched, open.size()),
                open.size(),
                (int) open.stream().filter(OpenSource::visible).count(),
                watched.seenAt(),
                hidden);
    }

    private static String sentence(State state, Watch.Watched watched, int open) {
        return switch (state) {
            case WITHDRAWN -> "Withdrawn; its link shows nothing.";
            case NOT_OPEN -> "Not open anywhere.";
            case RIGHT -> open == 1 ? "Open at the right size." : "Open " + open + " times at the right size.";
            case WRONG -> watched.findings().getFirst().sentence();
        };
    }
}
