package brandeon.core.art;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Locale;

/**
 * What a clock counts and how it shows it. The painter ({@code web/src/painter/clocks.ts}) ticks the same.
 *
 * @param instant epoch milliseconds: when counting down ends, or counting up began; 0 while it stands still
 * @param length  milliseconds: of counting down, shown while it stands still; of counting up until it ends, 0 for never
 * @param stood   milliseconds that counting up shows while it stands still
 * @param zone    IANA name of the time zone of a clock of the day
 */
public record ClockFace(Mode mode, long instant, long length, long stood, Format format, String zone) {

    /** Which way time runs. */
    public enum Mode {
        DOWN,
        UP,
        DAY
    }

    /** How it is written; every format has as many characters as its template. */
    public enum Format {
        MINUTES("mm:ss"),
        /** For clocks that reach a hundred minutes; what is missing in front is blank. */
        HUNDREDS("mmm:ss"),
        THOUSANDS("mmmm:ss"),
        HOURS("hh:mm:ss"),
        DAY("HH:mm"),
        DAY_SECONDS("HH:mm:ss"),
        DAY_TWELVE("KK:mm");

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

    /** The format that has room for all minutes up to a length in milliseconds. */
    public static Format minutes(long length) {
        long minutes = length / SECOND / MINUTE;
        return minutes < 100 ? Format.MINUTES : minutes < 1000 ? Format.HUNDREDS : Format.THOUSANDS;
    }

    public static ClockFace down(long until, long length) {
        return new ClockFace(Mode.DOWN, until, length, 0, Format.MINUTES, "UTC");
    }

    /**
     * The time as shown. Counting down, a started second counts as whole ("05:00" until a second has gone); counting
     * up, only whole seconds count. What has more digits than its format stays at the last that fits.
     *
     * @param now epoch milliseconds
     */
    public String at(long now) {
        return switch (mode) {
            case DOWN -> written((running() ? Math.max(0, instant - now) : length) + SECOND - 1);
            case UP -> written(running() ? Math.max(0, now - instant) : stood);
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
        if (format == Format.HOURS) {
            return hours > MOST_TWO_DIGITS
                    ? "99:59:59"
                    : String.format(Locale.ROOT, "%02d:%02d:%02d", hours, minutes % MINUTE, seconds % MINUTE);
        }
        int digits = format.template().indexOf(':');
        String most = "9".repeat(digits);
        String text = minutes > Long.parseLong(most)
                ? most + ":59"
                : String.format(Locale.ROOT, "%02d:%02d", minutes, seconds % MINUTE);
        return " ".repeat(format.template().length() - text.length()) + text;
    }

    private String day(ZonedDateTime time) {
        return switch (format) {
            case DAY_SECONDS ->
                String.format(Locale.ROOT, "%02d:%02d:%02d", time.getHour(), time.getMinute(), time.getSecond());
            case DAY_TWELVE -> String.format(Locale.ROOT, "%2d:%02d", (time.getHour() + 11) % 12 + 1, time.getMinute());
            case DAY, MINUTES, HUNDREDS, THOUSANDS, HOURS ->
                String.format(Locale.ROOT, "%02d:%02d", time.getHour(), time.getMinute());
        };
    }
}
