package brandeon.core.canvas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CanvasTest {

    /**
     * Picture sizes of ITU-R BT.709 (1920×1080) and BT.2020 (3840×2160); 1440p is 2560×1440, 720p is 1280×720 (common
     * practice, no source).
     */
    @ParameterizedTest
    @CsvSource({
        "1280, 720, WIDE, 0.6667",
        "1920, 1080, WIDE, 1",
        "2560, 1440, WIDE, 1.3333",
        "3840, 2160, WIDE, 2",
        "1080, 1920, UPRIGHT, 1",
        "1080, 1080, SQUARE, 1"
    })
    void broadcastSizesHaveTheirShapeAndUnit(int width, int height, Shape shape, double unit) {
        Canvas canvas = Canvas.of("c", "C", Size.of(width, height), 60);
        assertThat(canvas.shape()).isEqualTo(shape);
        assertThat(canvas.unit()).isEqualTo(unit, within(0.0001));
    }

    @Test
    void unitsComeBackToTheSamePixels() {
        Canvas canvas = Canvas.of("c", "C", Size.of(2560, 1440), 60);
        Box box = new Box(101, 33, 407, 299);
        assertThat(canvas.pixels(canvas.units(box))).isEqualTo(box);
    }

    @Test
    void sizesOutOfRangeAreRefused() {
        assertThatThrownBy(() -> Size.of(0, 10)).hasMessageContaining("at least 1");
        assertThatThrownBy(() -> Canvas.of("c", "C", Size.of(60000, 60000), 60)).hasMessageContaining("7680");
        assertThatThrownBy(() -> Canvas.of("c", "C", Size.of(1920, 1080), 0)).hasMessageContaining("frame rate");
    }

    /**
     * EBU R 95 for 1920×1080: action safe begins 67 pixels and 38 lines in, graphics safe 96 pixels and 54 lines in
     * (from memory).
     */
    @Test
    void safeAreasAreThoseOfEbuR95() {
        Box action = canvas(1920, 1080).safe(SafeArea.ACTION);
        Box graphics = canvas(1920, 1080).safe(SafeArea.GRAPHICS);
        assertThat(Math.round(action.x())).isEqualTo(67);
        assertThat(Math.round(action.y())).isEqualTo(38);
        assertThat(Math.round(graphics.x())).isEqualTo(96);
        assertThat(Math.round(graphics.y())).isEqualTo(54);
    }

    /** SMPTE ST 2046-1: safe action is 93 % and safe title 90 % of width and height (from memory). */
    @Test
    void safeAreasAreThoseOfSmpteSt2046() {
        Size uhd = Size.of(3840, 2160);
        assertThat(canvas(3840, 2160).safe(SafeArea.ACTION).width() / uhd.width())
                .isEqualTo(0.93, within(1e-9));
        assertThat(canvas(3840, 2160).safe(SafeArea.GRAPHICS).height() / uhd.height())
                .isEqualTo(0.90, within(1e-9));
    }

    @Test
    void aBoxKnowsHowFarItSticksOut() {
        Box canvas = new Box(0, 0, 100, 100);
        assertThat(new Box(90, 10, 30, 10).outside(canvas)).isEqualTo(20);
        assertThat(new Box(-7, 10, 30, 10).outside(canvas)).isEqualTo(7);
        assertThat(new Box(10, 10, 30, 10).outside(canvas)).isZero();
        assertThatThrownBy(() -> new Box(0, 0, -1, 5)).isInstanceOf(IllegalArgumentException.class);
    }

    /** ITU-R BT.709 and BT.2020 and SMPTE ST 296, from memory. */
    @Test
    void theSystemsOfBroadcastingHaveTheirSizes() {
        assertThat(PictureSystem.ALL)
                .extracting(PictureSystem::size)
                .contains(
                        Size.of(1280, 720),
                        Size.of(1920, 1080),
                        Size.of(3840, 2160),
                        Size.of(7680, 4320),
                        Size.of(1080, 1920));
        assertThat(PictureSystem.ALL)
                .allSatisfy(system -> assertThat(Canvas.of("c", system.name(), system.size(), 60))
                        .isNotNull());
    }

    /** tan(7 / 60 degrees) × 300 mm = 0.611 mm, worked out by hand; 64 mm hold 1080 lines. */
    @Test
    void theLeastHeightOfAnXFollowsFromTheViewersScreenAndDistance() {
        assertThat(Viewer.ON_A_PHONE.leastHeight(Size.of(1920, 1080))).isEqualTo(0.611 / 64 * 1080, within(0.02));
        assertThat(Viewer.ON_A_PHONE.leastHeight(Size.of(1080, 1920)))
                .as("upright, the phone is turned with the picture")
                .isEqualTo(0.611 / 64 * 1080, within(0.02));
        assertThat(Viewer.ON_A_PHONE.minutes(Size.of(3840, 2160), Viewer.ON_A_PHONE.leastHeight(Size.of(3840, 2160))))
                .isEqualTo(7, within(1e-6));
    }

    @Test
    void anAnchoredBoxKeepsItsOffsetFromItsPoint() {
        Box frame = new Box(0, 0, 1920, 1080);
        for (Anchor anchor : Anchor.values()) {
            Box box = anchor.box(frame, 12, -7, 301, 91);
            assertThat(anchor.offsetX(frame, box)).isEqualTo(12, within(1e-9));
            assertThat(anchor.offsetY(frame, box)).isEqualTo(-7, within(1e-9));
        }
        assertThat(Anchor.BOTTOM_RIGHT.box(frame, -20, -30, 100, 50)).isEqualTo(new Box(1800, 1000, 100, 50));
        assertThat(Anchor.nearest(frame, new Box(1700, 20, 200, 90))).isEqualTo(Anchor.TOP_RIGHT);
        assertThat(Anchor.nearest(frame, frame)).isEqualTo(Anchor.CENTRE);
    }

    @Test
    void theLimitsThemselvesAreTaken() {
        assertThat(Size.of(1, 1)).hasToString("1×1");
        assertThatThrownBy(() -> Size.of(1, 0)).hasMessageContaining("at least 1");
        assertThat(canvas(180, 7680).shape()).isEqualTo(Shape.UPRIGHT);
        assertThatThrownBy(() -> canvas(179, 1000)).hasMessageContaining("180");
        assertThatThrownBy(() -> canvas(1000, 7681)).hasMessageContaining("7680");
        for (int rate : new int[] {1, 240}) {
            assertThat(Canvas.of("c", "C", Size.of(1920, 1080), rate).frameRate())
                    .isEqualTo(rate);
        }
        assertThatThrownBy(() -> Canvas.of("c", "C", Size.of(1920, 1080), 241)).hasMessageContaining("frame rate");
        assertThat(Canvas.of("c", "n".repeat(60), Size.of(1920, 1080), 60).name())
                .hasSize(60);
        assertThatThrownBy(() -> Canvas.of("c", "n".repeat(61), Size.of(1920, 1080), 60))
                .hasMessageContaining("60 letters");
        assertThatThrownBy(() -> Canvas.of("c", " ", Size.of(1920, 1080), 60)).hasMessageContaining("letters");
    }

    /** 6 to 5 is the widest that counts as square. */
    @Test
    void aSquareIsSquareWithinAFifth() {
        assertThat(Shape.of(Size.of(1200, 1000))).isEqualTo(Shape.SQUARE);
        assertThat(Shape.of(Size.of(1201, 1000))).isEqualTo(Shape.WIDE);
        assertThat(Shape.of(Size.of(1000, 1199))).isEqualTo(Shape.SQUARE);
        assertThat(Shape.of(Size.of(1000, 1201))).isEqualTo(Shape.UPRIGHT);
    }

    @Test
    void canvasesOfOneProportionAreToldFromOthers() {
        assertThat(canvas(1920, 1080).sameProportions(canvas(2560, 1440))).isTrue();
        assertThat(canvas(1920, 1080).sameProportions(canvas(1366, 768)))
                .as("1366×768 is a two-thousandth off 16 to 9")
                .isTrue();
        assertThat(canvas(1920, 1080).sameProportions(canvas(1920, 1088))).isFalse();
        assertThat(canvas(1920, 1080).sameProportions(canvas(1920, 1070))).isFalse();
        assertThat(canvas(1920, 1080).sameProportions(canvas(1080, 1920))).isFalse();
    }

    @Test
    void viewersOutOfRangeAreRefusedAndTheLimitsTaken() {
        for (double[] taken :
                new double[][] {{20, 300, 7}, {5000, 300, 7}, {64, 100, 7}, {64, 20_000, 7}, {64, 300, 2}, {64, 300, 30}
                }) {
            assertThat(new Viewer(taken[0], taken[1], taken[2]).shortSide()).isEqualTo(taken[0]);
        }
        for (double[] wrong : new double[][] {
            {19.9, 300, 7},
            {5001, 300, 7},
            {64, 99, 7},
            {64, 20_001, 7},
            {64, 300, 1.9},
            {64, 300, 30.1},
            {Double.NaN, 300, 7}
        }) {
            assertThatThrownBy(() -> new Viewer(wrong[0], wrong[1], wrong[2])).hasMessageContaining("out of range");
        }
    }

    @Test
    void marginsOutOfRangeAreRefusedWithTheirShares() {
        for (double[] taken : new double[][] {{0, 0}, {0.2, 0.2}, {0, 0.2}}) {
            assertThat(new SafeMargins(taken[0], taken[1]).graphics()).isEqualTo(taken[1]);
        }
        assertThatThrownBy(() -> new SafeMargins(0.1, 0.05))
                .hasMessageContaining("10.0 %")
                .hasMessageContaining("5.0 %");
        assertThatThrownBy(() -> new SafeMargins(-0.01, 0.05)).hasMessageContaining("out of range");
        assertThatThrownBy(() -> new SafeMargins(0.1, 0.21)).hasMessageContaining("out of range");
    }

    @Test
    void aCornerLiesNotFarOutsideOfItsOpening() {
        assertThat(new Share(-2, 2).x()).isEqualTo(-2);
        assertThatThrownBy(() -> new Share(2.01, 0)).hasMessageContaining("outside");
        assertThatThrownBy(() -> new Share(0, -2.01)).hasMessageContaining("outside");
    }

    @Test
    void theNearestAnchorIsThatOfTheThirdInWhichTheMiddleLies() {
        Box frame = new Box(1000, 2000, 300, 600);
        int i = 0;
        for (int down = 0; down < 3; down++) {
            for (int across = 0; across < 3; across++) {
                Box box = new Box(1000 + 100 * across + 49, 2000 + 200 * down + 99, 2, 2);
                assertThat(Anchor.nearest(frame, box)).isEqualTo(Anchor.values()[i++]);
            }
        }
        assertThat(Anchor.nearest(frame, new Box(1095, 2290, 10, 20)))
                .as("on the line, the middle third")
                .isEqualTo(Anchor.CENTRE);
    }

    private static Canvas canvas(int width, int height) {
        return Canvas.of("c", "C", Size.of(width, height), 60);
    }
}
