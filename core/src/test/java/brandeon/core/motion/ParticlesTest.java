package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

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

    private static Particles plain(double direction, double drift, double spin, boolean aligned) {
        return new Particles(11, 40, 10, 60, direction, drift, spin, aligned, 1, 0, 0, 0);
    }

    /** Half as large at the back, one and a half times at the front, in even steps. */
    @Test
    void sizesGrowEvenlyFromBackToFront() {
        List<Particles.Grain> grains = plain(90, 0, 0, false).at(EVENING, 800, 600);
        assertThat(grains).hasSize(40);
        for (int i = 0; i < 40; i++) {
            assertThat(grains.get(i).size()).isEqualTo(10 * (0.5 + (i + 0.5) / 40), within(1e-9));
        }
    }

    /** Without sway they go straight their way, each at the pace of its distance; who comes round anew is left out. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 45, 90, 135, 200, 270, 315})
    void theyMoveAlongTheirDirection(double direction) {
        Particles particles = plain(direction, 0, 0, false);
        List<Particles.Grain> now = particles.at(EVENING, 800, 600);
        List<Particles.Grain> soon = particles.at(EVENING + 500, 800, 600);
        int followed = 0;
        for (int i = 0; i < 40; i++) {
            double way = 60 * (0.5 + (i + 0.5) / 40) * 0.5;
            double dx = soon.get(i).x() - now.get(i).x();
            double dy = soon.get(i).y() - now.get(i).y();
            if (Math.hypot(dx, dy) < 100) {
                followed++;
                assertThat(dx).isEqualTo(way * Math.cos(Math.toRadians(direction)), within(1e-4));
                assertThat(dy).isEqualTo(way * Math.sin(Math.toRadians(direction)), within(1e-4));
            }
        }
        assertThat(followed).isGreaterThan(30);
    }

    /** Swaying takes them off their way by their drift at most, and nearly that far somewhere. */
    @Test
    void theySwayToBothSidesByTheirDrift() {
        double left = 0;
        double right = 0;
        for (double at = EVENING; at < EVENING + 40_000; at += 250) {
            List<Particles.Grain> straight = plain(90, 0, 0, false).at(at, 800, 600);
            List<Particles.Grain> swaying = plain(90, 25, 0, false).at(at, 800, 600);
            assertThat(swaying).hasSameSizeAs(straight);
            for (Particles.Grain grain : swaying) {
                assertThat(grain.x()).isBetween(-25.0, 825.0);
                left = Math.min(left, grain.x());
                right = Math.max(right, grain.x());
            }
        }
        assertThat(left).isNegative();
        assertThat(right).isGreaterThan(800);
    }

    /** Whole within the box all the way, and gone before it would be seen to jump back. */
    @Test
    void theyComeAndGoOutOfSightAndFade() {
        for (double at = EVENING; at < EVENING + 30_000; at += 170) {
            for (Particles.Grain grain : plain(90, 0, 0, false).at(at, 800, 600)) {
                assertThat(grain.y()).isBetween(-grain.size() - 0.01, 600 + grain.size() + 0.01);
                boolean inTheMiddle = grain.y() > 100 && grain.y() < 500;
                if (inTheMiddle) {
                    double depth = grain.size() / 10 - 0.5;
                    assertThat(grain.opacity()).as("fully there").isEqualTo(0.4 + 0.6 * depth, within(1e-9));
                }
                if (grain.y() < -grain.size() + 4) {
                    assertThat(grain.opacity()).as("just appearing").isLessThan(0.15);
                }
            }
        }
    }

    @Test
    void theyAreUprightTurnedOrAlongTheirWay() {
        assertThat(plain(30, 0, 0, false).at(EVENING, 800, 600)).allMatch(grain -> grain.turn() == 0);
        assertThat(plain(30, 0, 0, true).at(EVENING, 800, 600))
                .allSatisfy(grain -> assertThat(grain.turn()).isEqualTo(Math.PI / 6, within(1e-12)));
        List<Particles.Grain> now = plain(90, 0, 2, false).at(EVENING, 800, 600);
        List<Particles.Grain> soon = plain(90, 0, 2, false).at(EVENING + 100, 800, 600);
        // Two turns on a way of 600 px and twice its own size: at 60 px a second in the middle.
        Particles.Grain middle = now.get(20);
        double pace = 60 * middle.size() / 10;
        double turned = soon.get(20).turn() - middle.turn();
        assertThat(turned).isEqualTo(2 * Math.PI * 2 * pace * 0.1 / (600 + 2 * middle.size()), within(1e-6));
    }

    /** Light that twinkles falls by its measure at most, and does so somewhere. */
    @Test
    void lightComesAndGoesByItsMeasure() {
        Particles steady = new Particles(3, 30, 10, 60, 90, 0, 0, false, 1, 0, 0, 0);
        Particles twinkling = new Particles(3, 30, 10, 60, 90, 0, 0, false, 1, 0.7, 0, 0);
        double least = 1;
        double most = 0;
        for (double at = EVENING; at < EVENING + 5_000; at += 50) {
            for (int i = 0; i < 30; i++) {
                double whole = steady.at(at, 800, 600).get(i).opacity();
                if (whole > 0.01) {
                    double share = twinkling.at(at, 800, 600).get(i).opacity() / whole;
                    least = Math.min(least, share);
                    most = Math.max(most, share);
                }
            }
        }
        assertThat(least).isBetween(0.3 - 1e-9, 0.33);
        assertThat(most).isBetween(0.97, 1 + 1e-9);
    }

    @Test
    void whatLiesFadesAwayAtTheEndOfItsRest() {
        Particles particles = new Particles(5, 1, 20, 400, 90, 0, 0, false, 1, 0, 40, 6);
        double before = -1;
        boolean lay = false;
        for (double at = EVENING; at < EVENING + 20_000; at += 20) {
            Particles.Grain grain = particles.at(at, 400, 300).getFirst();
            boolean lies = before == grain.y();
            lay |= lies;
            if (lies) {
                assertThat(grain.y()).as("on the heap").isBetween(300 - 40 - 20 * 0.3 - 1e-6, 300 - 20 * 0.3 + 1e-6);
            }
            before = grain.y();
        }
        assertThat(lay).isTrue();
    }

    @Test
    void chancesAreSpreadEvenly() {
        Particles many = new Particles(9, 600, 1, 50, 90, 0, 0, false, 1, 0, 0, 0);
        int[] columns = new int[10];
        many.at(EVENING, 1000, 1000).forEach(grain -> columns[Math.clamp((long) grain.x() / 100, 0, 9)]++);
        assertThat(Arrays.stream(columns).min().orElseThrow()).isGreaterThan(35);
        assertThat(Arrays.stream(columns).max().orElseThrow()).isLessThan(85);
    }

    @Test
    void noneIsPossible() {
        assertThat(new Particles(1, 0, 1, 1, 0, 0, 0, false, 1, 0, 0, 0).at(EVENING, 10, 10))
                .isEmpty();
        assertThatThrownBy(() -> new Particles(1, -1, 1, 1, 0, 0, 0, false, 1, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Particles(1, 1, 0, 1, 0, 0, 0, false, 1, 0, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(new Particles(1, Particles.MOST, 1, 1, 0, 0, 0, false, 1, 0, 0, 0).count())
                .isEqualTo(600);
    }

    /** What the painter computed, which is held to the same record (web/src/painter/particles.test.ts). */
    record Known(Particles particles, int number, double seconds, double width, double height, Particles.Grain grain) {}

    @Test
    void everyGrainIsWhereThePainterHasIt() {
        Known[] all =
                new JsonMapper().readValue(ParticlesTest.class.getResourceAsStream("/particles.json"), Known[].class);
        assertThat(all).hasSizeGreaterThan(50);
        for (Known known : all) {
            Particles.Grain grain = known.particles()
                    .at(known.seconds() * 1000, known.width(), known.height())
                    .get(known.number());
            assertThat(grain.x()).as("%s", known).isEqualTo(known.grain().x(), within(1e-5));
            assertThat(grain.y()).as("%s", known).isEqualTo(known.grain().y(), within(1e-5));
            assertThat(grain.size()).isEqualTo(known.grain().size(), within(1e-9));
            assertThat(grain.turn()).as("%s", known).isEqualTo(known.grain().turn(), within(1e-6));
            assertThat(grain.opacity()).as("%s", known).isEqualTo(known.grain().opacity(), within(1e-6));
        }
    }
}
