package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class PaletteTest {

    private static final List<Colour> REEDLIGHT = List.of(Colour.parse("#4f8f5b"), Colour.parse("#e8a33d"), Colour.parse("#16283d"));

    @Test
    void contrastHoldsForAnyBrand() {
        SplittableRandom random = new SplittableRandom(7);
        for (int i = 0; i < 2000; i++) {
            List<Colour> seeds = new ArrayList<>();
            for (int n = random.nextInt(1, 6); n > 0; n--) {
                seeds.add(Colour.parse("#%06x".formatted(random.nextInt(1 << 24))));
            }
            Palette palette = Palette.of(seeds);
            for (Role paper : List.of(Role.PLATE, Role.GROUND, Role.HORIZON)) {
                assertThat(ratio(palette, Role.TEXT, paper)).as("text on %s, seeds %s", paper, seeds).isGreaterThanOrEqualTo(4.5);
                assertThat(ratio(palette, Role.QUIET_TEXT, paper)).as("quiet text on %s, seeds %s", paper, seeds).isGreaterThanOrEqualTo(4.5);
            }
            for (Role role : List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.EDGE, Role.ON_AIR)) {
                assertThat(ratio(palette, role, Role.PLATE)).as("%s on plate, seeds %s", role, seeds).isGreaterThanOrEqualTo(3);
            }
        }
    }

    @Test
    void hardBrandsWorkToo() {
        for (String seed : List.of("#000000", "#ffffff", "#808080", "#ffff00", "#0000ff")) {
            assertThat(Palette.of(List.of(Colour.parse(seed))).all()).as(seed).hasSize(Role.values().length)
                    .allSatisfy(role -> assertThat(role.checks()).allMatch(RoleColour.Check::holds));
        }
    }

    @Test
    void aSeedThatAlreadyReadsIsKeptAsItIs() {
        assertThat(Palette.of(REEDLIGHT).colour(Role.ACCENT).hex()).isEqualTo("#4f8f5b");
        assertThat(Palette.of(REEDLIGHT).colour(Role.SECOND_ACCENT).hex()).isEqualTo("#e8a33d");
    }

    @Test
    void aSeedThatIsTooDarkIsLightenedAndKeepsItsHue() {
        Palette palette = Palette.of(List.of(Colour.parse("#0b3d20")));
        RoleColour accent = palette.all().stream().filter(r -> r.role() == Role.ACCENT).findFirst().orElseThrow();
        assertThat(accent.reason()).contains("lightened by");
        assertThat(Math.abs(Spaces.oklch(accent.colour()).hue() - Spaces.oklch(Colour.parse("#0b3d20")).hue())).isLessThan(4);
    }

    @Test
    void aBrandHasOneToFiveSeeds() {
        assertThatThrownBy(() -> Palette.of(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Palette.of(java.util.Collections.nCopies(6, Colour.BLACK))).hasMessageContaining("one to five");
    }

    private static double ratio(Palette palette, Role one, Role other) {
        return Contrast.ratio(palette.colour(one), palette.colour(other));
    }
}
