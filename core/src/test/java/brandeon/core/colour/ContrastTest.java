package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ContrastTest {

    /** WCAG 2.2, definition of contrast ratio: "can range from 1 to 21". */
    @Test
    void blackOnWhiteIsTwentyOne() {
        assertThat(Contrast.ratio(Colour.BLACK, Colour.WHITE)).isEqualTo(21, within(1e-9));
        assertThat(Contrast.ratio(Colour.WHITE, Colour.WHITE)).isEqualTo(1);
    }

    /**
     * Understanding WCAG 2.2, 1.4.3: #777777 on white, 4.47:1, does not meet 4.5:1 and must not be rounded up; #767676
     * does.
     */
    @Test
    void theLineBetweenPassingAndFailingIsNotRounded() {
        assertThat(Contrast.ratio(Colour.parse("#777777"), Colour.WHITE)).isBetween(4.47, 4.49);
        assertThat(Contrast.ratio(Colour.parse("#767676"), Colour.WHITE)).isGreaterThanOrEqualTo(Contrast.TEXT);
    }

    @Test
    void whatIsNoColourIsRefusedWithASentence() {
        assertThatThrownBy(() -> Colour.parse("lantern"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("lantern")
                .hasMessageContaining("#2f6b4f");
        assertThat(Colour.parse("#abc").hex()).isEqualTo("#aabbcc");
        assertThat(Colour.parse("11223380").hex()).isEqualTo("#11223380");
    }
}
