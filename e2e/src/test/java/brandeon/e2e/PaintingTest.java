package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Blend;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.SvgWriter;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Vision;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.motion.Easing;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.recolour.FilterChain;
import brandeon.core.show.LiveState;
import brandeon.core.text.Face;
import brandeon.core.text.Measure;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What core computes against what Chromium does with the same text, easing and picture. */
@ExtendWith(RunningServer.class)
class PaintingTest {

    private static Browser browser;
    private static Page page;

    @BeforeAll
    static void open(RunningServer server) {
        browser = new Browser();
        page = browser.withFonts(server.address(), 800, 600);
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    @Test
    void textIsAsWideInChromiumAsMeasured() {
        Page page = blank(800, 600);
        for (Face face : Face.shipped()) {
            for (String text : new String[] {
                "Reedlight Hide",
                "AVATAR Tofu 1999",
                "Dusk watch — high tide 19:42",
                "Wren of Low Quay",
                "fjord, office, waffle",
                "A\u030angstro\u0308m e\u0301tude n\u0303andu\u0301"
            }) {
                double chromium = ((Number) page.evaluate("""
                        async ([family, text]) => {
                          await document.fonts.load('64px "' + family + '"', text);
                          const node = document.createElementNS('http://www.w3.org/2000/svg', 'text');
                          node.setAttribute('font-family', family);
                          node.setAttribute('font-size', '64');
                          node.textContent = text;
                          document.querySelector('svg').append(node);
                          const width = node.getComputedTextLength();
                          node.remove();
                          return width;
                        }""", Arrays.asList(face.family(), text))).doubleValue();
                assertThat(Measure.width(face, 64, text))
                        .as("%s in %s", text, face)
                        .isEqualTo(chromium, within(0.15));
            }
        }
    }

    /** CSS Easing 1 as Chromium computes it: {@code getComputedTiming().progress}. */
    @Test
    void easingsAgreeWithChromium() {
        Page page = blank(100, 100);
        for (Easing easing :
                new Easing[] {Easing.EASE_IN, Easing.EASE_OUT, Easing.EASE_IN_OUT, Easing.ARRIVE, Easing.LEAVE}) {
            for (double at = 0.05; at < 1; at += 0.15) {
                double chromium = ((Number) page.evaluate("""
                        ([css, at]) => {
                          const animation = document.body.animate([{ opacity: 0 }, { opacity: 1 }], { duration: 1000, easing: css, fill: 'both' });
                          animation.pause();
                          animation.currentTime = at * 1000;
                          const progress = animation.effect.getComputedTiming().progress;
                          animation.cancel();
                          return progress;
                        }""", Arrays.asList(easing.css(), at))).doubleValue();
                assertThat(easing.at(at)).as("%s at %s", easing.css(), at).isEqualTo(chromium, within(0.0005));
            }
        }
    }

    /** What Chromium's own simulation (DevTools protocol) makes of a colour: an independent use of Machado 2009. */
    @Test
    void coloursAreSeenAsChromiumSimulatesThem() {
        Page page = blank(40, 40);
        com.microsoft.playwright.CDPSession devtools = page.context().newCDPSession(page);
        for (Map.Entry<Vision, String> vision : Map.of(
                        Vision.PROTAN, "protanopia", Vision.DEUTAN, "deuteranopia", Vision.TRITAN, "tritanopia")
                .entrySet()) {
            com.google.gson.JsonObject type = new com.google.gson.JsonObject();
            type.addProperty("type", vision.getValue());
            devtools.send("Emulation.setEmulatedVisionDeficiency", type);
            for (String hex :
                    new String[] {"#4f8f5b", "#e8a33d", "#ee3533", "#27c97c", "#16283d", "#8855cc", "#808080"}) {
                page.evaluate(
                        "(hex) => { document.body.style.background = hex; document.documentElement.style.background = hex; }",
                        hex);
                int shown = Browser.shot(page).getRGB(20, 20);
                Colour chromium =
                        Colour.of((shown >> 16 & 255) / 255.0, (shown >> 8 & 255) / 255.0, (shown & 255) / 255.0);
                assertThat(Difference.ciede2000(vision.getKey().seen(Colour.parse(hex)), chromium))
                        .as("%s to %s eyes: %s", hex, vision.getKey(), chromium.hex())
                        .isLessThan(1.5);
            }
        }
        devtools.detach();
    }

    /**
     * Filter Effects 1 as Chromium paints it: what core says a filter does to a colour, and that the solved one lands
     * there.
     */
    @Test
    void aSolvedFilterLooksInChromiumAsCoreSays() {
        Page page = blank(40, 40);
        String[][] pairs = {
            {"#c0392b", "#4f8f5b"},
            {"#2c6fbb", "#e8a33d"},
            {"#1aa5a0", "#4f8f5b"},
            {"#9b6bd0", "#6f9fb8"},
            {"#d94f8f", "#d9b44a"},
            {"#7a3fb0", "#a4572f"}
        };
        for (String[] pair : pairs) {
            FilterChain chain = FilterChain.solve(Colour.parse(pair[0]), Colour.parse(pair[1]));
            page.evaluate(
                    "([colour, filter]) => { document.body.innerHTML = `<div style='position:absolute;inset:0;background:${colour};filter:${filter}'></div>`; }",
                    Arrays.asList(pair[0], chain.css()));
            int shown = Browser.shot(page).getRGB(20, 20);
            Colour chromium = Colour.of((shown >> 16 & 255) / 255.0, (shown >> 8 & 255) / 255.0, (shown & 255) / 255.0);
            assertThat(Difference.ciede2000(chain.apply(Colour.parse(pair[0])), chromium))
                    .as("%s by %s", pair[0], chain.css())
                    .isLessThan(1.0);
            assertThat(Difference.ciede2000(Colour.parse(pair[1]), chromium))
                    .as("%s onto %s", pair[0], pair[1])
                    .isLessThan(2.0);
        }
    }

    /** The same scene as PNG from core and as painted by Chromium; the figures stand in docs/figures.md. */
    @Test
    void theRasterLooksLikeChromiumsPicture() {
        Theme theme = ReedlightHide.theme();
        Resolver resolver = new Resolver(theme);
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases().subList(0, 2)) {
                ResolvedScene resolved = resolver.resolve(scene, canvas, LiveState.QUIET);
                Page page = blank(canvas.size().width(), canvas.size().height());
                String svg = Picture.of(resolved, Part.WHOLE).layers().stream()
                        .map(Picture.Layer::svg)
                        .collect(Collectors.joining());
                page.evaluate(
                        """
                        async ([svg, w, h]) => {
                          document.querySelector('svg').outerHTML = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}" style="position:absolute;left:0;top:0">${svg}</svg>`;
                          await document.fonts.ready;
                          await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
                        }""",
                        Arrays.asList(svg, canvas.size().width(), canvas.size().height()));
                BufferedImage chromium = Browser.shot(page);
                BufferedImage ours = Raster.paint(canvas.size(), Picture.marks(resolved, Part.WHOLE), 0, Pictures.NONE);
                Likeness likeness = Likeness.of(ours, chromium);
                System.out.printf("Raster against Chromium, %s on %s: %s%n", scene.name(), canvas.name(), likeness);
                assertThat(likeness.mean())
                        .as("%s on %s", scene.name(), canvas.name())
                        .isLessThan(0.5);
                assertThat(likeness.worst())
                        .as("%s on %s", scene.name(), canvas.name())
                        .isLessThan(4);
            }
        }
    }

    /**
     * Compositing and Blending 1 (W3C) as Chromium does it: a see-through plate on a grey ground, with a picture of
     * many colours and opacities blended into it inside a round shape.
     */
    @ParameterizedTest
    @EnumSource(Blend.class)
    void aPictureBlendsInChromiumAsInTheRaster(Blend blend) throws IOException {
        BufferedImage picture = new BufferedImage(180, 120, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < 120; y++) {
            for (int x = 0; x < 180; x++) {
                picture.setRGB(
                        x,
                        y,
                        (y < 80 ? 0xff : 0x80) << 24
                                | java.awt.Color.HSBtoRGB(x / 180f, y % 40 / 40f, 1 - y / 160f) & 0xffffff);
            }
        }
        Box all = new Box(0, 0, 200, 140);
        List<Mark> marks = List.of(
                new Mark.Filled(
                        Outline.rectangle(all),
                        new Paint.Linear(0, 0, 200, 0, Paint.blend(Colour.parse("#335577"), Colour.parse("#ddccaa")))),
                new Mark.Blended(
                        List.of(new Mark.Filled(
                                Outline.rectangle(new Box(20, 10, 140, 110)),
                                new Paint.Linear(
                                        0,
                                        10,
                                        0,
                                        120,
                                        Paint.blend(Colour.parse("#e8a33dcc"), Colour.parse("#16283d"))))),
                        blend,
                        0.7,
                        Outline.circle(100, 70, 60),
                        List.of(new Mark.Picture("here", new Box(10, 10, 180, 120), ""))));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        Page page = blank(200, 140);
        page.evaluate(
                """
                async ([svg, png]) => {
                  document.body.innerHTML = `<svg xmlns="http://www.w3.org/2000/svg" width="200" height="140" style="position:absolute;left:0;top:0">${svg.replace('/painted/here', png)}</svg>`;
                  const image = new Image();
                  image.src = png;
                  await image.decode();
                  await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
                }""",
                Arrays.asList(
                        SvgWriter.fragment(marks),
                        "data:image/png;base64," + Base64.getEncoder().encodeToString(bytes.toByteArray())));
        Likeness likeness = Likeness.of(
                Raster.paint(Size.of(200, 140), marks, 0, (_, _, _) -> Optional.of(picture)), Browser.shot(page));
        System.out.printf("Blend %s against Chromium: %s%n", blend.title(), likeness);
        assertThat(likeness.mean()).isLessThan(0.5);
        assertThat(likeness.worst()).isLessThan(2);
    }

    /** One page for all, since loading every font takes its time. */
    private static Page blank(int width, int height) {
        page.setViewportSize(width, height);
        page.evaluate("""
                () => {
                  document.documentElement.style.background = '';
                  document.body.style.background = '';
                  document.body.innerHTML = '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"></svg>';
                }""");
        return page;
    }
}
