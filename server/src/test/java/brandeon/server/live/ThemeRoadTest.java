package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A road whose hands work when they are told to. */
class ThemeRoadTest {

    private final Queue<Runnable> hands = new ArrayDeque<>();
    private final List<ThemeRoad.Step> painted = new ArrayList<>();
    private final ThemeRoad road = new ThemeRoad(UUID.randomUUID(), hands::add, (_, step) -> painted.add(step));

    private void work() {
        while (!hands.isEmpty()) {
            hands.remove().run();
        }
    }

    private ThemeRoad.Join join() {
        return new ThemeRoad.Join(null, "", -1);
    }

    @Test
    void aBurstIsPaintedOnceAsItIsAtItsEnd() {
        for (int i = 0; i < 100; i++) {
            road.changed(ThemeRoad.Change.THEME);
            road.changed(ThemeRoad.Change.LIVE);
        }
        assertThat(hands).as("one hand for one road").hasSize(1);
        work();
        assertThat(painted)
                .singleElement()
                .satisfies(step ->
                        assertThat(step.changes()).containsExactly(ThemeRoad.Change.THEME, ThemeRoad.Change.LIVE));
    }

    @Test
    void whatChangesWhileItIsPaintedIsPaintedAfterwards() {
        ThemeRoad[] self = new ThemeRoad[1];
        List<ThemeRoad.Step> steps = new ArrayList<>();
        self[0] = new ThemeRoad(UUID.randomUUID(), hands::add, (road, step) -> {
            steps.add(step);
            if (steps.size() == 1) {
                road.changed(ThemeRoad.Change.LIVE);
                road.changed(ThemeRoad.Change.LIVE);
            }
        });
        self[0].changed(ThemeRoad.Change.THEME);
        work();
        assertThat(steps).hasSize(2);
        assertThat(steps.getLast().changes()).containsExactly(ThemeRoad.Change.LIVE);
    }

    @Test
    void aThousandWhoJoinAtOnceAreOneStep() {
        for (int i = 0; i < 1000; i++) {
            assertThat(road.join(join())).isTrue();
        }
        work();
        assertThat(painted)
                .singleElement()
                .satisfies(step -> assertThat(step.joins()).hasSize(1000));
    }

    @Test
    void aRoadThatIsGivenUpTakesNobody() {
        road.follow(_ -> {});
        assertThat(road.close(Long.MAX_VALUE)).as("somebody follows").isFalse();
        road.followers().clear();
        road.changed(ThemeRoad.Change.THEME);
        assertThat(road.close(Long.MAX_VALUE)).as("something is to be done").isFalse();
        work();
        assertThat(road.close(Long.MAX_VALUE)).isTrue();
        assertThat(road.join(join())).isFalse();
        assertThat(road.follow(_ -> {})).isFalse();
    }
}
