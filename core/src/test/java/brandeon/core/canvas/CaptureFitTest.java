package brandeon.core.canvas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class CaptureFitTest {

    /** Common practice, no source: 1280×720 in a 4:3 opening of equal height loses 160 source pixels left and right. */
    @Test
    void aCameraLosesItsSidesInAFourByThreeOpening() {
        CaptureFit fit = CaptureFit.cover(Size.of(1280, 720), new Box(300, 200, 960, 720), 0);
        assertThat(fit.crop()).isEqualTo(new CaptureFit.Crop(160, 0, 160, 0));
        assertThat(fit.scale()).isEqualTo(1);
        assertThat(fit.x()).isEqualTo(300);
        assertThat(fit.y()).isEqualTo(200);
        assertThat(fit.gap()).isZero();
    }

    @Test
    void aCaptureOfTheSameShapeLosesNothing() {
        CaptureFit fit = CaptureFit.cover(Size.of(1920, 1080), new Box(0, 0, 960, 540), 0);
        assertThat(fit.crop()).isEqualTo(new CaptureFit.Crop(0, 0, 0, 0));
        assertThat(fit.scale()).isEqualTo(0.5);
        assertThat(fit.shownShare()).isEqualTo(1);
    }

    @Test
    void aTallOpeningCutsTheSidesAndAFlatOneTopAndBottom() {
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 300, 600), 0)
                        .crop()
                        .left())
                .isPositive();
        CaptureFit flat = CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 1280, 300), 0);
        assertThat(flat.crop().left()).isZero();
        assertThat(flat.crop().top()).isEqualTo(210);
    }

    @Test
    void anOpeningLargerThanTheCaptureSaysThatItIsEnlarged() {
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 1920, 1080), 0)
                        .enlarged())
                .isTrue();
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 640, 360), 0)
                        .enlarged())
                .isFalse();
    }

    @Test
    void noOpeningIsEverLeftWithAGap() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 20_000; i++) {
            Size capture = Size.of(random.nextInt(160, 4000), random.nextInt(120, 2400));
            Box opening = new Box(
                    random.nextInt(-50, 1900),
                    random.nextInt(-50, 1000),
                    random.nextInt(8, 2000),
                    random.nextInt(8, 1200));
            double bleed = random.nextInt(0, 9);
            CaptureFit fit = CaptureFit.cover(capture, opening, bleed);
            String what = capture + " in " + opening + ": " + fit;
            assertThat(fit.gap()).as(what).isZero();
            assertThat(opening.grown(bleed).outside(fit.shown())).as(what).isLessThan(1e-6);
            assertThat(fit.crop().left() % 2 + fit.crop().top() % 2).as(what).isZero();
            double widest =
                    Math.max(fit.shown().width() - opening.width(), fit.shown().height() - opening.height()) / 2
                            - bleed;
            assertThat(widest)
                    .as("no more than two source pixels reach past the bleed: %s", what)
                    .isLessThanOrEqualTo(2 * fit.scale() + 1e-6);
        }
    }

    @Test
    void theCropMovesAsLittleAsKeepsAFaceInSight() {
        Size camera = Size.of(1280, 720);
        Box opening = new Box(0, 0, 720, 720);
        SourceBox face = new SourceBox(100, 100, 300, 400);
        CaptureFit fit = CaptureFit.cover(camera, opening, 0, face);
        assertThat(fit.crop())
                .as("of 560 columns 100 go on the left, not 280")
                .isEqualTo(new CaptureFit.Crop(100, 0, 460, 0));
        assertThat(fit.onCanvas(face)).isEqualTo(new Box(0, 100, 300, 400));
        assertThat(CaptureFit.cover(camera, opening, 0, new SourceBox(500, 100, 300, 400)))
                .as("a face in the middle changes nothing")
                .isEqualTo(CaptureFit.cover(camera, opening, 0));
    }

    @Test
    void aFaceThatFitsIsAlwaysInSightAndNothingIsLeftWithAGap() {
        SplittableRandom random = new SplittableRandom(8);
        for (int i = 0; i < 20_000; i++) {
            Size capture = Size.of(random.nextInt(400, 2000), random.nextInt(400, 2000));
            Box opening = new Box(
                    random.nextInt(0, 900), random.nextInt(0, 900), random.nextInt(60, 900), random.nextInt(60, 900));
            double bleed = random.nextInt(0, 6);
            double width = random.nextInt(10, 200);
            double height = random.nextInt(10, 200);
            SourceBox face = new SourceBox(
                    random.nextDouble(capture.width() - width),
                    random.nextDouble(capture.height() - height),
                    width,
                    height);
            CaptureFit fit = CaptureFit.cover(capture, opening, bleed, face);
            assertThat(fit.gap()).isZero();
            assertThat(opening.grown(bleed).outside(fit.shown())).isLessThan(1e-6);
            boolean fits = width * fit.scale() <= opening.width() && height * fit.scale() <= opening.height();
            double edge = Math.min(
                            Math.min(face.x(), capture.width() - face.right()),
                            Math.min(face.y(), capture.height() - face.bottom()))
                    * fit.scale();
            if (fits && edge > bleed + 2) {
                assertThat(fit.onCanvas(face).outside(opening))
                        .as("%s of %s in %s: %s", face, capture, opening, fit)
                        .isLessThan(2 * fit.scale() + 1);
            }
        }
    }

    @Test
    void anEmptyOpeningIsRefused() {
        assertThatThrownBy(() -> CaptureFit.cover(Size.of(10, 10), new Box(0, 0, 0, 5), 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aCaptureIsEnlargedOnlyBeyondItsOwnPixels() {
        assertThat(CaptureFit.cover(Size.of(400, 300), new Box(0, 0, 400, 300), 0)
                        .enlarged())
                .isFalse();
        assertThat(CaptureFit.cover(Size.of(400, 300), new Box(0, 0, 402, 300), 0)
                        .enlarged())
                .isTrue();
    }

    /** A camera of 1280×720 behind an opening of 640×360 shows all of itself; behind half of that, a half. */
    @Test
    void theShareThatShowsIsThatOfTheOpening() {
        Size camera = Size.of(1280, 720);
        assertThat(CaptureFit.cover(camera, new Box(100, 100, 640, 360), 0).shownShare())
                .isEqualTo(1);
        assertThat(CaptureFit.cover(camera, new Box(100, 100, 320, 360), 0).shownShare())
                .isEqualTo(0.5);
    }

    @Test
    void whatLiesOnTheCanvasIsFoundInTheCapture() {
        Size camera = Size.of(1280, 720);
        CaptureFit fit = CaptureFit.cover(camera, new Box(100, 200, 320, 360), 0);
        assertThat(fit.onCapture(new Box(100, 200, 320, 360), camera))
                .as("the middle half of the picture, at twice the size")
                .isEqualTo(new SourceBox(320, 0, 640, 720));
        SourceBox part = new SourceBox(400, 100, 200, 300);
        assertThat(fit.onCapture(fit.onCanvas(part), camera)).isEqualTo(part);
        assertThat(fit.onCapture(new Box(-4000, 0, 100, 100), camera).area())
                .as("there is no picture")
                .isZero();
    }

    @Test
    void anOpeningWithoutAreaOrABleedInwardsCannotBeCovered() {
        Size camera = Size.of(1280, 720);
        assertThatThrownBy(() -> CaptureFit.cover(camera, new Box(0, 0, 0, 10), 0))
                .hasMessageContaining("0.0");
        assertThatThrownBy(() -> CaptureFit.cover(camera, new Box(0, 0, 10, 0), 0))
                .hasMessageContaining("0.0");
        assertThatThrownBy(() -> CaptureFit.cover(camera, new Box(0, 0, 10, 10), -1))
                .hasMessageContaining("-1.0");
        assertThat(CaptureFit.cover(camera, new Box(0, 0, 10, 10), 0).gap()).isZero();
    }
}
