package brandeon.core.preflight;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.preflight.Standing.Stood;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Whether pieces lie on the canvas, and what matters within its safe areas. */
final class PlaceChecks {

    /** Rounding to whole pixels may put an edge this far over a line without being wrong, in pixels. */
    static final double TOLERANCE = 1;

    private final Standing standing;

    private PlaceChecks(Standing standing) {
        this.standing = standing;
    }

    static Stream<Finding> of(Standing standing) {
        PlaceChecks checks = new PlaceChecks(standing);
        return standing.pieces().stream().flatMap(stood -> checks.of(stood).stream());
    }

    private List<Finding> of(Stood stood) {
        Box bounds = stood.placement().bounds();
        Box whole = standing.canvas().size().box();
        double out = bounds.outside(whole);
        if (out > 0.5) {
            return List.of(standing.finding(
                    Finding.Kind.OUTSIDE_CANVAS,
                    stood,
                    "",
                    bounds,
                    out,
                    0,
                    String.format(
                            Locale.ROOT,
                            "%s reaches %.0f px past the edge of the canvas and is cut off there.",
                            stood.name(),
                            out)));
        }
        double past = bounds.outside(standing.canvas().safe(SafeArea.ACTION));
        if (past > TOLERANCE && !bleeds(stood, bounds, whole)) {
            return List.of(standing.finding(
                    Finding.Kind.OUTSIDE_SAFE_AREA,
                    stood,
                    "",
                    bounds,
                    past,
                    0,
                    String.format(
                            Locale.ROOT,
                            "%s reaches %.0f px past the action-safe area; some screens cut that part.",
                            stood.name(),
                            past)));
        }
        return words(stood);
    }

    private List<Finding> words(Stood stood) {
        Box safe = standing.canvas().safe(SafeArea.GRAPHICS);
        double past = stood.words().stream()
                .mapToDouble(words -> words.outside(safe))
                .max()
                .orElse(0);
        return past <= TOLERANCE
                ? List.of()
                : List.of(standing.finding(
                        Finding.Kind.OUTSIDE_SAFE_AREA,
                        stood,
                        "",
                        stood.placement().bounds(),
                        past,
                        0,
                        String.format(
                                Locale.ROOT,
                                "Text on %s reaches %.0f px past the graphics-safe area; some screens cut that part.",
                                stood.name(),
                                past)));
    }

    /** What runs from edge to edge does so on purpose; only its words must be safe. */
    static boolean bleeds(Stood stood, Box bounds, Box whole) {
        return stood.ground()
                || stood.sparse()
                || bounds.width() >= whole.width() - TOLERANCE
                || bounds.height() >= whole.height() - TOLERANCE;
    }
}
