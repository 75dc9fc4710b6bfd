package brandeon.server.desk;

import brandeon.core.live.Signal;
import brandeon.core.show.ViewerCue;
import brandeon.core.show.ViewerPress;
import brandeon.core.show.Viewers;
import brandeon.server.live.SignalsTaken;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import jakarta.annotation.PreDestroy;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Does what viewers may do with a chat line, points or a tip: each signal at most once, on whichever server. */
@Component
class ViewerDeeds {

    private static final Logger LOG = LoggerFactory.getLogger(ViewerDeeds.class);

    private final RunningShows shows;
    private final ExecutorService hands = Executors.newVirtualThreadPerTaskExecutor();

    ViewerDeeds(RunningShows shows) {
        this.shows = shows;
    }

    @PreDestroy
    void stop() {
        hands.shutdownNow();
    }

    @EventListener
    void taken(SignalsTaken event) {
        shows.find(event.show()).filter(show -> show.show().viewers().on()).ifPresent(show -> {
            Viewers viewers = show.show().viewers();
            for (Signal signal : event.signals()) {
                viewers.presses().stream()
                        .filter(press -> press.takes(signal))
                        .findFirst()
                        .ifPresent(press -> hands.submit(() -> press(show, event.channel(), signal, press)));
            }
        });
    }

    private void press(RunningShows.Running show, UUID channel, Signal signal, ViewerPress press) {
        Actor viewer = Actor.viewer(show.workspace(), signal.shownName());
        // By the name that nobody is shown: limits hold for those who do not want to be named as well.
        String who = signal.name().isBlank() ? signal.shownName() : signal.name();
        String key = "viewer "
                + UUID.nameUUIDFromBytes((channel + " " + signal.id() + " " + press.id())
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8));
        try {
            shows.cue(viewer, show.id(), new ViewerCue.PressByViewer(press.id(), who), key);
        } catch (Refused | NotFound e) {
            LOG.debug("A viewer's press in show {} was not done: {}", show.id(), e.getMessage());
        } catch (DataAccessException e) {
            LOG.warn("A viewer's press in show {} was lost with the database", show.id());
        }
    }
}
