package brandeon.core.live;

import brandeon.core.table.Column;
import brandeon.core.text.Money;
import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.util.Collections;
import java.util.Currency;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Live values computed from signals, by name: who came last, how many there were, how much. Adding signals one by one
 * gives the same as computing from the whole list. Of one period, as {@link Tally} keeps them, or of all of them, as
 * texts show them.
 */
public record Readings(Map<String, Object> values) {

    /** How many signals the list of recent ones holds. */
    private static final int RECENT = 8;

    /** How many lines of the chat are kept to be shown. */
    private static final int MOST_CHAT = 20;

    public static final String CHAT_LINES = "chatLines";
    /** The lines of the chat that are shown, with when they came; no text shows it. */
    public static final String CHAT = "chat";

    public static final Readings NONE = new Readings(Map.of());

    public Readings {
        values = Map.copyOf(values);
    }

    /** The day in the show's time zone, ISO 8601; no text shows it. */
    public static final String DAY = "day";

    /** When somebody began the show, epoch milliseconds, 0 while nobody did; no text shows it. */
    public static final String BEGUN = "begun";

    /** The sum of all money, whatever it came for. */
    static final String ALL_MONEY = "money";

    /**
     * What message patterns may use, by name.
     *
     * @param meaning for people
     * @param counts  whether it begins with nothing, rather than being unknown, in a period of its own
     */
    public record Named(String meaning, ValueType type, boolean counts) {
        public Named(String meaning, ValueType type) {
            this(meaning, type, false);
        }
    }

    private static final Map<String, Named> BASE = named();
    private static final Map<Period, Map<String, Named>> BY_PERIOD = byPeriod();
    private static final Map<String, Named> NAMES = Collections.unmodifiableMap(
            BY_PERIOD.values().stream().collect(LinkedHashMap::new, Map::putAll, Map::putAll));
    private static final Map<String, ValueType> TYPES = NAMES.entrySet().stream()
            .collect(Collectors.toUnmodifiableMap(
                    Map.Entry::getKey, e -> e.getValue().type()));

    private static final Map<String, Set<SignalKind>> FED_BY = fed();

    /** All values that message patterns may use, in the order in which people are shown them. */
    public static Map<String, Named> names() {
        return NAMES;
    }

    /** Those of a period; lists have none of their own. */
    public static Map<String, Named> names(Period period) {
        return BY_PERIOD.get(period);
    }

    /** What each value is. */
    public static Map<String, ValueType> types() {
        return TYPES;
    }

    /** The period that a name of a number or sum counts over; empty for other names. */
    public static Optional<Period> period(String name) {
        return BY_PERIOD.entrySet().stream()
                .filter(one -> Optional.ofNullable(one.getValue().get(name))
                        .filter(Named::counts)
                        .isPresent())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Kinds of signals that change a value; empty for a name that is none. @param name with its period */
    public static Set<SignalKind> fedBy(String name) {
        return FED_BY.getOrDefault(plain(name), Set.of());
    }

    /** The name of a value without its period. */
    public static String plain(String name) {
        return BY_PERIOD.entrySet().stream()
                .filter(one -> one.getValue().containsKey(name))
                .map(one -> base(name, one.getKey()))
                .findFirst()
                .orElse(name);
    }

    /** Found by counting one signal of each kind. */
    private static Map<String, Set<SignalKind>> fed() {
        Map<String, Set<SignalKind>> fed = new LinkedHashMap<>();
        for (SignalKind kind : SignalKind.values()) {
            String currency = kind.amount() == SignalKind.Amount.MONEY ? "EUR" : "";
            NONE.with(new Signal("1", "", kind, "N", 1, "", 1, currency, "", "", false, false, false, 0))
                    .values()
                    .keySet()
                    .forEach(name -> fed.computeIfAbsent(name, _ -> EnumSet.noneOf(SignalKind.class))
                            .add(kind));
        }
        return Map.copyOf(fed);
    }

    /** The same reading over another period. @param name of a number or sum */
    public static String over(String name, Period other) {
        return base(name, period(name).orElseThrow()) + other.suffix();
    }

    /** The name that a reading has without its period. */
    static String base(String name, Period period) {
        return name.substring(0, name.length() - period.suffix().length());
    }

    /** First what counts for ever, then the shorter the later. */
    private static Map<Period, Map<String, Named>> byPeriod() {
        Map<Period, Map<String, Named>> all = new LinkedHashMap<>();
        List.of(Period.EVER, Period.SHOW, Period.DAY, Period.WEEK, Period.MONTH).forEach(period -> {
            Map<String, Named> names = new LinkedHashMap<>();
            BASE.forEach((name, named) -> {
                if (period == Period.EVER) {
                    names.put(name, named);
                } else if (named.type() != ValueType.LIST) {
                    names.put(
                            name + period.suffix(),
                            new Named(named.meaning() + ", " + period.words(), named.type(), named.counts()));
                }
            });
            all.put(period, Collections.unmodifiableMap(names));
        });
        return Collections.unmodifiableMap(all);
    }

    /** Money by currency, in the smallest unit of each. */
    record Sums(Map<String, Long> minor) {
        Sums {
            minor = Map.copyOf(minor);
        }

        /** In the currency of a show; what has no rate is left out. */
        long in(Counting counting) {
            return minor.entrySet().stream()
                    .mapToLong(one ->
                            counting.converted(one.getKey(), one.getValue()).orElse(0L))
                    .sum();
        }
    }

    /** The most at once by currency. */
    record Tops(Map<String, Top> best) {
        Tops {
            best = Map.copyOf(best);
        }

        /** The one that is worth the most in the currency of a show; of equal ones the first by its currency. */
        Optional<Best> best(Counting counting) {
            return new TreeMap<>(best)
                    .entrySet().stream()
                            .flatMap(one -> counting
                                    .converted(one.getKey(), one.getValue().minor())
                                    .stream()
                                    .map(worth -> new Best(
                                            one.getValue().name(),
                                            new Money(one.getValue().minor(), Currency.getInstance(one.getKey())),
                                            worth)))
                            .reduce((a, b) -> b.worth() > a.worth() ? b : a);
        }
    }

    record Top(String name, long minor) {}

    record Best(String name, Money money, long worth) {
        Object shown(ValueType type, Counting counting) {
            return type == ValueType.MONEY ? money : name;
        }
    }

    private static Map<String, Named> named() {
        Map<String, Named> names = new LinkedHashMap<>();
        names.put("latestFollower", new Named("name of the latest follower", ValueType.TEXT));
        names.put("followers", new Named("number of follows received", ValueType.NUMBER, true));
        names.put("latestSubscriber", new Named("name of the latest subscriber or member", ValueType.TEXT));
        names.put("latestMonths", new Named("months of the latest subscriber or member", ValueType.NUMBER));
        names.put("subscribers", new Named("number of subscriptions or memberships received", ValueType.NUMBER, true));
        names.put("latestRaider", new Named("name behind the latest raid or redirect", ValueType.TEXT));
        names.put("raids", new Named("number of raids or redirects received", ValueType.NUMBER, true));
        names.put("topRaider", new Named("name behind the largest raid or redirect", ValueType.TEXT));
        names.put("topRaid", new Named("viewers of the largest raid or redirect", ValueType.NUMBER));
        names.put(
                "gifted", new Named("number of subscriptions or memberships given to others", ValueType.NUMBER, true));
        names.put("topGiver", new Named("name of who gave the most at once", ValueType.TEXT));
        names.put("topGift", new Named("how many that were", ValueType.NUMBER));
        names.put("latestMessage", new Named("name behind the latest paid message", ValueType.TEXT));
        names.put("latestTipper", new Named("name of who tipped last", ValueType.TEXT));
        names.put("tips", new Named("number of tips received", ValueType.NUMBER, true));
        names.put("tipped", new Named("money tipped", ValueType.MONEY, true));
        names.put("topTipper", new Named("name of who tipped the most at once", ValueType.TEXT));
        names.put("topTip", new Named("how much that was", ValueType.MONEY));
        names.put(ALL_MONEY, new Named("money of tips, paid messages and purchases together", ValueType.MONEY, true));
        names.put("months", new Named("months of support received", ValueType.NUMBER, true));
        names.put("points", new Named("points given in all", ValueType.NUMBER, true));
        names.put("goods", new Named("goods given in all", ValueType.NUMBER, true));
        names.put(CHAT_LINES, new Named("the latest lines of the chat, one a row: who and what", ValueType.LIST));
        names.put("recentSignals", new Named("the latest signals, one a row: what and who", ValueType.LIST));
        return Collections.unmodifiableMap(names);
    }

    /**
     * The name of a reading that counts what came from one platform alone, of a show that is fed by several.
     *
     * @param platform its id
     */
    public static String apart(String platform, String name) {
        return prefix(platform) + name;
    }

    private static String prefix(String platform) {
        return Column.word(platform, Set.of()) + "_";
    }

    /** The same with what came from each of several platforms alone. @param apart by the ids of platforms */
    public Readings with(Map<String, Readings> apart) {
        Map<String, Object> all = new LinkedHashMap<>(values);
        apart.forEach((platform, theirs) -> {
            String prefix = prefix(platform);
            theirs.values().forEach((name, value) -> {
                if (TYPES.getOrDefault(name, ValueType.LIST) != ValueType.LIST) {
                    all.put(prefix + name, value);
                }
            });
        });
        return new Readings(all);
    }

    /** The latest lines of the chat as they came, the newest last. */
    public List<ChatLine> chat() {
        return values.get(CHAT_LINES) instanceof List<?> lines
                ? lines.stream().map(ChatLine.class::cast).toList()
                : List.of();
    }

    /** As they are kept: values by their type, so that they are the same when they are read again. */
    public record Kept(
            Map<String, String> texts,
            Map<String, Long> numbers,
            Map<String, List<TextRow>> lists,
            List<ChatLine> chat,
            Map<String, Sums> sums,
            Map<String, Tops> tops) {}

    public Kept kept() {
        Map<String, String> texts = new TreeMap<>();
        Map<String, Long> numbers = new TreeMap<>();
        Map<String, List<TextRow>> lists = new TreeMap<>();
        List<ChatLine> chat = chat();
        Map<String, Sums> sums = new TreeMap<>();
        Map<String, Tops> tops = new TreeMap<>();
        values.forEach((name, value) -> {
            switch (value) {
                case String text -> texts.put(name, text);
                case Number number -> numbers.put(name, number.longValue());
                case List<?> rows -> {
                    if (!name.equals(CHAT_LINES)) {
                        lists.put(name, rows.stream().map(TextRow.class::cast).toList());
                    }
                }
                case Sums sum -> sums.put(name, sum);
                case Tops top -> tops.put(name, top);
                default -> throw new IllegalStateException(name + " is of no type that is kept.");
            }
        });
        return new Kept(texts, numbers, lists, chat, sums, tops);
    }

    public static Readings of(Kept kept) {
        Map<String, Object> values = new LinkedHashMap<>();
        values.putAll(kept.texts());
        values.putAll(kept.numbers());
        values.putAll(kept.lists());
        if (!kept.chat().isEmpty()) {
            values.put(CHAT_LINES, kept.chat());
        }
        values.putAll(kept.sums());
        values.putAll(kept.tops());
        return new Readings(values);
    }

    /** With more; what is only tried does not count, though a line of the chat is shown as it would be. */
    public Readings with(List<Signal> signals) {
        Map<String, Object> next = new LinkedHashMap<>(values);
        signals.forEach(signal -> {
            if (signal.kind() == SignalKind.CHAT) {
                said(next, signal);
            } else if (signal.kind().announced() && !signal.practice()) {
                counted(next, signal);
                recent(next, signal);
            }
        });
        return new Readings(next);
    }

    /** The same without lists, which no period has but the one that counts for ever. */
    Readings withoutLists(List<Signal> signals) {
        List<Signal> counting = signals.stream()
                .filter(signal -> signal.kind().announced() && !signal.practice())
                .toList();
        if (counting.isEmpty()) {
            return this;
        }
        Map<String, Object> next = new LinkedHashMap<>(values);
        counting.forEach(signal -> counted(next, signal));
        return new Readings(next);
    }

    public Readings with(Signal signal) {
        return with(List.of(signal));
    }

    private static void counted(Map<String, Object> next, Signal signal) {
        switch (signal.kind()) {
            case FOLLOW -> {
                next.put("latestFollower", signal.shownName());
                count(next, "followers", 1);
            }
            case SUBSCRIPTION -> {
                next.put("latestSubscriber", signal.shownName());
                next.put("latestMonths", (long) Math.max(1, signal.months()));
                count(next, "subscribers", 1);
                count(next, "months", 1);
            }
            case RENEWAL -> {
                next.put("latestSubscriber", signal.shownName());
                next.put("latestMonths", (long) signal.months());
                count(next, "months", 1);
            }
            case GIFTED_SUBSCRIPTIONS -> {
                count(next, "subscribers", signal.amount());
                count(next, "gifted", signal.amount());
                count(next, "months", signal.amount());
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
            case TIP -> {
                next.put("latestTipper", signal.shownName());
                count(next, "tips", 1);
                add(next, "tipped", signal);
                best(next, signal);
            }
            case PURCHASE, CHAT, ADVERTISING -> {}
        }
        add(next, ALL_MONEY, signal);
    }

    private static void recent(Map<String, Object> next, Signal signal) {
        Stream<?> before = next.get("recentSignals") instanceof List<?> rows ? rows.stream() : Stream.of();
        next.put(
                "recentSignals",
                Stream.concat(Stream.of(new TextRow(what(signal), signal.shownName())), before)
                        .limit(RECENT)
                        .toList());
    }

    /** Its amount, where that is money. */
    private static void add(Map<String, Object> next, String name, Signal signal) {
        if (!signal.currency().isEmpty()) {
            Map<String, Long> sums = new TreeMap<>(next.get(name) instanceof Sums before ? before.minor() : Map.of());
            sums.merge(signal.currency(), signal.amount(), Long::sum);
            next.put(name, new Sums(sums));
        }
    }

    /** The first of equal ones stays. */
    private static void best(Map<String, Object> next, Signal signal) {
        if (!signal.currency().isEmpty()) {
            Map<String, Top> tops =
                    new TreeMap<>(next.get("topTipper") instanceof Tops before ? before.best() : Map.of());
            tops.merge(
                    signal.currency(),
                    new Top(signal.shownName(), signal.amount()),
                    (had, now) -> now.minor() > had.minor() ? now : had);
            next.put("topTipper", new Tops(tops));
            next.put("topTip", new Tops(tops));
        }
    }

    /** The newest line last, as a chat is read. */
    private static void said(Map<String, Object> next, Signal signal) {
        Stream<?> before = next.get(CHAT_LINES) instanceof List<?> rows
                ? rows.stream().skip(Math.max(0, rows.size() - MOST_CHAT + 1))
                : Stream.of();
        next.put(
                CHAT_LINES,
                Stream.concat(before, Stream.of(ChatLine.of(signal))).toList());
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
            case ADVERTISING -> "Advertising";
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
