package brandeon.core.preflight;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.theme.Region;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Whether each opening has a capture, and what the opening does to it. */
final class CaptureChecks {

    /** More of a picture than this, in percent, is seldom meant to be cut off (common practice, no source). */
    static final double MOST_CROPPED = 40;

    private CaptureChecks() {}

    static Stream<Finding> of(Standing standing) {
        List<Finding> found = new ArrayList<>();
        for (FittedOpening opening : standing.scene().openings()) {
            Stood frame = standing.piece(opening.piece()).orElseThrow();
            CaptureFit fit = opening.fit();
            String capture = opening.capture().name();
            if (fit.enlarged()) {
                found.add(standing.finding(
                        Finding.Kind.CAPTURE_ENLARGED,
                        frame,
                        opening.capture().id(),
                        opening.bounds(),
                        fit.scale() * 100,
                        100,
                        String.format(
                                Locale.ROOT,
                                "%s is enlarged to %.0f %%, which makes it soft; a larger picture or a smaller frame helps.",
                                capture,
                                fit.scale() * 100)));
            }
            double cropped = 100 * (1 - fit.shownShare());
            if (cropped > MOST_CROPPED) {
                found.add(standing.finding(
                        Finding.Kind.CAPTURE_CROPPED,
                        frame,
                        opening.capture().id(),
                        opening.bounds(),
                        cropped,
                        MOST_CROPPED,
                        String.format(Locale.ROOT, "%.0f %% of %s is cut off by %s.", cropped, capture, frame.name())));
            }
            for (Region region : opening.capture().regions()) {
                Box place = fit.onCanvas(region.box());
                double out = place.outside(opening.opening().box());
                if (region.sort() == Region.Sort.FACE && out > PlaceChecks.TOLERANCE) {
                    found.add(standing.finding(
                            Finding.Kind.FACE_CUT,
                            frame,
                            opening.capture().id() + "/" + region.id(),
                            opening.bounds(),
                            out,
                            0,
                            String.format(
                                    Locale.ROOT,
                                    "%s in %s is cut off by %.0f px at the edge of %s.",
                                    region.name(),
                                    capture,
                                    out,
                                    frame.name())));
                }
            }
        }
        for (Stood stood : standing.pieces()) {
            long fitted = standing.scene().openings().stream()
                    .filter(opening -> opening.piece().equals(stood.id()))
                    .count();
            if (stood.placement().art().openings().size() > fitted) {
                found.add(standing.finding(
                        Finding.Kind.NO_CAPTURE,
                        stood,
                        "",
                        stood.placement().bounds(),
                        fitted,
                        stood.placement().art().openings().size(),
                        String.format(
                                Locale.ROOT,
                                "%s has an opening that no capture is bound to, so that viewers see through it.",
                                stood.name())));
            }
        }
        return found.stream();
    }
}
