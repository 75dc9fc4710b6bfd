package brandeon.core.preflight;

import brandeon.core.art.PieceArt;
import brandeon.core.art.Weight;
import brandeon.core.canvas.Size;
import brandeon.core.kept.Memory;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.publish.Alone;
import brandeon.core.publish.Clip;
import brandeon.core.publish.Repainting;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How much of a scene is painted anew from frame to frame, by all its loops together. */
public final class LoadChecks {

    /** Share of the canvas; above it weak machines begin to drop frames (common practice, no source). */
    static final double MOST = 0.5;

    private static final Cache<Moving, Double> MEASURED = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(2))
            .<Moving, Double>weigher((moving, _) -> Weight.of(moving.art()))
            .build();

    private record Moving(PieceArt art, Size canvas) {}

    private LoadChecks() {}

    /** Of the whole scene, 0 and more; 1 is the whole canvas in every frame. */
    public static double share(ResolvedScene scene) {
        return scene.placements().stream()
                .mapToDouble(placement -> share(placement, scene.canvas().size()))
                .sum();
    }

    /** The same of a single piece. */
    public static double share(Placement placement, Size canvas) {
        PieceArt art = placement.art();
        return art.moves() && art.loops()
                ? MEASURED.get(
                        new Moving(art, canvas),
                        moving -> Repainting.of(moving.art(), moving.canvas(), Alone.START, Clip.length(moving.art()))
                                .share())
                : 0;
    }

    public static List<Finding> of(ResolvedScene scene) {
        double share = share(scene);
        if (share <= MOST) {
            return List.of();
        }
        Placement most = scene.placements().stream()
                .max(Comparator.comparingDouble(
                        placement -> share(placement, scene.canvas().size())))
                .orElseThrow();
        return List.of(new Finding(
                Finding.Kind.LOAD,
                scene.scene().id(),
                scene.canvas().id(),
                most.piece().id(),
                "",
                Optional.empty(),
                share * 100,
                MOST * 100,
                String.format(
                        Locale.ROOT,
                        "%.0f %% of the canvas are painted anew in each frame, most of it by %s; weak machines drop frames above %.0f %%.",
                        share * 100,
                        most.piece().name(),
                        MOST * 100),
                Optional.empty()));
    }
}
