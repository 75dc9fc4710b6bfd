package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Against the definition (Serra, Image Analysis and Mathematical Morphology, 1982): every pixel of every square looked
 * at.
 */
class SquaresTest {

    @Test
    void growingAndShrinkingAreWhatTheyAreDefinedAs() {
        SplittableRandom random = new SplittableRandom(4);
        for (int i = 0; i < 60; i++) {
            int width = random.nextInt(1, 40);
            int height = random.nextInt(1, 30);
            int radius = random.nextInt(1, 5);
            BitSet set = new BitSet();
            int every = random.nextInt(2, 60);
            for (int p = 0; p < width * height; p++) {
                set.set(p, random.nextInt(every) == 0);
            }
            BitSet whole = new BitSet();
            whole.set(0, width * height);
            BitSet holes = (BitSet) whole.clone();
            holes.andNot(set);
            for (BitSet each : new BitSet[] {set, holes, whole}) {
                assertThat(Squares.grown(each, width, height, radius))
                        .as("%d × %d by %d", width, height, radius)
                        .isEqualTo(someNear(each, width, height, radius));
                BitSet without = (BitSet) whole.clone();
                without.andNot(each);
                BitSet far = (BitSet) whole.clone();
                far.andNot(someNear(without, width, height, radius));
                assertThat(Squares.shrunk(each, width, height, radius)).isEqualTo(far);
            }
        }
    }

    private static BitSet someNear(BitSet set, int width, int height, int radius) {
        BitSet near = new BitSet();
        for (int p = 0; p < width * height; p++) {
            int x = p % width;
            int y = p / width;
            near.set(
                    p,
                    set.stream().anyMatch(q -> Math.abs(q % width - x) <= radius && Math.abs(q / width - y) <= radius));
        }
        return near;
    }
}
