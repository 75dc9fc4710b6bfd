package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.Placement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Faces above, play below, the rest in rows between them.
 *
 * @param leastPicture pictures may become this much smaller than the room is wide, and no smaller
 */
record UprightComposition(Desk desk, double leastPicture) implements Composition {

    /** Pictures are made this much smaller before anything is left out. */
    static final double LEAST_PICTURE = 0.62;

    static final double SMALLEST_PICTURE = 0.2;

    @Override
    public Optional<Map<String, Box>> places(Cast cast, Box room) {
        List<List<Placement>> rows = rows(cast.facts(), desk.graphics().width());
        double rowsHeight = rows.stream().mapToDouble(this::height).sum();
        double gaps = desk.gap() * Math.max(0, cast.frames().size() + rows.size() - 1);
        double pictures = cast.frames().stream()
                .mapToDouble(frame -> room.width() / Desk.aspect(frame))
                .sum();
        double share = pictures == 0 ? 1 : (room.height() - rowsHeight - gaps) / pictures;
        if (share < leastPicture || (pictures == 0 && rowsHeight + gaps > room.height())) {
            return Optional.empty();
        }
        Map<String, Box> places = new LinkedHashMap<>();
        double scale = Math.min(1, share);
        double head = room.y();
        for (Placement face : cast.faces()) {
            places.put(face.piece().id(), picture(face, room, head, scale));
            head = places.get(face.piece().id()).bottom() + desk.gap();
        }
        double foot = room.bottom();
        for (Placement play : cast.plays().reversed()) {
            places.put(play.piece().id(), picture(play, room, foot - room.width() * scale / Desk.aspect(play), scale));
            foot = places.get(play.piece().id()).y() - desk.gap();
        }
        double y = cast.plays().isEmpty() ? head : foot + desk.gap() - rowsHeight - desk.gap() * rows.size();
        for (List<Placement> row : rows) {
            lay(row, y, places);
            y += height(row) + desk.gap();
        }
        return Optional.of(places);
    }

    private static Box picture(Placement frame, Box room, double y, double scale) {
        double width = room.width() * scale;
        return new Box(room.centreX() - width / 2, y, width, width / Desk.aspect(frame));
    }

    /** In reading order, as many beside one another as fit at their own width. */
    private List<List<Placement>> rows(List<Placement> facts, double width) {
        List<List<Placement>> rows = new ArrayList<>();
        double left = 0;
        for (Placement fact : facts) {
            double wanted = Math.min(width, desk.natural(fact).width());
            if (rows.isEmpty() || left < wanted + desk.gap() - 0.5) {
                rows.add(new ArrayList<>());
                left = width + desk.gap();
            }
            rows.getLast().add(fact);
            left -= wanted + desk.gap();
        }
        return rows;
    }

    private double height(List<Placement> row) {
        return row.stream()
                .mapToDouble(fact -> desk.natural(fact).height())
                .max()
                .orElse(0);
    }

    /** Beside one another from the left; what is left of the row is shared out between them. */
    private void lay(List<Placement> row, double y, Map<String, Box> places) {
        Box graphics = desk.graphics();
        double used = row.stream()
                        .mapToDouble(fact ->
                                Math.min(graphics.width(), desk.natural(fact).width()))
                        .sum()
                + desk.gap() * (row.size() - 1);
        double more = row.size() == 1 ? 0 : Math.max(0, graphics.width() - used) / row.size();
        double x = graphics.x();
        for (Placement fact : row) {
            double width = Math.min(graphics.width(), desk.natural(fact).width()) + more;
            places.put(
                    fact.piece().id(), new Box(x, y, width, desk.natural(fact).height()));
            x += width + desk.gap();
        }
    }
}
