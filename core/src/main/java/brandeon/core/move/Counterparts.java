package brandeon.core.move;

import brandeon.core.canvas.Canvas;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which scene and canvas of a theme stand in for those of the one whose links it takes over. A copy has the same ids;
 * a theme by somebody else has others, and is known by what its scenes are for and how large its canvases are.
 */
public final class Counterparts {

    private final Map<String, String> scenes = new HashMap<>();
    private final Map<String, String> canvases = new HashMap<>();

    private Counterparts() {}

    public static Counterparts of(Theme old, Theme fresh) {
        Counterparts found = new Counterparts();
        Set<String> taken = new HashSet<>();
        old.scenes().stream()
                .filter(scene -> fresh.scene(scene.id()).isPresent())
                .forEach(scene -> {
                    found.scenes.put(scene.id(), scene.id());
                    taken.add(scene.id());
                });
        for (SceneRole role : SceneRole.values()) {
            List<Scene> free = fresh.scenes().stream()
                    .filter(scene -> scene.role() == role && !taken.contains(scene.id()))
                    .toList();
            List<Scene> wanted = old.scenes().stream()
                    .filter(scene -> scene.role() == role && !found.scenes.containsKey(scene.id()))
                    .toList();
            for (int i = 0; i < Math.min(free.size(), wanted.size()); i++) {
                found.scenes.put(wanted.get(i).id(), free.get(i).id());
            }
        }
        for (Canvas canvas : old.canvases()) {
            found.canvas(canvas, fresh).ifPresent(one -> found.canvases.put(canvas.id(), one.id()));
        }
        return found;
    }

    private Optional<Canvas> canvas(Canvas canvas, Theme fresh) {
        return fresh.canvas(canvas.id())
                .filter(one -> one.size().equals(canvas.size()))
                .or(() -> fresh.canvases().stream()
                        .filter(one -> one.size().equals(canvas.size()))
                        .findFirst());
    }

    /** Empty where nothing stands in for it. */
    public Optional<String> scene(String old) {
        return Optional.ofNullable(scenes.get(old));
    }

    /** One of the same size, since a source of another one would be cut; empty where there is none. */
    public Optional<String> canvas(String old) {
        return Optional.ofNullable(canvases.get(old));
    }
}
