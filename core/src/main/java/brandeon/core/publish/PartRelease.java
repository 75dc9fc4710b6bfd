package brandeon.core.publish;

import brandeon.core.theme.Artwork;
import brandeon.core.theme.Capture;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Some scenes of a draft put on air, and everything else left as it is on air: brand, family, canvases, alerts and
 * sounds, and all other scenes. A piece or capture of a chosen scene is one thing wherever it is, so it changes on other
 * scenes too.
 *
 * @param theme as it would be on air
 * @param notes what changes besides the chosen scenes, for people
 */
public record PartRelease(Theme theme, List<String> notes) {

    public PartRelease {
        notes = List.copyOf(notes);
    }

    /** @param chosen ids of scenes of the draft, or of scenes on air that the draft no longer has */
    public static PartRelease of(Theme onAir, Theme draft, Set<String> chosen) {
        List<Scene> scenes = scenes(onAir, draft, chosen);
        Set<String> pieces = new LinkedHashSet<>();
        Set<String> captures = new LinkedHashSet<>();
        Set<SceneRole> roles = new HashSet<>();
        for (Scene scene : draft.scenes()) {
            if (chosen.contains(scene.id())) {
                roles.add(scene.role());
                scene.stack().forEach(placed -> with(draft, placed.piece(), pieces));
            }
        }
        pieces.forEach(id -> draft.piece(id).ifPresent(piece -> captures.addAll(piece.captures())));
        List<String> notes = new ArrayList<>();
        for (String id : pieces) {
            Optional<Piece> was = onAir.piece(id);
            Piece is = draft.piece(id).orElseThrow();
            List<String> others = scenes.stream()
                    .filter(scene ->
                            !chosen.contains(scene.id()) && scene.placed(id).isPresent())
                    .map(Scene::name)
                    .toList();
            if (was.isPresent() && !was.get().equals(is) && !others.isEmpty()) {
                notes.add(is.name() + " also stands on " + String.join(", ", others) + ", and changes there too.");
            }
        }
        Theme part = onAir.withScenes(scenes)
                .withPieces(taken(onAir.pieces(), draft.pieces(), Piece::id, pieces))
                .withCaptures(taken(onAir.captures(), draft.captures(), Capture::id, captures))
                .withArtworks(both(onAir.artworks(), draft.artworks(), Artwork::id))
                .withFaces(
                        both(onAir.faces(), draft.faces(), face -> face.face().id()))
                .withLines(lines(onAir, draft, roles));
        if (!onAir.brand().equals(draft.brand()) || !onAir.family().equals(draft.family())) {
            notes.add("The draft has another brand or family; on air it stays as it is.");
        }
        if (!onAir.canvases().equals(draft.canvases())) {
            notes.add("The draft has other canvases; on air they stay as they are.");
        }
        return new PartRelease(part, notes);
    }

    /** In the order on air, and new ones after them. */
    private static List<Scene> scenes(Theme onAir, Theme draft, Set<String> chosen) {
        List<Scene> scenes = new ArrayList<>();
        for (Scene scene : onAir.scenes()) {
            if (chosen.contains(scene.id())) {
                draft.scene(scene.id()).ifPresent(scenes::add);
            } else {
                scenes.add(scene);
            }
        }
        draft.scenes().stream()
                .filter(scene ->
                        chosen.contains(scene.id()) && onAir.scene(scene.id()).isEmpty())
                .forEach(scenes::add);
        return scenes;
    }

    /** A piece and the one that it shares what it shows with. */
    private static void with(Theme draft, String id, Set<String> pieces) {
        draft.piece(id).ifPresent(piece -> {
            if (pieces.add(id) && !piece.share().isEmpty()) {
                with(draft, piece.share(), pieces);
            }
        });
    }

    private static <T> List<T> taken(List<T> onAir, List<T> draft, Function<T, String> id, Set<String> wanted) {
        Map<String, T> all = new LinkedHashMap<>();
        onAir.forEach(one -> all.put(id.apply(one), one));
        draft.stream().filter(one -> wanted.contains(id.apply(one))).forEach(one -> all.put(id.apply(one), one));
        return List.copyOf(all.values());
    }

    /** What nobody uses is not seen, so more of them change nothing. */
    private static <T> List<T> both(List<T> onAir, List<T> draft, Function<T, String> id) {
        Map<String, T> all = new LinkedHashMap<>();
        draft.forEach(one -> all.put(id.apply(one), one));
        onAir.forEach(one -> all.put(id.apply(one), one));
        return List.copyOf(all.values());
    }

    /** Zone plans belong to what scenes are for. */
    private static List<LineShift> lines(Theme onAir, Theme draft, Set<SceneRole> roles) {
        List<LineShift> lines = new ArrayList<>();
        onAir.lines().stream().filter(line -> !roles.contains(line.role())).forEach(lines::add);
        draft.lines().stream().filter(line -> roles.contains(line.role())).forEach(lines::add);
        return lines;
    }
}
