package brandeon.core.publish;

import brandeon.core.art.Blend;
import brandeon.core.art.ContentName;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
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
 * @param width  of the canvas, in pixels
 * @param height of the canvas, in pixels
 */
public record Picture(int width, int height, List<Layer> layers) {

    private static final Pattern FAMILY = Pattern.compile("font-family=\"'(Brandeon [^']+)'\"");

    /** One piece. @param blend how it meets the layers under it, in CSS's words */
    public record Layer(String piece, String svg, List<Movement> movements, String blend) {

        /** Whether it shows something else at another instant: a clock, an entrance or an exit. Loops do not count. */
        public boolean timed() {
            return svg.contains("data-instant=") || movements.stream().anyMatch(movement -> movement.start() > 0);
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
        Size size = scene.canvas().size();
        List<Layer> layers = new ArrayList<>();
        for (Placement placement : placements(scene, part)) {
            layers.add(layer(scene, part, placement));
        }
        return new Picture(size.width(), size.height(), List.copyOf(layers));
    }

    /** Whatever is wrong with one piece, viewers go on seeing all others. */
    private static Layer layer(ResolvedScene scene, Part part, Placement placement) {
        String blend = placement.manner().blend().css();
        try {
            return new Layer(
                    placement.piece().id(),
                    Written.svg(marks(scene, part, placement)),
                    movements(placement.art()),
                    blend);
        } catch (RuntimeException e) {
            return new Layer(placement.piece().id(), "", List.of(), blend);
        }
    }

    /** Ids of the pieces that are in a part of a scene. */
    static Set<String> pieces(ResolvedScene scene, Part part) {
        return placements(scene, part).stream()
                .map(placement -> placement.piece().id())
                .collect(Collectors.toSet());
    }

    /** All marks of a part of a scene, for a raster picture. */
    public static List<Mark> marks(ResolvedScene scene, Part part) {
        List<Mark> all = new ArrayList<>();
        for (Placement placement : placements(scene, part)) {
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
        for (Layer layer : layers) {
            all.append('\n')
                    .append(layer.piece())
                    .append(' ')
                    .append(layer.blend())
                    .append(' ')
                    .append(Written.name(layer.svg()))
                    .append(layer.movements());
        }
        return ContentName.full(all.toString());
    }

    private static List<Placement> placements(ResolvedScene scene, Part part) {
        return switch (part) {
            case WHOLE -> scene.placements();
            case BACK -> scene.placements().subList(0, scene.behind());
            case FRONT ->
                scene.placements().subList(scene.behind(), scene.placements().size());
        };
    }

    private static List<Mark> marks(ResolvedScene scene, Part part, Placement placement) {
        boolean behind = scene.placements().indexOf(placement) < scene.behind();
        List<Mark> marks = placement.art().marks();
        if (part != Part.WHOLE || !behind || scene.openings().isEmpty() || marks.isEmpty()) {
            return marks;
        }
        List<Mark> cut = marks;
        for (List<FittedOpening> apart : apart(scene.openings())) {
            cut = List.of(Mark.clipped(cutOut(scene, apart), cut));
        }
        return cut;
    }

    /**
     * Openings in as few groups as keep those that overlap apart: within one path their common part would be filled
     * again.
     */
    private static List<List<FittedOpening>> apart(List<FittedOpening> openings) {
        List<List<FittedOpening>> groups = new ArrayList<>();
        for (FittedOpening opening : openings) {
            groups.stream()
                    .filter(group -> group.stream()
                            .noneMatch(other -> hole(other).cut(hole(opening)).area() > 0))
                    .findFirst()
                    .orElseGet(() -> {
                        groups.add(new ArrayList<>());
                        return groups.getLast();
                    })
                    .add(opening);
        }
        return groups;
    }

    /** A little larger than seen, so that its edge hides under the frame. */
    private static Box hole(FittedOpening opening) {
        return opening.bounds().grown(opening.opening().bleed());
    }

    /** The canvas less some openings. */
    private static Outline cutOut(ResolvedScene scene, List<FittedOpening> openings) {
        Outline area = Outline.rectangle(scene.canvas().size().box());
        for (FittedOpening opening : openings) {
            area = area.with(opening.outline(opening.opening().bleed()));
        }
        return area;
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
