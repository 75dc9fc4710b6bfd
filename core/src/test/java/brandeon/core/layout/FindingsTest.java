package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.live.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class FindingsTest {

    private static final Theme THEME = ReedlightHide.theme();

    @Test
    void theDemoFitsEverywhere() {
        for (Scene scene : THEME.scenes()) {
            for (Canvas canvas : THEME.canvases()) {
                assertThat(of(THEME, scene.id(), canvas.id())).as("%s on %s", scene.name(), canvas.name()).isEmpty();
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
        assertThat(finding.measured()).isEqualTo(400.0 * 112);
        assertThat(finding.sentence()).contains("Spotting scope").contains("%");
    }

    @Test
    void theAnnouncerMayPassOverAnOpening() {
        assertThat(of(THEME, "hide", "wide")).noneMatch(finding -> finding.piece().equals("announcer"));
    }

    @Test
    void textTooSmallForAPhoneIsFound() {
        // A band 20 px high leaves no room for readable text.
        Finding finding = only(placed("band", new Box(0, 960, 1920, 40)), Finding.Kind.TEXT_TOO_SMALL);
        assertThat(finding.measured()).isLessThan(22);
        assertThat(finding.limit()).isEqualTo(22);
    }

    @Test
    void aFixRemovesItsFindingAndIsUndoneByItsInverse() {
        SplittableRandom random = new SplittableRandom(5);
        int fixed = 0;
        for (int i = 0; i < 300; i++) {
            Theme theme = placed("supporter", new Box(random.nextInt(-300, 2000), random.nextInt(-200, 1100), random.nextInt(200, 500), random.nextInt(90, 200)));
            for (Finding finding : of(theme, "hide", "wide")) {
                if (finding.fix().isEmpty()) {
                    continue;
                }
                Outcome.Applied applied = (Outcome.Applied) Edits.apply(theme, finding.fix().get());
                assertThat(of(applied.theme(), "hide", "wide")).as("after the fix of %s", finding).noneMatch(left -> left.kind() == finding.kind() && left.piece().equals(finding.piece()));
                assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme()).isEqualTo(theme);
                fixed++;
            }
        }
        assertThat(fixed).isGreaterThan(200);
    }

    private static Theme placed(String piece, Box box) {
        return ((Outcome.Applied) Edits.apply(THEME, new Edit.SetBox("hide", piece, Shape.WIDE, box))).theme();
    }

    private static Finding only(Theme theme, Finding.Kind kind) {
        List<Finding> found = of(theme, "hide", "wide").stream().filter(finding -> finding.kind() == kind).toList();
        assertThat(found).hasSize(1);
        return found.getFirst();
    }

    private static List<Finding> of(Theme theme, String scene, String canvas) {
        return Findings.of(new Resolver(theme).resolve(theme.scene(scene).orElseThrow(), theme.canvas(canvas).orElseThrow(), LiveState.QUIET));
    }
}
