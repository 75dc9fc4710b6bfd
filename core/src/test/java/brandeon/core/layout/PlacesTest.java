package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Blend;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Side;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.LineShift;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.PlanLine;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlacesTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Canvas WIDE = THEME.canvas("wide").orElseThrow();

    @ParameterizedTest
    @CsvSource({"1280, 720", "1920, 1080", "2560, 1440", "3840, 2160", "1366, 768", "1998, 1080"})
    void equalGapsStayEqualAndEdgesWholeOnEveryCanvas(int width, int height) {
        Theme theme = applied(
                THEME,
                new PlacingEdit.SetSpot("hide", "supporter", new Spot.Anchored(Anchor.TOP_RIGHT, -70, 500, 380, 91)),
                new PlacingEdit.SetSpot(
                        "hide", "follower", new Spot.Attached("supporter", Side.BOTTOM, Spot.Along.FULL, 13, 380, 91)),
                new PlacingEdit.SetSpot(
                        "hide", "band", new Spot.Attached("follower", Side.BOTTOM, Spot.Along.FULL, 13, 380, 91)));
        ResolvedScene hide = hide(theme, Canvas.of("c", "C", Size.of(width, height), 60));
        Box first = box(hide, "supporter");
        Box second = box(hide, "follower");
        Box third = box(hide, "band");
        assertThat(List.of(first, second, third))
                .allSatisfy(box -> assertThat(box).isEqualTo(box.snapped()));
        assertThat(second.y() - first.bottom())
                .isEqualTo(third.y() - second.bottom())
                .isEqualTo(Math.rint(13.0 * Math.min(width, height) / 1080));
        assertThat(second.width()).isEqualTo(first.width());
        assertThat(width - first.right()).isEqualTo(70.0 * Math.min(width, height) / 1080, within(0.51));
    }

    @ParameterizedTest
    @EnumSource(Side.class)
    void anAttachedPieceLiesOutsideOnItsSide(Side side) {
        Theme theme = applied(
                THEME,
                new PlacingEdit.SetSpot("hide", "supporter", new Spot.Anchored(Anchor.CENTRE, 0, 0, 400, 200)),
                new PlacingEdit.SetSpot(
                        "hide", "follower", new Spot.Attached("supporter", side, Spot.Along.MIDDLE, 10, 100, 60)));
        Box to = box(hide(theme, WIDE), "supporter");
        Box hung = box(hide(theme, WIDE), "follower");
        assertThat(to).isEqualTo(new Box(760, 440, 400, 200));
        assertThat(hung)
                .isEqualTo(
                        switch (side) {
                            case LEFT -> new Box(650, 510, 100, 60);
                            case RIGHT -> new Box(1170, 510, 100, 60);
                            case TOP -> new Box(910, 370, 100, 60);
                            case BOTTOM -> new Box(910, 650, 100, 60);
                        });
    }

    @Test
    void aPieceGoesAlongWithTheOneItHangsOn() {
        Theme theme = applied(
                THEME,
                new PlacingEdit.SetSpot(
                        "hide", "follower", new Spot.Attached("supporter", Side.LEFT, Spot.Along.START, 10, 100, 60)));
        Box before = box(hide(theme, WIDE), "follower");
        Theme moved = applied(
                theme,
                new PlacingEdit.SetBox(
                        "hide",
                        "supporter",
                        "wide",
                        box(hide(theme, WIDE), "supporter").moved(-50, 30)));
        assertThat(box(hide(moved, WIDE), "follower")).isEqualTo(before.moved(-50, 30));
    }

    @Test
    void aCorrectionForOneShapeSurvivesAChangeOfThePlanAndCanBeDropped() {
        Theme placed = applied(THEME, new PlacingEdit.SetBox("hide", "supporter", "wide", new Box(100, 100, 300, 112)));
        Theme shifted = applied(
                placed, new FramingEdit.SetLine(new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 0.6)));
        assertThat(box(hide(shifted, WIDE), "supporter")).isEqualTo(new Box(100, 100, 300, 112));
        assertThat(box(hide(shifted, WIDE), "camera-frame").x())
                .as("its column begins after the moved line")
                .isEqualTo(0.6 * 1920 + 28);
        Theme dropped = applied(shifted, new PlacingEdit.DropCorrection("hide", "supporter", Shape.WIDE));
        assertThat(box(hide(dropped, WIDE), "supporter").x()).isEqualTo(0.6 * 1920 + 28);
    }

    @Test
    void aHiddenPieceLeavesTheOthersWhereTheyAre() {
        Theme theme = applied(
                THEME,
                new PlacingEdit.SetSpot(
                        "hide", "follower", new Spot.Attached("supporter", Side.BOTTOM, Spot.Along.FULL, 10, 100, 60)));
        Theme hidden = applied(theme, new PlacingEdit.SetHidden("hide", "supporter", Shape.WIDE, true));
        assertThat(hide(hidden, WIDE).placement("supporter")).isEmpty();
        assertThat(box(hide(hidden, WIDE), "follower")).isEqualTo(box(hide(theme, WIDE), "follower"));
        assertThat(hide(hidden, THEME.canvases().get(1)).placement("supporter"))
                .as("on the other shape it shows")
                .isPresent();
    }

    @Test
    void wordsOfOneSceneAreItsOwn() {
        Theme theme = applied(
                THEME, new PlacingEdit.SetContentOn("hide", "band", Content.words(Map.of("label", "Only here"))));
        assertThat(texts(theme, "hide")).contains("Only here");
        assertThat(texts(theme, "desk")).contains("Reedlight Hide").doesNotContain("Only here");
    }

    @Test
    void aTurnedFrameTurnsItsOpeningAndTheHoleInTheGround() {
        Theme theme = applied(
                THEME,
                new PlacingEdit.SetBox("hide", "camera-frame", "wide", new Box(500, 350, 500, 420)),
                new PlacingEdit.SetManner("hide", "camera-frame", new Manner(90, false, false, 1, Blend.NORMAL)));
        ResolvedScene hide = hide(theme, WIDE);
        ResolvedScene.FittedOpening opening = hide.openings().stream()
                .filter(o -> o.piece().equals("camera-frame"))
                .findFirst()
                .orElseThrow();
        Box upright = opening.opening().box();
        assertThat(opening.bounds().width())
                .as("a quarter turn swaps the sides")
                .isEqualTo(upright.height(), within(0.001));
        BufferedImage image = Raster.paint(WIDE.size(), Picture.marks(hide, Part.WHOLE), 0, Pictures.NONE);
        Box seen = opening.bounds();
        for (double x : new double[] {seen.x() + 4, seen.centreX(), seen.right() - 4}) {
            for (double y : new double[] {seen.y() + 4, seen.centreY(), seen.bottom() - 4}) {
                assertThat(image.getRGB((int) x, (int) y) >>> 24)
                        .as("see-through at %s, %s", x, y)
                        .isZero();
            }
        }
    }

    @Test
    void opacityAndMirrorShowInThePicture() {
        Theme theme = applied(
                THEME, new PlacingEdit.SetManner("hide", "supporter", new Manner(0, true, false, 0.5, Blend.NORMAL)));
        Box box = box(hide(theme, WIDE), "supporter");
        int plain = front(THEME).getRGB((int) box.x() + 60, (int) box.centreY() + 40);
        int faded = front(theme).getRGB((int) (2 * box.centreX() - box.x() - 60), (int) box.centreY() + 40);
        assertThat(faded >>> 24)
                .as("half as opaque, on the other side")
                .isCloseTo((int) Math.round((plain >>> 24) / 2.0), within(2));
    }

    private static BufferedImage front(Theme theme) {
        return Raster.paint(WIDE.size(), Picture.marks(hide(theme, WIDE), Part.FRONT), 0, Pictures.NONE);
    }

    private static List<String> texts(Theme theme, String scene) {
        return new Resolver(theme)
                        .resolve(theme.scene(scene).orElseThrow(), WIDE, LiveState.QUIET)
                        .placement("band")
                        .orElseThrow()
                        .art()
                        .texts()
                        .stream()
                        .map(text -> text.text())
                        .toList();
    }

    private static ResolvedScene hide(Theme theme, Canvas canvas) {
        return new Resolver(theme).resolve(theme.scene("hide").orElseThrow(), canvas, LiveState.QUIET);
    }

    private static Box box(ResolvedScene scene, String piece) {
        return scene.placement(piece).orElseThrow().box();
    }

    private static Theme applied(Theme theme, Edit... edits) {
        Theme now = theme;
        for (Edit edit : edits) {
            now = ((Outcome.Applied) Edits.apply(now, edit)).theme();
        }
        return now;
    }
}
