package brandeon.core.preflight;

import brandeon.core.kind.Field;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What can be said of a theme without resolving its scenes. */
public final class ThemeChecks {

    private ThemeChecks() {}

    public static List<Finding> of(Theme theme) {
        List<Finding> found = new ArrayList<>(missing(theme));
        found.addAll(alike(theme));
        found.addAll(untouched(theme));
        found.addAll(PeriodChecks.of(theme));
        found.addAll(SoundChecks.of(theme));
        found.addAll(ProvenanceChecks.of(theme));
        return found;
    }

    /** Colours of the brand that somebody may take for one another, or that do not read where they stand. */
    private static List<Finding> alike(Theme theme) {
        return theme.brand().palette().shortfalls().stream()
                .map(shortfall -> new Finding(
                        Finding.Kind.COLOURS_ALIKE,
                        "",
                        "",
                        "",
                        shortfall.role() + " " + shortfall.other(),
                        Optional.empty(),
                        shortfall.measured(),
                        shortfall.least(),
                        shortfall.sentence() + " Change a seed, or pin one of them on Brand.",
                        Optional.empty()))
                .toList();
    }

    /** Words that only say what belongs there, on pieces that stand on a scene: viewers would read them. */
    private static List<Finding> untouched(Theme theme) {
        List<Finding> found = new ArrayList<>();
        for (Piece piece : theme.pieces()) {
            for (Field field : piece.kind().fields()) {
                Optional<Scene> shown = field.yours() && !piece.content().containsKey(field.name())
                        ? theme.scenes().stream()
                                .filter(scene -> scene.placed(piece.id())
                                        .filter(placed -> !placed.content().containsKey(field.name()))
                                        .isPresent())
                                .findFirst()
                        : Optional.empty();
                shown.ifPresent(scene -> found.add(new Finding(
                        Finding.Kind.STARTING_WORDS,
                        scene.id(),
                        "",
                        piece.id(),
                        field.name(),
                        Optional.empty(),
                        1,
                        0,
                        String.format(
                                Locale.ROOT,
                                "%s still says what belongs there: “%s”. Write your own words, or take it off %s.",
                                piece.name(),
                                field.standard().patterns().findFirst().orElse(""),
                                scene.name()),
                        Optional.empty())));
            }
        }
        return found;
    }

    /** An announcer belongs on every scene: an alert that comes while another scene is on air is lost otherwise. */
    private static List<Finding> missing(Theme theme) {
        List<Finding> found = new ArrayList<>();
        theme.pieces().stream()
                .filter(piece -> piece.kind().facts().announces()
                        && theme.scenes().stream()
                                .anyMatch(scene -> scene.placed(piece.id()).isPresent()))
                .findFirst()
                .ifPresent(announcer -> theme.scenes().stream()
                        .filter(scene -> !hasAlerts(theme, scene))
                        .forEach(scene -> found.add(new Finding(
                                Finding.Kind.MISSING,
                                scene.id(),
                                "",
                                announcer.id(),
                                "",
                                Optional.empty(),
                                0,
                                1,
                                String.format(
                                        Locale.ROOT,
                                        "%s is missing on %s, so that alerts are not seen there.",
                                        announcer.name(),
                                        scene.name()),
                                Optional.empty()))));
        return found;
    }

    private static boolean hasAlerts(Theme theme, Scene scene) {
        return scene.stack().stream()
                .map(placed -> theme.piece(placed.piece()))
                .flatMap(Optional::stream)
                .map(Piece::kind)
                .anyMatch(kind -> kind.facts().announces());
    }
}
