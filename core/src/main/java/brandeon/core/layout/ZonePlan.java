package brandeon.core.layout;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.kind.Zone;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.PlanLine;
import brandeon.core.theme.SceneRole;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
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

    private static final double LEAST_COLUMN = 160;
    private static final double LEAST_PICTURE = 240;

    /**
     * A dividing line that people may move.
     *
     * @param upright  whether it runs from top to bottom
     * @param at       where it stands, in canvas pixels from the left or the top
     * @param least    as far as it may be moved that way
     * @param most     as far as it may be moved the other way
     * @param standard where it stands when nobody moved it
     */
    public record Divider(PlanLine line, boolean upright, double at, double least, double most, double standard) {}

    private final Map<Zone, Box> zones = new EnumMap<>(Zone.class);
    private final List<Divider> dividers = new ArrayList<>();
    private final Map<PlanLine, Double> shifts = new EnumMap<>(PlanLine.class);
    private final double u;
    private final double width;
    private final double height;
    private final Box action;
    private final Box graphics;

    private ZonePlan(Canvas canvas) {
        u = canvas.unit();
        width = canvas.size().width();
        height = canvas.size().height();
        action = canvas.safe(SafeArea.ACTION);
        graphics = canvas.safe(SafeArea.GRAPHICS);
    }

    /** The plan for a scene's role on a canvas, with no line moved. Every zone has a place. */
    public static ZonePlan of(SceneRole role, Canvas canvas) {
        return of(role, canvas, List.of());
    }

    /** The same with the lines that were moved for this role and shape. */
    public static ZonePlan of(SceneRole role, Canvas canvas, List<LineShift> lines) {
        ZonePlan plan = new ZonePlan(canvas);
        lines.stream()
                .filter(shift -> shift.role() == role && shift.shape() == canvas.shape())
                .forEach(shift -> plan.shifts.put(shift.line(), shift.share()));
        plan.put(Zone.FULL, canvas.size().box());
        switch (canvas.shape()) {
            case WIDE -> plan.wide(role);
            case SQUARE -> plan.square();
            case UPRIGHT -> plan.upright(role);
        }
        plan.over(role);
        return plan;
    }

    public Box zone(Zone zone) {
        return zones.get(zone);
    }

    public List<Divider> dividers() {
        return List.copyOf(dividers);
    }

    /** Where a line stands: as the plan has it, or as far as it was moved within its range. */
    private double line(PlanLine line, double standard, double least, double most) {
        boolean upright = line == PlanLine.COLUMN;
        double from = Math.min(least, standard);
        double to = Math.max(most, standard);
        double at = shifts.containsKey(line)
                ? Math.rint(Math.clamp(shifts.get(line) * (upright ? width : height), from, to))
                : standard;
        dividers.add(new Divider(line, upright, at, from, to, standard));
        return at;
    }

    private double bandTop() {
        double standard = graphics.bottom() - BAND * u;
        double top = line(PlanLine.BAND_TOP, standard, standard - 140 * u, standard);
        put(Zone.BAND, new Box(0, top, width, graphics.bottom() - top));
        return top;
    }

    private void wide(SceneRole role) {
        double bandTop = bandTop();
        double top = graphics.y();
        double room = bandTop - GAP * u - top;
        double wished = role == SceneRole.TALKING ? 430 * u : CAMERA_COLUMN * u;
        double standard = action.x()
                + Math.min(action.width() - wished - GAP * u, (room - FRAME_BORDER * u) * 16 / 9 + FRAME_BORDER * u);
        double playRight = line(
                PlanLine.COLUMN, standard, action.x() + LEAST_PICTURE * u, action.right() - (GAP + LEAST_COLUMN) * u);
        double playWidth = playRight - action.x();
        double playHeight = Math.min(room, (playWidth - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u);
        double playTop = top + (room - playHeight) / 2;
        put(Zone.PLAY, new Box(action.x(), playTop, playWidth, playHeight));
        double columnX = playRight + GAP * u;
        double columnWidth = action.right() - columnX;
        double strips = 2 * (STRIP + GAP) * u;
        double cameraTop =
                playRight == standard ? playTop : Math.min(playTop, bandTop - GAP * u - strips - LEAST_COLUMN * u);
        double byAspect = cameraTop
                + Math.min(
                        bandTop - GAP * u - strips - cameraTop,
                        (columnWidth - FRAME_BORDER * u) * 3 / 4 + FRAME_BORDER * u / 2 + FRAME_PLATE * u);
        double foot = line(PlanLine.CAMERA_FOOT, byAspect, cameraTop + LEAST_COLUMN * u, bandTop - GAP * u - strips);
        put(Zone.CAMERA, new Box(columnX, cameraTop, columnWidth, foot - cameraTop));
        strips(new Box(columnX, foot + GAP * u, graphics.right() - columnX, STRIP * u));
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, height * 0.5, 560 * u, 220 * u));
        double alertWidth = Math.min(900 * u, playWidth * 0.8);
        put(
                Zone.ALERT,
                role.screen()
                        ? aboveTitle(alertWidth)
                        : new Box(action.x() + (playWidth - alertWidth) / 2, playTop + 44 * u, alertWidth, 172 * u));
    }

    private void upright(SceneRole role) {
        double bandTop = bandTop();
        double byAspect = (action.width() - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u;
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, height * 0.31, 560 * u, 220 * u));
        if (role == SceneRole.TALKING) {
            talkingUpright(byAspect + FRAME_PLATE * u, bandTop);
            return;
        }
        double foot = bandTop - 40 * u;
        double above = (2 * GAP + STRIP + LEAST_COLUMN) * u;
        double playTop = line(PlanLine.PLAY_TOP, foot - byAspect, graphics.y() + above, foot - LEAST_PICTURE * u);
        double playHeight = Math.min(foot - playTop, byAspect);
        put(Zone.PLAY, new Box(action.x(), playTop, action.width(), playHeight));
        double most = playTop - (2 * GAP + STRIP) * u;
        double cameraFoot = line(
                PlanLine.CAMERA_FOOT,
                Math.min(
                        most,
                        graphics.y()
                                + (action.width() - FRAME_BORDER * u) * 3 / 4
                                + FRAME_BORDER * u / 2
                                + FRAME_PLATE * u),
                graphics.y() + LEAST_COLUMN * u,
                most);
        put(Zone.CAMERA, new Box(action.x(), graphics.y(), action.width(), cameraFoot - graphics.y()));
        double stripTop = playTop - (GAP + STRIP) * u;
        double half = (graphics.width() - GAP * u) / 2;
        put(Zone.STRIP, new Box(graphics.x(), stripTop, half, STRIP * u));
        put(Zone.SECOND_STRIP, new Box(graphics.x() + half + GAP * u, stripTop, half, STRIP * u));
        put(
                Zone.ALERT,
                role.screen()
                        ? aboveTitle(graphics.width())
                        : new Box(graphics.x(), stripTop - 200 * u, graphics.width(), 172 * u));
    }

    /** One picture and no play: the picture in the middle, the strips under it, room for alerts above. */
    private void talkingUpright(double frameHeight, double bandTop) {
        double block = frameHeight + 2 * (GAP + STRIP) * u;
        double standard = graphics.y() + (bandTop - graphics.y() - block) / 2;
        double top = line(PlanLine.PLAY_TOP, standard, graphics.y(), bandTop - GAP * u - block);
        put(
                Zone.CAMERA,
                new Box(
                        action.x(),
                        graphics.y(),
                        action.width(),
                        Math.max(LEAST_COLUMN * u, top - GAP * u - graphics.y())));
        put(Zone.PLAY, new Box(action.x(), top, action.width(), frameHeight));
        strips(new Box(graphics.x(), top + frameHeight + GAP * u, graphics.width(), STRIP * u));
        put(
                Zone.ALERT,
                new Box(graphics.x(), Math.max(graphics.y(), top - (172 + GAP) * u), graphics.width(), 172 * u));
    }

    /** Alerts on a screen go to the top, where neither title nor clock stands. */
    private Box aboveTitle(double width) {
        return new Box(graphics.x() + 22 * u, graphics.y(), Math.min(width, graphics.width() - 22 * u), 172 * u);
    }

    private void square() {
        double bandTop = bandTop();
        double byAspect = (action.width() - FRAME_BORDER * u) * 9 / 16 + FRAME_BORDER * u;
        double below = (2 * GAP + LEAST_COLUMN) * u;
        double playFoot =
                line(PlanLine.PLAY_FOOT, graphics.y() + byAspect, graphics.y() + LEAST_PICTURE * u, bandTop - below);
        Box play = new Box(action.x(), graphics.y(), action.width(), Math.min(byAspect, playFoot - graphics.y()));
        put(Zone.PLAY, play);
        double top = playFoot + GAP * u;
        double left = bandTop - GAP * u - top;
        double standard =
                action.x() + Math.min(action.width() * 0.45, (left - FRAME_PLATE * u) * 4 / 3 + FRAME_BORDER * u);
        double cameraRight = line(
                PlanLine.COLUMN, standard, action.x() + LEAST_COLUMN * u, action.right() - (GAP + LEAST_PICTURE) * u);
        put(Zone.CAMERA, new Box(action.x(), top, cameraRight - action.x(), left));
        double stripX = cameraRight + GAP * u;
        strips(new Box(stripX, top, graphics.right() - stripX, Math.min(STRIP * u, (left - GAP * u) / 2)));
        put(Zone.CLOCK, new Box(graphics.x() + 22 * u, height * 0.5, 520 * u, 210 * u));
        put(
                Zone.ALERT,
                new Box(graphics.x() + graphics.width() * 0.08, play.y() + 40 * u, graphics.width() * 0.84, 172 * u));
    }

    /** What follows from the other zones: the column of strips, and what lies over the play. */
    private void over(SceneRole role) {
        Box play = zones.get(Zone.PLAY);
        Box strip = zones.get(Zone.STRIP);
        double bandTop = zones.get(Zone.BAND).y();
        boolean besides = zones.get(Zone.SECOND_STRIP).x() > strip.x();
        put(
                Zone.COLUMN,
                besides
                        ? new Box(strip.x(), strip.y(), graphics.right() - strip.x(), strip.height())
                        : new Box(
                                strip.x(),
                                strip.y(),
                                strip.width(),
                                Math.max(strip.height(), bandTop - GAP * u - strip.y())));
        double inset = 44 * u;
        double width = Math.min(820 * u, play.width() - 2 * inset);
        double foot = role == SceneRole.TALKING ? play.bottom() - FRAME_PLATE * u : play.bottom();
        put(Zone.LOWER, new Box(play.x() + inset, foot - inset - 150 * u, width, 150 * u));
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
