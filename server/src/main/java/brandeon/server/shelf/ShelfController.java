package brandeon.server.shelf;

import brandeon.core.canvas.Canvas;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import brandeon.server.theme.Themes;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: all themes of a workspace, what becomes of one as a whole, and coming back to it. */
@RestController
@RequestMapping("/api/themes")
class ShelfController {

    /** @param changedBy who changed it last; empty when it is as it was made */
    record ShelfLine(
            UUID id,
            String name,
            String platform,
            String channel,
            int onAir,
            boolean differs,
            long version,
            List<SceneLine> scenes,
            List<Canvas> canvases,
            Instant updatedAt,
            String changedBy,
            boolean archived) {}

    record SceneLine(String id, String name) {}

    record Archiving(boolean archived) {}

    /** @param version that is seen there */
    record VisitWish(String place, long version) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Visits visits;

    ShelfController(Members members, Themes themes, Channels channels, Visits visits) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.visits = visits;
    }

    /** The archived ones too. */
    @GetMapping
    List<ShelfLine> shelf() {
        List<Themes.Draft> drafts = themes.all(members.current());
        Map<UUID, Themes.LastChange> changes =
                themes.lastChanges(drafts.stream().map(Themes.Draft::id).toList());
        Map<UUID, String> names = members.names(changes.values().stream()
                .map(Themes.LastChange::account)
                .distinct()
                .toList());
        return drafts.stream()
                .map(draft -> line(
                        draft,
                        Optional.ofNullable(changes.get(draft.id()))
                                .map(change -> names.get(change.account()))
                                .orElse("")))
                .toList();
    }

    private ShelfLine line(Themes.Draft draft, String changedBy) {
        Channels.Channel channel = channels.find(draft.channel()).orElseThrow();
        return new ShelfLine(
                draft.id(),
                draft.theme().name(),
                channel.platform().title(),
                channel.name(),
                draft.onAir(),
                themes.differs(draft),
                draft.version(),
                draft.theme().scenes().stream()
                        .map(scene -> new SceneLine(scene.id(), scene.name()))
                        .toList(),
                draft.theme().canvases(),
                draft.updatedAt(),
                changedBy,
                draft.archived());
    }

    /** Another theme like this one. */
    @PostMapping("/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    ShelfLine duplicate(@PathVariable UUID id) {
        return line(themes.duplicate(members.current(), id), "");
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable UUID id, @RequestBody Archiving wish) {
        themes.archive(members.current(), id, wish.archived());
    }

    @GetMapping("/{id}/visit")
    Visits.LastVisit lastVisit(@PathVariable UUID id) {
        return visits.last(members.current(), id);
    }

    @PutMapping("/{id}/visit")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void visit(@PathVariable UUID id, @RequestBody VisitWish wish) {
        Member member = members.current();
        visits.keep(member, id, wish.place(), wish.version());
    }
}
