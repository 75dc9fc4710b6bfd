package brandeon.server.wake;

import brandeon.core.kept.Memory;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * What was read from the database, kept until somebody says that it changed. What was read before such a word is not
 * kept after it. Nobody waits for another one's reading, since both may hold a connection.
 */
public final class Known<K, V> {

    /** What a key and its entry take besides, in bytes. */
    private static final int ENTRY = 200;

    private static final int HUNDREDTHS_EACH = 1;

    private final Map<K, V> kept;
    private final AtomicLong changes = new AtomicLong();
    private final BinaryOperator<V> newer;

    /** For what has no version: the later one counts. @param weight of one, in bytes, roughly */
    public Known(ToIntFunction<V> weight) {
        this(weight, (_, later) -> later);
    }

    /**
     * @param weight of one, in bytes, roughly
     * @param newer  of what is kept and what comes, the one that is to be kept
     */
    public Known(ToIntFunction<V> weight, BinaryOperator<V> newer) {
        this(weight, newer, Memory.percent(HUNDREDTHS_EACH));
    }

    /** @param most bytes that all of it may take */
    Known(ToIntFunction<V> weight, BinaryOperator<V> newer, long most) {
        this.newer = newer;
        kept = Caffeine.newBuilder()
                .maximumWeight(most)
                .<K, V>weigher((_, value) -> ENTRY + weight.applyAsInt(value))
                // What is left out is left out by who asks next, not later.
                .executor(Runnable::run)
                .build()
                .asMap();
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
