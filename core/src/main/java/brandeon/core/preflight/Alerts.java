package brandeon.core.preflight;

import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The moments in which a scene is judged: at rest, and during each alert of the theme with words as long as they get.
 * What happens to be on screen while somebody looks does not count, so that findings do not come and go with alerts.
 */
final class Alerts {

    /** As long as names get on platforms (common practice, no source), in letters as wide as they get. */
    private static final String LONGEST_NAME = "Marshwarden_of_Low_Quay_W";

    private static final int MANY_MONTHS = 120;
    private static final long MANY = 99_999;

    /** @param kind what is announced */
    record During(SignalKind kind, LiveState live) {

        /** A finding of this moment, which says so. */
        Finding told(Finding finding) {
            String when = "While “" + kind.name().toLowerCase(Locale.ROOT).replace('_', ' ') + "” is announced: ";
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
        return new LiveState(live.readings(), live.show(), Optional.empty());
    }

    static List<During> of(Theme theme) {
        return theme.alerts().stream()
                .filter(AlertRule::on)
                .map(rule -> {
                    Signal signal = Signal.of("longest", rule.kind(), LONGEST_NAME, MANY_MONTHS, "3", MANY, 0);
                    return new During(
                            rule.kind(),
                            new LiveState(
                                    Readings.NONE,
                                    Show.QUIET,
                                    Optional.of(new LiveState.Shown(
                                            signal, new AlertSlot(1, 1 + rule.millis()), Profiles.PLAIN))));
                })
                .toList();
    }
}
