package brandeon.server.work;

import brandeon.server.problem.Busy;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Service;

/**
 * Where what costs much is done: so much at a time as this machine's processor and the memory that the JVM was given
 * can bear. Who comes later waits a while, in order, and is then asked to come again.
 */
@Service
public class Workshop {

    /** Something that may fail as any work with files does. */
    public interface Work<T, E extends Exception> {
        T done() throws E;
    }

    /**
     * Bytes that a pixel costs at the most while its picture is taken in or painted: some copies, and what is computed
     * for it.
     */
    private static final int BYTES_A_PIXEL = 20;

    private static final int PIXELS_A_PERMIT = 1_000_000;
    /** The largest picture that is taken must always fit. */
    private static final int LEAST_PERMITS = 40;

    private static final int UPLOADS = 16;
    private static final long PATIENCE_SECONDS = 30;
    private static final String FULL =
            "This server is painting many large pictures at the moment. Try again in a few seconds.";

    private final int all = (int)
            Math.max(LEAST_PERMITS, Runtime.getRuntime().maxMemory() / 2 / ((long) PIXELS_A_PERMIT * BYTES_A_PIXEL));
    private final Semaphore memory = new Semaphore(all, true);
    private final Semaphore hands =
            new Semaphore(Math.max(2, Runtime.getRuntime().availableProcessors()), true);
    private final Semaphore doors = new Semaphore(UPLOADS, true);

    /**
     * Works on a picture of so many pixels.
     *
     * @throws Busy when there was no room for it in half a minute
     */
    public <T, E extends Exception> T on(long pixels, Work<T, E> work) throws E {
        int wanted = Math.clamp(pixels / PIXELS_A_PERMIT + 1, 1, all);
        take(hands, 1);
        try {
            take(memory, wanted);
            try {
                return work.done();
            } finally {
                memory.release(wanted);
            }
        } finally {
            hands.release();
        }
    }

    /** Reads a body of some megabytes, as few at a time as memory bears. */
    public <T, E extends Exception> T receiving(Work<T, E> work) throws E {
        take(doors, 1);
        try {
            return work.done();
        } finally {
            doors.release();
        }
    }

    private static void take(Semaphore from, int permits) {
        try {
            if (!from.tryAcquire(permits, PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy(FULL);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy(FULL);
        }
    }
}
