package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class RetentionTest {

    private static LocalDate day(String text) {
        return LocalDate.parse(text);
    }

    @Test
    void aMachineThatWasOffKeepsWhatItHas() {
        assertThat(Retention.over(List.of())).isEmpty();
        assertThat(Retention.over(List.of(day("2025-01-03"), day("2025-06-01"), day("2026-11-29"))))
                .isEmpty();
    }

    @Test
    void theTurnOfAYearIsOneWeek() {
        // 29 December 2025 to 4 January 2026 are week 1 of 2026 (ISO 8601); of it the first is kept for the week.
        List<LocalDate> days = day("2025-12-29").datesUntil(day("2026-01-13")).toList();
        assertThat(Retention.over(days))
                .containsExactly(
                        day("2025-12-30"),
                        day("2025-12-31"),
                        day("2026-01-01"),
                        day("2026-01-02"),
                        day("2026-01-03"),
                        day("2026-01-04"));
    }
}
