package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ClockFaceTest {

    /** 23 November 2026, 19:42:05 in London, which is on UTC then; in July it is an hour ahead. */
    private static final long EVENING = 1_795_462_925_000L;

    private static final long JULY = 1_784_662_925_000L;

    private static ClockFace day(ClockFace.Format format, String zone) {
        return new ClockFace(ClockFace.Mode.DAY, 0, 0, 0, format, zone);
    }

    @Test
    void countingUpShowsWholeSecondsAndMayEnd() {
        ClockFace up = new ClockFace(ClockFace.Mode.UP, 1_000_000, 60_000, 0, ClockFace.Format.HOURS, "UTC");
        assertThat(up.at(1_000_999)).isEqualTo("00:00:00");
        assertThat(up.at(1_001_000)).isEqualTo("00:00:01");
        assertThat(up.at(1_000_000 + 3_725_000)).isEqualTo("01:02:05");
        assertThat(up.over(1_059_999)).isFalse();
        assertThat(up.over(1_060_000)).isTrue();
        assertThat(new ClockFace(ClockFace.Mode.UP, 1_000_000, 0, 0, ClockFace.Format.MINUTES, "UTC")
                        .over(Long.MAX_VALUE))
                .as("without an end")
                .isFalse();
    }

    @Test
    void anHourAndAHalfCountsDownInEitherFormat() {
        assertThat(new ClockFace(ClockFace.Mode.DOWN, 5_400_000, 5_400_000, 0, ClockFace.Format.MINUTES, "UTC")
                        .at(1_000))
                .isEqualTo("89:59");
        assertThat(new ClockFace(ClockFace.Mode.DOWN, 5_400_000, 5_400_000, 0, ClockFace.Format.HOURS, "UTC").at(1_000))
                .isEqualTo("01:29:59");
    }

    /** 120 minutes showed 99:58. */
    @Test
    void moreThanAHundredMinutesHaveRoom() {
        long two = 7_200_000;
        ClockFace down = new ClockFace(ClockFace.Mode.DOWN, two, two, 0, ClockFace.minutes(two), "UTC");
        assertThat(down.at(0)).isEqualTo("120:00");
        assertThat(down.at(1_000)).isEqualTo("119:59");
        assertThat(down.at(two - 300_000))
                .as("what is missing in front is blank")
                .isEqualTo(" 05:00");
        assertThat(ClockFace.minutes(5999 * 60_000L)).isEqualTo(ClockFace.Format.THOUSANDS);
        assertThat(ClockFace.minutes(99 * 60_000L)).isEqualTo(ClockFace.Format.MINUTES);
        assertThat(new ClockFace(ClockFace.Mode.UP, 1, 0, 0, ClockFace.Format.MINUTES, "UTC").at(1 + 6_000_000))
                .as("the last that fits")
                .isEqualTo("99:59");
    }

    @Test
    void theTimeOfDayFollowsTheZoneWithItsSummerTime() {
        assertThat(day(ClockFace.Format.DAY_SECONDS, "Europe/London").at(EVENING))
                .isEqualTo("19:42:05");
        assertThat(day(ClockFace.Format.DAY, "Europe/London").at(JULY)).isEqualTo("20:42");
        assertThat(day(ClockFace.Format.DAY_TWELVE, "UTC").at(EVENING)).isEqualTo(" 7:42");
        assertThat(day(ClockFace.Format.DAY_TWELVE, "UTC").at(EVENING + 5 * 3_600_000))
                .as("after midnight it is twelve, not nought")
                .isEqualTo("12:42");
        assertThat(day(ClockFace.Format.DAY, "UTC").over(EVENING)).isFalse();
    }

    @Test
    void everyFormatHasAsManyCharactersAsItsTemplate() {
        for (ClockFace.Format format : ClockFace.Format.values()) {
            assertThat(day(format, "UTC").still()).hasSameSizeAs(format.template());
        }
    }
}
