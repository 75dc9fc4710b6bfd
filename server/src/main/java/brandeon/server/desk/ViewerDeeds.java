package brandeon.server.desk;

import brandeon.core.live.ChatLine;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.show.Cue;
import brandeon.core.show.NoticeCue;
import brandeon.core.show.RequestCue;
import brandeon.core.show.ViewerCue;
import brandeon.core.show.ViewerPress;
import brandeon.core.show.Viewers;
import brandeon.server.live.SignalsTaken;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import jakarta.annotation.PreDestroy;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Does what signals do to a show by themselves: what viewers may do with a chat line, points or a tip, what they ask for,
 * and what a platform says of its advertising. Each signal does it at most once, on whichever server.
 */
@Component
class ViewerDeeds {

    private static final Logger LOG = LoggerFactory.getLogger(ViewerDeeds.class);

    /** Seconds. */
    private static final long LONGEST_ADVERTISING = 900;

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
        shows.find(event.show()).ifPresent(show -> {
            List<Runnable> deeds = event.signals().stream()
                    .flatMap(signal -> deeds(show, event.channel(), signal))
                    .toList();
            if (!deeds.isEmpty()) {
                // One after another, so that whoever asks first comes first.
                hands.submit(() -> deeds.forEach(Runnable::run));
            }
        });
    }

    private Stream<Runnable> deeds(RunningShows.Running show, UUID channel, Signal signal) {
        List<Runnable> deeds = new ArrayList<>();
        if (signal.kind() == SignalKind.ADVERTISING) {
            deeds.add(() -> advertising(show, channel, signal));
        }
        if (signal.kind() == SignalKind.CHAT) {
            asked(show, signal)
                    .ifPresent(wish -> deeds.add(
                            () -> cue(viewer(show, signal), show, wish, "asks " + named(channel, signal, ""))));
        }
        Viewers viewers = show.show().viewers();
        if (viewers.on()) {
            viewers.presses().stream()
                    .filter(press -> press.takes(signal))
                    .findFirst()
                    .ifPresent(press -> deeds.add(() -> press(show, channel, signal, press)));
        }
        return deeds.stream();
    }

    /** What a line of the chat asks for, without what this show hides of its chat. */
    private static Optional<Cue> asked(RunningShows.Running show, Signal signal) {
        return show.show()
                .requests()
                .wish(signal.message())
                .flatMap(what -> show.chat()
                        .shown(new ChatLine(signal.id(), signal.at(), signal.shownName(), what))
                        .map(line -> new RequestCue.AskByViewer(
                                signal.platform() + " " + signal.id(), line.name(), line.text())));
    }

    private void advertising(RunningShows.Running show, UUID channel, Signal signal) {
        Cue cue = signal.amount() > 0
                ? new NoticeCue.StartNotice((int) Math.min(signal.amount(), LONGEST_ADVERTISING))
                : new NoticeCue.EndNotice();
        cue(Actor.show(show.workspace()), show, cue, "advertising " + named(channel, signal, ""));
    }

    private static Actor viewer(RunningShows.Running show, Signal signal) {
        return Actor.viewer(show.workspace(), signal.shownName());
    }

    /** The same for the same signal, on whichever server. */
    private static UUID named(UUID channel, Signal signal, String what) {
        return UUID.nameUUIDFromBytes((channel + " " + signal.id() + " " + what).getBytes(StandardCharsets.UTF_8));
    }

    private void press(RunningShows.Running show, UUID channel, Signal signal, ViewerPress press) {
        // By the name that nobody is shown: limits hold for those who do not want to be named as well.
        String who = signal.name().isBlank() ? signal.shownName() : signal.name();
        cue(
                viewer(show, signal),
                show,
                new ViewerCue.PressByViewer(press.id(), who),
                "viewer " + named(channel, signal, press.id()));
    }

    private void cue(Actor actor, RunningShows.Running show, Cue cue, String key) {
        try {
            shows.cue(actor, show.id(), cue, key);
        } catch (Refused | NotFound e) {
            LOG.debug("What a signal does in show {} was not done: {}", show.id(), e.getMessage());
        } catch (DataAccessException e) {
            LOG.warn("What a signal does in show {} was lost with the database", show.id());
        }
    }
}
