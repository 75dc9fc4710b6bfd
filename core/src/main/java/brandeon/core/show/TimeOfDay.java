package brandeon.core.show;

import brandeon.core.problem.Mistake;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;

/** A time on the clocks of a place. */
record TimeOfDay(LocalTime time, ZoneId zone) {

    /**
     * @param time as {@code 20:00}
     * @param zone IANA name
     * @throws Mistake when there is no such time or place
     */
    static TimeOfDay of(String time, String zone) {
        try {
            return new TimeOfDay(LocalTime.parse(time), ZoneId.of(zone));
        } catch (DateTimeParseException e) {
            throw new Mistake("“" + time + "” is no time of day; write it like 20:00.", e);
        } catch (DateTimeException e) {
            throw new Mistake("There is no time zone called “" + zone + "”; write it like Europe/London or UTC.", e);
        }
    }

    /**
     * When clocks there show it next, in epoch milliseconds; always after {@code at}. A time that is left out when
     * clocks are put forward comes when they have moved on, to whoever waits for it before that; of one that comes twice it is the one that is still to come.
     */
    long next(long at) {
        ZonedDateTime now = Instant.ofEpochMilli(at).atZone(zone);
        ZonedDateTime today = ZonedDateTime.of(now.toLocalDate(), time, zone);
        if (!today.isAfter(now)) {
            today = today.withLaterOffsetAtOverlap();
        }
        boolean leftOut = !today.toLocalTime().equals(time);
        boolean passed = !today.isAfter(now) || (leftOut && now.toLocalTime().isAfter(time));
        ZonedDateTime next =
                !passed ? today : ZonedDateTime.of(now.toLocalDate().plusDays(1), time, zone);
        return next.toInstant().toEpochMilli();
    }
}
