package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Side;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Region;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ArrangementTest {

    private static final Theme THEME = placed(
            placed(
                    placed(ReedlightHide.theme(), "supporter", new Box(100, 50, 300, 100)),
                    "follower",
                    new Box(500, 400, 200, 60)),
            "band",
            new Box(900, 200, 120, 80));
    private static final Canvas WIDE = THEME.canvas("wide").orElseThrow();
    private static final List<String> THREE = List.of("supporter", "follower", "band");

    @ParameterizedTest
    @EnumSource(Arrangement.Alignment.class)
    void alignedPiecesShareAnEdgeOrAMiddleAndKeepTheirSizes(Arrangement.Alignment alignment) {
        Theme aligned = applied(THEME, Arrangement.align(hide(THEME), THREE, alignment));
        List<Double> edges = THREE.stream()
                .map(piece -> box(aligned, piece))
                .map(box -> switch (alignment) {
                    case LEFT -> box.x();
                    case CENTRE -> box.centreX();
                    case RIGHT -> box.right();
                    case TOP -> box.y();
                    case MIDDLE -> box.centreY();
                    case BOTTOM -> box.bottom();
                })
                .toList();
        assertThat(edges)
                .containsOnly(
                        switch (alignment) {
                            case LEFT -> 100.0;
                            case CENTRE -> 560.0;
                            case RIGHT -> 1020.0;
                            case TOP -> 50.0;
                            case MIDDLE -> 255.0;
                            case BOTTOM -> 460.0;
                        });
        THREE.forEach(piece -> assertThat(box(aligned, piece).width())
                .isEqualTo(box(THEME, piece).width()));
    }

    /** 5 % of 1920 are 96. */
    @Test
    void aSinglePieceIsAlignedWithTheSafeArea() {
        assertThat(box(
                                applied(
                                        THEME,
                                        Arrangement.align(hide(THEME), List.of("band"), Arrangement.Alignment.LEFT)),
                                "band")
                        .x())
                .isEqualTo(96);
    }

    @Test
    void distributedPiecesHaveEqualGapsAndTheOuterTwoStay() {
        Theme spread = applied(THEME, Arrangement.distribute(hide(THEME), THREE, true));
        Box left = box(spread, "supporter");
        Box middle = box(spread, "follower");
        Box right = box(spread, "band");
        assertThat(left).isEqualTo(new Box(100, 50, 300, 100));
        assertThat(right).isEqualTo(new Box(900, 200, 120, 80));
        assertThat(middle.x() - left.right())
                .isEqualTo(right.x() - middle.right())
                .isEqualTo(150);
        assertThatThrownBy(() -> Arrangement.distribute(hide(THEME), List.of("band", "follower"), true))
                .hasMessageContaining("three pieces");
    }

    @ParameterizedTest
    @EnumSource(Anchor.class)
    void aNewAnchorLeavesThePieceWhereItIs(Anchor anchor) {
        Theme anchored = applied(THEME, Arrangement.anchor(hide(THEME), "follower", anchor));
        assertThat(box(anchored, "follower")).isEqualTo(box(THEME, "follower"));
        assertThat(((Spot.Anchored) anchored.scene("hide")
                                .orElseThrow()
                                .placed("follower")
                                .orElseThrow()
                                .spot(Shape.WIDE))
                        .anchor())
                .isEqualTo(anchor);
    }

    @Test
    void anAttachedPieceKeepsItsSizeAndTakesTheGapInPixels() {
        Theme attached =
                applied(THEME, Arrangement.attach(hide(THEME), "band", "supporter", Side.RIGHT, Spot.Along.START, 24));
        assertThat(box(attached, "band")).isEqualTo(new Box(424, 50, 120, 80));
    }

    @Test
    void aPlaceOnOneShapeCanBecomeThePlaceOnAll() {
        Theme everywhere = applied(THEME, Arrangement.everywhere(hide(THEME), "follower"));
        assertThat(everywhere
                        .scene("hide")
                        .orElseThrow()
                        .placed("follower")
                        .orElseThrow()
                        .corrections())
                .isEmpty();
        assertThat(box(everywhere, "follower")).isEqualTo(box(THEME, "follower"));
    }

    @Test
    void aFaceDrawnOnTheCanvasLiesOnTheCaptureAndIsSeenWhereItWasDrawn() {
        ResolvedScene hide = hide(ReedlightHide.theme());
        Box drawn = new Box(400, 300, 150, 200);
        Theme marked = applied(
                ReedlightHide.theme(),
                Arrangement.region(hide, "scope-frame", 0, "heron", "The heron", Region.Sort.FACE, drawn));
        ResolvedScene.FittedOpening opening = hide(marked).openings().stream()
                .filter(o -> o.piece().equals("scope-frame"))
                .findFirst()
                .orElseThrow();
        Box seen = opening.seen(opening.capture().regions().getFirst());
        assertThat(seen.x()).isCloseTo(400, org.assertj.core.api.Assertions.within(1.0));
        assertThat(seen.width()).isCloseTo(150, org.assertj.core.api.Assertions.within(1.5));
        assertThat(opening.capture().regions().getFirst().box().width())
                .as("the scope is shown at some 70 %")
                .isBetween(212.0, 216.0);
        assertThatThrownBy(() -> Arrangement.region(hide, "band", 0, "x", "X", Region.Sort.FACE, drawn))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static Theme placed(Theme theme, String piece, Box box) {
        return applied(theme, new PlacingEdit.SetBox("hide", piece, "wide", box));
    }

    private static Theme applied(Theme theme, Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }

    private static ResolvedScene hide(Theme theme) {
        return new Resolver(theme).resolve(theme.scene("hide").orElseThrow(), WIDE, LiveState.QUIET);
    }

    private static Box box(Theme theme, String piece) {
        return hide(theme).placement(piece).orElseThrow().box();
    }
}
