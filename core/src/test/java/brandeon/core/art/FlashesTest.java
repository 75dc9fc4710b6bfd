package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Easing;
import brandeon.core.motion.FlashMeter;
import brandeon.core.motion.Track;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pieces that blink, judged by WCAG 2.3.1 (see FlashMeterTest for the thresholds themselves). */
class FlashesTest {

    private static final Size CANVAS = Size.of(1920, 1080);

    /** A white plate that blinks so many times a second. */
    private static FlashMeter.Worst blinking(Box plate, double timesASecond, Easing easing) {
        Mark white = new Mark.Filled(Outline.rectangle(plate), Paint.of(Colour.WHITE));
        Track blink = new Track(
                "plate",
                List.of(Track.Key.still(0), Track.Key.still(1).faded(0)),
                easing,
                500 / timesASecond,
                0,
                Track.FOREVER,
                true,
                0);
        return Flashes.worst(
                new PieceArt(List.of(Mark.group("plate", List.of(white))), List.of(blink), List.of()), CANVAS, 1, 4000);
    }

    @Test
    void aLargePlateThatBlinksFiveTimesASecondIsTooMuchAndTwoTimesIsNot() {
        Box large = new Box(200, 200, 1200, 600);
        assertThat(blinking(large, 5, Easing.LINEAR)).satisfies(worst -> {
            assertThat(worst.flashes()).isEqualTo(5);
            assertThat(worst.tooMany()).isTrue();
        });
        assertThat(blinking(large, 2, Easing.EASE_IN_OUT).flashes()).isEqualTo(2);
    }

    @Test
    void aSmallOneMayBlink() {
        assertThat(blinking(new Box(200, 200, 160, 160), 8, Easing.LINEAR).tooMany())
                .isFalse();
    }

    @Test
    void whatIsOnlySeenOverDarkFootageCountsToo() {
        Mark black = new Mark.Filled(Outline.rectangle(new Box(0, 0, 1920, 1080)), Paint.of(Colour.BLACK));
        Track blink = new Track(
                "p",
                List.of(Track.Key.still(0), Track.Key.still(1).faded(0)),
                Easing.LINEAR,
                100,
                0,
                Track.FOREVER,
                true,
                0);
        assertThat(Flashes.worst(
                                new PieceArt(List.of(Mark.group("p", List.of(black))), List.of(blink), List.of()),
                                CANVAS,
                                1,
                                2000)
                        .tooMany())
                .as("black over white footage")
                .isTrue();
    }
}
