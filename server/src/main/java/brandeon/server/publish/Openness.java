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
     * @param places in how many it is open now
     * @param seenAt when viewers last saw it, epoch milliseconds; 0 for never
     */
    public record Open(int places, long seenAt) {

        private static final Open NEVER = new Open(0, 0);

        public boolean open() {
            return places > 0;
        }
    }

    private final OpenSources sources;
    private final OutletSeenRows seen;

    Openness(OpenSources sources, OutletSeenRows seen) {
        this.sources = sources;
        this.seen = seen;
    }

    /** By the id of an outlet; of each one that is asked for. */
    public Map<UUID, Open> of(Collection<Outlets.Outlet> outlets) {
        Set<UUID> ids = outlets.stream().map(Outlets.Outlet::id).collect(Collectors.toSet());
        Map<UUID, Open> all = new HashMap<>();
        ids.forEach(id -> all.put(id, Open.NEVER));
        if (!ids.isEmpty()) {
            seen.last(ids).forEach(last -> all.put(last.outlet(), new Open(0, last.at())));
            sources.of(ids)
                    .forEach(one -> all.computeIfPresent(
                            UUID.fromString(one.outlet()), (_, known) -> new Open(known.places() + 1, known.seenAt())));
        }
        return all;
    }
}
