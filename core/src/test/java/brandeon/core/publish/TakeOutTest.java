package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Opening;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.preflight.FlashChecks;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Pieces as files of their own. */
class TakeOutTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Canvas WIDE = Canvas.of("c", "C", Size.of(1920, 1080), 60);

    private static Alone alone(Piece piece) {
        return Alone.of(THEME, piece, Optional.empty(), WIDE, LiveState.QUIET, Alone.START);
    }

    private static Piece frame(double shape) {
        return Piece.of(
                "f", PieceKind.FRAME, "F", "camera", Map.of(), Map.of("shape", shape, "aspect", 1.0, "plate", 2.0));
    }

    private static long opaque(BufferedImage image) {
        long count = 0;
        for (int argb : image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth())) {
            count += argb >>> 24 > 127 ? 1 : 0;
        }
        return count;
    }

    @Test
    void aMaskIsAsLargeAsTheCaptureAndWhiteWhereItShows() {
        for (double shape : new double[] {0, 1, 2, 3}) {
            Alone piece = alone(frame(shape));
            var fitted = piece.openings().getFirst();
            BufferedImage mask = Mask.of(fitted);
            assertThat(mask.getWidth()).isEqualTo(1280);
            assertThat(mask.getHeight()).isEqualTo(720);
            // What shows, in the capture's pixels: the opening with its bleed on every side, divided by the scale.
            double side = (fitted.opening().box().width() + 2 * fitted.opening().bleed())
                    / fitted.fit().scale();
            double cut = (fitted.opening().corner()
                            + (2 - Math.sqrt(2)) * fitted.opening().bleed())
                    / fitted.fit().scale();
            double area = switch (fitted.opening().shape()) {
                case RECTANGLE -> side * side;
                case CUT -> side * side - 2 * cut * cut;
                case ELLIPSE -> Math.PI * side * side / 4;
                case HEXAGON -> side * side * 0.75;
                case FREE -> throw new IllegalStateException("only pictures have those");
            };
            assertThat((double) opaque(mask)).as("%s", fitted.opening().shape()).isEqualTo(area, within(area * 0.02));
            assertThat(mask.getRGB(640, 360)).isEqualTo(0xffffffff);
            assertThat(mask.getRGB(5, 360) >>> 24).as("cropped away").isZero();
        }
    }

    @Test
    void aMatHidesTheCornersOfTheCaptureAndWithoutItTheyAreSeeThrough() {
        for (double shape : new double[] {1, 2, 3}) {
            Opening opening = alone(frame(shape)).art().openings().getFirst();
            int x = (int) opening.box().x() + 1;
            int y = (int) opening.box().y() + 1;
            assertThat(Raster.paint(WIDE.size(), alone(frame(shape)).art().marks(), 0, Pictures.NONE)
                                    .getRGB(x, y)
                            >>> 24)
                    .as("%s with a mat", opening.shape())
                    .isEqualTo(255);
            assertThat(Raster.paint(
                                            WIDE.size(),
                                            alone(frame(shape).withFigure("mat", 0))
                                                    .art()
                                                    .marks(),
                                            0,
                                            Pictures.NONE)
                                    .getRGB(
                                            (int) opening.box().x() - 4,
                                            (int) opening.box().y() - 4)
                            >>> 24)
                    .as("%s without", opening.shape())
                    .isZero();
            assertThat(opening.masked()).isFalse();
            assertThat(alone(frame(shape).withFigure("mat", 0))
                            .art()
                            .openings()
                            .getFirst()
                            .masked())
                    .as("then the capture needs its mask")
                    .isTrue();
        }
    }

    @Test
    void twoOpeningsShowTwoCapturesBesideOneAnother() {
        Piece two = frame(4).withFigure("aspect", 0);
        Alone piece = alone(two);
        assertThat(piece.openings())
                .extracting(opening -> opening.capture().id())
                .containsExactly("camera", "play");
        Box one = piece.openings().getFirst().opening().box();
        Box other = piece.openings().getLast().opening().box();
        assertThat(one.cut(other).area()).isZero();
        assertThat(other.x()).isGreaterThan(one.right());
    }

    /** The file read by a rasteriser that is not ours. */
    @Test
    void anSvgFileNeedsNothingElseAndLooksLikeThePng() throws Exception {
        for (PieceKind kind :
                new PieceKind[] {PieceKind.FACT_LINE, PieceKind.SUPPORTER_BOARD, PieceKind.PANEL, PieceKind.COUNTDOWN
                }) {
            Alone piece = alone(Piece.of("p", kind, "P"));
            Box part = piece.part(Pictures.NONE);
            String svg = SvgFile.of(piece.art().marks(), part, 0, Pictures.NONE);
            assertThat(svg)
                    .doesNotContain("<text")
                    .doesNotContain("font-family")
                    .doesNotContain("/painted/")
                    .startsWith("<svg xmlns=");
            SVGDocument document = new SVGLoader()
                    .load(
                            new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                            null,
                            LoaderContext.createDefault());
            BufferedImage theirs =
                    new BufferedImage((int) part.width(), (int) part.height(), BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D graphics = theirs.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            document.renderWithPlatform(
                    com.github.weisj.jsvg.renderer.NullPlatformSupport.INSTANCE,
                    graphics,
                    new com.github.weisj.jsvg.view.ViewBox((float) part.width(), (float) part.height()));
            BufferedImage ours = Raster.paint(
                    part,
                    Size.of((int) part.width(), (int) part.height()),
                    piece.art().marks(),
                    0,
                    Pictures.NONE);
            assertThat(different(ours, theirs))
                    .as("%s: share of pixels that differ clearly", kind)
                    .isLessThan(0.01);
        }
    }

    private static double different(BufferedImage one, BufferedImage other) {
        int count = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                int a = one.getRGB(x, y);
                int b = other.getRGB(x, y);
                int most = 0;
                for (int shift = 0; shift <= 24; shift += 8) {
                    most = Math.max(most, Math.abs((a >>> shift & 255) - (b >>> shift & 255)));
                }
                count += most > 48 ? 1 : 0;
            }
        }
        return (double) count / one.getWidth() / one.getHeight();
    }

    @Test
    void aClipHasAFrameForEachInstantAndIsAsLongAsItsPiece() {
        Alone clip = alone(Piece.of("t", PieceKind.TRANSITION, "T").withFigure("seconds", 1.5));
        assertThat(Clip.length(clip.art())).isEqualTo(1500);
        assertThat(new Clip(clip.art(), WIDE.size().box(), Size.of(96, 54), 30, Alone.START, 1500).frames())
                .isEqualTo(45);
        assertThat(Clip.length(alone(Piece.of("a", PieceKind.ANNOUNCER, "A")).art()))
                .as("an alert, to the end of its exit")
                .isEqualTo(8000);
        assertThat(clip.art().moves()).isTrue();
        assertThat(alone(Piece.of("l", PieceKind.FACT_LINE, "L")).art().moves()).isFalse();
    }

    @Test
    void eachHeadingBecomesAPictureOfTheWantedSize() {
        Piece panel = Piece.of("p", PieceKind.PANEL, "P")
                .withContent("headings", new Content.Lines(List.of("About", " ", "Schedule")))
                .withFigure("width", 640)
                .withFigure("height", 120);
        List<Alone> all = alone(panel).each(THEME, LiveState.QUIET);
        assertThat(all)
                .hasSize(2)
                .allSatisfy(one -> assertThat(one.part(Pictures.NONE)).isEqualTo(new Box(0, 0, 640, 120)));
        assertThat(all).extracting(one -> one.art().texts().getFirst().text()).containsExactly("About", "Schedule");
    }

    @Test
    void aStillPieceCostsNothingAndAMovingOneWhatChanges() {
        PieceArt ticker = alone(Piece.of("t", PieceKind.TICKER, "T").withWords("text", "High tide 19:42 · ".repeat(20)))
                .art();
        Repainting moving = Repainting.of(ticker, WIDE.size(), Alone.START, 5000);
        assertThat(moving.share()).as("only where the words run").isBetween(0.001, 0.1);
        assertThat((double) moving.pixelsASecond()).isEqualTo(moving.share() * 1920 * 1080 * 60, within(100.0));
        PieceArt still = alone(Piece.of("t", PieceKind.TICKER, "T").withFigure("moving", 0))
                .art();
        assertThat(Repainting.of(still, WIDE.size(), Alone.START, 5000).share()).isZero();
    }

    @Test
    void nothingInTheDemoFlashesTooOften() {
        assertThat(FlashChecks.of(THEME, LiveState.QUIET)).isEmpty();
    }

    @Test
    void aPieceThatIsHiddenOnAShapeIsTakenOutAsItsKindGoes() {
        Piece goal = THEME.piece("nest-boxes").orElseThrow();
        assertThat(Alone.of(
                                THEME,
                                goal,
                                THEME.scene("hide"),
                                THEME.canvas("wide").orElseThrow(),
                                LiveState.QUIET,
                                Alone.START)
                        .art()
                        .marks())
                .isNotEmpty();
    }
}
