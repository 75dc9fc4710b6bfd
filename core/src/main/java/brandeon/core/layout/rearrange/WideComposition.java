package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.Placement;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Play to the left, faces and the rest in a column beside it. */
record WideComposition(Desk desk) implements Composition {

    private static final double COLUMN = 400;

    @Override
    public Optional<Map<String, Box>> places(Cast all, Box room) {
        Cast cast = all.withOnePictureAsPlay();
        double column = COLUMN * desk.unit();
        Box large = new Box(room.x(), room.y(), room.width() - column - desk.gap(), room.height());
        double x = room.right() - column;
        Map<String, Box> places = new LinkedHashMap<>();
        double y = room.y();
        for (Placement face : cast.faces()) {
            double width = desk.action().right() - x;
            places.put(face.piece().id(), new Box(x, y, width, width / Desk.aspect(face)));
            y += width / Desk.aspect(face) + desk.gap();
        }
        if (!Stack.lay(desk, cast.facts(), x, y, desk.graphics().right() - x, room.bottom(), places)) {
            return Optional.empty();
        }
        double each = (large.height() - desk.gap() * Math.max(0, cast.plays().size() - 1))
                / Math.max(1, cast.plays().size());
        for (int i = 0; i < cast.plays().size(); i++) {
            Placement play = cast.plays().get(i);
            places.put(
                    play.piece().id(),
                    new Box(large.x(), large.y() + i * (each + desk.gap()), large.width(), each)
                            .fitted(Desk.aspect(play), 0, 0));
        }
        return Optional.of(places);
    }
}
