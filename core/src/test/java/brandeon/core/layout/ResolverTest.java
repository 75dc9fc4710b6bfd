package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.motion.Entrance;
import brandeon.core.motion.Pose;
import brandeon.core.platform.Profiles;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ResolverTest {

    private static final Theme THEME = ReedlightHide.theme();
    private static final Signal TAVI = Signal.of("1", SignalKind.SUBSCRIPTION, "Tavi Brook", 1, "1", 0, 0);

    @Test
    void aNewSeedChangesEveryScene() {
        Theme changed =
                ((Outcome.Applied) Edits.apply(THEME, new BrandEdit.SetSeed(0, Colour.parse("#7a3d8f")))).theme();
        for (Scene scene : THEME.scenes()) {
            for (Canvas canvas : THEME.canvases()) {
                String before = picture(THEME, scene, canvas, LiveState.QUIET).hash();
                assertThat(picture(changed, scene, canvas, LiveState.QUIET).hash())
                        .as("%s on %s", scene.name(), canvas.name())
                        .isNotEqualTo(before);
            }
        }
    }

    @Test
    void theSameThemeGivesTheSamePicture() {
        Scene scene = THEME.scenes().getFirst();
        Canvas canvas = THEME.canvases().getFirst();
        String before = picture(THEME, scene, canvas, LiveState.QUIET).hash();
        Resolver anew = new Resolver(ReedlightHide.theme(), Drawings.anew(THEME));
        assertThat(Picture.of(anew.resolve(scene, canvas, LiveState.QUIET), Part.WHOLE)
                        .hash())
                .as("drawn again, not taken from what was drawn before")
                .isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({"1280, 720", "1920, 1080", "2560, 1440", "3840, 2160", "1080, 1920", "1080, 1080"})
    void openingsHaveTheirAspectAndCapturesStayUnderTheirFrames(int width, int height) {
        Canvas canvas = Canvas.of("c", "C", Size.of(width, height), 60);
        ResolvedScene hide = new Resolver(THEME.withBrand(brandeon.core.theme.Brand.of(
                        THEME.brand().seeds(),
                        THEME.brand().heading(),
                        THEME.brand().text(),
                        THEME.brand().figures(),
                        1)))
                .resolve(THEME.scene("hide").orElseThrow(), canvas, LiveState.QUIET);
        assertThat(hide.openings()).hasSize(2);
        for (ResolvedScene.FittedOpening opening : hide.openings()) {
            double wanted = THEME.piece(opening.piece()).orElseThrow().figure("aspect");
            Box box = opening.opening().box();
            assertThat(box).isEqualTo(box.snapped());
            assertThat(box.width() / box.height()).isEqualTo(wanted, within(1.2 * wanted / box.height()));
            assertThat(opening.fit().gap()).isZero();
            cornersLieUnderTheRing(hide, opening);
        }
    }

    /** A capture has square corners; with the roundest corners a theme may have, none may show past the ring. */
    private static void cornersLieUnderTheRing(ResolvedScene scene, ResolvedScene.FittedOpening opening) {
        Mark.Filled ring = (Mark.Filled)
                scene.placement(opening.piece()).orElseThrow().art().marks().getFirst();
        Box shown = opening.fit().shown();
        java.awt.geom.Area covered = new java.awt.geom.Area(ring.outline().path());
        covered.add(new java.awt.geom.Area(new java.awt.geom.Rectangle2D.Double(
                opening.opening().box().x(),
                opening.opening().box().y(),
                opening.opening().box().width(),
                opening.opening().box().height())));
        for (double x : new double[] {shown.x() + 0.01, shown.right() - 0.01}) {
            for (double y : new double[] {shown.y() + 0.01, shown.bottom() - 0.01}) {
                assertThat(covered.contains(x, y))
                        .as("corner %s, %s of %s lies under the frame %s", x, y, opening.fit(), opening.opening())
                        .isTrue();
            }
        }
    }

    @Test
    void theLatestSupporterIsNamedOnItsLine() {
        LiveState live = new LiveState(Readings.NONE.with(List.of(TAVI)), Show.QUIET, Optional.empty());
        assertThat(texts(live, "supporter")).contains("Tavi Brook");
        assertThat(texts(LiveState.QUIET, "supporter")).contains("–").noneMatch(text -> text.contains("{"));
    }

    @Test
    void anAlertIsShownOnlyDuringItsTime() {
        LiveState live = new LiveState(
                Readings.NONE,
                Show.QUIET,
                Optional.of(LiveState.Shown.of(TAVI, new AlertSlot(1000, 8000), Profiles.PLAIN)));
        assertThat(texts(live, "announcer")).contains("New subscriber", "Tavi Brook subscribed");
        assertThat(texts(LiveState.QUIET, "announcer")).isEmpty();
    }

    /** An alert comes and goes as its rule says, whatever the family does; without a word of the rule as the family. */
    @Test
    void anAlertComesAndGoesAsItsRuleSays() {
        LiveState live = new LiveState(
                Readings.NONE,
                Show.QUIET,
                Optional.of(LiveState.Shown.of(TAVI, new AlertSlot(1000, 8000), Profiles.PLAIN)));
        Theme moved = THEME.withAlerts(THEME.alerts().stream()
                .map(rule -> rule.moving(Entrance.POP, Entrance.SLIDE))
                .toList());
        PieceArt ours = announced(moved, live);
        assertThat(pose(ours, "plate", 1001).scale()).as("it begins small").isLessThan(0.7);
        assertThat(pose(ours, "plate", 4000).scale()).isEqualTo(1);
        assertThat(pose(ours, "alert", 7999).x()).as("it leaves to the left").isLessThan(-20);
        assertThat(pose(ours, "alert", 7999).opacity()).isLessThan(0.1);
        PieceArt own = announced(THEME, live);
        assertThat(pose(own, "plate", 1001).x())
                .as("Tideline comes from the left")
                .isLessThan(-20);
        assertThat(pose(own, "alert", 7999).x()).isZero();
    }

    private static PieceArt announced(Theme theme, LiveState live) {
        return new Resolver(theme)
                .resolve(theme.scene("hide").orElseThrow(), theme.canvases().getFirst(), live)
                .placement("announcer")
                .orElseThrow()
                .art();
    }

    private static Pose pose(PieceArt art, String part, double now) {
        return art.tracks().stream()
                .filter(track -> track.part().equals(part))
                .findFirst()
                .orElseThrow()
                .at(now);
    }

    @Test
    void aLongNameNeverLeavesItsPlate() {
        LiveState live = new LiveState(
                Readings.NONE.with(List.of(Signal.of(
                        "1",
                        SignalKind.SUBSCRIPTION,
                        "Bartholomew-of-the-Long-Reeds ".repeat(3).strip(),
                        1,
                        "",
                        0,
                        0))),
                Show.QUIET,
                Optional.empty());
        ResolvedScene.Placement line = hide(live).placement("supporter").orElseThrow();
        assertThat(line.art().texts())
                .allSatisfy(text -> assertThat(text.box().outside(line.box())).isZero());
    }

    @Test
    void theWholeIsBackAndFrontTogether() {
        ResolvedScene hide = hide(LiveState.QUIET);
        List<String> whole = Picture.of(hide, Part.WHOLE).layers().stream()
                .map(Picture.Layer::piece)
                .toList();
        List<String> back = Picture.of(hide, Part.BACK).layers().stream()
                .map(Picture.Layer::piece)
                .toList();
        List<String> front = Picture.of(hide, Part.FRONT).layers().stream()
                .map(Picture.Layer::piece)
                .toList();
        assertThat(back).containsExactly("ground");
        assertThat(java.util.stream.Stream.concat(back.stream(), front.stream()))
                .containsExactlyElementsOf(whole);
    }

    @Test
    void everyKindHasASampleWithSomethingToSee() {
        for (PieceKind kind : PieceKind.values()) {
            assertThat(Samples.of(THEME, kind).placements().getFirst().art().marks())
                    .as("%s", kind)
                    .isNotEmpty();
        }
    }

    private static ResolvedScene hide(LiveState live) {
        return new Resolver(THEME)
                .resolve(THEME.scene("hide").orElseThrow(), THEME.canvases().getFirst(), live);
    }

    private static List<String> texts(LiveState live, String piece) {
        return hide(live).placement(piece).orElseThrow().art().texts().stream()
                .map(Mark.Text::text)
                .toList();
    }

    private static Picture picture(Theme theme, Scene scene, Canvas canvas, LiveState live) {
        return Picture.of(new Resolver(theme).resolve(scene, canvas, live), Part.WHOLE);
    }

    /** One exception in one piece ended the painting of all pictures of its theme. */
    @Test
    void aPieceThatCannotBeWrittenIsMissingAndAllOthersAreThere() {
        ResolvedScene whole = new Resolver(THEME)
                .resolve(THEME.scenes().getFirst(), THEME.canvases().getFirst(), LiveState.QUIET);
        ResolvedScene.Placement first = whole.placements().getFirst();
        PieceArt broken = new PieceArt(
                List.of(new Mark.Group(null, 1, Outline.rectangle(first.box()), List.of())), List.of(), List.of());
        List<ResolvedScene.Placement> placements = new java.util.ArrayList<>(whole.placements());
        placements.set(
                0, new ResolvedScene.Placement(first.piece(), first.placed(), first.box(), first.manner(), broken));
        ResolvedScene scene = new ResolvedScene(whole.scene(), whole.canvas(), placements, whole.openings(), List.of());
        List<Picture.Layer> layers = Picture.of(scene, Part.WHOLE).layers();
        assertThat(layers).hasSameSizeAs(whole.placements());
        assertThat(layers.getFirst().svg()).isEmpty();
        assertThat(layers.subList(1, layers.size()))
                .isEqualTo(Picture.of(whole, Part.WHOLE).layers().subList(1, layers.size()));
    }
}
