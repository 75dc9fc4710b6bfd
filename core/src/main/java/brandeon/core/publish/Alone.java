package brandeon.core.publish;

import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.kind.Content;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.live.Readings;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;

/**
 * One piece by itself on a canvas.
 *
 * @param openings with the captures behind them; empty for pieces without any
 */
public record Alone(Piece piece, Canvas canvas, PieceArt art, List<FittedOpening> openings) {

    /** When a film of something that begins is said to begin: the first instant that counts as a start. */
    public static final long START = 1;

    public Alone {
        openings = List.copyOf(openings);
    }

    /**
     * As it stands on a scene, or where its kind goes when it shows on none. An announcer shows a sample alert.
     *
     * @param on    the scene whose corrections count; where it does not show there, the first on which it does
     * @param start when an alert or a transition clip begins, epoch milliseconds
     */
    public static Alone of(Theme theme, Piece piece, Optional<Scene> on, Canvas canvas, LiveState live, long start) {
        return at(theme, piece, on, canvas, Samples.begun(live, piece, start));
    }

    /** An announcer with the alert that is on screen. */
    public static Alone announcing(Theme theme, Piece announcer, Canvas canvas, LiveState.Shown alert) {
        return at(
                theme,
                announcer,
                Optional.empty(),
                canvas,
                new LiveState(Readings.NONE, Show.QUIET, Optional.of(alert)));
    }

    private static Alone at(Theme theme, Piece piece, Optional<Scene> on, Canvas canvas, LiveState shown) {
        Optional<Scene> scene = on.filter(s -> shows(s, piece, canvas))
                .or(() -> theme.scenes().stream()
                        .filter(s -> shows(s, piece, canvas))
                        .findFirst());
        ResolvedScene resolved = scene.map(s -> new Resolver(theme).resolve(s, canvas, shown))
                .orElseGet(() -> Samples.of(theme, piece, canvas, shown));
        return new Alone(
                piece,
                canvas,
                resolved.placement(piece.id()).orElseThrow().art(),
                resolved.openings().stream()
                        .filter(opening -> opening.piece().equals(piece.id()))
                        .toList());
    }

    private static boolean shows(Scene scene, Piece piece, Canvas canvas) {
        return scene.placed(piece.id())
                .filter(placed -> placed.shows(canvas.shape()))
                .isPresent();
    }

    /** One for each heading of a piece that makes channel-page pictures; else only itself. */
    public List<Alone> each(Theme theme, LiveState live) {
        Optional<String> pictures = piece.kind().facts().pictures();
        if (pictures.isEmpty()) {
            return List.of(this);
        }
        return ((Content.Lines) piece.content(pictures.get()))
                .lines().stream()
                        .filter(line -> !line.isBlank())
                        .map(line -> of(
                                theme,
                                piece.withContent(pictures.get(), new Content.Lines(List.of(line))),
                                Optional.empty(),
                                canvas,
                                live,
                                START))
                        .toList();
    }

    /** What a painter mounts. */
    public Picture picture() {
        return Picture.of(
                new ResolvedScene(
                        Scene.of("alone", piece.name(), SceneRole.LIVE, List.of()),
                        canvas,
                        List.of(new ResolvedScene.Placement(
                                piece,
                                Placed.in(piece.kind().zone(), piece.id()),
                                canvas.size().box(),
                                Manner.PLAIN,
                                art)),
                        List.of(),
                        List.of()),
                Part.WHOLE);
    }

    /** The part of the canvas that it takes at rest. */
    public Box part(Pictures pictures) {
        return piece.ownSize().orElseGet(() -> Extent.still(art, canvas.size(), pictures));
    }

    /** The part of the canvas that it takes while it moves. */
    public Box partMoving(double millis, Pictures pictures) {
        return Extent.moving(art, canvas.size(), START, millis, pictures);
    }
}
