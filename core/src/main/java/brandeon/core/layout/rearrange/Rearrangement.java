package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Proposes how a scene that was arranged for one shape of canvas stands on another one: not a shrunken copy, but
 * pictures
 * as large as they can be, faces before play on an upright canvas and beside it on a wide one, the rest in reading
 * order.
 *
 * Pieces that a person placed on the wanted shape stay where they stand well. When there is too little room, what
 * matters
 * least is left out, never what must show. It proposes nothing for a scene that stands well there already, so that
 * going
 * to another shape and back changes nothing.
 */
public final class Rearrangement {

    /** A little of another piece under a piece is a choice; more is a collision. */
    private static final double COLLISION = 0.04;

    private static final double SPANS = 0.97;
    private static final int MOST_ROUNDS = 6;

    /**
     * @param edit     empty batch when nothing need change
     * @param leftOut  names of the pieces that are hidden for want of room
     * @param troubled names of the pieces that do not stand well now
     */
    public record Proposal(Edit.Batch edit, List<String> leftOut, List<String> troubled) {

        public boolean changes() {
            return !edit.edits().isEmpty();
        }
    }

    private final Theme theme;
    private final LiveState live;
    private final Scene scene;
    private final ResolvedScene before;
    private final ResolvedScene now;
    private final Desk desk;
    private final Map<String, Box> places = new LinkedHashMap<>();
    private final List<Placement> leftOut = new ArrayList<>();
    private final Set<String> released = new HashSet<>();

    private Rearrangement(Theme theme, Scene scene, Canvas from, Canvas to, LiveState live) {
        this.theme = theme;
        this.live = live;
        this.scene = scene;
        Resolver resolver = new Resolver(theme);
        this.before = resolver.resolve(scene, from, live);
        this.now = resolver.resolve(scene, to, live);
        this.desk = new Desk(before.canvas(), to);
    }

    /**
     * @param from a canvas on which the scene stands as it should
     * @param to   the canvas to arrange it for; the proposal counts for all canvases of its proportions
     */
    public static Proposal propose(Theme theme, Scene scene, Canvas from, Canvas to, LiveState live) {
        return new Rearrangement(theme, scene, from, to, live).proposal();
    }

    private Proposal proposal() {
        List<String> troubled = names(now);
        if (troubled.isEmpty()) {
            return new Proposal(new Edit.Batch(List.of()), List.of(), troubled);
        }
        now.placements().stream()
                .filter(placement -> troubled(now, placement))
                .forEach(placement -> released.add(placement.piece().id()));
        for (int i = 0; i < MOST_ROUNDS; i++) {
            places.clear();
            leftOut.clear();
            arrange();
            // What was to stay and is in the way now is placed anew, too.
            ResolvedScene after = applied();
            boolean more = after.placements().stream()
                    .filter(placement -> troubled(after, placement))
                    .map(placement -> released.add(placement.piece().id()))
                    .reduce(false, Boolean::logicalOr);
            if (!more) {
                break;
            }
        }
        return new Proposal(
                new Edit.Batch(edits()),
                leftOut.stream().map(placement -> placement.piece().name()).toList(),
                troubled);
    }

    private List<Edit> edits() {
        List<Edit> edits = new ArrayList<>();
        places.forEach((piece, box) -> edits.add(place(piece, box.snapped())));
        // Hiding counts for the whole shape; where canvases of other proportions share it, what has no room stays where
        // it is.
        leftOut.stream()
                .filter(_ -> alone())
                .forEach(placement -> edits.add(new PlacingEdit.SetHidden(
                        scene.id(), placement.piece().id(), desk.to().shape(), true)));
        return edits;
    }

    private ResolvedScene applied() {
        Theme changed = places.isEmpty() && leftOut.isEmpty()
                ? theme
                : ((Outcome.Applied) Edits.apply(theme, new Edit.Batch(edits()))).theme();
        return new Resolver(changed).resolve(changed.scene(scene.id()).orElseThrow(), desk.to(), live);
    }

    private List<String> names(ResolvedScene on) {
        return on.placements().stream()
                .filter(placement -> troubled(on, placement))
                .map(placement -> placement.piece().name())
                .toList();
    }

    /** A canvas that the theme does not have yet stands for its shape. */
    private Edit place(String piece, Box box) {
        if (theme.canvas(desk.to().id()).isPresent()) {
            return new PlacingEdit.SetBox(scene.id(), piece, desk.to().id(), box);
        }
        Box frame = desk.to().size().box();
        Anchor anchor = Anchor.nearest(frame, box);
        return new PlacingEdit.SetCorrection(
                scene.id(),
                piece,
                desk.to().shape(),
                new Spot.Anchored(
                        anchor,
                        anchor.offsetX(frame, box) / desk.unit(),
                        anchor.offsetY(frame, box) / desk.unit(),
                        box.width() / desk.unit(),
                        box.height() / desk.unit()));
    }

    /** Whether all canvases of this shape have its proportions. */
    private boolean alone() {
        return theme.canvases().stream()
                .filter(canvas -> canvas.shape() == desk.to().shape())
                .allMatch(desk.to()::sameProportions);
    }

    /** Out of the picture, or in the way of another piece. */
    private boolean troubled(ResolvedScene on, Placement placement) {
        if (scenery(placement)) {
            return false;
        }
        Box bounds = placement.bounds();
        Box room = spans(bounds, desk.to()) ? desk.to().size().box() : desk.action();
        return bounds.outside(room) > 1
                || (!placement.piece().kind().facts().liesOver()
                        && on.placements().stream()
                                .anyMatch(other -> other != placement
                                        && !scenery(other)
                                        && !other.piece().kind().facts().liesOver()
                                        && collide(bounds, other.bounds())));
    }

    private static boolean collide(Box one, Box other) {
        return one.cut(other).area() > COLLISION * Math.min(one.area(), other.area());
    }

    private static boolean scenery(Placement placement) {
        return placement.piece().kind().zone() == Zone.FULL;
    }

    private static boolean spans(Box box, Canvas canvas) {
        return box.width() >= SPANS * canvas.size().width();
    }

    private boolean free(Placement placement) {
        Placed placed = placement.placed();
        boolean byHand = placed.corrected(desk.to()) && !released.contains(placed.piece());
        return !scenery(placement)
                && !placed.locked()
                && !byHand
                && placed.shows(desk.to().shape());
    }

    private void arrange() {
        List<Placement> free =
                now.placements().stream().map(this::asBefore).filter(this::free).toList();
        List<Placement> frames = free.stream()
                .filter(placement -> !placement.art().openings().isEmpty())
                .sorted(READING)
                .toList();
        List<Placement> bands = free.stream()
                .filter(placement -> !frames.contains(placement) && spans(placement.box(), before.canvas()))
                .toList();
        List<Placement> over = free.stream()
                .filter(placement -> !frames.contains(placement)
                        && !bands.contains(placement)
                        && placement.piece().kind().facts().liesOver())
                .toList();
        List<Placement> facts = free.stream()
                .filter(placement ->
                        !frames.contains(placement) && !bands.contains(placement) && !over.contains(placement))
                .sorted(READING)
                .toList();
        places.putAll(composed(frames, facts, banded(bands)));
        over.forEach(this::over);
    }

    /** Where pictures and facts stand; what matters least is left out until the rest fits. */
    private Map<String, Box> composed(List<Placement> frames, List<Placement> facts, Box room) {
        List<Placement> kept = new ArrayList<>(facts);
        while (true) {
            Cast cast = Cast.of(before, frames, kept);
            Optional<Map<String, Box>> composed = Composition.of(desk).places(cast, room);
            if (composed.isPresent()) {
                return composed.get();
            }
            Optional<Placement> least = kept.stream()
                    .filter(placement -> !placement.piece().mustShow())
                    .max(Comparator.comparing((Placement placement) ->
                                    placement.piece().kind().facts().rank())
                            .thenComparingInt(kept::indexOf));
            if (least.isEmpty()) {
                return Composition.crammed(desk, cast, room);
            }
            kept.remove(least.get());
            leftOut.add(least.get());
        }
    }

    /** As it stands on the canvas that is followed; what does not show there, as it stands here. */
    private Placement asBefore(Placement placement) {
        return before.placement(placement.piece().id())
                .orElseGet(() -> new Placement(
                        placement.piece(),
                        placement.placed(),
                        placement.box().scaled(before.canvas().unit() / desk.unit()),
                        placement.manner(),
                        placement.art()));
    }

    /** From the top down, and in a row from the left. */
    private static final Comparator<Placement> READING = Comparator.<Placement>comparingDouble(
                    placement -> Math.rint(placement.box().y() / 40))
            .thenComparingDouble(placement -> placement.box().x());

    /** Bands keep their edge; what is left between them is the room for the rest. */
    private Box banded(List<Placement> bands) {
        double top = desk.graphics().y();
        double bottom = desk.graphics().bottom();
        for (Placement band : bands) {
            double height = desk.scaled(band.box().height());
            boolean above = band.box().centreY() < before.canvas().size().height() / 2.0;
            double y = above ? top : bottom - height;
            places.put(band.piece().id(), new Box(0, y, desk.to().size().width(), height));
            top = above ? y + height + desk.gap() : top;
            bottom = above ? bottom : y - desk.gap();
        }
        for (Placement placement : now.placements()) {
            // Bands that a person placed, or that their zone keeps in place.
            if (!places.containsKey(placement.piece().id())
                    && !free(placement)
                    && !scenery(placement)
                    && spans(placement.box(), desk.to())) {
                boolean above = placement.box().centreY() < desk.to().size().height() / 2.0;
                top = above ? Math.max(top, placement.box().bottom() + desk.gap()) : top;
                bottom = above ? bottom : Math.min(bottom, placement.box().y() - desk.gap());
            }
        }
        return new Box(desk.action().x(), top, desk.action().width(), Math.max(1, bottom - top));
    }

    /** What lies over a picture lies at the same point of it again. */
    private void over(Placement placement) {
        Box own = placement.box();
        Placement host = before.placements().stream()
                .filter(frame -> !frame.art().openings().isEmpty()
                        && frame.box().cut(own).area() > own.area() / 2)
                .min(Comparator.comparingDouble(frame -> frame.box().area()))
                .orElse(null);
        Box from = host == null ? before.canvas().size().box() : host.box();
        Box onto = host == null
                ? desk.action()
                : places.getOrDefault(
                        host.piece().id(),
                        now.placement(host.piece().id()).map(Placement::box).orElse(desk.action()));
        Anchor anchor = Anchor.nearest(from, own);
        Box size = Desk.fitted(desk.natural(placement), new Box(0, 0, onto.width() * 0.94, onto.height() * 0.94));
        Box wanted = anchor.box(
                onto,
                desk.scaled(anchor.offsetX(from, own)),
                desk.scaled(anchor.offsetY(from, own)),
                size.width(),
                size.height());
        Box safe = desk.graphics();
        double width = Math.min(wanted.width(), safe.width());
        double height = Math.min(wanted.height(), safe.height());
        places.put(
                placement.piece().id(),
                new Box(
                        Math.clamp(wanted.x(), safe.x(), safe.right() - width),
                        Math.clamp(wanted.y(), safe.y(), safe.bottom() - height),
                        width,
                        height));
    }
}
