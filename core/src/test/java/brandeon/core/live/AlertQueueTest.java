package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.AlertQueue.Planned;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class AlertQueueTest {

    private static final long NOW = 1_800_000_000_000L;

    private static Signal signal(SignalKind kind, String name, long amount) {
        return Signal.of(name, kind, name, 0, "", amount, NOW);
    }

    private static AlertRule rule(SignalKind kind, double seconds) {
        return new AlertRule(kind, true, "", "{name}", seconds);
    }

    @Test
    void aFewComeOneAfterAnother() {
        AlertQueue queue = AlertQueue.EMPTY;
        for (String name : List.of("Tavi Brook", "Ilse Fenn", "Oskar Dunlin")) {
            queue = queue.with(signal(SignalKind.FOLLOW, name, 0), rule(SignalKind.FOLLOW, 5), NOW)
                    .queue();
        }
        assertThat(queue.planned()).extracting(one -> one.slot().from() - NOW).containsExactly(0L, 5600L, 11_200L);
        assertThat(queue.planned())
                .extracting(one -> one.announced().name())
                .containsExactly("Tavi Brook", "Ilse Fenn", "Oskar Dunlin");
    }

    @Test
    void whoWouldWaitTooLongIsShownWithTheLastOfTheirKind() {
        AlertQueue queue = AlertQueue.EMPTY;
        AlertSlot last = new AlertSlot(0, 0);
        for (int i = 0; i < 30; i++) {
            AlertQueue.Placed placed =
                    queue.with(signal(SignalKind.POINTS, "Viewer " + i, 10), rule(SignalKind.POINTS, 5), NOW);
            queue = placed.queue();
            last = placed.slot();
        }
        // At 0, 5.6, … 56 seconds: eleven of their own, and nineteen with the eleventh.
        assertThat(queue.planned()).hasSize(11);
        Signal joined = queue.planned().getLast().announced();
        assertThat(joined.name()).isEqualTo("Viewer 10 +19");
        assertThat(joined.amount()).as("what they gave together").isEqualTo(200);
        assertThat(last).isEqualTo(queue.planned().getLast().slot());
        AlertQueue.Placed raid =
                queue.with(signal(SignalKind.RAID, "Saltmarsh Sal", 24), rule(SignalKind.RAID, 5), NOW);
        assertThat(raid.queue().planned()).as("another kind is not mixed in").hasSize(12);
    }

    /** The queue of 5,800 follows was nine hours long. */
    @Test
    void aFloodOfAnySortHasAnEndAndLosesNothing() {
        SplittableRandom random = new SplittableRandom(3);
        AlertQueue queue = AlertQueue.EMPTY;
        long now = NOW;
        int shown = 0;
        List<AlertSlot> over = new ArrayList<>();
        for (int i = 0; i < 6000; i++) {
            now += random.nextInt(40);
            for (Planned one : queue.planned()) {
                if (one.slot().until() <= now) {
                    shown += one.more() + 1;
                    over.add(one.slot());
                }
            }
            SignalKind kind = SignalKind.values()[random.nextInt(SignalKind.values().length)];
            AlertQueue.Placed placed =
                    queue.from(now).with(signal(kind, "v" + i, 1), rule(kind, 2 + random.nextInt(9)), now);
            queue = placed.queue();
            assertThat(placed.slot().from()).isBetween(now, now + 200_000);
            assertThat(placed.slot().until()).isGreaterThan(placed.slot().from());
        }
        shown += queue.planned().stream().mapToInt(one -> one.more() + 1).sum();
        queue.planned().forEach(one -> over.add(one.slot()));
        assertThat(shown).as("each signal is shown once").isEqualTo(6000);
        for (int i = 1; i < over.size(); i++) {
            assertThat(over.get(i).from())
                    .as("never two at once")
                    .isGreaterThan(over.get(i - 1).until());
        }
        assertThat(over.getLast().until() - now).as("all is over soon").isLessThan(200_000);
    }

    @Test
    void whatIsOnScreenChangesAtItsInstants() {
        AlertQueue queue = AlertQueue.EMPTY
                .with(signal(SignalKind.FOLLOW, "Tavi Brook", 0), rule(SignalKind.FOLLOW, 5), NOW)
                .queue()
                .with(signal(SignalKind.FOLLOW, "Ilse Fenn", 0), rule(SignalKind.FOLLOW, 5), NOW)
                .queue();
        assertThat(queue.at(NOW - 1)).isEmpty();
        assertThat(queue.at(NOW).orElseThrow().signal().name()).isEqualTo("Tavi Brook");
        assertThat(queue.at(NOW + 4999)).isPresent();
        assertThat(queue.at(NOW + 5000)).as("the pause between").isEmpty();
        assertThat(queue.at(NOW + 5600).orElseThrow().signal().name()).isEqualTo("Ilse Fenn");
        assertThat(queue.next(NOW - 1)).contains(NOW);
        assertThat(queue.next(NOW)).contains(NOW + 5000);
        assertThat(queue.next(NOW + 5000)).contains(NOW + 5600);
        assertThat(queue.next(NOW + 10_600)).isEqualTo(Optional.empty());
        assertThat(queue.from(NOW + 5000).planned()).hasSize(1);
        assertThat(queue.from(NOW + 10_600)).isEqualTo(AlertQueue.EMPTY);
        assertThat(queue.moved(-3000).at(NOW - 3000)).isPresent();
    }

    @Test
    void aQueueIsTheSameWhenItIsReadAgain() {
        AlertQueue queue = AlertQueue.EMPTY;
        AlertQueue again = AlertQueue.EMPTY;
        for (int i = 0; i < 100; i++) {
            Signal signal = signal(SignalKind.values()[i % 3], "v" + i, i);
            AlertQueue.Placed placed = queue.with(signal, rule(signal.kind(), 4), NOW);
            queue = placed.queue();
            again = again.with(signal, placed.slot());
        }
        assertThat(again).isEqualTo(queue);
    }
}
