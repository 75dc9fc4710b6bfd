package brandeon.bench;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Palette;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.Resolver;
import brandeon.core.opening.Openings;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Clusters;
import brandeon.core.recolour.FilterChain;
import brandeon.core.recolour.Recolouring;
import brandeon.core.recolour.Repaint;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.SplittableRandom;
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

/** Deriving colours, and bringing a 1920×1080 picture (the demo's starting screen) onto them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 4, time = 1)
public class RecolourBench {

    private final BufferedImage picture = picture(0);
    /** The live scene: two openings, and much that is painted. */
    private final BufferedImage frame = picture(1);

    private final List<Cluster> clusters = Clusters.of(picture);
    private final Palette palette =
            Palette.of(List.of(Colour.parse("#a4572f"), Colour.parse("#d9b44a"), Colour.parse("#2a1d2f")));
    private final BufferedImage noise = noise();
    private int seed;

    @Benchmark
    public Palette deriveAPalette() {
        seed = seed * 48271 + 12345;
        return Palette.of(List.of(
                Colour.parse("#%06x".formatted(seed & 0xffffff)), Colour.parse("#e8a33d"), Colour.parse("#16283d")));
    }

    @Benchmark
    public List<Cluster> mainColours() {
        return Clusters.of(picture);
    }

    @Benchmark
    public Openings findOpenings() {
        return Openings.in(frame);
    }

    @Benchmark
    public BufferedImage recolour() {
        return Repaint.of(
                picture,
                Recolouring.proposed(clusters, false).recipe(clusters, palette).mapping());
    }

    /** The hardest picture: noise that holds every colour. */
    @Benchmark
    public BufferedImage recolourNoise() {
        return Repaint.of(
                noise,
                Recolouring.proposed(clusters, false).recipe(clusters, palette).mapping());
    }

    @Benchmark
    public FilterChain solveAFilter() {
        // Another colour each time: what was solved before is only looked up.
        seed = seed * 48271 + 12345;
        return FilterChain.solve(Colour.parse("#%06x".formatted(seed & 0xffffff)), Colour.parse("#4f8f5b"));
    }

    private static BufferedImage noise() {
        BufferedImage image = new BufferedImage(1920, 1080, BufferedImage.TYPE_INT_ARGB);
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < 1920 * 1080; i++) {
            image.setRGB(i % 1920, i / 1920, 0xff000000 | random.nextInt(1 << 24));
        }
        return image;
    }

    private static BufferedImage picture(int scene) {
        Theme demo = ReedlightHide.theme();
        Canvas canvas = demo.canvases().getFirst();
        BufferedImage painted = Raster.paint(
                canvas.size(),
                Picture.marks(
                        new Resolver(demo).resolve(demo.scenes().get(scene), canvas, LiveState.QUIET), Part.WHOLE),
                0,
                Pictures.NONE);
        BufferedImage straight =
                new BufferedImage(painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_ARGB);
        straight.getGraphics().drawImage(painted, 0, 0, null);
        return straight;
    }
}
