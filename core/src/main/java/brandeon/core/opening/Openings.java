package brandeon.core.opening;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Pixels;
import brandeon.core.colour.Spaces;
import brandeon.core.opening.FoundOpening.Contour;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Finds the openings of a ready-made frame picture: regions that show through and do not reach the picture's edge.
 *
 * A pixel shows through when less than half of it is painted (alpha below {@value #THRESHOLD}), which puts the edge of
 * a soft border in its middle. Regions are joined over edges, not over corners (4-neighbourhood). Regions below one
 * part in a thousand of the picture are ornament, not openings. Where nothing is enclosed so, three more things are
 * looked for, and said: a region that only a thin slit joins to the outside, a region under an even pane that lets less
 * than half through, and a flat strong colour, as is used for keying.
 *
 * Not covered, and so drawn by hand: openings that reach the edge of the picture over more than a slit.
 *
 * @param openings largest first
 * @param reason   why there is none, or what is particular; empty when openings were found as usual
 * @param key      the colour that marks the openings, where they are not see-through
 */
public record Openings(List<FoundOpening> openings, String reason, Optional<Colour> key) {

    /** Not looked for. */
    public static final Openings NONE = new Openings(List.of(), "", Optional.empty());

    private static final int THRESHOLD = 128;
    /** Alpha from which on nothing is seen of what lies below (an eighth of what can be told apart, chosen here). */
    private static final int SOLID = 250;
    /** A pane that covers more than this lets too little through to be meant as one. */
    private static final int THICKEST_PANE = 230;

    private static final double LEAST_SHARE = 0.001;
    /**
     * What a slit or a pane encloses is an opening only when it is this large a share of the picture; smaller ones are
     * not spoken of.
     */
    private static final double LEAST_DOUBTFUL_SHARE = 0.02;
    /** A slit is at most twice this share of the shorter side wide. */
    private static final double SLIT_SHARE = 0.006;
    /** A region that fills less of its own extent is a border around something, no opening. */
    private static final double LEAST_FILLED = 0.75;
    /** A keying colour covers at least this share, and is stronger than what pictures usually hold. */
    private static final double LEAST_KEY_SHARE = 0.02;

    private static final double LEAST_KEY_CHROMA = 0.18;
    /** Steps of eight bits that a keying colour may vary, as soft borders and JPEG make it. */
    private static final int KEY_SPREAD = 40;
    /** A free part within the box counts from this share of it on; less is smoothing. */
    private static final double LEAST_BARE = 0.0008;

    public Openings {
        openings = List.copyOf(openings);
    }

    /** @param image with or without opacity, not premultiplied */
    public static Openings in(BufferedImage image) {
        return new Search(image).openings();
    }

    /** As found in a picture of another size. */
    public Openings scaled(double by) {
        return by == 1
                ? this
                : new Openings(
                        openings.stream().map(opening -> opening.scaled(by)).toList(), reason, key);
    }

    /**
     * Each thing about the openings that whoever uses the picture should know, as sentences. Of openings that are a
     * small share of it nothing is said: a bay in an ornament is free, but no capture is meant to show there.
     *
     * @param pixels of the whole picture
     */
    public List<String> notes(long pixels) {
        List<String> notes = new ArrayList<>();
        if (!reason.isEmpty()) {
            notes.add(reason);
        }
        for (int i = 0; i < openings.size(); i++) {
            FoundOpening opening = openings.get(i);
            if (opening.area() < LEAST_DOUBTFUL_SHARE * pixels) {
                continue;
            }
            String which = openings.size() == 1 ? "the opening" : "opening " + (i + 1);
            if (opening.slit() > 0) {
                notes.add(String.format(
                        Locale.ROOT,
                        "A slit of at most %.0f px joins %s to the outside; it is taken as closed.",
                        opening.slit(),
                        which));
            }
            if (opening.pane() >= 0.04) {
                notes.add(String.format(
                        Locale.ROOT,
                        "A pane that covers %.0f %% lies over %s, so that captures show through it dimmed.",
                        opening.pane() * 100,
                        which));
            }
            if (opening.soft() >= 1.5) {
                notes.add(String.format(
                        Locale.ROOT,
                        "The edge of %s fades over %.0f px; captures reach that far under it.",
                        which,
                        opening.soft()));
            }
            if (opening.bare()) {
                notes.add(String.format(
                        Locale.ROOT,
                        "The picture does not cover the corners around %s; lay the mask over its capture.",
                        which));
            }
        }
        return notes;
    }

    /** Looks through one picture. */
    private static final class Search {

        private final int width;
        private final int height;
        private final int[] argb;

        Search(BufferedImage image) {
            width = image.getWidth();
            height = image.getHeight();
            argb = Pixels.of(image);
        }

        /** @param open whether some large region reaches the edge */
        private record Found(List<FoundOpening> enclosed, boolean open) {}

        Openings openings() {
            boolean opaque = IntStream.of(argb).noneMatch(pixel -> pixel >>> 24 < THICKEST_PANE);
            Found clear =
                    opaque ? new Found(List.of(), false) : found(pixel -> pixel >>> 24 < THRESHOLD, LEAST_SHARE, false);
            if (clear.enclosed().isEmpty() && clear.open()) {
                List<FoundOpening> sealed = sealed();
                if (!sealed.isEmpty()) {
                    return new Openings(sealed, "", Optional.empty());
                }
            }
            Optional<Openings> keyed = keyed(clear.open())
                    .filter(found -> clear.enclosed().isEmpty()
                            || found.openings().getFirst().area()
                                    > 4 * clear.enclosed().getFirst().area());
            if (keyed.isPresent()) {
                return keyed.get();
            }
            if (!clear.enclosed().isEmpty()) {
                return new Openings(clear.enclosed(), "", Optional.empty());
            }
            List<FoundOpening> panes = opaque
                    ? List.of()
                    : found(pixel -> pixel >>> 24 < THICKEST_PANE, LEAST_DOUBTFUL_SHARE, true)
                            .enclosed();
            if (!panes.isEmpty()) {
                return new Openings(panes, "", Optional.empty());
            }
            return new Openings(
                    List.of(),
                    clear.open()
                            ? "The see-through part of this picture reaches its edge, so nothing is enclosed that a capture could show through; draw the opening where it belongs."
                            : "Nothing in this picture is see-through, so a capture behind it cannot be seen.",
                    Optional.empty());
        }

        private Optional<Openings> keyed(boolean ground) {
            Optional<Integer> key = keyColour();
            if (key.isEmpty()) {
                return Optional.empty();
            }
            List<FoundOpening> keyed = found(
                            pixel -> pixel >>> 24 >= THRESHOLD && near(pixel, key.get()), LEAST_SHARE, true)
                    .enclosed();
            if (keyed.isEmpty()) {
                return Optional.empty();
            }
            Colour colour = Pixels.colour(key.get());
            String where = ground
                    ? "Only the ground around this picture is see-through"
                    : "Nothing in this picture is see-through";
            return Optional.of(new Openings(
                    keyed,
                    where + "; its opening is filled with " + colour.hex()
                            + ", and a capture stays hidden until that colour is removed.",
                    Optional.of(colour)));
        }

        private Found found(IntPredicate shows, double least, boolean solid) {
            Regions regions = Regions.of(argb, width, height, shows);
            List<FoundOpening> enclosed = new ArrayList<>();
            boolean open = false;
            for (Regions.Region region : regions.all()) {
                if (region.area() < least * width * height || (solid && !filled(region))) {
                    continue;
                }
                if (region.touchesEdge()) {
                    open = true;
                } else {
                    enclosed.add(measured(region, regions, regions.pixels(region), 0));
                }
            }
            enclosed.sort(Comparator.comparingLong(FoundOpening::area).reversed());
            return new Found(enclosed, open);
        }

        private static boolean filled(Regions.Region region) {
            return region.area()
                    >= LEAST_FILLED
                            * region.spans().stream()
                                    .mapToDouble(span -> span.right() - span.left())
                                    .sum();
        }

        /**
         * What only slits join to the outside: see-through pixels less all that no square of a slit's width fits into.
         */
        private List<FoundOpening> sealed() {
            int radius = (int) Math.max(1, Math.rint(SLIT_SHARE * Math.min(width, height)));
            BitSet shows = new BitSet(width * height);
            for (int i = 0; i < argb.length; i++) {
                shows.set(i, argb[i] >>> 24 < THRESHOLD);
            }
            BitSet core = Squares.shrunk(shows, width, height, radius);
            Regions cores = Regions.at(width, height, core::get);
            List<FoundOpening> sealed = new ArrayList<>();
            for (Regions.Region region : cores.all()) {
                if (!region.touchesEdge() && region.area() >= LEAST_DOUBTFUL_SHARE * width * height) {
                    Regions whole = whole(cores, region, shows, radius);
                    Regions.Region largest = whole.all().stream()
                            .max(Comparator.comparingLong(Regions.Region::area))
                            .orElseThrow();
                    sealed.add(measured(largest, whole, whole.pixels(largest), 2.0 * radius));
                }
            }
            sealed.sort(Comparator.comparingLong(FoundOpening::area).reversed());
            return sealed;
        }

        private Regions whole(Regions cores, Regions.Region region, BitSet shows, int radius) {
            BitSet mine = new BitSet(width * height);
            BitSet pixels = cores.pixels(region);
            int w = (int) region.box().width();
            for (int i = pixels.nextSetBit(0); i >= 0; i = pixels.nextSetBit(i + 1)) {
                mine.set(((int) region.box().y() + i / w) * width
                        + (int) region.box().x()
                        + i % w);
            }
            BitSet grown = Squares.grown(mine, width, height, radius);
            grown.and(shows);
            return Regions.at(width, height, grown::get);
        }

        private FoundOpening measured(Regions.Region region, Regions regions, BitSet pixels, double slit) {
            SourceBox box = region.box();
            Contours.Match match = Contours.match(region.spans(), box.width());
            Aspect aspect = Aspect.nearest(box.width() / box.height());
            boolean regular = switch (match.contour()) {
                case RECTANGLE, ROUNDED, CUT_CORNERS, ELLIPSE -> true;
                case HEXAGON, DIAMOND, SLANTED, IRREGULAR -> false;
            };
            int w = (int) box.width();
            Traced.Inside inside = (x, y) -> x >= 0 && y >= 0 && x < w && y < box.height() && pixels.get(y * w + x);
            List<Share> edge = regular ? List.of() : Traced.edge(inside, box);
            return new FoundOpening(
                    box,
                    regions.largestInside(region),
                    region.area(),
                    match.contour(),
                    match.corner(),
                    aspect,
                    Math.abs(box.width() / box.height() / aspect.ratio() - 1),
                    edge,
                    new SoftEdge(argb, width, height, SOLID).around(box, pixels),
                    pane(box, pixels),
                    slit,
                    match.contour() != Contour.RECTANGLE && bare(box, inside));
        }

        /**
         * The alpha that half of the opening stays below, less what is no pane but the picture's own solid keying
         * colour.
         */
        private double pane(SourceBox box, BitSet pixels) {
            int[] counts = new int[256];
            int w = (int) box.width();
            for (int y = 0; y < box.height(); y++) {
                int row = ((int) box.y() + y) * width + (int) box.x();
                for (int x = 0; x < w; x++) {
                    if (pixels.get(y * w + x)) {
                        counts[argb[row + x] >>> 24]++;
                    }
                }
            }
            int half = pixels.cardinality() / 2;
            int alpha = 0;
            for (int below = counts[0]; below <= half && alpha < 255; below += counts[alpha]) {
                alpha++;
            }
            return alpha >= SOLID ? 0 : Math.rint(alpha / 255.0 * 100) / 100;
        }

        private boolean bare(SourceBox box, Traced.Inside inside) {
            long free = 0;
            for (int y = 0; y < box.height(); y++) {
                for (int x = 0; x < box.width(); x++) {
                    if (!inside.at(x, y) && argb[((int) box.y() + y) * width + (int) box.x() + x] >>> 24 < THRESHOLD) {
                        free++;
                    }
                }
            }
            return free > LEAST_BARE * box.area();
        }

        /** The strong flat colour that covers most, if one covers enough; counted in bins of five bits a channel. */
        private Optional<Integer> keyColour() {
            int[] counts = new int[1 << 15];
            for (int pixel : argb) {
                if (pixel >>> 24 >= SOLID) {
                    counts[bin(pixel)]++;
                }
            }
            return IntStream.range(0, counts.length)
                    .filter(bin -> counts[bin] >= LEAST_KEY_SHARE * argb.length)
                    .boxed()
                    .filter(bin -> Spaces.oklch(Pixels.colour((bin >> 10 << 16 | (bin >> 5 & 31) << 8 | bin & 31) << 3))
                                    .chroma()
                            >= LEAST_KEY_CHROMA)
                    .max(Comparator.comparingInt(bin -> counts[bin]))
                    .map(this::commonest);
        }

        private static int bin(int pixel) {
            return pixel >> 9 & 0x7c00 | pixel >> 6 & 0x3e0 | pixel >> 3 & 31;
        }

        private int commonest(int bin) {
            Map<Integer, Integer> counts = new HashMap<>();
            for (int pixel : argb) {
                if (bin(pixel) == bin) {
                    counts.merge(pixel & 0xffffff, 1, Integer::sum);
                }
            }
            return counts.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
        }
    }

    static boolean near(int pixel, int key) {
        return Math.abs((pixel >> 16 & 255) - (key >> 16 & 255)) <= KEY_SPREAD
                && Math.abs((pixel >> 8 & 255) - (key >> 8 & 255)) <= KEY_SPREAD
                && Math.abs((pixel & 255) - (key & 255)) <= KEY_SPREAD;
    }
}
