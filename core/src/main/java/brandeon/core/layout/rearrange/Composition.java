package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Shape;
import brandeon.core.layout.ResolvedScene.Placement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** How pictures and facts share the room of one shape of canvas. */
interface Composition {

    /** @return boxes by piece, in pixels; empty when there is too little room for all */
    Optional<Map<String, Box>> places(Cast cast, Box room);

    static Composition of(Desk desk) {
        return switch (desk.to().shape()) {
            case UPRIGHT -> new UprightComposition(desk, UprightComposition.LEAST_PICTURE);
            case WIDE -> new WideComposition(desk);
            case SQUARE -> new SquareComposition(desk);
        };
    }

    /** For what cannot be left out and does not fit: pictures become as small as they must. */
    static Map<String, Box> crammed(Desk desk, Cast cast, Box room) {
        Optional<Map<String, Box>> small = desk.to().shape() == Shape.UPRIGHT
                ? new UprightComposition(desk, UprightComposition.SMALLEST_PICTURE).places(cast, room)
                : Optional.empty();
        return small.orElseGet(() -> {
            Map<String, Box> places = new LinkedHashMap<>();
            for (Placement fact : cast.facts()) {
                places.put(fact.piece().id(), Desk.fitted(desk.natural(fact), desk.graphics()));
            }
            for (Placement frame : cast.frames()) {
                places.put(frame.piece().id(), Desk.fitted(desk.natural(frame), room));
            }
            return places;
        });
    }
}
