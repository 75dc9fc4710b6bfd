package brandeon.core.art;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * What a clock counts and how it shows it. The painter ({@code web/src/painter/clocks.ts}) ticks the same.
 *
 * @param instant epoch milliseconds: when counting down ends, or counting up began; 0 while it stands still
 * @param length  milliseconds: of counting down, shown while it stands still; of counting up until it ends, 0 for never
 * @param zone    IANA name of the time zone of a clock of the day
 */
public record ClockFace(Mode mode, long instant, long length, Format format, String zone) {

    /** Which way time runs. */
    public enum Mode { DOWN, UP, DAY }

    /** How it is written; every format has as many characters as its template. */
    public enum Format {
        MINUTES("mm:ss"), HOURS("hh:mm:ss"), DAY("HH:mm"), DAY_SECONDS("HH:mm:ss"), DAY_TWELVE("KK:mm");

        private final String template;

        Format(String template) {
            this.template = template;
        }

        public String template() {
            return template;
        }
    }

    private static final long SECOND = 1000;
    private static final long MINUTE = 60;
    private static final long HOUR = 3600;
    private static final long MOST_TWO_DIGITS = 99;

    public static ClockFace down(long until, long length) {
        return new ClockFace(Mode.DOWN, until, length, Format.MINUTES, "UTC");
    }

    /**
     * The time as shown. Counting down, a started second counts as whole ("05:00" until a second has gone); counting
     * up, only whole seconds count. Minutes or hours past 99 stay at 99.
     *
     * @param now epoch milliseconds
     */
    public String at(long now) {
        return switch (mode) {
            case DOWN -> written((running() ? Math.max(0, instant - now) : length) + SECOND - 1);
            case UP -> written(running() ? Math.max(0, now - instant) : 0);
            case DAY -> day(Instant.ofEpochMilli(now).atZone(ZoneId.of(zone)));
        };
    }

    /** What it shows when nobody ticks it. */
    public String still() {
        return mode == Mode.DAY ? "19:42:00".substring(0, format.template().length()) : at(running() ? instant : 0);
    }

    public boolean over(long now) {
        return switch (mode) {
            case DOWN -> running() && now >= instant;
            case UP -> running() && length > 0 && now >= instant + length;
            case DAY -> false;
        };
    }

    /** Whether what it shows depends on the instant. */
    public boolean running() {
        return mode == Mode.DAY || instant != 0;
    }

    private String written(long millis) {
        long seconds = millis / SECOND;
        long hours = seconds / HOUR;
        long minutes = seconds / MINUTE;
        return format == Format.HOURS ? "%02d:%02d:%02d".formatted(Math.min(MOST_TWO_DIGITS, hours), minutes % MINUTE, seconds % MINUTE)
                : "%02d:%02d".formatted(Math.min(MOST_TWO_DIGITS, minutes), seconds % MINUTE);
    }

    private String day(ZonedDateTime time) {
        return switch (format) {
            case DAY_SECONDS -> "%02d:%02d:%02d".formatted(time.getHour(), time.getMinute(), time.getSecond());
            case DAY_TWELVE -> "%2d:%02d".formatted((time.getHour() + 11) % 12 + 1, time.getMinute());
            case DAY, MINUTES, HOURS -> "%02d:%02d".formatted(time.getHour(), time.getMinute());
        };
    }
}
