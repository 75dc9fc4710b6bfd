package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Conversions, contrast and difference against colorjs.io 0.7.1, an implementation of CSS Color 4 (W3C) and WCAG 2
 * independent of this one. Its values are written by core/src/test/oracle/colours.mjs.
 */
class ColourReferenceTest {

    private static final String REFERENCE = "/brandeon/core/colour/reference.csv";

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = REFERENCE, numLinesToSkip = 1)
    void conversionsAgreeWithCssColor4(
            String hex,
            double okL,
            double okA,
            double okB,
            double lchL,
            double lchC,
            double lchH,
            double labL,
            double labA,
            double labB) {
        Colour colour = Colour.parse(hex);
        assertThat(Spaces.oklab(colour).lightness()).isEqualTo(okL, within(1e-6));
        assertThat(Spaces.oklab(colour).a()).isEqualTo(okA, within(1e-6));
        assertThat(Spaces.oklab(colour).b()).isEqualTo(okB, within(1e-6));
        assertThat(Spaces.oklch(colour).chroma()).isEqualTo(lchC, within(1e-5));
        if (lchC > 0.001) {
            assertThat(Spaces.oklch(colour).hue()).isEqualTo(lchH, within(1e-2));
        }
        assertThat(Spaces.lab(colour).lightness()).isEqualTo(labL, within(1e-4));
        assertThat(Spaces.lab(colour).a()).isEqualTo(labA, within(1e-3));
        assertThat(Spaces.lab(colour).b()).isEqualTo(labB, within(1e-3));
    }

    @ParameterizedTest(name = "{0} and {10}")
    @CsvFileSource(resources = REFERENCE, numLinesToSkip = 1)
    void contrastAndDifferenceAgree(
            String hex,
            String b,
            String c,
            String d,
            String e,
            String f,
            String g,
            String h,
            String i,
            String j,
            String other,
            double contrast,
            double difference) {
        assertThat(Contrast.ratio(Colour.parse(hex), Colour.parse(other))).isEqualTo(contrast, within(0.002));
        assertThat(Difference.ciede2000(Colour.parse(hex), Colour.parse(other))).isEqualTo(difference, within(0.001));
    }

    /** Gamut mapping by CSS Color 4, section 13.2; both sides search, so a step or two of eight bits may differ. */
    @ParameterizedTest(name = "oklch({13} {14} {15})")
    @CsvFileSource(resources = REFERENCE, numLinesToSkip = 1)
    void coloursOutsideSrgbAreMappedAsCssDoes(
            String hex,
            String b,
            String c,
            String d,
            String e,
            String f,
            String g,
            String h,
            String i,
            String j,
            String k,
            String l,
            String m,
            double lightness,
            double chroma,
            double hue,
            String mapped) {
        Colour ours = new Oklch(lightness, chroma, hue).toColour();
        assertThat(Difference.ciede2000(ours, Colour.parse(mapped))).isLessThan(0.7);
    }
}
