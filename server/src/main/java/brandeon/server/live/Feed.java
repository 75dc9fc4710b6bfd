package brandeon.server.live;

import brandeon.core.publish.Picture;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One picture that changes: its present state, its number, and the last patches for those who come back.
 *
 * Changing and joining hold the feed's own lock, so that nobody misses a patch between welcome and joining.
 */
final class Feed {

    /** More missed patches than this are answered with the whole picture. */
    private static final int KEPT = 100;

    /**
     * What turns picture {@code number - 1} into picture {@code number}. Layers that are not listed stay as they are.
     */
    record Patch(
            long number,
            String hash,
            int x,
            int y,
            int width,
            int height,
            List<String> order,
            List<Picture.Layer> layers) {}

    /**
     * Numbers count within one epoch: a feed that was given up and made anew, here or on another server, has another.
     */
    private final String epoch = UUID.randomUUID().toString();

    private final Set<Watcher> watchers = ConcurrentHashMap.newKeySet();
    private final Deque<Patch> recent = new ArrayDeque<>();
    private Picture picture;
    private String hash;
    private long number;
    private volatile long left = System.currentTimeMillis();

    Feed(Picture first) {
        picture = first;
        hash = first.hash();
    }

    String epoch() {
        return epoch;
    }

    synchronized Picture picture() {
        return picture;
    }

    synchronized String hash() {
        return hash;
    }

    synchronized long number() {
        return number;
    }

    boolean idle() {
        return watchers.isEmpty();
    }

    /** Epoch milliseconds since which nobody watches; far in the future while somebody does. */
    long idleSince() {
        return idle() ? left : Long.MAX_VALUE;
    }

    Set<Watcher> watchers() {
        return watchers;
    }

    /** Adds a watcher and tells where it stands: the patches it missed, or empty when it must fetch the whole. */
    synchronized Optional<List<Patch>> join(Watcher watcher, String haveEpoch, long haveNumber) {
        watchers.add(watcher);
        if (!epoch.equals(haveEpoch) || haveNumber > number) {
            return Optional.empty();
        }
        List<Patch> missed =
                recent.stream().filter(patch -> patch.number() > haveNumber).toList();
        return missed.size() == number - haveNumber ? Optional.of(missed) : Optional.empty();
    }

    void leave(Watcher watcher) {
        watchers.remove(watcher);
        left = System.currentTimeMillis();
    }

    /** Takes a newly computed picture; empty when it looks the same. */
    synchronized Optional<Patch> change(Picture next) {
        String nextHash = next.hash();
        if (nextHash.equals(hash)) {
            return Optional.empty();
        }
        Patch patch = new Patch(
                ++number,
                nextHash,
                next.x(),
                next.y(),
                next.width(),
                next.height(),
                next.layers().stream().map(Picture.Layer::piece).toList(),
                changedLayers(picture, next));
        picture = next;
        hash = nextHash;
        recent.addLast(patch);
        if (recent.size() > KEPT) {
            recent.removeFirst();
        }
        return Optional.of(patch);
    }

    private static List<Picture.Layer> changedLayers(Picture before, Picture after) {
        Map<String, Picture.Layer> old = new HashMap<>();
        before.layers().forEach(layer -> old.put(layer.piece(), layer));
        List<Picture.Layer> changed = new ArrayList<>();
        for (Picture.Layer layer : after.layers()) {
            if (!layer.equals(old.get(layer.piece()))) {
                changed.add(layer);
            }
        }
        return changed;
    }
}
