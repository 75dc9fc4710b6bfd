package brandeon.core.show;

import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.platform.Profile;
import brandeon.core.table.Tables;
import brandeon.core.text.Letters;
import brandeon.core.text.Values;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything live that a picture shows at one moment.
 *
 * @param tables of the show
 * @param show  what is said in place of the theme's own words
 * @param alert the alert that is on screen now
 * @param notice what viewers are told of advertising now
 */
public record LiveState(
        Readings readings, Tables tables, Show show, Optional<Shown> alert, Optional<Notices.Notice> notice) {

    public static final LiveState QUIET = new LiveState(Readings.NONE, Show.QUIET, Optional.empty());

    /** Of a show without tables. */
    public LiveState(Readings readings, Show show, Optional<Shown> alert) {
        this(readings, Tables.NONE, show, alert);
    }

    /** While there is no advertising, as far as anybody said. */
    public LiveState(Readings readings, Tables tables, Show show, Optional<Shown> alert) {
        this(readings, tables, show, alert, Optional.empty());
    }

    /** With more held over what the show says, by piece and slot. */
    public LiveState saying(Map<String, Map<String, Held>> more) {
        return new LiveState(readings, tables, show.saying(more), alert, notice);
    }

    public LiveState noticing(Optional<Notices.Notice> told) {
        return new LiveState(readings, tables, show, alert, told);
    }

    /** What texts may show, by name. */
    public Values values() {
        return name -> {
            Object cell = Tables.names(name) ? tables.value(name) : null;
            return cell == null ? readings.values().get(name) : cell;
        };
    }

    /**
     * An alert while it is on screen.
     *
     * @param signal the one that came first
     * @param count  of signals that are announced together
     * @param amount of all of them
     * @param names  of the first few
     * @param profile of the platform that it came from, whose words it is announced in
     */
    public record Shown(Signal signal, int count, long amount, List<String> names, AlertSlot slot, Profile profile) {

        /** One signal alone. */
        public static Shown of(Signal signal, AlertSlot slot, Profile profile) {
            return new Shown(signal, 1, signal.amount(), List.of(signal.shownName()), slot, profile);
        }

        /** What message patterns may use. */
        public Map<String, Object> values() {
            Signal whole = signal.amounting(amount);
            Map<String, Object> values = new LinkedHashMap<>(profile.values(whole));
            values.putAll(whole.values());
            values.put("count", count);
            values.put("names", String.join(", ", names));
            values.put("more", count - names.size());
            return values;
        }

        /** Letters of the longest name that they hold. */
        public int longestName() {
            return Stream.concat(Stream.of(signal.shownName(), signal.giftedTo()), names.stream())
                    .mapToInt(Letters::count)
                    .max()
                    .orElse(0);
        }

        /** The same with names of at most so many letters. */
        public Map<String, Object> values(int longestName) {
            Map<String, Object> values = values();
            values.put("name", Letters.shortened(signal.shownName(), longestName));
            values.put("giftedTo", Letters.shortened(signal.giftedTo(), longestName));
            values.put(
                    "names",
                    names.stream()
                            .map(name -> Letters.shortened(name, longestName))
                            .collect(Collectors.joining(", ")));
            return values;
        }
    }

    /** As a theme is by itself: whatever somebody set by hand for this evening is left out. */
    public LiveState unspoken() {
        return new LiveState(readings, tables, Show.QUIET, alert, notice);
    }
}
