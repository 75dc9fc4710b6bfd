package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class NameColoursTest {

    /** WCAG 2.2, success criterion 1.4.3: 4.5 to 1. */
    @Test
    void everyNameIsReadOnEveryGround() {
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < 300; i++) {
            Colour ground = Colour.of(random.nextDouble(), random.nextDouble(), random.nextDouble());
            for (Colour colour : NameColours.all(ground)) {
                // No colour at all reads better on a middle ground than black or white does.
                double most = Math.max(Contrast.ratio(Colour.WHITE, ground), Contrast.ratio(Colour.BLACK, ground));
                assertThat(Contrast.ratio(colour, ground))
                        .as("%s on %s", colour, ground)
                        .isGreaterThanOrEqualTo(Math.min(4.5, most) - 0.01);
            }
        }
    }

    /** CIEDE2000 of 5 and more is seen as another colour at a glance (common practice, no source). */
    @Test
    void theyAreToldApart() {
        for (Colour ground : List.of(Colour.parse("#0d1b2a"), Colour.parse("#000000"), Colour.parse("#f4efe4"))) {
            List<Colour> all = NameColours.all(ground);
            for (int i = 0; i < all.size(); i++) {
                for (int k = 0; k < i; k++) {
                    assertThat(Difference.ciede2000(all.get(i), all.get(k)))
                            .as("%s and %s on %s", all.get(i), all.get(k), ground)
                            .isGreaterThan(5);
                }
            }
        }
    }

    @Test
    void aNameKeepsItsColourAndNamesSpread() {
        Colour ground = Colour.parse("#0d1b2a");
        assertThat(NameColours.of("Ilse Fenn", ground)).isEqualTo(NameColours.of("Ilse Fenn", ground));
        Set<Colour> used = new HashSet<>();
        IntStream.range(0, 60).forEach(i -> used.add(NameColours.of("viewer" + i, ground)));
        assertThat(used).hasSize(NameColours.COUNT);
    }
}
