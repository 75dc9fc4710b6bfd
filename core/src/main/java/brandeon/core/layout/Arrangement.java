package brandeon.core.layout;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Side;
import brandeon.core.canvas.SourceBox;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Edit;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Region;
import brandeon.core.theme.Spot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * Changes of place that are computed from where pieces stand on a canvas now. All give edits for that canvas's shape.
 */
public final class Arrangement {

    /** What pieces are brought into line with. */
    public enum Alignment {
        LEFT,
        CENTRE,
        RIGHT,
        TOP,
        MIDDLE,
        BOTTOM
    }

    private Arrangement() {}

    /** Several pieces with the box around them all; a single one with the graphics-safe area. */
    public static Edit.Batch align(ResolvedScene scene, List<String> pieces, Alignment alignment) {
        List<Placement> placements = placements(scene, pieces);
        Box frame = placements.size() == 1
                ? scene.canvas().safe(SafeArea.GRAPHICS)
                : placements.stream().map(Placement::box).reduce(Box::around).orElseThrow();
        return batch(scene, placements, placement -> {
            Box box = placement.box();
            return switch (alignment) {
                case LEFT -> box.moved(Math.ceil(frame.x()) - box.x(), 0);
                case CENTRE -> box.moved(Math.rint(frame.centreX() - box.width() / 2) - box.x(), 0);
                case RIGHT -> box.moved(Math.floor(frame.right()) - box.right(), 0);
                case TOP -> box.moved(0, Math.ceil(frame.y()) - box.y());
                case MIDDLE -> box.moved(0, Math.rint(frame.centreY() - box.height() / 2) - box.y());
                case BOTTOM -> box.moved(0, Math.floor(frame.bottom()) - box.bottom());
            };
        });
    }

    /**
     * Makes the gaps between pieces equal; the outer two stay. Gaps are whole pixels, so that the last may be a pixel
     * wider than the others.
     *
     * @param across from left to right, else from top to bottom
     * @throws Mistake for fewer than three pieces
     */
    public static Edit.Batch distribute(ResolvedScene scene, List<String> pieces, boolean across) {
        if (pieces.size() < 3) {
            throw new Mistake("It takes three pieces or more to make the gaps between them equal.");
        }
        List<Placement> placements = new ArrayList<>(placements(scene, pieces));
        placements.sort(Comparator.comparingDouble(
                placement -> across ? placement.box().x() : placement.box().y()));
        Box first = placements.getFirst().box();
        Box last = placements.getLast().box();
        double span = across ? last.right() - first.x() : last.bottom() - first.y();
        double taken = placements.stream()
                .mapToDouble(placement ->
                        across ? placement.box().width() : placement.box().height())
                .sum();
        double gap = (span - taken) / (placements.size() - 1);
        List<Edit> edits = new ArrayList<>();
        double at = across ? first.x() : first.y();
        for (Placement placement : placements) {
            Box box = placement.box();
            Box moved = across ? box.moved(Math.rint(at) - box.x(), 0) : box.moved(0, Math.rint(at) - box.y());
            edits.add(setBox(scene, placement, moved));
            at += (across ? box.width() : box.height()) + gap;
        }
        return new Edit.Batch(edits);
    }

    /** Keeps the piece where it is, but from now on by its distance from another point of the canvas. */
    public static Edit anchor(ResolvedScene scene, String piece, Anchor anchor) {
        Placement placement = placements(scene, List.of(piece)).getFirst();
        Canvas canvas = scene.canvas();
        Box frame = canvas.size().box();
        Box box = placement.box();
        double u = canvas.unit();
        return corrected(
                placement,
                scene,
                new Spot.Anchored(
                        anchor,
                        anchor.offsetX(frame, box) / u,
                        anchor.offsetY(frame, box) / u,
                        box.width() / u,
                        box.height() / u));
    }

    /** Hangs a piece on a side of another one, with its own size. */
    public static Edit attach(ResolvedScene scene, String piece, String to, Side side, Spot.Along along, double gap) {
        Placement placement = placements(scene, List.of(piece)).getFirst();
        placements(scene, List.of(to));
        double u = scene.canvas().unit();
        return corrected(
                placement,
                scene,
                new Spot.Attached(
                        to,
                        side,
                        along,
                        gap / u,
                        placement.box().width() / u,
                        placement.box().height() / u));
    }

    /** For the canvas alone where it has a place of its own there, else for its shape. */
    private static Edit corrected(Placement placement, ResolvedScene scene, Spot spot) {
        return placement.placed().onCanvas().containsKey(scene.canvas().id())
                ? new PlacingEdit.SetPlaceOn(
                        scene.scene().id(),
                        placement.piece().id(),
                        scene.canvas().id(),
                        spot)
                : new PlacingEdit.SetCorrection(
                        scene.scene().id(),
                        placement.piece().id(),
                        scene.canvas().shape(),
                        spot);
    }

    /** The place on this canvas's shape becomes the one for all shapes. */
    public static Edit.Batch everywhere(ResolvedScene scene, String piece) {
        Placement placement = placements(scene, List.of(piece)).getFirst();
        List<Edit> edits = new ArrayList<>();
        placement
                .placed()
                .corrections()
                .keySet()
                .forEach(shape ->
                        edits.add(new PlacingEdit.DropCorrection(scene.scene().id(), piece, shape)));
        placement
                .placed()
                .onCanvas()
                .keySet()
                .forEach(canvas ->
                        edits.add(new PlacingEdit.DropPlaceOn(scene.scene().id(), piece, canvas)));
        edits.add(new PlacingEdit.SetSpot(
                scene.scene().id(), piece, placement.placed().spot(scene.canvas())));
        return new Edit.Batch(edits);
    }

    /**
     * Marks a region of the capture behind an opening, as it was drawn on the canvas.
     *
     * @param id      of the region
     * @param opening which of the piece's openings, from 0
     * @param drawn   in canvas pixels
     * @throws Mistake when nothing of the capture lies there, or it is turned
     */
    public static Edit region(
            ResolvedScene scene, String piece, int opening, String id, String name, Region.Sort sort, Box drawn) {
        List<FittedOpening> openings = scene.openings().stream()
                .filter(one -> one.piece().equals(piece))
                .toList();
        if (opening < 0 || opening >= openings.size()) {
            throw new Mistake("There is no capture behind that opening.");
        }
        FittedOpening fitted = openings.get(opening);
        if (fitted.turn() != 0) {
            throw new Mistake("This frame is turned. Draw on a scene or canvas where the capture stands upright.");
        }
        SourceBox part = fitted.fit().onCapture(drawn, fitted.capture().size());
        if (part.area() < 1) {
            throw new Mistake(String.format(
                    Locale.ROOT, "Nothing of %s lies there.", fitted.capture().name()));
        }
        return new FramingEdit.SetRegion(fitted.capture().id(), new Region(id, name, sort, part));
    }

    /** Keeps a part of the scene clear on this shape of canvas. */
    public static Edit keepClear(ResolvedScene scene, String id, String name, Box drawn) {
        Canvas canvas = scene.canvas();
        return new FramingEdit.SetKeepClear(
                scene.scene().id(),
                new KeepClear(
                        id,
                        name,
                        canvas.shape(),
                        canvas.units(drawn.cut(canvas.size().box()).snapped())));
    }

    private static Edit.Batch batch(ResolvedScene scene, List<Placement> placements, Function<Placement, Box> moved) {
        return new Edit.Batch(placements.stream()
                .map(placement -> setBox(scene, placement, moved.apply(placement)))
                .toList());
    }

    private static Edit setBox(ResolvedScene scene, Placement placement, Box box) {
        return new PlacingEdit.SetBox(
                scene.scene().id(), placement.piece().id(), scene.canvas().id(), box);
    }

    /** @throws Mistake when none is named, or one does not show there */
    private static List<Placement> placements(ResolvedScene scene, List<String> pieces) {
        if (pieces.isEmpty()) {
            throw new Mistake("Select a piece first.");
        }
        return pieces.stream()
                .map(piece -> scene.placement(piece)
                        .orElseThrow(
                                () -> new Mistake("A selected piece is not on this scene any more, or hidden there.")))
                .toList();
    }
}
