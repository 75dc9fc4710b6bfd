package brandeon.server.publish;

import brandeon.server.live.Asked;
import brandeon.server.live.Heard;
import brandeon.server.live.Moments;
import brandeon.server.live.Told;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import jakarta.annotation.PreDestroy;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * In which open source each show is heard: in one, whatever many show its alerts. Somebody chose it, or else it is one
 * that shows alerts of the leading theme, rather one that viewers see, and rather one whose browser lets it sound.
 */
@Component
public class Loudspeakers {

    private static final Logger LOG = LoggerFactory.getLogger(Loudspeakers.class);
    private static final Told.Sounding NOTHING = new Told.Sounding(false, List.of(), List.of());

    /** An open source. @param since the order in which they came */
    private record Open(
            String connection,
            Outlets.Outlet outlet,
            Consumer<Told> line,
            boolean visible,
            Asked.Hearing hearing,
            long since) {}

    /** Who is heard, and what they were told last. */
    private record Speaking(String connection, UUID outlet, Told.Sounding told) {}

    private final Outlets outlets;
    private final Themes themes;
    private final Moments moments;
    private final RunningShows shows;
    private final Heard heard;
    private final Map<String, Open> open = new ConcurrentHashMap<>();
    private final Map<UUID, Speaking> speaking = new ConcurrentHashMap<>();
    /** Shows that are to be looked at. */
    private final Set<UUID> wanted = ConcurrentHashMap.newKeySet();

    private final ScheduledExecutorService hand = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("loudspeakers").factory());

    Loudspeakers(Outlets outlets, Themes themes, Moments moments, RunningShows shows, Heard heard, Wakes wakes) {
        this.outlets = outlets;
        this.themes = themes;
        this.moments = moments;
        this.shows = shows;
        this.heard = heard;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case FACTS, SHOW -> look(wake.id());
                case THEME -> look(one -> one.outlet().theme().equals(wake.id()));
                case CHANNEL, OUTLET, ANYTHING -> {
                    speaking.keySet().forEach(this::look);
                    look(_ -> true);
                }
                case PLATFORM, MEMBER, PASS -> {}
            }
        });
    }

    @PreDestroy
    void stop() {
        hand.shutdownNow();
    }

    /** What an open source says of itself. */
    public void reported(
            String connection, Outlets.Outlet outlet, Consumer<Told> line, boolean visible, Asked.Hearing hearing) {
        Open before = open.get(connection);
        long since = before == null ? System.nanoTime() : before.since();
        Open now = new Open(connection, outlet, line, visible, hearing, since);
        open.put(connection, now);
        if (before == null || before.visible() != visible || before.hearing() != hearing) {
            look(one -> one.connection().equals(connection));
        }
    }

    public void gone(String connection) {
        open.remove(connection);
        speaking.forEach((show, one) -> {
            if (one.connection().equals(connection)) {
                look(show);
            }
        });
    }

    /** The source in which a show is heard now, with whether its browser lets it. */
    public record Now(UUID outlet, Asked.Hearing hearing) {}

    public Optional<Now> now(UUID show) {
        return Optional.ofNullable(speaking.get(show))
                .flatMap(one -> Optional.ofNullable(open.get(one.connection())))
                .map(one -> new Now(one.outlet().id(), one.hearing()));
    }

    /** Looks at the shows of some of the open sources; on another thread, since what is not known here is read. */
    private void look(Predicate<Open> some) {
        done(() -> open.values().stream()
                .filter(some)
                .flatMap(one -> showOf(one).stream())
                .distinct()
                .forEach(this::look));
    }

    /** Several changes at once are looked at once. */
    private void look(UUID show) {
        if (open.isEmpty() && !speaking.containsKey(show)) {
            return;
        }
        if (wanted.add(show)) {
            done(() -> {
                wanted.remove(show);
                lookAt(show);
            });
        }
    }

    private void done(Runnable work) {
        try {
            hand.execute(work);
        } catch (RejectedExecutionException e) {
            // The server is stopping.
        }
    }

    /** Never throws, so that one show leaves the others be. */
    private void lookAt(UUID show) {
        try {
            Optional<RunningShows.Running> running = shows.find(show);
            Optional<Speaking> before = Optional.ofNullable(speaking.get(show));
            Optional<Open> next = running.flatMap(
                    one -> chosen(one, before.map(Speaking::connection).orElse("")));
            before.filter(was -> next.filter(one -> one.connection().equals(was.connection()))
                            .isEmpty())
                    .flatMap(was -> Optional.ofNullable(open.get(was.connection())))
                    .ifPresent(was -> was.line().accept(NOTHING));
            if (next.isEmpty()) {
                speaking.remove(show);
                return;
            }
            Told.Sounding now = heard.of(running.orElseThrow());
            Speaking speaks =
                    new Speaking(next.get().connection(), next.get().outlet().id(), now);
            if (!before.equals(Optional.of(speaks))) {
                speaking.put(show, speaks);
                next.get().line().accept(now);
            }
            heard.again(show).ifPresent(wait -> hand.schedule(() -> look(show), wait, TimeUnit.MILLISECONDS));
        } catch (RuntimeException e) {
            LOG.error("What is heard of show {} could not be told", show, e);
        }
    }

    private Optional<Open> chosen(RunningShows.Running show, String before) {
        if (show.heardIn().isPresent()) {
            UUID only = show.heardIn().get();
            return best(open.values().stream().filter(one -> one.outlet().id().equals(only)), before);
        }
        return shows.announcing(show.id())
                .leading()
                .flatMap(themes::find)
                .flatMap(theme -> best(
                        open.values().stream()
                                .filter(one -> one.outlet().theme().equals(theme.id())
                                        && outlets.announces(one.outlet(), theme)),
                        before));
    }

    private static Optional<Open> best(Stream<Open> candidates, String before) {
        return candidates.max(Comparator.comparing(Open::visible)
                .thenComparing(one -> one.hearing() != Asked.Hearing.BLOCKED)
                .thenComparing(one -> one.connection().equals(before))
                .thenComparing(Comparator.comparingLong(Open::since).reversed()));
    }

    private Optional<UUID> showOf(Open one) {
        return themes.find(one.outlet().theme()).flatMap(moments::show);
    }
}
