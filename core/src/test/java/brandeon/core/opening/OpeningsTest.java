package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Frame pictures drawn here, so that the right answer is known. */
class OpeningsTest {

    private static final Color BARK = new Color(0x4a3a2c);

    static Stream<Arguments> shapes() {
        return Stream.of(
                Arguments.of(
                        "rectangle",
                        new Rectangle2D.Double(100, 60, 640, 360),
                        FoundOpening.Contour.RECTANGLE,
                        0,
                        Aspect.A16_9),
                Arguments.of(
                        "rectangle, 4:3",
                        new Rectangle2D.Double(33, 21, 400, 300),
                        FoundOpening.Contour.RECTANGLE,
                        0,
                        Aspect.A4_3),
                Arguments.of(
                        "rounded",
                        new RoundRectangle2D.Double(100, 60, 640, 360, 80, 80),
                        FoundOpening.Contour.ROUNDED,
                        40,
                        Aspect.A16_9),
                Arguments.of(
                        "slightly rounded",
                        new RoundRectangle2D.Double(100, 60, 640, 360, 16, 16),
                        FoundOpening.Contour.ROUNDED,
                        8,
                        Aspect.A16_9),
                Arguments.of(
                        "circle",
                        new Ellipse2D.Double(200, 50, 400, 400),
                        FoundOpening.Contour.ELLIPSE,
                        0,
                        Aspect.A1_1),
                Arguments.of(
                        "cut corners",
                        path(130, 60, 710, 60, 740, 90, 740, 390, 710, 420, 130, 420, 100, 390, 100, 90),
                        FoundOpening.Contour.CUT_CORNERS,
                        30,
                        Aspect.A16_9),
                Arguments.of(
                        "hexagon, points at the sides",
                        path(100, 250, 200, 80, 500, 80, 600, 250, 500, 420, 200, 420),
                        FoundOpening.Contour.HEXAGON,
                        0,
                        Aspect.A3_2),
                Arguments.of(
                        "hexagon, points above and below",
                        path(300, 40, 480, 140, 480, 340, 300, 440, 120, 340, 120, 140),
                        FoundOpening.Contour.HEXAGON,
                        0,
                        Aspect.A1_1),
                Arguments.of(
                        "diamond",
                        path(350, 60, 600, 260, 350, 460, 100, 260),
                        FoundOpening.Contour.DIAMOND,
                        0,
                        Aspect.A5_4),
                Arguments.of(
                        "diamond, wide",
                        path(400, 100, 720, 240, 400, 380, 80, 240),
                        FoundOpening.Contour.DIAMOND,
                        0,
                        Aspect.A21_9),
                Arguments.of(
                        "slanted",
                        path(180, 60, 700, 60, 620, 420, 100, 420),
                        FoundOpening.Contour.SLANTED,
                        0,
                        Aspect.A16_10),
                Arguments.of(
                        "a star",
                        path(
                                400, 40, 450, 190, 610, 190, 480, 290, 530, 440, 400, 350, 270, 440, 320, 290, 190, 190,
                                350, 190),
                        FoundOpening.Contour.IRREGULAR,
                        0,
                        Aspect.A1_1));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void anOpeningIsFoundToThePixelAndItsShapeNamed(
            String name, Shape shape, FoundOpening.Contour contour, double corner, Aspect aspect) {
        for (boolean soft : new boolean[] {false, true}) {
            Openings found = Openings.in(soft ? blurred(frame(840, 480, shape)) : frame(840, 480, shape));
            assertThat(found.reason()).isEmpty();
            assertThat(found.openings()).hasSize(1);
            FoundOpening opening = found.openings().getFirst();
            Rectangle2D expected = shape.getBounds2D();
            // Sharp tips are thinner than half a pixel, and a blur takes more of them; elsewhere its middle is where
            // the edge was.
            double off = contour == FoundOpening.Contour.IRREGULAR
                    ? soft ? 12 : 3
                    : soft
                                    && (contour == FoundOpening.Contour.HEXAGON
                                            || contour == FoundOpening.Contour.DIAMOND
                                            || contour == FoundOpening.Contour.SLANTED
                                            || contour == FoundOpening.Contour.ELLIPSE)
                            ? 5
                            : 1;
            assertThat(opening.box().x()).as("left, soft %s", soft).isCloseTo(expected.getX(), within(off));
            assertThat(opening.box().y()).as("top, soft %s", soft).isCloseTo(expected.getY(), within(off));
            assertThat(opening.box().right()).isCloseTo(expected.getMaxX(), within(off));
            assertThat(opening.box().bottom()).isCloseTo(expected.getMaxY(), within(off));
            if (soft && contour == FoundOpening.Contour.RECTANGLE) {
                assertThat(opening.corner())
                        .as("a blur of nine pixels rounds a corner by less than that")
                        .isLessThan(9);
            } else {
                assertThat(opening.outline()).as("soft %s", soft).isEqualTo(contour);
                assertThat(opening.corner()).as("soft %s", soft).isCloseTo(corner, within(soft ? 2.5 : 1));
            }
            assertThat(opening.aspect()).isEqualTo(aspect);
        }
    }

    /**
     * The area of a polygon is the surveyor's formula over its corners (common practice, no source), not the tracing's
     * own count.
     */
    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void whatIsNoRegularShapeComesWithItsOwnContour(
            String name, Shape shape, FoundOpening.Contour contour, double corner, Aspect aspect) {
        FoundOpening opening = Openings.in(frame(840, 480, shape)).openings().getFirst();
        boolean regular = List.of(
                        FoundOpening.Contour.RECTANGLE,
                        FoundOpening.Contour.ROUNDED,
                        FoundOpening.Contour.CUT_CORNERS,
                        FoundOpening.Contour.ELLIPSE)
                .contains(contour);
        if (regular) {
            assertThat(opening.edge()).isEmpty();
            return;
        }
        double twice = 0;
        for (int i = 0; i < opening.edge().size(); i++) {
            Share a = opening.edge().get(i);
            Share b = opening.edge().get((i + 1) % opening.edge().size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        assertThat(Math.abs(twice) / 2 * opening.box().area())
                .isCloseTo(opening.area(), within(0.012 * opening.area()));
        assertThat(opening.edge().size()).as("as few corners as it needs").isLessThan(40);
        for (Share at : opening.edge()) {
            double x = opening.box().x() + at.x() * opening.box().width();
            double y = opening.box().y() + at.y() * opening.box().height();
            assertThat(shape.intersects(x - 2, y - 2, 4, 4) && !shape.contains(x - 2, y - 2, 4, 4))
                    .as("%s, %s lies on the edge", x, y)
                    .isTrue();
        }
    }

    @Test
    void aThinSlitDoesNotOpenAFrameAndItsBorderIsNoOpening() {
        BufferedImage image = new BufferedImage(960, 540, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x00c040));
        graphics.fillRect(60, 40, 840, 460);
        clear(graphics, new Rectangle2D.Double(100, 80, 760, 380));
        clear(graphics, new Rectangle2D.Double(470, 0, 4, 100));
        Openings found = Openings.in(image);
        assertThat(found.openings()).singleElement().satisfies(opening -> {
            assertThat(opening.box())
                    .as("the opening, not the green border around it")
                    .isEqualTo(new SourceBox(100, 80, 760, 380));
            assertThat(opening.outline()).isEqualTo(FoundOpening.Contour.RECTANGLE);
        });
        assertThat(found.key()).isEmpty();
        assertThat(found.notes(960 * 540)).singleElement().asString().contains("slit", "taken as closed");
        clear(graphics, new Rectangle2D.Double(400, 0, 160, 100));
        assertThat(Openings.in(image).openings())
                .as("a gap of 160 px is no slit, and the green border still no opening")
                .isEmpty();
    }

    @Test
    void aPictureWithSeeThroughGroundIsNotSaidToHaveNone() {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(BARK);
        graphics.fillRect(40, 30, 560, 300);
        graphics.setColor(new Color(0xff00ff));
        graphics.fillRect(80, 60, 480, 240);
        Openings found = Openings.in(image);
        assertThat(found.openings())
                .singleElement()
                .satisfies(opening -> assertThat(opening.box()).isEqualTo(new SourceBox(80, 60, 480, 240)));
        assertThat(found.reason())
                .startsWith("Only the ground around this picture is see-through")
                .contains("#ff00ff");
    }

    @Test
    void aPaneOverTheOpeningIsSaid() {
        for (double covers : new double[] {0.4, 0.7}) {
            BufferedImage image = frame(640, 360, new Rectangle2D.Double(80, 60, 480, 240));
            Graphics2D graphics = image.createGraphics();
            graphics.setColor(new Color(20, 40, 60, (int) Math.round(255 * covers)));
            graphics.fillRect(80, 60, 480, 240);
            Openings found = Openings.in(image);
            assertThat(found.openings())
                    .as("pane of %s", covers)
                    .singleElement()
                    .satisfies(opening -> {
                        assertThat(opening.pane()).isCloseTo(covers, within(0.01));
                        assertThat(opening.box()).isEqualTo(new SourceBox(80, 60, 480, 240));
                    });
            assertThat(found.notes(640 * 360))
                    .singleElement()
                    .asString()
                    .contains(String.format(java.util.Locale.ROOT, "%.0f %%", covers * 100));
        }
    }

    @Test
    void aSoftEdgeIsMeasuredToWhereThePictureIsSolid() {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < 360; y++) {
            for (int x = 0; x < 640; x++) {
                // Solid from 20 pixels outside the middle of the edge, free from 20 inside.
                double inside = Math.min(Math.min(x + 0.5 - 100, 540 - x - 0.5), Math.min(y + 0.5 - 80, 280 - y - 0.5));
                image.setRGB(x, y, (int) Math.round(255 * Math.clamp(0.5 - inside / 40, 0, 1)) << 24 | 0x4a3a2c);
            }
        }
        Openings found = Openings.in(image);
        assertThat(found.openings().getFirst().box()).isEqualTo(new SourceBox(100, 80, 440, 200));
        assertThat(found.openings().getFirst().soft()).isCloseTo(20, within(2.0));
        assertThat(found.notes(640 * 360)).singleElement().asString().contains("fades");
        assertThat(Openings.in(frame(640, 360, new Rectangle2D.Double(100, 80, 440, 200)))
                        .openings()
                        .getFirst()
                        .soft())
                .isLessThan(1.5);
    }

    @Test
    void aRingWithFreeCornersNeedsAMaskAndAMattedOneDoesNot() {
        Shape hole = path(200, 40, 440, 180, 200, 320, 60, 180);
        assertThat(Openings.in(frame(640, 360, hole)).openings().getFirst().bare())
                .isFalse();
        BufferedImage ring = new BufferedImage(640, 360, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = ring.createGraphics();
        graphics.setColor(BARK);
        graphics.fill(path(200, 20, 480, 180, 200, 340, 20, 180));
        clear(graphics, hole);
        Openings found = Openings.in(ring);
        assertThat(found.openings().getFirst().bare()).isTrue();
        assertThat(found.notes(640 * 360)).anyMatch(note -> note.contains("mask"));
        assertThat(found.notes(100 * 640 * 360))
                .as("of a small bay in a large picture nothing is said")
                .isEmpty();
    }

    @Test
    void theLargestRectangleInsideACircleIsItsSquare() {
        SourceBox inner = Openings.in(frame(600, 500, new Ellipse2D.Double(100, 50, 400, 400)))
                .openings()
                .getFirst()
                .inner();
        // Side of the square in a circle of 400: 400 / √2 = 282.8; the answer must lie inside, so a pixel less at each
        // end.
        assertThat(inner.width() * inner.height()).isCloseTo(80_000, within(1_000.0));
        assertThat(inner.x() + inner.width() / 2).isCloseTo(300, within(2.0));
    }

    @Test
    void theLargestRectangleMissesWhatReachesIn() {
        // An opening of 400 × 200 with a plate of 100 × 60 standing in its lower left.
        Path2D shape = path(100, 100, 500, 100, 500, 300, 200, 300, 200, 240, 100, 240);
        SourceBox inner =
                Openings.in(frame(600, 400, shape)).openings().getFirst().inner();
        assertThat(inner)
                .as("300 × 200 = 60,000 beats 400 × 140 = 56,000")
                .isEqualTo(new SourceBox(200, 100, 300, 200));
    }

    @Test
    void anOpeningWhoseArmsMeetLowerDownIsOne() {
        // 400 × 200 with a plate of 80 × 60 hanging from its upper edge: the arm at its left is the largest rectangle.
        Path2D shape = path(100, 100, 400, 100, 400, 160, 480, 160, 480, 100, 500, 100, 500, 300, 100, 300);
        FoundOpening opening = Openings.in(frame(600, 400, shape)).openings().getFirst();
        assertThat(opening.area()).isEqualTo(400 * 200 - 80 * 60);
        assertThat(opening.box()).isEqualTo(new SourceBox(100, 100, 400, 200));
        assertThat(opening.inner())
                .as("300 × 200 beside it, not 400 × 140 under it")
                .isEqualTo(new SourceBox(100, 100, 300, 200));
        assertThat(opening.outline())
                .as("its outermost edges are those of a rectangle")
                .isEqualTo(FoundOpening.Contour.RECTANGLE);
    }

    @Test
    void severalOpeningsComeLargestFirstAndTheOutsideIsNone() {
        BufferedImage image = new BufferedImage(900, 500, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(BARK);
        graphics.fillRoundRect(20, 20, 860, 460, 40, 40);
        clear(graphics, new Rectangle2D.Double(60, 60, 240, 180));
        clear(graphics, new Rectangle2D.Double(340, 60, 500, 375));
        clear(graphics, new Rectangle2D.Double(60, 300, 12, 12));
        Openings found = Openings.in(image);
        assertThat(found.openings())
                .extracting(FoundOpening::box)
                .as("see-through corners reach the edge, and 12 × 12 is an ornament")
                .containsExactly(new SourceBox(340, 60, 500, 375), new SourceBox(60, 60, 240, 180));
    }

    @Test
    void aSolidKeyingColourIsOfferedAndSaid() {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(BARK);
        graphics.fillRect(0, 0, 640, 360);
        graphics.setColor(new Color(0x00ff00));
        graphics.fillRect(80, 45, 480, 270);
        Openings found = Openings.in(image);
        assertThat(found.openings())
                .singleElement()
                .satisfies(opening -> assertThat(opening.box()).isEqualTo(new SourceBox(80, 45, 480, 270)));
        assertThat(found.reason()).contains("#00ff00", "see-through");
        assertThat(found.key().orElseThrow().hex()).isEqualTo("#00ff00");
    }

    /** Paper is the commonest colour but a weak one, and of two strong ones the larger is the key. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"#b03090", "#2030d0", "#e01010", "#c000c0"})
    void theKeyIsTheLargestStrongColour(String strong) {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0xf2ead8));
        graphics.fillRect(0, 0, 640, 360);
        graphics.setColor(Color.decode(strong));
        graphics.fillRect(80, 45, 300, 200);
        graphics.setColor(new Color(0x00ff00));
        graphics.fillRect(420, 45, 100, 60);
        Openings found = Openings.in(image);
        assertThat(found.key().orElseThrow().hex()).isEqualTo(strong);
        assertThat(found.openings()).extracting(FoundOpening::box).containsExactly(new SourceBox(80, 45, 300, 200));
    }

    /** Weak, or strong over next to nothing: no key. */
    @Test
    void aWeakColourAndAFewStrongPixelsAreNoKey() {
        BufferedImage image = new BufferedImage(640, 360, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(BARK);
        graphics.fillRect(0, 0, 640, 360);
        graphics.setColor(new Color(0x8a7060));
        graphics.fillRect(80, 45, 300, 200);
        graphics.setColor(new Color(0x00ff00));
        graphics.fillRect(420, 45, 66, 66);
        assertThat(Openings.in(image).key())
                .as("66 × 66 is less than one part in fifty")
                .isEmpty();
        graphics.fillRect(420, 45, 70, 70);
        assertThat(Openings.in(image).key().orElseThrow().hex()).isEqualTo("#00ff00");
    }

    /** A small hole beside a keyed window is ornament; beside one that is hardly larger it is what was meant. */
    @ParameterizedTest
    @CsvSource({"300, true", "120, false"})
    void aKeyedOpeningCountsOnlyWhenItIsMuchLargerThanAClearOne(int width, boolean keyed) {
        BufferedImage image = frame(640, 360, path(20, 20, 100, 20, 100, 100, 20, 100));
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x00ff00));
        graphics.fillRect(200, 100, width, 120);
        Openings found = Openings.in(image);
        assertThat(found.key().isPresent()).isEqualTo(keyed);
        assertThat(found.openings())
                .extracting(FoundOpening::box)
                .containsExactly(keyed ? new SourceBox(200, 100, width, 120) : new SourceBox(20, 20, 80, 80));
    }

    @Test
    void whereThereIsNoneItSaysWhy() {
        BufferedImage solid = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        assertThat(Openings.in(solid).openings()).isEmpty();
        assertThat(Openings.in(solid).reason()).startsWith("Nothing in this picture is see-through");
        BufferedImage arch = frame(200, 200, path(50, 50, 150, 50, 150, 200, 50, 200));
        assertThat(Openings.in(arch).openings()).isEmpty();
        assertThat(Openings.in(arch).reason()).contains("reaches its edge");
    }

    @Test
    void regionsThatOnlyMeetAtACornerAreTwo() {
        BufferedImage image = frame(300, 300, new Rectangle2D.Double(50, 50, 100, 100));
        Graphics2D graphics = image.createGraphics();
        clear(graphics, new Rectangle2D.Double(150, 150, 100, 100));
        assertThat(Openings.in(image).openings()).hasSize(2);
    }

    private static BufferedImage frame(int width, int height, Shape opening) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(BARK);
        graphics.fillRect(0, 0, width, height);
        clear(graphics, opening);
        graphics.dispose();
        return image;
    }

    private static void clear(Graphics2D graphics, Shape shape) {
        graphics.setComposite(AlphaComposite.DstOut);
        graphics.fill(shape);
        graphics.setComposite(AlphaComposite.SrcOver);
    }

    /** Edges that fade over nine pixels. */
    private static BufferedImage blurred(BufferedImage image) {
        float[] even = new float[81];
        Arrays.fill(even, 1 / 81f);
        BufferedImage padded = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        padded.createGraphics().drawImage(image, 0, 0, null);
        return new ConvolveOp(new Kernel(9, 9, even), ConvolveOp.EDGE_NO_OP, null).filter(padded, null);
    }

    private static Path2D path(double... points) {
        Path2D path = new Path2D.Double();
        path.moveTo(points[0], points[1]);
        for (int i = 2; i < points.length; i += 2) {
            path.lineTo(points[i], points[i + 1]);
        }
        path.closePath();
        return path;
    }
}
