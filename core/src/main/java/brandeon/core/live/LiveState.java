package brandeon.core.live;

import java.util.Map;
import java.util.Optional;

/**
 * Everything live that a picture shows at one moment.
 *
 * @param clocks instants of zero by piece id, epoch milliseconds; a clock that is not listed stands still
 * @param alert  the alert that is on screen now
 */
public record LiveState(Readings readings, Map<String, Long> clocks, Optional<Shown> alert) {

    public static final LiveState QUIET = new LiveState(Readings.NONE, Map.of(), Optional.empty());

    /** A signal while it is announced. */
    public record Shown(Signal signal, AlertSlot slot) {}

    public LiveState {
        clocks = Map.copyOf(clocks);
    }
}
