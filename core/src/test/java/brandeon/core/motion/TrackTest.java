package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Where a part is, by the model of Web Animations 1 (W3C): iterations, directions and delays, with fill on both sides.
 * With a straight easing each value can be worked out by hand; MotionTest compares with Chromium.
 */
class TrackTest {

    private static final long START = 1_795_462_925_000L;
    private static final Track.Key FROM = Track.Key.still(0).faded(0);
    private static final Track.Key TO = Track.Key.still(1).movedBy(100, -40);

    private static Track track(double delay, double cycles, boolean alternate, long start) {
        return new Track("part", List.of(FROM, TO), Easing.LINEAR, 1000, delay, cycles, alternate, start);
    }

    @ParameterizedTest(name = "{0} ms after its start it is {1} of the way")
    @CsvSource({"-500, 0", "0, 0", "250, 0.25", "999, 0.999", "1000, 1", "5000, 1"})
    void whatRunsOnceStandsBeforeAndAfter(long after, double way) {
        Pose pose = track(0, 1, false, START).at(START + after);
        assertThat(pose.x()).isEqualTo(100 * way, within(1e-6));
        assertThat(pose.y()).isEqualTo(-40 * way, within(1e-6));
        assertThat(pose.opacity()).isEqualTo(way, within(1e-6));
    }

    @Test
    void itsWayGoesFromTheFirstKeyToTheLastWhateverTheDelay() {
        assertThat(track(-250, Track.FOREVER, true, 0).way(4))
                .extracting(Pose::x)
                .usingElementComparator((one, other) -> Math.abs(one - other) < 1e-6 ? 0 : 1)
                .containsExactly(0.0, 25.0, 50.0, 75.0, 100.0);
    }

    @ParameterizedTest(name = "with a delay of {0}, {1} ms after: {2}")
    @CsvSource({"400, 200, 0", "400, 900, 0.5", "400, 1400, 1", "-250, 0, 0.25", "-250, 500, 0.75"})
    void aDelayShiftsIt(double delay, long after, double way) {
        assertThat(track(delay, 1, false, START).at(START + after).x()).isEqualTo(100 * way, within(1e-6));
    }

    @ParameterizedTest(name = "{0} cycles, forth and back {1}, {2} ms after: {3}")
    @CsvSource({
        "2, false, 1250, 0.25", "2, false, 2000, 1", "2, false, 9000, 1",
        "2, true, 1250, 0.75", "2, true, 2000, 0", "2, true, 9000, 0",
        "3, true, 2400, 0.4", "3, true, 9000, 1", "2.5, false, 2300, 0.3"
    })
    void cyclesAreRepeatedOrRunBack(double cycles, boolean alternate, long after, double way) {
        assertThat(track(0, cycles, alternate, START).at(START + after).x()).isEqualTo(100 * way, within(1e-6));
    }

    @ParameterizedTest(name = "by the shared clock, forth and back {0}, at {1}: {2}")
    @CsvSource({"false, 3000, 0", "false, 3700, 0.7", "true, 3700, 0.3", "true, 4700, 0.7", "true, 4000, 0"})
    void aLoopWithoutAStartRunsByTheClockOfAll(boolean alternate, long now, double way) {
        Track loop = track(0, Track.FOREVER, alternate, 0);
        assertThat(loop.at(now).x()).isEqualTo(100 * way, within(1e-6));
        assertThat(loop.at(now + 8 * (long) loop.round()).x())
                .as("and so ever on")
                .isEqualTo(100 * way, within(1e-6));
    }

    @Test
    void aDelayedLoopIsAlreadyOnItsWay() {
        Track loop = track(-300, Track.FOREVER, false, 0);
        assertThat(loop.at(0).x()).isEqualTo(30, within(1e-6));
        assertThat(track(300, Track.FOREVER, false, 0).at(0).x()).isEqualTo(70, within(1e-6));
    }

    @Test
    void roundsCountTheWayBack() {
        assertThat(track(0, Track.FOREVER, false, 0).round()).isEqualTo(1000);
        assertThat(track(0, Track.FOREVER, true, 0).round()).isEqualTo(2000);
    }

    @ParameterizedTest(name = "at {0} of its length x is {1}")
    @CsvSource({"0, 0", "0.1, 5", "0.2, 10", "0.35, 10", "0.5, 60", "0.75, 80", "1, 100"})
    void betweenSeveralKeysEachPairIsMixed(double progress, double x) {
        List<Track.Key> keys = List.of(
                Track.Key.still(0),
                Track.Key.still(0.2).movedBy(10, 0),
                Track.Key.still(0.5).movedBy(10, 0),
                // Two keys at one place: it jumps there.
                Track.Key.still(0.5).movedBy(60, 0),
                Track.Key.still(1).movedBy(100, 0));
        Track track = Track.once("part", keys, Easing.LINEAR, 1000, 0, START);
        assertThat(track.at(START + progress * 1000).x()).isEqualTo(x, within(1e-6));
    }

    @Test
    void everyNumberOfAPoseIsMixedAndTheEasingCounts() {
        Track.Key from = Track.Key.still(0).turnedBy(10, 4, 8).faded(0.2);
        Track.Key to = new Track.Key(1, 6, 2, 30, 3, 8, 0, 0.6);
        Track straight = new Track("part", List.of(from, to), Easing.LINEAR, 1000, 0, 1, false, START);
        Pose half = straight.at(START + 500);
        assertThat(new double[] {
                    half.x(), half.y(), half.turn(), half.scale(), half.pivotX(), half.pivotY(), half.opacity()
                })
                .containsExactly(new double[] {3, 1, 20, 2, 6, 4, 0.4}, within(1e-6));
        Track eased = new Track("part", List.of(from, to), Easing.EASE_IN, 1000, 0, 1, false, START);
        // cubic-bezier(0.42, 0, 1, 1) at one half is 0.31535 (worked out by hand from CSS Easing 1).
        assertThat(eased.at(START + 500).turn()).isEqualTo(10 + 20 * 0.31535, within(1e-3));
    }

    @Test
    void keysAreMadeStepByStep() {
        assertThat(Track.Key.still(0.4)).isEqualTo(new Track.Key(0.4, 0, 0, 0, 1, 0, 0, 1));
        assertThat(Track.Key.still(0.4).movedBy(1, 2).turnedBy(3, 4, 5).faded(0.6))
                .isEqualTo(new Track.Key(0.4, 1, 2, 3, 1, 4, 5, 0.6));
        assertThat(Track.Key.still(0.4).movedBy(1, 2).scaledBy(3, 4, 5))
                .isEqualTo(new Track.Key(0.4, 1, 2, 0, 3, 4, 5, 1));
    }

    @Test
    void opacityNeverLeavesItsRange() {
        Track.Key beyond = Track.Key.still(0).faded(-1);
        Track track = Track.once("p", List.of(beyond, Track.Key.still(1).faded(3)), Easing.LINEAR, 1000, 0, START);
        assertThat(track.at(START).opacity()).isZero();
        assertThat(track.at(START + 1000).opacity()).isEqualTo(1);
    }

    @Test
    void whatIsCalmedOnlyFades() {
        Track moving = track(120, Track.FOREVER, true, START);
        Track calm = moving.still();
        assertThat(calm.keys()).containsExactly(Track.Key.still(0).faded(0), Track.Key.still(1));
        assertThat(calm)
                .isEqualTo(new Track("part", calm.keys(), Easing.LINEAR, 1000, 120, Track.FOREVER, true, START));
        assertThat(moving.fades()).isTrue();
        Track steady =
                moving.with(List.of(Track.Key.still(0), Track.Key.still(1).movedBy(1, 0)));
        assertThat(steady.fades()).isFalse();
        assertThat(steady.keys().getLast().x()).isEqualTo(1);
    }

    @Test
    void loopsRunForthAndBackAndOtherThingsOnce() {
        Track loop = Track.loop("part", FROM, TO, 700, 90);
        assertThat(loop)
                .isEqualTo(new Track("part", List.of(FROM, TO), Easing.EASE_IN_OUT, 700, 90, Track.FOREVER, true, 0));
        assertThat(Track.once("part", List.of(FROM, TO), Easing.LEAVE, 700, 90, START))
                .isEqualTo(new Track("part", List.of(FROM, TO), Easing.LEAVE, 700, 90, 1, false, START));
    }

    @Test
    void aTrackHasABeginningAndAnEnd() {
        Track whole = track(0, 1, false, START);
        assertThatThrownBy(() -> whole.with(List.of(FROM))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> whole.with(List.of(Track.Key.still(0.1), TO)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> whole.with(List.of(FROM, Track.Key.still(0.9))))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
