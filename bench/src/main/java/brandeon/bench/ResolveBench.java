package brandeon.bench;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.preflight.SceneChecks;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What core needs to compute pictures. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 4, time = 1)
public class ResolveBench {

    private final Theme large = large();
    private int edits;
    private final Theme demo = ReedlightHide.theme();
    private final Resolver demoResolver = new Resolver(demo);
    private final ResolvedScene starting =
            demoResolver.resolve(demo.scenes().getFirst(), demo.canvases().getFirst(), LiveState.QUIET);

    /**
     * 5 scenes × 4 canvases × 30 pieces after an edit of one of them: geometry of all, art of the piece that changed.
     */
    @Benchmark
    public int resolveWholeThemeAfterAnEdit() {
        List<Piece> pieces = new ArrayList<>(large.pieces());
        pieces.add(pieces.removeLast().withWords("message", "Sightings " + ++edits));
        return resolveAll(large.withPieces(pieces));
    }

    /** The same after a change of the brand, which draws everything anew. */
    @Benchmark
    public int resolveWholeThemeInANewBrand() {
        return resolveAll(large.withBrand(large.brand().withCorner((++edits % 1000) / 1000.0)));
    }

    private static int resolveAll(Theme theme) {
        Resolver resolver = new Resolver(theme);
        int placed = 0;
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases()) {
                placed += resolver.resolve(scene, canvas, LiveState.QUIET)
                        .placements()
                        .size();
            }
        }
        return placed;
    }

    /** From the theme to the finished SVG of one scene. */
    @Benchmark
    public String pictureOfOneScene() {
        return Picture.of(
                        demoResolver.resolve(
                                demo.scenes().getFirst(), demo.canvases().getFirst(), LiveState.QUIET),
                        Part.WHOLE)
                .hash();
    }

    @Benchmark
    public Object rasterOfOneScene() {
        return Raster.paint(starting.canvas().size(), Picture.marks(starting, Part.WHOLE), 0, Pictures.NONE);
    }

    /** Everything that is found in the demo without painting: 5 scenes on 3 canvases. */
    @Benchmark
    public int findingsOfTheDemo() {
        int found = 0;
        for (Scene scene : demo.scenes()) {
            for (Canvas canvas : demo.canvases()) {
                found += SceneChecks.of(demo, demoResolver.resolve(scene, canvas, LiveState.QUIET))
                        .size();
            }
        }
        return found;
    }

    private static Theme large() {
        List<Piece> pieces = new ArrayList<>();
        List<Placed> stack = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            PieceKind kind = i == 0
                    ? PieceKind.BACKDROP
                    : i < 3 ? PieceKind.FRAME : i % 2 == 0 ? PieceKind.FACT_LINE : PieceKind.BAND;
            pieces.add(Piece.of(
                    "p" + i,
                    kind,
                    "Piece " + i,
                    kind == PieceKind.FRAME ? "camera" : "",
                    java.util.Map.of(),
                    java.util.Map.of()));
            stack.add(Placed.in(
                    i == 0
                            ? Zone.FULL
                            : i == 1 ? Zone.PLAY : i == 2 ? Zone.CAMERA : i % 2 == 0 ? Zone.STRIP : Zone.BAND,
                    "p" + i));
        }
        List<Scene> scenes = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            scenes.add(Scene.of("s" + i, "Scene " + i, SceneRole.LIVE, stack));
        }
        Theme base = ReedlightHide.theme();
        List<Canvas> canvases = new ArrayList<>(base.canvases());
        canvases.add(Canvas.of("uhd", "UHD", Size.of(3840, 2160), 60));
        return base.withPieces(pieces).withScenes(scenes).withCanvases(canvases);
    }
}
