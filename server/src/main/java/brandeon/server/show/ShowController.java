package brandeon.server.show;

import brandeon.core.show.Cue;
import brandeon.core.show.Panel;
import brandeon.core.show.TakeOver;
import brandeon.core.theme.Edit;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.theme.ThemeView;
import brandeon.server.theme.ThemeViews;
import brandeon.server.theme.Themes;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A show for people: what can be done on it now, cues, what was done, and which theme leads. */
@RestController
@RequestMapping("/api/shows")
class ShowController {

    private static final int RECORD = 50;

    /** @param leads whether its alert rules are those of the show */
    record ThemeLine(UUID id, String name, int onAir, boolean leads) {}

    /** @param now epoch milliseconds on the server's clock, which running clocks hang on */
    record ShowView(
            UUID id,
            String name,
            long version,
            boolean canUndo,
            boolean canRedo,
            long now,
            List<ThemeLine> themes,
            List<Panel.Control> controls) {}

    /** @param key given by who sends it, so that a repeated cue does nothing twice; empty for none */
    record CueWish(Cue cue, String key) {}

    /** What became of a cue. @param repeated whether it had been applied before; nothing changed now then */
    record CueReceipt(long version, String sentence, boolean repeated) {}

    record CueLine(long number, String who, Door door, Instant at, String sentence, boolean undone) {}

    record Leading(UUID theme) {}

    private final Members members;
    private final RunningShows shows;
    private final Themes themes;
    private final ThemeViews views;

    ShowController(Members members, RunningShows shows, Themes themes, ThemeViews views) {
        this.members = members;
        this.shows = shows;
        this.themes = themes;
        this.views = views;
    }

    @GetMapping("/{id}")
    ShowView get(@PathVariable UUID id) {
        Member member = members.current();
        return view(member, shows.get(member, id));
    }

    @PostMapping("/{id}/cues")
    CueReceipt cue(@PathVariable UUID id, @RequestBody CueWish wish) {
        return receipt(shows.cue(Actor.of(members.current()), id, wish.cue(), wish.key()));
    }

    @PostMapping("/{id}/undo")
    CueReceipt undo(@PathVariable UUID id) {
        return receipt(shows.undo(Actor.of(members.current()), id));
    }

    @PostMapping("/{id}/redo")
    CueReceipt redo(@PathVariable UUID id) {
        return receipt(shows.redo(Actor.of(members.current()), id));
    }

    /** The latest first. */
    @GetMapping("/{id}/cues")
    List<CueLine> record(@PathVariable UUID id) {
        List<RunningShows.Line> lines = shows.record(members.current(), id, RECORD);
        Map<UUID, String> names = members.names(
                lines.stream().flatMap(line -> line.account().stream()).toList());
        return lines.stream()
                .map(line -> new CueLine(
                        line.number(),
                        line.account().map(names::get).orElse(line.who()),
                        line.door(),
                        line.at(),
                        line.sentence(),
                        line.undone()))
                .toList();
    }

    /** Lets another theme lead. */
    @PutMapping("/{id}/leading")
    ShowView lead(@PathVariable UUID id, @RequestBody Leading wish) {
        Member member = members.current();
        shows.lead(member, id, wish.theme());
        return view(member, shows.get(member, id));
    }

    /** Writes what the show says of a piece into a theme, as one step; the show goes on saying it. */
    @PostMapping("/{id}/take-over/{theme}/{piece}")
    ThemeView takeOver(@PathVariable UUID id, @PathVariable UUID theme, @PathVariable String piece) {
        Member member = members.current().requires(Role.DESIGNER);
        RunningShows.Running show = shows.get(member, id);
        if (themes.ofShow(id).stream().noneMatch(draft -> draft.id().equals(theme))) {
            throw new NotFound("There is no such theme in this show.");
        }
        Themes.Changed changed = themes.edit(
                member,
                theme,
                draft -> {
                    List<Edit> edits = TakeOver.edits(show.show(), draft, piece);
                    if (edits.isEmpty()) {
                        throw new Refused("The theme says the same already.");
                    }
                    return edits.size() == 1 ? edits.getFirst() : new Edit.Batch(edits);
                },
                "");
        return views.of(member, changed.after());
    }

    private ShowView view(Member member, RunningShows.Running show) {
        RunningShows.Cast cast = shows.cast(show);
        RunningShows.Steps steps = member.role().includes(Role.OPERATOR)
                ? shows.steps(Actor.of(member), show)
                : new RunningShows.Steps(false, false);
        return new ShowView(
                show.id(),
                show.name(),
                show.version(),
                steps.undo(),
                steps.redo(),
                System.currentTimeMillis(),
                cast.themes().stream()
                        .map(draft -> new ThemeLine(
                                draft.id(),
                                draft.theme().name(),
                                draft.onAir(),
                                cast.leading()
                                        .filter(leading -> leading.id().equals(draft.id()))
                                        .isPresent()))
                        .toList(),
                Panel.of(show.show(), shows.starting(show)));
    }

    private static CueReceipt receipt(RunningShows.Done done) {
        return new CueReceipt(done.show().version(), done.sentence(), done.repeated());
    }
}
