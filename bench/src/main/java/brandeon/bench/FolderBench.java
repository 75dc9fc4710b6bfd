package brandeon.bench;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.imageio.ImageIO;

/**
 * A folder of 60 different 1920×1080 pictures onto the recolour bench of a running server, one after another, and all
 * of them out again as a zip.
 */
final class FolderBench {

    private static final int PICTURES = 60;
    private static final int AT_ONCE = 2;

    private FolderBench() {}

    static void main(String[] args) throws Exception {
        Host host = Host.signedIn(args[0]);
        String theme = host.theme();
        List<byte[]> files = files();
        double[] times = new double[PICTURES];
        long start = System.nanoTime();
        // The bench in the browser sends two at a time.
        try (ExecutorService senders = Executors.newFixedThreadPool(AT_ONCE)) {
            for (int i = 0; i < PICTURES; i++) {
                int number = i;
                senders.submit(() -> {
                    long before = System.nanoTime();
                    host.sendFile(
                            "/api/themes/" + theme + "/artworks?name=scene-" + number + ".png&gesture=folder",
                            files.get(number));
                    times[number] = (System.nanoTime() - before) / 1e6;
                    return null;
                });
            }
        }
        System.out.printf("%d pictures of 1920×1080 taken in: %.1f s%n", PICTURES, (System.nanoTime() - start) / 1e9);
        RepaintBench.print("one of them, ms", times);
        start = System.nanoTime();
        host.call("GET", "/api/themes/" + theme + "/artworks/recoloured.zip", "");
        System.out.printf("all of them recoloured, as PNG in a zip: %.1f s%n", (System.nanoTime() - start) / 1e9);
        host.call("POST", "/api/themes/" + theme + "/undo", "");
    }

    /** The demo's scenes in other brands. */
    private static List<byte[]> files() throws IOException {
        List<byte[]> files = new ArrayList<>();
        Theme demo = ReedlightHide.theme();
        Canvas canvas = demo.canvases().getFirst();
        for (int i = 0; i < PICTURES; i++) {
            Theme other = demo.withBrand(demo.brand()
                    .withSeeds(List.of(
                            Colour.parse("hsl(" + i * 6 + " 50% 50%)"),
                            Colour.parse("hsl(" + (i * 6 + 150) + " 60% 60%)"))));
            Scene scene = other.scenes().get(i % other.scenes().size());
            BufferedImage painted = Raster.paint(
                    canvas.size(),
                    Picture.marks(new Resolver(other).resolve(scene, canvas, LiveState.QUIET), Part.WHOLE),
                    0,
                    Pictures.NONE);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(Scaling.toWidth(painted, painted.getWidth()), "png", bytes);
            files.add(bytes.toByteArray());
        }
        return files;
    }
}
