package brandeon.bench;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Canvas;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;

/**
 * A 1920×1080 scene as pixels: core's raster against Chromium's screenshot of the same SVG, turn by turn in one run,
 * with and without writing the PNG that a screenshot always is.
 */
public final class ScreenshotBench {

    private static final int WARM = 6;
    private static final int TURNS = 12;

    private ScreenshotBench() {}

    /** @param args address of a running server, for its fonts */
    static void main(String[] args) throws IOException {
        Theme theme = ReedlightHide.theme();
        Canvas wide = theme.canvases().getFirst();
        Resolver resolver = new Resolver(theme);
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            for (Scene scene : theme.scenes().subList(0, 2)) {
                ResolvedScene resolved = resolver.resolve(scene, wide, LiveState.QUIET);
                Page page = chromium.newPage(new Browser.NewPageOptions()
                        .setViewportSize(wide.size().width(), wide.size().height()));
                page.navigate(args[0] + "/o/none");
                page.evaluate(
                        """
                        async ([svg, w, h]) => {
                          const sheet = document.createElement('link');
                          sheet.rel = 'stylesheet';
                          sheet.href = '/fonts.css';
                          const loaded = new Promise((done) => (sheet.onload = done));
                          document.head.append(sheet);
                          await loaded;
                          document.body.style.margin = '0';
                          document.body.innerHTML = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}">${svg}</svg>`;
                          await document.fonts.ready;
                        }""",
                        Arrays.asList(
                                Picture.of(resolved, Part.WHOLE).layers().stream()
                                        .map(Picture.Layer::svg)
                                        .collect(Collectors.joining()),
                                wide.size().width(),
                                wide.size().height()));
                double[] painted = new double[TURNS];
                double[] written = new double[TURNS];
                double[] shot = new double[TURNS];
                for (int turn = -WARM; turn < TURNS; turn++) {
                    // Moved by nothing that shows, so that Chromium paints anew.
                    page.evaluate(
                            "(turn) => { document.querySelector('svg').style.opacity = String(1 - (turn + 100) * 1e-7); }",
                            turn);
                    long from = System.nanoTime();
                    page.screenshot();
                    long shotAt = System.nanoTime();
                    BufferedImage image =
                            Raster.paint(wide.size(), Picture.marks(resolved, Part.WHOLE), 0, Pictures.NONE);
                    long paintedAt = System.nanoTime();
                    ImageIO.write(Scaling.straight(image), "png", new ByteArrayOutputStream());
                    long writtenAt = System.nanoTime();
                    if (turn >= 0) {
                        shot[turn] = (shotAt - from) / 1e6;
                        painted[turn] = (paintedAt - shotAt) / 1e6;
                        written[turn] = (writtenAt - shotAt) / 1e6;
                    }
                }
                print(scene.name(), shot, painted, written);
                page.close();
            }
        }
    }

    private static void print(String scene, double[] shot, double[] painted, double[] written) {
        System.out.printf(
                "%s as 1920×1080 pixels: Chromium's screenshot %.0f ms, raster %.0f ms (%.2f of it), raster and PNG %.0f ms (%.2f of it); medians of %d%n",
                scene,
                median(shot),
                median(painted),
                median(painted) / median(shot),
                median(written),
                median(written) / median(shot),
                TURNS);
    }

    private static double median(double[] values) {
        List<Double> sorted = Arrays.stream(values).sorted().boxed().toList();
        return sorted.get(sorted.size() / 2);
    }
}
