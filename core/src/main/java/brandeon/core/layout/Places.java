package brandeon.core.layout;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Side;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.HashMap;
import java.util.Map;

/**
 * The boxes of a scene's pieces on a canvas, in whole pixels. Gaps between attached pieces are whole pixels too, so
 * that
 * equal gaps stay equal on every canvas.
 *
 * A piece that hangs on one that is not on the scene stands in its kind's zone. Circles do not occur: edits that would
 * make one are refused.
 */
final class Places {

    private final Map<String, Piece> pieces;
    private final Scene scene;
    private final Canvas canvas;
    private final ZonePlan plan;
    private final Map<String, Box> boxes = new HashMap<>();

    /** @param pieces of the theme, by id */
    Places(Theme theme, Map<String, Piece> pieces, Scene scene, Canvas canvas) {
        this.pieces = pieces;
        this.scene = scene;
        this.canvas = canvas;
        this.plan = ZonePlan.of(scene.role(), canvas, theme.lines());
    }

    Box of(Placed placed) {
        Box known = boxes.get(placed.piece());
        if (known == null) {
            known = computed(placed);
            boxes.put(placed.piece(), known);
        }
        return known;
    }

    private Box computed(Placed placed) {
        Piece piece = pieces.get(placed.piece());
        return piece.ownSize().orElseGet(() -> switch (placed.spot(canvas)) {
            case Spot.InZone(var zone) -> plan.zone(zone);
            case Spot.Anchored a ->
                a.anchor()
                        .box(
                                canvas.size().box(),
                                a.x() * canvas.unit(),
                                a.y() * canvas.unit(),
                                a.width() * canvas.unit(),
                                a.height() * canvas.unit())
                        .snapped();
            case Spot.Attached a ->
                scene.placed(a.to())
                        .map(this::of)
                        .map(other -> hung(a, other))
                        .orElseGet(() -> plan.zone(piece.kind().zone()));
        });
    }

    private Box hung(Spot.Attached a, Box other) {
        boolean beside = a.side() == Side.LEFT || a.side() == Side.RIGHT;
        boolean full = a.along() == Spot.Along.FULL;
        double width = full && !beside ? other.width() : whole(a.width());
        double height = full && beside ? other.height() : whole(a.height());
        double gap = Math.rint(a.gap() * canvas.unit());
        double x = switch (a.side()) {
            case LEFT -> other.x() - gap - width;
            case RIGHT -> other.right() + gap;
            case TOP, BOTTOM -> along(a.along(), other.x(), other.right(), width);
        };
        double y = switch (a.side()) {
            case TOP -> other.y() - gap - height;
            case BOTTOM -> other.bottom() + gap;
            case LEFT, RIGHT -> along(a.along(), other.y(), other.bottom(), height);
        };
        return new Box(x, y, width, height);
    }

    private static double along(Spot.Along along, double from, double to, double length) {
        return switch (along) {
            case START, FULL -> from;
            case MIDDLE -> Math.rint((from + to - length) / 2);
            case END -> to - length;
        };
    }

    private double whole(double units) {
        return Math.max(1, Math.rint(units * canvas.unit()));
    }
}
