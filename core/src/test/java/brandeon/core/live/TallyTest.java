package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.pack.Json;
import brandeon.core.text.Money;
import com.ibm.icu.util.Calendar;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TallyTest {

    private static final Counting LONDON =
            Counting.STANDARD.with("Europe/London", "GBP", Map.of("EUR", new BigDecimal("0.85")));
    private static final long NOON = Instant.parse("2026-11-25T12:00:00Z").toEpochMilli();
    private static final long HOUR = 3_600_000;
    private static final long DAY = 24 * HOUR;

    private static Signal follow(String name, long at) {
        return Signal.of("f" + at + name, SignalKind.FOLLOW, name, 0, "", 0, at);
    }

    private static Signal tip(String name, long amount, String currency, long at) {
        return new Signal("t" + at, "", SignalKind.TIP, name, 0, "", amount, currency, "", "", false, false, false, at);
    }

    private static Map<String, Object> values(List<Signal> signals, Counting counting, long now) {
        return Tally.NONE.with(signals, counting, now).readings(counting, now).values();
    }

    @Test
    void eachPeriodCountsByItself() {
        // 25 November 2026 is a Wednesday.
        List<Signal> signals = List.of(
                follow("Ilse", NOON - 40 * DAY),
                follow("Oskar", NOON - 20 * DAY),
                follow("Maret", NOON - 2 * DAY),
                follow("Wren", NOON - 13 * HOUR),
                follow("Tavi", NOON - HOUR));
        assertThat(values(signals, LONDON, NOON))
                .containsEntry("followers", 5L)
                .containsEntry("followersThisMonth", 4L)
                .containsEntry("followersThisWeek", 3L)
                .containsEntry("followersToday", 1L)
                .containsEntry("latestFollowerToday", "Tavi")
                .containsEntry("raidsToday", 0L)
                .doesNotContainKeys("raids", "latestRaiderToday");
    }

    /** Where ICU's calendar says that days and weeks begin, clocks put forward and back included. */
    @ParameterizedTest
    @ValueSource(
            strings = {"Europe/London", "America/Sao_Paulo", "Asia/Kathmandu", "Africa/Cairo", "Pacific/Apia", "UTC"})
    void periodsBeginWhereIcuSaysTheyDo(String zone) {
        Counting counting = Counting.STANDARD.with(zone, "EUR", Map.of());
        Calendar calendar = Calendar.getInstance(TimeZone.getTimeZone(zone), ULocale.UK);
        for (long at = Instant.parse("2026-03-01T07:13:00Z").toEpochMilli(); at < NOON; at += 7 * HOUR) {
            calendar.setTimeInMillis(at);
            calendar.set(Calendar.HOUR_OF_DAY, 0);
            calendar.set(Calendar.MINUTE, 0);
            calendar.set(Calendar.SECOND, 0);
            calendar.set(Calendar.MILLISECOND, 0);
            assertThat(counting.since(Period.DAY, at)).isEqualTo(calendar.getTimeInMillis());
            calendar.set(Calendar.DAY_OF_WEEK, Calendar.MONDAY);
            assertThat(counting.since(Period.WEEK, at)).isEqualTo(calendar.getTimeInMillis());
            assertThat(counting.next(at)).isGreaterThan(at);
            assertThat(counting.since(Period.DAY, counting.next(at))).isEqualTo(counting.next(at));
            assertThat(counting.since(Period.DAY, counting.next(at) - 1)).isEqualTo(counting.since(Period.DAY, at));
        }
    }

    @Test
    void aNewDayBeginsWithNothingThoughNothingCame() {
        Tally tally = Tally.NONE.with(List.of(follow("Ilse", NOON)), LONDON, NOON);
        assertThat(tally.readings(LONDON, NOON).values()).containsEntry("followersToday", 1L);
        assertThat(tally.readings(LONDON, LONDON.next(NOON)).values())
                .containsEntry("followersToday", 0L)
                .containsEntry("followers", 1L)
                .doesNotContainKey("latestFollowerToday");
    }

    /** Random evenings over several days, counted in random parts, kept and read in between. */
    @Test
    void countingInPartsGivesTheSameAsCountingAll() {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Counting counting = random.nextBoolean() ? LONDON : LONDON.began(Period.SHOW, NOON + DAY);
            List<Signal> all = new ArrayList<>();
            Tally parts = Tally.NONE;
            long now = NOON;
            for (int part = 0; part < 12; part++) {
                now += random.nextInt((int) DAY);
                List<Signal> some = new ArrayList<>();
                for (int i = random.nextInt(6); i > 0; i--) {
                    // Some come late, some say that they are from later than now.
                    long at = now + HOUR - random.nextInt((int) (30 * HOUR));
                    some.add(
                            random.nextBoolean()
                                    ? follow("viewer " + random.nextInt(9), at)
                                    : tip(
                                            "viewer " + random.nextInt(9),
                                            random.nextInt(900),
                                            random.nextBoolean() ? "GBP" : "EUR",
                                            at));
                }
                all.addAll(some);
                parts = Tally.of(
                        Json.read(Json.write(parts.with(some, counting, now).kept()), Tally.Kept.class));
            }
            long end = now;
            Map<String, Object> values = parts.readings(counting, end).values();
            assertThat(values.get("followers"))
                    .isEqualTo(all.stream()
                            .filter(s -> s.kind() == SignalKind.FOLLOW)
                            .count());
            assertThat(values.get("followersThisShow"))
                    .as("evening %d", seed)
                    .isEqualTo(all.stream()
                            .filter(s -> s.kind() == SignalKind.FOLLOW)
                            .filter(s -> s.at() >= counting.since(Period.SHOW, end))
                            .count());
            assertThat(Tally.NONE.with(all, counting, end).periods().get(Period.EVER))
                    .isEqualTo(parts.periods().get(Period.EVER));
        }
    }

    @Test
    void moneyIsAddedInOneCurrencyAndWhatHasNoRateIsToldAndLeftOut() {
        List<Signal> tips = List.of(
                tip("Ilse", 1000, "GBP", NOON), tip("Oskar", 1500, "EUR", NOON), tip("Maret", 9000, "JPY", NOON));
        Tally tally = Tally.NONE.with(tips, LONDON, NOON);
        // 10.00 and 15.00 at 0.85.
        Money sum = new Money(2275, Currency.getInstance("GBP"));
        assertThat(tally.readings(LONDON, NOON).values())
                .containsEntry("tipped", sum)
                .containsEntry("tippedToday", sum)
                .containsEntry("money", sum)
                .containsEntry("tips", 3L)
                .containsEntry("topTipper", "Oskar")
                .containsEntry("topTip", new Money(1500, Currency.getInstance("EUR")));
        assertThat(tally.leftOut(LONDON)).containsExactly(Map.entry("JPY", 9000L));
        // Yen have no smaller unit: 9000 at 0.005 are 45.00.
        Counting yen = LONDON.with(
                "Europe/London", "GBP", Map.of("EUR", new BigDecimal("0.85"), "JPY", new BigDecimal("0.005")));
        assertThat(tally.leftOut(yen)).isEmpty();
        assertThat(tally.readings(yen, NOON).values())
                .containsEntry("tipped", new Money(6775, Currency.getInstance("GBP")))
                .containsEntry("topTipper", "Maret");
        assertThat(Tally.NONE.readings(LONDON, NOON).values())
                .containsEntry("tippedToday", new Money(0, Currency.getInstance("GBP")))
                .doesNotContainKey("tipped");
    }

    @Test
    void aCorrectionHoldsWhileItsPeriodLasts() {
        Tally tally = Tally.NONE.with(List.of(follow("Ilse", NOON)), LONDON, NOON);
        Counting corrected = LONDON.corrected("followers", new Counting.Correction(0, 12_400))
                .corrected("followersToday", new Counting.Correction(LONDON.since(Period.DAY, NOON), 4));
        assertThat(tally.readings(corrected, NOON).values())
                .containsEntry("followers", 12_401L)
                .containsEntry("followersToday", 5L)
                .containsEntry("followersThisWeek", 1L);
        Tally more = tally.with(List.of(follow("Wren", NOON + HOUR)), corrected, NOON + HOUR);
        assertThat(more.readings(corrected, NOON + HOUR).values())
                .containsEntry("followers", 12_402L)
                .containsEntry("followersToday", 6L);
        assertThat(more.readings(corrected, NOON + DAY).values())
                .containsEntry("followers", 12_402L)
                .containsEntry("followersToday", 0L);
        assertThat(Tally.NONE
                        .readings(LONDON.corrected("followers", new Counting.Correction(0, -3)), NOON)
                        .values())
                .as("nothing is less than none")
                .containsEntry("followers", 0L);
    }

    @Test
    void whatIsBegunAnewCountsFromThenOn() {
        List<Signal> signals = List.of(follow("Ilse", NOON - HOUR), follow("Wren", NOON + HOUR));
        Tally before = Tally.NONE.with(signals.subList(0, 1), LONDON, NOON);
        Counting begun = LONDON.began(Period.SHOW, NOON);
        Tally after = before.with(signals.subList(1, 2), begun, NOON + HOUR);
        assertThat(after.readings(begun, NOON + HOUR).values())
                .containsEntry("followersThisShow", 1L)
                .containsEntry("followersToday", 2L);
        assertThat(Tally.NONE
                        .with(signals, begun.wentBack(Period.SHOW), NOON + HOUR)
                        .readings(begun.wentBack(Period.SHOW), NOON + HOUR)
                        .values())
                .containsEntry("followersThisShow", 2L);
    }

    @Test
    void whatIsNoZoneCurrencyOrRateIsRefused() {
        assertThatThrownBy(() -> LONDON.with("Low/Quay", "GBP", Map.of())).hasMessageContaining("Low/Quay");
        assertThatThrownBy(() -> LONDON.with("UTC", "QQQ", Map.of())).hasMessageContaining("ISO 4217");
        assertThatThrownBy(() -> LONDON.with("UTC", "EUR", Map.of("USD", BigDecimal.ZERO)))
                .hasMessageContaining("above 0");
        assertThatThrownBy(() -> LONDON.with("UTC", "EUR", Map.of("USD", new BigDecimal("1e99"))))
                .hasMessageContaining("rate");
    }
}
