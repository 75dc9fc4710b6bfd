package brandeon.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.EditsTest;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeChange;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

@Tag("slow")
class SoundnessTest {

    private static final JsonMapper MAPPER = new JsonMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    @Test
    void theDemoIsSound() {
        assertThat(Soundness.faults(ReedlightHide.theme())).isEmpty();
    }

    /**
     * Whatever comes from outside is refused with a sentence, or leaves a theme that can be drawn, stored and undone.
     */
    @Test
    void noEditLeavesAThemeThatIsNotSound() {
        Random random = new Random(29);
        List<String> edits = EditsTest.everyKindOfEdit().map(Json::write).toList();
        int applied = 0;
        for (int i = 0; i < 6000; i++) {
            JsonNode spoilt = MAPPER.readTree(edits.get(i % edits.size()));
            for (int n = random.nextInt(3); n >= 0; n--) {
                spoil(spoilt, random);
            }
            String text = MAPPER.writeValueAsString(spoilt);
            Edit edit;
            try {
                edit = Json.readFromOutside(text, Edit.class);
            } catch (IllegalArgumentException e) {
                assertThat(e.getMessage()).as(text).isNotBlank();
                continue;
            }
            if (Edits.apply(EditsTest.THEME, edit) instanceof Outcome.Applied(Theme theme, Edit inverse)) {
                applied++;
                assertThat(Soundness.faults(theme)).as(text).isEmpty();
                assertThat(Soundness.faults(EditsTest.THEME, theme)).as(text).isEmpty();
                assertThat(((Outcome.Applied) Edits.apply(theme, inverse)).theme())
                        .as(text)
                        .isEqualTo(EditsTest.THEME);
            }
        }
        assertThat(applied).as("else nothing was looked at").isGreaterThan(600);
    }

    /**
     * A name where a number is wanted, in a document from before patterns were checked: that piece is hidden, nothing
     * else.
     */
    @Test
    void aPieceThatCannotBeDrawnHidesItselfAlone() {
        Piece wrong = Piece.of("wrong", PieceKind.FACT_LINE, "Latest")
                .withWords("value", "{latestFollower, plural, one {#} other {#}}");
        Piece right = Piece.of("right", PieceKind.FACT_LINE, "Beside it").withWords("value", "High tide");
        Scene scene = Scene.of(
                "s", "S", SceneRole.LIVE, List.of(Placed.in(Zone.STRIP, "wrong"), Placed.in(Zone.TOP, "right")));
        Theme theme = ReedlightHide.theme().withPieces(List.of(wrong, right)).withScenes(List.of(scene));
        LiveState live = new LiveState(
                Readings.NONE.with(Signal.of("1", SignalKind.FOLLOW, "Ilse Fenn", 0, "", 0, 0)),
                Show.QUIET,
                java.util.Optional.empty());
        ResolvedScene resolved =
                new Resolver(theme).resolve(scene, theme.canvases().getFirst(), live);
        assertThat(resolved.failed()).extracting(ResolvedScene.Failed::piece).containsExactly("wrong");
        assertThat(resolved.failed().getFirst().cause()).hasMessageContaining("latestFollower");
        assertThat(resolved.placement("wrong").orElseThrow().art().marks()).isEmpty();
        assertThat(resolved.placement("right").orElseThrow().art().texts()).isNotEmpty();
    }

    /** Each way in which a change can bring a piece that cannot be drawn onto a scene. */
    @Test
    void aChangeIsAsSoundAsWhatItReaches() {
        Piece right = Piece.of("line", PieceKind.FACT_LINE, "Latest").withWords("value", "High tide");
        Piece wrong = right.withWords("value", "{latestFollower, plural, one {#} other {#}}");
        Piece aside = Piece.of("aside", PieceKind.FACT_LINE, "Beside it").withWords("value", "Low tide");
        Scene with = scene("with", "line");
        Scene without = scene("without", "aside");
        Theme good = theme(List.of(right, aside), with, without);

        assertThat(Soundness.faults(good, theme(List.of(wrong, aside), with, without)))
                .as("its words changed")
                .isNotEmpty()
                .allMatch(fault -> fault.startsWith("line on with"));
        Theme unseen = theme(List.of(wrong, aside), scene("with"), without);
        assertThat(Soundness.faults(unseen, theme(List.of(wrong, aside), with, without)))
                .as("it was put onto a scene")
                .isNotEmpty();
        assertThat(Soundness.faults(unseen, theme(List.of(wrong, aside), scene("with"), without, scene("new", "line"))))
                .as("a scene with it was added")
                .isNotEmpty();
        Theme known = theme(List.of(wrong, aside), with, without);
        assertThat(Soundness.faults(known, theme(List.of(wrong, aside.withWords("value", "Ebb")), with, without)))
                .as("what was so before, where the change does not reach")
                .isEmpty();
        assertThat(Soundness.faults(
                        known, known.withBrand(EditsTest.THEME.brand().withCalm(true))))
                .as("all of it is drawn anew in another brand")
                .isNotEmpty();
    }

    @Test
    void aChangeReachesThoseThatSayTheSame() {
        Piece goal = Piece.of("goal", PieceKind.GOAL, "Goal");
        Scene with = scene("with", "goal");
        Scene same = scene("same", "same");
        Scene other = scene("other", "other");
        List<Piece> beside = List.of(
                Piece.of("same", PieceKind.GOAL, "Same").sharing("goal"), Piece.of("other", PieceKind.GOAL, "Other"));
        Theme before = theme(List.of(goal, beside.get(0), beside.get(1)), with, same, other);
        Theme after = before.withPieces(
                List.of(goal.withContent("value", Content.Count.of(12)), beside.get(0), beside.get(1)));
        assertThat(Soundness.reached(ThemeChange.between(before, after), after)).containsExactly(with, same);
    }

    private static Scene scene(String id, String... pieces) {
        return Scene.of(
                id,
                id,
                SceneRole.LIVE,
                List.of(pieces).stream()
                        .map(piece -> Placed.in(Zone.STRIP, piece))
                        .toList());
    }

    private static Theme theme(List<Piece> pieces, Scene... scenes) {
        return ReedlightHide.theme().withPieces(pieces).withScenes(List.of(scenes));
    }

    @Test
    void suchAPatternIsNotTakenAnyMore() {
        Outcome outcome = Edits.apply(
                EditsTest.THEME,
                new PieceEdit.SetContent(
                        "band", "message", new Content.Words("{latestFollower, plural, one {#} other {#}}")));
        assertThat(outcome)
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.reason())
                                .contains("latestFollower")
                                .contains("no plural"));
    }

    /** Puts something unusual somewhere. */
    private static void spoil(JsonNode node, Random random) {
        JsonNode at = node;
        while (true) {
            if (at instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = List.copyOf(object.propertyNames());
                String name = names.get(random.nextInt(names.size()));
                JsonNode child = object.get(name);
                if (child.isContainer() && !child.isEmpty() && random.nextInt(5) > 0) {
                    at = child;
                    continue;
                }
                if (!name.equals("edit") && !name.equals("by")) {
                    object.set(name, junk(child, random));
                } else if (random.nextInt(20) == 0) {
                    object.set("x" + name, NODES.stringNode("y"));
                }
            } else if (at instanceof ArrayNode array && !array.isEmpty()) {
                int index = random.nextInt(array.size());
                if (array.get(index).isContainer() && !array.get(index).isEmpty() && random.nextInt(5) > 0) {
                    at = array.get(index);
                    continue;
                }
                switch (random.nextInt(3)) {
                    case 0 -> array.set(index, NODES.nullNode());
                    case 1 -> array.add(array.get(random.nextInt(array.size())));
                    default -> array.set(index, junk(array.get(index), random));
                }
            }
            return;
        }
    }

    private static JsonNode junk(JsonNode was, Random random) {
        if (was.isNumber()) {
            double[] numbers = {-1, 0, 1, 2, 0.5, 17, 59.999, 99999, 1e300, -1e300, 2147483647d, -2147483648d, 1e-320};
            double number = numbers[random.nextInt(numbers.length)];
            return random.nextBoolean() && number == Math.rint(number) && Math.abs(number) < 1e9
                    ? NODES.numberNode((long) number)
                    : NODES.numberNode(number);
        }
        String[] texts = {
            "",
            " ",
            "a",
            "A\u0000b",
            "\ud800",
            "\u202e",
            "line\nbreak",
            "x".repeat(3000),
            "{",
            "{followers}",
            "{followers,number,::scale/1E99999999}",
            "{latestFollower, plural, other {#}}",
            "'",
            "<script>",
            "../../x",
            "__proto__",
            "hide",
            "camera",
            "band",
            "WIDE",
            "ACCENT",
            "#12345",
            "NaN",
            "\uffff"
        };
        return switch (random.nextInt(5)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.numberNode(random.nextInt(10));
            default -> NODES.stringNode(texts[random.nextInt(texts.length)]);
        };
    }
}
