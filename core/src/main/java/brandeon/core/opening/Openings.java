package brandeon.core.opening;

import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Spaces;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * Finds the openings of a ready-made frame picture: regions that show through and do not reach the picture's edge.
 *
 * A pixel shows through when less than half of it is painted (alpha below {@value #THRESHOLD}), which puts the edge of
 * a soft border in its middle. Regions are joined over edges, not over corners (4-neighbourhood). Regions below one
 * part in a thousand of the picture are ornament, not openings. A picture without see-through parts may mark its
 * opening with a flat strong colour, as is done for keying; that is found too, and said.
 *
 * Not covered: openings that reach the edge of the picture, and openings that a semi-transparent pane fills.
 *
 * @param openings largest first
 * @param reason   why there is none, or what is particular; empty when openings were found as usual
 * @param key      the colour that marks the openings, where they are not see-through
 */
public record Openings(List<FoundOpening> openings, String reason, Optional<Colour> key) {

    /** Not looked for. */
    public static final Openings NONE = new Openings(List.of(), "", Optional.empty());

    private static final int THRESHOLD = 128;
    private static final double LEAST_SHARE = 0.001;
    /** A keying colour covers at least this share, and is stronger than what pictures usually hold. */
    private static final double LEAST_KEY_SHARE = 0.02;
    private static final double LEAST_KEY_CHROMA = 0.18;
    /** Steps of eight bits that a keying colour may vary, as soft borders and JPEG make it. */
    private static final int KEY_SPREAD = 40;

    public Openings {
        openings = List.copyOf(openings);
    }

    /** @param image with or without opacity, not premultiplied */
    public static Openings in(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] argb = image.getRGB(0, 0, width, height, null, 0, width);
        Found clear = found(argb, width, height, pixel -> pixel >>> 24 < THRESHOLD);
        if (!clear.enclosed().isEmpty()) {
            return new Openings(clear.enclosed(), "", Optional.empty());
        }
        Optional<Integer> key = keyColour(argb);
        if (key.isPresent()) {
            Found keyed = found(argb, width, height, pixel -> near(pixel, key.get()));
            if (!keyed.enclosed().isEmpty()) {
                Colour colour = Colour.parse(String.format(Locale.ROOT, "#%06x", key.get()));
                return new Openings(keyed.enclosed(), "Nothing in this picture is see-through; its opening is filled with " + colour.hex() + ". Save it with that colour removed, or the capture stays hidden.", Optional.of(colour));
            }
        }
        return new Openings(List.of(), clear.open()
                ? "The see-through part of this picture reaches its edge, so nothing is enclosed that a capture could show through."
                : "Nothing in this picture is see-through, so a capture behind it cannot be seen.", Optional.empty());
    }

    /** @param open whether some large region reaches the edge */
    private record Found(List<FoundOpening> enclosed, boolean open) {
    }

    private static Found found(int[] argb, int width, int height, IntPredicate shows) {
        Regions regions = Regions.of(argb, width, height, shows);
        List<FoundOpening> enclosed = new ArrayList<>();
        boolean open = false;
        for (Regions.Region region : regions.all()) {
            if (region.area() < LEAST_SHARE * width * height) {
                continue;
            }
            if (region.touchesEdge()) {
                open = true;
            } else {
                enclosed.add(measured(region, regions));
            }
        }
        enclosed.sort(Comparator.comparingLong(FoundOpening::area).reversed());
        return new Found(enclosed, open);
    }

    private static FoundOpening measured(Regions.Region region, Regions regions) {
        Box box = region.box();
        Contours.Match match = Contours.match(region.spans(), box.width());
        Aspect aspect = Aspect.nearest(box.width() / box.height());
        return new FoundOpening(box, regions.largestInside(region), region.area(), match.contour(), match.corner(), aspect, Math.abs(box.width() / box.height() / aspect.ratio() - 1));
    }

    /** The strong flat colour that covers most, if one covers enough. */
    private static Optional<Integer> keyColour(int[] argb) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int pixel : argb) {
            counts.merge(pixel & 0xf8f8f8, 1, Integer::sum);
        }
        return counts.entrySet().stream().filter(entry -> entry.getValue() >= LEAST_KEY_SHARE * argb.length)
                .filter(entry -> Spaces.oklch(Colour.parse(String.format(Locale.ROOT, "#%06x", entry.getKey()))).chroma() >= LEAST_KEY_CHROMA)
                .max(Map.Entry.comparingByValue()).map(entry -> commonest(argb, entry.getKey()));
    }

    private static int commonest(int[] argb, int bin) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int pixel : argb) {
            if ((pixel & 0xf8f8f8) == bin) {
                counts.merge(pixel & 0xffffff, 1, Integer::sum);
            }
        }
        return counts.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
    }

    private static boolean near(int pixel, int key) {
        return Math.abs((pixel >> 16 & 255) - (key >> 16 & 255)) <= KEY_SPREAD && Math.abs((pixel >> 8 & 255) - (key >> 8 & 255)) <= KEY_SPREAD && Math.abs((pixel & 255) - (key & 255)) <= KEY_SPREAD;
    }
}
