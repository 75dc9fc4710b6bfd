package brandeon.server.live;

import brandeon.core.canvas.Canvas;
import brandeon.core.kept.Memory;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.LinkSettings;
import brandeon.core.publish.OwnBox;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeChange;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * All feeds that are watched, kept right as themes, shows and facts change: the road from every change to every screen.
 * Each theme has a road of its own ({@link ThemeRoad}); a few threads walk all of them.
 */
@Service
public class Feeds {

    private static final Logger LOG = LoggerFactory.getLogger(Feeds.class);
    private static final int IDLE_MINUTES = 2;
    private static final int AGAIN_MILLIS = 1000;
    /** Nanoseconds; a timer that is set for the same instant or an earlier one rings soon enough. */
    private static final long NEAR = 2_000_000;

    private final Themes themes;
    private final Moments moments;
    private final Artworks artworks;
    private final JsonMapper json;
    private final Map<UUID, ThemeRoad> roads = new ConcurrentHashMap<>();
    /** The draft of each theme as its followers know it. */
    private final Map<UUID, Themes.Draft> told = new ConcurrentHashMap<>();
    /** By show: the next instant for which a timer is set, in nanoseconds as the JVM counts them. */
    private final Map<UUID, Long> alarms = new ConcurrentHashMap<>();

    private final ExecutorService hands = Executors.newFixedThreadPool(
            Math.max(2, Runtime.getRuntime().availableProcessors()),
            Thread.ofPlatform()
                    .daemon()
                    .name("road-", 0)
                    .priority(Thread.MAX_PRIORITY)
                    .factory());
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("instants").factory());
    private final Cache<String, Picture> pictures = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(8))
            .<String, Picture>weigher((_, picture) -> weight(picture))
            .build();

    Feeds(Themes themes, Moments moments, Artworks artworks, Wakes wakes, JsonMapper json) {
        this.themes = themes;
        this.moments = moments;
        this.artworks = artworks;
        this.json = json;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case THEME -> changed(wake.id(), ThemeRoad.Change.THEME);
                case SHOW, FACTS -> changed(wake.id());
                case CHANNEL, PLATFORM, ANYTHING ->
                    roads.values().forEach(road -> {
                        road.changed(ThemeRoad.Change.THEME);
                        road.changed(ThemeRoad.Change.LIVE);
                    });
                case OUTLET, MEMBER, PASS -> {}
            }
        });
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
        hands.shutdownNow();
    }

    /** A picture by its lasting name. */
    public Optional<Picture> picture(String hash) {
        return Optional.ofNullable(pictures.getIfPresent(hash));
    }

    /** In bytes, roughly: text of one byte a letter, and as much again around it. */
    private static int weight(Picture picture) {
        return 2
                * picture.layers().stream()
                        .mapToInt(layer -> layer.svg().length() + 200)
                        .sum();
    }

    /** What a feed shows at this moment: nothing on its canvas where its scene is gone or not on air. */
    public Picture now(FeedKey key) {
        Optional<Themes.Draft> draft = themes.newest(key.theme());
        return draft.flatMap(d -> resolver(d, key.source()).flatMap(r -> compute(r, d, key, moments.of(d))))
                .orElseGet(() -> empty(draft, key));
    }

    /** A place at a feed, to be given up with {@link #leave}. */
    public static final class Watch {
        private final FeedKey key;
        private final Watcher watcher;
        private volatile boolean left;

        private Watch(FeedKey key, Watcher watcher) {
            this.key = key;
            this.watcher = watcher;
        }
    }

    /**
     * Joins somebody to a feed; they are welcomed as soon as the road gets to them.
     *
     * @param name       what they call the feed in their messages
     * @param haveEpoch  the epoch they last heard
     * @param haveNumber the number of the picture they have
     */
    public Watch watch(FeedKey key, String name, Watcher.Line line, String haveEpoch, long haveNumber) {
        Watch watch = new Watch(key, new Watcher(name, line));
        join(new ThemeRoad.Join(watch, haveEpoch, haveNumber));
        return watch;
    }

    /** Whoever fell behind is told again where their feed stands, and fetches the whole picture. */
    public void catchUp(Watch watch) {
        if (!watch.left) {
            join(new ThemeRoad.Join(watch, "", -1));
        }
    }

    private void join(ThemeRoad.Join join) {
        onRoad(join.watch().key.theme(), road -> road.join(join));
    }

    /** Lets somebody hear of every change of a theme until they leave it. */
    public void follow(UUID theme, Watcher.Line line) {
        themes.newest(theme).ifPresent(draft -> told.putIfAbsent(theme, draft));
        onRoad(theme, road -> road.follow(line));
    }

    public void unfollow(UUID theme, Watcher.Line line) {
        Optional.ofNullable(roads.get(theme)).ifPresent(road -> {
            road.followers().remove(line);
            giveUpLater(road);
        });
    }

    /** Whoever comes back soon gets the patches missed; after a while a feed that nobody watches is given up. */
    public void leave(Watch watch) {
        watch.left = true;
        Optional.ofNullable(roads.get(watch.key.theme())).ifPresent(road -> {
            Optional.ofNullable(road.feeds().get(watch.key)).ifPresent(feed -> feed.leave(watch.watcher));
            giveUpLater(road);
        });
    }

    private void giveUpLater(ThemeRoad road) {
        if (road.feeds().values().stream().anyMatch(Feed::idle)
                || (road.feeds().isEmpty() && road.followers().isEmpty())) {
            later(() -> giveUp(road), TimeUnit.MINUTES.toMillis(IDLE_MINUTES));
        }
    }

    /** @param wait milliseconds */
    private void later(Runnable then, long wait) {
        try {
            clock.schedule(then, wait, TimeUnit.MILLISECONDS);
        } catch (RejectedExecutionException e) {
            // The server is stopping.
        }
    }

    private void giveUp(ThemeRoad road) {
        long before = System.currentTimeMillis() - TimeUnit.MINUTES.toMillis(IDLE_MINUTES);
        if (road.close(before)) {
            roads.remove(road.theme(), road);
            told.remove(road.theme());
        }
    }

    /** The hash of what a feed shows now; empty when nobody watches it. */
    public Optional<String> hashOf(FeedKey key) {
        return Optional.ofNullable(roads.get(key.theme()))
                .flatMap(road -> Optional.ofNullable(road.feeds().get(key)))
                .map(Feed::hash);
    }

    /** Everything live that the feeds of a theme show by now; empty when nobody watches any of them. */
    public Optional<LiveState> painted(UUID theme, FeedKey.Source source) {
        return Optional.ofNullable(roads.get(theme))
                .flatMap(road -> road.painted(source))
                .map(ThemeRoad.Painted::live);
    }

    /** One that is just being given up takes nobody any more; then there is another one. */
    private void onRoad(UUID theme, Predicate<ThemeRoad> taken) {
        ThemeRoad road;
        do {
            road = roads.computeIfAbsent(theme, id -> new ThemeRoad(id, hands, this::paint));
            if (road.closed()) {
                roads.remove(theme, road);
            }
        } while (!taken.test(road));
    }

    private void changed(UUID theme, ThemeRoad.Change change) {
        Optional.ofNullable(roads.get(theme)).ifPresent(road -> road.changed(change));
    }

    /** Something else is said in a show, or came in: on every theme of it that somebody watches. */
    private void changed(UUID show) {
        roads.values().stream()
                .filter(road -> road.show().map(show::equals).orElse(true))
                .forEach(road -> road.changed(ThemeRoad.Change.LIVE));
    }

    /** One step of a road. Never throws: what went wrong is tried again a moment later. */
    private void paint(ThemeRoad road, ThemeRoad.Step step) {
        try {
            Optional<Themes.Draft> draft = themes.newest(road.theme());
            if (draft.isPresent()) {
                painted(road, step, draft.get());
            } else {
                gone(road, step);
            }
        } catch (RuntimeException e) {
            LOG.error("Theme {} could not be painted; it is tried again", road.theme(), e);
            later(
                    () -> {
                        step.changes().forEach(road::changed);
                        step.joins().forEach(this::join);
                    },
                    AGAIN_MILLIS);
        }
    }

    private void painted(ThemeRoad road, ThemeRoad.Step step, Themes.Draft draft) {
        LiveState live = moments.of(draft);
        Optional<UUID> show = moments.show(draft);
        road.show(show);
        Map<FeedKey.Source, Optional<Resolver>> resolvers = new EnumMap<>(FeedKey.Source.class);
        for (FeedKey.Source source : FeedKey.Source.values()) {
            long version = source == FeedKey.Source.DRAFT ? draft.version() : draft.onAir();
            Optional<ThemeRoad.Painted> last = road.painted(source).filter(painted -> painted.version() == version);
            // An edit of a draft costs a release nothing, and a cue only the scenes that can show it.
            if (last.isEmpty() || step.changes().contains(ThemeRoad.Change.LIVE)) {
                road.feeds().forEach((key, feed) -> {
                    if (key.source() == source
                            && !feed.idle()
                            && last.map(painted -> shows(resolvers, draft, key, painted.live(), live))
                                    .orElse(true)) {
                        change(feed, picture(road, resolvers, draft, key, live));
                    }
                });
            }
            road.painted(source, new ThemeRoad.Painted(version, live));
        }
        for (ThemeRoad.Join join : step.joins()) {
            welcome(road, join, key -> picture(road, resolvers, draft, key, live));
        }
        tell(road, draft);
        show.ifPresent(this::alarm);
    }

    /** The theme was deleted: nothing is left to be seen of it. */
    private void gone(ThemeRoad road, ThemeRoad.Step step) {
        road.feeds().forEach((key, feed) -> change(feed, empty(Optional.empty(), key)));
        step.joins().forEach(join -> welcome(road, join, key -> empty(Optional.empty(), key)));
        told.remove(road.theme());
    }

    private interface Now {
        Picture of(FeedKey key);
    }

    private void welcome(ThemeRoad road, ThemeRoad.Join join, Now now) {
        FeedKey key = join.watch().key;
        Feed feed = road.feeds().get(key);
        if (feed == null) {
            feed = new Feed(now.of(key));
            road.feeds().put(key, feed);
        } else if (feed.idle()) {
            // What changed while nobody watched was not followed.
            feed.change(now.of(key));
        }
        Watcher watcher = join.watch().watcher;
        Optional<List<Feed.Patch>> missed = feed.join(watcher, join.epoch(), join.number());
        if (join.watch().left) {
            feed.leave(watcher);
            return;
        }
        pictures.put(feed.hash(), feed.picture());
        watcher.line()
                .send(json.writeValueAsString(new Told.Welcome(
                        watcher.feed(),
                        feed.epoch(),
                        missed.isPresent() ? join.number() : feed.number(),
                        missed.isPresent() ? "" : feed.hash(),
                        System.currentTimeMillis())));
        missed.ifPresent(patches -> patches.forEach(patch -> watcher.line().send(message(watcher.feed(), patch))));
    }

    private void change(Feed feed, Picture next) {
        feed.change(next).ifPresent(patch -> {
            pictures.put(patch.hash(), next);
            Map<String, String> texts = new LinkedHashMap<>();
            for (Watcher watcher : feed.watchers()) {
                watcher.line().send(texts.computeIfAbsent(watcher.feed(), name -> message(name, patch)));
            }
        });
    }

    private String message(String feed, Feed.Patch patch) {
        return json.writeValueAsString(new Told.Patch(
                feed,
                patch.number(),
                patch.hash(),
                patch.x(),
                patch.y(),
                patch.width(),
                patch.height(),
                patch.order(),
                patch.layers()));
    }

    /** Tells followers what is different from what they know. */
    private void tell(ThemeRoad road, Themes.Draft draft) {
        if (road.followers().isEmpty()) {
            told.remove(road.theme());
            return;
        }
        Optional<Themes.Draft> before = Optional.ofNullable(told.put(road.theme(), draft));
        if (before.filter(known -> known.version() >= draft.version()).isPresent()) {
            return;
        }
        // Whoever knows another version than this one asks for the whole.
        Themes.Draft from = before.orElse(draft);
        String text = json.writeValueAsString(new Told.Changed(
                draft.id(),
                from.version(),
                draft.version(),
                draft.onAir(),
                themes.differs(draft),
                ThemeChange.between(from.theme(), draft.theme())));
        road.followers().forEach(line -> line.send(text));
    }

    /** Whether a feed can look otherwise than before. */
    private boolean shows(
            Map<FeedKey.Source, Optional<Resolver>> resolvers,
            Themes.Draft draft,
            FeedKey key,
            LiveState before,
            LiveState now) {
        Optional<Resolver> resolver = resolvers.computeIfAbsent(key.source(), source -> resolver(draft, source));
        return resolver.map(known -> {
                    LinkSettings set = settings(known, key);
                    Resolver worn = worn(known, set);
                    return worn.theme()
                            .scene(key.scene())
                            .map(scene -> key.seen()
                                    ? worn.seenDiffers(scene, set.over(before), set.over(now))
                                    : worn.differs(scene, set.over(before), set.over(now)))
                            .orElse(false);
                })
                .orElse(false);
    }

    /** What one feed shows. Whatever is wrong with it, all others go on. */
    private Picture picture(
            ThemeRoad road,
            Map<FeedKey.Source, Optional<Resolver>> resolvers,
            Themes.Draft draft,
            FeedKey key,
            LiveState live) {
        try {
            return resolvers
                    .computeIfAbsent(key.source(), source -> resolver(draft, source))
                    .flatMap(resolver -> compute(resolver, draft, key, live))
                    .orElseGet(() -> empty(Optional.of(draft), key));
        } catch (RuntimeException e) {
            LOG.error("{} of theme {} could not be painted; it stays as it was", key.scene(), draft.id(), e);
            return Optional.ofNullable(road.feeds().get(key))
                    .map(Feed::picture)
                    .orElseGet(() -> empty(Optional.of(draft), key));
        }
    }

    private Optional<Resolver> resolver(Themes.Draft draft, FeedKey.Source source) {
        Optional<Theme> theme = source == FeedKey.Source.DRAFT ? Optional.of(draft.theme()) : themes.onAir(draft);
        return theme.map(Resolver::new);
    }

    private Optional<Picture> compute(Resolver resolver, Themes.Draft draft, FeedKey key, LiveState live) {
        Optional<Scene> scene = resolver.theme().scene(key.scene());
        Optional<Canvas> canvas = resolver.theme().canvas(key.canvas());
        if (scene.isEmpty() || canvas.isEmpty()) {
            return Optional.empty();
        }
        LinkSettings set = settings(resolver, key);
        Resolver worn = worn(resolver, set);
        Scene shown = worn.theme().scene(key.scene()).orElseThrow();
        return Optional.of(artworks.signed(draft.workspace(), picture(worn, shown, canvas.get(), key, set.over(live))));
    }

    private static LinkSettings settings(Resolver resolver, FeedKey key) {
        return LinkSettings.read(resolver.theme(), key.scene(), key.canvas(), key.part(), key.settings());
    }

    /** With what a link sets for its source alone. */
    private static Resolver worn(Resolver resolver, LinkSettings set) {
        return set.theme() == resolver.theme() ? resolver : new Resolver(set.theme());
    }

    private static Picture picture(Resolver resolver, Scene scene, Canvas canvas, FeedKey key, LiveState live) {
        return Picture.of(
                key.seen() ? resolver.seen(scene, canvas, live) : resolver.resolve(scene, canvas, live),
                key.part(),
                OwnBox.of(resolver.theme(), scene, canvas, key.part()));
    }

    /** Nothing, at the canvas's size as far as it is known. */
    private static Picture empty(Optional<Themes.Draft> draft, FeedKey key) {
        return draft.flatMap(d -> d.theme().canvas(key.canvas()))
                .map(canvas ->
                        new Picture(0, 0, canvas.size().width(), canvas.size().height(), List.of()))
                .orElse(new Picture(0, 0, 1920, 1080, List.of()));
    }

    /** Wakes up when an alert begins or ends. Timers run evenly, as alerts do. */
    private void alarm(UUID show) {
        moments.next(show).ifPresent(wait -> {
            long at = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(wait);
            Long set = alarms.get(show);
            if (set != null && set - at <= NEAR) {
                return;
            }
            alarms.put(show, at);
            later(() -> ring(show, at), Math.max(1, wait));
        });
    }

    private void ring(UUID show, long at) {
        alarms.remove(show, at);
        changed(show);
    }
}
