package brandeon.core.publish;

import brandeon.core.art.Pictures;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The box that a part of a scene has: the canvas, and for a piece or group alone as much of it as they take. That is
 * typed once into broadcasting software, so it depends on the theme alone and never on what is said in a show.
 */
public final class OwnBox {

    private record Place(String scene, Canvas canvas, Part part) {}

    /** Found by painting, so looked for once for each theme; themes never change. */
    private static final Cache<Theme, Map<Place, Box>> KNOWN =
            Caffeine.newBuilder().weakKeys().build();

    private OwnBox() {}

    /** In whole canvas pixels, within the canvas; the canvas where nothing of the part is on the scene there. */
    public static Box of(Theme theme, Scene scene, Canvas canvas, Part part) {
        if (!part.boxed()) {
            return canvas.size().box();
        }
        Map<Place, Box> known = KNOWN.get(theme, _ -> new ConcurrentHashMap<>());
        return known.computeIfAbsent(
                new Place(scene.id(), canvas, part), place -> painted(theme, scene, place.canvas(), part));
    }

    private static Box painted(Theme theme, Scene scene, Canvas canvas, Part part) {
        Resolver resolver = new Resolver(theme);
        ResolvedScene quiet = Quiet.scene(theme, scene, canvas);
        return Picture.taken(quiet, part).stream()
                .map(placement -> box(resolver, quiet, placement.piece()))
                .reduce(Box::around)
                .map(box -> box.cut(canvas.size().box()).outward())
                .filter(box -> box.area() > 0)
                .orElse(canvas.size().box());
    }

    /** Its place and all that it paints, also while an alert or the like runs through. */
    private static Box box(Resolver resolver, ResolvedScene quiet, Piece piece) {
        LiveState begun = Samples.begun(LiveState.QUIET, piece, Alone.START);
        ResolvedScene running = resolver.resolve(quiet.scene(), quiet.canvas(), begun);
        ResolvedScene.Placement placement = running.placement(piece.id()).orElseThrow();
        Box stands = placement.bounds();
        return Extent.painted(
                        placement.art(),
                        quiet.canvas().size(),
                        Alone.START,
                        Clip.length(placement.art()),
                        Pictures.NONE)
                .map(stands::around)
                .orElse(stands);
    }
}
