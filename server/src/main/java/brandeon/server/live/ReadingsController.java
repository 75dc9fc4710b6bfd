package brandeon.server.live;

import brandeon.core.live.Counting;
import brandeon.core.live.Period;
import brandeon.core.live.Readings;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Money;
import brandeon.core.text.ValueType;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.show.RunningShows;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a show's signals come to, by period, and how it counts them. */
@RestController
@RequestMapping("/api/shows/{show}/readings")
class ReadingsController {

    private static final double MOST = 1e12;

    /**
     * @param written empty where nothing is known
     * @param number  of money in its main unit
     */
    record ReadingCell(String written, double number, boolean corrected) {}

    record ReadingLine(String name, String meaning, ValueType type, boolean counts, Map<Period, ReadingCell> cells) {}

    /**
     * @param since when it began, epoch milliseconds; 0 for the beginning of all
     * @param begun whether somebody began it
     */
    record PeriodView(Period id, String title, long since, boolean begun) {}

    /** @param leftOut money in currencies without a rate, which no sum holds: as it is written, by currency */
    record ReadingsBoard(
            String zone,
            String currency,
            Map<String, BigDecimal> rates,
            Map<String, String> leftOut,
            List<PeriodView> periods,
            List<ReadingLine> lines) {}

    record CountingWish(String zone, String currency, Map<String, BigDecimal> rates) {}

    /** @param reading without its period @param value that it has; money in its main unit */
    record CorrectionWish(String reading, Period period, double value) {}

    /** @param anew whether it counts from now on, or goes back to counting as if nobody had begun it */
    record BeginningWish(Period period, boolean anew) {}

    private final Members members;
    private final RunningShows shows;
    private final Facts facts;
    private final ShowValues values;

    ReadingsController(Members members, RunningShows shows, Facts facts, ShowValues values) {
        this.members = members;
        this.shows = shows;
        this.facts = facts;
        this.values = values;
    }

    @GetMapping
    ReadingsBoard board(@PathVariable UUID show) {
        return view(shows.get(members.current(), show));
    }

    /** The values that texts may take besides those of any show. */
    @GetMapping("/values")
    List<ShowValues.ShowValue> values(@PathVariable UUID show) {
        return values.of(shows.get(members.current(), show).id());
    }

    /** Says by whose days a show counts, and in which money. */
    @PutMapping("/counting")
    ReadingsBoard count(@PathVariable UUID show, @RequestBody CountingWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        Counting before = shows.get(member, show).counting();
        shows.count(
                member,
                show,
                "Changed how it counts",
                counting -> counting.with(wish.zone(), wish.currency(), wish.rates()));
        if (!before.zone().equals(wish.zone())) {
            facts.recount(show);
        }
        return view(shows.get(member, show));
    }

    /** Sets a number to what it should be; what comes from now on is added to it. */
    @PostMapping("/correction")
    ReadingsBoard correct(@PathVariable UUID show, @RequestBody CorrectionWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        Counting present = shows.get(member, show).counting();
        String name = wish.reading() + wish.period().suffix();
        Readings.Named named = Readings.names(wish.period()).get(name);
        if (named == null || !named.counts()) {
            throw new Mistake("Only numbers and sums can be corrected.");
        }
        if (!(wish.value() >= 0 && wish.value() <= MOST)) {
            throw new Mistake("A reading lies between 0 and a million millions.");
        }
        long now = System.currentTimeMillis();
        String did = "Set the " + named.meaning() + " to " + written(present, named, wish);
        shows.count(member, show, did, counting -> {
            long since = counting.since(wish.period(), now);
            long counted = whole(facts.now(show)
                    .tally()
                    .readings(counting.uncorrected(name), now)
                    .values()
                    .get(name));
            return counting.corrected(
                    name, new Counting.Correction(since, wanted(counting, named, wish.value()) - counted));
        });
        return view(shows.get(member, show));
    }

    private static long wanted(Counting counting, Readings.Named named, double value) {
        BigDecimal wanted = BigDecimal.valueOf(value);
        return named.type() == ValueType.MONEY
                ? Money.ofMain(wanted, Currency.getInstance(counting.currency()))
                        .minor()
                : wanted.setScale(0, RoundingMode.HALF_EVEN).longValue();
    }

    private static String written(Counting counting, Readings.Named named, CorrectionWish wish) {
        long whole = wanted(counting, named, wish.value());
        return named.type() == ValueType.MONEY
                ? new Money(whole, Currency.getInstance(counting.currency())).written()
                : String.valueOf(whole);
    }

    private static long whole(Object value) {
        return switch (value) {
            case Money money -> money.minor();
            case Number number -> number.longValue();
            case null, default -> 0;
        };
    }

    /** Begins a period anew; for a show this is its beginning. */
    @PostMapping("/beginning")
    ReadingsBoard begin(@PathVariable UUID show, @RequestBody BeginningWish wish) {
        Member member = members.current().requires(Role.OPERATOR);
        shows.get(member, show);
        long now = System.currentTimeMillis();
        String what = "counting what comes " + wish.period().words();
        shows.count(
                member,
                show,
                wish.anew() ? "Began " + what + " anew" : "Went back to " + what + " as before",
                counting -> wish.anew() ? counting.began(wish.period(), now) : counting.wentBack(wish.period()));
        if (!wish.anew()) {
            facts.recount(show);
        }
        return view(shows.get(member, show));
    }

    private ReadingsBoard view(RunningShows.Running show) {
        long now = System.currentTimeMillis();
        Counting counting = show.counting();
        Map<String, Object> values = facts.readings(show.id()).values();
        Map<String, String> leftOut = new TreeMap<>();
        facts.now(show.id())
                .tally()
                .leftOut(counting)
                .forEach((code, minor) -> leftOut.put(code, new Money(minor, Currency.getInstance(code)).written()));
        return new ReadingsBoard(
                counting.zone(),
                counting.currency(),
                counting.rates(),
                leftOut,
                List.of(Period.values()).stream()
                        .map(period -> new PeriodView(
                                period,
                                period.words(),
                                counting.since(period, now),
                                counting.begun().getOrDefault(period, 0L) == counting.since(period, now)
                                        && counting.since(period, now) > 0))
                        .toList(),
                Readings.names(Period.EVER).entrySet().stream()
                        .filter(one -> one.getValue().type() != ValueType.LIST)
                        .map(one -> line(one.getKey(), one.getValue(), values, counting, now))
                        .toList());
    }

    private static ReadingLine line(
            String base, Readings.Named named, Map<String, Object> values, Counting counting, long now) {
        Map<Period, ReadingCell> cells = new EnumMap<>(Period.class);
        for (Period period : Period.values()) {
            String name = base + period.suffix();
            Counting.Correction correction = counting.corrections().get(name);
            boolean corrected = correction != null && correction.since() == counting.since(period, now);
            cells.put(period, cell(values.get(name), corrected));
        }
        return new ReadingLine(base, named.meaning(), named.type(), named.counts(), cells);
    }

    private static ReadingCell cell(Object value, boolean corrected) {
        return switch (value) {
            case Money money -> new ReadingCell(money.written(), money.main().doubleValue(), corrected);
            case Number number ->
                new ReadingCell(String.format(Locale.ROOT, "%,d", number.longValue()), number.doubleValue(), corrected);
            case String text -> new ReadingCell(text, 0, corrected);
            case null, default -> new ReadingCell("", 0, corrected);
        };
    }
}
