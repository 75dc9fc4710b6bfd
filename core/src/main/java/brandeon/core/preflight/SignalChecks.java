package brandeon.core.preflight;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.live.SignalKind;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a theme's channel can send and no alert is for. */
final class SignalChecks {

    private SignalChecks() {}

    static List<Finding> of(Theme theme, List<SignalKind> sent) {
        return sent.stream()
                .distinct()
                .filter(SignalKind::announced)
                .filter(kind -> theme.alerts(kind).isEmpty())
                .map(kind -> new Finding(
                        Finding.Kind.UNANNOUNCED,
                        "",
                        "",
                        "",
                        kind.name(),
                        Optional.empty(),
                        0,
                        1,
                        String.format(
                                Locale.ROOT,
                                "No alert is for “%s”, which the channel can send: it is counted, and nothing is shown.",
                                kind.title()),
                        Optional.empty()))
                .toList();
    }

    static List<Fix> announced(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> scene) {
        SignalKind kind = SignalKind.valueOf(finding.other());
        return List.of(new Fix(
                "Add an alert",
                new ThemeEdit.AddAlert(Starter.alert(kind), theme.alerts().size())));
    }
}
