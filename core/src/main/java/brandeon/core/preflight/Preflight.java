package brandeon.core.preflight;

import brandeon.core.art.Pictures;
import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.live.SignalKind;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * All that is found about a theme, and what would help.
 *
 * A fix is proposed only after it was tried: the changed theme is checked again, the finding must be gone, and nothing
 * of the same or a greater weight may be new. Keeps what it found, so it is made anew for each question and not shared.
 */
public final class Preflight {

    /** More tries than this for one finding are given up. */
    private static final int MOST_TRIES = 24;

    private static final int MOST_REPAIRS = 200;

    /** What one thing does to another one. */
    private static final Set<Finding.Kind> MEETINGS = EnumSet.of(
            Finding.Kind.COVERS_OTHERS,
            Finding.Kind.FACE_COVERED,
            Finding.Kind.OVER_OPENING,
            Finding.Kind.OVER_WORDS,
            Finding.Kind.KEEP_CLEAR);

    private final Theme theme;
    private final LiveState live;
    private final List<SignalKind> sent;
    private final Pictures pictures;
    private final Resolver resolver;
    private final Map<String, List<Standing>> standing = new HashMap<>();
    private final Map<String, List<During>> alerted = new HashMap<>();
    private final Map<String, List<Finding>> measured = new HashMap<>();
    private final Map<String, List<Finding>> painted = new HashMap<>();

    public Preflight(Theme theme, LiveState live, Pictures pictures) {
        this(theme, live, pictures, List.of());
    }

    /** @param sent the signals that the theme's channel can send */
    public Preflight(Theme theme, LiveState live, Pictures pictures, List<SignalKind> sent) {
        this.theme = theme;
        this.sent = List.copyOf(sent);
        this.live = Alerts.quiet(live);
        this.pictures = pictures;
        this.resolver = new Resolver(theme);
    }

    /** @param left what could not be repaired, the worst first */
    public record Repair(List<Fix> fixes, List<Finding> left) {

        public Edit.Batch edit() {
            return new Edit.Batch(fixes.stream().map(Fix::edit).toList());
        }
    }

    /** Everything but flashes, the worst first, each with its fix where there is one. */
    public List<Finding> findings() {
        return found(true).stream()
                .map(finding -> fix(finding).map(finding::with).orElse(finding))
                .toList();
    }

    /** How many things are found, by their weight; a thing that is found on several canvases counts once. */
    public record FindingCount(int broken, int poor, int notes) {}

    /** The same without looking for fixes, which takes most of the time. */
    public FindingCount count() {
        Map<Finding.Weight, Set<Finding.Key>> things = new EnumMap<>(Finding.Weight.class);
        found(true).stream()
                .map(Finding::key)
                .forEach(key -> things.computeIfAbsent(key.kind().weight(), _ -> new HashSet<>())
                        .add(new Finding.Key(key.kind(), key.scene(), "", key.piece(), key.other())));
        return new FindingCount(
                count(things, Finding.Weight.BROKEN),
                count(things, Finding.Weight.POOR),
                count(things, Finding.Weight.NOTE));
    }

    private static int count(Map<Finding.Weight, Set<Finding.Key>> things, Finding.Weight weight) {
        return things.getOrDefault(weight, Set.of()).size();
    }

    /** The least change that removes a finding; empty where there is none, or where a person must decide. */
    public Optional<Fix> fix(Finding finding) {
        if (finding.kind() == Finding.Kind.FLASHES) {
            return ideas(finding).stream()
                    .filter(fix -> Edits.apply(theme, fix.edit()) instanceof Outcome.Applied)
                    .findFirst();
        }
        return ideas(finding).stream()
                .limit(MOST_TRIES)
                .filter(fix -> helps(fix, finding))
                .findFirst();
    }

    /** Fixes one finding after another, the worst first, until nothing is left that can be fixed. */
    public Repair repair() {
        List<Fix> fixes = new ArrayList<>();
        Preflight now = this;
        for (int i = 0; i < MOST_REPAIRS; i++) {
            Preflight current = now;
            // What is found at rest comes first; looking at every alert after every step would cost much and change
            // little.
            Optional<Fix> next = current.found(false).stream()
                    .map(current::fix)
                    .flatMap(Optional::stream)
                    .findFirst()
                    .or(() -> current.found(true).stream()
                            .map(current::fix)
                            .flatMap(Optional::stream)
                            .findFirst());
            if (next.isEmpty() || !(Edits.apply(now.theme, next.get().edit()) instanceof Outcome.Applied applied)) {
                break;
            }
            fixes.add(next.get());
            now = new Preflight(applied.theme(), live, pictures, sent);
        }
        return new Repair(List.copyOf(fixes), now.found(true));
    }

    private List<Fix> ideas(Finding finding) {
        Optional<ResolvedScene> where = theme.scene(finding.scene())
                .flatMap(scene -> standing(scene).stream()
                        .filter(one -> one.canvas().id().equals(finding.canvas()))
                        .map(Standing::scene)
                        .findFirst());
        return finding.kind().remedy().ideas(theme, finding, theme.piece(finding.piece()), where);
    }

    private boolean helps(Fix fix, Finding finding) {
        if (!(Edits.apply(theme, fix.edit()) instanceof Outcome.Applied applied)) {
            return false;
        }
        Preflight after = new Preflight(applied.theme(), live, pictures, sent);
        List<Scene> near = theme.scenes().stream()
                .filter(scene -> touches(fix.edit(), finding, scene))
                .toList();
        // Only what is done to an announcer changes how its alerts stand.
        boolean alerts = theme.piece(finding.piece())
                .filter(piece -> piece.kind().facts().announces())
                .isPresent();
        // What need not be painted is looked at first; most tries end there.
        return better(ThemeChecks.of(theme), ThemeChecks.of(applied.theme()), finding)
                && near.stream()
                        .allMatch(scene ->
                                better(measured(scene, alerts), after.measured(after.same(scene), alerts), finding))
                && near.stream()
                        .allMatch(scene ->
                                better(painted(scene, alerts), after.painted(after.same(scene), alerts), finding));
    }

    /** The scenes that a change may touch: its own, or all that show the piece where the piece itself is changed. */
    private boolean touches(Edit edit, Finding finding, Scene scene) {
        return edit instanceof PlacingEdit placing
                ? placing.scene().equals(scene.id())
                        || theme.over(scene).stream()
                                .anyMatch(over -> placing.scene().equals(over.id()))
                : scene.id().equals(finding.scene())
                        || scene.placed(finding.piece()).isPresent();
    }

    /** Whether the finding is gone, and nothing of its weight or a greater one is new. */
    private static boolean better(List<Finding> before, List<Finding> after, Finding finding) {
        Set<Finding.Key> known = new HashSet<>();
        before.forEach(old -> known.add(old.key()));
        return after.stream()
                .noneMatch(found -> found.key().equals(finding.key())
                        || (!known.contains(found.key()) && found.weight().compareTo(finding.weight()) <= 0));
    }

    private Scene same(Scene scene) {
        return theme.scene(scene.id()).orElseThrow();
    }

    private List<Finding> found(boolean alerts) {
        List<Finding> all = new ArrayList<>(ThemeChecks.of(theme));
        all.addAll(SignalChecks.of(theme, sent));
        theme.scenes().forEach(scene -> {
            all.addAll(measured(scene, alerts));
            all.addAll(painted(scene, alerts));
        });
        all.sort(SceneChecks.BY_WEIGHT);
        return all;
    }

    private List<Finding> measured(Scene scene, boolean alerts) {
        List<Finding> quiet = measured.computeIfAbsent(
                scene.id(),
                _ -> standing(scene).stream()
                        .flatMap(one -> SceneChecks.of(one).stream())
                        .filter(finding -> told(scene, finding))
                        .toList());
        return alerts ? withAlerts(quiet, scene, during -> SceneChecks.of(during.standing())) : quiet;
    }

    private List<Finding> painted(Scene scene, boolean alerts) {
        List<Finding> quiet = painted.computeIfAbsent(
                scene.id(),
                _ -> standing(scene).stream()
                        .flatMap(one -> Stream.concat(
                                ContrastChecks.of(one, pictures).stream(), LoadChecks.of(one.scene()).stream()))
                        .filter(finding -> told(scene, finding))
                        .toList());
        return alerts
                ? withAlerts(
                        quiet, scene, during -> ContrastChecks.ofAlert(during.atRest(), during.standing(), pictures))
                : quiet;
    }

    /** What stands over every scene is told of there, and elsewhere only where it meets what is on that scene. */
    private static boolean told(Scene scene, Finding finding) {
        return finding.piece().isEmpty()
                || scene.placed(finding.piece()).isPresent()
                || MEETINGS.contains(finding.kind());
    }

    /** And what is found of the announcer during each alert; the same trouble with several alerts is told once. */
    private List<Finding> withAlerts(List<Finding> quiet, Scene scene, Function<During, List<Finding>> check) {
        Set<String> announcers = new HashSet<>();
        Stream.concat(Stream.of(scene), theme.over(scene).stream())
                .flatMap(one -> one.stack().stream())
                .forEach(placed -> theme.piece(placed.piece())
                        .filter(piece -> piece.kind().facts().announces())
                        .ifPresent(piece -> announcers.add(piece.id())));
        if (announcers.isEmpty()) {
            return quiet;
        }
        List<Finding> all = new ArrayList<>(quiet);
        Set<Finding.Key> known = new HashSet<>();
        quiet.forEach(finding -> known.add(sort(finding)));
        for (During during : alerted(scene)) {
            check.apply(during).stream()
                    .filter(finding -> told(scene, finding))
                    .filter(finding -> announcers.contains(finding.piece()) && known.add(sort(finding)))
                    .forEach(finding -> all.add(during.alert().told(finding)));
        }
        return List.copyOf(all);
    }

    /** A scene on one canvas during an alert, and without it. */
    private record During(Alerts.During alert, ResolvedScene atRest, Standing standing) {}

    private List<During> alerted(Scene scene) {
        return alerted.computeIfAbsent(
                scene.id(),
                _ -> Alerts.of(theme).stream()
                        .flatMap(alert -> standing(scene).stream()
                                .map(atRest -> new During(
                                        alert, atRest.scene(), standing(scene, atRest.canvas(), alert.live()))))
                        .toList());
    }

    /** What a finding is about, whichever alert it was found with. */
    private static Finding.Key sort(Finding finding) {
        return new Finding.Key(finding.kind(), finding.scene(), finding.canvas(), finding.piece(), "");
    }

    /** On each of the theme's canvases, in their order. */
    private List<Standing> standing(Scene scene) {
        return standing.computeIfAbsent(
                scene.id(),
                _ -> theme.canvases().stream()
                        .map(canvas -> standing(scene, canvas, live))
                        .toList());
    }

    private Standing standing(Scene scene, Canvas canvas, LiveState then) {
        return Standing.of(theme, resolver.seen(scene, canvas, then));
    }
}
