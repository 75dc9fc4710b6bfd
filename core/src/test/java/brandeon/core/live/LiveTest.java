package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToLongFunction;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;

class LiveTest {

    private static final AlertRule RULE = new AlertRule(SignalKind.FOLLOW, true, "Hello", "{name}", 5);

    @Test
    void alertsFollowEachOtherWithAPause() {
        AlertSlot first = AlertSlot.after(0, 1000, RULE);
        AlertSlot second = AlertSlot.after(first.until(), 1200, RULE);
        assertThat(first).isEqualTo(new AlertSlot(1000, 6000));
        assertThat(second.from()).isGreaterThan(first.until());
        assertThat(second.until() - second.from()).isEqualTo(5000);
    }

    @Test
    void afterAQuietTimeAnAlertComesAtOnce() {
        assertThat(AlertSlot.after(6000, 60_000, RULE).from()).isEqualTo(60_000);
    }

    @Test
    void aBurstLosesNothingAndNeverShowsTwoAtOnce() {
        long last = 0;
        long end = 0;
        for (int i = 0; i < 10_000; i++) {
            AlertSlot slot = AlertSlot.after(last, 1000, RULE);
            assertThat(slot.from()).isGreaterThan(end);
            end = slot.until();
            last = slot.until();
        }
    }

    @Test
    void countingOneByOneGivesTheSameAsCountingAll() {
        SplittableRandom random = new SplittableRandom(1);
        List<Signal> signals = new ArrayList<>();
        Readings oneByOne = Readings.NONE;
        for (int i = 0; i < 500; i++) {
            Signal signal = Signal.of(
                    "s" + i,
                    SignalKind.values()[random.nextInt(SignalKind.values().length)],
                    "viewer " + i,
                    random.nextInt(40),
                    "",
                    random.nextInt(9),
                    i);
            signals.add(signal);
            oneByOne = oneByOne.with(signal);
        }
        assertThat(Readings.of(signals)).isEqualTo(oneByOne);
        assertThat(Readings.of(oneByOne.kept())).as("as it is when it is kept").isEqualTo(oneByOne);
        // Counted here in another way.
        assertThat(oneByOne.values())
                .containsEntry(
                        "subscribers",
                        sum(signals, SignalKind.SUBSCRIPTION, _ -> 1)
                                + sum(signals, SignalKind.GIFTED_SUBSCRIPTIONS, Signal::amount))
                .containsEntry("points", sum(signals, SignalKind.POINTS, Signal::amount))
                .containsEntry("raids", sum(signals, SignalKind.RAID, _ -> 1))
                .containsEntry(
                        "topRaid",
                        signals.stream()
                                .filter(s -> s.kind() == SignalKind.RAID)
                                .mapToLong(Signal::amount)
                                .max()
                                .orElseThrow());
        long follows =
                signals.stream().filter(s -> s.kind() == SignalKind.FOLLOW).count();
        assertThat(oneByOne.values().get("followers")).isEqualTo(follows);
    }

    private static long sum(List<Signal> signals, SignalKind kind, ToLongFunction<Signal> what) {
        return signals.stream().filter(s -> s.kind() == kind).mapToLong(what).sum();
    }

    @Test
    void everyReadingThatIsEverSetHasADescribedName() {
        Readings all = Readings.NONE;
        for (SignalKind kind : SignalKind.values()) {
            all = all.with(Signal.of("x", kind, "Ilse", 3, "", 2, 0));
        }
        assertThat(Readings.names().keySet()).containsAll(all.values().keySet());
    }

    @Test
    void anAlertNeedsWellFormedTextAndASensibleTime() {
        assertThatThrownBy(() -> new AlertRule(SignalKind.FOLLOW, true, "Hi", "{name", 5))
                .hasMessageContaining("braces");
        assertThatThrownBy(() -> new AlertRule(SignalKind.FOLLOW, true, "Hi", "{name}", 0))
                .hasMessageContaining("2 and 60");
    }

    @Test
    void topAndTotalAndTheLatestEightAreKept() {
        Readings readings = Readings.NONE;
        for (int i = 0; i < 10; i++) {
            readings = readings.with(Signal.of("f" + i, SignalKind.FOLLOW, "Watcher " + i, 0, "", 0, i));
        }
        readings = readings.with(Signal.of("r1", SignalKind.RAID, "Saltmarsh Sal", 0, "", 24, 20))
                .with(Signal.of("r2", SignalKind.RAID, "Oskar | Tide", 0, "", 7, 21))
                .with(Signal.of("g", SignalKind.GIFTED_SUBSCRIPTIONS, "Ilse Fenn", 0, "", 5, 22));
        assertThat(readings.values())
                .containsEntry("topRaider", "Saltmarsh Sal")
                .containsEntry("topRaid", 24L)
                .containsEntry("latestRaider", "Oskar | Tide")
                .containsEntry("raids", 2L)
                .containsEntry("gifted", 5L)
                .containsEntry("topGiver", "Ilse Fenn")
                .containsEntry("followers", 10L);
        assertThat((List<?>) readings.values().get("recentSignals"))
                .hasSize(8)
                .asInstanceOf(InstanceOfAssertFactories.list(TextRow.class))
                .startsWith(
                        new TextRow("Gave 5", "Ilse Fenn"),
                        new TextRow("Came with 7", "Oskar | Tide"),
                        new TextRow("Came with 24", "Saltmarsh Sal"),
                        new TextRow("Follows", "Watcher 9"));
    }

    @Test
    void everySignalIsCountedWhereItBelongs() {
        Readings readings = Readings.NONE
                .with(signal(SignalKind.SUBSCRIPTION, "Ilse", 0, 0))
                .with(signal(SignalKind.SUBSCRIPTION, "Maret", 4, 0))
                .with(signal(SignalKind.RENEWAL, "Oskar", 14, 0))
                .with(signal(SignalKind.GIFTED_SUBSCRIPTIONS, "Sal", 0, 3))
                .with(signal(SignalKind.POINTS, "Wren", 0, 250))
                .with(signal(SignalKind.POINTS, "Wren", 0, 50))
                .with(signal(SignalKind.GOODS, "Wren", 0, 2))
                .with(signal(SignalKind.GOODS, "Tavi", 0, 5))
                .with(signal(SignalKind.PAID_MESSAGE, "Heron", 0, 500));
        assertThat(readings.values())
                .containsEntry("subscribers", 5L)
                .containsEntry("latestSubscriber", "Oskar")
                .containsEntry("latestMonths", 14L)
                .containsEntry("gifted", 3L)
                .containsEntry("points", 300L)
                .containsEntry("goods", 7L)
                .containsEntry("latestMessage", "Heron");
        assertThat(Readings.NONE
                        .with(signal(SignalKind.SUBSCRIPTION, "Ilse", 0, 0))
                        .values())
                .as("whoever joins is in the first month")
                .containsEntry("latestMonths", 1L);
        assertThat(Readings.types()).hasSameSizeAs(Readings.names()).containsEntry("topGift", ValueType.NUMBER);
    }

    @Test
    void ofEqualOnesTheFirstStaysOnTop() {
        Readings readings = Readings.NONE
                .with(signal(SignalKind.RAID, "First", 0, 9))
                .with(signal(SignalKind.RAID, "Second", 0, 9));
        assertThat(readings.values()).containsEntry("topRaider", "First").containsEntry("latestRaider", "Second");
        assertThat(readings.with(signal(SignalKind.RAID, "Third", 0, 10)).values())
                .containsEntry("topRaider", "Third")
                .containsEntry("topRaid", 10L);
    }

    @Test
    void anAlertSaysWhatTheSignalBrought() {
        AlertRule rule = new AlertRule(
                SignalKind.RENEWAL,
                true,
                "{level}",
                "{name}, {months, plural, one {# month} other {# months}}, {amount}",
                2.5);
        Signal signal = Signal.of("x", SignalKind.RENEWAL, "Ilse Fenn", 3, "Reed", 7, 0);
        assertThat(rule.kickerFor(signal.values())).isEqualTo("Reed");
        assertThat(rule.textFor(signal.values())).isEqualTo("Ilse Fenn, 3 months, 7");
        assertThat(rule.millis()).isEqualTo(2500);
        assertThat(Signal.TYPES.keySet()).containsAll(signal.values().keySet());
        assertThat(rule.worded("Kicker", "Text"))
                .isEqualTo(new AlertRule(SignalKind.RENEWAL, true, "Kicker", "Text", 2.5));
    }

    @Test
    void anAlertStaysFromTwoToSixtySeconds() {
        for (double seconds : new double[] {2, 60}) {
            assertThat(new AlertRule(SignalKind.FOLLOW, true, "", "", seconds).seconds())
                    .isEqualTo(seconds);
        }
        for (double seconds : new double[] {1.99, 60.01, Double.NaN}) {
            assertThatThrownBy(() -> new AlertRule(SignalKind.FOLLOW, true, "", "", seconds))
                    .hasMessageContaining("2 and 60");
        }
    }

    private static Signal signal(SignalKind kind, String name, int months, long amount) {
        return Signal.of("id", kind, name, months, "", amount, 0);
    }
}
