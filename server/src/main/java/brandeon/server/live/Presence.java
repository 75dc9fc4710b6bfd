package brandeon.server.live;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Who is on which pass now, by open connections of this server. */
@Component
public class Presence {

    private final Map<UUID, Map<String, String>> open = new ConcurrentHashMap<>();

    /** @param device as people would call it */
    public void came(UUID pass, String connection, String device) {
        open.computeIfAbsent(pass, _ -> new ConcurrentHashMap<>()).put(connection, device);
    }

    public void gone(UUID pass, String connection) {
        open.computeIfPresent(pass, (_, on) -> {
            on.remove(connection);
            return on.isEmpty() ? null : on;
        });
    }

    /** Devices that have it open. */
    public List<String> on(UUID pass) {
        return open.getOrDefault(pass, Map.of()).values().stream().sorted().toList();
    }
}
