package brandeon.core.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Scenes as they are while nothing is said or comes in: what their sources are taken in depends on nothing else.
 * Resolved once for each theme, which never changes, since ledgers are looked at all the time.
 */
public final class Quiet {

    private record Place(String scene, String canvas) {}

    private static final Cache<Theme, Map<Place, ResolvedScene>> KNOWN = Caffeine.newBuilder()
            .weakKeys()
            .expireAfterAccess(Duration.ofMinutes(5))
            .build();

    private Quiet() {}

    /** Empty where the theme has no such scene or canvas. */
    public static Optional<ResolvedScene> scene(Theme theme, String scene, String canvas) {
        return theme.scene(scene).flatMap(known -> theme.canvas(canvas).map(on -> scene(theme, known, on)));
    }

    /** @param scene of the theme @param canvas of the theme */
    public static ResolvedScene scene(Theme theme, Scene scene, Canvas canvas) {
        return KNOWN.get(theme, _ -> new ConcurrentHashMap<>())
                .computeIfAbsent(
                        new Place(scene.id(), canvas.id()),
                        _ -> new Resolver(theme).resolve(scene, canvas, LiveState.QUIET));
    }
}
