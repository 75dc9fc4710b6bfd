package brandeon.server.publish;

import brandeon.server.live.Facts;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Says in words where a show is heard, and what is in the way where it is not. */
@Component
class Hearing {

    enum Audible {
        /** In one source, whose browser lets it. */
        HEARD,
        /** In one source, which had nothing to play yet. */
        READY,
        /** Nobody hears it, though alerts have sounds. */
        NOT_HEARD,
        /** Somebody silenced it. */
        SILENCED,
        /** No alert has a sound. */
        NOTHING
    }

    /**
     * @param chosen the source that somebody chose; null for the one that viewers see
     * @param now    the source in which it is heard now; null for none
     */
    record HeardPlace(Optional<UUID> chosen, Optional<UUID> now, Audible sound, String sentence) {}

    private final RunningShows shows;
    private final Themes themes;
    private final Outlets outlets;
    private final Loudspeakers loudspeakers;
    private final Facts facts;

    Hearing(RunningShows shows, Themes themes, Outlets outlets, Loudspeakers loudspeakers, Facts facts) {
        this.shows = shows;
        this.themes = themes;
        this.outlets = outlets;
        this.loudspeakers = loudspeakers;
        this.facts = facts;
    }

    HeardPlace of(RunningShows.Running show) {
        Optional<Loudspeakers.Now> now = loudspeakers.now(show.id());
        Audible sound = sound(show, now);
        return new HeardPlace(show.heardIn(), now.map(Loudspeakers.Now::outlet), sound, sentence(show, now, sound));
    }

    private Audible sound(RunningShows.Running show, Optional<Loudspeakers.Now> now) {
        if (shows.announcing(show.id()).rules().stream()
                .noneMatch(rule -> rule.on() && rule.sound().heard())) {
            return Audible.NOTHING;
        }
        if (facts.now(show.id()).alerts().silent()) {
            return Audible.SILENCED;
        }
        return now.map(one -> switch (one.hearing()) {
                    case RUNS -> Audible.HEARD;
                    case UNTRIED -> Audible.READY;
                    case BLOCKED -> Audible.NOT_HEARD;
                })
                .orElse(Audible.NOT_HEARD);
    }

    private String sentence(RunningShows.Running show, Optional<Loudspeakers.Now> now, Audible sound) {
        String place = now.map(Loudspeakers.Now::outlet)
                .or(show::heardIn)
                .map(this::named)
                .orElse("");
        return switch (sound) {
            case NOTHING -> "No alert of the leading theme has a sound.";
            case SILENCED -> "Sound is off; alerts are only seen.";
            case HEARD, READY -> "Heard in " + place + ".";
            case NOT_HEARD -> {
                if (now.isPresent()) {
                    yield "The browser in which " + place
                            + " is open does not let it sound. Click once on its page, or open it as a browser source.";
                }
                yield show.heardIn().isPresent()
                        ? place + " was chosen to be heard, and it is not open anywhere."
                        : "No source that shows alerts is open, so nothing is heard.";
            }
        };
    }

    /** As people know a source. */
    private String named(UUID id) {
        return outlets.find(id)
                .flatMap(outlet -> themes.find(outlet.theme()).map(draft -> Outlets.named(draft.theme(), outlet)))
                .orElse("a source that is gone");
    }
}
