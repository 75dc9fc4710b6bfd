package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Against the painter's own computation: MotionTest in e2e. */
class ParticlesTest {

    private static final double EVENING = 1_795_462_925_000.0;

    private static Particles falling(int seed, double pile) {
        return new Particles(seed, 80, 20, 100, 90, 30, 0.5, false, 0.9, 0.3, pile, 10);
    }

    @Test
    void theSameSeedGivesTheSameSkyAndAnotherOneAnother() {
        assertThat(falling(7, 0).at(EVENING, 1920, 1080))
                .isEqualTo(falling(7, 0).at(EVENING, 1920, 1080));
        assertThat(falling(7, 0).at(EVENING, 1920, 1080))
                .isNotEqualTo(falling(8, 0).at(EVENING, 1920, 1080));
    }

    @Test
    void nearOnesFallFasterAndAreLarger() {
        List<Particles.Grain> now = falling(7, 0).at(EVENING, 1920, 1080);
        List<Particles.Grain> soon = falling(7, 0).at(EVENING + 100, 1920, 1080);
        double far = soon.getFirst().y() - now.getFirst().y();
        double near = soon.getLast().y() - now.getLast().y();
        assertThat(far)
                .as("half the speed of 100 px a second, for a tenth of it")
                .isEqualTo(5, within(0.2));
        assertThat(near).isEqualTo(15, within(0.2));
        assertThat(now.getLast().size()).isGreaterThan(now.getFirst().size() * 2.5);
    }

    @Test
    void theyAreSpreadOverTheWholeBoxAtAnyTime() {
        for (double at = EVENING; at < EVENING + 60_000; at += 7_919) {
            List<Particles.Grain> grains = falling(3, 0).at(at, 1920, 1080);
            for (int quarter = 0; quarter < 4; quarter++) {
                double left = quarter % 2 * 960.0;
                double top = quarter / 2 * 540.0;
                assertThat(grains.stream()
                                .filter(f -> f.x() >= left && f.x() < left + 960 && f.y() >= top && f.y() < top + 540)
                                .count())
                        .as("quarter %d at %s", quarter, at)
                        .isBetween(8L, 40L);
            }
        }
    }

    @Test
    void whatPilesUpLiesOnTheGroundForItsTime() {
        Particles particles = falling(5, 60);
        long lying = particles.at(EVENING, 1920, 1080).stream()
                .filter(f -> f.y() > 1080 - 80)
                .count();
        assertThat(lying)
                .as("a way of 10.8 s and a rest of 10 s: nearly half of them lie")
                .isBetween(25L, 55L);
        assertThat(particles.at(EVENING, 1920, 1080))
                .allSatisfy(f -> assertThat(f.y()).isLessThanOrEqualTo(1080));
        assertThat(falling(5, 0).at(EVENING, 1920, 1080).stream()
                        .filter(f -> f.y() > 1080 - 80 && f.y() <= 1080)
                        .count())
                .as("without a pile")
                .isLessThan(15);
    }

    @Test
    void opacityIsNeverBeyondItsRange() {
        for (double at = EVENING; at < EVENING + 30_000; at += 333) {
            assertThat(falling(5, 40).at(at, 400, 300))
                    .allSatisfy(f -> assertThat(f.opacity()).isBetween(0.0, 1.0));
        }
    }

    @Test
    void tooManyOrStillOnesAreRefused() {
        assertThatThrownBy(() -> new Particles(1, 601, 20, 100, 90, 0, 0, false, 1, 0, 0, 0))
                .hasMessageContaining("600");
        assertThatThrownBy(() -> new Particles(1, 60, 20, 0, 90, 0, 0, false, 1, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
