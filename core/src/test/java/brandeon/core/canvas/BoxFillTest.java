package brandeon.core.canvas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * A box that is filled is laid out as CSS does it: CSS Images Module Level 3, section 5.5 (object-fit: cover) and 5.6
 * (object-position, whose percentages share out what sticks out), https://www.w3.org/TR/css-images-3/ (from memory).
 */
class BoxFillTest {

    @Test
    void bothNotationsShowTheSamePartOfTheCapture() {
        Random random = new Random(45);
        for (int i = 0; i < 300; i++) {
            Size capture = Size.of(320 + random.nextInt(3600), 240 + random.nextInt(2000));
            Box opening = new Box(
                    random.nextInt(900) + random.nextInt(2) * 0.5,
                    random.nextInt(500),
                    80 + random.nextInt(1000),
                    60 + random.nextInt(560));
            int x = random.nextInt(capture.width() - 100);
            int y = random.nextInt(capture.height() - 100);
            CaptureFit fit = CaptureFit.cover(capture, opening, random.nextInt(9), new SourceBox(x, y, 100, 100));
            double bleed = 3;
            CaptureFit same = CaptureFit.cover(capture, opening, bleed, new SourceBox(x, y, 100, 100));
            BoxFill box = BoxFill.of(same, capture, opening, bleed);

            double scale = Math.max((double) box.width() / capture.width(), (double) box.height() / capture.height());
            double left = box.x() - (capture.width() * scale - box.width()) * box.across();
            double top = box.y() - (capture.height() * scale - box.height()) * box.down();
            assertThat(scale).isCloseTo(same.scale(), org.assertj.core.data.Offset.offset(1e-9));
            assertThat(left)
                    .as("left edge of the whole picture, %s in %s", capture, opening)
                    .isCloseTo(
                            same.x() - same.crop().left() * same.scale(), org.assertj.core.data.Offset.offset(2.001));
            assertThat(top)
                    .isCloseTo(same.y() - same.crop().top() * same.scale(), org.assertj.core.data.Offset.offset(2.001));
            assertThat(box.x()).isLessThanOrEqualTo((int) Math.floor(opening.x()));
            assertThat((double) box.x() + box.width()).isGreaterThanOrEqualTo(opening.right());
            assertThat(fit.gap()).isZero();
        }
    }

    @Test
    void whatIsCutEvenlyIsCentred() {
        CaptureFit fit = CaptureFit.cover(Size.of(1280, 720), new Box(100, 100, 300, 300), 0);
        BoxFill box = BoxFill.of(fit, Size.of(1280, 720), new Box(100, 100, 300, 300), 0);
        assertThat(box).isEqualTo(new BoxFill(100, 100, 300, 300, 0.5, 0.5));
        assertThat(box.centred()).isTrue();
    }
}
