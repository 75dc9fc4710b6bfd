package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The computer's clock is set while alerts run. */
class AlertTimeTest {

    private long clock = 1_800_000_000_000L;
    private long evenly = 77;
    private final AlertTime time = new AlertTime(() -> clock, () -> evenly);

    private void pass(long millis) {
        clock += millis;
        evenly += millis;
    }

    @Test
    void itGoesOnEvenlyWhateverTheClockIsSetTo() {
        pass(5000);
        assertThat(time.now()).isEqualTo(1_800_000_005_000L);
        assertThat(time.ahead()).isZero();
        clock -= 3_600_000;
        pass(1000);
        assertThat(time.now()).as("an hour back").isEqualTo(1_800_000_006_000L);
        assertThat(time.now() + time.ahead()).as("what painters are told").isEqualTo(clock);
        clock += 7_200_000;
        pass(1000);
        assertThat(time.now()).as("two hours forth").isEqualTo(1_800_000_007_000L);
        assertThat(time.now() + time.ahead()).isEqualTo(clock);
    }

    @Test
    void aSmallDriftMovesNothingThatIsPainted() {
        long before = time.ahead();
        for (int i = 0; i < 200; i++) {
            clock += 1;
            pass(100);
            assertThat(time.ahead()).isEqualTo(before);
        }
        clock += 100;
        assertThat(time.ahead()).isEqualTo(300);
    }

    @Test
    void afterARestartItGoesOnWhereItWas() {
        clock -= 3_600_000;
        time.begin(1_800_000_009_000L);
        assertThat(time.now()).isEqualTo(1_800_000_009_000L);
        time.begin(5);
        assertThat(time.now()).isEqualTo(clock);
    }
}
