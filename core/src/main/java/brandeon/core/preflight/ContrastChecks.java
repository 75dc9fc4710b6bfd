package brandeon.core.preflight;

import brandeon.core.art.Mark;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.art.Weight;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Pixels;
import brandeon.core.kept.Memory;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.text.Measure;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Contrast of words with what really lies behind them on the scene: plates, scenery, pictures laid in. Where
 * something is
 * see-through, black and white footage are both tried and the worse one counts. WCAG 2.2, success criterion 1.4.3: at
 * least 4.5 to 1, and 3 to 1 for large letters.
 *
 * The scene is painted small and without its words; one line counts by the tenth of its ground that is worst.
 */
public final class ContrastChecks {

    /** So much larger than the viewer's least height, letters count as large. */
    private static final double LARGE = 2;

    private static final int WIDTH = 384;
    /** As far as a shadow or a glow reaches into what lies beside it, in pixels of the small picture. */
    private static final int REACH = 24;

    private static final double WORST_SHARE = 0.1;

    private record Key(String theme, Size canvas, List<PieceArt> arts, List<Integer> order, int behind) {
        int weight() {
            return Weight.of(theme) + arts.stream().mapToInt(Weight::of).sum();
        }
    }

    private static final Cache<Key, List<Double>> JUDGED = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(4))
            .<Key, List<Double>>weigher((key, worst) -> key.weight() + 24 * worst.size())
            .build();
    private static final Cache<Key, int[]> GROUNDS = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(4))
            .<Key, int[]>weigher((key, ground) -> key.weight() + 4 * ground.length)
            .build();

    private ContrastChecks() {}

    static List<Finding> of(Standing standing, Pictures pictures) {
        ResolvedScene scene = standing.scene();
        List<Double> worst = JUDGED.get(key(standing.theme(), scene), _ -> worst(scene, pictures));
        List<Finding> found = new ArrayList<>();
        for (Standing.Stood stood : standing.pieces()) {
            judged(standing, stood, worst.subList(offset(scene, stood.index()), offset(scene, stood.index() + 1)))
                    .ifPresent(found::add);
        }
        return found;
    }

    /**
     * Contrast of the words of alerts with the scene under them.
     *
     * @param atRest the scene without the alert
     * @param during the same scene with it
     */
    static List<Finding> ofAlert(ResolvedScene atRest, Standing during, Pictures pictures) {
        Small small = Small.of(atRest.canvas().size());
        int[] ground = GROUNDS.get(
                key(during.theme(), atRest), _ -> small.painted(wordless(Picture.marks(atRest, Part.WHOLE)), pictures));
        List<Finding> found = new ArrayList<>();
        for (Standing.Stood stood : during.pieces()) {
            List<Mark.Text> texts = stood.placement().art().texts();
            if (stood.kind().announces() && !texts.isEmpty()) {
                List<Box> boxes = texts.stream()
                        .map(text -> stood.placement().asItStands(text.box()).scaled(small.scale()))
                        .toList();
                Patch patch = Patch.of(
                        boxes.stream().reduce(Box::around).orElseThrow().grown(REACH), small.size());
                int[] pixels = over(
                        patch.of(ground, small.size()),
                        small.painted(patch, wordless(stood.placement().art().marks()), pictures));
                List<Double> contrasts = IntStream.range(0, texts.size())
                        .mapToObj(i -> worst(
                                pixels,
                                patch.size(),
                                boxes.get(i).moved(-patch.left(), -patch.top()),
                                texts.get(i).colour()))
                        .toList();
                judged(during, stood, contrasts).ifPresent(found::add);
            }
        }
        return found;
    }

    /** Simple alpha compositing (Compositing and Blending 1, section 5.1), not premultiplied. */
    private static int[] over(int[] below, int[] above) {
        int[] result = new int[below.length];
        for (int i = 0; i < result.length; i++) {
            // Most of what lies above is see-through, and most of the rest solid.
            if (above[i] >>> 24 == 0 || above[i] >>> 24 == 255) {
                int shown = above[i] >>> 24 == 0 ? below[i] : above[i];
                result[i] = shown >>> 24 == 0 ? 0 : shown;
                continue;
            }
            double a = (above[i] >>> 24) / 255.0;
            double b = (below[i] >>> 24) / 255.0 * (1 - a);
            double alpha = a + b;
            int argb = (int) Math.round(alpha * 255) << 24;
            for (int shift = 0; shift <= 16 && alpha > 0; shift += 8) {
                argb |= (int) Math.round(((above[i] >> shift & 255) * a + (below[i] >> shift & 255) * b) / alpha)
                        << shift;
            }
            result[i] = argb;
        }
        return result;
    }

    /** How many lines the pieces before one have. */
    private static int offset(ResolvedScene scene, int index) {
        return scene.placements().stream()
                .limit(index)
                .mapToInt(placement -> placement.art().texts().size())
                .sum();
    }

    private static Optional<Finding> judged(Standing standing, Standing.Stood stood, List<Double> contrasts) {
        double least = standing.theme().viewer().leastHeight(standing.canvas().size());
        Finding worst = null;
        List<Mark.Text> texts = stood.placement().art().texts();
        for (int i = 0; i < texts.size(); i++) {
            Mark.Text text = texts.get(i);
            double limit =
                    Measure.xHeight(text.face(), text.px()) >= LARGE * least ? Contrast.LARGE_OR_EDGE : Contrast.TEXT;
            double contrast = contrasts.get(i);
            if (!text.text().isBlank()
                    && contrast < limit
                    && (worst == null || contrast / limit < worst.measured() / worst.limit())) {
                worst = standing.finding(
                        Finding.Kind.CONTRAST,
                        stood,
                        "",
                        stood.placement().asItStands(text.box()),
                        contrast,
                        limit,
                        String.format(
                                Locale.ROOT,
                                "Words on %s have a contrast of %.1f to 1 with what lies behind them; %.1f are needed to read them.",
                                stood.name(),
                                Math.floor(contrast * 10) / 10,
                                limit));
            }
        }
        return Optional.ofNullable(worst);
    }

    private static Key key(Theme theme, ResolvedScene scene) {
        List<PieceArt> arts = scene.placements().stream().map(Placement::art).toList();
        List<Integer> blends = scene.placements().stream()
                .map(p -> p.manner().blend().ordinal())
                .toList();
        return new Key(theme.artworks().toString(), scene.canvas().size(), arts, blends, scene.behind());
    }

    /** A canvas as small as it is painted for judging. */
    private record Small(Size canvas, Size size) {

        static Small of(Size canvas) {
            int width = Math.min(
                    canvas.width(),
                    canvas.width() > canvas.height() ? WIDTH : WIDTH * canvas.width() / canvas.height());
            return new Small(
                    canvas, Size.of(width, Math.max(1, Math.round((float) canvas.height() * width / canvas.width()))));
        }

        double scale() {
            return (double) size.width() / canvas.width();
        }

        int[] painted(List<Mark> marks, Pictures pictures) {
            return Pixels.of(Raster.paint(canvas.box(), size, marks, 0, pictures));
        }

        /** A part of it: what need not be looked at need not be painted. */
        int[] painted(Patch patch, List<Mark> marks, Pictures pictures) {
            double across = (double) canvas.width() / size.width();
            double down = (double) canvas.height() / size.height();
            Box part = new Box(
                    patch.left() * across,
                    patch.top() * down,
                    patch.size().width() * across,
                    patch.size().height() * down);
            return Pixels.of(Raster.paint(part, patch.size(), marks, 0, pictures));
        }
    }

    /** A part of a picture, in its pixels. */
    private record Patch(int left, int top, Size size) {

        /** The pixels of a picture that a box touches; at least one. */
        static Patch of(Box box, Size picture) {
            int left = Math.clamp((int) Math.floor(box.x()), 0, picture.width() - 1);
            int right = Math.clamp((int) Math.ceil(box.right()), left + 1, picture.width());
            int top = Math.clamp((int) Math.floor(box.y()), 0, picture.height() - 1);
            int bottom = Math.clamp((int) Math.ceil(box.bottom()), top + 1, picture.height());
            return new Patch(left, top, Size.of(right - left, bottom - top));
        }

        int[] of(int[] pixels, Size picture) {
            int[] part = new int[size.width() * size.height()];
            for (int y = 0; y < size.height(); y++) {
                System.arraycopy(pixels, (top + y) * picture.width() + left, part, y * size.width(), size.width());
            }
            return part;
        }
    }

    private static List<Double> worst(ResolvedScene scene, Pictures pictures) {
        Small small = Small.of(scene.canvas().size());
        int[] pixels = small.painted(wordless(Picture.marks(scene, Part.WHOLE)), pictures);
        List<Double> all = new ArrayList<>();
        for (Placement placement : scene.placements()) {
            for (Mark.Text text : placement.art().texts()) {
                all.add(worst(
                        pixels, small.size(), placement.asItStands(text.box()).scaled(small.scale()), text.colour()));
            }
        }
        return all;
    }

    private static double worst(int[] pixels, Size size, Box box, Colour ink) {
        int[] ground = Patch.of(box, size).of(pixels, size);
        double[] contrasts = new double[ground.length];
        for (int i = 0; i < ground.length; i++) {
            // Most grounds are plates: what is beside it has been computed.
            contrasts[i] = i > 0 && ground[i] == ground[i - 1] ? contrasts[i - 1] : contrast(ink, ground[i]);
        }
        Arrays.sort(contrasts);
        return contrasts[(int) (contrasts.length * WORST_SHARE)];
    }

    /** With footage of either lightness where something shows through. */
    private static double contrast(Colour ink, int argb) {
        double alpha = (argb >>> 24) / 255.0;
        return alpha > 0.996
                ? contrast(ink, argb, 1, 0)
                : Math.min(contrast(ink, argb, alpha, 0), contrast(ink, argb, alpha, 1));
    }

    /** @param footage lightness of what shows through, 0 or 1 */
    private static double contrast(Colour ink, int argb, double alpha, double footage) {
        double through = (1 - alpha) * footage;
        Colour ground = new Colour(
                (argb >> 16 & 255) / 255.0 * alpha + through,
                (argb >> 8 & 255) / 255.0 * alpha + through,
                (argb & 255) / 255.0 * alpha + through,
                1);
        return Contrast.ratio(ink.withAlpha(1), ground);
    }

    /** The same marks without any letters. */
    private static List<Mark> wordless(List<Mark> marks) {
        return marks.stream()
                .filter(mark -> !(mark instanceof Mark.Text || mark instanceof Mark.Digits))
                .map(mark -> switch (mark) {
                    case Mark.Group g -> new Mark.Group(g.part(), g.opacity(), g.clip(), wordless(g.marks()));
                    case Mark.Until u -> new Mark.Until(u.clock(), wordless(u.marks()));
                    case Mark.Moved m -> new Mark.Moved(m.pose(), wordless(m.marks()));
                    case Mark.Blurred b -> new Mark.Blurred(b.deviation(), wordless(b.marks()));
                    case Mark.Shadowed s ->
                        new Mark.Shadowed(s.dx(), s.dy(), s.deviation(), s.colour(), wordless(s.marks()));
                    case Mark.Blended b ->
                        new Mark.Blended(wordless(b.ground()), b.blend(), b.strength(), b.shape(), wordless(b.over()));
                    case Mark.Filled _,
                            Mark.Stroked _,
                            Mark.Text _,
                            Mark.Digits _,
                            Mark.Picture _,
                            Mark.Bed _,
                            Mark.Swarm _ -> mark;
                })
                .toList();
    }
}
