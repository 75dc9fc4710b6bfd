package brandeon.server.socket;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The live channel as docs/protocol.md says it is. */
@ExtendWith(RunningServer.class)
class LiveSocketTest {

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aThemeWithTwoScenes(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Wires");
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"s\",\"kind\":\"SCREEN\",\"name\":\"S\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{\"title\":\"Dusk\"},\"figures\":{},\"inlay\":null}}");
        for (String scene : new String[] {"dusk", "dawn"}) {
            host.edit(
                    theme,
                    "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"" + scene
                            + "\",\"name\":\"S\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                            + Person.placed("s", "FULL") + "]}}");
        }
    }

    @Test
    void oneConnectionFollowsManyPicturesAndLeavesThemOneByOne() {
        try (Ear ear = Ear.editor(host)) {
            ear.say(watch("a", "dusk")).say(watch("b", "dawn"));
            ear.await(message -> of(message, "welcome", "a"));
            ear.await(message -> of(message, "welcome", "b"));
            title("Nightjar");
            ear.await(message -> of(message, "patch", "a"));
            ear.await(message -> of(message, "patch", "b"));
            ear.say("{\"type\":\"leave\",\"feed\":\"a\"}")
                    .say("{\"type\":\"time\",\"sent\":1}")
                    .await("time");
            title("Bittern");
            ear.await(message -> of(message, "patch", "b") && message.toString().contains("Bittern"));
            assertThat(ear.heard().stream().filter(message -> of(message, "patch", "a")))
                    .as("the feed that was left")
                    .hasSize(1);
        }
    }

    @Test
    void patchesTurnTheFetchedPictureIntoThePresentOne() {
        try (Ear ear = Ear.editor(host)) {
            JsonNode welcome = ear.say(watch("a", "dusk")).await("welcome");
            JsonNode before =
                    host.get("/pictures/" + welcome.path("hash").asString()).json();
            host.edit(
                    theme,
                    "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"b\",\"kind\":\"BAND\",\"name\":\"B\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
            host.edit(
                    theme,
                    "{\"edit\":\"place\",\"scene\":\"dusk\",\"index\":1,\"placed\":" + Person.placed("b", "TOP") + "}");
            JsonNode patch = ear.await("patch");
            assertThat(patch.path("number").asLong())
                    .isEqualTo(welcome.path("number").asLong() + 1);
            assertThat(patch.path("order").valueStream().map(JsonNode::asString))
                    .containsExactly("s", "b");
            assertThat(patch.path("layers").findValuesAsString("piece"))
                    .as("only what changed travels")
                    .containsExactly("b");
            JsonNode after =
                    host.get("/pictures/" + patch.path("hash").asString()).json();
            assertThat(after.path("layers").get(0))
                    .as("what is not in the patch stayed")
                    .isEqualTo(before.path("layers").get(0));
            assertThat(after.path("layers").get(1))
                    .isEqualTo(patch.path("layers").get(0));
        }
    }

    @Test
    void aSceneThatIsDeletedLeavesAnEmptyPictureOfItsSize() {
        try (Ear ear = Ear.editor(host)) {
            ear.say(watch("a", "dusk")).await("welcome");
            host.edit(theme, "{\"edit\":\"removeScene\",\"scene\":\"dusk\"}");
            JsonNode patch = ear.await("patch");
            assertThat(patch.path("order")).isEmpty();
            assertThat(patch.path("width").asInt()).isEqualTo(1920);
            host.post("/api/themes/" + theme + "/undo", "");
            ear.await(message ->
                    of(message, "patch", "a") && message.path("order").size() == 1);
        }
    }

    @Test
    void theServersClockComesBackWithWhatWasSent() {
        try (Ear ear = Ear.editor(host)) {
            long from = System.currentTimeMillis();
            JsonNode time = ear.say("{\"type\":\"time\",\"sent\":1234.5}").await("time");
            assertThat(time.path("sent").asDouble()).isEqualTo(1234.5);
            assertThat(time.path("now").asLong()).isBetween(from, System.currentTimeMillis());
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            no json                                                                                         | Unrecognized
            null                                                                                            | not understood
            {"type":"sing"}                                                                                 | not understood
            {"type":"watch","feed":"a"}                                                                     | epoch
            {"type":"watch","feed":"a","epoch":"","number":-1,"hash":""}                                    | which scene
            {"type":"watchScene","feed":"a","theme":"x","scene":"dusk","canvas":"wide","part":"WHOLE","source":"DRAFT","epoch":"","number":-1,"hash":""}        | “x” is not
            {"type":"watchScene","feed":"a","theme":"THEME","scene":"dusk","canvas":"wide","part":"MIDDLE","source":"DRAFT","epoch":"","number":-1,"hash":""}   | MIDDLE
            {"type":"at","theme":"00000000-0000-0000-0000-000000000000","scene":"","canvas":"","selected":[]} | no such theme
            """)
    void whatIsNotUnderstoodIsAnsweredAndTheConnectionStays(String message, String sentence) {
        try (Ear ear = Ear.editor(host)) {
            ear.say(message.replace("THEME", theme));
            assertThat(ear.await("error").path("detail").asString())
                    .contains(sentence)
                    .doesNotContain("brandeon");
            assertThat(ear.say("{\"type\":\"time\",\"sent\":7}")
                            .await("time")
                            .path("sent")
                            .asDouble())
                    .isEqualTo(7);
        }
    }

    @Test
    void whatIsTooMuchIsRefused() {
        try (Ear ear = Ear.editor(host)) {
            String many =
                    IntStream.range(0, 101).mapToObj(i -> "\"p" + i + "\"").collect(Collectors.joining(",", "[", "]"));
            ear.say("{\"type\":\"at\",\"theme\":\"" + theme + "\",\"scene\":\"dusk\",\"canvas\":\"wide\",\"selected\":"
                    + many + "}");
            assertThat(ear.await("error").path("detail").asString()).contains("at most 100 pieces");
            for (int i = 0; i < 200; i++) {
                ear.say(watch("f" + i, "dusk"));
            }
            ear.await(message -> of(message, "welcome", "f199"));
            ear.say(watch("f200", "dusk"));
            assertThat(ear.await(message -> message.path("detail").asString("").contains("at most 200"))
                            .path("type")
                            .asString())
                    .isEqualTo("error");
        }
    }

    @Test
    void nobodySeesAThemeOfAnotherWorkspaceNorWithoutSigningIn() {
        Person stranger = server.stranger(Role.OWNER);
        try (Ear ear = Ear.editor(stranger)) {
            assertThat(ear.say(watch("a", "dusk")).await("error").path("detail").asString())
                    .contains("no such theme");
            title("Secret");
            ear.say("{\"type\":\"time\",\"sent\":1}").await("time");
            assertThat(ear.heard().toString()).doesNotContain("Secret").doesNotContain("\"changed\"");
        }
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> Ear.editor(Person.unknown(server.address()))))
                .as("without a session there is no connection")
                .isNotNull();
    }

    @Test
    void whoeverLeavesTheThemeIsGoneForTheOthers() {
        String elsewhere = host.newTheme("Elsewhere");
        try (Ear mine = Ear.editor(host);
                Ear other = Ear.editor(host)) {
            mine.say(at(theme)).await("people");
            other.say(at(theme));
            JsonNode seen = mine.await(message -> message.path("people").size() == 1);
            assertThat(seen.path("people").get(0).path("selected").get(0).asString())
                    .isEqualTo("s");
            long before = alone(mine);
            other.say(at(elsewhere));
            mine.await(_ -> alone(mine) > before);
        }
    }

    /** How often somebody heard that nobody else is there. */
    private static long alone(Ear ear) {
        return ear.heard().stream()
                .filter(message ->
                        message.has("people") && message.path("people").isEmpty())
                .count();
    }

    private static boolean of(JsonNode message, String type, String feed) {
        return message.path("type").asString("").equals(type)
                && message.path("feed").asString("").equals(feed);
    }

    private String watch(String feed, String scene) {
        return "{\"type\":\"watchScene\",\"feed\":\"%s\",\"theme\":\"%s\",\"scene\":\"%s\",\"canvas\":\"wide\",\"part\":\"WHOLE\",\"source\":\"DRAFT\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}"
                .formatted(feed, theme, scene);
    }

    private static String at(String theme) {
        return "{\"type\":\"at\",\"theme\":\"" + theme
                + "\",\"scene\":\"dusk\",\"canvas\":\"wide\",\"selected\":[\"s\"]}";
    }

    private void title(String text) {
        host.edit(theme, "{\"edit\":\"setContent\",\"piece\":\"s\",\"field\":\"title\",\"value\":\"" + text + "\"}");
    }
}
