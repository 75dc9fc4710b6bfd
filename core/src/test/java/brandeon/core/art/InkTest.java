package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Pixels;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.Samples;
import brandeon.core.motion.Pose;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class InkTest {

    private static final Paint RED = Paint.of(Colour.parse("#c0392b"));
    private static final Size CANVAS = Size.of(400, 300);

    /** What is painted tells how far it reaches. */
    static Stream<List<Mark>> marks() {
        Mark square = new Mark.Filled(Outline.rectangle(new Box(100, 80, 60, 40)), RED);
        return Stream.of(
                List.of(square),
                List.of(new Mark.Filled(Outline.circle(200, 150, 33), RED)),
                List.of(new Mark.Stroked(Outline.rectangle(new Box(100, 80, 60, 40)), RED, 10)),
                List.of(square, new Mark.Filled(Outline.rectangle(new Box(300, 200, 20, 20)), RED)),
                List.of(Mark.clipped(Outline.rectangle(new Box(120, 0, 20, 300)), List.of(square))),
                List.of(Mark.faded(0.5, List.of(square))),
                List.of(new Mark.Moved(new Pose(30, 40, 0, 1, 0, 0, 1), List.of(square))),
                List.of(new Mark.Moved(new Pose(0, 0, 90, 1, 130, 100, 1), List.of(square))),
                List.of(new Mark.Moved(new Pose(0, 0, 0, 2, 100, 80, 1), List.of(square))),
                List.of(new Mark.Moved(new Pose(5, 7, 0, -2, 160, 120, 1), List.of(square))),
                List.of(new Mark.Moved(
                        new Pose(0, 0, 45, 1, 130, 100, 1),
                        List.of(new Mark.Filled(Outline.rectangle(new Box(110, 80, 40, 40)), RED)))));
    }

    @ParameterizedTest
    @MethodSource("marks")
    void reachesAsFarAsItIsPainted(List<Mark> marks) {
        Box ink = Ink.of(marks).orElseThrow();
        Box painted = painted(Raster.paint(CANVAS, marks, 0, Pictures.NONE), 40);
        assertThat(ink.x()).isCloseTo(painted.x(), within(1.0));
        assertThat(ink.y()).isCloseTo(painted.y(), within(1.0));
        assertThat(ink.right()).isCloseTo(painted.right(), within(1.0));
        assertThat(ink.bottom()).isCloseTo(painted.bottom(), within(1.0));
    }

    /** Light and shadow too are painted within what is said to be touched. */
    @Test
    void lightAndShadowAreTouched() {
        Mark square = new Mark.Filled(Outline.rectangle(new Box(100, 80, 60, 40)), RED);
        Colour glow = Colour.parse("#ffcc66");
        Paint light =
                new Paint.Radial(200, 150, 90, List.of(new Paint.Stop(0, glow), new Paint.Stop(1, glow.withAlpha(0))));
        for (Mark mark : List.of(
                new Mark.Filled(Outline.circle(200, 150, 90), light),
                new Mark.Shadowed(25, -12, 6, Colour.BLACK, List.of(square)),
                new Mark.Blurred(8, List.of(square)))) {
            Box touched = Ink.touched(List.of(mark)).orElseThrow();
            Box painted = painted(Raster.paint(CANVAS, List.of(mark), 0, Pictures.NONE), 1);
            assertThat(painted.outside(touched)).as("%s", mark).isZero();
            assertThat(touched.area())
                    .as("no more than is needed: %s", mark)
                    .isLessThan(painted.grown(8).area());
        }
        assertThat(Ink.touched(List.of(square))).isEqualTo(Ink.of(List.of(square)));
    }

    @Test
    void nothingHasNoInkAndLightDoesNotCount() {
        assertThat(Ink.of(List.of())).isEmpty();
        assertThat(Ink.of(List.of(new Mark.Bed(Outline.rectangle(CANVAS.box())))))
                .isEmpty();
        Paint light = new Paint.Radial(
                200,
                150,
                90,
                List.of(
                        new Paint.Stop(0, Colour.parse("#ffcc66")),
                        new Paint.Stop(1, Colour.parse("#ffcc66").withAlpha(0))));
        assertThat(Ink.of(List.of(new Mark.Filled(Outline.circle(200, 150, 90), light))))
                .isEmpty();
        assertThat(Ink.of(List.of(Mark.clipped(
                        Outline.rectangle(new Box(0, 0, 5, 5)),
                        List.of(new Mark.Filled(Outline.rectangle(new Box(100, 80, 60, 40)), RED))))))
                .isEmpty();
    }

    /** No kind in any family paints more than faint light outside of what its ink says. */
    @Test
    void everyKindOfPieceIsPaintedWithinItsInk() {
        for (Family family : Families.all()) {
            Theme theme = ReedlightHide.theme().withFamily(family.id());
            for (PieceKind kind : PieceKind.values()) {
                var sample = Samples.of(theme, kind);
                List<Mark> marks = sample.placements().getFirst().art().marks();
                if (kind == PieceKind.PARTICLES || Ink.of(marks).isEmpty()) {
                    continue;
                }
                Size small = Size.of(
                        sample.canvas().size().width() / 2,
                        sample.canvas().size().height() / 2);
                Box painted = painted(Raster.paint(sample.canvas().size().box(), small, marks, 0, Pictures.NONE), 90)
                        .scaled(2);
                Box ink = Ink.of(marks).orElseThrow().grown(3);
                assertThat(painted.area() == 0 ? 0 : painted.outside(ink))
                        .as("%s %s: painted %s, ink %s", family.id(), kind, painted, ink)
                        .isZero();
            }
        }
    }

    private static Box painted(BufferedImage image, int leastAlpha) {
        int left = image.getWidth();
        int top = image.getHeight();
        int right = 0;
        int bottom = 0;
        int[] pixels = Pixels.of(image);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if (pixels[y * image.getWidth() + x] >>> 24 > leastAlpha) {
                    left = Math.min(left, x);
                    top = Math.min(top, y);
                    right = Math.max(right, x + 1);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return right == 0 ? new Box(0, 0, 0, 0) : new Box(left, top, right - left, bottom - top);
    }
}
