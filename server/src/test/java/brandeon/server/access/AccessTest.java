package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class AccessTest {

    /** Doors that carry their own proof, or that everybody may use. */
    private static final List<String> OPEN = List.of(
            "/api/session",
            "/api/session/passkey",
            "/api/session/passkey/challenge",
            "/api/welcome",
            "/api/accounts",
            "/api/passwords",
            "/api/recovery",
            "/api/recovery/{token}",
            "/inlets/{token}",
            "/inlets/mapped/{token}",
            "/cues/{token}",
            "/cues/{token}/undo",
            "/cues/{token}/redo",
            "/cues/{token}/alerts",
            "/cues/{token}/state",
            "/cues/{token}/track",
            "/cues/{token}/openapi.json",
            "/cues/{token}/cards/{piece}/{card}.png",
            "/cues/{token}/{about}/{deed}",
            "/tables/{token}",
            "/tables/{token}/rows/{first}",
            "/pictures/{hash}",
            "/painted/{workspace}/{name}/{proof}",
            "/sounds/{workspace}/{file}/{proof}",
            "/sounds/shipped/{id}/{name}",
            "/o/{token}",
            "/fonts/{file}",
            "/fonts.css");

    @Test
    void noRouteAnswersSomebodyWhoIsNotSignedIn(RunningServer server) {
        Person nobody = Person.unknown(server.address());
        nobody.get("/api/session");
        List<String> tried = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path :
                nobody.get("/api/openapi").json().path("paths").properties()) {
            if (OPEN.contains(path.getKey())) {
                continue;
            }
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                if (method.getKey().equals("get") && path.getKey().equals("/api/invitations/{token}")) {
                    continue;
                }
                String address =
                        path.getKey().replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                Person.Answer answer = nobody.send(nobody.request(address)
                        .header("Content-Type", "application/json")
                        .method(
                                method.getKey().toUpperCase(java.util.Locale.ROOT),
                                HttpRequest.BodyPublishers.ofString("{}"))
                        .build());
                assertThat(answer.status())
                        .as("%s %s", method.getKey(), path.getKey())
                        .isEqualTo(401);
                assertThat(answer.type()).startsWith("application/problem+json");
                tried.add(path.getKey());
            }
        }
        assertThat(tried).hasSizeGreaterThan(20);
    }

    @Test
    void aWrongPasswordAndAnUnknownAddressAnswerAlike(RunningServer server) {
        Person nobody = Person.unknown(server.address());
        nobody.get("/api/session");
        Person.Answer wrong = nobody.post(
                "/api/session", "{\"email\":\"host@reedlight.example\",\"password\":\"x\",\"standing\":false}");
        Person.Answer unknown = nobody.post(
                "/api/session", "{\"email\":\"nobody@reedlight.example\",\"password\":\"x\",\"standing\":false}");
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(unknown.detail()).isEqualTo(wrong.detail()).contains("do not belong together");
    }

    @Test
    void anotherWorkspacesThemeIsNotThere(RunningServer server) {
        String demo = server.host().demo();
        Person stranger = server.stranger(Role.OWNER);
        assertThat(stranger.get("/api/themes").json()).isEmpty();
        for (String path : List.of(
                "",
                "/layouts",
                "/brand",
                "/artworks",
                "/history",
                "/ledger",
                "/replacement",
                "/findings",
                "/flashes",
                "/scenes/hide/canvases/wide/proposal?from=upright",
                "/scenes/hide/canvases/wide/picture.png")) {
            assertThat(stranger.get("/api/themes/" + demo + path).status())
                    .as(path)
                    .isEqualTo(404);
        }
        for (String path :
                List.of("/undo", "/redo", "/on-air", "/on-air/back", "/replacement", "/repair", "/history/1/restore")) {
            assertThat(stranger.post("/api/themes/" + demo + path, "").status())
                    .as(path)
                    .isEqualTo(404);
        }
        assertThat(stranger.edit(demo, "{\"edit\":\"rename\",\"name\":\"Mine now\"}")
                        .status())
                .isEqualTo(404);
        assertThat(stranger.delete("/api/themes/" + demo).status()).isEqualTo(404);
        assertThat(stranger.post("/api/rig/fill", "{\"theme\":\"" + demo + "\",\"boxes\":false}")
                        .status())
                .isEqualTo(404);
        assertThat(server.host()
                        .get("/api/themes/" + demo)
                        .json()
                        .path("theme")
                        .path("name")
                        .asString())
                .isEqualTo("Reedlight Hide");
    }

    @Test
    void anotherWorkspacesSourceCannotBeIssuedAnew(RunningServer server) {
        JsonNode row = server.host()
                .get("/api/themes/" + server.host().demo() + "/ledger")
                .json()
                .path("rows")
                .get(0);
        Person stranger = server.stranger(Role.OWNER);
        assertThat(stranger.post("/api/outlets/" + row.path("outlet").asString() + "/reissue", "")
                        .status())
                .isEqualTo(404);
        assertThat(stranger.post("/api/outlets/" + row.path("outlet").asString() + "/withdraw", "")
                        .status())
                .isEqualTo(404);
        assertThat(Person.unknown(server.address())
                        .open(row.path("link").asString())
                        .status())
                .as("the link still works")
                .isEqualTo(200);
    }

    @Test
    void aViewerLooksButDoesNotTouch(RunningServer server) {
        UUID workspace = server.demoWorkspace();
        Person viewer = server.member(workspace, Role.VIEWER);
        String demo = viewer.demo();
        assertThat(viewer.get("/api/themes/" + demo).status()).isEqualTo(200);
        Person.Answer refused = viewer.edit(demo, "{\"edit\":\"rename\",\"name\":\"Mine now\"}");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.detail()).contains("viewer").contains("designer");
        assertThat(viewer.post("/api/themes/" + demo + "/on-air", "").status()).isEqualTo(403);
        for (String place : List.of("/artworks?name=x.png", "/faces")) {
            assertThat(viewer.send(viewer.request("/api/themes/" + demo + place)
                                    .header("Content-Type", "application/octet-stream")
                                    .POST(HttpRequest.BodyPublishers.ofByteArray(new byte[] {1}))
                                    .build())
                            .status())
                    .as("%s, before the file is even read", place)
                    .isEqualTo(403);
        }
        assertThat(server.member(workspace, Role.OPERATOR)
                        .delete("/api/themes/" + demo)
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aRequestWithoutThePagesOwnTokenIsRefused(RunningServer server) {
        Person host = server.host();
        Person.Answer answer = host.send(
                HttpRequest.newBuilder(java.net.URI.create(server.address() + "/api/themes/" + host.demo() + "/undo"))
                        .POST(HttpRequest.BodyPublishers.noBody())
                        .build());
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.detail()).contains("did not come from this page");
    }
}
