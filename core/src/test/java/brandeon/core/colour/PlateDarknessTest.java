package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class PlateDarknessTest {

    /**
     * White on black needs grey #767676 or darker behind it for 4.5:1 (WCAG 2.2, a widely published pair). A black
     * plate
     * over white shows 1 - darkness of white, so 118/255 = 46.3 % may remain and 54 % darkness is the least whole one.
     */
    @Test
    void whiteTextOnABlackPlateNeedsFiftyFourPercent() {
        PlateDarkness least = PlateDarkness.least(Colour.WHITE, Colour.BLACK, 4.5);
        assertThat(least.reachable()).isTrue();
        assertThat(least.percent()).isEqualTo(54);
        assertThat(least.overBlack()).isEqualTo(21, within(1e-9));
        assertThat(least.overWhite()).isBetween(4.5, 4.7);
    }

    /** Mirrored: black on #757575 or lighter; 117/255 = 45.9 % of white must come from the plate. */
    @Test
    void blackTextOnAWhitePlateNeedsFortySixPercent() {
        assertThat(PlateDarkness.least(Colour.BLACK, Colour.WHITE, 4.5).percent())
                .isEqualTo(46);
    }

    @Test
    void whereNoDarknessHelpsItSaysWhatWould() {
        PlateDarkness none = PlateDarkness.least(Colour.parse("#777777"), Colour.parse("#555555"), 4.5);
        assertThat(none.reachable()).isFalse();
        assertThat(none.remedies())
                .anySatisfy(remedy -> {
                    assertThat(remedy.kind()).isEqualTo(PlateDarkness.Remedy.Kind.OTHER_TEXT);
                    assertThat(Contrast.ratio(remedy.colour(), Colour.parse("#555555")))
                            .isGreaterThanOrEqualTo(4.5);
                })
                .anySatisfy(remedy -> {
                    assertThat(remedy.kind()).isEqualTo(PlateDarkness.Remedy.Kind.OUTLINE);
                    assertThat(remedy.colour()).isEqualTo(Colour.BLACK);
                });
    }

    /** Whatever footage comes, the promised contrast holds: 200 brands over 200 random footage colours each. */
    @Test
    void theBoundHoldsOverAnyFootage() {
        SplittableRandom random = new SplittableRandom(11);
        for (int brand = 0; brand < 200; brand++) {
            Palette palette = Palette.of(java.util.List.of(Colour.parse("#%06x".formatted(random.nextInt(1 << 24)))));
            Colour text = palette.colour(Role.TEXT);
            Colour plate = palette.colour(Role.PLATE);
            PlateDarkness least = PlateDarkness.least(text, plate, 4.5);
            assertThat(least.reachable()).isTrue();
            for (int i = 0; i < 200; i++) {
                Colour footage = Colour.parse("#%06x".formatted(random.nextInt(1 << 24)));
                assertThat(Contrast.ratio(
                                text, plate.withAlpha(least.percent() / 100.0).over(footage)))
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
    }

    @Test
    void textBetweenBothEndsReadsOnNoFootageForSure() {
        assertThat(PlateDarkness.worst(Colour.parse("#808080"), Colour.BLACK, 0.3))
                .isEqualTo(1);
    }
}
