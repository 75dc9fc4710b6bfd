package brandeon.core.layout;

import brandeon.core.canvas.Canvas;
import brandeon.core.pack.Json;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Whether a theme is whole: every scene can be drawn on every canvas, and the document is the same after it was written
 * and read back. Each edit is kept only when this holds as well after it as before.
 */
public final class Soundness {

    private Soundness() {}

    /** What does not hold, as sentences; empty when all does. Never throws. */
    public static List<String> faults(Theme theme) {
        List<String> faults = new ArrayList<>();
        try {
            if (!Json.read(Json.write(theme), Theme.class).equals(theme)) {
                faults.add("The theme would not be the same after it was stored.");
            }
        } catch (RuntimeException e) {
            faults.add("The theme could not be stored: " + e.getMessage());
        }
        try {
            Resolver resolver = new Resolver(theme);
            for (Scene scene : theme.scenes()) {
                for (Canvas canvas : theme.canvases()) {
                    drawn(resolver, scene, canvas, faults);
                }
            }
        } catch (RuntimeException e) {
            faults.add("The theme cannot be drawn: " + e.getMessage());
        }
        return faults;
    }

    private static void drawn(Resolver resolver, Scene scene, Canvas canvas, List<String> faults) {
        for (LiveState live : List.of(LiveState.QUIET, Samples.live())) {
            for (ResolvedScene.Failed failed :
                    resolver.resolve(scene, canvas, live).failed()) {
                faults.add(String.format(
                        Locale.ROOT,
                        "%s on %s cannot be drawn: %s",
                        failed.piece(),
                        scene.name(),
                        failed.cause().getMessage()));
            }
        }
    }
}
