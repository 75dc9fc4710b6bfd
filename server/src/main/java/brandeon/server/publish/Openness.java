package brandeon.server.publish;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Whether sources are open, on all servers together. */
@Component
public class Openness {

    /**
     * @param open   whether it is open anywhere now
     * @param seenAt when viewers last saw it, epoch milliseconds; 0 for never
     */
    public record Open(boolean open, long seenAt) {

        private static final Open NEVER = new Open(false, 0);
    }

    private final OpenSources sources;
    private final OutletSeenRows seen;

    Openness(OpenSources sources, OutletSeenRows seen) {
        this.sources = sources;
        this.seen = seen;
    }

    /** In how many places they are open. */
    public int count(Collection<Outlets.Outlet> outlets) {
        return sources.of(outlets.stream().map(Outlets.Outlet::id).collect(Collectors.toSet()))
                .size();
    }

    /** By the id of an outlet; of each one that is asked for. */
    public Map<UUID, Open> of(Collection<Outlets.Outlet> outlets) {
        Set<UUID> ids = outlets.stream().map(Outlets.Outlet::id).collect(Collectors.toSet());
        Map<UUID, Open> all = new HashMap<>();
        ids.forEach(id -> all.put(id, Open.NEVER));
        if (!ids.isEmpty()) {
            seen.last(ids).forEach(last -> all.put(last.outlet(), new Open(false, last.at())));
            sources.of(ids)
                    .forEach(one -> all.computeIfPresent(
                            UUID.fromString(one.outlet()), (_, known) -> new Open(true, known.seenAt())));
        }
        return all;
    }
}
