package brandeon.core.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Pictures;
import brandeon.core.canvas.Box;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.preflight.Finding;
import brandeon.core.preflight.Preflight;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Theme;
import brandeon.core.watch.Link;
import brandeon.core.watch.OpenSource;
import brandeon.core.watch.SourceFinding;
import brandeon.core.watch.SourceFindings;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What stands over every scene is one source, and each scene is judged with it. */
class AlwaysTest {

    private static final Theme THEME =
            with(ReedlightHide.theme(), SceneStart.of(ReedlightHide.theme(), List.of(SceneRole.ALWAYS), id -> id));
    private static final Scene OVER = THEME.always().getFirst();

    private static Theme with(Theme theme, Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }

    private static ResolvedScene seen(Theme theme, String scene) {
        return new Resolver(theme)
                .seen(theme.scene(scene).orElseThrow(), theme.canvas("wide").orElseThrow(), LiveState.QUIET);
    }

    private static List<Finding> found(Theme theme) {
        return new Preflight(theme, LiveState.QUIET, Pictures.NONE).findings();
    }

    @Test
    void theAnnouncerMovesThereFromAllScenes() {
        assertThat(OVER.stack()).extracting(Placed::piece).containsExactly("announcer");
        assertThat(THEME.shownScenes())
                .hasSize(5)
                .noneMatch(scene -> scene.placed("announcer").isPresent());
        assertThat(found(THEME)).extracting(Finding::kind).containsOnly(Finding.Kind.CAPTURE_ENLARGED);
    }

    @Test
    void aSceneIsSeenWithItButItsSourcesAreWithout() {
        assertThat(seen(THEME, "hide").placements().getLast().piece().id()).isEqualTo("announcer");
        assertThat(Quiet.scene(THEME, "hide", "wide").orElseThrow().placement("announcer"))
                .isEmpty();
    }

    @Test
    void itStandsWhereItStandsOverEveryScene() {
        Box there = Quiet.scene(THEME, OVER.id(), "wide")
                .orElseThrow()
                .placement("announcer")
                .orElseThrow()
                .box();
        for (Scene scene : THEME.shownScenes()) {
            assertThat(seen(THEME, scene.id())
                            .placement("announcer")
                            .orElseThrow()
                            .box())
                    .as(scene.name())
                    .isEqualTo(there);
        }
    }

    @Test
    void theSheetPutsOneSourceOnTopOfEachScene() {
        SourceSheet sheet = SourceSheet.of(THEME, THEME.canvas("wide").orElseThrow());
        assertThat(sheet.scenes()).hasSize(5).allSatisfy(scene -> {
            SourceSheet.Browser top = (SourceSheet.Browser) scene.sources().getLast();
            assertThat(top.scene()).isEqualTo(OVER.id());
            assertThat(top.name()).isEqualTo("Over every scene");
            assertThat(top.advice().behaviour()).isEqualTo(Behaviour.KEEP_RUNNING);
        });
    }

    @Test
    void whatStandsTwiceIsFoundAndTakenOff() {
        Theme twice = with(
                THEME, new PlacingEdit.Place("hide", 0, OVER.placed("announcer").orElseThrow()));
        Finding finding = found(twice).stream()
                .filter(one -> one.kind() == Finding.Kind.STANDS_TWICE)
                .findFirst()
                .orElseThrow();
        assertThat(finding.scene()).isEqualTo("hide");
        assertThat(with(twice, finding.fix().orElseThrow().edit())).isEqualTo(THEME);
    }

    /** Over the Hide's camera it covers what is seen; what helps is done where it stands. */
    @Test
    void whatItDoesToASceneIsFoundThereAndPutRightWhereItStands() {
        Box opening = Quiet.scene(THEME, "hide", "wide").orElseThrow().openings().stream()
                .filter(one -> one.capture().id().equals("camera"))
                .findFirst()
                .orElseThrow()
                .bounds();
        Theme covered = with(
                with(THEME, new PlacingEdit.Place(OVER.id(), 0, Placed.in(Zone.STRIP, "shops"))),
                new PlacingEdit.TakeOff("away", "shops"));
        covered = with(
                covered,
                new PlacingEdit.SetBox(
                        OVER.id(), "shops", "wide", new Box(Math.rint(opening.x()), Math.rint(opening.y()), 120, 50)));
        Finding finding = found(covered).stream()
                .filter(one ->
                        one.kind() == Finding.Kind.OVER_OPENING && one.piece().equals("shops"))
                .findFirst()
                .orElseThrow();
        assertThat(finding.scene()).isEqualTo("hide");
        assertThat(finding.fix())
                .hasValueSatisfying(
                        fix -> assertThat(((PlacingEdit) fix.edit()).scene()).isEqualTo(OVER.id()));
    }

    @Test
    void aSceneThatIsSeenWithoutItIsFound() {
        List<Link> links = List.of(link("scene", "hide"), link("over", OVER.id()));
        assertThat(watched(links, open("scene", 0, 0))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(SourceFinding.Kind.MISSING);
            assertThat(finding.outlet()).isEqualTo("over");
        });
        assertThat(watched(links, open("scene", 0, 0), open("over", 1, 0))).isEmpty();
        assertThat(watched(links, open("scene", 1, 0), open("over", 0, 0)))
                .extracting(SourceFinding::kind)
                .containsExactly(SourceFinding.Kind.WRONG_ORDER);
    }

    private static List<SourceFinding> watched(List<Link> links, OpenSource... open) {
        return SourceFindings.of(THEME, links, List.of(open), 1_800_000_000_000L);
    }

    private static Link link(String outlet, String scene) {
        return new Link(outlet, scene, "wide", Part.WHOLE, outlet, false, false, 1_800_000_000_000L, 0, 0, "");
    }

    private static OpenSource open(String outlet, int order, int under) {
        return new OpenSource(
                outlet, "rig", "", 1920, 1080, 1, true, 1_799_999_900_000L, false, 17, 60, 1, order, under, false, "");
    }
}
