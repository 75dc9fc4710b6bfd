package brandeon.core.layout;

import brandeon.core.canvas.Canvas;
import brandeon.core.pack.Json;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeChange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;

/**
 * Whether a theme is whole: every scene can be drawn on every canvas, and the document is the same after it was written
 * and read back. Each edit is kept only when this holds as well after it as before.
 */
public final class Soundness {

    private Soundness() {}

    /** What does not hold, as sentences; empty when all does. Never throws. */
    public static List<String> faults(Theme theme) {
        List<String> faults = new ArrayList<>();
        stored(faults, () -> Json.read(Json.write(theme), Theme.class).equals(theme));
        drawn(faults, theme, theme.scenes());
        return faults;
    }

    /**
     * What does not hold any more of a theme after a change: only what the change can reach is looked at, so that a
     * word that is typed costs the scenes it stands in. Never throws.
     */
    public static List<String> faults(Theme before, Theme after) {
        List<String> faults = new ArrayList<>();
        ThemeChange change = ThemeChange.between(before, after);
        stored(
                faults,
                () -> Json.read(Json.write(change), ThemeChange.class)
                        .applied(before)
                        .equals(after));
        drawn(faults, after, reached(change, after));
        return faults;
    }

    /** The scenes that can look or work otherwise than before. */
    static List<Scene> reached(ThemeChange change, Theme after) {
        if (!change.ofPiecesAndScenesAlone()) {
            return after.scenes();
        }
        Set<String> changed = change.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        Set<String> spoken = after.pieces().stream()
                .filter(piece -> changed.contains(piece.id()) || changed.contains(piece.share()))
                .map(Piece::id)
                .collect(Collectors.toSet());
        return after.scenes().stream()
                .filter(scene -> change.scenes().contains(scene)
                        || scene.stack().stream().anyMatch(placed -> spoken.contains(placed.piece())))
                .toList();
    }

    private static void stored(List<String> faults, BooleanSupplier same) {
        try {
            if (!same.getAsBoolean()) {
                faults.add("The theme would not be the same after it was stored.");
            }
        } catch (RuntimeException e) {
            faults.add("The theme could not be stored: " + e.getMessage());
        }
    }

    private static void drawn(List<String> faults, Theme theme, List<Scene> scenes) {
        try {
            Resolver resolver = new Resolver(theme);
            for (Scene scene : scenes) {
                for (Canvas canvas : theme.canvases()) {
                    drawn(resolver, scene, canvas, faults);
                }
            }
        } catch (RuntimeException e) {
            faults.add("The theme cannot be drawn: " + e.getMessage());
        }
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
