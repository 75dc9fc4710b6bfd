package brandeon.server.live;

import brandeon.core.live.AlertQueue;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.server.show.RunningShows;
import brandeon.server.sound.SoundFiles;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is heard of a show's alerts: the sounds of the leading theme's rules, at the times of the queue. */
@Component
public class Heard {

    /** So many alerts are told ahead; the others when their time comes nearer. */
    private static final int AHEAD = 12;

    private final RunningShows shows;
    private final Facts facts;
    private final SoundFiles sounds;

    Heard(RunningShows shows, Facts facts, SoundFiles sounds) {
        this.shows = shows;
        this.facts = facts;
        this.sounds = sounds;
    }

    /** For the source in which a show is heard. */
    public Told.Sounding of(RunningShows.Running show) {
        RunningShows.Announcing announcing = shows.announcing(show.id());
        AlertQueue queue = facts.now(show.id()).alerts().at(facts.instant()).queue();
        Map<String, AlertRule> heard = announcing.rules().stream()
                .filter(rule -> rule.on() && rule.sound().heard())
                .collect(Collectors.toMap(AlertRule::id, Function.identity()));
        List<String> load = heard.values().stream()
                .flatMap(rule -> address(show, announcing, rule).stream())
                .distinct()
                .sorted()
                .toList();
        return new Told.Sounding(
                true,
                load,
                queue.silent()
                        ? List.of()
                        : queue.alerts().stream()
                                .filter(AlertQueue.Alert::planned)
                                .limit(AHEAD)
                                .flatMap(alert -> Optional.ofNullable(heard.get(alert.rule()))
                                        .flatMap(rule -> play(show, announcing, alert, rule))
                                        .stream())
                                .toList());
    }

    /** Whether more alerts are planned than were told, so that it should be asked again when the first is over. */
    public Optional<Long> again(UUID show) {
        AlertQueue queue = facts.now(show).alerts();
        return queue.alerts().size() <= AHEAD
                ? Optional.empty()
                : queue.next(facts.instant()).map(at -> at - facts.instant());
    }

    private Optional<Told.Play> play(
            RunningShows.Running show, RunningShows.Announcing announcing, AlertQueue.Alert alert, AlertRule rule) {
        AlertSlot slot = facts.painted(alert.slot());
        return address(show, announcing, rule)
                .map(address -> new Told.Play(
                        alert.id() + "#" + alert.showing(),
                        address,
                        announcing.sounds().gain(rule.sound()).orElse(0.0),
                        slot.from(),
                        slot.until()));
    }

    private Optional<String> address(RunningShows.Running show, RunningShows.Announcing announcing, AlertRule rule) {
        return sounds.address(
                show.workspace(), announcing.sounds(), rule.sound().sound());
    }
}
