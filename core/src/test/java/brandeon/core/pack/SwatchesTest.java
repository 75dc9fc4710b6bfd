package brandeon.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches.Format;
import brandeon.core.pack.Swatches.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SwatchesTest {

    @ParameterizedTest
    @EnumSource(Format.class)
    void everyColourComesBackInItsPlace(Format format) {
        SplittableRandom random = new SplittableRandom(9);
        List<Swatch> all = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            all.add(new Swatch(
                    "Reed & <sedge> \"" + i + "\"", Colour.parse("#%06x".formatted(random.nextInt(1 << 24)))));
        }
        String text = new Swatches("Marsh, \"winter\" & <spring>", all).write(format);
        assertThat(Swatches.formatOf(text)).isEqualTo(format);
        assertThat(Swatches.read(text).all())
                .extracting(swatch -> swatch.colour().hex())
                .containsExactlyElementsOf(
                        all.stream().map(swatch -> swatch.colour().hex()).toList());
    }

    /** Written from the description of the GIMP palette format (developer.gimp.org, "GPL files"; from memory). */
    @Test
    void aGimpPaletteWithCommentsAndTabsIsRead() {
        Swatches read = Swatches.read(
                "GIMP Palette\nName: Salt marsh\nColumns: 16\n# made by hand\n 79 143  91\tReed green\n232 163 61 Lantern\n0 0 0\n");
        assertThat(read.name()).isEqualTo("Salt marsh");
        assertThat(read.all())
                .containsExactly(
                        new Swatch("Reed green", Colour.parse("#4f8f5b")),
                        new Swatch("Lantern", Colour.parse("#e8a33d")),
                        new Swatch("", Colour.BLACK));
    }

    /**
     * After the examples of the Design Tokens colour module 2025.10: spaces, opacity, groups that hand down their
     * type, aliases (from memory).
     */
    @Test
    void designTokensOfOtherToolsAreRead() {
        Swatches read = Swatches.read("""
                { "palette": { "$type": "color",
                    "reed": { "$value": { "colorSpace": "srgb", "components": [0.309804, 0.560784, 0.356863] } },
                    "dusk": { "$value": { "colorSpace": "oklch", "components": [0.6, 0.1, 146], "alpha": 0.5 } },
                    "old": { "$value": "#e8a33d" } },
                  "frame": { "edge": { "$type": "color", "$value": "{palette.reed}" } },
                  "gap": { "$type": "dimension", "$value": { "value": 8, "unit": "px" } } }""");
        assertThat(read.all())
                .extracting(Swatch::name)
                .containsExactly("palette.reed", "palette.dusk", "palette.old", "frame.edge");
        assertThat(read.all().get(0).colour().hex()).isEqualTo("#4f8f5b");
        assertThat(read.all().get(1).colour().rounded())
                .isEqualTo(Colour.parse("oklch(60% 0.1 146 / 0.5)").rounded());
        assertThat(read.all().get(3).colour()).isEqualTo(read.all().get(0).colour());
    }

    @Test
    void customPropertiesAreReadWhereverTheyStand() {
        Swatches read = Swatches.read(
                "/* --ghost: #fff; */ :root { --reed: seagreen; --gap: 4px; --font: \"Reed\", serif; --ref: var(--reed) }\n@media print { :root { --ink: rgb(0 0 0 / 50%); } }");
        assertThat(read.all())
                .containsExactly(
                        new Swatch("reed", Colour.parse("#2e8b57")), new Swatch("ink", Colour.BLACK.withAlpha(0.5)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '~',
            value = {
                "GIMP Palette|Name: x|1 2 3 a|300 0 0 b; Line 4: 300 is more than 255",
                "GIMP Palette|1 2; Line 2: three numbers",
                "{|\"a\": {,}}; Line 2:",
                "{\"a\":{\"$type\":\"color\",\"$value\":\"{b}\"}}; Token “a” points to “b”, which is no colour",
                "{\"a\":{\"$type\":\"color\",\"$value\":\"{b}\"},\"b\":{\"$type\":\"color\",\"$value\":\"{a}\"}}; points back",
                "{\"a\":{\"$type\":\"color\",\"$value\":{\"colorSpace\":\"srgb\",\"components\":[1,2]}}}; Token “a”: three components",
                ":root {|  --reed: #12345/EOC/}; Line 2: “#12345” is not a colour",
                ":root { --reed: #123456/EOC/; a brace is missing",
                "<svg xmlns='http://www.w3.org/2000/svg'>|<rect></svg>; line 2",
                "<svg xmlns='http://www.w3.org/2000/svg'/>; no colour in this file",
                "just words; no palette that can be read"
            })
    void aMalformedFileSaysLineAndReason(String text, String sentence) {
        assertThatThrownBy(() -> Swatches.read(text.replace("|", "\n").replace("/EOC/", ";")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(sentence);
    }
}
