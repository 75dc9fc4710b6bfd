package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Who stands there when several take turns. */
class TurnsTest {

    private static final Turns THREE = new Turns(List.of(4000L, 2000L, 3000L), 1000);

    @Test
    void eachStandsThereForItsTimeOfARound() {
        assertThat(THREE.round()).isEqualTo(10_000);
        assertThat(THREE.begins(2)).isEqualTo(6000);
        assertThat(THREE.stands(0, 50_000, 60_000)).isEqualTo(4000);
        assertThat(THREE.stands(2, 50_000, 60_000)).isEqualTo(3000);
        assertThat(THREE.stands(1, 53_000, 55_000))
                .as("from the middle of the first")
                .isEqualTo(1000);
        assertThat(THREE.stands(2, 59_000, 60_000)).as("in the pause").isZero();
        assertThat(THREE.stands(0, 7, 7)).isZero();
    }

    /** Against looking at each millisecond by itself. */
    @Test
    void whateverTheIntervalItIsWhatAClockWouldCount() {
        Random random = new Random(53);
        for (int i = 0; i < 40; i++) {
            Turns turns = new Turns(
                    List.of(1L + random.nextInt(300), (long) random.nextInt(300), 1L + random.nextInt(300)),
                    random.nextInt(2) * random.nextInt(200));
            long from = random.nextInt(5000);
            long until = from + random.nextInt(2500);
            long[] counted = new long[3];
            for (long now = from; now < until; now++) {
                long within = now % turns.round();
                for (int which = 0; which < 3; which++) {
                    if (within >= turns.begins(which)
                            && within < turns.begins(which) + turns.millis().get(which)) {
                        counted[which]++;
                    }
                }
            }
            for (int which = 0; which < 3; which++) {
                assertThat(turns.stands(which, from, until)).isEqualTo(counted[which]);
            }
        }
    }

    @Test
    void nothingTakesNoTurn() {
        assertThat(new Turns(List.of(0L), 0).stands(0, 0, 1000)).isZero();
    }
}
