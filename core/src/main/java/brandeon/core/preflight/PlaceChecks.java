package brandeon.core.preflight;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.theme.Manner;
import brandeon.core.theme.PlacingEdit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether pieces lie on the canvas, and what matters within its safe areas. */
final class PlaceChecks {

    /** Rounding to whole pixels may put an edge this far over a line without being wrong, in pixels. */
    static final double TOLERANCE = 1;
    /** Words that are laid on more thinly than this are a trace of words. */
    private static final double FAINT = 0.5;

    private final Standing standing;

    private PlaceChecks(Standing standing) {
        this.standing = standing;
    }

    static Stream<Finding> of(Standing standing) {
        PlaceChecks checks = new PlaceChecks(standing);
        return standing.pieces().stream()
                .flatMap(stood -> Stream.concat(checks.of(stood).stream(), checks.faint(stood).stream()));
    }

    private Optional<Finding> faint(Stood stood) {
        double opacity = stood.placement().manner().opacity();
        return opacity >= FAINT || stood.words().isEmpty()
                ? Optional.empty()
                : Optional.of(standing.finding(
                        Finding.Kind.FAINT,
                        stood,
                        "",
                        stood.placement().bounds(),
                        opacity,
                        FAINT,
                        String.format(
                                Locale.ROOT,
                                "%s is laid on at %.0f %%, too thin for its words to be read.",
                                stood.name(),
                                opacity * 100)));
    }

    static void laidWhole(FixIdeas ideas) {
        Stood stood = ideas.stood();
        String scene = ideas.standing().home(ideas.stood()).id();
        Shape shape = ideas.standing().canvas().shape();
        Manner thin = stood.placement().manner();
        Manner whole = new Manner(thin.turn(), thin.mirrored(), thin.flipped(), 1, thin.blend());
        ideas.add(new Fix(
                "Lay it on whole",
                stood.placement().placed().manners().containsKey(shape)
                        ? new PlacingEdit.SetMannerOn(scene, stood.id(), shape, whole)
                        : new PlacingEdit.SetManner(scene, stood.id(), whole)));
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
