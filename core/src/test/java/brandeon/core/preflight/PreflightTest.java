package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Blend;
import brandeon.core.art.Pictures;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.SourceBox;
import brandeon.core.canvas.UnitBox;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.Resolver;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Region;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class PreflightTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final List<String> MOVABLE = List.of("supporter", "follower", "camera-frame", "scope-frame", "band");

    /** A camera of 720 lines in a frame of more is soft, and a person may want it so. */
    @Test
    void theDemoHasNothingButNotesOnItsSmallCamera() {
        assertThat(preflight(THEME).findings())
                .allMatch(finding -> finding.kind() == Finding.Kind.CAPTURE_ENLARGED
                        && finding.other().equals("camera"));
    }

    /** Findings came and went with whatever was announced while somebody looked. */
    @Test
    void whatIsOnScreenWhileSomebodyLooksDoesNotCount() {
        LiveState announcing = new LiveState(
                Readings.NONE,
                Show.QUIET,
                Optional.of(LiveState.Shown.of(
                        Signal.of("1", SignalKind.RAID, "Ilse Fenn", 0, "", 12, 0),
                        new AlertSlot(1, 8_000),
                        Profiles.PLAIN)));
        Theme theme = applied(THEME, new PlacingEdit.SetBox("hide", "supporter", "wide", new Box(1800, 500, 300, 112)));
        assertThat(new Preflight(theme, announcing, Pictures.NONE).findings())
                .isEqualTo(new Preflight(theme, LiveState.QUIET, Pictures.NONE).findings());
    }

    /**
     * At rest an announcer paints nothing, so words that lie under its alerts, or alerts that leave the canvas, were
     * not found.
     */
    @Test
    void eachAlertIsJudgedAlthoughNoneIsOn() {
        Theme faint = applied(
                THEME, new PlacingEdit.SetManner("hide", "announcer", new Manner(0, false, false, 0.1, Blend.NORMAL)));
        assertThat(preflight(faint).findings())
                .filteredOn(finding -> finding.piece().equals("announcer"))
                .isNotEmpty()
                .allSatisfy(finding ->
                        assertThat(finding.sentence()).startsWith("While “").contains("is announced"));
    }

    /** Each fix is tried on the theme, and what is checked afterwards does not come from the code that proposed it. */
    @Test
    void noFixMakesAFindingOfTheSameOrAGreaterWeight() {
        SplittableRandom random = new SplittableRandom(11);
        int fixed = 0;
        int found = 0;
        for (int i = 0; i < 24; i++) {
            Theme theme = disarranged(random);
            Map<List<?>, List<Finding>> known = new HashMap<>();
            Set<Finding.Key> before =
                    checked(theme, known).stream().map(Finding::key).collect(Collectors.toSet());
            for (Finding finding : preflight(theme).findings()) {
                found++;
                if (finding.fix().isEmpty()) {
                    continue;
                }
                Outcome.Applied applied =
                        (Outcome.Applied) Edits.apply(theme, finding.fix().get().edit());
                List<Finding> after = checked(applied.theme(), known);
                assertThat(after)
                        .as("after “%s” against %s", finding.fix().get().does(), finding.sentence())
                        .noneMatch(left -> left.key().equals(finding.key()))
                        .noneMatch(left -> !before.contains(left.key())
                                && left.weight().ordinal() <= finding.weight().ordinal());
                assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                        .as("and it is undone by its inverse")
                        .isEqualTo(theme);
                fixed++;
            }
        }
        assertThat(fixed).as("of %d findings", found).isGreaterThan(found / 2);
    }

    @Test
    void aPieceOverTheEdgeMovesNoFartherThanItMust() {
        Theme theme = applied(THEME, new PlacingEdit.SetBox("hide", "supporter", "wide", new Box(1800, 886, 300, 66)));
        Finding finding = preflight(theme).findings().stream()
                .filter(f -> f.kind() == Finding.Kind.OUTSIDE_CANVAS)
                .findFirst()
                .orElseThrow();
        Theme fixed = applied(theme, finding.fix().orElseThrow().edit());
        Box box = new Resolver(fixed)
                .resolve(fixed.scene("hide").orElseThrow(), fixed.canvas("wide").orElseThrow(), LiveState.QUIET)
                .placement("supporter")
                .orElseThrow()
                .box();
        // 3.5 % of 1920 are 67.2, so the right edge may be at 1852.
        assertThat(box).isEqualTo(new Box(1552, 886, 300, 66));
        assertThat(finding.fix().orElseThrow().does()).isEqualTo("Move it 248 px to the left");
    }

    @Test
    void fixAllRepairsWhatCanBeRepairedAndSaysWhatCannot() {
        Theme theme = applied(THEME, new PlacingEdit.SetBox("hide", "supporter", "wide", new Box(1800, 500, 300, 112)));
        theme = applied(theme, new PlacingEdit.SetBox("hide", "follower", "upright", new Box(-40, 300, 400, 112)));
        theme = applied(theme, new PlacingEdit.TakeOff("away", "announcer"));
        theme = applied(theme, new FramingEdit.SetCaptureSize("play", brandeon.core.canvas.Size.of(320, 180)));
        theme = applied(theme, new PlacingEdit.SetLocked("hide", "scope-frame", true));
        Preflight.Repair repair = preflight(theme).repair();
        assertThat(repair.fixes()).hasSizeGreaterThanOrEqualTo(3);
        Theme repaired = applied(theme, repair.edit());
        assertThat(repair.left()).extracting(Finding::kind).containsOnly(Finding.Kind.CAPTURE_ENLARGED);
        assertThat(repair.left())
                .extracting(Finding::piece)
                .as("a locked piece is left alone")
                .contains("scope-frame");
        assertThat(checked(repaired).stream().map(Finding::key))
                .containsExactlyInAnyOrderElementsOf(
                        repair.left().stream().map(Finding::key).toList());
    }

    @Test
    void anAlertThatIsMissingOnASceneIsAddedThere() {
        Theme theme = applied(THEME, new PlacingEdit.TakeOff("closing", "announcer"));
        Finding finding = preflight(theme).findings().getFirst();
        assertThat(finding.kind()).isEqualTo(Finding.Kind.MISSING);
        assertThat(finding.sentence()).contains("Closing");
        assertThat(preflight(applied(theme, finding.fix().orElseThrow().edit())).findings())
                .noneMatch(left -> left.kind() == Finding.Kind.MISSING);
    }

    @Test
    void wordsOverBrightFootageAreFoundAndADarkerPlateHelps() {
        Theme theme = applied(THEME, new PieceEdit.SetFigure("supporter", "darkness", 0));
        theme = applied(theme, new PlacingEdit.SetBox("hide", "supporter", "wide", new Box(200, 300, 400, 112)));
        List<Finding> found = preflight(theme).findings().stream()
                .filter(finding -> finding.kind() == Finding.Kind.CONTRAST
                        && finding.piece().equals("supporter"))
                .toList();
        assertThat(found).isNotEmpty();
        assertThat(found.getFirst().measured()).isLessThan(4.5);
    }

    private static Theme disarranged(SplittableRandom random) {
        Theme theme = THEME;
        theme = applied(
                theme,
                new FramingEdit.SetRegion(
                        "play",
                        new Region(
                                "heron",
                                "The heron",
                                Region.Sort.FACE,
                                new SourceBox(random.nextInt(0, 1500), random.nextInt(0, 800), 200, 200))));
        if (random.nextBoolean()) {
            theme = applied(
                    theme,
                    new FramingEdit.SetKeepClear(
                            "hide",
                            new KeepClear(
                                    "buttons",
                                    "Buttons",
                                    random.nextBoolean() ? Shape.WIDE : Shape.UPRIGHT,
                                    new UnitBox(random.nextInt(0, 900), random.nextInt(0, 900), 180, 180))));
        }
        for (String piece : MOVABLE) {
            for (Shape shape : List.of(Shape.WIDE, Shape.UPRIGHT)) {
                if (random.nextInt(3) == 0) {
                    Spot spot = new Spot.Anchored(
                            Anchor.values()[random.nextInt(9)],
                            random.nextInt(-300, 300),
                            random.nextInt(-300, 300),
                            random.nextInt(200, 700),
                            random.nextInt(80, 400));
                    theme = applied(theme, new PlacingEdit.SetCorrection("hide", piece, shape, spot));
                }
            }
        }
        if (random.nextInt(3) == 0) {
            theme = applied(
                    theme,
                    new PlacingEdit.Reorder("hide", MOVABLE.get(random.nextInt(MOVABLE.size())), random.nextInt(7)));
        }
        return theme;
    }

    private static Theme applied(Theme theme, Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }

    private static Preflight preflight(Theme theme) {
        return new Preflight(theme, LiveState.QUIET, Pictures.NONE);
    }

    private static List<Finding> checked(Theme theme) {
        return checked(theme, new HashMap<>());
    }

    /** @param known what was found on scenes before: most stand in a changed theme as they did */
    private static List<Finding> checked(Theme theme, Map<List<?>, List<Finding>> known) {
        List<Finding> all = new ArrayList<>(ThemeChecks.of(theme));
        Theme rest = theme.withScenes(List.of());
        for (Scene scene : theme.scenes()) {
            all.addAll(known.computeIfAbsent(
                    List.of(rest, scene, theme.over(scene)),
                    _ -> theme.canvases().stream()
                            .flatMap(canvas -> found(theme, scene, canvas))
                            .toList()));
        }
        return all;
    }

    private static Stream<Finding> found(Theme theme, Scene scene, Canvas canvas) {
        Standing standing = Standing.of(theme, new Resolver(theme).resolve(scene, canvas, LiveState.QUIET));
        return Stream.of(
                        SceneChecks.of(standing),
                        ContrastChecks.of(standing, Pictures.NONE),
                        LoadChecks.of(standing.scene()))
                .flatMap(List::stream);
    }
}
