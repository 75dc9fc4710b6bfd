package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class FitTest {

    private static final Face FACE = Face.BARLOW_CONDENSED;

    @Test
    void aShortNameKeepsItsSize() {
        Fit fit = Fit.line(FACE, "Ilse", 40, 20, 300);
        assertThat(fit.px()).isEqualTo(40);
        assertThat(fit.shortened()).isFalse();
        assertThat(fit.exact()).isTrue();
    }

    @Test
    void aLongNameShrinksBeforeItIsShortened() {
        Fit fit = Fit.line(FACE, "Wren of the Lower Salt Quay", 40, 20, 300);
        assertThat(fit.px()).isBetween(20.0, 39.9);
        assertThat(fit.shortened()).isFalse();
        assertThat(fit.width()).isLessThanOrEqualTo(300.001);
    }

    @Test
    void aVeryLongNameIsShortenedWithAnEllipsisAndNeverSpills() {
        Fit fit = Fit.line(FACE, "saltmarsh ".repeat(30), 40, 20, 300);
        assertThat(fit.px()).isEqualTo(20);
        assertThat(fit.text()).endsWith("…").hasSizeLessThan(60);
        assertThat(Measure.width(FACE, fit.px(), fit.text())).isLessThanOrEqualTo(300);
    }

    @Test
    void aLetterWithItsAccentsIsNeverCutInTwo() {
        String name = "e\u0301".repeat(80);
        Fit fit = Fit.line(FACE, name, 40, 20, 120);
        String kept = fit.text().substring(0, fit.text().length() - 1);
        assertThat(kept.length() % 2)
                .as("base letters and accents stay together in %s", kept)
                .isZero();
    }

    @Test
    void aCharacterOutsideTheFaceIsMarkedAsApproximate() {
        assertThat(Fit.line(FACE, "heron 🪶", 40, 20, 300).exact()).isFalse();
    }

    @Test
    void widthGrowsWithSizeAndKerningCounts() {
        assertThat(Measure.width(FACE, 80, "Reedlight")).isEqualTo(2 * Measure.width(FACE, 40, "Reedlight"));
        double apart = Measure.width(Face.FRAUNCES, 100, "A") + Measure.width(Face.FRAUNCES, 100, "V");
        assertThat(Measure.width(Face.FRAUNCES, 100, "AV")).isLessThan(apart);
    }

    @Test
    void messagesKnowPluralsAndMissingValues() {
        Message message = new Message("{name} for {months, plural, one {# month} other {# months}}");
        assertThat(message.values()).containsExactly("months", "name");
        // CLDR plural rules for English: one for 1, other for everything else.
        assertThat(message.format(Map.of("name", "Tavi", "months", 1))).isEqualTo("Tavi for 1 month");
        assertThat(message.format(Map.of("name", "Tavi", "months", 12))).isEqualTo("Tavi for 12 months");
        assertThat(message.format(Map.of())).isEqualTo("– for 0 months");
    }

    @Test
    void aMistakeInBracesIsToldAtOnce() {
        assertThatThrownBy(() -> new Message("Latest: {name"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("braces");
    }
}
