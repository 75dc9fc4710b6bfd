package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class PaletteTest {

    private static final List<Colour> REEDLIGHT =
            List.of(Colour.parse("#4f8f5b"), Colour.parse("#e8a33d"), Colour.parse("#16283d"));

    /** Contrast, and distance for every vision, of 10,000 random brands. */
    @Test
    void everyGuaranteeHoldsForAnyBrand() {
        SplittableRandom random = new SplittableRandom(7);
        List<String> alike = new ArrayList<>();
        int seen = 0;
        for (int i = 0; i < 10_000; i++) {
            List<Colour> seeds = new ArrayList<>();
            for (int n = random.nextInt(1, 6); n > 0; n--) {
                seeds.add(Colour.parse("#%06x".formatted(random.nextInt(1 << 24))));
            }
            Palette palette = Palette.of(seeds);
            for (Role paper : List.of(Role.PLATE, Role.GROUND, Role.HORIZON)) {
                holds(palette, Role.TEXT, paper, 4.5, seeds);
                holds(palette, Role.QUIET_TEXT, paper, 4.5, seeds);
            }
            for (Role role :
                    List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.EDGE, Role.ON_AIR, Role.WARNING, Role.GOOD)) {
                holds(palette, role, Role.PLATE, 3, seeds);
                holds(palette, role, Role.GROUND, 3, seeds);
            }
            Map<Role, List<Spaces.Lab>> visions = visions(palette);
            for (ToldApart.Pair pair : ToldApart.PAIRS) {
                for (Vision vision : Vision.values()) {
                    double difference = difference(visions, pair, vision);
                    if (difference < 10) {
                        fail("%s and %s differ by %.2f to %s eyes, seeds %s"
                                .formatted(pair.one(), pair.other(), difference, vision, seeds));
                    }
                }
            }
            alike.addAll(untold(palette, visions));
            seen += ToldApart.WHERE_POSSIBLE.size();
        }
        assertThat(alike).as("no pair that looks alike is kept quiet").isEmpty();
        assertThat(seen).isPositive();
    }

    /** Each role's colour as each vision has it. */
    private static Map<Role, List<Spaces.Lab>> visions(Palette palette) {
        return Stream.of(Role.values())
                .collect(Collectors.toMap(
                        role -> role,
                        role -> Stream.of(Vision.values())
                                .map(vision -> Spaces.lab(vision.seen(palette.colour(role))))
                                .toList()));
    }

    private static double difference(Map<Role, List<Spaces.Lab>> visions, ToldApart.Pair pair, Vision vision) {
        return Difference.ciede2000(
                visions.get(pair.one()).get(vision.ordinal()),
                visions.get(pair.other()).get(vision.ordinal()));
    }

    /** Of pairs that meet on screen: those that look alike to somebody and are not told as a shortfall. */
    private static List<String> untold(Palette palette, Map<Role, List<Spaces.Lab>> visions) {
        List<String> untold = new ArrayList<>();
        for (ToldApart.Pair pair : ToldApart.WHERE_POSSIBLE) {
            double least = Stream.of(Vision.values())
                    .mapToDouble(vision -> difference(visions, pair, vision))
                    .min()
                    .orElseThrow();
            boolean told = palette.shortfalls().stream()
                    .anyMatch(s -> s.role() == pair.one() && s.other() == pair.other()
                            || s.role() == pair.other() && s.other() == pair.one());
            if (least < 10 && !told) {
                untold.add(pair + " " + least);
            }
        }
        return untold;
    }

    @Test
    void theDemosColoursAreAllToldApart() {
        assertThat(Palette.of(REEDLIGHT).shortfalls()).isEmpty();
    }

    /** Black as the only seed gave an accent and an edge of the very same grey. */
    @Test
    void anAccentAndItsEdgeAreNeverTheSame() {
        for (String seed : List.of("#000000", "#ffffff", "#808080", "#4f8f5b")) {
            Palette palette = Palette.of(List.of(Colour.parse(seed)));
            assertThat(Difference.ciede2000(palette.colour(Role.ACCENT), palette.colour(Role.EDGE)))
                    .as(seed)
                    .isGreaterThanOrEqualTo(10);
        }
    }

    /** Two yellows that look the same still give two accents that do not. */
    @Test
    void nearEqualSeedsAreDrivenApart() {
        Palette palette = Palette.of(List.of(Colour.parse("#e8d23d"), Colour.parse("#e9d33c")));
        assertThat(Difference.ciede2000(palette.colour(Role.ACCENT), palette.colour(Role.SECOND_ACCENT)))
                .isGreaterThanOrEqualTo(10);
        assertThat(palette.colour(Role.ACCENT).hex())
                .as("the first seed keeps its place")
                .isEqualTo("#e8d23d");
        assertThat(role(palette, Role.SECOND_ACCENT).reason()).contains("so that nobody takes it for another");
    }

    @Test
    void aPinIsKeptAndTheRestIsSolvedAroundIt() {
        Colour paper = Colour.parse("#f4efe2");
        Palette palette = Palette.of(REEDLIGHT, Map.of(Role.PLATE, paper, Role.GROUND, paper, Role.HORIZON, paper));
        assertThat(palette.colour(Role.PLATE)).isEqualTo(paper);
        assertThat(role(palette, Role.PLATE).pinned()).isTrue();
        assertThat(Contrast.luminance(palette.colour(Role.TEXT)))
                .as("dark text on light paper")
                .isLessThan(0.2);
        assertThat(palette.shortfalls()).isEmpty();
    }

    @Test
    void whatAPinBreaksIsToldWithItsFigure() {
        Palette palette = Palette.of(
                REEDLIGHT,
                Map.of(
                        Role.TEXT,
                        Colour.parse("#405060"),
                        Role.ACCENT,
                        Colour.parse("#4f8f5b"),
                        Role.ON_AIR,
                        Colour.parse("#4f8f5b")));
        assertThat(palette.shortfalls())
                .anySatisfy(shortfall -> {
                    assertThat(shortfall.role()).isEqualTo(Role.TEXT);
                    assertThat(shortfall.measured()).isLessThan(4.5);
                    assertThat(shortfall.sentence()).contains("it needs 4.5:1");
                })
                .anySatisfy(shortfall -> {
                    assertThat(shortfall.other()).isEqualTo(Role.ON_AIR);
                    assertThat(shortfall.sentence()).isEqualTo("Accent and on air differ by 0.0; they need 10.");
                });
    }

    /**
     * A black and a white paper at once leave no text that reads on both at 4.5:1 (√21 is 4.58, so mid grey nearly
     * does).
     */
    @Test
    void papersThatLeaveNoTextAreTold() {
        Palette palette = Palette.of(
                REEDLIGHT,
                Map.of(Role.PLATE, Colour.BLACK, Role.GROUND, Colour.parse("#777777"), Role.HORIZON, Colour.WHITE));
        assertThat(palette.shortfalls()).extracting(Shortfall::role).contains(Role.TEXT);
    }

    @Test
    void hardBrandsWorkToo() {
        for (String seed : List.of("#000000", "#ffffff", "#808080", "#ffff00", "#0000ff")) {
            assertThat(Palette.of(List.of(Colour.parse(seed))).all())
                    .as(seed)
                    .hasSize(Role.values().length)
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
        RoleColour accent = palette.all().stream()
                .filter(r -> r.role() == Role.ACCENT)
                .findFirst()
                .orElseThrow();
        assertThat(accent.reason()).contains("lightened by");
        assertThat(Math.abs(Spaces.oklch(accent.colour()).hue()
                        - Spaces.oklch(Colour.parse("#0b3d20")).hue()))
                .isLessThan(4);
    }

    @Test
    void aBrandHasOneToFiveSeeds() {
        assertThatThrownBy(() -> Palette.of(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Palette.of(java.util.Collections.nCopies(6, Colour.BLACK)))
                .hasMessageContaining("one to five");
    }

    private static void holds(Palette palette, Role one, Role other, double least, List<Colour> seeds) {
        double ratio = Contrast.ratio(palette.colour(one), palette.colour(other));
        if (ratio < least) {
            fail("%s on %s is %.3f, seeds %s".formatted(one, other, ratio, seeds));
        }
    }

    private static RoleColour role(Palette palette, Role role) {
        return palette.all().stream().filter(r -> r.role() == role).findFirst().orElseThrow();
    }
}
