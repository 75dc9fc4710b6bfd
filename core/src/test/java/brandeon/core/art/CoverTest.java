package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Pixels;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.Samples;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CoverTest {

    private static final Size SIZE = Size.of(320, 180);

    /** A plane that slides in evenly for 400 ms, stands till 1,000 ms, and slides out: covered just while it stands. */
    @Test
    void theCoveredTimeOfAPlaneIsKnown() {
        Mark plane = new Mark.Filled(Outline.rectangle(SIZE.box()), Paint.of(Colour.BLACK));
        Track in = Track.once(
                "in", List.of(Track.Key.still(0).movedBy(-320, 0), Track.Key.still(1)), Easing.LINEAR, 400, 0, 1);
        Track out = Track.once(
                "out", List.of(Track.Key.still(0), Track.Key.still(1).movedBy(320, 0)), Easing.LINEAR, 500, 1000, 1);
        PieceArt art = new PieceArt(
                List.of(Mark.group("out", List.of(Mark.group("in", List.of(plane))))), List.of(in, out), List.of());
        Cover cover = Cover.of(art, SIZE, 1, 1500).orElseThrow();
        assertThat(cover.first()).isEqualTo(400, within(1.0));
        assertThat(cover.last()).isEqualTo(1000, within(1.0));
        assertThat(cover.cut()).isEqualTo(700);
        assertThat(cover.frame(60)).as("frame 42 is shown from 700 to 716.7 ms").isEqualTo(42);
        assertThat(cover.frame(30)).isEqualTo(21);
    }

    @Test
    void aClipThatNeverCoversSaysSo() {
        Mark hole = new Mark.Filled(
                Outline.rectangle(SIZE.box()).with(Outline.rectangle(new Box(200, 100, 3, 3))), Paint.of(Colour.BLACK));
        assertThat(Cover.of(PieceArt.still(List.of(hole)), SIZE, 1, 400)).isEmpty();
    }

    static Stream<Family> families() {
        return Families.all().stream();
    }

    /**
     * Every pixel of every frame between the two instants is opaque, on wide and upright canvases; before and after it
     * is not.
     */
    @ParameterizedTest
    @MethodSource("families")
    void everyFamilysCurtainClosesAndOpens(Family family) {
        for (Size size : List.of(SIZE, Size.of(180, 320), Size.of(200, 200))) {
            for (double turned : new double[] {0, 1}) {
                Piece piece = Piece.of("clip", PieceKind.TRANSITION, "Clip")
                        .withWords("word", "Reedlight Hide")
                        .withFigure("turned", turned);
                PieceArt art = Samples.of(
                                ReedlightHide.theme().withFamily(family.id()),
                                piece,
                                Canvas.of("c", "C", size, 60),
                                LiveState.QUIET)
                        .placements()
                        .getFirst()
                        .art();
                Cover cover = Cover.of(art, size, 1, 1800).orElseThrow();
                assertThat(cover.last() - cover.first())
                        .as("%s on %s: long enough to change scenes in", family.id(), size)
                        .isGreaterThan(300);
                for (double at = cover.first(); at <= cover.last(); at += 1000 / 60.0) {
                    assertThat(leastOpacity(art, size, at))
                            .as("%s on %s at %.0f ms", family.id(), size, at)
                            .isEqualTo(255);
                }
                assertThat(leastOpacity(art, size, cover.first() - 2))
                        .as("%s before", family.id())
                        .isLessThan(255);
                assertThat(leastOpacity(art, size, cover.last() + 2))
                        .as("%s after", family.id())
                        .isLessThan(255);
                assertThat(mostOpacity(art, size, 0))
                        .as("%s: nothing shows at its start", family.id())
                        .isZero();
                assertThat(mostOpacity(art, size, 1800))
                        .as("%s: nothing shows at its end", family.id())
                        .isZero();
            }
        }
    }

    /** Where a band of light is as bright as it is dark in turns, WCAG 2.3.1 would be broken: no family does so. */
    @ParameterizedTest
    @MethodSource("families")
    void noFamilysCurtainFlashes(Family family) {
        PieceArt art = Samples.of(ReedlightHide.theme().withFamily(family.id()), PieceKind.TRANSITION)
                .placements()
                .getFirst()
                .art();
        assertThat(Flashes.worst(art, Size.of(1920, 1080), 1, 1800).tooMany()).isFalse();
    }

    private static int leastOpacity(PieceArt art, Size size, double at) {
        return opacities(art, size, at).min().orElseThrow();
    }

    private static int mostOpacity(PieceArt art, Size size, double at) {
        return opacities(art, size, at).max().orElseThrow();
    }

    private static java.util.stream.IntStream opacities(PieceArt art, Size size, double at) {
        return java.util.Arrays.stream(Pixels.of(Raster.paint(size, art.at(1 + at), 1, Pictures.NONE)))
                .map(argb -> argb >>> 24);
    }
}
