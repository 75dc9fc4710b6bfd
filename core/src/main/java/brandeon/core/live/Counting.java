package brandeon.core.live;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Money;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Currency;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How a show counts what comes in.
 *
 * @param zone        by whose days it counts, an IANA time zone
 * @param currency    in which sums of money are shown, by ISO 4217
 * @param rates       what one unit of another currency is worth in it; one without a rate is not added
 * @param begun       since when a period counts where somebody began it anew, epoch milliseconds
 * @param corrections by the name of a reading
 */
public record Counting(
        String zone,
        String currency,
        Map<String, BigDecimal> rates,
        Map<Period, Long> begun,
        Map<String, Correction> corrections) {

    /**
     * What is added to a number, while it counts since the same instant.
     *
     * @param since when the period began to which it belongs
     * @param by    for money in the smallest unit of the show's currency
     */
    public record Correction(long since, long by) {}

    public static final Counting STANDARD = new Counting("UTC", "EUR", Map.of(), Map.of(), Map.of());

    private static final int MOST_RATES = 40;
    private static final BigDecimal HIGHEST_RATE = BigDecimal.valueOf(1_000_000_000);

    /** @throws Mistake when there is no such zone or currency, or a rate is none */
    public Counting {
        try {
            ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw new Mistake("There is no time zone “" + zone + "”.", e);
        }
        requireCurrency(currency);
        if (rates.size() > MOST_RATES) {
            throw new Mistake("There are at most " + MOST_RATES + " rates.");
        }
        rates.forEach((code, rate) -> {
            requireCurrency(code);
            if (rate.signum() <= 0 || rate.compareTo(HIGHEST_RATE) > 0 || rate.scale() > 12) {
                throw new Mistake("A rate is a number above 0, such as 0.92.");
            }
        });
        rates = Map.copyOf(rates);
        begun = Map.copyOf(begun);
        corrections = Map.copyOf(corrections);
    }

    private static void requireCurrency(String code) {
        if (!Money.known(code)) {
            throw new Mistake("“" + code + "” is no currency of ISO 4217.");
        }
    }

    ZoneId place() {
        return ZoneId.of(zone);
    }

    /** Since when a period counts at an instant, epoch milliseconds. */
    public long since(Period period, long now) {
        return Math.max(period.start(now, place()), begun.getOrDefault(period, 0L));
    }

    /** When the next period begins by itself. */
    public long next(long now) {
        return Period.DAY.end(now, place()).orElseThrow();
    }

    /** In the show's currency; empty where no rate is known. Half a unit is rounded to the even one. */
    public Optional<Long> converted(String code, long minor) {
        if (code.equals(currency)) {
            return Optional.of(minor);
        }
        return Optional.ofNullable(rates.get(code))
                .map(rate -> Money.ofMain(
                                new Money(minor, Currency.getInstance(code))
                                        .main()
                                        .multiply(rate),
                                Currency.getInstance(currency))
                        .minor());
    }

    Money money(long minor) {
        return new Money(minor, Currency.getInstance(currency));
    }

    /** Counting a period from an instant on. */
    public Counting began(Period period, long at) {
        Map<Period, Long> next = new EnumMap<>(Period.class);
        next.putAll(begun);
        next.put(period, at);
        return new Counting(zone, currency, rates, next, corrections);
    }

    /** Counting a period as if nobody had begun it anew. */
    public Counting wentBack(Period period) {
        Map<Period, Long> next = new HashMap<>(begun);
        next.remove(period);
        return new Counting(zone, currency, rates, next, corrections);
    }

    /** @param name of a reading, with its period's suffix */
    public Counting corrected(String name, Correction correction) {
        Map<String, Correction> next = new HashMap<>(corrections);
        if (correction.by() == 0) {
            next.remove(name);
        } else {
            next.put(name, correction);
        }
        return new Counting(zone, currency, rates, begun, next);
    }

    /** Without any correction. */
    public Counting uncorrected() {
        return new Counting(zone, currency, rates, begun, Map.of());
    }

    /** @param name of a reading, with its period's suffix */
    public Counting uncorrected(String name) {
        return corrected(name, new Correction(0, 0));
    }

    public Counting with(String otherZone, String otherCurrency, Map<String, BigDecimal> otherRates) {
        return new Counting(otherZone, otherCurrency, otherRates, begun, corrections);
    }
}
