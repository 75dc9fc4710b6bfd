package brandeon.server.live;

import brandeon.core.canvas.Canvas;
import brandeon.core.kept.Memory;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** All feeds that are watched, kept right as themes and live state change. */
@Service
public class Feeds {

    private static final Logger LOG = LoggerFactory.getLogger(Feeds.class);
    private static final int IDLE_MINUTES = 2;

    private final Themes themes;
    private final Signals signals;
    private final Artworks artworks;
    private final JsonMapper json;
    private final Map<FeedKey, Feed> feeds = new ConcurrentHashMap<>();
    private final Map<UUID, ReentrantLock> refreshing = new ConcurrentHashMap<>();
    private final Map<UUID, TreeSet<Long>> planned = new ConcurrentHashMap<>();
    private final ExecutorService work = Executors.newVirtualThreadPerTaskExecutor();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("alerts").factory());
    private final Cache<String, Picture> pictures = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(8))
            .<String, Picture>weigher((_, picture) -> weight(picture))
            .build();

    Feeds(Themes themes, Signals signals, Artworks artworks, Wakes wakes, JsonMapper json) {
        this.themes = themes;
        this.signals = signals;
        this.artworks = artworks;
        this.json = json;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case THEME -> work.execute(() -> refreshTheme(wake.id()));
                case SHOW -> work.execute(() -> refreshShow(wake.id()));
                case CHANNEL -> work.execute(() -> refreshChannel(wake.id()));
                case ANYTHING ->
                    feeds.keySet().stream()
                            .map(FeedKey::theme)
                            .distinct()
                            .forEach(id -> work.execute(() -> refreshTheme(id)));
                case OUTLET, MEMBER -> {}
            }
        });
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
        work.shutdownNow();
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
        return now(themes.find(key.theme()), key);
    }

    private Picture now(Optional<Themes.Draft> draft, FeedKey key) {
        return draft.flatMap(d -> resolver(d, key.source())
                        .flatMap(r -> compute(r, d, key, signals.state(d, System.currentTimeMillis()))))
                .orElseGet(() -> empty(draft, key));
    }

    /** A place at a feed, to be given up with {@link #leave}. */
    public record Watch(FeedKey key, Watcher watcher) {}

    /**
     * Joins somebody to a feed and welcomes them.
     *
     * @param name       what they call the feed in their messages
     * @param haveEpoch  the epoch they last heard
     * @param haveNumber the number of the picture they have
     */
    public Watch watch(FeedKey key, String name, Watcher.Line line, String haveEpoch, long haveNumber) {
        Watcher watcher = new Watcher(name, line);
        // Under the lock, no change can fall between computing the picture and joining those who hear of changes.
        alone(key.theme(), () -> {
            Feed feed = present(key);
            Optional<List<Feed.Patch>> missed = feed.join(watcher, haveEpoch, haveNumber);
            pictures.put(feed.hash(), feed.picture());
            watcher.line()
                    .send(json.writeValueAsString(new Told.Welcome(
                            watcher.feed(),
                            feed.epoch(),
                            missed.isPresent() ? haveNumber : feed.number(),
                            missed.isPresent() ? "" : feed.hash(),
                            System.currentTimeMillis())));
            missed.ifPresent(patches -> patches.forEach(patch -> watcher.line().send(message(watcher.feed(), patch))));
        });
        return new Watch(key, watcher);
    }

    /** A feed with its picture of this moment: what changed while nobody watched was not followed. */
    private Feed present(FeedKey key) {
        Feed feed = feeds.get(key);
        if (feed != null && !feed.idle()) {
            return feed;
        }
        Optional<Themes.Draft> draft = themes.find(key.theme());
        draft.ifPresent(d -> plan(d.channel()));
        Picture now = now(draft, key);
        if (feed == null) {
            feed = new Feed(now);
            feeds.put(key, feed);
        } else {
            feed.change(now);
        }
        return feed;
    }

    /** Whoever comes back soon gets the patches missed; after a while a feed that nobody watches is given up. */
    public void leave(Watch watch) {
        Feed feed = feeds.get(watch.key());
        if (feed == null) {
            return;
        }
        feed.leave(watch.watcher());
        if (feed.idle() && !clock.isShutdown()) {
            clock.schedule(
                    () -> alone(watch.key().theme(), () -> {
                        if (feed.idle()) {
                            feeds.remove(watch.key(), feed);
                        }
                    }),
                    IDLE_MINUTES,
                    TimeUnit.MINUTES);
        }
    }

    /** The hash and number that a feed has now; empty when nobody watches it. */
    public Optional<String> hashOf(FeedKey key) {
        return Optional.ofNullable(feeds.get(key)).map(Feed::hash);
    }

    private void refreshShow(UUID show) {
        themes.ofShow(show).forEach(draft -> refreshTheme(draft.id()));
    }

    private void refreshChannel(UUID channel) {
        plan(channel);
        themes.onChannel(channel).forEach(draft -> refreshTheme(draft.id()));
    }

    /** Recomputes every watched feed of a theme. One at a time per theme, so that patches keep their order. */
    private void refreshTheme(UUID id) {
        alone(id, () -> {
            List<Map.Entry<FeedKey, Feed>> mine = feeds.entrySet().stream()
                    .filter(entry -> entry.getKey().theme().equals(id)
                            && !entry.getValue().idle())
                    .toList();
            if (mine.isEmpty()) {
                return;
            }
            try {
                themes.find(id).ifPresent(draft -> refresh(draft, mine));
            } catch (RuntimeException e) {
                LOG.error("Theme {} could not be painted", id, e);
            }
        });
    }

    /** One at a time for each theme. */
    private void alone(UUID theme, Runnable task) {
        ReentrantLock lock = refreshing.computeIfAbsent(theme, _ -> new ReentrantLock());
        lock.lock();
        try {
            task.run();
        } finally {
            lock.unlock();
        }
    }

    private void refresh(Themes.Draft draft, List<Map.Entry<FeedKey, Feed>> mine) {
        Map<FeedKey.Source, Optional<Resolver>> resolvers = new LinkedHashMap<>();
        LiveState live = signals.state(draft, System.currentTimeMillis());
        for (Map.Entry<FeedKey, Feed> entry : mine) {
            Optional<Resolver> resolver =
                    resolvers.computeIfAbsent(entry.getKey().source(), source -> resolver(draft, source));
            Picture next = resolver.flatMap(r -> compute(r, draft, entry.getKey(), live))
                    .orElseGet(() -> empty(Optional.of(draft), entry.getKey()));
            entry.getValue().change(next).ifPresent(patch -> broadcast(entry.getValue(), patch, next));
        }
        String changed = json.writeValueAsString(new Told.Changed(draft.id(), draft.version(), draft.onAir()));
        mine.stream()
                .flatMap(entry -> entry.getValue().watchers().stream())
                .map(Watcher::line)
                .distinct()
                .forEach(line -> line.send(changed));
    }

    private void broadcast(Feed feed, Feed.Patch patch, Picture picture) {
        pictures.put(patch.hash(), picture);
        Map<String, String> texts = new LinkedHashMap<>();
        for (Watcher watcher : feed.watchers()) {
            watcher.line().send(texts.computeIfAbsent(watcher.feed(), name -> message(name, patch)));
        }
    }

    private String message(String feed, Feed.Patch patch) {
        return json.writeValueAsString(new Told.Patch(
                feed, patch.number(), patch.hash(), patch.width(), patch.height(), patch.order(), patch.layers()));
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
        return Optional.of(artworks.signed(
                draft.workspace(), Picture.of(resolver.resolve(scene.get(), canvas.get(), live), key.part())));
    }

    /** Nothing, at the canvas's size as far as it is known. */
    private static Picture empty(Optional<Themes.Draft> draft, FeedKey key) {
        return draft.flatMap(d -> d.theme().canvas(key.canvas()))
                .map(canvas -> new Picture(canvas.size().width(), canvas.size().height(), List.of()))
                .orElse(new Picture(1920, 1080, List.of()));
    }

    /** Wakes up at each instant at which an alert begins or ends. */
    private void plan(UUID channel) {
        long now = System.currentTimeMillis();
        TreeSet<Long> mine = planned.computeIfAbsent(channel, _ -> new TreeSet<>());
        Set<Long> due = new TreeSet<>(signals.boundaries(channel, now));
        synchronized (mine) {
            mine.headSet(now - 1).clear();
            due.removeAll(mine);
            mine.addAll(due);
        }
        due.forEach(at ->
                clock.schedule(() -> work.execute(() -> refreshChannel(channel)), at - now + 1, TimeUnit.MILLISECONDS));
    }
}
