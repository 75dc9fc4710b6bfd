package brandeon.core.begin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.art.Pictures;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Soundness;
import brandeon.core.pack.Json;
import brandeon.core.preflight.Finding;
import brandeon.core.preflight.Preflight;
import brandeon.core.problem.Mistake;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BeginningTest {

    private static final Answers STANDARD = Beginning.standard("Low Quay");

    private static Answers random(SplittableRandom random) {
        List<SceneRole> roles =
                Stream.of(SceneRole.values()).filter(_ -> random.nextInt(3) > 0).toList();
        List<Answers.Format> canvases = Stream.of(Answers.Format.values())
                .filter(_ -> random.nextBoolean())
                .toList();
        return new Answers(
                "Low Quay " + random.nextInt(9),
                Moods.all().get(random.nextInt(8)).seeds(),
                brandeon.core.art.Families.all().get(random.nextInt(5)).id(),
                roles.isEmpty() ? List.of(SceneRole.LIVE) : roles,
                canvases.isEmpty() ? List.of(Answers.Format.WIDE) : canvases,
                random.nextInt(3) == 0
                        ? Optional.empty()
                        : Optional.of(random.nextBoolean() ? Size.of(1920, 1080) : Size.of(640, 480)),
                Answers.Play.values()[random.nextInt(3)],
                Answers.Side.values()[random.nextInt(2)],
                random.nextBoolean()
                        ? Map.of()
                        : Map.of(Answers.Words.STARTING_TITLE, "Lamps lit soon", Answers.Words.CAMERA_NAME, "Wren"));
    }

    /** Whatever was answered before, the same answers make the same theme, which can be drawn, and one undo takes it out. */
    @Test
    void answersMakeTheSameThemeWhateverWasAnsweredBefore() {
        SplittableRandom random = new SplittableRandom(5);
        Theme theme = Starter.theme("New theme");
        for (int i = 0; i < 40; i++) {
            Answers answers = random(random);
            Edit edit = Beginning.edit(theme, answers);
            // As it comes back from where it is stored.
            Edit kept = Json.read(Json.write(edit), Edit.class);
            Outcome.Applied applied = (Outcome.Applied) Edits.apply(theme, kept);
            assertThat(applied.theme()).as("%s", answers).isEqualTo(Beginning.theme(answers));
            assertThat(Soundness.faults(applied.theme())).as("%s", answers).isEmpty();
            assertThat(((Outcome.Applied) Edits.apply(applied.theme(), applied.inverse())).theme())
                    .isEqualTo(theme);
            theme = applied.theme();
        }
    }

    @Test
    void aUsualShowIsCompleteAndHasNothingThatMustBeMended() {
        Theme theme = Beginning.theme(STANDARD);
        assertThat(theme.scenes())
                .extracting(Scene::role)
                .containsExactly(
                        Stream.of(SceneRole.values()).filter(SceneRole::shown).toArray(SceneRole[]::new));
        assertThat(theme.canvases()).extracting(Canvas::id).containsExactly("wide", "upright");
        assertThat(findings(theme))
                .filteredOn(finding -> finding.weight() == Finding.Weight.values()[0])
                .isEmpty();
    }

    private static List<Finding> findings(Theme theme) {
        return new Preflight(theme, LiveState.QUIET, Pictures.NONE).findings();
    }

    @Test
    void whatIsNotCapturedHasNoFrame() {
        assertThat(frames(with(Optional.empty(), Answers.Play.GAME))).containsExactly("Play frame", "Talk frame");
        assertThat(frames(with(Optional.of(Size.of(1280, 720)), Answers.Play.NONE)))
                .containsExactly("Camera frame", "Talk frame");
        assertThat(frames(with(Optional.empty(), Answers.Play.NONE))).isEmpty();
    }

    private static List<String> frames(Answers answers) {
        return Beginning.theme(answers).pieces().stream()
                .filter(piece -> piece.kind() == PieceKind.FRAME)
                .map(piece -> piece.name())
                .toList();
    }

    private static Answers with(Optional<Size> camera, Answers.Play play) {
        return with(STANDARD.seeds(), STANDARD.family(), camera, play, Answers.Side.RIGHT, Map.of());
    }

    private static Answers with(Answers.Side side, Map<Answers.Words, String> words) {
        return with(STANDARD.seeds(), STANDARD.family(), STANDARD.camera(), STANDARD.play(), side, words);
    }

    private static Answers with(
            List<Colour> seeds,
            String family,
            Optional<Size> camera,
            Answers.Play play,
            Answers.Side side,
            Map<Answers.Words, String> words) {
        return new Answers(
                STANDARD.name(), seeds, family, STANDARD.roles(), STANDARD.canvases(), camera, play, side, words);
    }

    @Test
    void theCameraStandsOnTheSideThatWasAnsweredAndTheUprightCanvasStaysAsItIs() {
        Answers left = with(Answers.Side.LEFT, Map.of());
        Box right = camera(STANDARD, "wide");
        Box mirrored = camera(left, "wide");
        assertThat(right.x()).isGreaterThan(960);
        assertThat(mirrored.x()).isCloseTo(1920 - right.right(), org.assertj.core.api.Assertions.within(0.001));
        assertThat(mirrored.y()).isCloseTo(right.y(), org.assertj.core.api.Assertions.within(0.001));
        assertThat(camera(left, "upright")).isEqualTo(camera(STANDARD, "upright"));
        assertThat(findings(Beginning.theme(left)))
                .as("nothing is wrong there that is right on the other side")
                .hasSameSizeAs(findings(Beginning.theme(STANDARD)));
    }

    private static Box camera(Answers answers, String canvas) {
        Theme theme = Beginning.theme(answers);
        ResolvedScene live = new Resolver(theme)
                .resolve(
                        theme.scene("scene-live").orElseThrow(),
                        theme.canvas(canvas).orElseThrow(),
                        LiveState.QUIET);
        return live.placements().stream()
                .filter(placement -> placement.piece().name().equals("Camera frame"))
                .findFirst()
                .orElseThrow()
                .box();
    }

    @Test
    void wordsStandWhereTheyWereAskedFor() {
        Answers answers = with(
                STANDARD.side(),
                Map.of(
                        Answers.Words.STARTING_TITLE, "Lamps lit soon",
                        Answers.Words.ENDING_LINE, "low-quay on every platform",
                        Answers.Words.BAND_MESSAGE, "Mist until ten"));
        String document = Json.write(Beginning.theme(answers));
        assertThat(document).contains("Lamps lit soon", "low-quay on every platform", "Mist until ten");
        assertThat(document).contains("Back soon").as("the standard where nothing was answered");
    }

    @Test
    void wrongAnswersAreExplained() {
        List<Runnable> wrong = new ArrayList<>();
        wrong.add(() -> Beginning.standard(" "));
        wrong.add(() -> seeded(List.of(), STANDARD.family()));
        wrong.add(() -> Beginning.theme(seeded(List.of(Colour.BLACK), "no-such-family")));
        wrong.add(() -> Beginning.theme(with(STANDARD.side(), Map.of(Answers.Words.BAND_MESSAGE, "{unclosed"))));
        wrong.forEach(one -> assertThatThrownBy(one::run)
                .isInstanceOf(Mistake.class)
                .message()
                .isNotBlank());
    }

    private static Answers seeded(List<Colour> seeds, String family) {
        return with(seeds, family, STANDARD.camera(), STANDARD.play(), STANDARD.side(), Map.of());
    }

    @Test
    void moodsAreApartFromEachOther() {
        List<Moods.Mood> moods = Moods.all();
        assertThat(moods).hasSize(8);
        assertThat(moods).extracting(Moods.Mood::name).doesNotHaveDuplicates();
        for (Moods.Mood one : moods) {
            for (Moods.Mood other : moods) {
                if (one != other) {
                    // Five to ten is seen at a glance: common practice, no source.
                    assertThat(Moods.apart(one, other))
                            .as("%s and %s", one, other)
                            .isGreaterThan(10);
                }
            }
        }
    }
}
