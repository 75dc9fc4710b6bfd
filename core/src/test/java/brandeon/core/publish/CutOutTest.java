package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Families;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.Resolver;
import brandeon.core.motion.Track;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Openings are cut out of what lies behind them, and what moves beside them is not held by the clip. */
class CutOutTest {

    /** Milliseconds between two looks; the slowest movement of any family takes a minute and a half. */
    private static final int BETWEEN = 4_700;

    private static final int LOOKS = 6;

    private static final int SMALLER = 6;

    private static ResolvedScene scene(Theme theme, Scene scene, int canvas) {
        return new Resolver(theme).resolve(scene, theme.canvases().get(canvas), LiveState.QUIET);
    }

    private static Scene hide(Theme theme) {
        return theme.scenes().stream()
                .filter(scene -> scene.id().equals("hide"))
                .findFirst()
                .orElseThrow();
    }

    private static PieceArt ground(ResolvedScene scene) {
        return scene.placements().getFirst().art();
    }

    private static List<Mark> cut(ResolvedScene scene) {
        return CutOut.from(scene.canvas().size().box(), scene.openings(), ground(scene));
    }

    /** Parts that stand where no clip but a plain box holds them. */
    private static List<String> free(List<Mark> marks, Box canvas) {
        List<String> parts = new ArrayList<>();
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group
                    && (!group.clipped() || group.clip().equals(Outline.rectangle(canvas)))) {
                if (!group.part().isEmpty()) {
                    parts.add(group.part());
                }
                parts.addAll(free(group.marks(), canvas));
            }
        }
        return parts;
    }

    @Test
    void reedsThatSwayBesideAllOpeningsStandBesideTheClip() {
        Theme theme = ReedlightHide.theme();
        ResolvedScene scene = scene(theme, hide(theme), 0);
        assertThat(free(cut(scene), scene.canvas().size().box()))
                .containsExactly("reeds-right-0", "reeds-right-1", "reeds-right-2");
    }

    @Test
    void whatAnOpeningIsLaidOverIsHeldByTheClip() {
        Theme theme = ReedlightHide.theme();
        Canvas wide = theme.canvases().getFirst();
        Theme moved = ((Outcome.Applied) Edits.apply(
                        theme, new PlacingEdit.SetBox("hide", "camera-frame", wide.id(), new Box(1480, 690, 400, 356))))
                .theme();
        ResolvedScene scene = scene(moved, hide(moved), 0);
        assertThat(free(cut(scene), wide.size().box())).isEmpty();
    }

    /** Where nothing may move, it stands at rest. */
    @Test
    void whatStandsOverAnOpeningAtRestIsHeldByTheClip() {
        Theme theme = ReedlightHide.theme();
        ResolvedScene scene = scene(theme, hide(theme), 0);
        Box box = scene.canvas().size().box();
        Track away = Track.loop(
                "part", Track.Key.still(0).movedBy(0, 3000), Track.Key.still(1).movedBy(0, 4000), 1000, 0);
        for (FittedOpening opening : scene.openings()) {
            Mark part = Mark.group(
                    "part",
                    List.of(new Mark.Filled(Outline.rectangle(opening.bounds()), Paint.of(Colour.parse("#c0392b")))));
            PieceArt art = new PieceArt(List.of(part), List.of(away), List.of());
            assertThat(free(CutOut.from(box, List.of(opening), art), box)).isEmpty();
            FittedOpening other = scene.openings().stream()
                    .filter(one -> one != opening)
                    .findFirst()
                    .orElseThrow();
            assertThat(free(CutOut.from(box, List.of(other), art), box))
                    .as("beside another one it is free")
                    .containsExactly("part");
        }
    }

    /** In every family, on both shapes, at any moment: the same pixels as with all of it inside the clip. */
    @Test
    void nothingIsSeenInAnOpeningAndNothingElseIsMissing() {
        AtomicInteger last = new AtomicInteger();
        for (Family family : Families.all()) {
            Theme empty = Starter.theme("Owl night").withFamily(family.id());
            Theme theme = ((Outcome.Applied) Edits.apply(
                            empty,
                            SceneStart.of(
                                    empty,
                                    List.of(SceneRole.LIVE, SceneRole.TALKING),
                                    what -> what + "-" + last.incrementAndGet())))
                    .theme();
            for (Scene each : theme.scenes()) {
                for (int canvas = 0; canvas < theme.canvases().size(); canvas++) {
                    ResolvedScene scene = scene(theme, each, canvas);
                    assertThat(scene.openings()).isNotEmpty();
                    List<Track> tracks = ground(scene).tracks();
                    PieceArt cut = new PieceArt(cut(scene), tracks, List.of());
                    for (int i = 0; i < LOOKS; i++) {
                        long now = 1_795_462_925_000L + (long) i * BETWEEN;
                        int[] painted = painted(scene, cut.at(now));
                        String what = family.id() + " " + each.name() + " " + canvas + " " + i;
                        assertThat(painted)
                                .as(what)
                                .isEqualTo(painted(
                                        scene,
                                        List.of(Mark.clipped(
                                                all(scene), ground(scene).at(now)))));
                        scene.openings()
                                .forEach(opening -> assertThat(opaque(painted, scene, opening))
                                        .as(what)
                                        .isZero());
                    }
                }
            }
        }
    }

    /** The canvas less all openings; in these scenes none overlaps another. */
    private static Outline all(ResolvedScene scene) {
        Outline area = Outline.rectangle(scene.canvas().size().box());
        for (FittedOpening opening : scene.openings()) {
            area = area.with(opening.outline(opening.opening().bleed()));
        }
        return area;
    }

    private static Size small(ResolvedScene scene) {
        return Size.of(
                scene.canvas().size().width() / SMALLER, scene.canvas().size().height() / SMALLER);
    }

    private static int[] painted(ResolvedScene scene, List<Mark> marks) {
        Size small = small(scene);
        BufferedImage image = Raster.paint(scene.canvas().size().box(), small, marks, 0, Pictures.NONE);
        return image.getRGB(0, 0, small.width(), small.height(), null, 0, small.width());
    }

    /** Pixels that are not clear in the middle half of an opening. */
    private static long opaque(int[] painted, ResolvedScene scene, FittedOpening opening) {
        Box box = opening.bounds();
        Size small = small(scene);
        return IntStream.range(0, painted.length)
                .filter(i -> Math.abs(i % small.width() * SMALLER - box.centreX()) < box.width() / 4
                        && Math.abs((double) (i / small.width()) * SMALLER - box.centreY()) < box.height() / 4)
                .filter(i -> painted[i] >>> 24 != 0)
                .count();
    }
}
