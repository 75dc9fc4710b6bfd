package brandeon.core.preflight;

import brandeon.core.kind.Zone;
import brandeon.core.preflight.Standing.Stood;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether scenery moves twice, and whether what must show is left out. */
final class SceneryChecks {

    private SceneryChecks() {}

    static Stream<Finding> of(Standing standing) {
        List<Finding> found = new ArrayList<>();
        List<Stood> moving = standing.pieces().stream()
                .filter(stood -> stood.kind().zone() == Zone.FULL
                        && stood.placement().art().moves())
                .toList();
        if (moving.size() > 1) {
            Stood last = moving.getLast();
            found.add(standing.finding(
                    Finding.Kind.TWO_MOVING_GROUNDS,
                    last,
                    moving.getFirst().id(),
                    last.ink(),
                    moving.size(),
                    1,
                    String.format(
                            Locale.ROOT,
                            "%s and %s move over the whole canvas at once, which costs much and draws the eye away.",
                            moving.getFirst().name(),
                            last.name())));
        }
        standing.scene().scene().stack().stream()
                .filter(placed -> !placed.shows(standing.canvas().shape()))
                .map(placed -> standing.theme().piece(placed.piece()).orElseThrow())
                .filter(piece -> piece.mustShow())
                .forEach(piece -> found.add(new Finding(
                        Finding.Kind.MISSING,
                        standing.scene().scene().id(),
                        standing.canvas().id(),
                        piece.id(),
                        "",
                        Optional.empty(),
                        0,
                        1,
                        String.format(
                                Locale.ROOT, "%s must show, but is hidden on this shape of canvas.", piece.name()),
                        Optional.empty())));
        return found.stream();
    }
}
