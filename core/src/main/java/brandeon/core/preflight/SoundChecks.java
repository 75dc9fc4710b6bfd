package brandeon.core.preflight;

import brandeon.core.live.AlertRule;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How alerts sound beside each other. */
final class SoundChecks {

    /** What nobody hears, in LU (EBU R 128 allows programmes to differ by one). */
    private static final double UNHEARD = 1;

    private SoundChecks() {}

    static List<Finding> of(Theme theme) {
        List<Finding> found = new ArrayList<>();
        for (AlertRule rule : theme.alerts()) {
            if (rule.on() && rule.sound().heard()) {
                louder(theme, rule).ifPresent(found::add);
                held(theme, rule).ifPresent(found::add);
            }
        }
        return found;
    }

    private static Optional<Finding> louder(Theme theme, AlertRule rule) {
        double level = rule.sound().level();
        return level <= UNHEARD
                ? Optional.empty()
                : Optional.of(finding(
                        Finding.Kind.LOUDER,
                        rule,
                        level,
                        0,
                        String.format(
                                Locale.ROOT,
                                "The alert for %s is %.0f LU louder than the theme's %.0f LUFS.",
                                rule.kind().title(),
                                level,
                                theme.sounds().target())));
    }

    private static Optional<Finding> held(Theme theme, AlertRule rule) {
        double target = theme.sounds().target() + rule.sound().level();
        double held = theme.sounds()
                .loudness(rule.sound().sound())
                .map(loudness -> loudness.shortOf(target))
                .orElse(0.0);
        return held <= UNHEARD
                ? Optional.empty()
                : Optional.of(finding(
                        Finding.Kind.HELD_BY_PEAKS,
                        rule,
                        held,
                        UNHEARD,
                        String.format(
                                Locale.ROOT,
                                "The sound of the alert for %s is %.0f LU softer than wanted: its peaks would go over −1 dBTP. Choose one with fewer peaks, or a lower loudness for all.",
                                rule.kind().title(),
                                held)));
    }

    private static Finding finding(Finding.Kind kind, AlertRule rule, double measured, double limit, String sentence) {
        return new Finding(kind, "", "", "", rule.id(), Optional.empty(), measured, limit, sentence, Optional.empty());
    }
}
