package brandeon.core.layout;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.LiveState;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Each kind of piece in a theme's own brand, at its true proportions, with sample words: for choosing. */
public final class Samples {

    private static final Canvas CANVAS = new Canvas("sample", "Sample", Size.of(1920, 1080), 60);
    private static final Signal SIGNAL = new Signal("sample", SignalKind.FOLLOW, "Ilse Fenn", 0, "", 0, 0);
    private static final LiveState LIVE = new LiveState(
            new Readings(Map.of("latestSubscriber", "Ilse Fenn", "latestFollower", "Wren of Low Quay", "latestRaider", "Saltmarsh Sal", "followers", 128L, "subscribers", 64L)), Map.of(),
            Optional.of(new LiveState.Shown(SIGNAL, new AlertSlot(0, 8000))));

    private Samples() {
    }

    /** One piece of a kind alone on a wide canvas. */
    public static ResolvedScene of(Theme theme, PieceKind kind) {
        Piece piece = Piece.of("sample", kind, kind.title());
        if (kind == PieceKind.FRAME) {
            piece = piece.withText("name", theme.name());
        }
        if (kind == PieceKind.BAND) {
            piece = piece.withText("label", theme.name()).withText("message", "What is going on right now");
        }
        Piece bare = piece;
        if (kind == PieceKind.PICTURE || kind == PieceKind.FRAME_PICTURE) {
            piece = theme.artworks().stream().filter(a -> kind == PieceKind.PICTURE || !a.openings().openings().isEmpty()).findFirst()
                    .map(artwork -> bare.with(Optional.of(new Inlay(artwork.id(), Blend.NORMAL, 1, Inlay.Fit.WHOLE)))).orElse(bare);
        }
        SceneRole role = kind.zone() == brandeon.core.theme.Zone.CLOCK ? SceneRole.STARTING : SceneRole.LIVE;
        Scene scene = new Scene("sample", "Sample", role, List.of(Placed.in(kind.zone(), piece.id())));
        return new Resolver(theme.withPieces(List.of(piece)).withScenes(List.of(scene))).resolve(scene, CANVAS, LIVE);
    }
}
