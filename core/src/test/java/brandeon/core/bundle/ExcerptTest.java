package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.layout.Soundness;
import brandeon.core.live.AlertRule;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.publish.Quiet;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.EditsTest;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Parts of themes that travel alone. */
class ExcerptTest {

    private static final Theme THEME = EditsTest.THEME;

    private static Theme put(Theme mine, Theme excerpt, Extent extent) {
        Edit.Batch edit = Excerpt.into(mine, excerpt, extent);
        Outcome outcome = Edits.apply(mine, edit);
        assertThat(outcome).as(outcome.toString()).isInstanceOf(Outcome.Applied.class);
        Outcome.Applied applied = (Outcome.Applied) outcome;
        assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                .as("one step takes it back")
                .isEqualTo(mine);
        assertThat(Soundness.faults(applied.theme())).isEmpty();
        return applied.theme();
    }

    private static Theme empty() {
        return THEME.withScenes(List.of())
                .withPieces(List.of())
                .withCaptures(List.of())
                .withAlerts(List.of())
                .withArtworks(List.of());
    }

    /** What is drawn does not depend on what things are called. */
    private static String drawn(Theme theme, String scene) {
        StringBuilder all = new StringBuilder();
        for (Canvas canvas : theme.canvases()) {
            all.append(Picture.marks(Quiet.scene(theme, theme.scene(scene).orElseThrow(), canvas), Part.WHOLE));
        }
        return all.toString();
    }

    @Test
    void everySceneLooksTheSameInAnotherThemeOfThisBrand() {
        for (Scene scene : THEME.shownScenes()) {
            Theme excerpt = Excerpt.of(THEME, Extent.SCENE, scene.id());
            assertThat(Soundness.faults(excerpt)).as(scene.name()).isEmpty();
            assertThat(excerpt.scenes()).containsExactly(scene);
            Theme next = put(empty(), excerpt, Extent.SCENE);
            assertThat(next.scenes()).hasSize(1);
            assertThat(drawn(next, scene.id()))
                    .as(scene.name())
                    .isEqualTo(drawn(THEME.withScenes(List.of(scene)), scene.id()));
        }
    }

    /** Into the very theme it came from: everything has its name twice, and each of both is whole. */
    @Test
    void whatHasTheNameOfSomethingGetsAnotherOne() {
        Theme excerpt = Excerpt.of(THEME, Extent.SCENE, "hide");
        Theme twice = put(THEME, excerpt, Extent.SCENE);
        assertThat(twice.scenes()).hasSize(THEME.scenes().size() + 1);
        Scene copy = twice.scenes().getLast();
        assertThat(copy.name()).isEqualTo("Hide, copy");
        Set<String> own = new HashSet<>();
        copy.stack().forEach(placed -> own.add(placed.piece()));
        assertThat(own)
                .as("pieces of its own")
                .doesNotContainAnyElementsOf(
                        THEME.pieces().stream().map(Piece::id).toList());
        for (Canvas canvas : twice.canvases()) {
            assertThat(Picture.marks(Quiet.scene(twice, copy, canvas), Part.WHOLE))
                    .hasSameSizeAs(
                            Picture.marks(Quiet.scene(twice, twice.scene("hide").orElseThrow(), canvas), Part.WHOLE));
        }
    }

    @Test
    void aPieceComesWithWhatItNeedsAndNothingElse() {
        Theme excerpt = Excerpt.of(THEME, Extent.PIECE, "camera-frame");
        assertThat(excerpt.pieces()).hasSize(1);
        assertThat(excerpt.captures()).hasSize(1);
        assertThat(excerpt.scenes()).isEmpty();
        assertThat(excerpt.alerts()).isEmpty();
        assertThat(put(empty(), excerpt, Extent.PIECE).pieces()).hasSize(1);
        assertThatThrownBy(() -> Excerpt.of(THEME, Extent.PIECE, "gone")).isInstanceOf(Mistake.class);
    }

    @Test
    void aBrandTakesThePlaceOfTheOther() {
        Theme other = THEME.withBrand(THEME.brand()
                .withSeeds(List.of(Colour.parse("#aa3355")))
                .withPins(Map.of(Role.GLOW, Colour.parse("#ffeecc")))
                .withCorner(0.1)
                .withMoods(List.of(), ""));
        Theme next = put(THEME, Excerpt.of(other, Extent.BRAND, ""), Extent.BRAND);
        assertThat(next.brand().withMoods(List.of(), "")).isEqualTo(other.brand());
        assertThat(next.brand().corner()).isEqualTo(0.1);
        assertThat(next.scenes()).isEqualTo(THEME.scenes());
        assertThat(next.brand().moods())
                .as("one's own stay")
                .isEqualTo(THEME.brand().moods());
    }

    @Test
    void alertRulesStandBeforeThoseThatAreThere() {
        Theme excerpt = Excerpt.of(THEME, Extent.ALERTS, "");
        assertThat(excerpt.pieces()).isEmpty();
        Theme next = put(THEME, excerpt, Extent.ALERTS);
        assertThat(next.alerts()).hasSize(2 * THEME.alerts().size());
        assertThat(next.alerts().stream().map(AlertRule::id).distinct().count())
                .isEqualTo(next.alerts().size());
        AlertRule first = THEME.alerts().getFirst();
        assertThat(next.alerts().getFirst())
                .isEqualTo(first.called(next.alerts().getFirst().id()));
        Theme onAnother = THEME.withCanvases(List.of(Canvas.of("square", "Square", Size.of(1080, 1080), 30)));
        assertThat(put(onAnother.withAlerts(List.of()), excerpt, Extent.ALERTS).alerts())
                .allMatch(rule -> rule.canvases().isEmpty());
    }

    @ParameterizedTest
    @EnumSource(
            value = Extent.class,
            names = {"SCENE", "PIECE", "BRAND", "ALERTS"})
    void aPartIsSmallerThanTheThemeAndTravelsInTheSameFormat(Extent extent) throws Exception {
        Theme excerpt = Excerpt.of(
                THEME, extent, extent == Extent.SCENE ? "hide" : extent == Extent.PIECE ? "camera-frame" : "");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ThemePackage.write(
                out,
                new Contents(extent, excerpt, List.of(), List.of(), List.of()),
                name -> name.getBytes(StandardCharsets.UTF_8),
                List.of());
        ThemePackage back = ThemePackage.read(new ByteArrayInputStream(out.toByteArray()));
        assertThat(back.contents().extent()).isEqualTo(extent);
        assertThat(back.contents().theme()).isEqualTo(excerpt);
    }

    @Test
    void aWholeThemeIsPutIntoNone() {
        assertThatThrownBy(() -> Excerpt.into(THEME, THEME, Extent.THEME))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("on the shelf");
    }
}
