package brandeon.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import brandeon.core.show.Notices.Advertising;
import java.io.IOException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Calendars by RFC 5545. */
class CalendarFileTest {

    private static final ZoneId NEW_YORK = ZoneId.of("America/New_York");

    private static String calendar(String... event) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//a test//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20270101T000000Z\r\n"
                + String.join("\r\n", event) + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    /** RFC 5545, 3.8.5.3: “Daily for 10 occurrences”, every ninth month at nine in New York, across no change of time. */
    @Test
    void repetitionsAreThoseOfTheStandard() {
        List<Advertising> all = CalendarFile.read(
                calendar(
                        "DTSTART;TZID=America/New_York:19970902T090000",
                        "DURATION:PT90S",
                        "RRULE:FREQ=DAILY;COUNT=10",
                        "SUMMARY:Lamp Loft"),
                Instant.parse("1997-09-01T00:00:00Z"),
                ZoneId.of("UTC"));
        assertThat(all).hasSize(10);
        assertThat(all.getFirst())
                .isEqualTo(new Advertising(Instant.parse("1997-09-02T13:00:00Z").toEpochMilli(), 90, "Lamp Loft"));
        assertThat(Instant.ofEpochMilli(all.getLast().from())).isEqualTo(Instant.parse("1997-09-11T13:00:00Z"));
    }

    /** A time without a zone is one of the show's place; over the change to summer time it stays at nine there. */
    @Test
    void timesWithoutAZoneAreThoseOfTheShow() {
        List<Advertising> all = CalendarFile.read(
                calendar("DTSTART:20270313T090000", "DTEND:20270313T090100", "RRULE:FREQ=DAILY;COUNT=2"),
                Instant.parse("2027-03-12T00:00:00Z"),
                NEW_YORK);
        assertThat(all)
                .extracting(one -> Instant.ofEpochMilli(one.from()))
                .containsExactly(Instant.parse("2027-03-13T14:00:00Z"), Instant.parse("2027-03-14T13:00:00Z"));
    }

    @Test
    void whatIsWrittenIsReadAgain() throws IOException {
        Instant now = Instant.parse("2027-06-01T18:00:00Z");
        List<Advertising> all = List.of(
                new Advertising(now.plusSeconds(600).toEpochMilli(), 60, "Fenwick Waders, boots; and more"),
                new Advertising(now.plusSeconds(4000).toEpochMilli(), 95, "Advertising"));
        String text = CalendarFile.written(all);
        assertThat(text)
                .startsWith("BEGIN:VCALENDAR\r\n")
                .contains("DTSTART:20270601T181000Z", "SUMMARY:Fenwick Waders\\, boots\\; and more");
        assertThat(CalendarFile.read(text, now, NEW_YORK)).isEqualTo(all);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "no calendar",
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n",
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDURATION:PT60S\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20270601T181000Z\r\nDURATION:PT2H\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20270601T181000Z\r\nDURATION:PT1S\r\nRRULE:FREQ=SECONDLY\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"
            })
    void whatIsWrongIsSaidAndNothingIsTaken(String text) {
        assertThatThrownBy(() -> CalendarFile.read(text, Instant.parse("2027-06-01T18:00:00Z"), NEW_YORK))
                .isInstanceOf(Mistake.class);
    }
}
