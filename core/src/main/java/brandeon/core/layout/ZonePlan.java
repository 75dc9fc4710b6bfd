package brandeon.core.layout;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Zone;
import java.util.EnumMap;
import java.util.Map;

/**
 * Where things go on a canvas, by scene role and canvas shape. A different shape gives a different arrangement: on an
 * upright canvas the camera stands above, the play below and the strips between, not a shrunken copy of the wide one.
 *
 * Everything but FULL lies within the action-safe area, and text zones within the graphics-safe area. Edges are whole
 * pixels. Lengths below are units (1080 to the short side).
 */
public final class ZonePlan {

    private static final double GAP = 28;
    private static final double BAND = 66;
    private static final double STRIP = 112;
    /** Border and plate of a frame, so that a zone holds an opening of the wanted aspect exactly. */
    private static final double FRAME_BORDER = 24;
    private static final double FRAME_PLATE = 62;
    private static final double CAMERA_COLUMN = 400;

    private final Map<Zone, Box> zones = new EnumMap<>(Zone.class);
    private final double u;
    private final Box action;
    private final Box graphics;

    private ZonePlan(Canvas canvas) {
        u = canvas.unit();
        action = SafeArea.ACTION.within(canvas.size());
        graphics = SafeArea.GRAPHICS.within(canvas.size());
    }

    /** The plan for a scene's role on a canvas. Every zone has a place. */
    public static ZonePlan of(SceneRole role, Canvas canvas) {
        ZonePlan plan = new ZonePlan(canvas);
        plan.put(Zone.FULL, canvas.size().box());
        switch (canvas.shape()) {
            case WIDE -> plan.wide(canvas, role);
            case SQUARE -> plan.square(canvas);
            case UPRIGHT -> plan.upright(canvas, role);
        }
        plan.over();
        return plan;
    }

    public Box zone(Zone zone) {
        return zones.get(zone);
    }

    private void wide(Canvas canvas, SceneRole role) {
        double width = canvas.size().width();
        double bandTop = graphics.bottom() - BAND * u;
        put(Zone.BAND, new Box(0, bandTop, width, BAND * u));
        double top = graphics.y();
        double height = bandTop - GAP * u - top;
        double column = role == SceneRole.TALKING ? 430 * u : CAMERA_COLUMN * u;
        double playWidth = Math.min(action.width() - column - GAP * u, (height - FRAME_BORDER * u) * 16 / 9 + FRAME_BORDER * u);
        double playHeight = (playWidth - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u;
        double playTop = top + (height - playHeight) / 2;
        put(Zone.PLAY, new Box(action.x(), playTop, playWidth, playHeight));
        double columnX = action.x() + playWidth + GAP * u;
        double columnWidth = action.right() - columnX;
        Box camera = new Box(columnX, playTop, columnWidth, (columnWidth - FRAME_BORDER * u) * 3 / 4 + FRAME_BORDER * u / 2 + FRAME_PLATE * u);
        put(Zone.CAMERA, camera);
        strips(new Box(columnX, camera.bottom() + GAP * u, graphics.right() - columnX, STRIP * u));
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, canvas.size().height() * 0.5, 560 * u, 220 * u));
        double alertWidth = Math.min(900 * u, playWidth * 0.8);
        put(Zone.ALERT, role.screen() ? aboveTitle(alertWidth) : new Box(action.x() + (playWidth - alertWidth) / 2, playTop + 44 * u, alertWidth, 172 * u));
    }

    private void upright(Canvas canvas, SceneRole role) {
        double width = canvas.size().width();
        double bandTop = graphics.bottom() - BAND * u;
        put(Zone.BAND, new Box(0, bandTop, width, BAND * u));
        double cameraWidth = action.width();
        double playHeight = (action.width() - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u;
        double playTop = bandTop - 40 * u - playHeight;
        double stripTop = playTop - GAP * u - STRIP * u;
        double cameraHeight = Math.min(stripTop - GAP * u - graphics.y(), (cameraWidth - FRAME_BORDER * u) * 3 / 4 + FRAME_BORDER * u / 2 + FRAME_PLATE * u);
        put(Zone.CAMERA, new Box(action.x(), graphics.y(), cameraWidth, cameraHeight));
        if (role == SceneRole.TALKING) {
            talkingUpright(playHeight + FRAME_PLATE * u, bandTop);
        } else {
            put(Zone.PLAY, new Box(action.x(), playTop, action.width(), playHeight));
            double half = (graphics.width() - GAP * u) / 2;
            put(Zone.STRIP, new Box(graphics.x(), stripTop, half, STRIP * u));
            put(Zone.SECOND_STRIP, new Box(graphics.x() + half + GAP * u, stripTop, half, STRIP * u));
            put(Zone.ALERT, role.screen() ? aboveTitle(graphics.width()) : new Box(graphics.x(), stripTop - 200 * u, graphics.width(), 172 * u));
        }
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, canvas.size().height() * 0.31, 560 * u, 220 * u));
    }

    /** One picture and no play: the picture in the middle, the strips under it, room for alerts above. */
    private void talkingUpright(double frameHeight, double bandTop) {
        double block = frameHeight + 2 * (GAP + STRIP) * u;
        double top = graphics.y() + (bandTop - graphics.y() - block) / 2;
        put(Zone.PLAY, new Box(action.x(), top, action.width(), frameHeight));
        strips(new Box(graphics.x(), top + frameHeight + GAP * u, graphics.width(), STRIP * u));
        put(Zone.ALERT, new Box(graphics.x(), Math.max(graphics.y(), top - (172 + GAP) * u), graphics.width(), 172 * u));
    }

    /** Alerts on a screen go to the top, where neither title nor clock stands. */
    private Box aboveTitle(double width) {
        return new Box(graphics.x() + 22 * u, graphics.y(), Math.min(width, graphics.width() - 22 * u), 172 * u);
    }

    private void square(Canvas canvas) {
        double width = canvas.size().width();
        double bandTop = graphics.bottom() - BAND * u;
        put(Zone.BAND, new Box(0, bandTop, width, BAND * u));
        double playHeight = (action.width() - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u;
        Box play = new Box(action.x(), graphics.y(), action.width(), playHeight);
        put(Zone.PLAY, play);
        double left = bandTop - GAP * u - play.bottom() - GAP * u;
        double cameraWidth = Math.min(action.width() * 0.45, (left - FRAME_PLATE * u) * 4 / 3 + FRAME_BORDER * u);
        put(Zone.CAMERA, new Box(action.x(), play.bottom() + GAP * u, cameraWidth, left));
        double stripX = action.x() + cameraWidth + GAP * u;
        strips(new Box(stripX, play.bottom() + GAP * u, graphics.right() - stripX, Math.min(STRIP * u, (left - GAP * u) / 2)));
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, canvas.size().height() * 0.5, 520 * u, 210 * u));
        put(Zone.ALERT, new Box(graphics.x() + graphics.width() * 0.08, play.y() + 40 * u, graphics.width() * 0.84, 172 * u));
    }

    /** What follows from the other zones: the column of strips, and what lies over the play. */
    private void over() {
        Box play = zones.get(Zone.PLAY);
        Box strip = zones.get(Zone.STRIP);
        double bandTop = zones.get(Zone.BAND).y();
        boolean besides = zones.get(Zone.SECOND_STRIP).x() > strip.x();
        put(Zone.COLUMN, besides ? new Box(strip.x(), strip.y(), graphics.right() - strip.x(), strip.height()) : new Box(strip.x(), strip.y(), strip.width(), Math.max(strip.height(), bandTop - GAP * u - strip.y())));
        double inset = 44 * u;
        double width = Math.min(820 * u, play.width() - 2 * inset);
        put(Zone.LOWER, new Box(play.x() + inset, play.bottom() - inset - 150 * u, width, 150 * u));
        double top = Math.min(760 * u, play.width() * 0.66);
        put(Zone.TOP, new Box(play.centreX() - top / 2, play.y() + inset, top, 92 * u));
        put(Zone.CORNER, new Box(play.x() + inset, play.y() + inset, 200 * u, 68 * u));
        put(Zone.LOW_STRIP, new Box(graphics.x(), bandTop - GAP * u - 60 * u, graphics.width(), 60 * u));
    }

    private void strips(Box first) {
        put(Zone.STRIP, first);
        put(Zone.SECOND_STRIP, new Box(first.x(), first.bottom() + GAP * u, first.width(), first.height()));
    }

    private void put(Zone zone, Box box) {
        zones.put(zone, box.snapped());
    }
}
