package brandeon.core.preflight;

import brandeon.core.kind.Field;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PlacingEdit;
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
        found.addAll(twice(theme));
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
                .filter(_ -> theme.always().stream().noneMatch(scene -> hasAlerts(theme, scene)))
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

    /** What stands on a scene and over every scene is there twice. */
    private static List<Finding> twice(Theme theme) {
        List<Finding> found = new ArrayList<>();
        for (Scene scene : theme.shownScenes()) {
            theme.pieces().stream()
                    .filter(piece -> scene.placed(piece.id()).isPresent()
                            && theme.always().stream()
                                    .anyMatch(over -> over.placed(piece.id()).isPresent()))
                    .forEach(piece -> found.add(new Finding(
                            Finding.Kind.STANDS_TWICE,
                            scene.id(),
                            "",
                            piece.id(),
                            "",
                            Optional.empty(),
                            2,
                            1,
                            String.format(
                                    Locale.ROOT,
                                    "%s stands on %s and over every scene, so viewers see it twice there.",
                                    piece.name(),
                                    scene.name()),
                            Optional.empty())));
        }
        return found;
    }

    /** Off the scene: over every scene it stays. */
    static List<Fix> once(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> where) {
        return List.of(new Fix(
                "Take it off " + theme.scene(finding.scene()).map(Scene::name).orElse("it"),
                new PlacingEdit.TakeOff(finding.scene(), finding.piece())));
    }

    private static boolean hasAlerts(Theme theme, Scene scene) {
        return scene.stack().stream()
                .map(placed -> theme.piece(placed.piece()))
                .flatMap(Optional::stream)
                .map(Piece::kind)
                .anyMatch(kind -> kind.facts().announces());
    }
}
