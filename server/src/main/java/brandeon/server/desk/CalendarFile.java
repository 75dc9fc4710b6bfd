package brandeon.server.desk;

import brandeon.core.problem.Mistake;
import brandeon.core.show.Notices.Advertising;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.TemporalAdapter;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Advertising as a calendar (iCalendar, RFC 5545), out and in. */
final class CalendarFile {

    static final String TYPE = "text/calendar";
    private static final Duration AHEAD = Duration.ofDays(30);
    private static final int MOST = 500;
    private static final int LONGEST_NAME = 100;
    private static final int LONGEST = 900;

    private CalendarFile() {}

    /** One event for each. */
    static String written(List<Advertising> all) throws IOException {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Brandeon//Advertising//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        for (Advertising one : all) {
            Instant from = Instant.ofEpochMilli(one.from());
            VEvent event = new VEvent(
                    ZonedDateTime.ofInstant(from, ZoneOffset.UTC).toInstant(),
                    Duration.ofSeconds(one.seconds()),
                    one.name().isEmpty() ? "Advertising" : one.name());
            event.add(new Uid(UUID.nameUUIDFromBytes(
                            (one.from() + " " + one.seconds()).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                    .toString()));
            calendar.add(event);
        }
        StringWriter text = new StringWriter();
        new CalendarOutputter(false).output(calendar, text);
        return text.toString();
    }

    /**
     * All events that touch the next thirty days, each repetition by itself.
     *
     * @param zone of times that name none
     * @throws Mistake when it is no calendar, or an event cannot be told
     */
    static List<Advertising> read(String text, Instant now, ZoneId zone) {
        Calendar calendar;
        try {
            calendar = new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException e) {
            throw new Mistake(
                    "Line " + e.getLineNo() + " is not understood as iCalendar (RFC 5545); nothing was taken in.", e);
        } catch (IOException | RuntimeException e) {
            throw new Mistake("This is no calendar (RFC 5545); nothing was taken in.", e);
        }
        List<Advertising> all = new ArrayList<>();
        for (VEvent event : calendar.<VEvent>getComponents(Component.VEVENT)) {
            all.addAll(each(event, now, zone));
        }
        if (all.size() > MOST) {
            throw new Mistake("That are " + all.size() + " within thirty days; at most " + MOST + " are kept.");
        }
        all.sort(Comparator.comparingLong(Advertising::from));
        return all;
    }

    private static List<Advertising> each(VEvent event, Instant now, ZoneId zone) {
        String name = event.<Summary>getProperty("SUMMARY")
                .map(summary -> summary.getValue().strip())
                .map(words -> words.substring(0, Math.min(words.length(), LONGEST_NAME)))
                .orElse("");
        Temporal start = event.<DtStart<Temporal>>getProperty("DTSTART")
                .map(DtStart::getDate)
                .orElseThrow(() -> new Mistake("“" + name + "” has no beginning; nothing was taken in."));
        event.<RRule<Temporal>>getProperties("RRULE").forEach(rule -> requireFew(rule.getRecur(), name));
        try {
            return spans(event, start, now, zone).stream()
                    .map(one -> advertising(one, name, zone))
                    .toList();
        } catch (Mistake e) {
            throw e;
        } catch (RuntimeException e) {
            throw new Mistake("When “" + name + "” is cannot be told; nothing was taken in.", e);
        }
    }

    /** Times that name no zone are counted on the clocks of the show, whatever changes there. */
    private static Collection<? extends Period<? extends Temporal>> spans(
            VEvent event, Temporal start, Instant now, ZoneId zone) {
        ZonedDateTime from = now.atZone(zone);
        ZonedDateTime till = now.plus(AHEAD).atZone(zone);
        return start instanceof LocalDateTime
                ? event.calculateRecurrenceSet(new Period<>(from.toLocalDateTime(), till.toLocalDateTime()))
                : event.calculateRecurrenceSet(new Period<>(from, till));
    }

    /** A rule may say a million instants in a line; they are not counted one after another to find out. */
    private static void requireFew(Recur<Temporal> rule, String name) {
        long aDay = switch (rule.getFrequency()) {
            case SECONDLY, MINUTELY -> Long.MAX_VALUE;
            case HOURLY -> 24;
            case DAILY, WEEKLY, MONTHLY, YEARLY -> 1;
        };
        long each = (long) Math.max(1, rule.getHourList().size())
                * Math.max(1, rule.getMinuteList().size())
                * Math.max(1, rule.getSecondList().size());
        if (aDay == Long.MAX_VALUE || aDay * each > MOST) {
            throw new Mistake("“" + name + "” repeats too often; nothing was taken in.");
        }
    }

    private static Advertising advertising(Period<? extends Temporal> one, String name, ZoneId zone) {
        Instant from = instant(one.getStart(), zone);
        long seconds = Duration.between(from, instant(one.getEnd(), zone)).toSeconds();
        if (seconds < 1 || seconds > LONGEST) {
            throw new Mistake("“" + name + "” lasts " + seconds
                    + " seconds; one lasts 1 second to 15 minutes. Nothing was taken in.");
        }
        return new Advertising(from.toEpochMilli(), (int) seconds, name);
    }

    private static Instant instant(Temporal time, ZoneId zone) {
        return TemporalAdapter.toLocalTime(time, zone).toInstant();
    }
}
