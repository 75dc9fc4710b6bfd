package brandeon.server.work;

import brandeon.server.problem.Busy;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Threads for what is computed long: as many as leave the live feeds room on this machine's processor, people at the
 * Stage before findings before files. Whoever asks waits without a thread of the processor; live feeds never come here.
 */
@Service
public class Hands {

    /** For what something is computed, the most urgent first. */
    public enum For {
        STAGE,
        FINDINGS,
        FILES
    }

    private static final int MOST_WAITING = 2000;
    private static final String FULL =
            "This server has very much to compute at the moment. Try again in a few seconds.";

    private final AtomicLong order = new AtomicLong();
    private final ThreadPoolExecutor quick = pool("stage", cores(2));
    private final ThreadPoolExecutor slow = pool("hand", cores(1));

    /** A task with its place in the line. */
    private static final class Waiting<T> extends FutureTask<T> implements Comparable<Waiting<?>> {

        private final For what;
        private final long number;

        Waiting(For what, long number, java.util.concurrent.Callable<T> task) {
            super(task);
            this.what = what;
            this.number = number;
        }

        @Override
        public int compareTo(Waiting<?> other) {
            int urgent = what.compareTo(other.what);
            return urgent != 0 ? urgent : Long.compare(number, other.number);
        }
    }

    /** A thread of these pools: what it is asked for in turn it does itself. */
    private static final class Hand extends Thread {
        Hand(Runnable task, String name) {
            super(task, name);
            setDaemon(true);
            setPriority(MIN_PRIORITY);
        }
    }

    private static int cores(int share) {
        int all = Runtime.getRuntime().availableProcessors();
        return Math.max(1, share == 2 ? all / 2 : all - 1);
    }

    private static ThreadPoolExecutor pool(String name, int threads) {
        AtomicLong count = new AtomicLong();
        return new ThreadPoolExecutor(
                threads,
                threads,
                0,
                TimeUnit.SECONDS,
                new PriorityBlockingQueue<>(),
                task -> new Hand(task, name + "-" + count.getAndIncrement()));
    }

    /**
     * Does something and waits for it, as the person who asks and where they are.
     *
     * @throws Busy when far too much waits already
     */
    @SuppressWarnings("unchecked")
    public <T, E extends Exception> T work(For what, Workshop.Work<T, E> work) throws E {
        if (Thread.currentThread() instanceof Hand) {
            return work.done();
        }
        ThreadPoolExecutor pool = what == For.STAGE ? quick : slow;
        if (pool.getQueue().size() >= MOST_WAITING) {
            throw new Busy(FULL);
        }
        SecurityContext asking = SecurityContextHolder.getContext();
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        Waiting<T> waiting = new Waiting<>(what, order.getAndIncrement(), () -> {
            SecurityContextHolder.setContext(asking);
            RequestContextHolder.setRequestAttributes(request);
            try {
                return work.done();
            } finally {
                RequestContextHolder.resetRequestAttributes();
                SecurityContextHolder.clearContext();
            }
        });
        pool.execute(waiting);
        try {
            return waiting.get();
        } catch (InterruptedException e) {
            waiting.cancel(true);
            Thread.currentThread().interrupt();
            throw new Busy(FULL);
        } catch (CancellationException e) {
            throw new Busy(FULL);
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case RuntimeException cause -> throw cause;
                case Error cause -> throw cause;
                // What the work itself may throw.
                case Throwable cause -> throw (E) cause;
            }
        }
    }

    /** How much waits. */
    int waiting() {
        return quick.getQueue().size() + slow.getQueue().size();
    }

    @PreDestroy
    void stop() {
        quick.shutdownNow();
        slow.shutdownNow();
    }
}
