package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.layout.ResolvedScene.Placement;

/**
 * What is measured on while a scene is arranged anew, in pixels of the new canvas.
 *
 * @param from the canvas that is followed
 * @param to   the canvas to arrange for
 */
record Desk(Canvas from, Canvas to) {

    private static final double GAP = 28;

    Box action() {
        return to.safe(SafeArea.ACTION);
    }

    Box graphics() {
        return to.safe(SafeArea.GRAPHICS);
    }

    double unit() {
        return to.unit();
    }

    double gap() {
        return GAP * unit();
    }

    /** A length on the canvas that is followed, as long in units of the short side. */
    double scaled(double pixels) {
        return pixels / from.unit() * unit();
    }

    /** Its size as on the canvas that is followed. */
    Box natural(Placement placement) {
        return new Box(
                0, 0, scaled(placement.box().width()), scaled(placement.box().height()));
    }

    /** As large as it is, or as the room allows, in the room's first corner. */
    static Box fitted(Box box, Box room) {
        double by = Math.min(1, Math.min(room.width() / box.width(), room.height() / box.height()));
        return new Box(room.x(), room.y(), box.width() * by, box.height() * by);
    }

    static double aspect(Placement frame) {
        return frame.box().width() / frame.box().height();
    }
}
