package brandeon.server.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The history of what was on air, back to any of it, and one piece alone as a source. */
@ExtendWith(RunningServer.class)
class ReleaseTest {

    private static final String STRIP =
            "{\"edit\":\"setContent\",\"piece\":\"strip\",\"field\":\"message\",\"value\":\"%s\"}";

    private Person host;
    private String theme;
    private String link;
    private String scene;

    @BeforeEach
    void onAir(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Releases");
        link = host.onAir(
                theme, "STRIP", Map.of("strip", Person.piece("strip", "BAND", "{\"message\":\"First\"}", "{}")));
        scene = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
    }

    private void release(String words) {
        assertThat(host.edit(theme, STRIP.formatted(words)).status()).isEqualTo(200);
        host.post("/api/themes/" + theme + "/on-air", "");
    }

    private String base() {
        return "/api/themes/" + theme + "/releases";
    }

    @Test
    void anyReleaseComesBackExactlyAndSourcesShowIt() {
        String first = host.open(link).body();
        release("Second");
        release("Third");
        assertThat(host.open(link).body()).contains(">Third<");
        try (Ear outlet = Ear.outlet(link).watch()) {
            outlet.await("welcome");
            JsonNode lines = host.post(base() + "/1/on-air", "").json();
            assertThat(lines.valueStream().map(line -> line.path("number").asInt()))
                    .containsExactly(3, 2, 1);
            assertThat(lines.get(2).path("onAir").asBoolean()).isTrue();
            outlet.await(message -> message.toString().contains(">First<"));
        }
        assertThat(host.open(link).body()).as("to the byte").isEqualTo(first);
        assertThat(host.post(base() + "/1/on-air", "").status())
                .as("it is there already")
                .isEqualTo(409);
        assertThat(host.post(base() + "/9/on-air", "").status()).isEqualTo(404);
        // The next one has a number of its own.
        release("Fourth");
        assertThat(host.get(base()).json().get(0).path("number").asInt()).isEqualTo(4);
    }

    @Test
    void whatChangedIsToldFromOneReleaseToAnotherAndToTheDraft() {
        release("Second");
        JsonNode change = host.get(base() + "/2/change?from=1").json();
        assertThat(change.path("scenes").get(0).path("sentences").toString()).contains("says something else");
        assertThat(host.get(base() + "/0/change?from=2").json().path("scenes")).isEmpty();
        host.edit(theme, STRIP.formatted("Draft"));
        assertThat(host.get(base() + "/0/change?from=2").json().path("scenes")).hasSize(1);
        String picture = "/scenes/" + scene + "/canvases/wide/picture.png";
        assertThat(host.get(base() + "/1" + picture).type()).isEqualTo("image/png");
        assertThat(host.get(base() + "/1" + picture).body())
                .isNotEqualTo(host.get(base() + "/2" + picture).body());
        for (String wrong : List.of("/7" + picture, "/1/scenes/attic/canvases/wide/picture.png")) {
            assertThat(host.get(base() + wrong).status()).as(wrong).isEqualTo(404);
        }
        assertThat(host.get(base() + "/1" + picture + "?width=99999").status()).isEqualTo(400);
    }

    @Test
    void onePieceAloneHasALastingLinkAndABoxOfItsOwn() {
        String wish = "{\"scene\":\"%s\",\"canvas\":\"wide\",\"part\":\"PIECE:%s\"}";
        JsonNode ledger = host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "strip"))
                .json();
        JsonNode row = alone(ledger);
        assertThat(row.path("height").asInt()).as("a strip is no canvas").isBetween(20, 400);
        assertThat(row.path("title").asString()).endsWith("alone");
        String mine = row.path("link").asString();
        String page = host.open(mine).body();
        assertThat(page)
                .contains("viewBox=\"%d %d %d %d\""
                        .formatted(
                                row.path("x").asInt(),
                                row.path("y").asInt(),
                                row.path("width").asInt(),
                                row.path("height").asInt()))
                .contains(">First<")
                .contains("data-piece=\"strip\"");
        assertThat(page.split("data-piece=", -1)).as("and nothing else").hasSize(2);
        release("Another, which is very much longer than the first one was");
        JsonNode now = alone(host.get("/api/themes/" + theme + "/ledger").json());
        assertThat(now.path("width").asInt())
                .as("what is typed once stays right")
                .isEqualTo(row.path("width").asInt());
        assertThat(now.path("link").asString()).as("and so does the link").isEqualTo(mine);
        try (Ear outlet = Ear.outlet(mine).watch()) {
            outlet.await("welcome");
            release("Fourth");
            JsonNode patch = outlet.await("patch");
            assertThat(patch.path("y")).isEqualTo(row.path("y"));
            assertThat(patch.toString()).contains(">Fourth<");
        }
        assertThat(alone(host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "strip"))
                                .json())
                        .path("link")
                        .asString())
                .as("asked for twice it is the same")
                .isEqualTo(mine);
        assertThat(host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "heron"))
                        .status())
                .isEqualTo(409);
        assertThat(host.post(
                                "/api/themes/" + theme + "/sources",
                                wish.formatted(scene, "x").replace("PIECE:x", "BACK"))
                        .status())
                .isEqualTo(400);
        assertThat(host.post(
                                "/api/themes/" + theme + "/sources",
                                wish.formatted(scene, "x").replace("PIECE:x", "ATTIC"))
                        .status())
                .isEqualTo(400);
    }

    private static JsonNode alone(JsonNode ledger) {
        return ledger.path("rows")
                .valueStream()
                .filter(row -> row.path("part").asString().startsWith("PIECE:"))
                .findFirst()
                .orElseThrow();
    }
}
