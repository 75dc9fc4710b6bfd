package brandeon.server.work;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Long jobs, one after another. Workspaces take turns, however many jobs one of them has waiting, so that nobody's one
 * clip waits behind somebody's twenty.
 */
public final class FairQueue {

    private static final Logger LOG = LoggerFactory.getLogger(FairQueue.class);

    private final String name;
    private final Map<UUID, Deque<Runnable>> waiting = new LinkedHashMap<>();
    private boolean working;

    public FairQueue(String name) {
        this.name = name;
    }

    public synchronized void add(UUID workspace, Runnable job) {
        waiting.computeIfAbsent(workspace, _ -> new ArrayDeque<>()).add(job);
        if (!working) {
            working = true;
            Thread.ofPlatform().daemon().name(name).start(this::work);
        }
    }

    private void work() {
        for (Runnable job = next(); job != null; job = next()) {
            try {
                job.run();
            } catch (RuntimeException e) {
                LOG.error("A job of {} failed", name, e);
            }
        }
    }

    /** The next job of the workspace that had to wait longest; null, and the end of the work, when there is none. */
    private synchronized Runnable next() {
        if (waiting.isEmpty()) {
            working = false;
            return null;
        }
        Map.Entry<UUID, Deque<Runnable>> first = waiting.entrySet().iterator().next();
        UUID workspace = first.getKey();
        Deque<Runnable> jobs = waiting.remove(workspace);
        Runnable job = jobs.remove();
        if (!jobs.isEmpty()) {
            waiting.put(workspace, jobs);
        }
        return job;
    }
}
