package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Blend;
import brandeon.core.art.Pictures;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each kind of fault, made on purpose in the demo, and what is proposed against it. */
@Tag("slow")
class FixTest {

    private static final Theme THEME = ReedlightHide.theme();

    static Stream<Arguments> faults() {
        return Stream.of(
                Arguments.of(
                        Finding.Kind.HIDDEN_BY_CAPTURE,
                        "Bring it before the captures",
                        List.of(
                                new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(300, 300, 300, 112)),
                                new PlacingEdit.Reorder("hide", "sightings", 1))),
                Arguments.of(
                        Finding.Kind.COVERS_OTHERS,
                        "Send it to the back",
                        List.of(new PlacingEdit.Reorder("hide", "ground", 4))),
                Arguments.of(
                        Finding.Kind.ALERT_NOT_ON_TOP,
                        "Bring it to the front",
                        List.of(
                                new PlacingEdit.Reorder("starting", "announcer", 1),
                                new PlacingEdit.SetBox("starting", "countdown", "wide", new Box(200, 60, 560, 220)))),
                Arguments.of(
                        Finding.Kind.CAPTURE_CROPPED,
                        "Give the opening the shape of the picture",
                        List.of(new PieceEdit.SetFigure("camera-frame", "aspect", 0.5))),
                Arguments.of(
                        Finding.Kind.FAINT,
                        "Lay it on whole",
                        List.of(new PlacingEdit.SetManner(
                                "hide", "band", new Manner(0, false, false, 0.2, Blend.NORMAL)))),
                Arguments.of(
                        Finding.Kind.FAINT,
                        "Lay it on whole",
                        List.of(new PlacingEdit.SetMannerOn(
                                "hide", "band", Shape.UPRIGHT, new Manner(0, false, false, 0.2, Blend.NORMAL)))),
                Arguments.of(
                        Finding.Kind.NO_CAPTURE,
                        "Bind a capture to it",
                        List.of(new PieceEdit.SetPieceCaptures("camera-frame", List.of()))),
                Arguments.of(
                        Finding.Kind.TWO_MOVING_GROUNDS,
                        "still",
                        List.of(
                                new PieceEdit.AddPiece(0, Piece.of("frost", PieceKind.PARTICLES, "Frost")),
                                new PlacingEdit.Place("starting", 1, Placed.in(Zone.FULL, "frost")))),
                Arguments.of(
                        Finding.Kind.MISSING, "Add it on top", List.of(new PlacingEdit.TakeOff("away", "announcer"))),
                Arguments.of(
                        Finding.Kind.MISSING,
                        "Show it",
                        List.of(new PlacingEdit.SetHidden("away", "announcer", Shape.UPRIGHT, true))),
                Arguments.of(
                        Finding.Kind.OVER_OPENING,
                        "ove it",
                        List.of(new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(1100, 600, 300, 112)))),
                Arguments.of(
                        Finding.Kind.OUTSIDE_SAFE_AREA,
                        "to the left",
                        List.of(new PlacingEdit.SetBox("away", "shops", "wide", new Box(1440, 500, 460, 112)))),
                Arguments.of(
                        Finding.Kind.CAPTURE_ENLARGED,
                        "as large",
                        List.of(
                                new PlacingEdit.SetBox("hide", "camera-frame", "wide", new Box(1453, 106, 400, 356)),
                                new FramingEdit.SetCaptureSize("camera", Size.of(450, 340)))));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("faults")
    void theFaultIsFoundAndItsFixTakesItAway(Finding.Kind kind, String does, List<Edit> faults) {
        Theme theme = applied(THEME, faults);
        Finding finding = findings(theme).stream()
                .filter(f -> f.kind() == kind && f.fix().isPresent())
                .findFirst()
                .orElseThrow(() -> new AssertionError("Nothing with a fix in " + findings(theme)));
        assertThat(finding.fix().orElseThrow().does()).contains(does);
        Theme fixed = applied(theme, List.of(finding.fix().orElseThrow().edit()));
        assertThat(findings(fixed)).noneMatch(left -> left.key().equals(finding.key()));
    }

    @Test
    void aSmallTextIsMadeLarger() {
        Theme theme = applied(
                THEME,
                List.of(
                        new PieceEdit.SetFigure("band", "size", 0.6),
                        new FramingEdit.SetViewer(new brandeon.core.canvas.Viewer(64, 300, 8))));
        List<Finding> small = findings(theme).stream()
                .filter(f ->
                        f.kind() == Finding.Kind.TEXT_TOO_SMALL && f.piece().equals("band"))
                .toList();
        assertThat(small)
                .isNotEmpty()
                .allSatisfy(finding -> assertThat(finding.measured()).isLessThan(finding.limit()));
    }

    @Test
    void theWorstComesFirstAndNotesLast() {
        Theme theme = applied(
                THEME,
                List.of(
                        new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(1800, 300, 300, 112)),
                        new FramingEdit.SetCaptureSize("play", Size.of(640, 360)),
                        new PlacingEdit.TakeOff("closing", "announcer")));
        List<Finding> all = findings(theme);
        assertThat(all).isSortedAccordingTo(java.util.Comparator.comparing(Finding::weight));
        assertThat(all.getFirst().weight()).isEqualTo(Finding.Weight.BROKEN);
        assertThat(all.getLast().weight()).isEqualTo(Finding.Weight.NOTE);
    }

    @Test
    void aLockedPieceIsNotMovedByAFix() {
        Theme theme = applied(
                THEME,
                List.of(
                        new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(1800, 300, 300, 112)),
                        new PlacingEdit.SetLocked("hide", "sightings", true)));
        assertThat(findings(theme).stream().filter(f -> f.kind() == Finding.Kind.OUTSIDE_CANVAS))
                .hasSize(2)
                .allSatisfy(finding -> assertThat(finding.fix()).isEmpty());
    }

    /** A fix for one canvas shrank the camera on the main one. */
    @Test
    void fixingAllOnOneCanvasLeavesCanvasesOfOtherProportionsAsTheyAre() {
        Theme theme = applied(
                THEME,
                List.of(
                        new FramingEdit.AddCanvas(9, Canvas.of("old", "Old 4:3", Size.of(1440, 1080), 30)),
                        new FramingEdit.AddCanvas(9, Canvas.of("strip", "Strip 32:9", Size.of(3840, 1080), 30))));
        Preflight.Repair repair = new Preflight(theme, LiveState.QUIET, Pictures.NONE).repair();
        assertThat(repair.fixes()).isNotEmpty();
        Theme fixed = applied(theme, List.of(repair.edit()));
        for (String canvas : List.of("wide", "recording", "upright")) {
            for (Scene scene : theme.scenes()) {
                assertThat(boxes(fixed, scene.id(), canvas))
                        .as("%s on %s", scene.name(), canvas)
                        .isEqualTo(boxes(theme, scene.id(), canvas));
            }
        }
    }

    /** Plates that met without hiding a word were not found. */
    @Test
    void twoWidgetsThatLieOverEachOtherAreFound() {
        Theme theme = applied(
                THEME,
                List.of(
                        new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(1453, 760, 300, 112)),
                        new PlacingEdit.SetBox("hide", "follower", "wide", new Box(1700, 800, 200, 112))));
        assertThat(findings(theme))
                .filteredOn(finding -> finding.kind() == Finding.Kind.OVER_WORDS
                        && finding.canvas().equals("wide"))
                .isNotEmpty();
    }

    private static Map<String, Box> boxes(Theme theme, String scene, String canvas) {
        return new Resolver(theme)
                        .resolve(
                                theme.scene(scene).orElseThrow(),
                                theme.canvas(canvas).orElseThrow(),
                                LiveState.QUIET)
                        .placements()
                        .stream()
                        .collect(Collectors.toMap(placement -> placement.piece().id(), placement -> placement.box()));
    }

    @Test
    void aFindingNamesItsPlaceOnTheCanvas() {
        Theme theme = applied(
                THEME, List.of(new PlacingEdit.SetBox("hide", "sightings", "wide", new Box(1800, 300, 300, 112))));
        Finding finding = findings(theme).stream()
                .filter(f ->
                        f.kind() == Finding.Kind.OUTSIDE_CANVAS && f.canvas().equals("wide"))
                .findFirst()
                .orElseThrow();
        assertThat(finding.where()).contains(new Box(1800, 300, 300, 112));
        assertThat(finding.measured()).isEqualTo(180);
    }

    @Test
    void whatAPieceSaysOnOneSceneIsCheckedThere() {
        Theme theme = applied(
                THEME,
                List.of(new PlacingEdit.SetContentOn(
                        "away",
                        "shops",
                        Map.of(
                                "rows",
                                Content.Entries.of(
                                        "With thanks to", "Osk & Daughter, optics for everybody ".repeat(6))))));
        assertThat(findings(theme))
                .as("long words shrink and shorten, and never spill")
                .noneMatch(f -> f.piece().equals("shops") && f.weight() == Finding.Weight.BROKEN);
    }

    private static List<Finding> findings(Theme theme) {
        return new Preflight(theme, LiveState.QUIET, Pictures.NONE).findings();
    }

    private static Theme applied(Theme theme, List<Edit> edits) {
        Theme now = theme;
        for (Edit edit : edits) {
            Outcome outcome = Edits.apply(now, edit);
            assertThat(outcome).as("%s", edit).isInstanceOf(Outcome.Applied.class);
            now = ((Outcome.Applied) outcome).theme();
        }
        return now;
    }
}
