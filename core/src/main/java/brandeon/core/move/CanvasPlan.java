package brandeon.core.move;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Quiet;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What changes when a theme goes to another set of canvases: sizes that come and go, what stands elsewhere then, and what
 * becomes of places that were corrected by hand.
 *
 * @param moved the theme as it would be
 * @param edit  what makes it so, as one step; empty where nothing changes
 */
public record CanvasPlan(
        List<CanvasLine> canvases,
        List<RelaidScene> scenes,
        List<HandmadeLine> corrections,
        Theme moved,
        Optional<Edit> edit) {

    /** Of a canvas's side: what moves by less is not told. */
    private static final double TOLD = 0.005;

    public enum Fate {
        KEPT,
        /** Of another size and the same proportions: everything keeps its place. */
        SCALED,
        /** Of other proportions: everything is laid out anew. */
        REARRANGED,
        NEW,
        GONE
    }

    /**
     * @param before as it is; empty for a new one
     * @param after  as it would be; empty for one that goes
     * @param like   name of the canvas that a new one is compared with; empty where there is none of its shape
     */
    public record CanvasLine(String id, Fate fate, Optional<Canvas> before, Optional<Canvas> after, String like) {}

    /**
     * A scene on a canvas that is not as it was.
     *
     * @param moves     names of pieces that stand elsewhere, as shares of the canvas
     * @param comes     names of pieces that show there and did not before
     * @param goes      names of pieces that do not show there any more
     */
    public record RelaidScene(
            String scene, String name, String canvas, List<String> moves, List<String> comes, List<String> goes) {}

    public enum Correction {
        /** It counts as before. */
        KEPT,
        /** It goes to a new canvas of the same shape. */
        CARRIED,
        /** Nothing uses it for now; it counts again once such a canvas is back. */
        SLEEPS
    }

    /**
     * A place that somebody gave by hand.
     *
     * @param what  scene and piece, or the line of a zone plan
     * @param where the canvas or shape that it is for
     * @param to    the canvas that it goes to; empty for none
     */
    public record HandmadeLine(String what, String where, Correction fate, String to) {}

    /**
     * @param wanted all canvases that there would be, known by their ids
     * @throws Mistake where these cannot be a theme's canvases
     */
    public static CanvasPlan of(Theme theme, List<Canvas> wanted) {
        if (wanted.isEmpty() || wanted.size() > Theme.MOST_CANVASES) {
            throw new Mistake("A theme has 1 to " + Theme.MOST_CANVASES + " canvases.");
        }
        if (wanted.stream().map(Canvas::id).distinct().count() != wanted.size()) {
            throw new Mistake("Two canvases have the same id.");
        }
        return new Planning(theme, wanted).plan();
    }

    private static final class Planning {
        private final Theme before;
        private final List<Canvas> wanted;
        private final List<Edit> edits = new ArrayList<>();
        /** The canvas whose places a new one takes over, by its id. */
        private final Map<String, Canvas> heirs = new LinkedHashMap<>();

        Planning(Theme before, List<Canvas> wanted) {
            this.before = before;
            this.wanted = wanted;
        }

        CanvasPlan plan() {
            Map<String, Canvas> after =
                    wanted.stream().collect(Collectors.toMap(Canvas::id, one -> one, (one, _) -> one));
            List<Canvas> gone = before.canvases().stream()
                    .filter(one -> !after.containsKey(one.id()))
                    .toList();
            List<Canvas> left = new ArrayList<>(gone);
            for (Canvas canvas : wanted) {
                Optional<Canvas> was = before.canvas(canvas.id());
                if (was.isEmpty()) {
                    left.stream()
                            .filter(one -> one.shape() == canvas.shape())
                            .findFirst()
                            .ifPresent(one -> {
                                left.remove(one);
                                heirs.put(one.id(), canvas);
                            });
                    edits.add(new FramingEdit.AddCanvas(before.canvases().size() + edits.size(), canvas));
                } else if (!was.get().equals(canvas)) {
                    edits.add(new FramingEdit.SetCanvas(canvas));
                }
            }
            List<HandmadeLine> corrections = corrections(after);
            gone.forEach(one -> edits.add(new FramingEdit.RemoveCanvas(one.id())));
            Optional<Edit> edit = edits.isEmpty() ? Optional.empty() : Optional.of(new Edit.Batch(edits));
            Theme moved = edit.map(one -> switch (Edits.apply(before, one)) {
                        case Outcome.Applied applied -> applied.theme();
                        case Outcome.Refused(String reason) -> throw new Mistake(reason);
                    })
                    .orElse(before);
            List<CanvasLine> lines = lines(after);
            return new CanvasPlan(lines, scenes(lines, moved), corrections, moved, edit);
        }

        private List<CanvasLine> lines(Map<String, Canvas> after) {
            List<CanvasLine> lines = new ArrayList<>();
            for (Canvas canvas : before.canvases()) {
                Optional<Canvas> next = Optional.ofNullable(after.get(canvas.id()));
                Fate fate = next.map(one -> one.size().equals(canvas.size())
                                ? Fate.KEPT
                                : canvas.sameProportions(one) ? Fate.SCALED : Fate.REARRANGED)
                        .orElse(Fate.GONE);
                lines.add(new CanvasLine(canvas.id(), fate, Optional.of(canvas), next, ""));
            }
            for (Canvas canvas : wanted) {
                if (before.canvas(canvas.id()).isEmpty()) {
                    lines.add(new CanvasLine(
                            canvas.id(),
                            Fate.NEW,
                            Optional.empty(),
                            Optional.of(canvas),
                            like(canvas).map(Canvas::name).orElse("")));
                }
            }
            return lines;
        }

        /** With which a new one is compared: the one whose places it takes over, or another one of its shape. */
        private Optional<Canvas> like(Canvas fresh) {
            return heirs.entrySet().stream()
                    .filter(one -> one.getValue().id().equals(fresh.id()))
                    .findFirst()
                    .flatMap(one -> before.canvas(one.getKey()))
                    .or(() -> before.canvases().stream()
                            .filter(one -> one.sameProportions(fresh))
                            .findFirst())
                    .or(() -> before.canvases().stream()
                            .filter(one -> one.shape() == fresh.shape())
                            .findFirst());
        }

        private List<HandmadeLine> corrections(Map<String, Canvas> after) {
            Set<Shape> shapes = wanted.stream().map(Canvas::shape).collect(Collectors.toSet());
            List<HandmadeLine> lines = new ArrayList<>();
            for (Scene scene : before.scenes()) {
                for (Placed placed : scene.stack()) {
                    String what = scene.name() + ", "
                            + before.piece(placed.piece()).orElseThrow().name();
                    Set<Shape> by = new TreeSet<>(placed.corrections().keySet());
                    by.addAll(placed.manners().keySet());
                    by.addAll(placed.hidden());
                    by.forEach(shape -> lines.addAll(of(what, shape, shapes)));
                    placed.onCanvas()
                            .forEach((canvas, spot) -> lines.add(on(scene, placed, what, canvas, spot, after)));
                }
            }
            for (LineShift line : before.lines()) {
                lines.addAll(of("Zone plan of " + line.role().title() + " scenes", line.shape(), shapes));
            }
            return lines.stream().distinct().toList();
        }

        /** What nothing used before and nothing uses then is not told. */
        private List<HandmadeLine> of(String what, Shape shape, Set<Shape> shapes) {
            if (!shapes.contains(shape) && before.canvases().stream().noneMatch(one -> one.shape() == shape)) {
                return List.of();
            }
            return List.of(new HandmadeLine(
                    what,
                    "every " + shape.name().toLowerCase(Locale.ROOT) + " canvas",
                    shapes.contains(shape) ? Correction.KEPT : Correction.SLEEPS,
                    ""));
        }

        private HandmadeLine on(
                Scene scene, Placed placed, String what, String canvas, Spot spot, Map<String, Canvas> after) {
            String name = before.canvas(canvas).map(Canvas::name).orElse(canvas);
            if (after.containsKey(canvas)) {
                return new HandmadeLine(what, name, Correction.KEPT, "");
            }
            Canvas heir = heirs.get(canvas);
            if (heir == null || placed.locked()) {
                return new HandmadeLine(what, name, Correction.SLEEPS, "");
            }
            edits.add(new PlacingEdit.SetPlaceOn(scene.id(), placed.piece(), heir.id(), spot));
            return new HandmadeLine(what, name, Correction.CARRIED, heir.name());
        }

        private List<RelaidScene> scenes(List<CanvasLine> lines, Theme moved) {
            List<RelaidScene> scenes = new ArrayList<>();
            for (CanvasLine line : lines) {
                if (line.after().isEmpty() || line.fate() == Fate.KEPT) {
                    continue;
                }
                Canvas canvas = moved.canvas(line.id()).orElseThrow();
                Optional<Canvas> was = line.before().or(() -> like(canvas));
                for (Scene scene : moved.shownScenes()) {
                    Map<String, Box> now = places(moved, scene, canvas);
                    Map<String, Box> then = was.map(one ->
                                    places(before, before.scene(scene.id()).orElseThrow(), one))
                            .orElse(Map.of());
                    RelaidScene told = compared(scene, canvas, then, now);
                    if (!told.moves().isEmpty()
                            || !told.comes().isEmpty()
                            || !told.goes().isEmpty()) {
                        scenes.add(told);
                    }
                }
            }
            return scenes;
        }

        private RelaidScene compared(Scene scene, Canvas canvas, Map<String, Box> then, Map<String, Box> now) {
            return new RelaidScene(
                    scene.id(),
                    scene.name(),
                    canvas.id(),
                    names(now.keySet().stream()
                            .filter(id -> then.containsKey(id) && far(then.get(id), now.get(id)))
                            .toList()),
                    names(now.keySet().stream()
                            .filter(id -> !then.containsKey(id))
                            .toList()),
                    names(then.keySet().stream()
                            .filter(id -> !now.containsKey(id))
                            .toList()));
        }

        private List<String> names(List<String> ids) {
            return ids.stream()
                    .map(id -> before.piece(id).map(piece -> piece.name()).orElse(null))
                    .filter(Objects::nonNull)
                    .toList();
        }

        private static boolean far(Box one, Box other) {
            return Math.abs(one.x() - other.x()) > TOLD
                    || Math.abs(one.y() - other.y()) > TOLD
                    || Math.abs(one.width() - other.width()) > TOLD
                    || Math.abs(one.height() - other.height()) > TOLD;
        }

        /** Where pieces stand, as shares of the canvas, by their ids. */
        private static Map<String, Box> places(Theme theme, Scene scene, Canvas canvas) {
            ResolvedScene resolved = Quiet.scene(theme, scene, canvas);
            double width = canvas.size().width();
            double height = canvas.size().height();
            Map<String, Box> places = new LinkedHashMap<>();
            for (Placement placement : resolved.placements()) {
                Box box = placement.box();
                places.put(
                        placement.piece().id(),
                        new Box(box.x() / width, box.y() / height, box.width() / width, box.height() / height));
            }
            return places;
        }
    }
}
