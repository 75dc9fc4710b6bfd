package brandeon.server.begin;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class BeginningsTest {

    private static final JsonMapper JSON = new JsonMapper();

    private final RunningServer server;
    private Person person;
    private String theme;

    BeginningsTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void aBeginning() {
        person = server.stranger(Role.OWNER);
        theme = person.post("/api/beginnings", "{\"name\":\"Low Quay\",\"seeds\":[]}")
                .json()
                .path("theme")
                .asString();
    }

    private ObjectNode answers() {
        return (ObjectNode)
                person.get("/api/themes/" + theme + "/beginning").json().path("answers");
    }

    private Person.Answer answer(JsonNode answers, int step) {
        ObjectNode wish = JSON.createObjectNode();
        wish.set("answers", answers);
        wish.put("step", step);
        return person.put("/api/themes/" + theme + "/beginning", wish.toString());
    }

    private JsonNode document() {
        return person.get("/api/themes/" + theme).json().path("theme");
    }

    @Test
    void answersAreKeptAndMakeTheThemeAtOnce() {
        assertThat(document().path("scenes")).hasSize(5);
        ObjectNode next = answers().put("name", "Marsh House");
        next.putArray("roles").add("LIVE").add("ENDING");
        assertThat(answer(next, 3).status()).isEqualTo(200);
        assertThat(document().path("name").asString()).isEqualTo("Marsh House");
        assertThat(document().path("scenes")).hasSize(2);
        JsonNode kept = person.get("/api/themes/" + theme + "/beginning").json();
        assertThat(kept.path("step").asInt()).isEqualTo(3);
        assertThat(kept.path("touched").asBoolean()).isFalse();
        assertThat(person.get("/api/beginnings").toString()).contains(theme);
        assertThat(person.post("/api/themes/" + theme + "/undo", "").status()).isEqualTo(200);
        assertThat(document().path("scenes")).as("one undo takes all of it out").isEmpty();
    }

    @Test
    void whatWasChangedElsewhereIsNotLost() {
        person.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.9}");
        assertThat(answer(answers(), 4).status()).as("the same answers").isEqualTo(200);
        Person.Answer refused = answer(answers().put("name", "Another"), 4);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("nothing of it is lost");
        assertThat(document().path("brand").path("corner").asDouble()).isEqualTo(0.9);
        assertThat(person.get("/api/beginnings").json()).isEmpty();
    }

    @Test
    void wrongAnswersAreExplainedAndChangeNothing() {
        JsonNode before = document();
        assertThat(answer(answers().put("family", "no-such"), 2).status()).isEqualTo(400);
        assertThat(answer(answers().put("name", " "), 2).status()).isEqualTo(400);
        assertThat(answer(answers(), 7).status()).isEqualTo(400);
        assertThat(document()).isEqualTo(before);
        String empty = person.newTheme("Empty");
        assertThat(person.get("/api/themes/" + empty + "/beginning").status()).isEqualTo(404);
    }

    @Test
    void aThemeGoesToTheChannelThatIsChosenUntilItIsOnAir() {
        JsonNode view = person.put(
                        "/api/themes/" + theme + "/channel",
                        "{\"channel\":null,\"platform\":\"birch\",\"name\":\"low-quay\"}")
                .json();
        assertThat(view.path("channelName").asString()).isEqualTo("low-quay");
        assertThat(view.path("platform").asString()).isEqualTo("Birch");
        assertThat(person.get("/api/channels").json()).hasSize(2);
        String first = person.get("/api/channels").json().get(0).path("id").asString();
        String there = "{\"channel\":\"" + first + "\",\"platform\":\"alder\",\"name\":\"\"}";
        assertThat(person.put("/api/themes/" + theme + "/channel", there)
                        .json()
                        .path("channel")
                        .asString())
                .isEqualTo(first);
        String strange =
                server.host().get("/api/channels").json().get(0).path("id").asString();
        assertThat(person.put(
                                "/api/themes/" + theme + "/channel",
                                "{\"channel\":\"" + strange + "\",\"platform\":\"alder\",\"name\":\"\"}")
                        .status())
                .isEqualTo(404);
        person.post("/api/themes/" + theme + "/on-air", "");
        assertThat(person.put("/api/themes/" + theme + "/channel", there).status())
                .isEqualTo(409);
    }
}
