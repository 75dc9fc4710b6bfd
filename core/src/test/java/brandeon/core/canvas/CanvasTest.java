package brandeon.core.canvas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CanvasTest {

    /** Picture sizes of ITU-R BT.709 (1920×1080) and BT.2020 (3840×2160); 1440p is 2560×1440, 720p is 1280×720 (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"1280, 720, WIDE, 0.6667", "1920, 1080, WIDE, 1", "2560, 1440, WIDE, 1.3333", "3840, 2160, WIDE, 2", "1080, 1920, UPRIGHT, 1", "1080, 1080, SQUARE, 1"})
    void broadcastSizesHaveTheirShapeAndUnit(int width, int height, Shape shape, double unit) {
        Canvas canvas = new Canvas("c", "C", Size.of(width, height), 60);
        assertThat(canvas.shape()).isEqualTo(shape);
        assertThat(canvas.unit()).isEqualTo(unit, within(0.0001));
    }

    @Test
    void unitsComeBackToTheSamePixels() {
        Canvas canvas = new Canvas("c", "C", Size.of(2560, 1440), 60);
        Box box = new Box(101, 33, 407, 299);
        assertThat(canvas.pixels(canvas.units(box))).isEqualTo(box);
    }

    @Test
    void sizesOutOfRangeAreRefused() {
        assertThatThrownBy(() -> Size.of(0, 10)).hasMessageContaining("at least 1");
        assertThatThrownBy(() -> new Canvas("c", "C", Size.of(60000, 60000), 60)).hasMessageContaining("7680");
        assertThatThrownBy(() -> new Canvas("c", "C", Size.of(1920, 1080), 0)).hasMessageContaining("frame rate");
    }

    /** EBU R 95 for 1920×1080: action safe begins 67 pixels and 38 lines in, graphics safe 96 pixels and 54 lines in (from memory). */
    @Test
    void safeAreasAreThoseOfEbuR95() {
        Box action = SafeArea.ACTION.within(Size.of(1920, 1080));
        Box graphics = SafeArea.GRAPHICS.within(Size.of(1920, 1080));
        assertThat(Math.round(action.x())).isEqualTo(67);
        assertThat(Math.round(action.y())).isEqualTo(38);
        assertThat(Math.round(graphics.x())).isEqualTo(96);
        assertThat(Math.round(graphics.y())).isEqualTo(54);
    }

    /** SMPTE ST 2046-1: safe action is 93 % and safe title 90 % of width and height (from memory). */
    @Test
    void safeAreasAreThoseOfSmpteSt2046() {
        Size uhd = Size.of(3840, 2160);
        assertThat(SafeArea.ACTION.within(uhd).width() / uhd.width()).isEqualTo(0.93, within(1e-9));
        assertThat(SafeArea.GRAPHICS.within(uhd).height() / uhd.height()).isEqualTo(0.90, within(1e-9));
    }

    @Test
    void aBoxKnowsHowFarItSticksOut() {
        Box canvas = new Box(0, 0, 100, 100);
        assertThat(new Box(90, 10, 30, 10).outside(canvas)).isEqualTo(20);
        assertThat(new Box(-7, 10, 30, 10).outside(canvas)).isEqualTo(7);
        assertThat(new Box(10, 10, 30, 10).outside(canvas)).isZero();
        assertThatThrownBy(() -> new Box(0, 0, -1, 5)).isInstanceOf(IllegalArgumentException.class);
    }
}
