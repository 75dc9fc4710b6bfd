package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;
import static brandeon.core.theme.Edits.scene;
import static brandeon.core.theme.Edits.withScene;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.Viewer;
import brandeon.core.theme.Edits.Refusal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Applies edits of canvases, captures, zone plans and what is kept clear. */
final class FramingEdits {

    private FramingEdits() {}

    static Outcome.Applied applied(Theme theme, Edit.Framing edit) {
        return switch (edit) {
            case Edit.AddCanvas(int index, Canvas canvas) -> {
                require(theme.canvas(canvas.id()).isEmpty(), "There is already a canvas with this id.");
                require(
                        theme.canvases().size() < Theme.MOST_CANVASES,
                        "A theme has at most " + Theme.MOST_CANVASES + " canvases.");
                yield done(
                        theme.withCanvases(inserted(theme.canvases(), index, canvas)),
                        new Edit.RemoveCanvas(canvas.id()));
            }
            case Edit.SetCanvas(Canvas canvas) -> {
                Canvas old = canvas(theme, canvas.id());
                yield done(
                        theme.withCanvases(theme.canvases().stream()
                                .map(c -> c == old ? canvas : c)
                                .toList()),
                        new Edit.SetCanvas(old));
            }
            case Edit.RemoveCanvas(String id) -> {
                Canvas old = canvas(theme, id);
                require(theme.canvases().size() > 1, "A theme keeps at least one canvas.");
                yield done(
                        theme.withCanvases(
                                theme.canvases().stream().filter(c -> c != old).toList()),
                        new Edit.AddCanvas(theme.canvases().indexOf(old), old));
            }
            case Edit.AddCapture(int index, Capture capture) -> {
                require(theme.capture(capture.id()).isEmpty(), "There is already a capture with this id.");
                require(
                        theme.captures().size() < Theme.MOST_CAPTURES,
                        "A theme has at most " + Theme.MOST_CAPTURES + " captures.");
                yield done(
                        theme.withCaptures(inserted(theme.captures(), index, capture)),
                        new Edit.RemoveCapture(capture.id()));
            }
            case Edit.RemoveCapture(String id) -> {
                Capture old = capture(theme, id);
                theme.pieces().stream()
                        .filter(piece -> piece.captures().contains(id))
                        .findFirst()
                        .ifPresent(piece ->
                                require(false, piece.name() + " shows this capture; give it another one first."));
                yield done(
                        theme.withCaptures(
                                theme.captures().stream().filter(c -> c != old).toList()),
                        new Edit.AddCapture(theme.captures().indexOf(old), old));
            }
            case Edit.RenameCapture(String id, String name) -> {
                Capture old = capture(theme, id);
                yield done(
                        withCapture(theme, new Capture(id, name, old.size(), old.regions())),
                        new Edit.RenameCapture(id, old.name()));
            }
            case Edit.SetCaptureSize(String id, Size size) -> {
                Capture old = capture(theme, id);
                yield done(
                        withCapture(theme, new Capture(id, old.name(), size, old.regions())),
                        new Edit.SetCaptureSize(id, old.size()));
            }
            case Edit.SetRegion(String id, Region region) -> {
                Capture old = capture(theme, id);
                Optional<Region> before = old.region(region.id());
                require(
                        before.isPresent() || old.regions().size() < Capture.MOST_REGIONS,
                        "A capture has at most " + Capture.MOST_REGIONS + " regions.");
                yield done(
                        withCapture(theme, old.with(replaced(old.regions(), region, Region::id))),
                        before.<Edit>map(b -> new Edit.SetRegion(id, b)).orElse(new Edit.DropRegion(id, region.id())));
            }
            case Edit.DropRegion(String id, String region) -> {
                Capture old = capture(theme, id);
                Region gone = old.region(region).orElseThrow(() -> new Refusal("That region is no longer there."));
                yield done(
                        withCapture(
                                theme,
                                old.with(old.regions().stream()
                                        .filter(r -> r != gone)
                                        .toList())),
                        new Edit.SetRegion(id, gone));
            }
            case Edit.SetLine(LineShift shift) ->
                done(
                        theme.withLines(Stream.concat(
                                        others(theme, shift.role(), shift.shape(), shift.line()), Stream.of(shift))
                                .toList()),
                        undoLine(theme, shift.role(), shift.shape(), shift.line()));
            case Edit.DropLine(SceneRole role, Shape shape, PlanLine line) -> {
                require(line(theme, role, shape, line).isPresent(), "That line stands where the plan has it.");
                yield done(
                        theme.withLines(others(theme, role, shape, line).toList()), undoLine(theme, role, shape, line));
            }
            case Edit.SetViewer(Viewer viewer) -> done(theme.withViewer(viewer), new Edit.SetViewer(theme.viewer()));
            case Edit.SetKeepClear(String id, KeepClear area) -> {
                Scene old = scene(theme, id);
                Optional<KeepClear> before = old.keepClear(area.id());
                require(
                        before.isPresent() || old.keepClear().size() < Scene.MOST_KEPT_CLEAR,
                        "A scene keeps at most " + Scene.MOST_KEPT_CLEAR + " areas clear.");
                yield done(
                        withScene(theme, id, s -> s.keeping(replaced(s.keepClear(), area, KeepClear::id))),
                        before.<Edit>map(b -> new Edit.SetKeepClear(id, b))
                                .orElse(new Edit.DropKeepClear(id, area.id())));
            }
            case Edit.DropKeepClear(String id, String area) -> {
                KeepClear gone = scene(theme, id)
                        .keepClear(area)
                        .orElseThrow(() -> new Refusal("That area is no longer there."));
                yield done(
                        withScene(
                                theme,
                                id,
                                s -> s.keeping(s.keepClear().stream()
                                        .filter(k -> k != gone)
                                        .toList())),
                        new Edit.SetKeepClear(id, gone));
            }
        };
    }

    /** Whether a later edit sets the very property that an earlier one set. */
    static boolean overrides(Edit.Framing later, Edit earlier) {
        return switch (later) {
            case Edit.SetLine(LineShift shift) ->
                earlier instanceof Edit.SetLine e && e.shift().of(shift.role(), shift.shape(), shift.line());
            case Edit.SetKeepClear(String id, KeepClear area) ->
                earlier instanceof Edit.SetKeepClear e
                        && e.scene().equals(id)
                        && e.area().id().equals(area.id());
            case Edit.SetRegion(String id, Region region) ->
                earlier instanceof Edit.SetRegion e
                        && e.capture().equals(id)
                        && e.region().id().equals(region.id());
            case Edit.SetCanvas(Canvas canvas) ->
                earlier instanceof Edit.SetCanvas e && e.canvas().id().equals(canvas.id());
            case Edit.SetViewer _ -> earlier instanceof Edit.SetViewer;
            case Edit.AddCanvas _,
                    Edit.RemoveCanvas _,
                    Edit.AddCapture _,
                    Edit.RemoveCapture _,
                    Edit.RenameCapture _,
                    Edit.SetCaptureSize _,
                    Edit.DropRegion _,
                    Edit.DropLine _,
                    Edit.DropKeepClear _ -> false;
        };
    }

    private static Canvas canvas(Theme theme, String id) {
        return theme.canvas(id).orElseThrow(() -> new Refusal("That canvas is no longer there."));
    }

    private static Capture capture(Theme theme, String id) {
        return theme.capture(id).orElseThrow(() -> new Refusal("That capture is no longer there."));
    }

    private static Theme withCapture(Theme theme, Capture changed) {
        return theme.withCaptures(theme.captures().stream()
                .map(c -> c.id().equals(changed.id()) ? changed : c)
                .toList());
    }

    private static Stream<LineShift> others(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return theme.lines().stream().filter(shift -> !shift.of(role, shape, line));
    }

    private static Optional<LineShift> line(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return theme.lines().stream()
                .filter(shift -> shift.of(role, shape, line))
                .findFirst();
    }

    private static Edit undoLine(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return line(theme, role, shape, line)
                .<Edit>map(Edit.SetLine::new)
                .orElseGet(() -> new Edit.DropLine(role, shape, line));
    }

    /** In the place of the one with the same id, or at the end. */
    private static <T> List<T> replaced(List<T> all, T one, Function<T, String> id) {
        boolean known = all.stream().anyMatch(old -> id.apply(old).equals(id.apply(one)));
        Stream<T> kept = all.stream().map(old -> id.apply(old).equals(id.apply(one)) ? one : old);
        return (known ? kept : Stream.concat(kept, Stream.of(one))).toList();
    }
}
