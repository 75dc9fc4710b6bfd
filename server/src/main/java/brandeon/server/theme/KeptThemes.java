package brandeon.server.theme;

import brandeon.core.kept.Memory;
import brandeon.core.kind.Content;
import brandeon.core.theme.Theme;
import brandeon.server.commit.AfterCommit;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Themes as they were last committed, so that one is not read and parsed again for every look and every edit. Only
 * committed versions are kept: one that was rolled back must never be mistaken for its successor.
 */
@Component
class KeptThemes {

    /** The newest line of a history, while its gesture may still grow. */
    record LastEdit(EditRow.Key key, UUID account, String gesture, String edit, String inverse) {

        /** Long ones are not kept in memory; their row is read again when their gesture grows. */
        LastEdit bounded() {
            return edit.length() + inverse.length() < LONG ? this : new LastEdit(key, account, gesture, "", "");
        }

        boolean textsKept() {
            return !edit.isEmpty();
        }

        /** In bytes. */
        private long weight() {
            return 2L * (edit.length() + inverse.length());
        }
    }

    /**
     * What is known of a theme's history at one version of it.
     *
     * @param steps what people can take back and do again, of those who are known
     * @param last  empty when the newest change is not an edit that could grow
     */
    record Past(Map<UUID, Themes.Steps> steps, Optional<LastEdit> last) {

        static final Past UNKNOWN = new Past(Map.of(), Optional.empty());

        /** After one more change, of somebody whose steps are not known then. */
        Past after(UUID account) {
            Map<UUID, Themes.Steps> others = new HashMap<>(steps);
            others.remove(account);
            return new Past(Map.copyOf(others), Optional.empty());
        }

        /** After one more edit of somebody: they can take it back, and have nothing left to do again. */
        Past edited(UUID account, LastEdit edit) {
            Map<UUID, Themes.Steps> all = new HashMap<>(steps);
            all.put(account, new Themes.Steps(true, false));
            return new Past(Map.copyOf(all), Optional.of(edit.bounded()));
        }

        boolean nothingUndone(UUID account) {
            return steps.containsKey(account) && !steps.get(account).redo();
        }
    }

    private record Kept(Themes.Draft draft, Optional<Past> past) {

        int weight() {
            long line = past.flatMap(Past::last).map(LastEdit::weight).orElse(0L);
            return (int) Math.min(Integer.MAX_VALUE, KeptThemes.weight(draft.theme()) + line);
        }
    }

    /** An edit and its inverse with more letters than this are not kept. */
    private static final int LONG = 1 << 16;
    /** What a piece, scene, place, canvas or picture of a theme takes in memory at most, in bytes. */
    private static final long PART = 2048;

    private final Map<UUID, Kept> drafts = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(5))
            .<UUID, Kept>weigher((_, kept) -> kept.weight())
            .build()
            .asMap();
    private final Map<ReleaseRow.Key, Theme> releases = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(5))
            .<ReleaseRow.Key, Theme>weigher((_, theme) -> weight(theme))
            .build()
            .asMap();

    /** Themes of which this server has heard every change since they were read or written here. */
    private final Set<UUID> current = ConcurrentHashMap.newKeySet();

    private final AtomicLong changes = new AtomicLong();

    /** The newest that this server knows; another server may have gone on since. */
    Optional<Themes.Draft> draft(UUID id) {
        return Optional.ofNullable(drafts.get(id)).map(Kept::draft);
    }

    /** The theme at this version; empty when it is not known. */
    Optional<Theme> theme(UUID id, long version) {
        return draft(id).filter(draft -> draft.version() == version).map(Themes.Draft::theme);
    }

    /** What is known of the history of just this version. */
    Optional<Past> past(Themes.Draft draft) {
        return Optional.ofNullable(drafts.get(draft.id()))
                .filter(kept -> kept.draft().version() == draft.version())
                .flatMap(Kept::past);
    }

    /** Where this server stands with what others changed; to be asked before something is read. */
    long heard() {
        return changes.get();
    }

    /** The theme as it is now; empty when another server may have changed it since it was read here. */
    Optional<Themes.Draft> current(UUID id) {
        return current.contains(id) ? draft(id) : Optional.empty();
    }

    /** Another server changed a theme. */
    void overtaken(UUID id) {
        changes.incrementAndGet();
        current.remove(id);
    }

    /** Another server may have changed any. */
    void overtaken() {
        changes.incrementAndGet();
        current.clear();
    }

    /** Once this transaction is committed, the theme is gone. */
    void removed(UUID id) {
        AfterCommit.run(() -> {
            changes.incrementAndGet();
            current.remove(id);
            drafts.remove(id);
        });
    }

    /**
     * Keeps what was read, unless this transaction may have written it.
     *
     * @param heard where this server stood before the theme's head was read
     */
    void read(Themes.Draft draft, long heard) {
        if (!TransactionSynchronizationManager.isActualTransactionActive()
                || TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            keep(new Kept(draft, past(draft)));
            if (changes.get() == heard) {
                current.add(draft.id());
            }
        }
    }

    /** Keeps what this transaction has written, once it is committed. */
    void written(Themes.Draft draft, Past past) {
        AfterCommit.run(() -> {
            keep(new Kept(draft, Optional.of(past)));
            current.add(draft.id());
        });
    }

    Theme release(ReleaseRow.Key key, Supplier<Theme> read) {
        Theme known = releases.get(key);
        if (known == null) {
            // Nobody waits here for another one's reading: both may hold a connection.
            known = read.get();
            releases.put(key, known);
        }
        return known;
    }

    private void keep(Kept next) {
        drafts.merge(
                next.draft().id(),
                next,
                (known, now) -> known.draft().version() > now.draft().version() ? known : now);
    }

    /** About how many bytes a theme holds in memory: some kilobytes for each part, which is generous. */
    private static int weight(Theme theme) {
        long parts = theme.pieces().size()
                + theme.artworks().size()
                + theme.scenes().stream()
                        .mapToLong(scene -> 1 + scene.stack().size())
                        .sum()
                + theme.canvases().size();
        long words = theme.pieces().stream()
                .flatMap(piece -> piece.content().values().stream())
                .flatMap(Content::patterns)
                .mapToLong(String::length)
                .sum();
        return (int) Math.min(Integer.MAX_VALUE, 4096 + PART * parts + 2 * words);
    }
}
