package brandeon.server.text;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.text.Face;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class FaceTest {

    private static final byte[] FILE = Face.FRAUNCES.bytes().orElseThrow();

    private Person host;
    private String theme;

    @BeforeEach
    void aThemeOnAir(RunningServer server) {
        host = server.host();
        theme = host.newTheme("Faces");
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"s\",\"kind\":\"SCREEN\",\"name\":\"S\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{\"title\":\"Dusk\"},\"figures\":{},\"inlay\":null}}");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"start\",\"name\":\"Start\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("s", "FULL") + "]}}");
    }

    @Test
    void anOwnFaceReachesThePublishedPicture() throws Exception {
        Person.Answer taken = send(FILE);
        assertThat(taken.status()).isEqualTo(201);
        assertThat(taken.json().path("title").asString()).contains("Fraunces");
        String face = taken.json().path("face").asString();
        assertThat(host.edit(theme, "{\"edit\":\"setFace\",\"use\":\"HEADING\",\"face\":\"" + face + "\"}")
                        .status())
                .isEqualTo(200);
        host.post("/api/themes/" + theme + "/on-air", "");
        String hash = face.substring("file-".length());
        Person broadcaster = Person.unknown(host.address());
        assertThat(broadcaster.open(host.link(theme, "start", "wide", "WHOLE")).body())
                .contains(
                        "font-family=\"'Brandeon own " + hash + "'\"",
                        "src:url(/fonts/" + hash + ")",
                        "\"faces\":[",
                        "\"/fonts/" + hash + "\"");
        HttpResponse<byte[]> served = broadcaster
                .http()
                .send(broadcaster.request("/fonts/" + hash).build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(served.body()).isEqualTo(FILE);
        assertThat(host.get("/api/themes/" + theme + "/artworks/credits.md").body())
                .contains("| **not said** | **not said** | **not said** |");
    }

    @Test
    void aDamagedFontIsRefusedAndNothingIsChanged() {
        long version = host.get("/api/themes/" + theme).json().path("version").asLong();
        Person.Answer cut = send(Arrays.copyOf(FILE, FILE.length / 3));
        assertThat(cut.status()).isEqualTo(400);
        assertThat(cut.detail()).isEqualTo("This font is cut short: a table lies outside the file.");
        assertThat(send("reeds".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .detail())
                .contains("TTF and OTF can");
        assertThat(host.get("/api/themes/" + theme).json().path("version").asLong())
                .isEqualTo(version);
    }

    @Test
    void aFaceThatTheThemeDoesNotHaveIsNotSet() {
        assertThat(host.edit(theme, "{\"edit\":\"setFace\",\"use\":\"TEXT\",\"face\":\"file-" + "0".repeat(64) + "\"}")
                        .status())
                .isEqualTo(409);
        assertThat(host.edit(theme, "{\"edit\":\"setFace\",\"use\":\"TEXT\",\"face\":\"COMIC\"}")
                        .status())
                .isEqualTo(400);
        assertThat(Person.unknown(host.address())
                        .get("/fonts/" + "0".repeat(64))
                        .status())
                .isEqualTo(404);
    }

    private Person.Answer send(byte[] file) {
        return host.send(host.request("/api/themes/" + theme + "/faces")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .build());
    }
}
