package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.piece;
import static brandeon.core.theme.Edits.require;
import static brandeon.core.theme.Edits.scene;
import static brandeon.core.theme.Edits.withScene;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.kind.Content;
import brandeon.core.theme.Edits.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** Applies edits of how one piece stands on one scene. */
final class PlacingEdits {

    private PlacingEdits() {}

    static Outcome.Applied applied(Theme theme, Edit.Placing edit) {
        return switch (edit) {
            case Edit.Place e -> place(theme, e);
            case Edit.TakeOff(String scene, String id) -> {
                Placed old = placed(theme, edit);
                yield done(
                        withScene(theme, scene, s -> s.without(id)),
                        new Edit.Place(scene, scene(theme, scene).indexOf(id), old));
            }
            case Edit.Reorder(String scene, String id, int index) -> {
                Placed moved = placed(theme, edit);
                yield done(
                        withScene(theme, scene, s -> s.without(id).with(moved, index)),
                        new Edit.Reorder(scene, id, scene(theme, scene).indexOf(id)));
            }
            case Edit.SetGroup(String scene, String id, String group) ->
                replaced(
                        theme,
                        edit,
                        placed(theme, edit).inGroup(group.strip()),
                        new Edit.SetGroup(scene, id, placed(theme, edit).group()));
            case Edit.SetSpot(String scene, String id, Spot spot) ->
                placing(
                        theme,
                        edit,
                        free(theme, edit).at(spot),
                        new Edit.SetSpot(scene, id, placed(theme, edit).spot()));
            case Edit.SetCorrection(String _, String _, Shape shape, Spot spot) ->
                placing(theme, edit, free(theme, edit).corrected(shape, spot), undoCorrection(theme, edit, shape));
            case Edit.SetBox(String _, String _, String id, Box box) -> {
                Canvas canvas = theme.canvas(id).orElseThrow(() -> new Refusal("That canvas is no longer there."));
                yield dragged(theme, edit, canvas, box);
            }
            case Edit.SetPlaceOn(String _, String _, String canvas, Spot spot) -> {
                require(theme.canvas(canvas).isPresent(), "That canvas is no longer there.");
                yield placing(theme, edit, free(theme, edit).on(canvas, spot), undoPlaceOn(theme, edit, canvas));
            }
            case Edit.DropPlaceOn(String _, String _, String canvas) -> {
                require(
                        placed(theme, edit).onCanvas().containsKey(canvas),
                        "Nothing was placed by hand on that canvas alone.");
                yield placing(theme, edit, free(theme, edit).notOn(canvas), undoPlaceOn(theme, edit, canvas));
            }
            case Edit.DropCorrection(String _, String _, Shape shape) -> {
                require(placed(theme, edit).corrections().containsKey(shape), "Nothing was placed by hand there.");
                yield placing(theme, edit, free(theme, edit).uncorrected(shape), undoCorrection(theme, edit, shape));
            }
            case Edit.SetHidden(String scene, String id, Shape shape, boolean hidden) ->
                replaced(
                        theme,
                        edit,
                        placed(theme, edit).hidden(shape, hidden),
                        new Edit.SetHidden(
                                scene, id, shape, !placed(theme, edit).shows(shape)));
            case Edit.SetManner(String scene, String id, Manner manner) ->
                replaced(
                        theme,
                        edit,
                        free(theme, edit).laid(manner),
                        new Edit.SetManner(scene, id, placed(theme, edit).manner()));
            case Edit.SetMannerOn(String _, String _, Shape shape, Manner manner) ->
                replaced(theme, edit, free(theme, edit).laid(shape, manner), undoManner(theme, edit, shape));
            case Edit.DropMannerOn(String _, String _, Shape shape) -> {
                require(placed(theme, edit).manners().containsKey(shape), "Nothing differs there.");
                yield replaced(theme, edit, free(theme, edit).laidAsElsewhere(shape), undoManner(theme, edit, shape));
            }
            case Edit.SetLocked(String scene, String id, boolean locked) ->
                replaced(
                        theme,
                        edit,
                        placed(theme, edit).locked(locked),
                        new Edit.SetLocked(scene, id, placed(theme, edit).locked()));
            case Edit.SetContentOn(String scene, String id, Map<String, Content> content) -> {
                piece(theme, id).saying(content);
                yield replaced(
                        theme,
                        edit,
                        placed(theme, edit).saying(content),
                        new Edit.SetContentOn(scene, id, placed(theme, edit).content()));
            }
        };
    }

    /** Whether a later edit sets the very property that an earlier one set. */
    static boolean overrides(Edit.Placing later, Edit earlier) {
        if (!(earlier instanceof Edit.Placing before)
                || !before.scene().equals(later.scene())
                || !before.piece().equals(later.piece())) {
            return false;
        }
        return switch (later) {
            case Edit.SetBox e -> before instanceof Edit.SetBox b && b.canvas().equals(e.canvas());
            case Edit.SetCorrection e -> before instanceof Edit.SetCorrection b && b.shape() == e.shape();
            case Edit.SetMannerOn e -> before instanceof Edit.SetMannerOn b && b.shape() == e.shape();
            case Edit.SetSpot _, Edit.SetManner _, Edit.SetGroup _, Edit.SetContentOn _ ->
                before.getClass() == later.getClass();
            case Edit.SetPlaceOn e ->
                before instanceof Edit.SetPlaceOn b && b.canvas().equals(e.canvas());
            case Edit.Place _,
                    Edit.TakeOff _,
                    Edit.Reorder _,
                    Edit.DropPlaceOn _,
                    Edit.DropCorrection _,
                    Edit.SetHidden _,
                    Edit.DropMannerOn _,
                    Edit.SetLocked _ -> false;
        };
    }

    static void requirePlaceable(Piece piece) {
        require(
                !piece.kind().facts().apart(),
                piece.name() + " stands on no scene; take it out as files, under Pieces.");
    }

    /** @throws Refusal naming the pieces that hang on each other in a circle, on any canvas shape */
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
                    throw new Refusal(
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

    private static Outcome.Applied place(Theme theme, Edit.Place edit) {
        requirePlaceable(piece(theme, edit.placed().piece()));
        require(
                scene(theme, edit.scene()).placed(edit.placed().piece()).isEmpty(),
                "This piece is already on the scene.");
        piece(theme, edit.piece()).saying(edit.placed().content());
        Theme next = withScene(theme, edit.scene(), s -> s.with(edit.placed(), edit.index()));
        requireNoCircle(next, scene(next, edit.scene()));
        return done(next, new Edit.TakeOff(edit.scene(), edit.placed().piece()));
    }

    /** For its shape, or for all canvases of its proportions where others of its shape have other ones. */
    private static Outcome.Applied dragged(Theme theme, Edit.Placing edit, Canvas canvas, Box box) {
        Placed old = free(theme, edit);
        Spot spot = dragged(old, canvas, box);
        if (!old.onCanvas().containsKey(canvas.id())
                && theme.canvases().stream()
                        .filter(other -> other.shape() == canvas.shape())
                        .allMatch(canvas::sameProportions)) {
            return placing(
                    theme, edit, old.corrected(canvas.shape(), spot), undoCorrection(theme, edit, canvas.shape()));
        }
        Placed next = old;
        List<Edit> back = new ArrayList<>();
        for (Canvas alike :
                theme.canvases().stream().filter(canvas::sameProportions).toList()) {
            next = next.on(alike.id(), spot);
            back.add(undoPlaceOn(theme, edit, alike.id()));
        }
        return placing(theme, edit, next, back.size() == 1 ? back.getFirst() : new Edit.Batch(back));
    }

    private static Edit undoPlaceOn(Theme theme, Edit.Placing edit, String canvas) {
        Spot old = placed(theme, edit).onCanvas().get(canvas);
        return old == null
                ? new Edit.DropPlaceOn(edit.scene(), edit.piece(), canvas)
                : new Edit.SetPlaceOn(edit.scene(), edit.piece(), canvas, old);
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

    private static Placed placed(Theme theme, Edit.Placing edit) {
        piece(theme, edit.piece());
        return scene(theme, edit.scene())
                .placed(edit.piece())
                .orElseThrow(() -> new Refusal("That piece is no longer on this scene; nothing was changed."));
    }

    /** A piece whose place may be changed. */
    private static Placed free(Theme theme, Edit.Placing edit) {
        Placed placed = placed(theme, edit);
        require(!placed.locked(), piece(theme, edit.piece()).name() + " is locked on this scene; unlock it first.");
        return placed;
    }

    private static Outcome.Applied placing(Theme theme, Edit.Placing edit, Placed next, Edit inverse) {
        Outcome.Applied done = replaced(theme, edit, next, inverse);
        requireNoCircle(done.theme(), scene(done.theme(), edit.scene()));
        return done;
    }

    private static Outcome.Applied replaced(Theme theme, Edit.Placing edit, Placed next, Edit inverse) {
        return done(withScene(theme, edit.scene(), s -> s.replacing(next)), inverse);
    }

    private static Edit undoCorrection(Theme theme, Edit.Placing edit, Shape shape) {
        Spot old = placed(theme, edit).corrections().get(shape);
        return old == null
                ? new Edit.DropCorrection(edit.scene(), edit.piece(), shape)
                : new Edit.SetCorrection(edit.scene(), edit.piece(), shape, old);
    }

    private static Edit undoManner(Theme theme, Edit.Placing edit, Shape shape) {
        Manner old = placed(theme, edit).manners().get(shape);
        return old == null
                ? new Edit.DropMannerOn(edit.scene(), edit.piece(), shape)
                : new Edit.SetMannerOn(edit.scene(), edit.piece(), shape, old);
    }
}
