package brandeon.server.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A theme that goes to somebody else as a file. */
@ExtendWith(RunningServer.class)
class PackageTest {

    private final RunningServer server;

    PackageTest(RunningServer server) {
        this.server = server;
    }

    private static byte[] bytes(Person who, String address) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer =
                who.http().send(who.request(address).build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).as(address).isEqualTo(200);
        return answer.body();
    }

    private static Person.Answer bringIn(Person who, byte[] packed) {
        return who.send(who.request("/api/packages")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(packed))
                .build());
    }

    private static Map<String, byte[]> entries(byte[] zip) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    private static JsonNode theme(Person who, String id) {
        return who.get("/api/themes/" + id).json().path("theme");
    }

    @Test
    void theSameThemeStandsInAnotherWorkspace() throws Exception {
        Person host = server.host();
        String demo = host.demo();
        Person other = server.stranger(Role.DESIGNER);
        byte[] packed = bytes(host, "/api/themes/" + demo + "/package.zip");
        Person.Answer brought = bringIn(other, packed);
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        String copy = brought.json().path("theme").asString();

        assertThat(theme(host, demo).path("artworks")).isNotEmpty();
        assertThat(theme(other, copy)).isEqualTo(theme(host, demo));
        Map<String, byte[]> before = entries(bytes(host, "/api/themes/" + demo + "/artworks/recoloured.zip"));
        Map<String, byte[]> after = entries(bytes(other, "/api/themes/" + copy + "/artworks/recoloured.zip"));
        assertThat(after.keySet()).isEqualTo(before.keySet());
        before.forEach((name, picture) -> assertThat(after.get(name)).as(name).isEqualTo(picture));
        assertThat(bytes(other, "/api/themes/" + copy + "/scenes/closing/canvases/wide/picture.png?width=1920"))
                .isEqualTo(bytes(host, "/api/themes/" + demo + "/scenes/closing/canvases/wide/picture.png?width=1920"));
        assertThat(other.get("/api/themes/" + copy + "/history").json()).isEmpty();
        assertThat(other.get("/api/themes/" + copy).json().path("onAir").asInt())
                .isZero();
        assertThat(bytes(other, "/api/themes/" + copy + "/package.zip"))
                .as("and out again")
                .isEqualTo(packed);
        assertThat(bringIn(other, packed).json().path("name").asString()).isEqualTo("Reedlight Hide, copy");
    }

    /** What the documents say of a file counts for nothing; the file itself is looked at as any upload is. */
    @Test
    void aHostilePackageLeavesNothing() throws Exception {
        Person other = server.stranger(Role.DESIGNER);
        Map<String, byte[]> entries =
                entries(bytes(server.host(), "/api/themes/" + server.host().demo() + "/package.zip"));
        String svg = entries.keySet().stream()
                .filter(name -> name.startsWith("files/"))
                .filter(name -> new String(entries.get(name), StandardCharsets.UTF_8).startsWith("<svg"))
                .findFirst()
                .orElseThrow();
        String script =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"9\" height=\"9\"><script>alert(1)</script><rect width=\"9\" height=\"9\" fill=\"#123456\"/></svg>";
        Person.Answer scripted = bringIn(other, with(entries, svg, script.getBytes(StandardCharsets.UTF_8)));
        assertThat(scripted.status()).as(scripted.body()).isIn(201, 400);
        if (scripted.status() == 201) {
            String id = scripted.json().path("theme").asString();
            Map<String, byte[]> again = entries(bytes(other, "/api/themes/" + id + "/package.zip"));
            again.remove("theme.json");
            byte[] kept = again.values().stream()
                    .filter(content -> new String(content, StandardCharsets.UTF_8).contains("#123456"))
                    .findFirst()
                    .orElseThrow();
            assertThat(new String(kept, StandardCharsets.UTF_8)).doesNotContain("script");
        }
        int themes = other.get("/api/themes").json().size();
        Person.Answer broken = bringIn(other, with(entries, svg, "<svg".getBytes(StandardCharsets.UTF_8)));
        assertThat(broken.status()).isEqualTo(400);
        assertThat(broken.detail()).contains("of this package");
        assertThat(bringIn(other, new byte[] {1, 2, 3}).detail()).contains("no zip");
        assertThat(other.get("/api/themes").json()).hasSize(themes);
    }

    /** With one file changed, and the manifest true of it. */
    private static byte[] with(Map<String, byte[]> entries, String name, byte[] content) throws Exception {
        Map<String, byte[]> changed = new LinkedHashMap<>(entries);
        changed.put(name, content);
        ObjectNode manifest =
                (ObjectNode) new tools.jackson.databind.json.JsonMapper().readTree(changed.get("manifest.json"));
        for (JsonNode line : manifest.path("files")) {
            if (("files/" + line.path("file").asString()).equals(name)) {
                ((ObjectNode) line).put("bytes", content.length);
                ((ObjectNode) line)
                        .put(
                                "sha256",
                                java.util.HexFormat.of()
                                        .formatHex(java.security.MessageDigest.getInstance("SHA-256")
                                                .digest(content)));
            }
        }
        changed.put("manifest.json", manifest.toString().getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : changed.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }
}
