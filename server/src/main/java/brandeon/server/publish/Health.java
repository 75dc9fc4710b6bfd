package brandeon.server.publish;

import brandeon.server.live.Asked;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What open outlets last said of themselves, and who still opens old links. Kept in memory: it is only true now. */
@Component
public class Health {

    /**
     * One open source.
     *
     * @param width  of its window, in pixels
     * @param hash   of the picture it shows
     * @param frames longest time between two of its frames lately, in milliseconds
     * @param sound  whether the browser lets it be heard
     */
    public record Report(
            int width, int height, String hash, boolean visible, double frames, Asked.Hearing sound, long at) {}

    private final Map<UUID, Map<String, Report>> open = new ConcurrentHashMap<>();
    private final Map<UUID, Long> oldLinks = new ConcurrentHashMap<>();

    /** Whoever opens the present link is not left on an old one any more. */
    public void report(UUID outlet, String connection, Report report) {
        oldLinks.remove(outlet);
        open.computeIfAbsent(outlet, _ -> new ConcurrentHashMap<>()).put(connection, report);
    }

    public void gone(UUID outlet, String connection) {
        Map<String, Report> mine = open.get(outlet);
        if (mine != null) {
            mine.remove(connection);
        }
    }

    /** Ids of all sources that are open. */
    public Set<UUID> open() {
        return open.entrySet().stream()
                .filter(entry -> !entry.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    public void oldLinkOpened(UUID outlet, long at) {
        oldLinks.put(outlet, at);
    }

    /** Empty when the source is open nowhere. */
    public List<Report> reports(UUID outlet) {
        return List.copyOf(open.getOrDefault(outlet, Map.of()).values());
    }

    /** When an old link of this outlet was last opened, epoch milliseconds; 0 for never. */
    public long oldLinkOpened(UUID outlet) {
        return oldLinks.getOrDefault(outlet, 0L);
    }
}
