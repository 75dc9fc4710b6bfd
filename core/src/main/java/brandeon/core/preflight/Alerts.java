package brandeon.core.preflight;

import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.live.When;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The moments in which a scene is judged: at rest, and during each alert of the theme with words as long as they get.
 * What happens to be on screen while somebody looks does not count, so that findings do not come and go with alerts.
 */
final class Alerts {

    /** As long as names get on platforms (common practice, no source), in letters as wide as they get. */
    private static final String LONGEST_NAME = "Marshwarden_of_Low_Quay_W";

    private static final String LONG_MESSAGE =
            "Is that a spoonbill by the second post, or has the tide played a trick on me again this evening?";

    private static final int MANY_MONTHS = 120;
    private static final long MANY = 99_999;

    /** @param kind what is announced */
    record During(SignalKind kind, LiveState live) {

        /** A finding of this moment, which says so. */
        Finding told(Finding finding) {
            String when = "While “" + kind.title() + "” is announced: ";
            return new Finding(
                    finding.kind(),
                    finding.scene(),
                    finding.canvas(),
                    finding.piece(),
                    finding.other().isEmpty() ? kind.name() : finding.other(),
                    finding.where(),
                    finding.measured(),
                    finding.limit(),
                    when + finding.sentence(),
                    finding.fix());
        }
    }

    private Alerts() {}

    static LiveState quiet(LiveState live) {
        return new LiveState(live.readings(), live.tables(), live.show(), Optional.empty());
    }

    static List<During> of(Theme theme) {
        return theme.alerts().stream()
                .filter(AlertRule::on)
                .flatMap(rule -> Stream.of(
                                rule.when().to() > 0 ? rule.when().to() : MANY,
                                rule.when().from())
                        .map(amount -> longest(rule, amount))
                        .filter(signal -> AlertRule.of(theme.alerts(), signal).equals(Optional.of(rule)))
                        .limit(1)
                        .map(signal -> during(rule, signal)))
                .toList();
    }

    private static During during(AlertRule rule, Signal signal) {
        return new During(
                rule.kind(),
                new LiveState(
                        Readings.NONE,
                        Show.QUIET,
                        Optional.of(LiveState.Shown.of(
                                signal, new AlertSlot(1, 1 + rule.millis(signal)), Profiles.PLAIN))));
    }

    /** A signal that a rule is for, with words as long as they get. */
    private static Signal longest(AlertRule rule, long amount) {
        When when = rule.when();
        boolean money = rule.kind().amount() == SignalKind.Amount.MONEY;
        return new Signal(
                "longest",
                "",
                rule.kind(),
                LONGEST_NAME,
                Math.max(MANY_MONTHS, when.months()),
                when.level().isEmpty() ? "3" : when.level(),
                Math.max(amount, when.from()),
                money ? when.currency().isEmpty() ? "EUR" : when.currency() : "",
                money ? LONG_MESSAGE : "",
                LONGEST_NAME,
                when.anonymous(),
                when.first(),
                false,
                0);
    }
}
