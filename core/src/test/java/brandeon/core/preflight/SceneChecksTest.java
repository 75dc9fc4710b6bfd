package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.SourceBox;
import brandeon.core.canvas.UnitBox;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Zone;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Region;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;

class SceneChecksTest {

    private static final Theme THEME = ReedlightHide.theme();

    @Test
    void theDemoFitsEverywhere() {
        for (Scene scene : THEME.scenes()) {
            for (Canvas canvas : THEME.canvases()) {
                assertThat(of(THEME, scene.id(), canvas.id()))
                        .as("%s on %s", scene.name(), canvas.name())
                        .allMatch(finding -> finding.kind() == Finding.Kind.CAPTURE_ENLARGED);
            }
        }
    }

    @Test
    void aPieceOverTheEdgeIsFoundWithItsMeasure() {
        Theme theme = placed("supporter", new Box(1800, 500, 300, 112));
        Finding finding = only(theme, Finding.Kind.OUTSIDE_CANVAS);
        assertThat(finding.measured()).isEqualTo(180);
        assertThat(finding.sentence()).contains("Latest supporter").contains("180 px");
    }

    @Test
    void aPieceOutsideTheSafeAreaIsFound() {
        Finding finding = only(placed("supporter", new Box(1600, 500, 300, 112)), Finding.Kind.OUTSIDE_SAFE_AREA);
        assertThat(finding.measured()).as("1900 less 1852.8").isEqualTo(47.2, within(0.01));
    }

    @Test
    void aPieceOverAnOpeningIsFoundWithItsShare() {
        Finding finding = only(placed("supporter", new Box(200, 300, 400, 112)), Finding.Kind.OVER_OPENING);
        assertThat(finding.measured())
                .as("400 × 112 of 1304 × 733 and a little less, since a plate does not fill its box")
                .isBetween(3.5, 4.7);
        assertThat(finding.sentence()).contains("Spotting scope").contains("%");
    }

    @Test
    void wordsLaidOnThinlyAreFoundAndWhatHasNoWordsIsNot() {
        Finding finding = only(laid("supporter", 0.3), Finding.Kind.FAINT);
        assertThat(finding.measured()).isEqualTo(0.3);
        assertThat(finding.sentence()).contains("Latest supporter").contains("30 %");
        assertThat(of(laid("supporter", 0.5), "hide", "wide")).noneMatch(found -> found.kind() == Finding.Kind.FAINT);
        assertThat(of(laid("ground", 0.1), "hide", "wide")).noneMatch(found -> found.kind() == Finding.Kind.FAINT);
    }

    private static Theme laid(String piece, double opacity) {
        return applied(
                THEME, new PlacingEdit.SetManner("hide", piece, new Manner(0, false, false, opacity, Blend.NORMAL)));
    }

    @Test
    void theAnnouncerMayPassOverAnOpening() {
        assertThat(of(THEME, "hide", "wide"))
                .noneMatch(finding -> finding.piece().equals("announcer"));
    }

    /**
     * 7 minutes of arc at 30 cm are 0.61 mm; of 64 mm and 1080 lines that is an x of 10.3 px. Barlow Condensed's x is
     * half its size.
     */
    @Test
    void textTooSmallForAPhoneIsFound() {
        Finding finding = only(placed("band", new Box(0, 960, 1920, 40)), Finding.Kind.TEXT_TOO_SMALL);
        assertThat(finding.measured()).isLessThan(finding.limit());
        assertThat(finding.limit()).isBetween(19.5, 22.0);
        assertThat(finding.sentence()).contains("minutes of arc");
    }

    @Test
    void aPieceOverTheFaceIsWorseThanOneOverTheRestOfThePicture() {
        Theme withFace = applied(
                THEME,
                new FramingEdit.SetRegion(
                        "play", new Region("heron", "The heron", Region.Sort.FACE, new SourceBox(900, 400, 200, 300))));
        Theme beside =
                applied(withFace, new PlacingEdit.Place("hide", 6, Placed.in(Zone.LOWER, "starting-lower")), lower());
        assertThat(of(beside, "hide", "wide")).noneMatch(finding -> finding.kind() == Finding.Kind.FACE_COVERED);
        Theme over =
                applied(beside, new PlacingEdit.SetBox("hide", "starting-lower", "wide", new Box(600, 450, 700, 150)));
        Finding finding = only(over, Finding.Kind.FACE_COVERED);
        assertThat(finding.weight()).isEqualTo(Finding.Weight.BROKEN);
        assertThat(finding.sentence()).contains("The heron").contains("Spotting scope");
    }

    @Test
    void aPieceUnderThePlatformsOwnButtonsIsFoundOnThatShapeOnly() {
        Theme kept = applied(
                THEME,
                new FramingEdit.SetKeepClear(
                        "hide",
                        new KeepClear(
                                "buttons", "Buttons of the player", Shape.UPRIGHT, new UnitBox(700, 900, 380, 600))));
        assertThat(of(kept, "hide", "upright"))
                .anyMatch(finding -> finding.kind() == Finding.Kind.KEEP_CLEAR
                        && finding.other().equals("buttons"));
        assertThat(of(kept, "hide", "wide")).noneMatch(finding -> finding.kind() == Finding.Kind.KEEP_CLEAR);
    }

    @Test
    void whatLiesBehindTheCapturesIsHiddenByThem() {
        Theme behind = applied(
                placed("supporter", new Box(200, 300, 400, 112)), new PlacingEdit.Reorder("hide", "supporter", 1));
        assertThat(only(behind, Finding.Kind.HIDDEN_BY_CAPTURE).sentence())
                .contains("Latest supporter")
                .contains("Spotting scope");
    }

    @Test
    void sceneryBeforeOthersHidesThem() {
        Theme over = applied(THEME, new PlacingEdit.Reorder("hide", "ground", 5));
        assertThat(only(over, Finding.Kind.COVERS_OTHERS).sentence())
                .contains("Marsh ground")
                .contains("5 pieces");
    }

    /** Common practice, no source: alerts are the top layer. */
    @Test
    void anAlertUnderAnotherPieceIsFound() {
        Theme under = applied(
                placed("supporter", new Box(500, 150, 400, 112)), new PlacingEdit.Reorder("hide", "announcer", 1));
        assertThat(of(under, "hide", "wide")).anyMatch(finding -> finding.kind() == Finding.Kind.ALERT_NOT_ON_TOP);
    }

    @Test
    void aFrameLargerThanItsCaptureAndOneThatCutsMuchAreNotes() {
        Theme small = applied(THEME, new FramingEdit.SetCaptureSize("play", Size.of(640, 360)));
        assertThat(only(small, Finding.Kind.CAPTURE_ENLARGED).measured())
                .as("some 1300 px from 640")
                .isBetween(200.0, 210.0);
        Theme tall = applied(THEME, new PieceEdit.SetFigure("camera-frame", "aspect", 0.5));
        Finding cropped = only(tall, Finding.Kind.CAPTURE_CROPPED);
        assertThat(cropped.measured())
                .as("1 to 2 out of 16 to 9 loses 72 %, with the bleed a little more")
                .isBetween(71.0, 76.0);
        assertThat(cropped.weight()).isEqualTo(Finding.Weight.NOTE);
    }

    @Test
    void aPieceOverTheWordsOfAnotherIsFound() {
        Theme over = placed("follower", new Box(1453, 490, 395, 112));
        assertThat(of(over, "hide", "wide"))
                .anyMatch(finding -> finding.kind() == Finding.Kind.OVER_WORDS
                        && finding.piece().equals("follower")
                        && finding.other().equals("supporter"));
    }

    @Test
    void ownSafeMarginsTakeThePlaceOfTheStandardOnes() {
        Theme placed = placed("supporter", new Box(1500, 500, 380, 112));
        assertThat(of(placed, "hide", "wide")).anyMatch(finding -> finding.kind() == Finding.Kind.OUTSIDE_SAFE_AREA);
        Canvas wide = placed.canvas("wide").orElseThrow();
        Theme free = applied(
                placed,
                new FramingEdit.SetCanvas(new Canvas(
                        "wide",
                        wide.name(),
                        wide.size(),
                        wide.frameRate(),
                        new brandeon.core.canvas.SafeMargins(0, 0))));
        assertThat(of(free, "hide", "wide"))
                .noneMatch(finding -> finding.kind() == Finding.Kind.OUTSIDE_SAFE_AREA
                        && finding.piece().equals("supporter"));
    }

    private static Edit lower() {
        return new PieceEdit.AddPiece(
                0,
                brandeon.core.theme.Piece.of(
                        "starting-lower", brandeon.core.kind.PieceKind.LOWER_THIRD, "Lower third"));
    }

    /** The last edit first, so that a piece is there before it is placed. */
    private static Theme applied(Theme theme, Edit... edits) {
        Theme now = theme;
        for (Edit edit : List.of(edits).reversed()) {
            Outcome outcome = Edits.apply(now, edit);
            assertThat(outcome).isInstanceOf(Outcome.Applied.class);
            now = ((Outcome.Applied) outcome).theme();
        }
        return now;
    }

    private static Theme placed(String piece, Box box) {
        return ((Outcome.Applied) Edits.apply(THEME, new PlacingEdit.SetBox("hide", piece, "wide", box))).theme();
    }

    private static Finding only(Theme theme, Finding.Kind kind) {
        List<Finding> found = of(theme, "hide", "wide").stream()
                .filter(finding -> finding.kind() == kind)
                .toList();
        assertThat(found).hasSize(1);
        return found.getFirst();
    }

    private static List<Finding> of(Theme theme, String scene, String canvas) {
        return SceneChecks.of(
                theme,
                new Resolver(theme)
                        .resolve(
                                theme.scene(scene).orElseThrow(),
                                theme.canvas(canvas).orElseThrow(),
                                LiveState.QUIET));
    }
}
