package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.AlertQueue.Alert;
import brandeon.core.live.AlertQueue.Passed;
import brandeon.core.live.AlertQueue.Placed;
import brandeon.core.pack.Json;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlertQueueTest {

    private static final long NOW = 1_800_000_000_000L;
    private static final Pace PACE = Pace.STANDARD;

    private static final AlertRule FOLLOW = AlertRule.of(SignalKind.FOLLOW, true, "", "{name}", 5);
    private static final AlertRule RAID = AlertRule.of(SignalKind.RAID, true, "", "{name}", 5);
    private static final AlertRule TIP = AlertRule.of(SignalKind.TIP, true, "", "{name}: {message}", 5);
    private static final AlertRule LARGE_TIP =
            TIP.called("large-tip").on(When.from(5000)).urgent(Urgency.HIGH);

    private static Signal signal(SignalKind kind, String name, long amount) {
        return Signal.of(name, kind, name, 0, "", amount, NOW);
    }

    private static Signal tip(String name, long amount, String message) {
        return new Signal(name, "", SignalKind.TIP, name, 0, "", amount, "EUR", message, "", false, false, false, NOW);
    }

    private static AlertQueue with(AlertQueue queue, Signal signal, AlertRule rule, long now) {
        return queue.with(signal.id(), signal, rule, PACE, now).queue();
    }

    private static AlertQueue follows(int count) {
        AlertQueue queue = AlertQueue.EMPTY;
        for (int i = 0; i < count; i++) {
            queue = with(queue, signal(SignalKind.FOLLOW, "v" + i, 0), FOLLOW, NOW);
        }
        return queue;
    }

    private static List<String> order(AlertQueue queue) {
        return queue.alerts().stream().map(Alert::id).toList();
    }

    @Test
    void aFewComeOneAfterAnother() {
        AlertQueue queue = follows(3);
        assertThat(queue.alerts()).extracting(one -> one.slot().from() - NOW).containsExactly(0L, 5600L, 11_200L);
        assertThat(queue.alerts()).extracting(one -> one.signal().name()).containsExactly("v0", "v1", "v2");
    }

    /** One is on screen; of the next six the sixth is one too many within ten seconds, and all become one. */
    @Test
    void aFloodBecomesOne() {
        AlertQueue queue = follows(6);
        assertThat(queue.alerts()).hasSize(6);
        Placed placed = queue.with("v6", signal(SignalKind.FOLLOW, "v6", 0), FOLLOW, PACE, NOW + 3000);
        assertThat(placed.with()).isEqualTo("v1");
        assertThat(placed.gone()).containsExactly("v2", "v3", "v4", "v5");
        assertThat(placed.queue().alerts()).hasSize(2);
        Alert one = placed.queue().alerts().getLast();
        assertThat(one.more()).isEqualTo(5);
        assertThat(one.names()).containsExactly("v1", "v2", "v3");
        assertThat(one.slot().from() - NOW).isEqualTo(5600);
        assertThat(with(placed.queue(), signal(SignalKind.FOLLOW, "v7", 0), FOLLOW, NOW + 4000)
                        .alerts())
                .as("and who comes then is shown with them")
                .hasSize(2);
        assertThat(with(placed.queue(), signal(SignalKind.RAID, "Saltmarsh Sal", 24), RAID, NOW + 4000)
                        .alerts())
                .as("another rule's are not mixed in")
                .hasSize(3);
    }

    @Test
    void theSameOverALongerTimeIsNoFlood() {
        AlertQueue queue = AlertQueue.EMPTY;
        for (int i = 0; i < 8; i++) {
            queue = with(queue, signal(SignalKind.FOLLOW, "v" + i, 0), FOLLOW, NOW + i * 3000L);
        }
        assertThat(queue.alerts()).hasSize(8);
    }

    @Test
    void whoWouldWaitTooLongIsShownWithTheLastOfTheirRule() {
        AlertQueue queue = AlertQueue.EMPTY;
        for (int i = 0; i < 12; i++) {
            queue = with(queue, tip("t" + i, 100, "Good evening!"), TIP, NOW + i);
        }
        // At 0, 5.6, … 61.6 seconds: own words stand alone, however long that takes.
        assertThat(queue.alerts()).hasSize(12);
        queue = with(queue, signal(SignalKind.FOLLOW, "a", 0), FOLLOW, NOW + 20);
        assertThat(queue.alerts()).as("the first of its rule has its own place").hasSize(13);
        Placed late = queue.with("b", signal(SignalKind.FOLLOW, "b", 0), FOLLOW, PACE, NOW + 30);
        assertThat(late.with()).isEqualTo("a");
        assertThat(late.queue().alerts().getLast().more()).isEqualTo(1);
    }

    @Test
    void whatIsUrgentPassesOthersButBreaksIntoNothing() {
        AlertQueue queue = with(AlertQueue.EMPTY, signal(SignalKind.FOLLOW, "a", 0), FOLLOW, NOW);
        queue = with(queue, signal(SignalKind.RAID, "b", 3), RAID, NOW + 100);
        queue = with(queue, tip("c", 100, "Hi"), TIP, NOW + 200);
        queue = with(queue, tip("large", 9000, "For a new lens"), LARGE_TIP, NOW + 1000);
        assertThat(order(queue)).containsExactly("a", "large", "b", "c");
        assertThat(queue.alerts().get(0).slot().until())
                .as("it ends in its time")
                .isEqualTo(NOW + 5000);
        queue = with(queue, tip("larger", 90_000, "Again"), LARGE_TIP, NOW + 1100);
        assertThat(order(queue)).as("in turn among its like").containsExactly("a", "large", "larger", "b", "c");
    }

    @Test
    void nobodyIsPassedForever() {
        AlertQueue queue = with(AlertQueue.EMPTY, signal(SignalKind.FOLLOW, "a", 0), FOLLOW, NOW);
        queue = with(queue, signal(SignalKind.RAID, "b", 3), RAID, NOW);
        long shown = -1;
        for (long now = NOW; shown < 0 && now < NOW + 600_000; now += 200) {
            queue = queue.at(now).queue();
            if ((now - NOW) % 4000 == 0) {
                queue = with(queue, tip("t" + now, 9000, "Hi"), LARGE_TIP, now);
            }
            if (queue.shownAt(now).map(one -> one.id().equals("b")).orElse(false)) {
                shown = now;
            }
        }
        // What comes within a minute passes it: some fifteen of 5.6 seconds.
        assertThat(shown - NOW).isBetween(60_000L, 100_000L);
    }

    @Test
    void aMessageIsGivenTimeToBeRead() {
        assertThat(TIP.millis(tip("t", 1, "Hi"))).isEqualTo(5000);
        assertThat(TIP.millis(tip("t", 1, "x".repeat(100)))).isEqualTo(5000 + 60 * 60);
        assertThat(TIP.millis(tip("t", 1, "x".repeat(500))))
                .as("but not for ever")
                .isEqualTo(25_000);
        assertThat(FOLLOW.millis(tip("t", 1, "x".repeat(100))))
                .as("where it is shown")
                .isEqualTo(5000);
    }

    @Test
    void itPausesAndGoesOn() {
        AlertQueue paused = follows(3).pause(PACE, NOW + 2000);
        assertThat(paused.shownAt(NOW + 4000))
                .as("what is on screen ends in its time")
                .isPresent();
        assertThat(paused.next(NOW + 2000)).contains(NOW + 5000);
        assertThat(paused.at(NOW + 50_000).queue().shownAt(NOW + 50_000)).isEmpty();
        AlertQueue more = with(paused.at(NOW + 50_000).queue(), signal(SignalKind.RAID, "r", 2), RAID, NOW + 50_000);
        AlertQueue on = more.resume(PACE, NOW + 60_000);
        assertThat(on.alerts()).extracting(one -> one.slot().from() - NOW).containsExactly(60_000L, 65_600L, 71_200L);
    }

    @Test
    void oneIsSkippedRepeatedMovedAndDropped() {
        AlertQueue skipped = follows(4).skip(PACE, NOW + 1000);
        assertThat(skipped.shownAt(NOW + 1500)).as("it leaves in half a second").isEmpty();
        assertThat(skipped.at(NOW + 1500).over()).extracting(Alert::id).containsExactly("v0");
        assertThat(skipped.alerts().get(1).slot().from()).isEqualTo(NOW + 2100);

        AlertQueue again = skipped.at(NOW + 1500).queue().repeat(PACE, NOW + 1600);
        assertThat(order(again)).containsExactly("v0", "v1", "v2", "v3");
        assertThat(again.repeat(PACE, NOW + 1700).alerts())
                .extracting(Alert::id, Alert::showing)
                .doesNotHaveDuplicates();
        assertThat(AlertQueue.EMPTY.repeat(PACE, NOW)).isEqualTo(AlertQueue.EMPTY);

        assertThat(order(follows(4).move("v3", 0, 0, PACE, NOW + 1000))).containsExactly("v0", "v3", "v1", "v2");
        assertThat(order(follows(4).move("v1", 0, 99, PACE, NOW + 1000))).containsExactly("v0", "v2", "v3", "v1");
        assertThat(order(follows(4).move("v0", 0, 2, PACE, NOW + 1000)))
                .as("what is on screen is not moved")
                .containsExactly("v0", "v1", "v2", "v3");

        AlertQueue dropped = follows(4).drop("v1", 0, PACE, NOW + 1000);
        assertThat(order(dropped)).containsExactly("v0", "v2", "v3");
        assertThat(dropped.alerts().get(1).slot().from()).isEqualTo(NOW + 5600);
        assertThat(order(dropped.dropAll(PACE, NOW + 1000))).containsExactly("v0");
        assertThat(follows(1).sounding(false).silent()).isTrue();
    }

    /** What is asked of the queue whatever comes, whoever does what, and whenever it is written and read again. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void anyEveningHoldsWhatIsPromised(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<AlertRule> rules = List.of(LARGE_TIP, TIP, FOLLOW, RAID);
        Pace pace = new Pace(0.2 + random.nextInt(20) / 10.0, 5 + random.nextInt(100), 2 + random.nextInt(9), 10);
        AlertQueue queue = AlertQueue.EMPTY;
        AlertQueue there = AlertQueue.EMPTY;
        long now = NOW;
        Map<String, String> with = new HashMap<>();
        Set<String> dropped = new HashSet<>();
        List<Alert> shown = new ArrayList<>();
        for (int i = 0; i < 1500; i++) {
            now += random.nextInt(10) == 0 ? random.nextInt(20_000) : random.nextInt(400);
            Passed passed = queue.at(now);
            shown.addAll(passed.over());
            queue = passed.queue();
            // The other one was written down and read again by another server.
            there = Json.readSparse(Json.write(there), AlertQueue.class).at(now).queue();
            if (random.nextInt(12) > 0) {
                Signal signal = switch (random.nextInt(5)) {
                    case 0, 1, 2 -> signal(SignalKind.FOLLOW, "f" + i, 0);
                    case 3 -> signal(SignalKind.RAID, "r" + i, 4);
                    default -> tip("t" + i, 100L * random.nextInt(100), random.nextBoolean() ? "Hi" : "");
                };
                AlertRule rule = AlertRule.of(rules, signal).orElseThrow();
                boolean free = queue.alerts().isEmpty() && !queue.paused();
                Placed placed = queue.with(signal.id(), signal, rule, pace, now);
                there = there.with(signal.id(), signal, rule, pace, now).queue();
                queue = placed.queue();
                with.put(signal.id(), placed.with());
                placed.gone().forEach(gone -> with.put(gone, placed.with()));
                if (free) {
                    assertThat(queue.alerts().getFirst().slot().from() - now)
                            .as("nobody waits for nobody")
                            .isLessThanOrEqualTo(Math.round(pace.pause() * 1000));
                }
            } else {
                Deed deed = deed(queue, random, now, dropped);
                queue = deed.done(queue, pace, now);
                there = deed.done(there, pace, now);
            }
            assertThat(there).isEqualTo(queue);
            assertThat(queue.waiting(now))
                    .as("it has an end")
                    .hasSizeLessThanOrEqualTo(AlertQueue.MOST_WAITING + rules.size());
        }
        queue = queue.resume(pace, now);
        shown.addAll(queue.at(now + 100_000_000).over());

        shown.sort(Comparator.comparingLong(one -> one.slot().from()));
        for (int i = 1; i < shown.size(); i++) {
            assertThat(shown.get(i).slot().from() - shown.get(i - 1).slot().until())
                    .as("one at a time, with a pause between")
                    .isGreaterThanOrEqualTo(Math.round(pace.pause() * 1000));
        }
        Set<String> seen = new HashSet<>();
        shown.stream()
                .filter(one -> one.showing() == 0)
                .forEach(one -> assertThat(seen.add(one.id())).as("once").isTrue());
        Map<String, Integer> members = new HashMap<>();
        with.forEach((id, first) -> {
            String shownWith = first;
            while (!with.get(shownWith).equals(shownWith)) {
                shownWith = with.get(shownWith);
            }
            members.merge(shownWith, 1, Integer::sum);
            assertThat(seen.contains(shownWith) || dropped.contains(shownWith))
                    .as("%s is shown, or somebody dropped it", id)
                    .isTrue();
        });
        shown.stream()
                .filter(one -> one.showing() == 0)
                .forEach(one -> assertThat(one.more() + 1)
                        .as("who is shown with it is counted with it")
                        .isEqualTo(members.get(one.id())));
    }

    private interface Deed {
        AlertQueue done(AlertQueue queue, Pace pace, long now);
    }

    private static Deed deed(AlertQueue queue, SplittableRandom random, long now, Set<String> dropped) {
        List<Alert> waiting = queue.waiting(now);
        int place = random.nextInt(6);
        return switch (random.nextInt(8)) {
            case 0 -> AlertQueue::pause;
            case 1, 2, 3 -> AlertQueue::resume;
            case 4 -> AlertQueue::skip;
            case 5 -> AlertQueue::repeat;
            case 6 -> {
                String id = waiting.isEmpty()
                        ? "none"
                        : waiting.get(random.nextInt(waiting.size())).id();
                yield (one, pace, at) -> one.move(id, 0, place, pace, at);
            }
            default -> {
                String id = waiting.stream()
                        .filter(one -> one.showing() == 0)
                        .map(Alert::id)
                        .findFirst()
                        .orElse("none");
                dropped.add(id);
                yield (one, pace, at) -> one.drop(id, 0, pace, at);
            }
        };
    }

    /** An urgent one is never behind one that came later and is not, unless somebody moved them. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void whatIsUrgentComesFirst(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        AlertQueue queue = AlertQueue.EMPTY;
        long now = NOW;
        for (int i = 0; i < 2000; i++) {
            now += random.nextInt(3000);
            queue = queue.at(now).queue();
            boolean urgent = random.nextInt(6) == 0;
            queue = urgent
                    ? with(queue, tip("t" + i, 9000, "Hi"), LARGE_TIP, now)
                    : with(queue, signal(SignalKind.RAID, "r" + i, 2), RAID, now);
            List<Alert> waiting = queue.waiting(now);
            for (int k = 1; k < waiting.size(); k++) {
                Alert before = waiting.get(k - 1);
                Alert after = waiting.get(k);
                assertThat(before.urgency() == Urgency.NORMAL
                                && after.urgency() == Urgency.HIGH
                                && after.came() - before.came() <= PACE.longest() * 1000L)
                        .isFalse();
            }
        }
    }
}
