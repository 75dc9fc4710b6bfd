package brandeon.server.live;

import brandeon.core.live.AlertQueue;
import brandeon.core.live.Urgency;
import brandeon.core.text.Money;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.problem.Refused;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** A show's queue of alerts as people see it, and what they do to it, by whichever door they come. */
@Component
public class AlertDesk {

    /**
     * @param id      of the alert, as deeds name it, with {@code showing}
     * @param what    in the platform's word
     * @param more    how many others are shown with it
     * @param from    epoch milliseconds; 0 while the queue is paused
     */
    public record QueuedAlert(
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
    public record QueueView(
            long now, boolean paused, boolean silent, List<QueuedAlert> alerts, Optional<QueuedAlert> last) {}

    /** What can be done to a queue. */
    public enum AlertDeed {
        PAUSE,
        RESUME,
        SKIP,
        SILENCE,
        SOUND,
        REPEAT,
        MOVE,
        DROP,
        DROP_ALL;

        /** As rights name it, see {@link brandeon.core.show.CueGroup#ALERTS}. */
        public String right() {
            return this == DROP_ALL ? "dropAll" : name().toLowerCase(Locale.ROOT);
        }

        /** The one that a right is for. @throws java.util.NoSuchElementException for the right to something else */
        public static AlertDeed of(String right) {
            return Stream.of(values())
                    .filter(deed -> deed.right().equals(right))
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** @param alert its id and showing, for deeds on one that waits @param place from 0, for moving */
    public record AlertWish(AlertDeed deed, String alert, int showing, int place) {}

    private final PlatformProfiles profiles;
    private final Facts facts;

    AlertDesk(PlatformProfiles profiles, Facts facts) {
        this.profiles = profiles;
        this.facts = facts;
    }

    public QueueView queue(UUID workspace, UUID show) {
        return view(workspace, facts.now(show));
    }

    /**
     * @param by the account that does it; empty for somebody with a pass
     * @throws Refused with the reason when it cannot be
     */
    public QueueView change(UUID workspace, UUID show, Optional<UUID> by, AlertWish wish) {
        return view(workspace, facts.control(show, by, control(wish)));
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

    private QueueView view(UUID workspace, Facts.Standing standing) {
        AlertQueue queue = standing.alerts().at(facts.instant()).queue();
        return new QueueView(
                System.currentTimeMillis(),
                queue.paused(),
                queue.silent(),
                queue.alerts().stream().map(one -> view(workspace, one)).toList(),
                queue.last().map(one -> view(workspace, one)));
    }

    private QueuedAlert view(UUID workspace, AlertQueue.Alert one) {
        boolean planned = one.planned();
        return new QueuedAlert(
                one.id(),
                one.showing(),
                profiles.orPlain(workspace, one.signal().platform())
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
