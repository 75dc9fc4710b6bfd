package brandeon.core.theme;

import brandeon.core.bot.Bot;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Viewer;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Pace;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What turns one version of a theme into another, so that whoever has the one gets the other without being sent all of
 * it. Parts that are the same are empty; of pieces, scenes and pictures only those that differ are told, and their order where
 * that is another one.
 *
 * @param pieceOrder   ids of all pieces, where one was added, removed or moved
 * @param sceneOrder   likewise
 * @param artworkOrder likewise
 */
public record ThemeChange(
        Optional<String> name,
        Optional<Brand> brand,
        Optional<String> family,
        Optional<List<Canvas>> canvases,
        Optional<List<Capture>> captures,
        List<Piece> pieces,
        Optional<List<String>> pieceOrder,
        List<Scene> scenes,
        Optional<List<String>> sceneOrder,
        Optional<List<AlertRule>> alerts,
        Optional<Pace> pace,
        Optional<Sounds> sounds,
        List<Artwork> artworks,
        Optional<List<String>> artworkOrder,
        Optional<List<OwnFace>> faces,
        Optional<List<LineShift>> lines,
        Optional<Viewer> viewer,
        Optional<Bot> bot) {

    public static ThemeChange between(Theme before, Theme after) {
        return new ThemeChange(
                other(before, after, Theme::name),
                other(before, after, Theme::brand),
                other(before, after, Theme::family),
                other(before, after, Theme::canvases),
                other(before, after, Theme::captures),
                others(before.pieces(), after.pieces(), Piece::id),
                other(
                        before,
                        after,
                        theme -> theme.pieces().stream().map(Piece::id).toList()),
                others(before.scenes(), after.scenes(), Scene::id),
                other(
                        before,
                        after,
                        theme -> theme.scenes().stream().map(Scene::id).toList()),
                other(before, after, Theme::alerts),
                other(before, after, Theme::pace),
                other(before, after, Theme::sounds),
                others(before.artworks(), after.artworks(), Artwork::id),
                other(
                        before,
                        after,
                        theme -> theme.artworks().stream().map(Artwork::id).toList()),
                other(before, after, Theme::faces),
                other(before, after, Theme::lines),
                other(before, after, Theme::viewer),
                other(before, after, Theme::bot));
    }

    /** The one version made into the other. */
    public Theme applied(Theme before) {
        return new Theme(
                name.orElse(before.name()),
                brand.orElse(before.brand()),
                family.orElse(before.family()),
                canvases.orElse(before.canvases()),
                captures.orElse(before.captures()),
                put(before.pieces(), pieces, pieceOrder, Piece::id),
                put(before.scenes(), scenes, sceneOrder, Scene::id),
                alerts.orElse(before.alerts()),
                pace.orElse(before.pace()),
                sounds.orElse(before.sounds()),
                put(before.artworks(), artworks, artworkOrder, Artwork::id),
                faces.orElse(before.faces()),
                lines.orElse(before.lines()),
                viewer.orElse(before.viewer()),
                bot.orElse(before.bot()));
    }

    /** Whether it changes what single pieces and scenes are, and nothing that all of them depend on. */
    public boolean ofPiecesAndScenesAlone() {
        return brand.isEmpty()
                && family.isEmpty()
                && canvases.isEmpty()
                && captures.isEmpty()
                && pieceOrder.isEmpty()
                && alerts.isEmpty()
                && pace.isEmpty()
                && artworks.isEmpty()
                && artworkOrder.isEmpty()
                && faces.isEmpty()
                && lines.isEmpty()
                && viewer.isEmpty();
    }

    private static <T> Optional<T> other(Theme before, Theme after, Function<Theme, T> part) {
        T next = part.apply(after);
        return next.equals(part.apply(before)) ? Optional.empty() : Optional.of(next);
    }

    private static <T> List<T> others(List<T> before, List<T> after, Function<T, String> id) {
        Map<String, T> known = before.stream().collect(Collectors.toMap(id, Function.identity()));
        return after.stream()
                .filter(one -> !one.equals(known.get(id.apply(one))))
                .toList();
    }

    private static <T> List<T> put(
            List<T> before, List<T> changed, Optional<List<String>> order, Function<T, String> id) {
        Map<String, T> all = before.stream().collect(Collectors.toMap(id, Function.identity()));
        changed.forEach(one -> all.put(id.apply(one), one));
        return order.orElseGet(() -> before.stream().map(id).toList()).stream()
                .map(all::get)
                .toList();
    }
}
