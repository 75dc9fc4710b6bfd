package brandeon.core.live;

import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Live values computed from signals, by name: who came last, and how many there were. Adding signals one by one gives
 * the same as computing from the whole list.
 */
public record Readings(Map<String, Object> values) {

    /** How many signals the list of recent ones holds. */
    private static final int RECENT = 8;

    /** How many lines of the chat are kept to be shown. */
    private static final int CHAT = 20;

    private static final String CHAT_LINES = "chatLines";

    public static final Readings NONE = new Readings(Map.of());

    public Readings {
        values = Map.copyOf(values);
    }

    /** What message patterns may use, by name. @param meaning for people */
    public record Named(String meaning, ValueType type) {}

    private static final Map<String, Named> NAMES = named();
    private static final Map<String, ValueType> TYPES = NAMES.entrySet().stream()
            .collect(Collectors.toUnmodifiableMap(
                    Map.Entry::getKey, e -> e.getValue().type()));

    /** All values that message patterns may use, in the order in which people are shown them. */
    public static Map<String, Named> names() {
        return NAMES;
    }

    /** What each value is. */
    public static Map<String, ValueType> types() {
        return TYPES;
    }

    private static Map<String, Named> named() {
        Map<String, Named> names = new LinkedHashMap<>();
        names.put("latestFollower", new Named("name of the latest follower", ValueType.TEXT));
        names.put("followers", new Named("number of follows received", ValueType.NUMBER));
        names.put("latestSubscriber", new Named("name of the latest subscriber or member", ValueType.TEXT));
        names.put("latestMonths", new Named("months of the latest subscriber or member", ValueType.NUMBER));
        names.put("subscribers", new Named("number of subscriptions or memberships received", ValueType.NUMBER));
        names.put("latestRaider", new Named("name behind the latest raid or redirect", ValueType.TEXT));
        names.put("raids", new Named("number of raids or redirects received", ValueType.NUMBER));
        names.put("topRaider", new Named("name behind the largest raid or redirect", ValueType.TEXT));
        names.put("topRaid", new Named("viewers of the largest raid or redirect", ValueType.NUMBER));
        names.put("gifted", new Named("number of subscriptions or memberships given to others", ValueType.NUMBER));
        names.put("topGiver", new Named("name of who gave the most at once", ValueType.TEXT));
        names.put("topGift", new Named("how many that were", ValueType.NUMBER));
        names.put("latestMessage", new Named("name behind the latest paid message", ValueType.TEXT));
        names.put("latestTipper", new Named("name of who tipped last", ValueType.TEXT));
        names.put("points", new Named("points given in all", ValueType.NUMBER));
        names.put("goods", new Named("goods given in all", ValueType.NUMBER));
        names.put(CHAT_LINES, new Named("the latest lines of the chat, one a row: who and what", ValueType.LIST));
        names.put("recentSignals", new Named("the latest signals, one a row: what and who", ValueType.LIST));
        return Collections.unmodifiableMap(names);
    }

    /** As they are kept: values by their type, so that they are the same when they are read again. */
    public record Kept(Map<String, String> texts, Map<String, Long> numbers, Map<String, List<TextRow>> lists) {}

    public Kept kept() {
        Map<String, String> texts = new TreeMap<>();
        Map<String, Long> numbers = new TreeMap<>();
        Map<String, List<TextRow>> lists = new TreeMap<>();
        values.forEach((name, value) -> {
            switch (value) {
                case String text -> texts.put(name, text);
                case Number number -> numbers.put(name, number.longValue());
                case List<?> rows ->
                    lists.put(name, rows.stream().map(TextRow.class::cast).toList());
                default -> throw new IllegalStateException(name + " is of no type that is kept.");
            }
        });
        return new Kept(texts, numbers, lists);
    }

    public static Readings of(Kept kept) {
        Map<String, Object> values = new LinkedHashMap<>();
        values.putAll(kept.texts());
        values.putAll(kept.numbers());
        values.putAll(kept.lists());
        return new Readings(values);
    }

    public static Readings of(List<Signal> signals) {
        Readings readings = NONE;
        for (Signal signal : signals) {
            readings = readings.with(signal);
        }
        return readings;
    }

    /** With one more; what is only tried does not count, though a line of the chat is shown as it would be. */
    public Readings with(Signal signal) {
        if (signal.kind() == SignalKind.CHAT) {
            return said(signal);
        }
        if (signal.practice()) {
            return this;
        }
        Map<String, Object> next = new LinkedHashMap<>(values);
        switch (signal.kind()) {
            case FOLLOW -> {
                next.put("latestFollower", signal.shownName());
                count(next, "followers", 1);
            }
            case SUBSCRIPTION -> {
                next.put("latestSubscriber", signal.shownName());
                next.put("latestMonths", (long) Math.max(1, signal.months()));
                count(next, "subscribers", 1);
            }
            case RENEWAL -> {
                next.put("latestSubscriber", signal.shownName());
                next.put("latestMonths", (long) signal.months());
            }
            case GIFTED_SUBSCRIPTIONS -> {
                count(next, "subscribers", signal.amount());
                count(next, "gifted", signal.amount());
                top(next, "topGiver", "topGift", signal);
            }
            case RAID -> {
                next.put("latestRaider", signal.shownName());
                count(next, "raids", 1);
                top(next, "topRaider", "topRaid", signal);
            }
            case POINTS -> count(next, "points", signal.amount());
            case GOODS -> count(next, "goods", signal.amount());
            case PAID_MESSAGE -> next.put("latestMessage", signal.shownName());
            case TIP -> next.put("latestTipper", signal.shownName());
            case PURCHASE, CHAT -> {}
        }
        Stream<?> before = next.get("recentSignals") instanceof List<?> rows ? rows.stream() : Stream.of();
        next.put(
                "recentSignals",
                Stream.concat(Stream.of(new TextRow(what(signal), signal.shownName())), before)
                        .limit(RECENT)
                        .toList());
        return new Readings(next);
    }

    /** The newest line last, as a chat is read. */
    private Readings said(Signal signal) {
        Stream<?> before = values.get(CHAT_LINES) instanceof List<?> rows
                ? rows.stream().skip(Math.max(0, rows.size() - CHAT + 1))
                : Stream.of();
        Map<String, Object> next = new LinkedHashMap<>(values);
        next.put(
                CHAT_LINES,
                Stream.concat(before, Stream.of(new TextRow(signal.shownName(), signal.message())))
                        .toList());
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
            case TIP -> "Tipped";
            case PURCHASE -> "Bought";
            case CHAT -> "Said";
            case RAID -> "Came with " + signal.amount();
        };
    }

    /** The first of equal ones stays. */
    private static void top(Map<String, Object> values, String name, String figure, Signal signal) {
        if (!values.containsKey(figure) || ((Number) values.get(figure)).longValue() < signal.amount()) {
            values.put(name, signal.shownName());
            values.put(figure, signal.amount());
        }
    }

    private static void count(Map<String, Object> values, String name, long more) {
        values.merge(name, more, (had, add) -> ((Number) had).longValue() + ((Number) add).longValue());
    }
}
