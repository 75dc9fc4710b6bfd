package brandeon.core.live;

import brandeon.core.text.Money;
import brandeon.core.text.ValueType;
import java.util.Collection;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What was counted of a show's signals, for each period by itself. Adding signals in parts gives the same as adding all
 * at once.
 */
public record Tally(Map<Period, Counted> periods) {

    public static final Tally NONE = new Tally(Map.of());

    /**
     * Of one period.
     *
     * @param since when it began, epoch milliseconds; what was counted since another instant is over
     */
    public record Counted(long since, Readings readings) {}

    public Tally {
        periods = Map.copyOf(periods);
    }

    /** With more signals, in their order. One that says it is from later than now counts as from now. */
    public Tally with(Collection<Signal> signals, Counting counting, long now) {
        Map<Period, Counted> next = new EnumMap<>(Period.class);
        for (Period period : Period.values()) {
            long since = counting.since(period, now);
            List<Signal> mine = since == 0
                    ? List.copyOf(signals)
                    : signals.stream()
                            .filter(signal -> Math.min(signal.at(), now) >= since)
                            .toList();
            Counted before = periods.get(period);
            Readings counted = before != null && before.since() == since ? before.readings() : Readings.NONE;
            Readings after = period == Period.EVER ? counted.with(mine) : counted.withoutLists(mine);
            if (!after.equals(Readings.NONE)) {
                next.put(period, new Counted(since, after));
            }
        }
        return new Tally(next);
    }

    /** The same with all of the chat. */
    public Readings readings(Counting counting, long now) {
        return readings(counting, ChatRules.ALL, now);
    }

    /** The latest lines of the chat as they came, the newest last. */
    public List<ChatLine> chat() {
        return Optional.ofNullable(periods.get(Period.EVER))
                .map(counted -> counted.readings().chat())
                .orElse(List.of());
    }

    /** What is counted at an instant, with all corrections, by names that texts may show. */
    public Readings readings(Counting counting, ChatRules rules, long now) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (Period period : Period.values()) {
            long since = counting.since(period, now);
            Counted counted = periods.get(period);
            Map<String, Object> raw = counted != null && counted.since() == since
                    ? counted.readings().values()
                    : Map.of();
            Readings.names(period).forEach((name, named) -> {
                Object value = value(raw.get(Readings.base(name, period)), named, counting, period);
                Counting.Correction correction = counting.corrections().get(name);
                if (correction != null && correction.since() == since) {
                    value = corrected(value, correction.by(), named, counting);
                }
                if (value != null) {
                    values.put(name, value);
                }
            });
        }
        List<ChatLine> chat =
                chat().stream().map(rules::shown).flatMap(Optional::stream).toList();
        if (values.containsKey(Readings.CHAT_LINES)) {
            values.put(Readings.CHAT, chat);
            values.put(Readings.CHAT_LINES, chat.stream().map(ChatLine::row).toList());
        }
        values.put(Readings.BEGUN, counting.since(Period.SHOW, now));
        values.put(Readings.DAY, Period.day(now, counting.place()).toString());
        return new Readings(values);
    }

    /** @param raw null where nothing came yet; what counts for a while only counts from nothing then */
    private static Object value(Object raw, Readings.Named named, Counting counting, Period period) {
        return switch (raw) {
            case Readings.Sums sums -> counting.money(sums.in(counting));
            case Readings.Tops tops ->
                tops.best(counting)
                        .map(best -> best.shown(named.type(), counting))
                        .orElse(null);
            case null ->
                period == Period.EVER || !named.counts()
                        ? null
                        : switch (named.type()) {
                            case NUMBER -> 0L;
                            case MONEY -> counting.money(0);
                            default -> null;
                        };
            default -> raw;
        };
    }

    private static Object corrected(Object value, long by, Readings.Named named, Counting counting) {
        return switch (value) {
            case Money money -> counting.money(Math.max(0, money.minor() + by));
            case Number number -> Math.max(0, number.longValue() + by);
            case null -> named.type() == ValueType.MONEY ? counting.money(Math.max(0, by)) : (Object) Math.max(0, by);
            default -> value;
        };
    }

    /** What came in currencies without a rate, which sums leave out: the smallest units by currency. */
    public Map<String, Long> leftOut(Counting counting) {
        Map<String, Long> left = new TreeMap<>();
        Counted ever = periods.get(Period.EVER);
        if (ever != null && ever.readings().values().get(Readings.ALL_MONEY) instanceof Readings.Sums sums) {
            sums.minor().forEach((code, minor) -> {
                if (counting.converted(code, 1).isEmpty()) {
                    left.put(code, minor);
                }
            });
        }
        return left;
    }

    /** As it is kept. */
    public record Kept(Map<Period, KeptPeriod> periods) {}

    public record KeptPeriod(long since, Readings.Kept readings) {}

    public Kept kept() {
        Map<Period, KeptPeriod> all = new EnumMap<>(Period.class);
        periods.forEach((period, counted) -> all.put(
                period, new KeptPeriod(counted.since(), counted.readings().kept())));
        return new Kept(all);
    }

    public static Tally of(Kept kept) {
        Map<Period, Counted> all = new EnumMap<>(Period.class);
        kept.periods().forEach((period, one) -> all.put(period, new Counted(one.since(), Readings.of(one.readings()))));
        return new Tally(all);
    }
}
