package brandeon.server.live;

import brandeon.core.live.AlertQueue;
import brandeon.core.live.Urgency;
import brandeon.core.text.Money;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.problem.Refused;
import brandeon.server.show.RunningShows;
import java.util.List;
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

    /**
     * @param id      of the alert, as deeds name it, with {@code showing}
     * @param what    in the platform's word
     * @param more    how many others are shown with it
     * @param from    epoch milliseconds; 0 while the queue is paused
     */
    record QueuedAlert(
            String id,
            int showing,
            String what,
            String name,
            int more,
            String money,
            String message,
            String rule,
            Urgency urgency,
            boolean practice,
            long from,
            long until) {}

    /**
     * @param now    of the server, epoch milliseconds
     * @param alerts the one on screen first, then those to come
     * @param last   that was shown; null where none was
     */
    record QueueView(long now, boolean paused, boolean silent, List<QueuedAlert> alerts, Optional<QueuedAlert> last) {}

    enum AlertDeed {
        PAUSE,
        RESUME,
        SKIP,
        SILENCE,
        SOUND,
        REPEAT,
        MOVE,
        DROP,
        DROP_ALL
    }

    /** @param alert its id and showing, for deeds on one that waits @param place from 0, for moving */
    record AlertWish(AlertDeed deed, String alert, int showing, int place) {}

    private final Members members;
    private final RunningShows shows;
    private final PlatformProfiles profiles;
    private final Facts facts;

    AlertController(Members members, RunningShows shows, PlatformProfiles profiles, Facts facts) {
        this.members = members;
        this.shows = shows;
        this.profiles = profiles;
        this.facts = facts;
    }

    @GetMapping
    QueueView queue(@PathVariable UUID show) {
        Member member = members.current().requires(Role.OPERATOR);
        return view(member, facts.now(shows.get(member, show).id()));
    }

    @PostMapping
    QueueView change(@PathVariable UUID show, @RequestBody AlertWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        return view(member, facts.control(shows.get(member, show).id(), member.account(), control(wish)));
    }

    private static Facts.Control control(AlertWish wish) {
        return switch (wish.deed()) {
            case PAUSE -> AlertQueue::pause;
            case RESUME -> AlertQueue::resume;
            case SILENCE -> (queue, _, _) -> queue.sounding(false);
            case SOUND -> (queue, _, _) -> queue.sounding(true);
            case SKIP ->
                (queue, pace, now) -> {
                    require(queue.shownAt(now).isPresent(), "No alert is on screen.");
                    return queue.skip(pace, now);
                };
            case REPEAT ->
                (queue, pace, now) -> {
                    AlertQueue next = queue.repeat(pace, now);
                    require(!next.equals(queue), "No alert was shown yet, or too many wait.");
                    return next;
                };
            case DROP_ALL ->
                (queue, pace, now) -> {
                    require(!queue.waiting(now).isEmpty(), "No alert waits.");
                    return queue.dropAll(pace, now);
                };
            case DROP ->
                (queue, pace, now) -> {
                    requireWaiting(queue, wish, now);
                    return queue.drop(wish.alert(), wish.showing(), pace, now);
                };
            case MOVE ->
                (queue, pace, now) -> {
                    requireWaiting(queue, wish, now);
                    return queue.move(wish.alert(), wish.showing(), wish.place(), pace, now);
                };
        };
    }

    private static void requireWaiting(AlertQueue queue, AlertWish wish, long now) {
        require(
                queue.waiting(now).stream()
                        .anyMatch(one -> one.id().equals(wish.alert()) && one.showing() == wish.showing()),
                "This alert does not wait any more.");
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Refused(otherwise);
        }
    }

    private QueueView view(Member member, Facts.Standing standing) {
        AlertQueue queue = standing.alerts().at(facts.instant()).queue();
        return new QueueView(
                System.currentTimeMillis(),
                queue.paused(),
                queue.silent(),
                queue.alerts().stream().map(one -> view(member, one)).toList(),
                queue.last().map(one -> view(member, one)));
    }

    private QueuedAlert view(Member member, AlertQueue.Alert one) {
        boolean planned = one.planned();
        return new QueuedAlert(
                one.id(),
                one.showing(),
                profiles.orPlain(member.workspace(), one.signal().platform())
                        .termOrPlain(one.signal().kind())
                        .word(),
                one.signal().shownName(),
                one.more(),
                one.signal().money().map(Money::written).orElse(""),
                one.signal().message(),
                one.rule(),
                one.urgency(),
                one.signal().practice(),
                planned ? facts.painted(one.slot()).from() : 0,
                planned ? facts.painted(one.slot()).until() : 0);
    }
}
