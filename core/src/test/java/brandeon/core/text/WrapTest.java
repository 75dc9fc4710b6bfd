package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class WrapTest {

    private static final Face FACE = Face.ATKINSON;
    private static final String SENTENCE = "Listen, left of the channel something heavy walked";

    @Test
    void linesHoldAllWordsInOrderAndNoneIsTooLong() {
        List<String> lines = Wrap.lines(FACE, 30, SENTENCE, 260, 9);
        assertThat(String.join(" ", lines)).isEqualTo(SENTENCE);
        assertThat(lines)
                .hasSizeGreaterThan(1)
                .allSatisfy(line -> assertThat(Measure.width(FACE, 30, line)).isLessThanOrEqualTo(260));
    }

    @Test
    void whatIsTooMuchIsShortenedOnTheLastLine() {
        List<String> lines = Wrap.lines(FACE, 30, SENTENCE, 200, 2);
        assertThat(lines).hasSize(2);
        assertThat(lines.getLast()).endsWith("…");
        assertThat(Wrap.lines(FACE, 30, "Heronheronheronheronheronheron", 120, 3))
                .as("a word too long for any line")
                .hasSize(1)
                .first()
                .asString()
                .endsWith("…");
    }

    @Test
    void twoLinesAreNearlyEqualAndLargerThanOneWouldBe() {
        double room = 400;
        List<Fit> two = Wrap.balanced(FACE, SENTENCE, 60, 20, room, 400, 1.14);
        assertThat(two).hasSize(2);
        assertThat(two.getFirst().px())
                .isGreaterThan(Fit.line(FACE, SENTENCE, 60, 20, room).px())
                .isEqualTo(two.getLast().px());
        assertThat(two.getFirst().width()).isCloseTo(two.getLast().width(), within(room * 0.25));
        assertThat(two.getFirst().text() + " " + two.getLast().text()).isEqualTo(SENTENCE);
        assertThat(two).noneMatch(Fit::shortened);
    }

    @Test
    void whatFitsStaysOnOneLineAndSoDoesWhatHasNoRoomBelow() {
        assertThat(Wrap.balanced(FACE, "Reedlight Hide", 40, 20, 900, 400, 1.14))
                .hasSize(1);
        assertThat(Wrap.balanced(FACE, SENTENCE, 60, 10, 400, 44, 1.14))
                .as("two lines would have to be smaller than one")
                .hasSize(1);
        assertThat(Wrap.balanced(FACE, "Reedlighthidereedlighthide", 60, 20, 200, 400, 1.14))
                .as("nowhere to break")
                .hasSize(1);
    }

    /** UAX 29: a letter with its combining marks is one grapheme and is never torn apart. */
    @Test
    void combiningMarksStayWithTheirLetter() {
        String rings = "A\u030a".repeat(30);
        Fit fit = Fit.line(FACE, rings, 40, 40, 300);
        assertThat(fit.shortened()).isTrue();
        String kept = fit.text().substring(0, fit.text().length() - 1);
        assertThat(kept.length() % 2)
                .as("whole pairs of letter and ring: %s", kept)
                .isZero();
        assertThat(kept).endsWith("\u030a");
    }

    /** Right-to-left text is shortened at its logical end; the face lacks it, so the painter clamps the width. */
    @Test
    void rightToLeftTextIsShortenedAtItsEnd() {
        String hebrew = "שלום לכל הציפורים בביצה הערב";
        Fit fit = Fit.line(FACE, hebrew, 40, 40, 200);
        assertThat(fit.shortened()).isTrue();
        assertThat(fit.text()).startsWith("שלום").endsWith("…");
        assertThat(fit.exact()).isFalse();
        assertThat(fit.width()).isLessThanOrEqualTo(200);
    }
}
