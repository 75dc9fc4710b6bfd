package brandeon.server.publish;

import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a show is heard. */
@RestController
@RequestMapping("/api/shows/{show}/heard-in")
class HeardController {

    /** @param outlet empty for the source that viewers see */
    record HeardWish(Optional<UUID> outlet) {}

    private final Members members;
    private final RunningShows shows;
    private final Themes themes;
    private final Outlets outlets;
    private final Hearing hearing;

    HeardController(Members members, RunningShows shows, Themes themes, Outlets outlets, Hearing hearing) {
        this.members = members;
        this.shows = shows;
        this.themes = themes;
        this.outlets = outlets;
        this.hearing = hearing;
    }

    @GetMapping
    Hearing.HeardPlace where(@PathVariable UUID show) {
        return hearing.of(shows.get(members.current(), show));
    }

    @PutMapping
    Hearing.HeardPlace choose(@PathVariable UUID show, @RequestBody HeardWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        RunningShows.Running running = shows.get(member, show);
        wish.outlet().ifPresent(wanted -> {
            List<UUID> here =
                    themes.ofShow(running.id()).stream().map(Themes.Draft::id).toList();
            outlets.find(wanted)
                    .filter(outlet -> here.contains(outlet.theme()) && !outlet.withdrawn())
                    .orElseThrow(() -> new NotFound("There is no such source in this show."));
        });
        shows.hearIn(member, show, wish.outlet());
        return hearing.of(shows.get(member, show));
    }
}
