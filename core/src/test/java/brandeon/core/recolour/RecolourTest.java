package brandeon.core.recolour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Oklch;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.colour.Spaces;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Pictures here are painted by the test itself, so their colours and areas are known. */
class RecolourTest {

    private static final Palette REEDLIGHT =
            Palette.of(List.of(Colour.parse("#4f8f5b"), Colour.parse("#e8a33d"), Colour.parse("#16283d")));
    private static final Colour RED = Colour.parse("#c0392b");
    private static final Colour BLUE = Colour.parse("#2c6fbb");

    /** A badge: red disc with shading, blue ring, white letters' place, black outline, see-through around it. */
    private static BufferedImage badge() {
        BufferedImage image = new BufferedImage(400, 400, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        disc(graphics, Color.BLACK, 190);
        disc(graphics, new Color(0x2c6fbb), 180);
        disc(graphics, new Color(0xc0392b), 130);
        disc(graphics, Color.WHITE, 40);
        graphics.dispose();
        return image;
    }

    private static void disc(Graphics2D graphics, Color color, int radius) {
        graphics.setColor(color);
        graphics.fillOval(200 - radius, 200 - radius, 2 * radius, 2 * radius);
    }

    @Test
    void mainColoursAndTheirAreasAreFound() {
        List<Cluster> clusters = Clusters.of(badge());
        assertThat(clusters).hasSize(4);
        // Areas of the rings over the area of the whole disc: π cancels out.
        double whole = 190 * 190;
        assertNear(clusters.get(0), BLUE, (180 * 180 - 130 * 130) / whole, false);
        assertNear(clusters.get(1), RED, (130 * 130 - 40 * 40) / whole, false);
        assertNear(clusters.get(2), Colour.BLACK, (190 * 190 - 180 * 180) / whole, true);
        assertNear(clusters.get(3), Colour.WHITE, 40 * 40 / whole, true);
        assertThat(Clusters.of(badge())).as("the same again").isEqualTo(clusters);
    }

    @Test
    void aPictureWithNothingInItHasNoColours() {
        assertThat(Clusters.of(new BufferedImage(20, 20, BufferedImage.TYPE_INT_ARGB)))
                .isEmpty();
    }

    @Test
    void twoColouredArtKeepsItsTwoColours() {
        BufferedImage original = badge();
        List<Cluster> clusters = Clusters.of(original);
        Recolouring proposed = Recolouring.proposed(clusters, false);
        assertThat(proposed.method()).isEqualTo(Recolouring.Method.SHIFT);
        assertThat(proposed.kept()).as("black and white").containsExactly(2, 3);
        assertThat(proposed.roles()).containsExactlyInAnyOrderEntriesOf(Map.of(0, Role.ACCENT, 1, Role.SECOND_ACCENT));
        BufferedImage result =
                Repaint.of(original, proposed.recipe(clusters, REEDLIGHT).mapping());
        assertThat(Difference.ciede2000(at(result, 200, 45), REEDLIGHT.colour(Role.ACCENT)))
                .as("the ring")
                .isLessThan(1);
        assertThat(Difference.ciede2000(at(result, 200, 100), REEDLIGHT.colour(Role.SECOND_ACCENT)))
                .as("the disc")
                .isLessThan(1);
        assertThat(Difference.ciede2000(at(result, 200, 200), Colour.WHITE))
                .as("white stays")
                .isLessThan(1);
        assertThat(Difference.ciede2000(at(result, 200, 14), Colour.BLACK))
                .as("the outline stays")
                .isLessThan(1.5);
        assertThat(result.getRGB(2, 2)).as("see-through stays").isZero();
        assertThat(at(original, 200, 45)).as("the original is not touched").isEqualTo(BLUE);
        assertThat(proposed.landings(
                        clusters,
                        REEDLIGHT,
                        proposed.recipe(clusters, REEDLIGHT).mapping()))
                .hasSize(2)
                .allSatisfy(landing -> assertThat(landing.difference()).isLessThan(1));
    }

    /**
     * Along a soft edge between two colours, every mixture lies between the two results, so that no third colour
     * shows.
     */
    @Test
    void softEdgesStayBetweenTheirTwoColours() {
        Colour green = Colour.parse("#4f8f5b");
        Colour amber = Colour.parse("#e8a33d");
        Mapping mapping =
                new ClusterShift(List.of(new ClusterShift.Move(RED, green), new ClusterShift.Move(BLUE, amber)));
        Spaces.Oklab one = Spaces.oklab(green);
        Spaces.Oklab other = Spaces.oklab(amber);
        double apart = Math.hypot(one.a() - other.a(), one.b() - other.b());
        for (double share = 0; share <= 1; share += 0.05) {
            Colour edge = RED.withAlpha(share).over(BLUE);
            Spaces.Oklab shown = Spaces.oklab(mapping.apply(edge));
            double detour = Math.hypot(shown.a() - one.a(), shown.b() - one.b())
                    + Math.hypot(shown.a() - other.a(), shown.b() - other.b())
                    - apart;
            assertThat(detour)
                    .as(
                            "at %.2f: %s becomes %s",
                            share, edge.hex(), mapping.apply(edge).hex())
                    .isLessThan(0.06);
        }
    }

    /**
     * Where two colours meet, smoothing leaves their mixtures; each becomes the same mixture of the two results (ΔE
     * was up to 33).
     */
    @Test
    void theSeamOfTwoColoursBecomesTheSeamOfTheirResults() {
        Colour green = Colour.parse("#4f8f5b");
        Colour amber = Colour.parse("#e8a33d");
        for (List<ClusterShift.Move> moves : List.of(
                List.of(new ClusterShift.Move(RED, green), new ClusterShift.Move(BLUE, amber)),
                List.of(
                        new ClusterShift.Move(RED, green),
                        new ClusterShift.Move(BLUE, amber),
                        new ClusterShift.Move(Colour.WHITE, Colour.WHITE),
                        new ClusterShift.Move(Colour.BLACK, Colour.BLACK)))) {
            BufferedImage seam = new BufferedImage(101, 1, BufferedImage.TYPE_INT_ARGB);
            for (int x = 0; x <= 100; x++) {
                Colour mixture = RED.withAlpha(x / 100.0).over(BLUE).rounded();
                seam.setRGB(x, 0, 0xff000000 | Integer.parseInt(mixture.hex().substring(1), 16));
            }
            BufferedImage result = Repaint.of(seam, new ClusterShift(moves));
            for (int x = 0; x <= 100; x++) {
                assertThat(Difference.ciede2000(
                                at(result, x, 0), green.withAlpha(x / 100.0).over(amber)))
                        .as("%d %% of %d colours", x, moves.size())
                        .isLessThan(4);
            }
        }
    }

    /** Key-coloured ground was turned into the accent and could no longer be keyed. */
    @Test
    void aGroundThatIsKeyedOutStaysAsItIs() {
        Colour key = Colour.parse("#00ff00");
        List<Cluster> clusters = List.of(
                new Cluster(key, 0.6, false), new Cluster(RED, 0.3, false), new Cluster(Colour.WHITE, 0.1, true));
        Recolouring proposed = Recolouring.proposed(clusters, false, java.util.Optional.of(key));
        assertThat(proposed.roles()).containsExactlyInAnyOrderEntriesOf(Map.of(1, Role.ACCENT));
        assertThat(Difference.ciede2000(
                        proposed.recipe(clusters, REEDLIGHT).mapping().apply(key), key))
                .isLessThan(0.5);
        assertThat(Recolouring.proposed(clusters, false).roles())
                .as("without a key it is a colour as any other")
                .containsEntry(0, Role.ACCENT);
    }

    /** They were said to be tinted, and nothing was done to them. */
    @Test
    void movingWhiteArtIsTonedAndThenFiltered() {
        List<Cluster> clusters =
                List.of(new Cluster(Colour.WHITE, 0.9, true), new Cluster(Colour.parse("#808080"), 0.1, true));
        Recolouring proposed = Recolouring.proposed(clusters, true);
        assertThat(proposed.method()).isEqualTo(Recolouring.Method.FILTER);
        FilterChain chain = proposed.recipe(clusters, REEDLIGHT).filter().orElseThrow();
        assertThat(chain.css()).matches("brightness\\([\\d.]+\\) sepia\\(1\\) hue-rotate.*");
        assertThat(Difference.ciede2000(chain.apply(Colour.WHITE), REEDLIGHT.colour(Role.ACCENT)))
                .isLessThan(2);
        assertThat(chain.apply(Colour.BLACK).hex()).isEqualTo("#000000");
    }

    /** Shades of one colour stay in their order and all take the target's hue. */
    @Test
    void shadingSurvives() {
        BufferedImage ramp = new BufferedImage(200, 40, BufferedImage.TYPE_INT_ARGB);
        for (int x = 0; x < 200; x++) {
            for (int y = 0; y < 40; y++) {
                double light = 0.25 + 0.75 * x / 199;
                ramp.setRGB(
                        x,
                        y,
                        0xff000000
                                | shade(RED.red(), light) << 16
                                | shade(RED.green(), light) << 8
                                | shade(RED.blue(), light));
            }
        }
        Mapping mapping = new ClusterShift(List.of(new ClusterShift.Move(RED, Colour.parse("#4f8f5b"))));
        BufferedImage result = Repaint.of(ramp, mapping);
        double before = -1;
        for (int x = 0; x < 200; x += 4) {
            Oklch shown = Spaces.oklch(at(result, x, 20));
            assertThat(shown.lightness()).as("at %d", x).isGreaterThan(before);
            assertThat(shown.hue())
                    .as("at %d", x)
                    .isCloseTo(Spaces.oklch(Colour.parse("#4f8f5b")).hue(), within(6.0));
            before = shown.lightness();
        }
    }

    /** The same paint under less light (linear), as a picture would be shaded. */
    private static int shade(double part, double light) {
        return (int) Math.round(Spaces.coded(Spaces.linear(part) * light) * 255);
    }

    /** Common practice, no source: a white or grey picture does not change under a hue shift. */
    @Test
    void whiteArtIsTintedSinceAFilterDoesNothingToIt() {
        BufferedImage white = new BufferedImage(60, 60, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = white.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(10, 10, 40, 40);
        graphics.dispose();
        List<Cluster> clusters = Clusters.of(white);
        FilterChain turned = new FilterChain(120, 3, 1);
        assertThat(Difference.ciede2000(turned.apply(Colour.WHITE), Colour.WHITE))
                .isLessThan(0.01);
        Recolouring proposed = Recolouring.proposed(clusters, false);
        assertThat(proposed.method()).isEqualTo(Recolouring.Method.TINT);
        assertThat(Recolouring.reason(clusters, false)).contains("tinted");
        BufferedImage result =
                Repaint.of(white, proposed.recipe(clusters, REEDLIGHT).mapping());
        assertThat(Difference.ciede2000(at(result, 30, 30), REEDLIGHT.colour(Role.ACCENT)))
                .isLessThan(1);
    }

    @Test
    void aTintKeepsBlackAndTheOrderOfGreys() {
        Tint tint = new Tint(Colour.parse("#b0b0b0"), Colour.parse("#4f8f5b"));
        assertThat(tint.apply(Colour.BLACK).hex()).isEqualTo("#000000");
        assertThat(tint.apply(Colour.WHITE).hex()).isEqualTo("#ffffff");
        assertThat(tint.apply(Colour.parse("#b0b0b0")).hex()).isEqualTo("#4f8f5b");
        double before = -1;
        for (int grey = 0; grey < 256; grey += 15) {
            double lightness = Spaces.oklch(tint.apply(Colour.of(grey / 255.0, grey / 255.0, grey / 255.0)))
                    .lightness();
            assertThat(lightness).isGreaterThan(before);
            before = lightness;
        }
    }

    /** Three purples are one colour and two shades of it: they become one green and its shades, in the same order. */
    @Test
    void shadesOfOneHueFollowIt() {
        List<Cluster> purples = List.of(
                new Cluster(Colour.parse("#3b1d63"), 0.5, false),
                new Cluster(Colour.parse("#9b6bd0"), 0.3, false),
                new Cluster(Colour.parse("#7a3fb0"), 0.2, false));
        Recolouring proposed = Recolouring.proposed(purples, false);
        assertThat(proposed.roles()).as("the largest that is not dark leads").containsOnlyKeys(1);
        Mapping mapping = proposed.recipe(purples, REEDLIGHT).mapping();
        List<Oklch> mapped = purples.stream()
                .map(cluster -> Spaces.oklch(mapping.apply(cluster.colour())))
                .toList();
        double green = Spaces.oklch(REEDLIGHT.colour(Role.ACCENT)).hue();
        assertThat(mapped).allSatisfy(colour -> assertThat(colour.hue()).isCloseTo(green, within(16.0)));
        assertThat(mapped.get(0).lightness()).isLessThan(mapped.get(2).lightness());
        assertThat(mapped.get(2).lightness()).isLessThan(mapped.get(1).lightness());
    }

    /** Shades may also be given roles of their own; each is met. */
    @Test
    void shadesWithTheirOwnRolesMeetThem() {
        List<Cluster> purples = List.of(
                new Cluster(Colour.parse("#3b1d63"), 0.5, false), new Cluster(Colour.parse("#9b6bd0"), 0.3, false));
        Recolouring own =
                new Recolouring(Recolouring.Method.SHIFT, Map.of(0, Role.PLATE, 1, Role.SECOND_ACCENT), List.of());
        assertThat(own.landings(
                        purples, REEDLIGHT, own.recipe(purples, REEDLIGHT).mapping()))
                .allSatisfy(landing -> assertThat(landing.difference()).isLessThan(1));
    }

    @Test
    void aFilterIsSolvedForTheMainColour() {
        double[] differences = new double[40];
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < differences.length; i++) {
            Colour from = new Oklch(random.nextDouble(0.4, 0.75), random.nextDouble(0.08, 0.2), random.nextDouble(360))
                    .toColour();
            Colour to = new Oklch(random.nextDouble(0.4, 0.75), random.nextDouble(0.06, 0.12), random.nextDouble(360))
                    .toColour();
            differences[i] = Difference.ciede2000(FilterChain.solve(from, to).apply(from), to);
        }
        Arrays.sort(differences);
        assertThat(differences[20]).as("the median of 40 random pairs").isLessThan(0.5);
        assertThat(differences[36]).as("nine in ten").isLessThan(3);
    }

    @Test
    void movingArtIsFilteredAsItPlays() {
        List<Cluster> clusters = List.of(new Cluster(RED, 0.8, false), new Cluster(Colour.BLACK, 0.2, true));
        Recolouring proposed = Recolouring.proposed(clusters, true);
        assertThat(proposed.method()).isEqualTo(Recolouring.Method.FILTER);
        assertThat(proposed.recipe(clusters, REEDLIGHT).filter().orElseThrow().css())
                .matches("hue-rotate\\([\\d.]+deg\\) saturate\\([\\d.]+\\) brightness\\([\\d.]+\\)");
    }

    /** The lattice against the mapping itself, for colours that lie between its points. */
    @Test
    void theLatticeIsTrueToTheMapping() {
        Mapping mapping = new ClusterShift(List.of(
                new ClusterShift.Move(RED, Colour.parse("#4f8f5b")),
                new ClusterShift.Move(BLUE, Colour.parse("#e8a33d")),
                new ClusterShift.Move(Colour.WHITE, Colour.WHITE)));
        BufferedImage noise = new BufferedImage(100, 100, BufferedImage.TYPE_INT_ARGB);
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 10_000; i++) {
            noise.setRGB(i % 100, i / 100, 0xff000000 | random.nextInt(1 << 24));
        }
        BufferedImage result = Repaint.of(noise, mapping);
        double[] differences = new double[10_000];
        for (int i = 0; i < differences.length; i++) {
            differences[i] =
                    Difference.ciede2000(at(result, i % 100, i / 100), mapping.apply(at(noise, i % 100, i / 100)));
        }
        Arrays.sort(differences);
        assertThat(differences[5000]).as("median").isLessThan(0.5);
        assertThat(differences[9900]).as("99 in 100").isLessThan(3);
    }

    @Test
    void doingNothingChangesNothing() {
        BufferedImage badge = badge();
        BufferedImage same = Repaint.of(badge, colour -> colour);
        for (int i = 0; i < 400 * 400; i++) {
            assertThat(same.getRGB(i % 400, i / 400)).isEqualTo(badge.getRGB(i % 400, i / 400));
        }
    }

    private static Colour at(BufferedImage image, int x, int y) {
        int rgb = image.getRGB(x, y);
        return Colour.of((rgb >> 16 & 255) / 255.0, (rgb >> 8 & 255) / 255.0, (rgb & 255) / 255.0);
    }

    private static void assertNear(Cluster cluster, Colour colour, double share, boolean neutral) {
        assertThat(Difference.ciede2000(cluster.colour(), colour))
                .as("%s", cluster)
                .isLessThan(2);
        assertThat(cluster.share()).as("%s", cluster).isCloseTo(share, within(0.02));
        assertThat(cluster.neutral()).as("%s", cluster).isEqualTo(neutral);
    }
}
