package brandeon.core.live;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Live values computed from signals, by name: who came last, and how many there were. Adding signals one by one gives
 * the same as computing from the whole list.
 */
public record Readings(Map<String, Object> values) {

    /** How many signals the list of recent ones holds. */
    private static final int RECENT = 8;

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
        names.put("raids", "number of raids or redirects received");
        names.put("topRaider", "name behind the largest raid or redirect");
        names.put("topRaid", "viewers of the largest raid or redirect");
        names.put("gifted", "number of subscriptions or memberships given to others");
        names.put("topGiver", "name of who gave the most at once");
        names.put("topGift", "how many that were");
        names.put("latestMessage", "name behind the latest paid message");
        names.put("points", "points given in all");
        names.put("goods", "goods given in all");
        names.put("recentSignals", "the latest signals, one a row: what and who");
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
            case GIFTED_SUBSCRIPTIONS -> {
                count(next, "subscribers", signal.amount());
                count(next, "gifted", signal.amount());
                top(next, "topGiver", "topGift", signal);
            }
            case RAID -> {
                next.put("latestRaider", signal.name());
                count(next, "raids", 1);
                top(next, "topRaider", "topRaid", signal);
            }
            case POINTS -> count(next, "points", signal.amount());
            case GOODS -> count(next, "goods", signal.amount());
            case PAID_MESSAGE -> next.put("latestMessage", signal.name());
        }
        String rows = next.containsKey("recentSignals") ? next.get("recentSignals") + "\n" : "";
        next.put("recentSignals", newest(what(signal) + " | " + signal.name().replaceAll("[|\\p{Cntrl}]", " ") + "\n" + rows));
        return new Readings(next);
    }

    /** In words that fit every platform. */
    private static String what(Signal signal) {
        return switch (signal.kind()) {
            case FOLLOW -> "Follows";
            case SUBSCRIPTION -> "Joined";
            case RENEWAL -> "Renewed";
            case GIFTED_SUBSCRIPTIONS -> "Gave " + signal.amount();
            case POINTS -> signal.amount() + " points";
            case GOODS -> "Goods";
            case PAID_MESSAGE -> "Message";
            case RAID -> "Came with " + signal.amount();
        };
    }

    private static String newest(String rows) {
        return String.join("\n", rows.lines().limit(RECENT).toList());
    }

    /** The first of equal ones stays. */
    private static void top(Map<String, Object> values, String name, String figure, Signal signal) {
        if (!values.containsKey(figure) || ((Number) values.get(figure)).longValue() < signal.amount()) {
            values.put(name, signal.name());
            values.put(figure, signal.amount());
        }
    }

    private static void count(Map<String, Object> values, String name, long more) {
        values.merge(name, more, (had, add) -> ((Number) had).longValue() + ((Number) add).longValue());
    }
}
