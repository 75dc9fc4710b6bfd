package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.text.Face;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;

class RasterTest {

    private static final Size SMALL = Size.of(100, 100);

    @Test
    void aPathInsideAnotherIsAHole() {
        BufferedImage image = Raster.paint(
                SMALL,
                List.of(new Mark.Filled(
                        Outline.rectangle(new Box(0, 0, 100, 100)).with(Outline.rectangle(new Box(40, 40, 20, 20))),
                        Paint.of(Colour.parse("#2f6b4f")))),
                0,
                Pictures.NONE);
        assertThat(image.getRGB(10, 10)).isEqualTo(0xff2f6b4f);
        assertThat(image.getRGB(50, 50) >>> 24).as("opacity in the hole").isZero();
    }

    @Test
    void aGroupFadesAsAWhole() {
        // Two overlapping squares at 50 %: where both lie the picture is no denser than where one does.
        Mark square = new Mark.Filled(Outline.rectangle(new Box(0, 0, 60, 60)), Paint.of(Colour.BLACK));
        Mark other = new Mark.Filled(Outline.rectangle(new Box(30, 30, 60, 60)), Paint.of(Colour.BLACK));
        BufferedImage image = Raster.paint(SMALL, List.of(Mark.faded(0.5, List.of(square, other))), 0, Pictures.NONE);
        assertThat(image.getRGB(45, 45) >>> 24)
                .isEqualTo(image.getRGB(10, 10) >>> 24)
                .isBetween(127, 128);
    }

    @Test
    void aClipKeepsItsInside() {
        BufferedImage image = Raster.paint(
                SMALL,
                List.of(Mark.clipped(
                        Outline.circle(50, 50, 20),
                        List.of(new Mark.Filled(Outline.rectangle(new Box(0, 0, 100, 100)), Paint.of(Colour.WHITE))))),
                0,
                Pictures.NONE);
        assertThat(image.getRGB(50, 50)).isEqualTo(0xffffffff);
        assertThat(image.getRGB(5, 5) >>> 24).isZero();
    }

    @Test
    void openingsThatOverlapAreBothSeeThrough() {
        Theme theme = ReedlightHide.theme();
        Theme over = ((Outcome.Applied) Edits.apply(
                        theme, new PlacingEdit.SetBox("hide", "camera-frame", "wide", new Box(900, 300, 500, 420))))
                .theme();
        ResolvedScene hide = new Resolver(over)
                .resolve(over.scene("hide").orElseThrow(), over.canvases().getFirst(), LiveState.QUIET);
        Box camera = hide.openings().getLast().opening().box();
        assertThat(camera.cut(hide.openings().getFirst().opening().box()).area())
                .as("they do overlap")
                .isPositive();
        BufferedImage whole = Raster.paint(hide.canvas().size(), Picture.marks(hide, Part.WHOLE), 0, Pictures.NONE);
        assertThat(whole.getRGB((int) camera.centreX(), (int) camera.centreY()) >>> 24)
                .isZero();
    }

    @Test
    void openingsAreSeeThroughInTheWholeAndCoveredInTheBack() {
        Theme theme = ReedlightHide.theme();
        ResolvedScene hide = new Resolver(theme)
                .resolve(theme.scene("hide").orElseThrow(), theme.canvases().getFirst(), LiveState.QUIET);
        BufferedImage whole = Raster.paint(hide.canvas().size(), Picture.marks(hide, Part.WHOLE), 0, Pictures.NONE);
        BufferedImage back = Raster.paint(hide.canvas().size(), Picture.marks(hide, Part.BACK), 0, Pictures.NONE);
        for (ResolvedScene.FittedOpening opening : hide.openings()) {
            int x = (int) opening.opening().box().centreX();
            int y = (int) opening.opening().box().centreY();
            assertThat(whole.getRGB(x, y) >>> 24).as(opening.capture().name()).isZero();
            assertThat(back.getRGB(x, y) >>> 24).as(opening.capture().name()).isEqualTo(255);
        }
        assertThat(whole.getRGB(5, 5) >>> 24).isEqualTo(255);
    }

    @Test
    void aClockShowsItsTimeAndThenItsEnd() {
        ClockFace clock = ClockFace.down(100_000, 300_000);
        assertThat(clock.at(0)).isEqualTo("01:40");
        assertThat(clock.at(99_999)).as("a started second counts").isEqualTo("00:01");
        assertThat(clock.over(100_000)).isTrue();
        assertThat(ClockFace.down(0, 300_000).at(123))
                .as("a clock that was not started")
                .isEqualTo("05:00");
    }

    @Test
    void everySceneIsWellFormedSvgWhoseReferencesAllResolve() throws Exception {
        Theme theme = ReedlightHide.theme();
        Resolver resolver = new Resolver(theme);
        for (var scene : theme.scenes()) {
            for (Picture.Layer layer : Picture.of(
                            resolver.resolve(scene, theme.canvases().getFirst(), LiveState.QUIET), Part.WHOLE)
                    .layers()) {
                Document document = DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new InputSource(new StringReader("<svg>" + layer.svg() + "</svg>")));
                assertThat(document.getDocumentElement().getTagName()).isEqualTo("svg");
                java.util.regex.Matcher used =
                        java.util.regex.Pattern.compile("url\\(#([^)]+)\\)").matcher(layer.svg());
                while (used.find()) {
                    assertThat(layer.svg()).contains("id=\"" + used.group(1) + "\"");
                }
                layer.movements()
                        .forEach(movement -> assertThat(layer.svg()).contains("data-part=\"" + movement.part() + "\""));
            }
        }
    }

    @Test
    void namesWithMarkupStayText() {
        String svg = SvgWriter.fragment(
                List.of(new Mark.Text("<script>\"&", Face.ATKINSON, 20, 0, 20, Mark.Anchor.START, Colour.BLACK, 0)));
        assertThat(svg).contains("&lt;script&gt;&quot;&amp;").doesNotContain("<script>");
    }

    @Test
    void equalGradientsShareOneNameAndDifferentOnesDoNot() {
        Paint one = new Paint.Linear(0, 0, 10, 0, Paint.blend(Colour.BLACK, Colour.WHITE));
        Paint other = new Paint.Linear(0, 0, 11, 0, Paint.blend(Colour.BLACK, Colour.WHITE));
        Outline box = Outline.rectangle(new Box(0, 0, 5, 5));
        assertThat(ids(one, one, box)).hasSize(1);
        assertThat(ids(one, other, box)).hasSize(2);
    }

    private static java.util.Set<String> ids(Paint one, Paint other, Outline box) {
        String svg = SvgWriter.fragment(List.of(new Mark.Filled(box, one), new Mark.Filled(box, other)));
        return new java.util.HashSet<>(java.util.regex.Pattern.compile("id=\"(g[0-9a-f]+)\"")
                .matcher(svg)
                .results()
                .map(r -> r.group(1))
                .toList());
    }

    @Test
    void aBlendKeepsItsColourInTheMiddle() {
        // In sRGB the middle of blue and yellow is grey; by way of OKLab it is a clear green.
        Colour middle = Paint.mix(Colour.parse("#0000ff"), Colour.parse("#ffff00"), 0.5);
        assertThat(brandeon.core.colour.Spaces.oklch(middle).chroma()).isGreaterThan(0.05);
        assertThat(Map.of(
                        "start",
                        Paint.mix(Colour.BLACK, Colour.WHITE, 0).hex(),
                        "end",
                        Paint.mix(Colour.BLACK, Colour.WHITE, 1).hex()))
                .containsEntry("start", "#000000")
                .containsEntry("end", "#ffffff");
    }
}
