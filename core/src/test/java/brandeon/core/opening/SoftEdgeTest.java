package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.SourceBox;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.BitSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures whose paint is solid from a known distance (Euclid's) on. */
class SoftEdgeTest {

    private static final int WIDTH = 260;
    private static final int HEIGHT = 190;

    static Stream<Arguments> regions() {
        Area bay = new Area(new Rectangle2D.Double(60, 50, 120, 80));
        bay.subtract(new Area(new Rectangle2D.Double(60, 50, 50, 40)));
        return Stream.of(
                Arguments.of("in the middle", new Rectangle2D.Double(80, 70, 90, 40)),
                Arguments.of("near the upper left", new Rectangle2D.Double(1, 2, 90, 40)),
                Arguments.of("near the lower right", new Rectangle2D.Double(WIDTH - 92, HEIGHT - 42, 90, 40)),
                Arguments.of("round", new Ellipse2D.Double(70, 40, 110, 90)),
                Arguments.of("with a bay", bay));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("regions")
    void anEdgeIsAsSoftAsThePaintTakesToBecomeSolid(String name, Shape shape) {
        for (int fade : new int[] {0, 1, 2, 5, 9, 20, 40}) {
            // Rings grow as an eight-sided figure does, which is a tenth off a circle at most.
            assertThat(measured(shape, fade)).as("%d px", fade).isEqualTo(fade, within(1 + fade * 0.1));
        }
    }

    @Test
    void whatFadesForeverHasNoEdge() {
        assertThat(measured(new Rectangle2D.Double(110, 80, 30, 20), 400)).isZero();
    }

    @Test
    void aSingleLooseThreadIsNoFade() {
        int[] argb = new int[WIDTH * HEIGHT];
        Arrays.fill(argb, 0xff000000);
        // One pixel wide, to the right of the region.
        Arrays.fill(argb, 90 * WIDTH + 150, 90 * WIDTH + 170, 0x80000000);
        BitSet region = new BitSet();
        region.set(0, 70 * 60);
        assertThat(new SoftEdge(argb, WIDTH, HEIGHT, 250).around(new SourceBox(80, 60, 70, 60), region))
                .isZero();
    }

    private static double measured(Shape shape, int fade) {
        Rectangle2D box = shape.getBounds2D();
        int w = (int) box.getWidth();
        BitSet region = new BitSet();
        boolean[] inside = new boolean[WIDTH * HEIGHT];
        for (int y = 0; y < box.getHeight(); y++) {
            for (int x = 0; x < w; x++) {
                if (shape.contains(box.getX() + x + 0.5, box.getY() + y + 0.5)) {
                    region.set(y * w + x);
                    inside[(int) (box.getY() + y) * WIDTH + (int) box.getX() + x] = true;
                }
            }
        }
        boolean[] soft = reached(inside, fade);
        int[] argb = new int[WIDTH * HEIGHT];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = inside[i] ? 0 : soft[i] ? 0x90_000000 : 0xff_000000;
        }
        return new SoftEdge(argb, WIDTH, HEIGHT, 250)
                .around(new SourceBox(box.getX(), box.getY(), w, box.getHeight()), region);
    }

    /** The pixels that are no farther than {@code distance} from one of those inside. */
    private static boolean[] reached(boolean[] inside, int distance) {
        boolean[] near = new boolean[inside.length];
        if (distance > WIDTH) {
            Arrays.fill(near, true);
            return near;
        }
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                if (inside[y * WIDTH + x] && atItsEdge(inside, x, y)) {
                    disc(near, x, y, distance);
                }
            }
        }
        return near;
    }

    private static boolean atItsEdge(boolean[] inside, int x, int y) {
        return x == 0
                || y == 0
                || x == WIDTH - 1
                || y == HEIGHT - 1
                || !inside[y * WIDTH + x - 1]
                || !inside[y * WIDTH + x + 1]
                || !inside[(y - 1) * WIDTH + x]
                || !inside[(y + 1) * WIDTH + x];
    }

    private static void disc(boolean[] near, int x, int y, int radius) {
        for (int ay = Math.max(0, y - radius); ay <= Math.min(HEIGHT - 1, y + radius); ay++) {
            int half = (int) Math.sqrt(radius * radius - (ay - y) * (ay - y));
            Arrays.fill(near, ay * WIDTH + Math.max(0, x - half), ay * WIDTH + Math.min(WIDTH, x + half + 1), true);
        }
    }
}
