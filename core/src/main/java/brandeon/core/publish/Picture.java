package brandeon.core.publish;

import brandeon.core.art.Blend;
import brandeon.core.art.ContentName;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.motion.Track;
import brandeon.core.text.Face;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What a painter mounts: the pieces of one part of a scene, back to front, as SVG fragments with their motion.
 *
 * @param x      its left edge on the canvas, in pixels; layers are in canvas pixels
 * @param y      its top edge on the canvas
 * @param width  of the source: that of the canvas, or of the box that one piece has of its own
 * @param height of the source
 */
public record Picture(int x, int y, int width, int height, List<Layer> layers) {

    /** Canvas pixels. */
    private static final double AROUND = 64;

    private static final Pattern FAMILY = Pattern.compile("font-family=\"'(Brandeon [^']+)'\"");

    /**
     * One piece.
     *
     * @param box     where it stands before it is turned, in canvas pixels; what is painted is moved from there
     * @param blend   how it meets the layers under it, in CSS's words
     * @param arrival how all of it comes in when the scene comes on, from that instant; empty where it is there at once
     */
    public record Layer(
            String piece, Box box, String svg, List<Movement> movements, String blend, List<Movement> arrival) {

        /**
         * Whether it shows something else at another instant: a clock, an entrance or an exit. Loops do not count.
         */
        public boolean timed() {
            return !arrival.isEmpty()
                    || svg.contains("data-instant=")
                    || movements.stream().anyMatch(movement -> movement.start() > 0);
        }
    }

    /**
     * A track in the painter's words.
     *
     * @param frames transform and opacity per key, in CSS notation
     * @param cycles 0 for ever
     * @param start  epoch milliseconds; 0 for loops that run by the shared clock
     */
    public record Movement(
            String part,
            List<Frame> frames,
            String easing,
            double millis,
            double delay,
            double cycles,
            boolean alternate,
            long start) {}

    public record Frame(double offset, String transform, double opacity) {}

    /** A part of a resolved scene. */
    public static Picture of(ResolvedScene scene, Part part) {
        return of(scene, part, scene.canvas().size().box());
    }

    /**
     * A part of a resolved scene in a box of its own.
     *
     * @param box in whole canvas pixels; what is outside is not seen
     */
    public static Picture of(ResolvedScene scene, Part part, Box box) {
        List<Layer> layers = new ArrayList<>();
        for (Placement placement : taken(scene, part)) {
            layers.add(layer(scene, part, placement));
        }
        return new Picture((int) box.x(), (int) box.y(), (int) box.width(), (int) box.height(), List.copyOf(layers));
    }

    /** Whatever is wrong with one piece, viewers go on seeing all others. */
    private static Layer layer(ResolvedScene scene, Part part, Placement placement) {
        String blend = placement.manner().blend().css();
        try {
            return new Layer(
                    placement.piece().id(),
                    placement.box(),
                    Written.svg(marks(scene, part, placement)),
                    movements(placement.art()),
                    blend,
                    placement.arrival().map(Picture::movement).stream().toList());
        } catch (RuntimeException e) {
            return new Layer(placement.piece().id(), placement.box(), "", List.of(), blend, List.of());
        }
    }

    /** Ids of the pieces that are in a part of a scene. */
    static Set<String> pieces(ResolvedScene scene, Part part) {
        return taken(scene, part).stream()
                .map(placement -> placement.piece().id())
                .collect(Collectors.toSet());
    }

    /** All marks of a part of a scene, for a raster picture. */
    public static List<Mark> marks(ResolvedScene scene, Part part) {
        List<Mark> all = new ArrayList<>();
        for (Placement placement : taken(scene, part)) {
            List<Mark> marks = marks(scene, part, placement);
            if (placement.manner().blend() == Blend.NORMAL) {
                all.addAll(marks);
            } else {
                all = new ArrayList<>(List.of(new Mark.Blended(
                        all,
                        placement.manner().blend(),
                        1,
                        Outline.rectangle(scene.canvas().size().box()),
                        marks)));
            }
        }
        return all;
    }

    /** The faces that its texts are set in. */
    public Set<Face> faces() {
        Set<Face> used = new LinkedHashSet<>();
        for (Layer layer : layers) {
            FAMILY.matcher(layer.svg())
                    .results()
                    .forEach(found -> Face.ofFamily(found.group(1)).ifPresent(used::add));
        }
        return used;
    }

    /** Lasting name of this content: 64 hexadecimal digits. */
    public String hash() {
        StringBuilder all = new StringBuilder().append(width).append('x').append(height);
        if (x != 0 || y != 0) {
            all.append('@').append(x).append(',').append(y);
        }
        for (Layer layer : layers) {
            all.append('\n')
                    .append(layer.piece())
                    .append(' ')
                    .append(layer.blend())
                    .append(' ')
                    .append(Written.name(layer.svg()))
                    .append(layer.movements());
            if (!layer.arrival().isEmpty()) {
                all.append(layer.arrival());
            }
        }
        return ContentName.full(all.toString());
    }

    /** The pieces of a part of a scene, back to front. */
    public static List<Placement> taken(ResolvedScene scene, Part part) {
        return switch (part) {
            case Part.Whole _ -> scene.placements();
            case Part.Single(String piece) ->
                scene.placements().stream()
                        .filter(placement -> placement.piece().id().equals(piece))
                        .toList();
            case Part.Group(String group) ->
                scene.placements().stream()
                        .filter(placement -> placement.placed().group().equals(group))
                        .toList();
            case Part.Back _ -> scene.placements().subList(0, scene.behind());
            case Part.Front _, Part.Levels _ -> {
                Part.Levels span = Taking.span(scene, part).orElseThrow();
                List<Placement> all = new ArrayList<>();
                for (int i = 0; i < scene.placements().size(); i++) {
                    int level = scene.level(i);
                    if (level >= span.from() && level <= span.to()) {
                        all.add(scene.placements().get(i));
                    }
                }
                yield all;
            }
        };
    }

    /** Captures of the levels that a part takes stand below it, so all that is behind them is cut out there. */
    private static List<Mark> marks(ResolvedScene scene, Part part, Placement placement) {
        List<Mark> marks = placement.art().marks();
        if (part.boxed() || scene.openings().isEmpty() || marks.isEmpty()) {
            return marks;
        }
        int top = Taking.span(scene, part).orElseThrow().to();
        int level = scene.level(scene.placements().indexOf(placement));
        List<FittedOpening> before = scene.openings().stream()
                .filter(opening -> {
                    int of = scene.level(opening);
                    return of > level && of <= top && (level == 0 || meets(placement, opening));
                })
                .toList();
        return CutOut.from(scene.canvas().size().box(), before, placement.art());
    }

    /** Whether a piece may be seen in an opening: with shadows and the like, which reach beyond its box. */
    private static boolean meets(Placement placement, FittedOpening opening) {
        return CutOut.hole(opening).cut(placement.bounds().grown(AROUND)).area() > 0;
    }

    /** How a piece moves, in the painter's words. */
    public static List<Movement> movements(PieceArt art) {
        return art.tracks().stream().map(Picture::movement).toList();
    }

    private static Movement movement(Track track) {
        return new Movement(
                track.part(),
                track.keys().stream().map(Picture::frame).toList(),
                track.easing().css(),
                track.millis(),
                track.delay(),
                track.cycles() == Track.FOREVER ? 0 : track.cycles(),
                track.alternate(),
                track.start());
    }

    private static Frame frame(Track.Key key) {
        String transform = String.format(
                Locale.ROOT,
                "translate(%.2fpx,%.2fpx) translate(%.2fpx,%.2fpx) rotate(%.3fdeg) scale(%.3f) translate(%.2fpx,%.2fpx)",
                key.x(),
                key.y(),
                key.pivotX(),
                key.pivotY(),
                key.turn(),
                key.scale(),
                -key.pivotX(),
                -key.pivotY());
        return new Frame(key.offset(), transform, key.opacity());
    }
}
