package brandeon.core.layout;

import brandeon.core.art.Temperament;
import brandeon.core.canvas.Canvas;
import brandeon.core.kind.Kind;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.motion.Track;
import brandeon.core.theme.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the pieces of a scene come in when it comes on: in the way of the family, one after the other from the back to
 * the front. Counted over the whole scene, so that every source of it plays the same order.
 */
final class Arriving {

    /** From the first piece's beginning to the last one's, at most; milliseconds. */
    private static final double LONGEST = 1400;

    /** What covers so much of the canvas is its ground: before it there would be nothing. */
    private static final double GROUND = 0.9;

    private Arriving() {}

    static List<Placement> of(
            Scene scene, Canvas canvas, List<Placement> placements, Temperament temperament, boolean calm) {
        List<Placement> coming = placements.stream()
                .filter(placement -> arrives(scene, canvas, placement))
                .toList();
        if (coming.isEmpty()) {
            return placements;
        }
        double apart = Math.min(temperament.stagger(), LONGEST / coming.size());
        List<Placement> all = new ArrayList<>();
        int order = 0;
        for (Placement placement : placements) {
            boolean comes = order < coming.size() && coming.get(order) == placement;
            all.add(comes ? with(placement, canvas, temperament, calm, apart * order) : placement);
            order += comes ? 1 : 0;
        }
        return List.copyOf(all);
    }

    private static Placement with(
            Placement placement, Canvas canvas, Temperament temperament, boolean calm, double delay) {
        Track entrance = temperament.entrance("", placement.bounds(), canvas.unit(), 0, 0);
        Track later = new Track(
                entrance.part(),
                entrance.keys(),
                entrance.easing(),
                entrance.millis(),
                delay,
                entrance.cycles(),
                entrance.alternate(),
                entrance.start());
        return new Placement(
                placement.piece(),
                placement.placed(),
                placement.box(),
                placement.manner(),
                placement.art(),
                Optional.of(calm ? later.still() : later));
    }

    /** What must be there at once is never late: frames over captures, alerts, notices, breaks and what lies under all. */
    private static boolean arrives(Scene scene, Canvas canvas, Placement placement) {
        boolean said = switch (placement.placed().arrival()) {
            case AS_SCENE -> scene.arrives();
            case ARRIVES -> true;
            case AT_ONCE -> false;
        };
        return said && !mustBeThere(canvas, placement);
    }

    private static boolean mustBeThere(Canvas canvas, Placement placement) {
        Kind kind = placement.piece().kind().facts();
        return placement.art().marks().isEmpty()
                || !placement.art().openings().isEmpty()
                || kind.announces()
                || kind.notices()
                || kind.breaks()
                || placement.bounds().cut(canvas.size().box()).area()
                        >= GROUND * canvas.size().box().area();
    }
}
