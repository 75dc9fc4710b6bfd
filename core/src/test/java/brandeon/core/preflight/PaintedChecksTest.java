package brandeon.core.preflight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import brandeon.core.text.Face;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is judged by looking at the painted scene: contrast of words, and what moves. */
class PaintedChecksTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Canvas WIDE = THEME.canvas("wide").orElseThrow();

    /**
     * WCAG 2.2: #767676 on white is the lightest grey that reaches 4.5 to 1 (4.54); #777777 does not (4.48). Both from
     * memory.
     */
    @ParameterizedTest
    @CsvSource({
        "#767676, #ffffff, 24, true",
        "#777777, #ffffff, 24, false",
        "#ffffff, #000000, 24, true",
        "#777777, #ffffff, 90, true",
        "#bbbbbb, #ffffff, 90, false"
    })
    void wordsNeedTheContrastOfTheirSize(String ink, String paper, double px, boolean enough) {
        List<Finding> found = contrast(ground(paper, 1), words(ink, px));
        assertThat(found.isEmpty()).isEqualTo(enough);
    }

    @Test
    void theMeasuredContrastIsThatOfTheTwoColours() {
        Finding finding = contrast(ground("#ffffff", 1), words("#777777", 24)).getFirst();
        assertThat(finding.measured()).isEqualTo(4.48, within(0.01));
        assertThat(finding.limit()).isEqualTo(4.5);
        assertThat(finding.piece()).isEqualTo("p1");
    }

    /** White words on half black: over white footage that is a middle grey, #808080 and white have 3.95 to 1. */
    @Test
    void throughASeeThroughPlateTheWorseFootageCounts() {
        Finding finding = contrast(ground("#000000", 0.5), words("#ffffff", 24)).getFirst();
        assertThat(finding.measured()).isEqualTo(3.95, within(0.1));
        assertThat(contrast(ground("#000000", 0.9), words("#ffffff", 24))).isEmpty();
    }

    @Test
    void wordsOverNoPlateAtAllAreNeverReadableOnAllFootage() {
        assertThat(contrast(words("#ffffff", 24))).hasSize(1);
        assertThat(contrast(words("#ffffff", 24)).getFirst().measured()).isEqualTo(1, within(0.01));
    }

    @Test
    void whatLiesOverTheGroundCounts() {
        PieceArt stain = PieceArt.still(List.of(
                new Mark.Filled(Outline.rectangle(new Box(90, 90, 800, 60)), Paint.of(Colour.parse("#e8e8e8")))));
        assertThat(contrast(ground("#101010", 1), stain, words("#ffffff", 24))).hasSize(1);
    }

    /** Only the part of the scene is looked at on which they stand, wherever that is. */
    @ParameterizedTest
    @CsvSource({"1500, 900, 4.48", "1425, 1060, 4.48", "100, 140, 0", "1500, 600, 0", "1290, 900, 0", "1500, 800, 0"})
    void wordsOfAnAlertAreJudgedByWhatLiesUnderThem(double x, double y, double contrast) {
        PieceArt ground = PieceArt.still(List.of(
                new Mark.Filled(Outline.rectangle(WIDE.size().box()), Paint.of(Colour.BLACK)),
                new Mark.Filled(Outline.rectangle(new Box(1400, 820, 520, 260)), Paint.of(Colour.WHITE))));
        PieceArt alert = PieceArt.still(List.of(
                new Mark.Text("Ilse came", Face.ATKINSON, 24, x, y, Mark.Anchor.START, Colour.parse("#777777"), 0)));
        List<Finding> found = ContrastChecks.ofAlert(
                announcing(ground, PieceArt.nothing()), Standing.of(THEME, announcing(ground, alert)), Pictures.NONE);
        if (contrast == 0) {
            assertThat(found).as("4.69 on black").isEmpty();
        } else {
            assertThat(found)
                    .singleElement()
                    .satisfies(one -> assertThat(one.measured()).isEqualTo(contrast, within(0.01)));
        }
    }

    private static ResolvedScene announcing(PieceArt ground, PieceArt alert) {
        ResolvedScene scene = scene(ground, alert);
        Placement announcer = scene.placements().getLast();
        return new ResolvedScene(
                scene.scene(),
                scene.canvas(),
                List.of(
                        scene.placements().getFirst(),
                        new Placement(
                                Piece.of("p1", PieceKind.ANNOUNCER, "Announcer"),
                                announcer.placed(),
                                announcer.box(),
                                announcer.manner(),
                                alert)),
                List.of(),
                List.of());
    }

    @Test
    void aWholeCanvasThatMovesIsTooMuchAndAStillOneNothing() {
        Mark plane = Mark.group("all", List.of(checks()));
        Track slide = new Track(
                "all",
                List.of(Track.Key.still(0), Track.Key.still(1).movedBy(400, 0)),
                Easing.LINEAR,
                1000,
                0,
                Track.FOREVER,
                false,
                0);
        assertThat(LoadChecks.share(scene(new PieceArt(List.of(plane), List.of(slide), List.of()))))
                .isGreaterThan(0.5);
        List<Finding> found = LoadChecks.of(scene(new PieceArt(List.of(plane), List.of(slide), List.of())));
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().weight()).isEqualTo(Finding.Weight.NOTE);
        assertThat(LoadChecks.share(scene(PieceArt.still(List.of(plane))))).isZero();
    }

    /** Squares so small that every pixel changes when they slide. */
    private static Mark checks() {
        Outline.Pen pen = Outline.pen();
        for (int x = -400; x < 1920; x += 48) {
            pen.move(x, 0).line(x + 24, 0).line(x + 24, 1080).line(x, 1080).close();
        }
        return new Mark.Filled(pen.outline(), Paint.of(Colour.parse("#ffffff")));
    }

    private static PieceArt ground(String colour, double alpha) {
        return PieceArt.still(
                List.of(new Mark.Filled(Outline.rectangle(WIDE.size().box()), Paint.of(Colour.parse(colour), alpha))));
    }

    private static PieceArt words(String colour, double px) {
        return PieceArt.still(List.of(new Mark.Text(
                "Who sings first", Face.ATKINSON, px, 100, 140, Mark.Anchor.START, Colour.parse(colour), 0)));
    }

    private static List<Finding> contrast(PieceArt... arts) {
        return ContrastChecks.of(Standing.of(THEME, scene(arts)), Pictures.NONE);
    }

    private static ResolvedScene scene(PieceArt... arts) {
        List<Placement> placements = new ArrayList<>();
        List<Placed> stack = new ArrayList<>();
        for (int i = 0; i < arts.length; i++) {
            Placed placed = Placed.in(Zone.FULL, "p" + i);
            stack.add(placed);
            placements.add(new Placement(
                    Piece.of("p" + i, PieceKind.BACKDROP, "Piece " + i),
                    placed,
                    WIDE.size().box(),
                    Manner.PLAIN,
                    arts[i]));
        }
        return new ResolvedScene(Scene.of("s", "S", SceneRole.AWAY, stack), WIDE, placements, List.of(), List.of());
    }
}
