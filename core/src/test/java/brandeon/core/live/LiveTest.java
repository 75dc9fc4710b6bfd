package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.text.TextRow;
import brandeon.core.text.ValueType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.ToLongFunction;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;

class LiveTest {

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
        assertThat(Readings.NONE.with(signals)).isEqualTo(oneByOne);
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
        assertThatThrownBy(() -> AlertRule.of(SignalKind.FOLLOW, true, "Hi", "{name", 5))
                .hasMessageContaining("braces");
        assertThatThrownBy(() -> AlertRule.of(SignalKind.FOLLOW, true, "Hi", "{name}", 0))
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
        AlertRule rule = AlertRule.of(
                SignalKind.RENEWAL,
                true,
                "{level}",
                "{name}, {months, plural, one {# month} other {# months}}, {amount}",
                2.5);
        Signal signal = Signal.of("x", SignalKind.RENEWAL, "Ilse Fenn", 3, "Reed", 7, 0);
        assertThat(rule.kickerFor(signal.values())).isEqualTo("Reed");
        assertThat(rule.textFor(signal.values(), 1)).isEqualTo("Ilse Fenn, 3 months, 7");
        assertThat(rule.millis(signal)).isEqualTo(2500);
        assertThat(Signal.VALUES.keySet()).containsAll(signal.values().keySet());
    }

    @Test
    void severalAreNamedAsFarAsThereIsRoom() {
        AlertRule rule = AlertRule.of(
                SignalKind.FOLLOW, true, "{count, plural, one {New follower} other {# new followers}}", "{name}", 5);
        Signal first = Signal.of("1", SignalKind.FOLLOW, "Ilse", 0, "", 0, 0);
        LiveState.Shown alone = LiveState.Shown.of(first, new AlertSlot(0, 5), Profiles.PLAIN);
        assertThat(rule.kickerFor(alone.values())).isEqualTo("New follower");
        assertThat(rule.textFor(alone.values(), 1)).isEqualTo("Ilse");
        for (Map.Entry<Integer, String> said : Map.of(
                        2, "Ilse, Tavi", 4, "Ilse, Tavi, Oskar and one more", 14, "Ilse, Tavi, Oskar and 11 more")
                .entrySet()) {
            LiveState.Shown several = new LiveState.Shown(
                    first,
                    said.getKey(),
                    0,
                    List.of("Ilse", "Tavi", "Oskar").subList(0, Math.min(3, said.getKey())),
                    new AlertSlot(0, 5),
                    Profiles.PLAIN);
            assertThat(rule.kickerFor(several.values())).isEqualTo(said.getKey() + " new followers");
            assertThat(rule.textFor(several.values(), said.getKey())).isEqualTo(said.getValue());
        }
    }

    /** The first that is for it holds. */
    @Test
    void aRuleIsForWhatItSays() {
        AlertRule any = AlertRule.of(SignalKind.TIP, true, "", "{name}", 5);
        AlertRule large = any.called("large").on(new When(5000, 0, "EUR", 0, "", false, false));
        List<AlertRule> rules = List.of(large, any);
        assertThat(AlertRule.of(rules, tip(5000, "EUR"))).contains(large);
        assertThat(AlertRule.of(rules, tip(4999, "EUR"))).contains(any);
        assertThat(AlertRule.of(rules, tip(5000, "JPY")))
                .as("5000 yen are not much")
                .contains(any);
        assertThat(AlertRule.of(List.of(any, large), tip(5000, "EUR"))).contains(any);
        assertThat(AlertRule.of(List.of(large.switched(false), any), tip(5000, "EUR")))
                .contains(any);
        assertThat(AlertRule.of(rules, Signal.of("1", SignalKind.FOLLOW, "Ilse", 0, "", 9000, 0)))
                .isEmpty();
        Signal renewed =
                new Signal("1", "", SignalKind.RENEWAL, "Ilse", 12, "Reed", 0, "", "", "", true, true, false, 0);
        AlertRule renewal = AlertRule.of(SignalKind.RENEWAL, true, "", "{name}", 5);
        for (When fits : List.of(
                When.ANY,
                new When(0, 0, "", 12, "", false, false),
                new When(0, 0, "", 0, "reed", false, false),
                new When(0, 0, "", 0, "", true, true))) {
            assertThat(renewal.on(fits).isFor(renewed)).as("%s", fits).isTrue();
        }
        for (When not : List.of(
                When.from(1), new When(0, 0, "", 13, "", false, false), new When(0, 0, "", 0, "Sedge", false, false))) {
            assertThat(renewal.on(not).isFor(renewed)).as("%s", not).isFalse();
        }
        assertThatThrownBy(() -> new When(5, 4, "", 0, "", false, false)).hasMessageContaining("largest");
    }

    /** A chat is read from above; the newest line comes last, and only the latest are kept. */
    @Test
    void linesOfTheChatFollowOneAnother() {
        Readings readings = Readings.NONE;
        for (int i = 0; i < 30; i++) {
            readings = readings.with(new Signal(
                    "c" + i, "", SignalKind.CHAT, "Ilse", 0, "", 0, "", "line " + i, "", false, false, i % 2 == 0, i));
        }
        assertThat(readings.values()).containsOnlyKeys("chatLines");
        List<?> lines = (List<?>) readings.values().get("chatLines");
        assertThat(lines).hasSize(20);
        assertThat(lines.getFirst()).isEqualTo(new ChatLine("c10", 10, "Ilse", "line 10"));
        assertThat(lines.getLast()).isEqualTo(new ChatLine("c29", 29, "Ilse", "line 29"));
        assertThat(Readings.of(readings.kept())).isEqualTo(readings);
    }

    private static Signal tip(long amount, String currency) {
        return new Signal("t", "", SignalKind.TIP, "Ilse", 0, "", amount, currency, "", "", false, false, false, 0);
    }

    @Test
    void anAlertStaysFromTwoToSixtySeconds() {
        for (double seconds : new double[] {2, 60}) {
            assertThat(AlertRule.of(SignalKind.FOLLOW, true, "", "", seconds).seconds())
                    .isEqualTo(seconds);
        }
        for (double seconds : new double[] {1.99, 60.01, Double.NaN}) {
            assertThatThrownBy(() -> AlertRule.of(SignalKind.FOLLOW, true, "", "", seconds))
                    .hasMessageContaining("2 and 60");
        }
    }

    private static Signal signal(SignalKind kind, String name, int months, long amount) {
        return Signal.of("id", kind, name, months, "", amount, 0);
    }
}
