package brandeon.core.canvas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class BoxTest {

    /** Java2D turns the same rectangle. */
    @Test
    void aTurnedBoxHasTheBoundsOfTheTurnedRectangle() {
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < 500; i++) {
            Box box = new Box(
                    random.nextInt(-200, 200),
                    random.nextInt(-200, 200),
                    random.nextInt(1, 300),
                    random.nextInt(1, 300));
            double degrees = random.nextInt(-360, 361);
            double px = random.nextInt(-300, 300);
            double py = random.nextInt(-300, 300);
            Rectangle2D turned = AffineTransform.getRotateInstance(Math.toRadians(degrees), px, py)
                    .createTransformedShape(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()))
                    .getBounds2D();
            Box bounds = box.turned(degrees, px, py);
            assertThat(bounds.x()).isCloseTo(turned.getX(), within(1e-6));
            assertThat(bounds.y()).isCloseTo(turned.getY(), within(1e-6));
            assertThat(bounds.width()).isCloseTo(turned.getWidth(), within(1e-6));
            assertThat(bounds.height()).isCloseTo(turned.getHeight(), within(1e-6));
        }
    }

    @Test
    void theBoxAroundTwoHoldsBoth() {
        Box around = new Box(10, 20, 30, 40).around(new Box(-5, 50, 10, 100));
        assertThat(around).isEqualTo(new Box(-5, 20, 45, 130));
    }

    @Test
    void whatSticksOutIsMeasuredOnTheWorstSide() {
        Box canvas = new Box(0, 0, 100, 50);
        assertThat(new Box(90, 10, 30, 10).outside(canvas)).isEqualTo(20);
        assertThat(new Box(-7, -3, 30, 10).outside(canvas)).isEqualTo(7);
        assertThat(new Box(10, 10, 30, 10).outside(canvas)).isZero();
        assertThat(new Box(10, 10, 30, 10).outside(canvas.moved(0, 100))).isEqualTo(90);
    }

    @Test
    void theLargestBoxOfAnAspectFitsAndStandsWhereItShould() {
        assertThat(new Box(0, 0, 1920, 1080).fitted(1, 0, 0)).isEqualTo(new Box(0, 0, 1080, 1080));
        assertThat(new Box(0, 0, 1920, 1080).fitted(1, 1, 0)).isEqualTo(new Box(840, 0, 1080, 1080));
        assertThat(new Box(0, 0, 1080, 1920).fitted(16.0 / 9, 0, 0.5)).isEqualTo(new Box(0, 656.25, 1080, 607.5));
    }

    @Test
    void edgesAreRoundedNotSizes() {
        assertThat(new Box(0.4, 0.6, 10.2, 10.2).snapped()).isEqualTo(new Box(0, 1, 11, 10));
    }

    @Test
    void noBoxHasANegativeOrEndlessSize() {
        assertThatThrownBy(() -> new Box(0, 0, -1, 5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Box(0, Double.NaN, 1, 5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Box(0, 0, Double.POSITIVE_INFINITY, 5))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
