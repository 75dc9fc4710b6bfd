package brandeon.server.rig;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class RigTest {

    private static final String SOURCE =
            "{\"id\":\"b\",\"name\":\"Overlay\",\"kind\":\"BROWSER\",\"link\":\"%s\",\"width\":%d,\"height\":1080,\"behaviour\":\"%s\",\"shown\":true,\"x\":0,\"y\":0,\"scale\":%s,\"cropLeft\":0,\"cropTop\":0,\"cropRight\":0,\"cropBottom\":0,\"pattern\":\"\",\"box\":{\"width\":0,\"height\":0,\"across\":0.5,\"down\":0.5}}";

    private RunningServer server;
    private Person host;

    @BeforeEach
    void aRig(RunningServer running) {
        server = running;
        host = running.host();
    }

    @Test
    void onePressFillsItWithEverySceneOnEveryCanvasInTheOrderOfTheLedger() {
        String demo = host.demo();
        JsonNode rig = host.post("/api/rig/fill", "{\"theme\":\"" + demo + "\",\"boxes\":false}")
                .json()
                .path("rig");
        assertThat(rig.path("programs").findValuesAsString("canvas")).containsExactly("wide", "upright", "recording");
        for (JsonNode program : rig.path("programs")) {
            assertThat(program.path("scenes")
                            .valueStream()
                            .map(scene -> scene.path("id").asString()))
                    .containsExactly("starting", "hide", "desk", "away", "closing");
            JsonNode sources = program.path("scenes").get(1).path("sources");
            List<String> kinds = sources.valueStream()
                    .map(source -> source.path("kind").asString())
                    .toList();
            assertThat(kinds)
                    .as("the captures, and the scene above them")
                    .startsWith("CAPTURE")
                    .endsWith("CAPTURE", "BROWSER");
            for (JsonNode source : sources) {
                if (source.path("kind").asString().equals("BROWSER")) {
                    assertThat(source.path("width").asInt())
                            .isEqualTo(program.path("width").asInt());
                    assertThat(source.path("height").asInt())
                            .isEqualTo(program.path("height").asInt());
                    assertThat(host.open(source.path("link").asString()).status())
                            .isEqualTo(200);
                }
            }
            assertThat(sources.get(sources.size() - 1).path("link").asString())
                    .isEqualTo(host.link(demo, "hide", program.path("canvas").asString(), "WHOLE"));
        }
    }

    /**
     * The figures of the fit: a capture's picture at its scale, less what is cut off, covers the place that the ledger
     * names.
     */
    @Test
    void capturesAreFilledInWithPlaceScaleAndCrop() {
        JsonNode rig = host.post("/api/rig/fill", "{\"theme\":\"" + host.demo() + "\",\"boxes\":false}")
                .json()
                .path("rig");
        for (JsonNode program : rig.path("programs")) {
            for (JsonNode source : program.path("scenes").get(1).path("sources")) {
                if (source.path("kind").asString().equals("CAPTURE")) {
                    double width = (source.path("width").asInt()
                                    - source.path("cropLeft").asInt()
                                    - source.path("cropRight").asInt())
                            * source.path("scale").asDouble();
                    double height = (source.path("height").asInt()
                                    - source.path("cropTop").asInt()
                                    - source.path("cropBottom").asInt())
                            * source.path("scale").asDouble();
                    assertThat(source.path("x").asDouble())
                            .isBetween(-8.0, program.path("width").asDouble());
                    assertThat(source.path("x").asDouble() + width)
                            .as(source.path("name").asString())
                            .isLessThanOrEqualTo(program.path("width").asDouble() + 8);
                    assertThat(source.path("y").asDouble() + height)
                            .isLessThanOrEqualTo(program.path("height").asDouble() + 8);
                    assertThat(Math.min(width, height))
                            .as("large enough to be seen")
                            .isGreaterThan(200);
                }
            }
        }
    }

    @Test
    void whatIsNotOnAirCannotBeFilledIn() {
        Person.Answer answer =
                host.post("/api/rig/fill", "{\"theme\":\"" + host.newTheme("Unaired") + "\",\"boxes\":false}");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).contains("Put it on air first");
        assertThat(host.post("/api/rig/fill", "{\"theme\":\"00000000-0000-0000-0000-000000000000\",\"boxes\":false}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void linksAndSizesTypedByHandAreKeptHoweverWrongTheyAre() {
        Person owner = server.stranger(Role.OWNER);
        assertThat(owner.get("/api/rig").json().path("version").asLong()).isZero();
        JsonNode kept = owner.put("/api/rig", rig(0, SOURCE.formatted("not a link", 640, "RESTART_ON_ENTRY", "1")))
                .json();
        assertThat(kept.path("version").asLong()).isEqualTo(1);
        JsonNode source = owner.get("/api/rig")
                .json()
                .path("rig")
                .path("programs")
                .get(0)
                .path("scenes")
                .get(0)
                .path("sources")
                .get(0);
        assertThat(source.path("link").asString()).isEqualTo("not a link");
        assertThat(source.path("width").asInt()).isEqualTo(640);
        assertThat(source.path("behaviour").asString()).isEqualTo("RESTART_ON_ENTRY");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0     | KEEP_RUNNING | 1    | out of range
            20000 | KEEP_RUNNING | 1    | out of range
            640   | KEEP_RUNNING | 0    | scale of 0
            640   | KEEP_RUNNING | 17   | scale of 17
            640   | NAP          | 1    | NAP
            """)
    void whatNoSourceCanBeIsExplainedAndChangesNothing(int width, String behaviour, String scale, String sentence) {
        Person owner = server.stranger(Role.OWNER);
        Person.Answer answer = owner.put("/api/rig", rig(0, SOURCE.formatted("", width, behaviour, scale)));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail()).contains(sentence);
        assertThat(owner.get("/api/rig").json().path("version").asLong()).isZero();
    }

    @Test
    void aRigHoldsSixHundredSourcesAndNotOneMore() {
        Person owner = server.stranger(Role.OWNER);
        String source = SOURCE.formatted("", 640, "KEEP_RUNNING", "1");
        assertThat(owner.put("/api/rig", rig(0, String.join(",", java.util.Collections.nCopies(601, source))))
                        .detail())
                .contains("at most 600");
        assertThat(owner.put("/api/rig", rig(0, String.join(",", java.util.Collections.nCopies(600, source))))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aViewerLooksAndAnotherWorkspaceHasItsOwn() {
        Person viewer = server.stranger(Role.VIEWER);
        assertThat(viewer.get("/api/rig").json().path("rig").path("programs")).isEmpty();
        assertThat(viewer.put("/api/rig", rig(0, SOURCE.formatted("", 640, "KEEP_RUNNING", "1")))
                        .status())
                .isEqualTo(403);
        assertThat(viewer.post("/api/rig/fill", "{\"theme\":\"" + host.demo() + "\",\"boxes\":false}")
                        .status())
                .isEqualTo(403);
        assertThat(server.stranger(Role.OPERATOR)
                        .post("/api/rig/fill", "{\"theme\":\"" + host.demo() + "\",\"boxes\":false}")
                        .status())
                .as("a theme of another workspace")
                .isEqualTo(404);
    }

    private static String rig(long version, String sources) {
        return "{\"version\":%d,\"rig\":{\"programs\":[{\"id\":\"p\",\"name\":\"Program\",\"canvas\":\"\",\"width\":1920,\"height\":1080,\"scenes\":[{\"id\":\"s\",\"name\":\"Scene\",\"sources\":[%s]}]}],\"kept\":[]}}"
                .formatted(version, sources);
    }
}
