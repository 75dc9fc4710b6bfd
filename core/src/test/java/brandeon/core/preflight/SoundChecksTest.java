package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Pictures;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSound;
import brandeon.core.live.SignalKind;
import brandeon.core.show.LiveState;
import brandeon.core.sound.Loudness;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Sound;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;

class SoundChecksTest {

    private static final Theme DEMO = ReedlightHide.theme();

    private static Theme heard(Sounds sounds, AlertSound sound) {
        return DEMO.withSounds(sounds)
                .withAlerts(List.of(AlertRule.of(SignalKind.FOLLOW, true, "Hello", "{name}", 5)
                        .heard(sound)));
    }

    private static List<Finding> of(Theme theme, Finding.Kind kind) {
        return ThemeChecks.of(theme).stream()
                .filter(finding -> finding.kind() == kind)
                .toList();
    }

    @Test
    void whatIsLouderThanTheOthersIsNamed() {
        assertThat(of(heard(Sounds.STANDARD, new AlertSound("bell", 6)), Finding.Kind.LOUDER))
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains("follow", "6 LU", "-23 LUFS"));
        assertThat(of(heard(Sounds.STANDARD, new AlertSound("bell", -6)), Finding.Kind.LOUDER))
                .isEmpty();
        assertThat(of(heard(Sounds.STANDARD, new AlertSound("", 6)), Finding.Kind.LOUDER))
                .as("nothing is heard")
                .isEmpty();
    }

    /** Brought to −23 LUFS, a peak 30 dB over the loudness would stand at +7 dBTP; 8 dB less keeps it under −1. */
    @Test
    void whatItsPeaksHoldBackIsNamed() {
        Sound clicking = new Sound(
                "click", "Clicks", "56".repeat(32), 900, new Loudness(-40, -10), new Provenance("a", "b", "c"));
        Theme theme = heard(new Sounds(List.of(clicking), -23), AlertSound.of("click"));
        assertThat(of(theme, Finding.Kind.HELD_BY_PEAKS))
                .singleElement()
                .satisfies(finding -> assertThat(finding.measured()).isEqualTo(8));
        assertThat(of(heard(Sounds.STANDARD, AlertSound.of("bell")), Finding.Kind.HELD_BY_PEAKS))
                .isEmpty();
    }

    @Test
    void aSignalWithoutAnAlertIsNamedAndCanBeGivenOne() {
        Preflight preflight = new Preflight(
                DEMO, LiveState.QUIET, Pictures.NONE, List.of(SignalKind.FOLLOW, SignalKind.TIP, SignalKind.CHAT));
        List<Finding> missing = preflight.findings().stream()
                .filter(finding -> finding.kind() == Finding.Kind.UNANNOUNCED)
                .toList();
        assertThat(missing).extracting(Finding::other).containsExactly("TIP");
        Theme mended = ((Outcome.Applied)
                        Edits.apply(DEMO, missing.getFirst().fix().orElseThrow().edit()))
                .theme();
        assertThat(mended.alerts(SignalKind.TIP)).isNotEmpty();
        assertThat(SignalChecks.of(mended, List.of(SignalKind.TIP))).isEmpty();
    }
}
