package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.require;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.kind.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Changes how one piece stands on one scene. */
public sealed interface PlacingEdit extends Edit {

    /** Puts a piece on a scene at a place in the stack, 0 at the back. */
    record Place(String scene, int index, Placed placed) implements PlacingEdit {
        @Override
        public String piece() {
            return placed.piece();
        }

        @Override
        public Outcome.Applied applied(Theme theme) {
            Piece one = Edits.piece(theme, piece());
            requirePlaceable(one);
            require(Edits.scene(theme, scene).placed(piece()).isEmpty(), "This piece is already on the scene.");
            one.saying(placed.content());
            Theme next = Edits.withScene(theme, scene, s -> s.with(placed, index));
            requireNoCircle(next, Edits.scene(next, scene));
            return done(next, new TakeOff(scene, piece()));
        }

        @Override
        public String deed(Names names) {
            return "Put " + what(this, names);
        }
    }

    record TakeOff(String scene, String piece) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Placed old = placedOf(this, theme);
            return done(
                    Edits.withScene(theme, scene, s -> s.without(piece)),
                    new Place(scene, Edits.scene(theme, scene).indexOf(piece), old));
        }

        @Override
        public String deed(Names names) {
            return "Took " + names.piece(piece) + " off " + names.scene(scene);
        }
    }

    record Reorder(String scene, String piece, int index) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Placed moved = placedOf(this, theme);
            return done(
                    Edits.withScene(theme, scene, s -> s.without(piece).with(moved, index)),
                    new Reorder(scene, piece, Edits.scene(theme, scene).indexOf(piece)));
        }

        @Override
        public String deed(Names names) {
            return "Reordered " + what(this, names);
        }
    }

    /** Puts a piece on a scene into a group, whose pieces move as one there; an empty name takes it out of its group. */
    record SetGroup(String scene, String piece, String group) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(
                    this,
                    theme,
                    placedOf(this, theme).inGroup(group.strip()),
                    new SetGroup(scene, piece, placedOf(this, theme).group()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetGroup.class, scene, piece));
        }

        @Override
        public String deed(Names names) {
            return (group.isEmpty() ? "Ungrouped " : "Grouped ") + what(this, names);
        }
    }

    /** Its place on all canvas shapes without a correction. Refused where pieces would hang on each other in a circle. */
    record SetSpot(String scene, String piece, Spot spot) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return placing(
                    this,
                    theme,
                    freeOf(this, theme).at(spot),
                    new SetSpot(scene, piece, placedOf(this, theme).spot()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetSpot.class, scene, piece));
        }

        @Override
        public String deed(Names names) {
            return "Placed " + what(this, names);
        }
    }

    /** A hand-made place for one canvas shape. */
    record SetCorrection(String scene, String piece, Shape shape, Spot spot) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return placing(this, theme, freeOf(this, theme).corrected(shape, spot), undoCorrection(this, theme, shape));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetCorrection.class, scene, piece, shape));
        }

        @Override
        public String deed(Names names) {
            return "Placed " + what(this, names) + Names.on(shape);
        }
    }

    /** A hand-made place for one canvas alone. */
    record SetPlaceOn(String scene, String piece, String canvas, Spot spot) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.canvas(canvas).isPresent(), "That canvas is no longer there.");
            return placing(this, theme, freeOf(this, theme).on(canvas, spot), undoPlaceOn(this, theme, canvas));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetPlaceOn.class, scene, piece, canvas));
        }

        @Override
        public String deed(Names names) {
            return "Placed " + what(this, names)
                    + names.canvas(canvas).map(name -> " on " + name + " alone").orElse("");
        }
    }

    /** Back to its place for the canvas's shape. */
    record DropPlaceOn(String scene, String piece, String canvas) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(
                    placedOf(this, theme).onCanvas().containsKey(canvas),
                    "Nothing was placed by hand on that canvas alone.");
            return placing(this, theme, freeOf(this, theme).notOn(canvas), undoPlaceOn(this, theme, canvas));
        }

        @Override
        public String deed(Names names) {
            return "Put back " + what(this, names)
                    + names.canvas(canvas).map(name -> " on " + name).orElse("");
        }
    }

    /**
     * A hand-made place as a person drags it on a canvas. It counts for the shape of that canvas; where canvases of the
     * same shape have other proportions (16:9 beside 4:3 or 21:9), for those of its own proportions only. It keeps the
     * point that it is anchored to, or gets the one that lies nearest.
     *
     * @param box in pixels of that canvas
     */
    record SetBox(String scene, String piece, String canvas, Box box) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Canvas on = theme.canvas(canvas).orElseThrow(() -> new Edits.Refusal("That canvas is no longer there."));
            Placed old = freeOf(this, theme);
            Spot spot = dragged(old, on, box);
            boolean alone = theme.canvases().stream()
                    .filter(other -> other.shape() == on.shape())
                    .allMatch(on::sameProportions);
            if (alone && !old.onCanvas().containsKey(canvas)) {
                return placing(this, theme, old.corrected(on.shape(), spot), undoCorrection(this, theme, on.shape()));
            }
            Placed next = old;
            List<Edit> back = new ArrayList<>();
            for (Canvas alike :
                    theme.canvases().stream().filter(on::sameProportions).toList()) {
                next = next.on(alike.id(), spot);
                back.add(undoPlaceOn(this, theme, alike.id()));
            }
            return placing(this, theme, next, back.size() == 1 ? back.getFirst() : new Edit.Batch(back));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetBox.class, scene, piece, canvas));
        }

        @Override
        public String deed(Names names) {
            return "Placed " + what(this, names) + names.shape(canvas);
        }
    }

    /** Back to its place on other canvas shapes. */
    record DropCorrection(String scene, String piece, Shape shape) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(placedOf(this, theme).corrections().containsKey(shape), "Nothing was placed by hand there.");
            return placing(this, theme, freeOf(this, theme).uncorrected(shape), undoCorrection(this, theme, shape));
        }

        @Override
        public String deed(Names names) {
            return "Put back " + what(this, names) + Names.on(shape);
        }
    }

    record SetHidden(String scene, String piece, Shape shape, boolean hidden) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(
                    this,
                    theme,
                    placedOf(this, theme).hidden(shape, hidden),
                    new SetHidden(scene, piece, shape, !placedOf(this, theme).shows(shape)));
        }

        @Override
        public String deed(Names names) {
            return (hidden ? "Hid " : "Showed ") + what(this, names) + Names.on(shape);
        }
    }

    record SetManner(String scene, String piece, Manner manner) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(
                    this,
                    theme,
                    freeOf(this, theme).laid(manner),
                    new SetManner(scene, piece, placedOf(this, theme).manner()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetManner.class, scene, piece));
        }

        @Override
        public String deed(Names names) {
            return "Laid " + what(this, names) + " another way";
        }
    }

    /** How it is laid on one canvas shape alone. */
    record SetMannerOn(String scene, String piece, Shape shape, Manner manner) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(this, theme, freeOf(this, theme).laid(shape, manner), undoManner(this, theme, shape));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetMannerOn.class, scene, piece, shape));
        }

        @Override
        public String deed(Names names) {
            return "Laid " + what(this, names) + " another way" + Names.on(shape);
        }
    }

    record DropMannerOn(String scene, String piece, Shape shape) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(placedOf(this, theme).manners().containsKey(shape), "Nothing differs there.");
            return replaced(this, theme, freeOf(this, theme).laidAsElsewhere(shape), undoManner(this, theme, shape));
        }

        @Override
        public String deed(Names names) {
            return "Laid " + what(this, names) + " as elsewhere" + Names.on(shape);
        }
    }

    /** A locked piece keeps its place. */
    record SetLocked(String scene, String piece, boolean locked) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(
                    this,
                    theme,
                    placedOf(this, theme).locked(locked),
                    new SetLocked(scene, piece, placedOf(this, theme).locked()));
        }

        @Override
        public String deed(Names names) {
            return (locked ? "Locked " : "Unlocked ") + what(this, names);
        }
    }

    /** Whether a piece comes in when the scene comes on. */
    record SetArrival(String scene, String piece, Arrival arrival) implements PlacingEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return replaced(
                    this,
                    theme,
                    placedOf(this, theme).arriving(arrival),
                    new SetArrival(scene, piece, placedOf(this, theme).arrival()));
        }

        @Override
        public String deed(Names names) {
            return "Said that " + what(this, names)
                    + switch (arrival) {
                        case AS_SCENE -> " comes in as its scene does";
                        case ARRIVES -> " comes in";
                        case AT_ONCE -> " is there at once";
                    };
        }
    }

    /** What a piece says on this scene alone; none goes back to what it says elsewhere. */
    record SetContentOn(String scene, String piece, Map<String, Content> content) implements PlacingEdit {
        public SetContentOn {
            content = Map.copyOf(content);
        }

        @Override
        public Outcome.Applied applied(Theme theme) {
            Edits.piece(theme, piece).saying(content);
            return replaced(
                    this,
                    theme,
                    placedOf(this, theme).saying(content),
                    new SetContentOn(scene, piece, placedOf(this, theme).content()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetContentOn.class, scene, piece));
        }

        @Override
        public String deed(Names names) {
            return "Gave " + what(this, names) + " words of its own";
        }
    }

    String scene();

    /** Id of the piece. */
    String piece();

    private static String what(PlacingEdit edit, Names names) {
        return names.piece(edit.piece()) + " on " + names.scene(edit.scene());
    }

    private static Placed placedOf(PlacingEdit edit, Theme theme) {
        Edits.piece(theme, edit.piece());
        return Edits.scene(theme, edit.scene())
                .placed(edit.piece())
                .orElseThrow(() -> new Edits.Refusal("That piece is no longer on this scene; nothing was changed."));
    }

    /** A piece whose place may be changed. */
    private static Placed freeOf(PlacingEdit edit, Theme theme) {
        Placed placed = placedOf(edit, theme);
        require(
                !placed.locked(),
                Edits.piece(theme, edit.piece()).name() + " is locked on this scene; unlock it first.");
        return placed;
    }

    private static Outcome.Applied placing(PlacingEdit edit, Theme theme, Placed next, Edit inverse) {
        Outcome.Applied done = replaced(edit, theme, next, inverse);
        requireNoCircle(done.theme(), Edits.scene(done.theme(), edit.scene()));
        return done;
    }

    private static Outcome.Applied replaced(PlacingEdit edit, Theme theme, Placed next, Edit inverse) {
        return done(Edits.withScene(theme, edit.scene(), s -> s.replacing(next)), inverse);
    }

    private static Edit undoCorrection(PlacingEdit edit, Theme theme, Shape shape) {
        Spot old = placedOf(edit, theme).corrections().get(shape);
        return old == null
                ? new DropCorrection(edit.scene(), edit.piece(), shape)
                : new SetCorrection(edit.scene(), edit.piece(), shape, old);
    }

    private static Edit undoPlaceOn(PlacingEdit edit, Theme theme, String canvas) {
        Spot old = placedOf(edit, theme).onCanvas().get(canvas);
        return old == null
                ? new DropPlaceOn(edit.scene(), edit.piece(), canvas)
                : new SetPlaceOn(edit.scene(), edit.piece(), canvas, old);
    }

    private static Edit undoManner(PlacingEdit edit, Theme theme, Shape shape) {
        Manner old = placedOf(edit, theme).manners().get(shape);
        return old == null
                ? new DropMannerOn(edit.scene(), edit.piece(), shape)
                : new SetMannerOn(edit.scene(), edit.piece(), shape, old);
    }

    /** Keeps the point that a hand-made place is anchored to; a first one gets the nearest. */
    private static Spot dragged(Placed placed, Canvas canvas, Box box) {
        Box frame = canvas.size().box();
        Anchor anchor = placed.spot(canvas) instanceof Spot.Anchored held ? held.anchor() : Anchor.nearest(frame, box);
        double unit = canvas.unit();
        return new Spot.Anchored(
                anchor,
                anchor.offsetX(frame, box) / unit,
                anchor.offsetY(frame, box) / unit,
                box.width() / unit,
                box.height() / unit);
    }

    static void requirePlaceable(Piece piece) {
        require(
                !piece.kind().facts().apart(),
                piece.name() + " stands on no scene; take it out as files, under Pieces.");
    }

    /** @throws Edits.Refusal naming the pieces that hang on each other in a circle, on any canvas shape */
    static void requireNoCircle(Theme theme, Scene scene) {
        for (Shape shape : Shape.values()) {
            requireNoCircle(theme, scene, placed -> placed.spot(shape));
        }
        for (Canvas canvas : theme.canvases()) {
            requireNoCircle(theme, scene, placed -> placed.spot(canvas));
        }
    }

    private static void requireNoCircle(Theme theme, Scene scene, Function<Placed, Spot> place) {
        for (Placed placed : scene.stack()) {
            List<String> chain = new ArrayList<>();
            for (String at = placed.piece(); !at.isEmpty(); at = hangsOn(scene, at, place)) {
                if (chain.contains(at)) {
                    throw new Edits.Refusal(
                            String.format(Locale.ROOT, "That goes round in a circle: %s.", named(theme, chain, at)));
                }
                chain.add(at);
            }
        }
    }

    /** The piece that another one is attached to; empty when it is not, or when that piece is not on the scene. */
    private static String hangsOn(Scene scene, String piece, Function<Placed, Spot> place) {
        return scene.placed(piece)
                .map(place)
                .filter(Spot.Attached.class::isInstance)
                .map(spot -> ((Spot.Attached) spot).to())
                .filter(to -> scene.placed(to).isPresent())
                .orElse("");
    }

    private static String named(Theme theme, List<String> chain, String last) {
        List<String> circle = new ArrayList<>(chain.subList(chain.indexOf(last), chain.size()));
        circle.add(last);
        return String.join(
                " hangs on ",
                circle.stream()
                        .map(id -> theme.piece(id).map(Piece::name).orElse(id))
                        .toList());
    }
}
