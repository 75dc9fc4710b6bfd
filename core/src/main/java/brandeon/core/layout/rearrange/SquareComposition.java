package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.Placement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Play on top, faces and the rest beside one another under it. */
record SquareComposition(Desk desk) implements Composition {

    private static final double ABOVE = 0.56;
    private static final double BESIDE = 0.45;

    @Override
    public Optional<Map<String, Box>> places(Cast all, Box room) {
        Cast cast = all.withOnePictureAsPlay();
        int pictures = cast.frames().size();
        double top = pictures == 0 ? 0 : room.height() * ABOVE;
        Box above = new Box(room.x(), room.y(), room.width(), Math.max(1, top));
        double y = room.y() + top + (pictures == 0 ? 0 : desk.gap());
        double half = pictures > 1 ? room.width() * BESIDE : 0;
        double x = pictures > 1 ? room.x() + half + desk.gap() : desk.graphics().x();
        Map<String, Box> places = new LinkedHashMap<>();
        if (!Stack.lay(desk, cast.facts(), x, y, desk.graphics().right() - x, room.bottom(), places)) {
            return Optional.empty();
        }
        spread(cast.plays(), above, places);
        spread(cast.faces(), new Box(room.x(), y, half, room.bottom() - y), places);
        return Optional.of(places);
    }

    private void spread(List<Placement> frames, Box room, Map<String, Box> places) {
        double each = (room.width() - desk.gap() * Math.max(0, frames.size() - 1)) / Math.max(1, frames.size());
        for (int i = 0; i < frames.size(); i++) {
            places.put(
                    frames.get(i).piece().id(),
                    new Box(room.x() + i * (each + desk.gap()), room.y(), each, room.height())
                            .fitted(Desk.aspect(frames.get(i)), 0.5, 0));
        }
    }
}
