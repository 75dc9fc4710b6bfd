package brandeon.server.wake;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * What was read from the database, kept until somebody says that it changed. What was read before such a word is not
 * kept after it. Nobody waits for another one's reading, since both may hold a connection.
 */
public final class Known<K, V> {

    private static final int MOST = 20_000;

    private final Map<K, V> kept =
            Caffeine.newBuilder().maximumSize(MOST).<K, V>build().asMap();
    private final AtomicLong changes = new AtomicLong();
    private final BinaryOperator<V> newer;

    /** For what has no version: the later one counts. */
    public Known() {
        this((_, later) -> later);
    }

    /** @param newer of what is kept and what comes, the one that is to be kept */
    public Known(BinaryOperator<V> newer) {
        this.newer = newer;
    }

    /** What is kept, or else what is read now. */
    public V get(K key, Function<K, V> read) {
        return find(key, wanted -> Optional.of(read.apply(wanted))).orElseThrow();
    }

    /** The same for what may not be there, which is asked for again each time. */
    public Optional<V> find(K key, Function<K, Optional<V>> read) {
        V known = kept.get(key);
        if (known != null) {
            return Optional.of(known);
        }
        long heard = changes.get();
        Optional<V> value = read.apply(key);
        if (changes.get() == heard) {
            value.ifPresent(found -> put(key, found));
        }
        return value;
    }

    /** Keeps what this server has committed. */
    public void put(K key, V value) {
        kept.merge(key, value, newer);
    }

    /** This one changed. */
    public void forget(K key) {
        changes.incrementAndGet();
        kept.remove(key);
    }

    /** Those changed. */
    public void forgetIf(Predicate<K> changed) {
        changes.incrementAndGet();
        kept.keySet().removeIf(changed);
    }

    /** Any may have changed. */
    public void forgetAll() {
        changes.incrementAndGet();
        kept.clear();
    }
}
