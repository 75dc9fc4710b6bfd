package brandeon.core.preflight;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.theme.Edit;
import brandeon.core.theme.PlacingEdit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/**
 * Where a piece could go instead, nearest first: the places at which it just clears what is in its way, inside the safe
 * areas. When no place is free at its size, smaller ones are tried.
 */
final class Moves {

    private static final double[] SIZES = {1, 0.92, 0.84, 0.76, 0.68, 0.6, 0.5};
    private static final int OFFERED = 12;
    /**
     * A piece that becomes smaller is as bad as one that moves this share of the canvas's short side for each tenth.
     */
    private static final double SHRINKING = 1.2;

    private final Standing standing;
    private final Stood stood;
    private final Box whole;
    private final List<Box> inTheWay = new ArrayList<>();
    private final List<Box> overWords = new ArrayList<>();

    private record Place(double size, double dx, double dy, double cost) {}

    private Moves(Standing standing, Stood stood) {
        this.standing = standing;
        this.stood = stood;
        this.whole = standing.canvas().size().box();
        obstacles();
    }

    static List<Fix> of(Standing standing, Stood stood) {
        return new Moves(standing, stood).all();
    }

    /** The piece at another size, about the point of the canvas that it lies nearest to. */
    static Fix scaled(Standing standing, Stood stood, double by, String does) {
        return new Fix(does, new Moves(standing, stood).edit(new Place(by, 0, 0, 0)));
    }

    private void obstacles() {
        standing.scene().scene().keepClear().stream()
                .filter(area -> area.shape() == standing.canvas().shape())
                .forEach(area -> inTheWay.add(standing.canvas().pixels(area.box())));
        boolean over = stood.kind().liesOver();
        for (FittedOpening opening : standing.scene().openings()) {
            int frame = standing.piece(opening.piece()).orElseThrow().index();
            if (frame == stood.index()) {
                continue;
            }
            if (!over || stood.index() < frame) {
                inTheWay.add(opening.bounds());
            } else if (frame < stood.index()) {
                opening.capture().regions().forEach(region -> inTheWay.add(opening.seen(region)));
            }
        }
        for (Stood other : standing.pieces()) {
            if (other != stood && stood.widget() && other.widget()) {
                inTheWay.add(other.ink());
            } else if (other.index() < stood.index()
                    && !stood.sparse()
                    && !stood.kind().announces()) {
                inTheWay.addAll(other.words());
            } else if (other.index() > stood.index()
                    && !other.sparse()
                    && !other.ground()
                    && !other.kind().announces()) {
                overWords.add(other.ink());
            }
        }
    }

    private List<Fix> all() {
        List<Place> places = new ArrayList<>();
        for (double size : SIZES) {
            places(size, places);
            if (places.size() >= OFFERED) {
                break;
            }
        }
        return places.stream()
                .sorted(Comparator.comparingDouble(Place::cost))
                .limit(OFFERED)
                .map(place -> new Fix(does(place), edit(place)))
                .toList();
    }

    private void places(double size, List<Place> places) {
        Box bounds = sized(stood.placement().bounds(), size);
        Box ink = sized(stood.ink(), size);
        List<Box> words = stood.words().stream().map(box -> sized(box, size)).toList();
        Box room = PlaceChecks.bleeds(stood, stood.placement().bounds(), whole)
                ? whole
                : standing.canvas().safe(SafeArea.ACTION);
        Box graphics = standing.canvas().safe(SafeArea.GRAPHICS);
        double[] across = {room.x() - bounds.x(), room.right() - bounds.right()};
        double[] down = {room.y() - bounds.y(), room.bottom() - bounds.bottom()};
        for (Box box : words) {
            across[0] = Math.max(across[0], graphics.x() - box.x());
            across[1] = Math.min(across[1], graphics.right() - box.right());
            down[0] = Math.max(down[0], graphics.y() - box.y());
            down[1] = Math.min(down[1], graphics.bottom() - box.bottom());
        }
        Set<Double> dxs = steps(across);
        Set<Double> dys = steps(down);
        for (Box box : inTheWay) {
            step(dxs, across, box.right() - ink.x(), box.x() - ink.right());
            step(dys, down, box.bottom() - ink.y(), box.y() - ink.bottom());
        }
        for (Box above : overWords) {
            for (Box box : words) {
                step(dxs, across, above.right() - box.x(), above.x() - box.right());
                step(dys, down, above.bottom() - box.y(), above.y() - box.bottom());
            }
        }
        double shrinking =
                (1 - size) * 10 * SHRINKING * standing.canvas().size().shortSide() / 10;
        dxs.forEach(dx -> dys.forEach(dy -> {
            if ((size != 1 || dx != 0 || dy != 0)
                    && free(ink.moved(dx, dy))
                    && words.stream().noneMatch(box -> covered(box.moved(dx, dy)))) {
                places.add(new Place(size, dx, dy, Math.hypot(dx, dy) + shrinking));
            }
        }));
    }

    /** Not at all, and just as far as the room allows; nothing when it is too large for the room. */
    private static Set<Double> steps(double[] range) {
        Set<Double> steps = new TreeSet<>();
        double least = Math.ceil(range[0]);
        double most = Math.floor(range[1]);
        if (least <= most) {
            steps.add(Math.clamp(0.0, least, most));
            steps.add(least);
            steps.add(most);
        }
        return steps;
    }

    private static void step(Set<Double> steps, double[] range, double forth, double back) {
        for (double step : new double[] {Math.ceil(forth), Math.floor(back)}) {
            if (step >= range[0] && step <= range[1]) {
                steps.add(step);
            }
        }
    }

    private boolean free(Box ink) {
        return inTheWay.stream().noneMatch(box -> CoverChecks.shared(box, ink).isPresent());
    }

    private boolean covered(Box words) {
        return overWords.stream().anyMatch(box -> CoverChecks.shared(box, words).isPresent());
    }

    private Box sized(Box part, double size) {
        Box box = stood.placement().box();
        Anchor anchor = Anchor.nearest(whole, box);
        double pivotX = anchor.x(box);
        double pivotY = anchor.y(box);
        return new Box(
                pivotX + (part.x() - pivotX) * size,
                pivotY + (part.y() - pivotY) * size,
                part.width() * size,
                part.height() * size);
    }

    private Edit edit(Place place) {
        Box box = sized(stood.placement().box(), place.size())
                .moved(place.dx(), place.dy())
                .snapped();
        return new PlacingEdit.SetBox(
                standing.home(stood).id(), stood.id(), standing.canvas().id(), box);
    }

    private static String does(Place place) {
        List<String> parts = new ArrayList<>();
        if (place.dx() != 0) {
            parts.add(String.format(
                    Locale.ROOT, "%.0f px to the %s", Math.abs(place.dx()), place.dx() < 0 ? "left" : "right"));
        }
        if (place.dy() != 0) {
            parts.add(String.format(Locale.ROOT, "%.0f px %s", Math.abs(place.dy()), place.dy() < 0 ? "up" : "down"));
        }
        String move = parts.isEmpty() ? "" : "move it " + String.join(" and ", parts);
        if (place.size() == 1) {
            return "M" + move.substring(1);
        }
        return String.format(Locale.ROOT, "Make it %.0f %% as large", place.size() * 100)
                + (move.isEmpty() ? "" : " and " + move);
    }
}
