package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.Viewer;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Changes what scenes are laid out on: canvases, captures, zone plans, what is kept clear. */
public sealed interface FramingEdit extends Edit {

    record AddCanvas(int index, Canvas canvas) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.canvas(canvas.id()).isEmpty(), "There is already a canvas with this id.");
            require(
                    theme.canvases().size() < Theme.MOST_CANVASES,
                    "A theme has at most " + Theme.MOST_CANVASES + " canvases.");
            return done(theme.withCanvases(inserted(theme.canvases(), index, canvas)), new RemoveCanvas(canvas.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the canvas " + canvas.name();
        }
    }

    /** Replaces the canvas with this id. */
    record SetCanvas(Canvas canvas) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Canvas old = canvasOf(theme, canvas.id());
            return done(
                    theme.withCanvases(theme.canvases().stream()
                            .map(c -> c == old ? canvas : c)
                            .toList()),
                    new SetCanvas(old));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetCanvas.class, canvas.id()));
        }

        @Override
        public String deed(Names names) {
            return "Changed the canvas " + canvas.name();
        }
    }

    record RemoveCanvas(String canvas) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Canvas old = canvasOf(theme, canvas);
            require(theme.canvases().size() > 1, "A theme keeps at least one canvas.");
            return done(
                    theme.withCanvases(
                            theme.canvases().stream().filter(c -> c != old).toList()),
                    new AddCanvas(theme.canvases().indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a canvas";
        }
    }

    record AddCapture(int index, Capture capture) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.capture(capture.id()).isEmpty(), "There is already a capture with this id.");
            require(
                    theme.captures().size() < Theme.MOST_CAPTURES,
                    "A theme has at most " + Theme.MOST_CAPTURES + " captures.");
            return done(
                    theme.withCaptures(inserted(theme.captures(), index, capture)), new RemoveCapture(capture.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the capture " + capture.name();
        }
    }

    /** Refused while a piece shows it. */
    record RemoveCapture(String capture) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            theme.pieces().stream()
                    .filter(piece -> piece.captures().contains(capture))
                    .findFirst()
                    .ifPresent(
                            piece -> require(false, piece.name() + " shows this capture; give it another one first."));
            return done(
                    theme.withCaptures(
                            theme.captures().stream().filter(c -> c != old).toList()),
                    new AddCapture(theme.captures().indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a capture";
        }
    }

    record RenameCapture(String capture, String name) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            return done(withCapture(theme, old.named(name)), new RenameCapture(capture, old.name()));
        }

        @Override
        public String deed(Names names) {
            return "Named a capture " + name;
        }
    }

    record SetCaptureSize(String capture, Size size) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            return done(withCapture(theme, old.sized(size)), new SetCaptureSize(capture, old.size()));
        }

        @Override
        public String deed(Names names) {
            return "Set the size of " + names.capture(capture);
        }
    }

    record SetSeeThrough(String capture, boolean seeThrough) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            return done(withCapture(theme, old.seeThrough(seeThrough)), new SetSeeThrough(capture, old.seeThrough()));
        }

        @Override
        public String deed(Names names) {
            return names.capture(capture) + (seeThrough ? ": its background is taken out" : ": its background is kept");
        }
    }

    /** Replaces or adds the region with this id. */
    record SetRegion(String capture, Region region) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            Optional<Region> before = old.region(region.id());
            require(
                    before.isPresent() || old.regions().size() < Capture.MOST_REGIONS,
                    "A capture has at most " + Capture.MOST_REGIONS + " regions.");
            return done(
                    withCapture(theme, old.with(replaced(old.regions(), region, Region::id))),
                    before.<Edit>map(b -> new SetRegion(capture, b)).orElse(new DropRegion(capture, region.id())));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetRegion.class, capture, region.id()));
        }

        @Override
        public String deed(Names names) {
            return "Marked " + region.name() + " in " + names.capture(capture);
        }
    }

    record DropRegion(String capture, String region) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Capture old = captureOf(theme, capture);
            Region gone = old.region(region).orElseThrow(() -> new Edits.Refusal("That region is no longer there."));
            return done(
                    withCapture(
                            theme,
                            old.with(old.regions().stream()
                                    .filter(r -> r != gone)
                                    .toList())),
                    new SetRegion(capture, gone));
        }

        @Override
        public String deed(Names names) {
            return "Unmarked a region in " + names.capture(capture);
        }
    }

    /** Moves a dividing line of the zone plan for one role on one canvas shape. */
    record SetLine(LineShift shift) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            List<LineShift> lines = Stream.concat(
                            others(theme, shift.role(), shift.shape(), shift.line()), Stream.of(shift))
                    .toList();
            return done(theme.withLines(lines), undoLine(theme, shift.role(), shift.shape(), shift.line()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetLine.class, shift.role(), shift.shape(), shift.line()));
        }

        @Override
        public String deed(Names names) {
            return "Moved a line of the plan" + Names.on(shift.shape());
        }
    }

    /** Back to where the plan has it. */
    record DropLine(SceneRole role, Shape shape, PlanLine line) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(lineOf(theme, role, shape, line).isPresent(), "That line stands where the plan has it.");
            return done(theme.withLines(others(theme, role, shape, line).toList()), undoLine(theme, role, shape, line));
        }

        @Override
        public String deed(Names names) {
            return "Put back a line of the plan" + Names.on(shape);
        }
    }

    record SetViewer(Viewer viewer) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(theme.withViewer(viewer), new SetViewer(theme.viewer()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetViewer.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed who must be able to read it";
        }
    }

    /** Replaces or adds the area with this id. */
    record SetKeepClear(String scene, KeepClear area) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene old = Edits.scene(theme, scene);
            Optional<KeepClear> before = old.keepClear(area.id());
            require(
                    before.isPresent() || old.keepClear().size() < Scene.MOST_KEPT_CLEAR,
                    "A scene keeps at most " + Scene.MOST_KEPT_CLEAR + " areas clear.");
            return done(
                    Edits.withScene(theme, scene, s -> s.keeping(replaced(s.keepClear(), area, KeepClear::id))),
                    before.<Edit>map(b -> new SetKeepClear(scene, b)).orElse(new DropKeepClear(scene, area.id())));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetKeepClear.class, scene, area.id()));
        }

        @Override
        public String deed(Names names) {
            return "Drew " + area.name() + " on " + names.scene(scene) + ", to be kept clear";
        }
    }

    record DropKeepClear(String scene, String area) implements FramingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            KeepClear gone = Edits.scene(theme, scene)
                    .keepClear(area)
                    .orElseThrow(() -> new Edits.Refusal("That area is no longer there."));
            return done(
                    Edits.withScene(
                            theme,
                            scene,
                            s -> s.keeping(s.keepClear().stream()
                                    .filter(k -> k != gone)
                                    .toList())),
                    new SetKeepClear(scene, gone));
        }

        @Override
        public String deed(Names names) {
            return "Removed a kept-clear area of " + names.scene(scene);
        }
    }

    private static Canvas canvasOf(Theme theme, String id) {
        return theme.canvas(id).orElseThrow(() -> new Edits.Refusal("That canvas is no longer there."));
    }

    private static Capture captureOf(Theme theme, String id) {
        return theme.capture(id).orElseThrow(() -> new Edits.Refusal("That capture is no longer there."));
    }

    private static Theme withCapture(Theme theme, Capture changed) {
        return theme.withCaptures(theme.captures().stream()
                .map(c -> c.id().equals(changed.id()) ? changed : c)
                .toList());
    }

    private static Stream<LineShift> others(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return theme.lines().stream().filter(shift -> !shift.of(role, shape, line));
    }

    private static Optional<LineShift> lineOf(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return theme.lines().stream()
                .filter(shift -> shift.of(role, shape, line))
                .findFirst();
    }

    private static Edit undoLine(Theme theme, SceneRole role, Shape shape, PlanLine line) {
        return lineOf(theme, role, shape, line)
                .<Edit>map(SetLine::new)
                .orElseGet(() -> new DropLine(role, shape, line));
    }

    /** In the place of the one with the same id, or at the end. */
    private static <T> List<T> replaced(List<T> all, T one, Function<T, String> id) {
        boolean known = all.stream().anyMatch(old -> id.apply(old).equals(id.apply(one)));
        Stream<T> kept = all.stream().map(old -> id.apply(old).equals(id.apply(one)) ? one : old);
        return (known ? kept : Stream.concat(kept, Stream.of(one))).toList();
    }
}
