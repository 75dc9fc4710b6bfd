package brandeon.server.live;

import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.AlertDesk.AlertWish;
import brandeon.server.live.AlertDesk.QueueView;
import brandeon.server.show.RunningShows;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A show's queue of alerts: seen with its times, and changed by people. */
@RestController
@RequestMapping("/api/shows/{show}/alerts")
class AlertController {

    private final Members members;
    private final RunningShows shows;
    private final AlertDesk alerts;

    AlertController(Members members, RunningShows shows, AlertDesk alerts) {
        this.members = members;
        this.shows = shows;
        this.alerts = alerts;
    }

    @GetMapping
    QueueView queue(@PathVariable UUID show) {
        Member member = members.current().requires(Role.OPERATOR);
        return alerts.queue(member.workspace(), shows.get(member, show).id());
    }

    @PostMapping
    QueueView change(@PathVariable UUID show, @RequestBody AlertWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        return alerts.change(member.workspace(), shows.get(member, show).id(), Optional.of(member.account()), wish);
    }
}
