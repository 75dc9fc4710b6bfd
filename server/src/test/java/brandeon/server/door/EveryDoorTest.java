package brandeon.server.door;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every door through which facts, tables, sounds and scripts come in, with all that nobody should send through it. */
@ExtendWith(RunningServer.class)
class EveryDoorTest {

    private record Door(String name, String method, String path, String type, boolean signedIn) {}

    private static final int MB = 1 << 20;

    private Person host;
    private String theme;
    private String show;
    private String channel;
    private final List<Door> doors = new ArrayList<>();

    @BeforeEach
    void allDoors(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Doors");
        show = host.show(theme);
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        String inlet = path(host.get("/api/channels/" + channel + "/inlet")
                .json()
                .path("address")
                .asString());
        String mapped = path(host.post("/api/channels/" + channel + "/mapped", "{\"name\":\"Tip page\"}")
                .json()
                .path("address")
                .asString());
        String tables = "/api/shows/" + show + "/tables";
        var table = host.post(tables, "{\"title\":\"Birds\"}").json();
        String outside = path(table.path("address").asString());
        String file = "application/octet-stream";
        doors.add(new Door("inlet", "POST", inlet, "application/cloudevents+json", false));
        doors.add(new Door("inlet, many at once", "POST", inlet, "application/cloudevents-batch+json", false));
        doors.add(new Door("mapped inlet", "POST", mapped, "application/json", false));
        doors.add(new Door("table as CSV", "PUT", outside, "text/csv", false));
        doors.add(new Door("table as JSON", "PUT", outside, "application/json", false));
        doors.add(new Door("row of a table", "PUT", outside + "/rows/Teal", "application/json", false));
        doors.add(new Door("CSV", "POST", tables + "/" + table.path("id").asString() + "/csv", file, true));
        doors.add(new Door(
                "edit of a table",
                "POST",
                tables + "/" + table.path("id").asString() + "/edits",
                "application/json",
                true));
        doors.add(new Door("sound", "POST", "/api/themes/" + theme + "/sounds?name=x.wav", file, true));
        doors.add(new Door("script", "POST", "/api/scripts/read", file, true));
        doors.add(new Door("rehearsal", "POST", "/api/channels/" + channel + "/rehearsals?name=x", file, true));
        doors.add(new Door("chat", "PUT", "/api/shows/" + show + "/chat", "application/json", true));
        doors.add(new Door(
                "correction", "POST", "/api/shows/" + show + "/readings/correction", "application/json", true));
        doors.add(new Door("platform", "POST", "/api/platforms", "application/json", true));
    }

    private static String path(String address) {
        return URI.create(address).getPath();
    }

    private static Map<String, byte[]> bodies() {
        Map<String, byte[]> bodies = new LinkedHashMap<>();
        bodies.put("nothing", new byte[0]);
        bodies.put("10 MB", "x".repeat(10 * MB).getBytes(StandardCharsets.UTF_8));
        bodies.put("100,000 lines", "a,b\n".repeat(100_000).getBytes(StandardCharsets.UTF_8));
        bodies.put("one text without an end", ("[{\"name\":\"" + "x".repeat(3 * MB)).getBytes(StandardCharsets.UTF_8));
        bodies.put(
                "other types than wanted",
                "{\"specversion\":7,\"name\":[1],\"Name\":{},\"edit\":{},\"words\":\"no\",\"links\":\"no\",\"value\":\"x\"}"
                        .getBytes(StandardCharsets.UTF_8));
        bodies.put("a list of other types", "[1,\"a\",null,[[]],{\"Name\":[]}]".getBytes(StandardCharsets.UTF_8));
        bodies.put("deep", "[".repeat(50_000).getBytes(StandardCharsets.UTF_8));
        bodies.put("no text", new byte[] {0, (byte) 0xFF, (byte) 0xFE, 1, 2, 3, 0, 0});
        bodies.put("half a letter", "{\"nobody\":\"\\ud800\"}".getBytes(StandardCharsets.UTF_8));
        return bodies;
    }

    /** Whether it says how long it is or not. */
    private Person.Answer sent(Door door, byte[] body, boolean open) {
        Person who = door.signedIn() ? host : Person.unknown(host.address());
        HttpRequest.BodyPublisher publisher = open
                ? HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(body))
                : HttpRequest.BodyPublishers.ofByteArray(body);
        return who.send(who.request(door.path())
                .header("Content-Type", door.type())
                .method(door.method(), publisher)
                .build());
    }

    private String everything() {
        return host.get("/api/channels/" + channel + "/record").body()
                + host.get("/api/shows/" + show + "/readings").json().path("lines")
                + host.get("/api/shows/" + show + "/tables").json().get(0).path("version")
                + host.get("/api/shows/" + show + "/rehearsals").body()
                + host.get("/api/shows/" + show + "/chat").body()
                + host.get("/api/themes/" + theme + "/sounds").json().path("own")
                + host.get("/api/platforms").body()
                + host.get("/api/themes/" + theme).json().path("version");
    }

    @Test
    void whateverIsSentIsRefusedInASentenceAndChangesNothing() {
        String before = everything();
        for (Door door : doors) {
            bodies().forEach((what, body) -> {
                Person.Answer answer = sent(door, body, false);
                assertThat(answer.status())
                        .as("%s: %s: %s", door.name(), what, answer.body())
                        .isBetween(400, 499);
                assertThat(answer.detail())
                        .as("%s: %s", door.name(), what)
                        .isNotBlank()
                        .doesNotContain("Feature", "brandeon.", "java.");
            });
            Person.Answer chunked = sent(door, bodies().get("100,000 lines"), true);
            assertThat(chunked.status())
                    .as("%s, of unknown length", door.name())
                    .isBetween(400, 499);
        }
        assertThat(everything()).isEqualTo(before);
    }

    /** Browsers send all of a file before they read; a connection that is closed meanwhile loses them the sentence. */
    @Test
    void whoSendsAllOfWhatIsTooLongStillReadsWhy() throws IOException {
        URI server = URI.create(host.address());
        byte[] part = new byte[MB];
        for (Door door : doors) {
            try (Socket socket = new Socket(server.getHost(), server.getPort())) {
                OutputStream out = socket.getOutputStream();
                out.write(String.join(
                                "\r\n",
                                door.method() + " " + door.path() + " HTTP/1.1",
                                "Host: " + server.getAuthority(),
                                "Content-Type: " + door.type(),
                                "Content-Length: " + 70 * MB,
                                "",
                                "")
                        .getBytes(StandardCharsets.US_ASCII));
                for (int sent = 0; sent < 70; sent++) {
                    out.write(part);
                }
                out.flush();
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                assertThat(answer).as(door.name()).startsWith("HTTP/1.1 413").contains("Nothing was kept");
            }
        }
    }

    @Test
    void aWrongSignatureOrAddressIsRefused() {
        String before = everything();
        String event =
                "{\"specversion\":\"1.0\",\"id\":\"1\",\"source\":\"/t\",\"type\":\"alder.follow\",\"data\":{\"name\":\"Ilse\"}}";
        Person nobody = Person.unknown(host.address());
        for (String signature : List.of("", "sha256=", "sha256=" + "0".repeat(64), "x".repeat(5000))) {
            HttpRequest.Builder request = nobody.request(doors.getFirst().path())
                    .header("Content-Type", "application/cloudevents+json")
                    .POST(HttpRequest.BodyPublishers.ofString(event));
            if (!signature.isEmpty()) {
                request.header("Brandeon-Signature", signature);
            }
            assertThat(nobody.send(request.build()).status()).isEqualTo(401);
        }
        doors.stream().filter(door -> !door.signedIn()).forEach(door -> {
            Door wrong = new Door(
                    door.name(),
                    door.method(),
                    door.path().replaceFirst("[\\w-]{43}", "A".repeat(43)),
                    door.type(),
                    false);
            assertThat(sent(wrong, "[]".getBytes(StandardCharsets.UTF_8), false).status())
                    .as(door.name())
                    .isEqualTo(404);
        });
        assertThat(everything()).isEqualTo(before);
    }
}
