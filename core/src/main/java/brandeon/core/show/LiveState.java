package brandeon.core.show;

import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.platform.Profile;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Everything live that a picture shows at one moment.
 *
 * @param show  what is said in place of the theme's own words
 * @param alert the alert that is on screen now
 */
public record LiveState(Readings readings, Show show, Optional<Shown> alert) {

    public static final LiveState QUIET = new LiveState(Readings.NONE, Show.QUIET, Optional.empty());

    /**
     * A signal while it is announced.
     *
     * @param profile of the platform that it came from, whose words it is announced in
     */
    public record Shown(Signal signal, AlertSlot slot, Profile profile) {

        /** What message patterns may use. */
        public Map<String, Object> values() {
            Map<String, Object> values = new LinkedHashMap<>(profile.values(signal));
            values.putAll(signal.values());
            return values;
        }
    }

    /** As a theme is by itself: whatever somebody set by hand for this evening is left out. */
    public LiveState unspoken() {
        return new LiveState(readings, Show.QUIET, alert);
    }
}
