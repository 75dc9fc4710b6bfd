package brandeon.server.publish;

import brandeon.server.live.Asked;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What outlets that are open on this server last said of themselves. Kept in memory: it is only true now. */
@Component
public class Health {

    /**
     * One open source.
     *
     * @param said  what it said last
     * @param where on which machine and in what kind of program it is open, for people
     * @param practice whether it is within another page, where no viewer sees it
     * @param settings what stands in its link for it alone
     * @param since when it became visible or hidden, epoch milliseconds
     * @param at    when it said so
     */
    public record Report(Asked.Report said, String where, boolean practice, String settings, long since, long at) {

        public boolean visible() {
            return said.visible();
        }

        public String hash() {
            return said.hash();
        }
    }

    private final Map<UUID, Map<String, Report>> open = new ConcurrentHashMap<>();

    public void report(
            UUID outlet, String connection, Asked.Report said, String where, boolean practice, String settings) {
        long now = System.currentTimeMillis();
        open.computeIfAbsent(outlet, _ -> new ConcurrentHashMap<>())
                .merge(
                        connection,
                        new Report(said, where, practice, settings, now, now),
                        (before, next) -> before.visible() == next.visible()
                                ? new Report(said, where, practice, settings, before.since(), now)
                                : next);
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

    /** By connection; empty when the source is open nowhere. */
    Map<String, Report> connections(UUID outlet) {
        return Map.copyOf(open.getOrDefault(outlet, Map.of()));
    }

    /** Empty when the source is open nowhere. */
    public List<Report> reports(UUID outlet) {
        return List.copyOf(open.getOrDefault(outlet, Map.of()).values());
    }
}
