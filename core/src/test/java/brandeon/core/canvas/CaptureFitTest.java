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
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 300, 600), 0).crop().left()).isPositive();
        CaptureFit flat = CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 1280, 300), 0);
        assertThat(flat.crop().left()).isZero();
        assertThat(flat.crop().top()).isEqualTo(210);
    }

    @Test
    void anOpeningLargerThanTheCaptureSaysThatItIsEnlarged() {
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 1920, 1080), 0).enlarged()).isTrue();
        assertThat(CaptureFit.cover(Size.of(1280, 720), new Box(0, 0, 640, 360), 0).enlarged()).isFalse();
    }

    @Test
    void noOpeningIsEverLeftWithAGap() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 20_000; i++) {
            Size capture = Size.of(random.nextInt(160, 4000), random.nextInt(120, 2400));
            Box opening = new Box(random.nextInt(-50, 1900), random.nextInt(-50, 1000), random.nextInt(8, 2000), random.nextInt(8, 1200));
            double bleed = random.nextInt(0, 9);
            CaptureFit fit = CaptureFit.cover(capture, opening, bleed);
            String what = capture + " in " + opening + ": " + fit;
            assertThat(fit.gap()).as(what).isZero();
            assertThat(opening.grown(bleed).outside(fit.shown())).as(what).isLessThan(1e-6);
            assertThat(fit.crop().left() % 2 + fit.crop().top() % 2).as(what).isZero();
            double widest = Math.max(fit.shown().width() - opening.width(), fit.shown().height() - opening.height()) / 2 - bleed;
            assertThat(widest).as("no more than two source pixels reach past the bleed: %s", what).isLessThanOrEqualTo(2 * fit.scale() + 1e-6);
        }
    }

    @Test
    void anEmptyOpeningIsRefused() {
        assertThatThrownBy(() -> CaptureFit.cover(Size.of(10, 10), new Box(0, 0, 0, 5), 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
