package brandeon.server.live;

import brandeon.core.show.LiveState;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;

/**
 * The road of one theme: what changed, and who wants to see it. Changes are collected while one of them is being
 * painted, so that a burst of them is painted once, as it is at the end.
 */
final class ThemeRoad {

    /** What may have changed. */
    enum Change {
        /** Its draft, or which release is on air. */
        THEME,
        /** What its show says, or what came in. */
        LIVE
    }

    /** Somebody who joins a feed. @param number of the picture they have, in the epoch that they last heard */
    record Join(Feeds.Watch watch, String epoch, long number) {}

    /** What is to be done now. */
    record Step(Set<Change> changes, List<Join> joins) {}

    /** What was painted last. @param version of the draft, or the number of the release */
    record Painted(long version, LiveState live) {}

    /** Paints. */
    interface Painter {
        void paint(ThemeRoad road, Step step);
    }

    private final UUID theme;
    private final Executor hands;
    private final Painter painter;
    private final Map<FeedKey, Feed> feeds = new ConcurrentHashMap<>();
    private final Map<FeedKey.Source, Painted> painted = new ConcurrentHashMap<>();
    private final Set<Watcher.Line> followers = ConcurrentHashMap.newKeySet();
    private final Set<Change> waiting = EnumSet.noneOf(Change.class);
    private final List<Join> joining = new ArrayList<>();
    private volatile Optional<UUID> show = Optional.empty();
    private boolean working;
    private boolean closed;

    ThemeRoad(UUID theme, Executor hands, Painter painter) {
        this.theme = theme;
        this.hands = hands;
        this.painter = painter;
    }

    UUID theme() {
        return theme;
    }

    /** The show that it is made for, as far as it was painted yet. */
    Optional<UUID> show() {
        return show;
    }

    void show(Optional<UUID> made) {
        show = made;
    }

    void changed(Change change) {
        wake(() -> waiting.add(change));
    }

    /** @return whether it was taken; not by a road that is given up */
    boolean join(Join join) {
        return wake(() -> joining.add(join));
    }

    synchronized boolean follow(Watcher.Line line) {
        if (!closed) {
            followers.add(line);
        }
        return !closed;
    }

    private synchronized boolean wake(Runnable note) {
        if (closed) {
            return false;
        }
        note.run();
        if (!working) {
            working = true;
            hands.execute(this::work);
        }
        return true;
    }

    synchronized boolean closed() {
        return closed;
    }

    /**
     * Gives up feeds that nobody watches any more, and itself when none is left.
     *
     * @param before epoch milliseconds since which a feed must have been idle
     * @return whether it is given up now, and takes nobody any more
     */
    synchronized boolean close(long before) {
        if (!working) {
            feeds.values().removeIf(feed -> feed.idleSince() < before);
            closed = feeds.isEmpty() && followers.isEmpty();
        }
        return closed;
    }

    /** One step, and back to the end of the line, so that no theme holds up another one. */
    private void work() {
        painter.paint(this, next());
        synchronized (this) {
            working = !waiting.isEmpty() || !joining.isEmpty();
            if (working) {
                hands.execute(this::work);
            }
        }
    }

    private synchronized Step next() {
        Step step = new Step(EnumSet.noneOf(Change.class), List.copyOf(joining));
        step.changes().addAll(waiting);
        waiting.clear();
        joining.clear();
        return step;
    }

    Map<FeedKey, Feed> feeds() {
        return feeds;
    }

    /** Those who hear of every change of the theme itself. */
    Set<Watcher.Line> followers() {
        return followers;
    }

    Optional<Painted> painted(FeedKey.Source source) {
        return Optional.ofNullable(painted.get(source));
    }

    void painted(FeedKey.Source source, Painted now) {
        painted.put(source, now);
    }
}
