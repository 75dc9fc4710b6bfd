package brandeon.core.layout;

import brandeon.core.art.Mark;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Preflight of one scene on one canvas. */
public final class Findings {

    /**
     * Smallest text for a viewer on a phone, in units: 22 of 1080 lines is about 2 % of picture height, some 9 points on
     * a phone held upright (common practice, no source).
     */
    public static final double LEAST_TEXT = 22;
    /** Rounding to whole pixels may put an edge this far over a line without being wrong. */
    private static final double TOLERANCE = 1.0;

    private final ResolvedScene scene;
    private final Canvas canvas;
    private final List<Finding> found = new ArrayList<>();

    private Findings(ResolvedScene scene) {
        this.scene = scene;
        this.canvas = scene.canvas();
    }

    /** All findings, back to front. Empty when everything fits. */
    public static List<Finding> of(ResolvedScene scene) {
        Findings findings = new Findings(scene);
        for (int i = 0; i < scene.placements().size(); i++) {
            Placement placement = scene.placements().get(i);
            findings.place(placement);
            findings.overOpenings(placement, i);
            findings.smallText(placement);
        }
        return List.copyOf(findings.found);
    }

    private void place(Placement placement) {
        double out = placement.box().outside(canvas.size().box());
        if (out > 0) {
            add(Finding.Kind.OUTSIDE_CANVAS, placement, out, 0, "%s reaches %.0f px past the edge of the canvas and is cut off there.".formatted(placement.piece().name(), out),
                    movedInto(placement, canvas.size().box()));
            return;
        }
        if (bleeds(placement)) {
            textSafe(placement);
            return;
        }
        Box safe = SafeArea.ACTION.within(canvas.size());
        double past = placement.box().outside(safe);
        if (past > TOLERANCE) {
            add(Finding.Kind.OUTSIDE_SAFE_AREA, placement, past, 0, "%s reaches %.0f px past the action-safe area; some screens cut that part.".formatted(placement.piece().name(), past),
                    movedSafe(placement));
        } else {
            textSafe(placement);
        }
    }

    /** Full-canvas art and bands run to the edges on purpose; only their text must be safe. */
    private boolean bleeds(Placement placement) {
        Zone zone = scene.scene().placed(placement.piece().id()).orElseThrow().zone();
        return zone == Zone.FULL || zone == Zone.BAND;
    }

    private void textSafe(Placement placement) {
        Box safe = SafeArea.GRAPHICS.within(canvas.size());
        placement.art().texts().stream()
                .mapToDouble(text -> text.box().outside(safe))
                .max().stream().filter(past -> past > TOLERANCE)
                .forEach(past -> add(Finding.Kind.OUTSIDE_SAFE_AREA, placement, past, 0,
                        "Text on %s reaches %.0f px past the graphics-safe area; some screens cut that part.".formatted(placement.piece().name(), past),
                        bleeds(placement) ? Optional.empty() : movedSafe(placement)));
    }

    private void overOpenings(Placement placement, int index) {
        if (placement.piece().kind().liesOver()) {
            return;
        }
        for (FittedOpening opening : scene.openings()) {
            boolean own = opening.piece().equals(placement.piece().id());
            boolean above = index > scene.scene().indexOf(opening.piece());
            double covered = opening.opening().box().cut(placement.box()).area();
            if (!own && above && covered > 0) {
                double share = 100 * covered / opening.opening().box().area();
                add(Finding.Kind.OVER_OPENING, placement, covered, 0,
                        "%s covers %.0f %% of the opening for %s.".formatted(placement.piece().name(), Math.max(1, share), opening.capture().name()),
                        backToPlan(placement));
            }
        }
    }

    private void smallText(Placement placement) {
        double least = LEAST_TEXT * canvas.unit();
        placement.art().texts().stream().mapToDouble(Mark.Text::px).min().stream()
                .filter(px -> px < least - 0.01)
                .forEach(px -> add(Finding.Kind.TEXT_TOO_SMALL, placement, px, least,
                        "Text on %s is %.0f px high; below %.0f px nobody reads it on a phone.".formatted(placement.piece().name(), px, least), backToPlan(placement)));
    }

    private void add(Finding.Kind kind, Placement placement, double measured, double limit, String sentence, Optional<Edit> fix) {
        found.add(new Finding(kind, scene.scene().id(), canvas.id(), placement.piece().id(), measured, limit, sentence, fix));
    }

    /** Into the action-safe area, and then so far that its text is graphics-safe too. */
    private Optional<Edit> movedSafe(Placement placement) {
        Box moved = fitted(placement.box(), SafeArea.ACTION.within(canvas.size()));
        Box graphics = SafeArea.GRAPHICS.within(canvas.size());
        double dx = 0;
        double dy = 0;
        for (Mark.Text text : placement.art().texts()) {
            double x = text.box().x() + moved.x() - placement.box().x();
            double y = text.box().y() + moved.y() - placement.box().y();
            dx = outermost(dx, inward(x, x + text.box().width(), graphics.x(), graphics.right()));
            dy = outermost(dy, inward(y, y + text.box().height(), graphics.y(), graphics.bottom()));
        }
        return Optional.of(setBox(placement, new Box(moved.x() + dx, moved.y() + dy, moved.width(), moved.height())));
    }

    /** How far a span must move, in whole pixels, to lie within another; 0 when it does, or when it is the longer one. */
    private static double inward(double from, double to, double least, double most) {
        if (from < least) {
            return Math.ceil(least - from);
        }
        return to > most ? -Math.ceil(to - most) : 0;
    }

    private static double outermost(double one, double other) {
        return Math.abs(one) >= Math.abs(other) ? one : other;
    }

    private Optional<Edit> movedInto(Placement placement, Box room) {
        return Optional.of(setBox(placement, fitted(placement.box(), room)));
    }

    /** The least move, and shrinking only where the box is larger than the room. */
    private static Box fitted(Box box, Box room) {
        double left = Math.ceil(room.x());
        double top = Math.ceil(room.y());
        Box inner = new Box(left, top, Math.floor(room.right()) - left, Math.floor(room.bottom()) - top);
        double width = Math.min(box.width(), inner.width());
        double height = Math.min(box.height(), inner.height());
        return new Box(Math.clamp(box.x(), inner.x(), inner.right() - width), Math.clamp(box.y(), inner.y(), inner.bottom() - height), width, height);
    }

    private Edit setBox(Placement placement, Box box) {
        return new Edit.SetBox(scene.scene().id(), placement.piece().id(), canvas.shape(), canvas.units(box));
    }

    private Optional<Edit> backToPlan(Placement placement) {
        return placement.corrected() ? Optional.of(new Edit.DropBox(scene.scene().id(), placement.piece().id(), canvas.shape())) : Optional.empty();
    }
}
