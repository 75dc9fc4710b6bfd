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

    /** Java2D cuts, joins and moves the same rectangles. */
    @Test
    void boxesAreCutJoinedAndMovedAsRectanglesAre() {
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < 500; i++) {
            Box a = random(random);
            Box b = random(random);
            Rectangle2D both = rectangle(a).createUnion(rectangle(b));
            assertThat(a.around(b)).isEqualTo(new Box(both.getX(), both.getY(), both.getWidth(), both.getHeight()));
            Rectangle2D common = rectangle(a).createIntersection(rectangle(b));
            Box cut = a.cut(b);
            assertThat(cut.width()).isEqualTo(Math.max(0, common.getWidth()));
            assertThat(cut.height()).isEqualTo(Math.max(0, common.getHeight()));
            if (!common.isEmpty()) {
                assertThat(cut.x()).isEqualTo(common.getX());
                assertThat(cut.y()).isEqualTo(common.getY());
            }
            AffineTransform shift = AffineTransform.getTranslateInstance(7, -11);
            shift.scale(2, 2);
            Rectangle2D moved = shift.createTransformedShape(rectangle(a)).getBounds2D();
            assertThat(a.scaled(2).moved(7, -11))
                    .isEqualTo(new Box(moved.getX(), moved.getY(), moved.getWidth(), moved.getHeight()));
        }
    }

    @Test
    void aBoxIsFittedAtAShareOfTheFreeSpace() {
        Box wide = new Box(100, 50, 400, 100);
        assertThat(wide.fitted(1, 0.25, 0.5)).isEqualTo(new Box(175, 50, 100, 100));
        assertThat(wide.fitted(8, 0.25, 0.5)).isEqualTo(new Box(100, 75, 400, 50));
    }

    @Test
    void whatIsNoBoxIsRefused() {
        assertThat(new Box(0, 0, 0, 0).area()).isZero();
        for (double[] wrong : new double[][] {
            {0, 0, -1, 1},
            {0, 0, 1, -1},
            {Double.NaN, 0, 1, 1},
            {0, Double.POSITIVE_INFINITY, 1, 1},
            {0, 0, Double.NaN, 1}
        }) {
            assertThatThrownBy(() -> new Box(wrong[0], wrong[1], wrong[2], wrong[3]))
                    .hasMessageContaining("no box");
            assertThatThrownBy(() -> new UnitBox(wrong[0], wrong[1], wrong[2], wrong[3]))
                    .hasMessageContaining("no box");
            assertThatThrownBy(() -> new SourceBox(wrong[0], wrong[1], wrong[2], wrong[3]))
                    .hasMessageContaining("no box");
        }
    }

    @Test
    void aPartOfAPictureIsWhereThePictureIsLaid() {
        SourceBox part = new SourceBox(10, 20, 30, 40);
        assertThat(part.laidInto(new Box(100, 200, 400, 100), Size.of(200, 100)))
                .isEqualTo(new Box(120, 220, 60, 40));
        assertThat(part.scaled(1.5)).isEqualTo(new SourceBox(15, 30, 45, 60));
        assertThat(part.around(new SourceBox(0, 50, 20, 30))).isEqualTo(new SourceBox(0, 20, 40, 60));
        assertThat(part.area()).isEqualTo(1200);
        assertThat(part.within(Size.of(40, 60))).isTrue();
        assertThat(part.within(Size.of(39, 60))).isFalse();
        assertThat(part.within(Size.of(40, 59))).isFalse();
        assertThat(new SourceBox(-1, 0, 5, 5).within(Size.of(9, 9))).isFalse();
        assertThat(new SourceBox(0, -1, 5, 5).within(Size.of(9, 9))).isFalse();
        assertThat(SourceBox.whole(Size.of(9, 7))).isEqualTo(new SourceBox(0, 0, 9, 7));
    }

    private static Box random(SplittableRandom random) {
        return new Box(
                random.nextInt(-90, 90), random.nextInt(-90, 90), random.nextInt(1, 120), random.nextInt(1, 120));
    }

    private static Rectangle2D rectangle(Box box) {
        return new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height());
    }
}
