package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.colour.Spaces.Lab;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferenceTest {

    /**
     * Pairs of Sharma, Wu and Dalal (2005), table 1; from memory. They probe hue wrapping, greys and the blue
     * rotation.
     */
    @ParameterizedTest
    @CsvSource({
        "50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425",
        "50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615",
        "50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412",
        "50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000",
        "50, 0, 0, 50, -1, 2, 2.3669",
        "50, 2.5, 0, 73, 25, -18, 27.1492",
        "50, 2.5, 0, 61, -5, 29, 22.8977",
        "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
        "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082"
    })
    void agreesWithThePublishedPairs(
            double l1, double a1, double b1, double l2, double a2, double b2, double published) {
        assertThat(Difference.ciede2000(new Lab(l1, a1, b1), new Lab(l2, a2, b2)))
                .isEqualTo(published, within(0.00006));
        assertThat(Difference.ciede2000(new Lab(l2, a2, b2), new Lab(l1, a1, b1)))
                .as("the other way round")
                .isEqualTo(published, within(0.00006));
    }

    /** Where lightness alone decides, the rest of the formula would have said the same. */
    @Test
    void whetherColoursDifferEnoughIsWhatTheirDifferenceSays() {
        SplittableRandom random = new SplittableRandom(11);
        int enough = 0;
        for (int i = 0; i < 20_000; i++) {
            Lab one = new Lab(random.nextDouble(0, 100), random.nextDouble(-90, 90), random.nextDouble(-110, 90));
            double near = random.nextDouble(0, 60);
            Lab other = new Lab(
                    Math.clamp(one.lightness() + random.nextDouble(-0.5, 0.5) * near, 0, 100),
                    one.a() + random.nextDouble(-0.5, 0.5) * near,
                    one.b() + random.nextDouble(-0.5, 0.5) * near);
            double difference = Difference.ciede2000(one, other);
            assertThat(Difference.atLeast(10, one, other))
                    .as("%s, %s", one, other)
                    .isEqualTo(difference >= 10);
            enough += difference >= 10 ? 1 : 0;
        }
        assertThat(enough).as("both happen often").isBetween(4_000, 16_000);
    }
}
