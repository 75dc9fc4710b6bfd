package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Notations against colorjs.io 0.7.1, an independent implementation of CSS Color 4 (W3C); values by
 * core/src/test/oracle/notations.mjs.
 */
class CssColourTest {

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/brandeon/core/colour/notations.csv", delimiter = ';', numLinesToSkip = 1)
    void everyNotationOfCssColor4IsRead(String text, double red, double green, double blue, double alpha) {
        Colour colour = Colour.parse(text.replace("%23", "#"));
        // Colours outside sRGB are mapped by a search on both sides.
        assertThat(Difference.ciede2000(colour.withAlpha(1), Colour.of(clamped(red), clamped(green), clamped(blue))))
                .isLessThan(0.15);
        assertThat(colour.alpha()).isEqualTo(alpha, within(1e-9));
    }

    @ParameterizedTest(name = "“{0}”")
    @ValueSource(
            strings = {
                "",
                "#",
                "#12",
                "#12345",
                "#gggggg",
                "reedgreen",
                "rgb(1 2)",
                "rgb(1, 2 / 3)",
                "rgb(1 2 3 / 4 / 5)",
                "rgb(1deg 2 3)",
                "hsl(20px 10% 10%)",
                "color(reed 1 2 3)",
                "oklch(50% 0.1 30",
                "currentcolor",
                "rgb(1 2 3 4)",
                "calc(1)",
                "rgb(a b c)",
                "color()",
                "rgb()",
                "lab(, , )"
            })
    void whatIsNoColourIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> Colour.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("is not a colour; write it like");
    }

    private static double clamped(double part) {
        return Math.clamp(part, 0, 1);
    }
}
