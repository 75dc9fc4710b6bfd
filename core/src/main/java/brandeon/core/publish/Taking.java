package brandeon.core.publish;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The fewest sources that show a scene right. A source is see-through where captures show, so captures stand below it
 * and one is enough; only where something is to be seen through a capture, that is a source of its own below it.
 *
 * @param parts  from bottom to top
 * @param reason why these, for people
 */
public record Taking(List<Part> parts, String reason) {

    public Taking {
        parts = List.copyOf(parts);
    }

    public static Taking of(ResolvedScene scene) {
        if (!scene.scene().role().shown()) {
            return new Taking(List.of(Part.WHOLE), "It stands over every scene: one source, on top of each of them.");
        }
        if (scene.levels() == 0) {
            return new Taking(List.of(Part.WHOLE), "No capture is on it, so one source shows all of it.");
        }
        Set<Integer> cuts = new TreeSet<>();
        scene.openings().stream()
                .filter(opening -> opening.capture().seeThrough())
                .map(scene::level)
                .filter(level -> level > 1 || scene.behind() > 0)
                .forEach(cuts::add);
        if (cuts.isEmpty()) {
            return new Taking(
                    List.of(Part.WHOLE),
                    "It is see-through where its captures show, so one source above them is enough.");
        }
        List<Part> parts = new ArrayList<>();
        int from = 0;
        for (int cut : cuts) {
            parts.add(part(scene, from, cut - 1));
            from = cut;
        }
        parts.add(part(scene, from, scene.levels()));
        String through = String.join(
                " and ",
                scene.openings().stream()
                        .filter(opening -> opening.capture().seeThrough())
                        .map(opening -> opening.capture().name())
                        .distinct()
                        .toList());
        return new Taking(parts, "What lies behind " + through + " shows through, so it is a source of its own.");
    }

    /** All parts that a scene can be taken in, whether or not they are among the fewest. */
    public static List<Part> all(ResolvedScene scene) {
        Set<Part> parts = new LinkedHashSet<>(List.of(Part.WHOLE));
        int top = scene.levels();
        if (top > 0) {
            if (scene.behind() > 0) {
                parts.add(Part.BACK);
            }
            if (top > 1) {
                IntStream.rangeClosed(1, top).forEach(level -> parts.add(part(scene, level, level)));
            }
            parts.add(Part.FRONT);
        }
        parts.addAll(of(scene).parts());
        return List.copyOf(parts);
    }

    /** The part that takes a run of levels. */
    public static Part part(ResolvedScene scene, int from, int to) {
        int top = scene.levels();
        return from == 0 && to == 0
                ? Part.BACK
                : from == 1 && to == top ? Part.FRONT : from == 0 && to == top ? Part.WHOLE : new Part.Levels(from, to);
    }

    /** The first and last level that a part takes; empty for one that is no run of levels. */
    public static Optional<Part.Levels> span(ResolvedScene scene, Part part) {
        int top = scene.levels();
        return switch (part) {
            case Part.Whole _ -> Optional.of(new Part.Levels(0, top));
            case Part.Back _ -> Optional.of(new Part.Levels(0, 0));
            case Part.Front _ -> Optional.of(new Part.Levels(Math.min(1, top), top));
            case Part.Levels levels -> Optional.of(levels);
            case Part.Single _, Part.Group _ -> Optional.empty();
        };
    }

    /** What people call a part of a scene. */
    public static String title(ResolvedScene scene, Part part) {
        return switch (part) {
            case Part.Whole _ -> scene.scene().role().shown() ? "whole scene" : "on top of each scene";
            case Part.Back _ -> "behind the captures";
            case Part.Front _ -> "in front of the captures";
            case Part.Levels(int from, int to) -> {
                String below = from == 0 ? "" : captures(scene, from);
                String above = to >= scene.levels() ? "" : captures(scene, to + 1);
                yield below.isEmpty()
                        ? "behind " + above
                        : above.isEmpty() ? "in front of " + below : "between " + below + " and " + above;
            }
            case Part.Single(String piece) ->
                scene.placement(piece)
                                .map(placement -> placement.piece().name())
                                .orElse(piece) + " alone";
            case Part.Group(String group) -> group + " alone";
        };
    }

    private static String captures(ResolvedScene scene, int level) {
        return String.join(
                " and ",
                scene.openings().stream()
                        .filter(opening -> scene.level(opening) == level)
                        .map(opening -> opening.capture().name())
                        .distinct()
                        .toList());
    }

    /** The captures that stand right below a source, bottom first. */
    static List<FittedOpening> below(ResolvedScene scene, Part part) {
        return span(scene, part)
                .map(span -> scene.openings().stream()
                        .filter(opening -> scene.level(opening) >= span.from() && scene.level(opening) <= span.to())
                        .sorted(Comparator.comparingInt(scene::level))
                        .toList())
                .orElse(List.of());
    }
}
