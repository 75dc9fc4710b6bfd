package brandeon.core.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What viewers would see otherwise in another version of a theme: computed from the pictures, so that an edit which
 * shows nowhere is no change, and one that shows everywhere is told where.
 *
 * @param sentences about the theme as a whole
 * @param scenes    those that differ, in the order of the later version
 */
public record ReleaseChange(List<String> sentences, List<SceneChange> scenes) {

    public enum Sort {
        ADDED,
        REMOVED,
        CHANGED
    }

    /**
     * @param canvases  ids of those on which it looks otherwise; of a removed scene those of the earlier version
     * @param sentences what is otherwise
     */
    public record SceneChange(String scene, String name, Sort sort, List<String> canvases, List<String> sentences) {}

    /** Pieces that look otherwise in a scene are named one by one up to so many. */
    private static final int NAMED = 4;

    public static ReleaseChange between(Theme before, Theme after) {
        Resolver was = new Resolver(before);
        Resolver is = new Resolver(after);
        List<SceneChange> scenes = new ArrayList<>();
        for (Scene scene : after.scenes()) {
            Optional<Scene> former = before.scene(scene.id());
            if (former.isEmpty()) {
                scenes.add(new SceneChange(
                        scene.id(), scene.name(), Sort.ADDED, ids(after), List.of("The scene is new.")));
            } else {
                changed(before, was, former.get(), is, scene).ifPresent(scenes::add);
            }
        }
        before.scenes().stream()
                .filter(scene -> after.scene(scene.id()).isEmpty())
                .forEach(scene -> scenes.add(new SceneChange(
                        scene.id(), scene.name(), Sort.REMOVED, ids(before), List.of("The scene is gone."))));
        return new ReleaseChange(whole(before, after), scenes);
    }

    /** With more to be said of all of it. */
    public ReleaseChange noting(List<String> notes) {
        List<String> all = new ArrayList<>(sentences);
        all.addAll(notes);
        return new ReleaseChange(all, scenes);
    }

    private static List<String> ids(Theme theme) {
        return theme.canvases().stream().map(Canvas::id).toList();
    }

    private static Optional<SceneChange> changed(Theme before, Resolver was, Scene former, Resolver is, Scene scene) {
        List<String> canvases = new ArrayList<>();
        Set<String> gone = new LinkedHashSet<>();
        Set<String> came = new LinkedHashSet<>();
        TreeMap<String, Set<String>> moved = new TreeMap<>();
        Set<String> says = new LinkedHashSet<>();
        Set<String> looks = new LinkedHashSet<>();
        boolean order = false;
        for (Canvas canvas : is.theme().canvases()) {
            Optional<Canvas> known = before.canvas(canvas.id());
            if (known.isEmpty()) {
                continue;
            }
            ResolvedScene earlier = was.resolve(former, known.get(), LiveState.QUIET);
            ResolvedScene later = is.resolve(scene, canvas, LiveState.QUIET);
            Picture from = Picture.of(earlier, Part.WHOLE);
            Picture to = Picture.of(later, Part.WHOLE);
            if (from.hash().equals(to.hash())) {
                continue;
            }
            canvases.add(canvas.id());
            earlier.placements().stream()
                    .filter(placement -> later.placement(placement.piece().id()).isEmpty())
                    .forEach(placement -> gone.add(placement.piece().name()));
            for (Placement now : later.placements()) {
                Optional<Placement> then = earlier.placement(now.piece().id());
                if (then.isEmpty()) {
                    came.add(now.piece().name());
                } else if (!layer(from, now).equals(layer(to, now))) {
                    if (!then.get().box().equals(now.box())) {
                        moved.computeIfAbsent(now.piece().name(), _ -> new LinkedHashSet<>())
                                .add(canvas.name());
                    } else if (!then.get().piece().content().equals(now.piece().content())) {
                        says.add(now.piece().name());
                    } else {
                        looks.add(now.piece().name());
                    }
                }
            }
            order |= came.isEmpty() && gone.isEmpty() && !order(from).equals(order(to));
        }
        List<String> sentences = new ArrayList<>();
        list(came, "came").ifPresent(sentences::add);
        list(gone, "went").ifPresent(sentences::add);
        moved.forEach((piece, on) ->
                sentences.add(piece + " stands elsewhere or has another size on " + String.join(", ", on) + "."));
        list(says, "say something else", "says something else").ifPresent(sentences::add);
        list(looks, "look otherwise", "looks otherwise").ifPresent(sentences::add);
        if (order) {
            sentences.add("Pieces stand in another order.");
        }
        if (!former.name().equals(scene.name())) {
            sentences.add("It was called “" + former.name() + "”.");
        }
        return canvases.isEmpty() && sentences.isEmpty()
                ? Optional.empty()
                : Optional.of(new SceneChange(scene.id(), scene.name(), Sort.CHANGED, canvases, sentences));
    }

    private static Picture.Layer layer(Picture picture, Placement placement) {
        return picture.layers().stream()
                .filter(layer -> layer.piece().equals(placement.piece().id()))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> order(Picture picture) {
        return picture.layers().stream().map(Picture.Layer::piece).toList();
    }

    private static Optional<String> list(Set<String> names, String verb) {
        return list(names, verb, verb);
    }

    private static Optional<String> list(Set<String> names, String plural, String singular) {
        if (names.isEmpty()) {
            return Optional.empty();
        }
        if (names.size() > NAMED) {
            return Optional.of(names.size() + " pieces " + plural + ".");
        }
        List<String> all = List.copyOf(names);
        String named = all.size() == 1
                ? all.getFirst()
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
        return Optional.of(named + " " + (all.size() == 1 ? singular : plural) + ".");
    }

    private static List<String> whole(Theme before, Theme after) {
        List<String> sentences = new ArrayList<>();
        if (other(before, after, Theme::brand)) {
            sentences.add("The brand has other colours, letters or ways.");
        }
        if (other(before, after, Theme::family)) {
            sentences.add("Pieces are of another family.");
        }
        for (Canvas canvas : after.canvases()) {
            Optional<Canvas> former = before.canvas(canvas.id());
            if (former.isEmpty()) {
                sentences.add("The canvas " + canvas.name() + " is new.");
            } else if (!former.get().size().equals(canvas.size())) {
                sentences.add(String.format(
                        Locale.ROOT,
                        "%s is %s and was %s: its sources need the new size.",
                        canvas.name(),
                        canvas.size(),
                        former.get().size()));
            }
        }
        before.canvases().stream()
                .filter(canvas -> after.canvas(canvas.id()).isEmpty())
                .forEach(canvas ->
                        sentences.add("The canvas " + canvas.name() + " is gone: its sources show nothing any more."));
        if (other(before, after, Theme::alerts)) {
            sentences.add("Alerts follow other rules.");
        }
        if (other(before, after, Theme::captures)) {
            sentences.add("Captures are other ones, or have another size: " + names(after) + ".");
        }
        return sentences;
    }

    private static String names(Theme theme) {
        return theme.captures().stream()
                .map(capture -> capture.name() + " " + capture.size())
                .collect(Collectors.joining(", "));
    }

    private static <T> boolean other(Theme before, Theme after, Function<Theme, T> part) {
        return !Objects.equals(part.apply(before), part.apply(after));
    }
}
