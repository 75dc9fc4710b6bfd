package brandeon.server.layout;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LayoutTest {

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aThemeWithOneLiveScene(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Evening");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
    }

    @Test
    void aPieceOverTheEdgeIsFoundAndItsFixIsAnEditThatHelps() {
        String goal = piece("Goal");
        edit(
                "{\"edit\":\"setBox\",\"scene\":\"%s\",\"piece\":\"%s\",\"canvas\":\"wide\",\"box\":{\"x\":1800,\"y\":700,\"width\":300,\"height\":112}}"
                        .formatted(scene(), goal));
        assertThat(layout("wide").path("findings").findValuesAsString("kind")).contains("OUTSIDE_CANVAS");
        JsonNode finding = finding("OUTSIDE_CANVAS");
        assertThat(finding.path("fix").path("does").asString()).startsWith("Move it");
        assertThat(host.edit(theme, finding.path("fix").path("edit").toString()).status())
                .isEqualTo(200);
        assertThat(host.get("/api/themes/" + theme + "/findings").json().findValuesAsString("kind"))
                .doesNotContain("OUTSIDE_CANVAS");
    }

    @Test
    void allThatCanBeFixedIsFixedInOneStepAndUndoneInOne() {
        String goal = piece("Goal");
        edit(
                "{\"edit\":\"setBox\",\"scene\":\"%s\",\"piece\":\"%s\",\"canvas\":\"wide\",\"box\":{\"x\":1800,\"y\":700,\"width\":300,\"height\":112}}"
                        .formatted(scene(), goal));
        edit(
                "{\"edit\":\"setBox\",\"scene\":\"%s\",\"piece\":\"%s\",\"canvas\":\"upright\",\"box\":{\"x\":-30,\"y\":1000,\"width\":400,\"height\":112}}"
                        .formatted(scene(), goal));
        JsonNode before = theme();
        JsonNode repaired = host.post("/api/themes/" + theme + "/repair", "").json();
        assertThat(repaired.path("done").size()).isGreaterThanOrEqualTo(2);
        assertThat(repaired.path("left").findValuesAsString("kind"))
                .doesNotContain("OUTSIDE_CANVAS", "OUTSIDE_SAFE_AREA");
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(theme()).isEqualTo(before);
    }

    @Test
    void piecesAreAlignedAttachedAndAnchoredByComputation() {
        String goal = piece("Goal");
        String latest = piece("Latest supporter");
        host.post(
                "/api/themes/" + theme + "/arrange",
                "{\"arrange\":\"align\",\"scene\":\"%s\",\"canvas\":\"wide\",\"pieces\":[\"%s\",\"%s\"],\"alignment\":\"LEFT\"}"
                        .formatted(scene(), goal, latest));
        assertThat(box("wide", goal).path("x").asInt())
                .isEqualTo(box("wide", latest).path("x").asInt());
        host.post(
                "/api/themes/" + theme + "/arrange",
                "{\"arrange\":\"attach\",\"scene\":\"%s\",\"canvas\":\"wide\",\"piece\":\"%s\",\"to\":\"%s\",\"side\":\"BOTTOM\",\"along\":\"START\",\"gap\":10}"
                        .formatted(scene(), goal, latest));
        JsonNode to = box("wide", latest);
        assertThat(box("wide", goal).path("y").asInt())
                .isEqualTo(to.path("y").asInt() + to.path("height").asInt() + 10);
        Person.Answer circle = host.post(
                "/api/themes/" + theme + "/arrange",
                "{\"arrange\":\"attach\",\"scene\":\"%s\",\"canvas\":\"wide\",\"piece\":\"%s\",\"to\":\"%s\",\"side\":\"TOP\",\"along\":\"START\",\"gap\":10}"
                        .formatted(scene(), latest, goal));
        assertThat(circle.status()).isEqualTo(409);
        assertThat(circle.detail()).contains("circle").contains("Goal");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"arrange":"align","scene":"SCENE","canvas":"wide","pieces":[],"alignment":"LEFT"}                 | 400 | Select a piece
            {"arrange":"align","scene":"SCENE","canvas":"wide","pieces":["gone"],"alignment":"LEFT"}           | 400 | not on this scene
            {"arrange":"distribute","scene":"SCENE","canvas":"wide","pieces":["GOAL"],"across":true}           | 400 | three pieces
            {"arrange":"align","scene":"gone","canvas":"wide","pieces":["GOAL"],"alignment":"LEFT"}            | 404 | scene
            {"arrange":"align","scene":"SCENE","canvas":"gone","pieces":["GOAL"],"alignment":"LEFT"}           | 404 | canvas
            {"arrange":"tidy","scene":"SCENE","canvas":"wide"}                                                 | 400 | not well formed
            """)
    void aWishThatCannotBeIsExplained(String wish, int status, String says) {
        JsonNode before = theme();
        Person.Answer answer = host.post(
                "/api/themes/" + theme + "/arrange",
                wish.replace("SCENE", scene()).replace("GOAL", piece("Goal")));
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.detail()).contains(says);
        assertThat(theme()).isEqualTo(before);
    }

    @Test
    void aProposalForAnotherShapeIsShownBeforeItIsTaken() throws Exception {
        String goal = piece("Goal");
        edit(
                "{\"edit\":\"setSpot\",\"scene\":\"%s\",\"piece\":\"%s\",\"spot\":{\"by\":\"anchor\",\"anchor\":\"TOP_LEFT\",\"x\":1460,\"y\":640,\"width\":380,\"height\":112}}"
                        .formatted(scene(), goal));
        JsonNode proposal = host.get(
                        "/api/themes/" + theme + "/scenes/" + scene() + "/canvases/upright/proposal?from=wide")
                .json();
        assertThat(proposal.path("changes").asBoolean()).isTrue();
        assertThat(proposal.path("troubled").toString()).contains("Goal");
        HttpResponse<byte[]> picture = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/scenes/" + scene()
                                        + "/canvases/upright/proposal.png?from=wide&width=270")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(picture.statusCode()).isEqualTo(200);
        assertThat(ImageIO.read(new ByteArrayInputStream(picture.body())).getHeight())
                .isEqualTo(480);
        assertThat(host.edit(theme, proposal.path("edit").toString()).status()).isEqualTo(200);
        assertThat(layout("upright").path("findings").findValuesAsString("kind"))
                .doesNotContain("OUTSIDE_CANVAS");
        assertThat(host.get("/api/themes/" + theme + "/scenes/" + scene() + "/canvases/upright/proposal?from=wide")
                        .json()
                        .path("changes")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void peopleSeeWhereTheOthersAreAndWhatTheyHaveSelected() {
        Person other = server.member(server.demoWorkspace(), Role.DESIGNER);
        try (Ear mine = Ear.editor(host)) {
            mine.say(at("wide", "[]"));
            try (Ear theirs = Ear.editor(other)) {
                theirs.say(at("upright", "[\"goal\"]"));
                JsonNode people = mine.await(message -> message.path("people").size() == 1)
                        .path("people");
                assertThat(people.get(0).path("name").asString()).isEqualTo("Oskar Dunlin");
                assertThat(people.get(0).path("selected").get(0).asString()).isEqualTo("goal");
                assertThat(theirs.await("people")
                                .path("people")
                                .get(0)
                                .path("canvas")
                                .asString())
                        .isEqualTo("wide");
            }
            mine.await(message -> mine.heard().getLast() == message
                    && message.has("people")
                    && message.path("people").isEmpty()
                    && mine.heard().size() > 2);
        }
    }

    @Test
    void oneScenesLayoutsAreAskedForAlone() {
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"AWAY\"]}");
        assertThat(host.get("/api/themes/" + theme + "/layouts").json()).hasSize(4);
        JsonNode own =
                host.get("/api/themes/" + theme + "/layouts?scene=" + scene()).json();
        assertThat(own.findValuesAsString("scene"))
                .contains(scene())
                .doesNotContain(theme().path("scenes").get(1).path("id").asString());
        assertThat(host.get("/api/themes/" + theme + "/layouts?scene=gone").status())
                .isEqualTo(404);
    }

    @Test
    void nobodyHearsOfAThemeOfAnotherWorkspace() {
        Person stranger = server.stranger(Role.OWNER);
        try (Ear ear = Ear.editor(stranger)) {
            ear.say(at("wide", "[]"));
            assertThat(ear.await("error").path("detail").asString()).contains("no such theme");
        }
        for (String path : new String[] {"/layouts", "/findings", "/flashes", "/history"}) {
            assertThat(stranger.get("/api/themes/" + theme + path).status())
                    .as(path)
                    .isEqualTo(404);
        }
        assertThat(stranger.post("/api/themes/" + theme + "/repair", "").status())
                .isEqualTo(404);
    }

    private String at(String canvas, String selected) {
        return "{\"type\":\"at\",\"theme\":\"%s\",\"scene\":\"%s\",\"canvas\":\"%s\",\"selected\":%s}"
                .formatted(theme, scene(), canvas, selected);
    }

    private void edit(String edit) {
        assertThat(host.edit(theme, edit).status()).isEqualTo(200);
    }

    private JsonNode theme() {
        return host.get("/api/themes/" + theme).json().path("theme");
    }

    private String scene() {
        return theme().path("scenes").get(0).path("id").asString();
    }

    private String piece(String name) {
        return theme().path("pieces")
                .valueStream()
                .filter(piece -> piece.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private JsonNode layout(String canvas) {
        return host.get("/api/themes/" + theme + "/layouts")
                .json()
                .valueStream()
                .filter(layout -> layout.path("canvas").asString().equals(canvas))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode box(String canvas, String piece) {
        return layout(canvas)
                .path("pieces")
                .valueStream()
                .filter(view -> view.path("id").asString().equals(piece))
                .findFirst()
                .orElseThrow()
                .path("box");
    }

    private JsonNode finding(String kind) {
        return host.get("/api/themes/" + theme + "/findings")
                .json()
                .valueStream()
                .filter(finding -> finding.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }
}
