package brandeon.server.commit;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/**
 * One change of each thing at a time on this server, in the order in which they were asked for; whoever must wait does so
 * without a connection. What other servers do at the same time is for the database to tell.
 */
public final class OneAtATime {

    private final Map<UUID, Lock> turns =
            Caffeine.newBuilder().weakValues().<UUID, Lock>build().asMap();

    public <T> T on(UUID id, Supplier<T> change) {
        Lock turn = turns.computeIfAbsent(id, _ -> new ReentrantLock(true));
        turn.lock();
        try {
            return change.get();
        } finally {
            turn.unlock();
        }
    }
}
