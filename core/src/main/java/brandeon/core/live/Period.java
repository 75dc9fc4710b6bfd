package brandeon.core.live;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.OptionalLong;

/** Over which time a reading counts. Days begin at midnight of a show's time zone, weeks on Monday (ISO 8601). */
public enum Period {
    SHOW("ThisShow", "in this show"),
    DAY("Today", "today"),
    WEEK("ThisWeek", "this week"),
    MONTH("ThisMonth", "this month"),
    EVER("", "ever");

    private final String suffix;
    private final String words;

    Period(String suffix, String words) {
        this.suffix = suffix;
        this.words = words;
    }

    /** What follows the name of a reading. */
    public String suffix() {
        return suffix;
    }

    public String words() {
        return words;
    }

    /** When the stretch began in which an instant lies, epoch milliseconds; 0 for those that only people begin. */
    long start(long at, ZoneId zone) {
        LocalDate day = day(at, zone);
        return switch (this) {
            case SHOW, EVER -> 0;
            case DAY -> millis(day, zone);
            case WEEK -> millis(monday(day), zone);
            case MONTH -> millis(day.withDayOfMonth(1), zone);
        };
    }

    /** When it ends by itself, epoch milliseconds; empty for those that do not. */
    OptionalLong end(long at, ZoneId zone) {
        LocalDate day = day(at, zone);
        return switch (this) {
            case SHOW, EVER -> OptionalLong.empty();
            case DAY -> OptionalLong.of(millis(day.plusDays(1), zone));
            case WEEK -> OptionalLong.of(millis(monday(day).plusWeeks(1), zone));
            case MONTH -> OptionalLong.of(millis(day.withDayOfMonth(1).plusMonths(1), zone));
        };
    }

    static LocalDate day(long at, ZoneId zone) {
        return Instant.ofEpochMilli(at).atZone(zone).toLocalDate();
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** Where midnight is skipped, as when clocks are put forward, the day begins with its first instant. */
    private static long millis(LocalDate day, ZoneId zone) {
        return day.atStartOfDay(zone).toInstant().toEpochMilli();
    }
}
