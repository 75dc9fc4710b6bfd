package brandeon.core.show;

import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import java.util.Optional;

/**
 * Everything live that a picture shows at one moment.
 *
 * @param show  what is said in place of the theme's own words
 * @param alert the alert that is on screen now
 */
public record LiveState(Readings readings, Show show, Optional<Shown> alert) {

    public static final LiveState QUIET = new LiveState(Readings.NONE, Show.QUIET, Optional.empty());

    /** A signal while it is announced. */
    public record Shown(Signal signal, AlertSlot slot) {}

    /** As a theme is by itself: whatever somebody set by hand for this evening is left out. */
    public LiveState unspoken() {
        return new LiveState(readings, Show.QUIET, alert);
    }
}
