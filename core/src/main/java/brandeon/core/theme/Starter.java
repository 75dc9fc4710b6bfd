package brandeon.core.theme;

import brandeon.core.art.Families;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.live.AlertRule;
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

    public static List<AlertRule> alerts() {
        return List.of(
                new AlertRule(SignalKind.FOLLOW, true, "New follower", "{name}", 5),
                new AlertRule(SignalKind.SUBSCRIPTION, true, "New subscriber", "{name} subscribed", 7),
                new AlertRule(
                        SignalKind.RENEWAL,
                        true,
                        "Subscriber for {months, plural, one {# month} other {# months}}",
                        "{name}",
                        7),
                new AlertRule(
                        SignalKind.RAID,
                        true,
                        "Raid",
                        "{name} raided with {amount, plural, one {# viewer} other {# viewers}}",
                        8));
    }
}
