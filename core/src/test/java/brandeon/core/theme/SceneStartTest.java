package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Families;
import brandeon.core.art.Family;
import brandeon.core.art.Pictures;
import brandeon.core.kind.PieceKind;
import brandeon.core.preflight.Finding;
import brandeon.core.preflight.Preflight;
import brandeon.core.show.LiveState;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class SceneStartTest {

    private final AtomicInteger last = new AtomicInteger();
    private final UnaryOperator<String> ids = what -> what + "-" + last.incrementAndGet();

    @Tag("slow")
    @Test
    void aCompleteThemeHasEverySceneAndNothingToMend() {
        for (Family family : Families.all()) {
            Theme theme = started(Starter.theme("Owl night").withFamily(family.id()), List.of(SceneRole.values()));
            assertThat(theme.scenes())
                    .extracting(Scene::name)
                    .containsExactly("Starting", "Live", "Talking", "Away", "Ending", "Over every scene");
            assertThat(new Preflight(theme, LiveState.QUIET, Pictures.NONE).findings())
                    .as(family.id())
                    .allMatch(finding -> finding.weight() == Finding.Weight.NOTE);
        }
    }

    @Test
    void whatBelongsOnSeveralScenesIsOnePiece() {
        Theme theme = started(Starter.theme("Owl night"), List.of(SceneRole.LIVE, SceneRole.TALKING));
        assertThat(theme.pieces())
                .filteredOn(piece -> piece.kind() == PieceKind.ANNOUNCER)
                .hasSize(1);
        Theme later = started(theme, List.of(SceneRole.LIVE));
        assertThat(later.pieces())
                .as("a second live scene shares all its pieces")
                .hasSameSizeAs(theme.pieces());
        assertThat(later.scenes()).extracting(Scene::name).containsExactly("Live", "Talking", "Live 2");
    }

    @Test
    void oneUndoTakesAllOfItOut() {
        Theme empty = Starter.theme("Owl night");
        Outcome.Applied applied =
                (Outcome.Applied) Edits.apply(empty, SceneStart.of(empty, List.of(SceneRole.values()), ids));
        assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                .isEqualTo(empty);
    }

    private Theme started(Theme theme, List<SceneRole> roles) {
        return ((Outcome.Applied) Edits.apply(theme, SceneStart.of(theme, roles, ids))).theme();
    }
}
