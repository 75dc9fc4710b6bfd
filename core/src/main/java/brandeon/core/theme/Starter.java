package brandeon.core.theme;

import brandeon.core.art.Families;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSound;
import brandeon.core.live.SignalKind;
import brandeon.core.text.Face;
import java.util.List;

/** What a new theme starts with: a wide and an upright canvas, a camera and a game picture, no scenes yet. */
public final class Starter {

    public static final String CAMERA = "camera";
    public static final String PLAY = "play";

    private Starter() {}

    public static Theme theme(String name) {
        return Theme.of(
                name,
                Brand.of(
                        List.of(Colour.parse("#3c7a5a"), Colour.parse("#e0a030"), Colour.parse("#1d2b3a")),
                        Face.BARLOW_CONDENSED,
                        Face.ATKINSON,
                        Face.BARLOW_CONDENSED,
                        0.5),
                Families.all().getFirst().id(),
                canvases(),
                List.of(
                        Capture.of(CAMERA, "Camera", Size.of(1280, 720)),
                        Capture.of(PLAY, "Play", Size.of(1920, 1080))),
                List.of(),
                List.of(),
                alerts());
    }

    public static List<Canvas> canvases() {
        return List.of(
                Canvas.of("wide", "Wide", Size.of(1920, 1080), 60),
                Canvas.of("upright", "Upright", Size.of(1080, 1920), 60));
    }

    /** For every signal that a platform may send, in the words of the platform that sends it. */
    public static List<AlertRule> alerts() {
        return List.of(
                AlertRule.of(
                                SignalKind.FOLLOW,
                                true,
                                "{count, plural, one {New follower} other {# new followers}}",
                                "{name}",
                                5)
                        .heard(AlertSound.of("drop")),
                AlertRule.of(
                                SignalKind.SUBSCRIPTION,
                                true,
                                "New {count, plural, one {{supporter}} other {{supporters}}}",
                                "{name} {supported}",
                                7)
                        .heard(AlertSound.of("chime")),
                AlertRule.of(
                                SignalKind.RENEWAL,
                                true,
                                "{months, plural, one {# month} other {# months}} a {supporter}",
                                "{name}",
                                7)
                        .heard(AlertSound.of("chime")),
                AlertRule.of(SignalKind.GIFTED_SUBSCRIPTIONS, true, "For others", "{name} gave {amount} {unit}", 7)
                        .heard(AlertSound.of("harp")),
                AlertRule.of(SignalKind.POINTS, true, "Thank you", "{name} {did} {amount} {unit}", 6)
                        .heard(AlertSound.of("pluck")),
                AlertRule.of(SignalKind.GOODS, true, "Thank you", "{name} {did} {amount} {unit}", 6)
                        .heard(AlertSound.of("glass")),
                AlertRule.of(SignalKind.PAID_MESSAGE, true, "{name}, {money}", "{message}", 8)
                        .heard(AlertSound.of("bell")),
                AlertRule.of(
                                SignalKind.RAID,
                                true,
                                "A {raid}",
                                "{name} {raided} with {amount, plural, one {# viewer} other {# viewers}}",
                                8)
                        .heard(AlertSound.of("horns")),
                AlertRule.of(SignalKind.TIP, true, "A tip of {money}", "{name}", 8)
                        .heard(AlertSound.of("wood")),
                AlertRule.of(SignalKind.PURCHASE, true, "From the shop", "{name} {did}", 6)
                        .heard(AlertSound.of("glass")));
    }

    /** As new rules for a kind begin. */
    public static AlertRule alert(SignalKind kind) {
        return alerts().stream()
                .filter(rule -> rule.kind() == kind)
                .findFirst()
                .orElseGet(() -> AlertRule.of(kind, true, "{what}", "{name}: {message}", 6));
    }
}
