package brandeon.core.preflight;

import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.Region;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Who lies over whom: openings, words, faces, what is kept clear, and orders that cannot work. */
final class CoverChecks {

    /** Less common ground than this on either axis, in pixels, is rounding. */
    private static final double TOLERANCE = 2;

    private final Standing standing;
    private final List<Finding> found = new ArrayList<>();

    private CoverChecks(Standing standing) {
        this.standing = standing;
    }

    static Stream<Finding> of(Standing standing) {
        CoverChecks checks = new CoverChecks(standing);
        for (Stood stood : standing.pieces()) {
            checks.over(stood);
            checks.others(stood);
            checks.regions(stood);
            checks.keptClear(stood);
            checks.behindCaptures(stood);
            checks.alert(stood);
        }
        return checks.found.stream();
    }

    /** The part that two boxes share, when it is more than rounding. */
    static Optional<Box> shared(Box one, Box other) {
        Box cut = one.cut(other);
        return cut.width() > TOLERANCE && cut.height() > TOLERANCE ? Optional.of(cut) : Optional.empty();
    }

    private void over(Stood stood) {
        if (stood.kind().liesOver() || stood.ground()) {
            return;
        }
        for (FittedOpening opening : standing.scene().openings()) {
            Stood frame = standing.piece(opening.piece()).orElseThrow();
            if (frame != stood && stood.index() > frame.index()) {
                shared(opening.bounds(), stood.ink()).ifPresent(covered -> {
                    double share = 100 * covered.area() / opening.bounds().area();
                    add(
                            Finding.Kind.OVER_OPENING,
                            stood,
                            opening.piece(),
                            covered,
                            share,
                            0,
                            String.format(
                                    Locale.ROOT,
                                    "%s covers %.0f %% of the opening for %s.",
                                    stood.name(),
                                    Math.max(1, share),
                                    opening.capture().name()));
                });
            }
        }
    }

    /** Scenery over others hides them; other pieces may not lie over words. */
    private void others(Stood stood) {
        if (stood.covers()) {
            covered(stood);
        } else if (!stood.sparse() && !stood.kind().announces() && !stood.ground()) {
            standing.pieces().stream()
                    .limit(stood.index())
                    .forEach(below -> below.words().stream()
                            .map(words -> shared(words, stood.ink()))
                            .flatMap(Optional::stream)
                            .findFirst()
                            .map(part -> standing.finding(
                                    Finding.Kind.OVER_WORDS,
                                    stood,
                                    below.id(),
                                    part,
                                    part.area(),
                                    0,
                                    String.format(
                                            Locale.ROOT, "%s lies over words of %s.", stood.name(), below.name())))
                            .or(() -> eachOther(stood, below))
                            .ifPresent(found::add));
        }
    }

    /** Two widgets whose plates meet, although no words are hidden. */
    private Optional<Finding> eachOther(Stood stood, Stood below) {
        return stood.widget() && below.widget()
                ? shared(below.ink(), stood.ink())
                        .map(part -> standing.finding(
                                Finding.Kind.OVER_WORDS,
                                stood,
                                below.id(),
                                part,
                                part.area(),
                                0,
                                String.format(
                                        Locale.ROOT, "%s and %s lie over each other.", stood.name(), below.name())))
                : Optional.empty();
    }

    private void covered(Stood stood) {
        List<Stood> hidden = standing.pieces().stream()
                .limit(stood.index())
                .filter(below -> below.ink().outside(stood.ink()) <= TOLERANCE)
                .toList();
        boolean overCapture = stood.index() >= standing.scene().behind()
                && !standing.scene().openings().isEmpty();
        if (!hidden.isEmpty() || overCapture) {
            String what = hidden.isEmpty()
                    ? "the captures"
                    : hidden.size() == 1
                            ? hidden.getFirst().name()
                            : String.format(Locale.ROOT, "%d pieces", hidden.size());
            add(
                    Finding.Kind.COVERS_OTHERS,
                    stood,
                    "",
                    stood.ink(),
                    Math.max(1, hidden.size()),
                    0,
                    String.format(
                            Locale.ROOT,
                            "%s stands before %s, so that nothing of that can be seen.",
                            stood.name(),
                            what));
        }
    }

    private void regions(Stood stood) {
        if (stood.sparse() || stood.ground()) {
            return;
        }
        for (FittedOpening opening : standing.scene().openings()) {
            Stood frame = standing.piece(opening.piece()).orElseThrow();
            if (stood.index() <= frame.index()) {
                continue;
            }
            for (Region region : opening.capture().regions()) {
                Box place = opening.seen(region);
                shared(place, stood.ink()).ifPresent(part -> {
                    double share = 100 * part.area() / place.area();
                    boolean face = region.sort() == Region.Sort.FACE;
                    add(
                            face ? Finding.Kind.FACE_COVERED : Finding.Kind.KEEP_CLEAR,
                            stood,
                            opening.capture().id() + "/" + region.id(),
                            part,
                            share,
                            0,
                            String.format(
                                    Locale.ROOT,
                                    "%s covers %.0f %% of %s in %s.",
                                    stood.name(),
                                    Math.max(1, share),
                                    region.name(),
                                    opening.capture().name()));
                });
            }
        }
    }

    private void keptClear(Stood stood) {
        if (stood.sparse()) {
            return;
        }
        for (KeepClear area : standing.scene().scene().keepClear()) {
            if (area.shape() == standing.canvas().shape()) {
                Box box = standing.canvas().pixels(area.box());
                Stream<Box> parts = stood.ground() ? stood.words().stream() : Stream.of(stood.ink());
                parts.map(part -> shared(box, part))
                        .flatMap(Optional::stream)
                        .findFirst()
                        .ifPresent(part -> add(
                                Finding.Kind.KEEP_CLEAR,
                                stood,
                                area.id(),
                                part,
                                part.area(),
                                0,
                                String.format(
                                        Locale.ROOT,
                                        "%s lies in %s, which is kept clear.",
                                        stood.name(),
                                        area.name())));
            }
        }
    }

    /** A piece that stands behind a capture is hidden where that shows. */
    private void behindCaptures(Stood stood) {
        if (stood.ground() || stood.sparse()) {
            return;
        }
        standing.scene().openings().stream()
                .filter(opening -> standing.piece(opening.piece()).orElseThrow().index() > stood.index())
                .filter(opening -> shared(opening.bounds(), stood.ink()).isPresent())
                .findFirst()
                .ifPresent(opening -> {
                    Box part = shared(opening.bounds(), stood.ink()).orElseThrow();
                    add(
                            Finding.Kind.HIDDEN_BY_CAPTURE,
                            stood,
                            opening.piece(),
                            part,
                            part.area(),
                            0,
                            String.format(
                                    Locale.ROOT,
                                    "%s is behind %s and is hidden by it.",
                                    stood.name(),
                                    opening.capture().name()));
                });
    }

    /** Alerts are the top layer (common practice, no source). */
    private void alert(Stood stood) {
        if (!stood.kind().announces()) {
            return;
        }
        standing.pieces().stream()
                .skip(stood.index() + 1L)
                .filter(above ->
                        !above.sparse() && shared(above.ink(), stood.ink()).isPresent())
                .findFirst()
                .ifPresent(above -> add(
                        Finding.Kind.ALERT_NOT_ON_TOP,
                        stood,
                        above.id(),
                        stood.ink(),
                        standing.pieces().size() - 1.0 - stood.index(),
                        0,
                        String.format(
                                Locale.ROOT,
                                "%s lies over %s, so that alerts are hidden.",
                                above.name(),
                                stood.name())));
    }

    private void add(
            Finding.Kind kind, Stood stood, String other, Box where, double measured, double limit, String sentence) {
        found.add(standing.finding(kind, stood, other, where, measured, limit, sentence));
    }
}
