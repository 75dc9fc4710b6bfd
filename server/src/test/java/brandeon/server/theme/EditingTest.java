package brandeon.server.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class EditingTest {

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aFreshTheme(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Evening");
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"band\",\"kind\":\"BAND\",\"name\":\"Band\",\"captures\":[],\"content\":{},\"figures\":{},\"inlay\":null,\"mustShow\":false,\"handsOff\":false,\"share\":\"\"}}");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"hide\",\"name\":\"Hide\",\"role\":\"LIVE\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("band", "BAND") + "]}}");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            not json                                                                                        | 400
            {}                                                                                              | 400
            {"edit":"rename"}                                                                               | 400
            {"edit":"explode","name":"x"}                                                                   | 400
            {"edit":"setSeed","index":0,"colour":"lantern"}                                                 | 400
            {"edit":"setBox","scene":"hide","piece":"band","canvas":"wide","box":{"x":0,"y":0,"width":1,"tall":1}}    | 400
            {"edit":"setBox","scene":"hide","piece":"band","canvas":"wide","box":{"x":0,"y":0,"width":-4,"height":9}}    | 400
            {"edit":"setBox","scene":"hide","piece":"band","canvas":"wide","box":{"x":0,"y":0,"width":0,"height":0}}     | 409
            {"edit":"setBox","scene":"gone","piece":"band","canvas":"wide","box":{"x":0,"y":0,"width":90,"height":90}}   | 409
            {"edit":"setContent","piece":"band","field":"message","value":"{open"}                             | 409
            {"edit":"removePiece","piece":"gone"}                                                           | 409
            """)
    void aWrongEditIsExplainedAndChangesNothing(String edit, int status) {
        JsonNode before = host.get("/api/themes/" + theme).json();
        Person.Answer answer = host.edit(theme, edit);
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.detail())
                .hasSizeGreaterThan(15)
                .doesNotContain("brandeon.core")
                .doesNotContain("Exception");
        assertThat(host.get("/api/themes/" + theme).json()).isEqualTo(before);
    }

    @Test
    void anEditThatChangesNothingIsNoLineOfTheHistory() {
        host.edit(theme, "{\"edit\":\"rename\",\"name\":\"Dusk\"}");
        host.edit(theme, "{\"edit\":\"rename\",\"name\":\"Dawn\"}");
        host.post("/api/themes/" + theme + "/undo", "");
        int lines = host.get("/api/themes/" + theme + "/history").json().size();
        Person.Answer same = host.edit(theme, "{\"edit\":\"rename\",\"name\":\"Dusk\"}");
        assertThat(same.status()).isEqualTo(200);
        assertThat(same.json().path("canRedo").asBoolean())
                .as("what was undone can still be done again")
                .isTrue();
        assertThat(host.get("/api/themes/" + theme + "/history").json()).hasSize(lines);
    }

    @Test
    void undoAndRedoSurviveANewSession() {
        host.edit(theme, "{\"edit\":\"rename\",\"name\":\"First\"}");
        host.edit(theme, "{\"edit\":\"rename\",\"name\":\"Second\"}");
        Person again = server.host();
        assertThat(again.post("/api/themes/" + theme + "/undo", "")
                        .json()
                        .path("change")
                        .path("name")
                        .asString())
                .isEqualTo("First");
        assertThat(again.post("/api/themes/" + theme + "/undo", "")
                        .json()
                        .path("change")
                        .path("name")
                        .asString())
                .isEqualTo("Evening");
        JsonNode redone =
                server.host().post("/api/themes/" + theme + "/redo", "").json();
        assertThat(redone.path("change").path("name").asString()).isEqualTo("First");
        assertThat(redone.path("canRedo").asBoolean()).isTrue();
        assertThat(again.edit(theme, "{\"edit\":\"rename\",\"name\":\"Third\"}")
                        .json()
                        .path("canRedo")
                        .asBoolean())
                .as("a new edit ends what could be redone")
                .isFalse();
        assertThat(again.post("/api/themes/" + theme + "/redo", "").status()).isEqualTo(409);
    }

    @Test
    void aDragIsUndoneAsOne() {
        for (int x = 0; x < 5; x++) {
            host.edit(theme, box(100 + x), "drag-1");
        }
        // The middle of the box lies in the lowest third and the left one.
        assertThat(corrections().path("WIDE").path("anchor").asString()).isEqualTo("BOTTOM_LEFT");
        assertThat(corrections().path("WIDE").path("x").asInt()).isEqualTo(104);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(corrections()).isEmpty();
        host.post("/api/themes/" + theme + "/redo", "");
        assertThat(corrections().path("WIDE").path("x").asInt()).isEqualTo(104);
    }

    @Test
    void everybodyUndoesTheirOwn() {
        Person other = server.member(server.demoWorkspace(), Role.DESIGNER);
        host.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.9}");
        other.edit(theme, "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"label\",\"value\":\"Dusk\"}");
        host.post("/api/themes/" + theme + "/undo", "");
        JsonNode after = host.get("/api/themes/" + theme).json().path("theme");
        assertThat(after.path("brand").path("corner").asDouble()).isEqualTo(0.5);
        assertThat(after.path("pieces").get(0).path("content").path("label").asString())
                .as("the other's edit stays")
                .isEqualTo("Dusk");
        assertThat(server.host()
                        .get("/api/themes/" + theme + "/history")
                        .json()
                        .get(1)
                        .path("who")
                        .asString())
                .isEqualTo("Oskar Dunlin");
    }

    @Test
    void whatCannotBeUndoneAnyMoreDoesNotStandInTheWay() {
        Person other = server.member(server.demoWorkspace(), Role.DESIGNER);
        other.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.9}");
        other.edit(theme, "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"label\",\"value\":\"Dusk\"}");
        assertThat(host.edit(theme, "{\"edit\":\"removePiece\",\"piece\":\"band\"}")
                        .status())
                .isEqualTo(200);
        Person.Answer undone = other.post("/api/themes/" + theme + "/undo", "");
        assertThat(undone.status()).as(undone.body()).isEqualTo(200);
        assertThat(corner()).as("what came before is undone").isEqualTo(0.5);
        Person.Answer gone = other.post("/api/themes/" + theme + "/undo", "");
        assertThat(gone.status()).isEqualTo(409);
        assertThat(gone.detail()).as("says why").contains("deleted");
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(other.post("/api/themes/" + theme + "/undo", "").status())
                .as("the piece is back, and so is what can be done with it")
                .isEqualTo(200);
        assertThat(other.post("/api/themes/" + theme + "/redo", "").status()).isEqualTo(200);
        assertThat(other.post("/api/themes/" + theme + "/redo", "").status()).isEqualTo(200);
        assertThat(corner()).isEqualTo(0.9);
    }

    private double corner() {
        return host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("brand")
                .path("corner")
                .asDouble();
    }

    @Test
    void editsOfTwoPeopleAtOnceAreAllKept() {
        Person other = server.member(server.demoWorkspace(), Role.DESIGNER);
        long before = host.get("/api/themes/" + theme).json().path("version").asLong();
        List<CompletableFuture<Person.Answer>> answers = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            Person person = i % 2 == 0 ? host : other;
            answers.add(person.later(person.request("/api/themes/" + theme + "/edits")
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString("{\"edit\":" + box(100 + i) + ",\"gesture\":\"\"}"))
                    .build()));
        }
        assertThat(answers)
                .allSatisfy(answer -> assertThat(answer.join().status()).isEqualTo(200));
        assertThat(host.get("/api/themes/" + theme).json().path("version").asLong())
                .isEqualTo(before + 40);
    }

    @Test
    void historySaysWhoDidWhatAndTheThemeCanGoBackToAnyPointOfIt() {
        Person other = server.member(server.demoWorkspace(), Role.DESIGNER);
        host.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.9}");
        JsonNode then = host.get("/api/themes/" + theme).json().path("theme");
        long number = host.get("/api/themes/" + theme + "/history")
                .json()
                .get(0)
                .path("number")
                .asLong();
        other.edit(theme, "{\"edit\":\"renamePiece\",\"piece\":\"band\",\"name\":\"Low band\"}");
        host.edit(theme, box(300));
        host.post("/api/themes/" + theme + "/undo", "");
        host.post("/api/themes/" + theme + "/redo", "");
        JsonNode history = host.get("/api/themes/" + theme + "/history").json();
        assertThat(history.findValuesAsString("deed"))
                .contains("Placed Low band on Hide, wide", "Named a piece Low band", "Changed the corners");
        JsonNode before = host.get("/api/themes/" + theme).json().path("theme");
        assertThat(host.post("/api/themes/" + theme + "/history/" + number + "/restore", "")
                        .json()
                        .path("theme"))
                .isEqualTo(then);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(host.get("/api/themes/" + theme).json().path("theme"))
                .as("going back is a change like others")
                .isEqualTo(before);
        assertThat(host.post("/api/themes/" + theme + "/history/999999/restore", "")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void wrongNamesInAddressesAreExplained() {
        assertThat(host.get("/api/themes/nonsense").status()).isEqualTo(400);
        assertThat(host.get("/api/themes/" + theme + "/scenes/gone/canvases/wide/picture.png")
                        .detail())
                .contains("scene");
        assertThat(host.get("/api/themes/" + theme + "/scenes/hide/canvases/wide/picture.png?width=99999")
                        .status())
                .isEqualTo(400);
        assertThat(host.post("/api/themes", "{\"name\":\"  \"}").detail()).contains("between 1 and 120");
    }

    private JsonNode corrections() {
        return host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("stack")
                .get(0)
                .path("corrections");
    }

    private static String box(int x) {
        return "{\"edit\":\"setBox\",\"scene\":\"hide\",\"piece\":\"band\",\"canvas\":\"wide\",\"box\":{\"x\":" + x
                + ",\"y\":900,\"width\":300,\"height\":66}}";
    }
}
