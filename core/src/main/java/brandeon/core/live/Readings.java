package brandeon.core.live;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Live values computed from signals, by name: who came last, and how many there were. Adding signals one by one gives
 * the same as computing from the whole list.
 */
public record Readings(Map<String, Object> values) {

    public static final Readings NONE = new Readings(Map.of());

    public Readings {
        values = Map.copyOf(values);
    }

    /** All names that message patterns may use, with what they mean. */
    public static Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        names.put("latestFollower", "name of the latest follower");
        names.put("followers", "number of follows received");
        names.put("latestSubscriber", "name of the latest subscriber or member");
        names.put("latestMonths", "months of the latest subscriber or member");
        names.put("subscribers", "number of subscriptions or memberships received");
        names.put("latestRaider", "name behind the latest raid or redirect");
        return names;
    }

    public static Readings of(List<Signal> signals) {
        Readings readings = NONE;
        for (Signal signal : signals) {
            readings = readings.with(signal);
        }
        return readings;
    }

    public Readings with(Signal signal) {
        Map<String, Object> next = new LinkedHashMap<>(values);
        switch (signal.kind()) {
            case FOLLOW -> {
                next.put("latestFollower", signal.name());
                count(next, "followers", 1);
            }
            case SUBSCRIPTION -> {
                next.put("latestSubscriber", signal.name());
                next.put("latestMonths", Math.max(1, signal.months()));
                count(next, "subscribers", 1);
            }
            case RENEWAL -> {
                next.put("latestSubscriber", signal.name());
                next.put("latestMonths", signal.months());
            }
            case GIFTED_SUBSCRIPTIONS -> count(next, "subscribers", signal.amount());
            case RAID -> next.put("latestRaider", signal.name());
            case POINTS, GOODS, PAID_MESSAGE -> { }
        }
        return new Readings(next);
    }

    private static void count(Map<String, Object> values, String name, long more) {
        values.merge(name, more, (had, add) -> ((Number) had).longValue() + ((Number) add).longValue());
    }
}
