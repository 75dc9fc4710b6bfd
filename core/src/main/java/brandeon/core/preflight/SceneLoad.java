package brandeon.core.preflight;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Quiet;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What a scene costs whoever shows it: the share of the canvas that is painted anew in each frame, as it moves and with
 * all set still that can be.
 *
 * @param moving share of the canvas, 0 and more; 1 is the whole canvas in every frame
 * @param still  the same with everything set still that can be
 * @param set    what sets all of it still in the link of a source, for that source alone
 * @param costs  of single pieces, the dearest first; what costs nothing is left out
 */
public record SceneLoad(String scene, String canvas, double moving, double still, String set, List<Cost> costs) {

    private static final String MOVING = "moving";

    /** @param canStill whether it can be set still */
    public record Cost(String piece, String name, double share, boolean canStill) {}

    public SceneLoad {
        costs = List.copyOf(costs);
    }

    /** Of every scene on every canvas. */
    public static List<SceneLoad> of(Theme theme) {
        Resolver still = new Resolver(theme.withPieces(theme.pieces().stream()
                .map(piece -> canStill(piece) ? piece.withFigure(MOVING, 0) : piece)
                .toList()));
        return theme.scenes().stream()
                .flatMap(scene -> theme.canvases().stream().map(canvas -> of(theme, still, scene, canvas)))
                .toList();
    }

    private static SceneLoad of(Theme theme, Resolver still, Scene scene, Canvas canvas) {
        ResolvedScene moving = Quiet.scene(theme, scene, canvas);
        return new SceneLoad(
                scene.id(),
                canvas.id(),
                LoadChecks.share(moving),
                LoadChecks.share(still.resolve(scene, canvas, LiveState.QUIET)),
                moving.placements().stream()
                        .filter(placement -> canStill(placement.piece()))
                        .map(placement -> placement.piece().id() + "." + MOVING + "=0")
                        .collect(Collectors.joining("&")),
                moving.placements().stream()
                        .map(placement -> cost(placement, canvas))
                        .filter(cost -> cost.share() > 0)
                        .sorted(Comparator.comparingDouble(Cost::share).reversed())
                        .toList());
    }

    private static Cost cost(Placement placement, Canvas canvas) {
        return new Cost(
                placement.piece().id(),
                placement.piece().name(),
                LoadChecks.share(placement, canvas.size()),
                canStill(placement.piece()));
    }

    private static boolean canStill(Piece piece) {
        return Fix.still(piece).isPresent();
    }
}
