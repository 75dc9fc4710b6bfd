package brandeon.server.whole;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import brandeon.server.support.Zips;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A whole workspace that goes to a machine on which there is nothing yet, and comes back as it was. */
@Tag("slow")
@ExtendWith(RunningServer.class)
class WorkspaceFileTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final RunningServer server;

    WorkspaceFileTest(RunningServer server) {
        this.server = server;
    }

    private static Person.Answer bringIn(Person who, byte[] file) {
        return who.send(who.request("/api/workspaces/file")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .build());
    }

    private static JsonNode document(byte[] file) throws IOException {
        return JSON.readTree(new String(Zips.entries(file).get("workspace.json"), StandardCharsets.UTF_8));
    }

    /** What a document says apart from links, which are others on each machine. */
    private static JsonNode withoutLinks(JsonNode document) {
        ObjectNode plain = (ObjectNode) document.deepCopy();
        plain.path("themes").forEach(theme -> ((ObjectNode) theme).remove("links"));
        // What is in them is compared itself.
        plain.path("entries").forEach(entry -> ((ObjectNode) entry).remove(List.of("bytes", "sha256")));
        plain.put("rig", plain.path("rig").asString().replaceAll("http://[^\"]*/o/[A-Za-z0-9_-]+", "LINK"));
        return plain;
    }

    @Test
    void itsDocumentIsAsItsSchemaSays() throws Exception {
        byte[] file = takenOut(server.host(), server.demoWorkspace().toString());
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(Files.readString(Path.of("../docs/workspace.schema.json")))
                        .validate(
                                new String(Zips.entries(file).get("workspace.json"), StandardCharsets.UTF_8),
                                InputFormat.JSON))
                .isEmpty();
    }

    private static byte[] takenOut(Person who, String workspace) {
        return who.bytes("/api/workspaces/" + workspace + "/file.zip");
    }

    @Test
    void standsOnAnEmptyMachineAsItWas() throws Exception {
        Person host = server.host();
        String demo = host.demo();
        JsonNode rig = host.post("/api/rig/fill", "{\"theme\":\"" + demo + "\",\"boxes\":false}")
                .json();
        assertThat(rig.path("rig").path("programs")).as(rig.toString()).isNotEmpty();
        Person.Answer counted =
                host.cue(demo, "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":7}");
        assertThat(counted.status()).as(counted.body()).isEqualTo(200);
        // Two of one name stay so.
        host.newTheme("Twice");
        host.newTheme("Twice");
        byte[] file = takenOut(host, server.demoWorkspace().toString());
        try (TestDatabase database = new TestDatabase();
                ServerProcess other = ServerProcess.empty(database)) {
            Person ilse = Person.unknown(other.address());
            ilse.get("/api/welcome");
            assertThat(ilse.post(
                                    "/api/accounts",
                                    "{\"name\":\"Ilse Fenn\",\"email\":\"ilse@reedlight.example\",\"password\":\"four reeds and a lantern\",\"invitation\":\"\"}")
                            .status())
                    .isEqualTo(201);
            Person.Answer brought = bringIn(ilse, file);
            assertThat(brought.status()).as(brought.body()).isEqualTo(201);
            String workspace = brought.json().path("workspace").asString();
            // Every link of a source has another one here, which shows something.
            JsonNode links = brought.json().path("links");
            assertThat(links).hasSizeGreaterThan(10);
            for (JsonNode link : links) {
                String path = link.path("newLink").asString().replaceFirst("http://[^/]+", "");
                assertThat(ilse.open(path).status()).as(path).isEqualTo(200);
            }
            byte[] again = takenOut(ilse, workspace);
            assertThat(withoutLinks(document(again))).isEqualTo(withoutLinks(document(file)));
            Map<String, byte[]> before = Zips.entries(file);
            Map<String, byte[]> after = Zips.entries(again);
            assertThat(after.keySet()).isEqualTo(before.keySet());
            for (String name : before.keySet()) {
                if (name.startsWith("themes/")) {
                    same(name, before.get(name), after.get(name));
                }
            }
            // The rig holds the new links.
            assertThat(document(again).path("rig").asString()).contains(other.address());
            assertThat(document(again).path("rig").asString())
                    .doesNotContain(document(file)
                            .path("themes")
                            .path(0)
                            .path("links")
                            .path(0)
                            .path("link")
                            .asString());
        }
    }

    /** Byte for byte, but for photographs: they travel as PNG, so that no pixel changes, and stay that. */
    private static void same(String name, byte[] before, byte[] after) throws IOException {
        ObjectNode theme = (ObjectNode) JSON.readTree(Zips.entries(before).get("theme.json"));
        JsonNode back = JSON.readTree(Zips.entries(after).get("theme.json"));
        boolean photographs = false;
        for (int i = 0; i < theme.path("artworks").size(); i++) {
            ObjectNode picture = (ObjectNode) theme.path("artworks").path(i);
            if (picture.path("type").asString().equals("image/jpeg")) {
                photographs = true;
                picture.put("type", "image/png");
                picture.set("file", back.path("artworks").path(i).path("file"));
            }
        }
        assertThat(back).as(name).isEqualTo(theme);
        assertThat(Arrays.equals(before, after)).as(name).isEqualTo(!photographs);
    }

    @Test
    void aDamagedOrHostileFileIsRefusedAndNothingIsKept() throws Exception {
        byte[] file = takenOut(server.host(), server.demoWorkspace().toString());
        Person other = server.stranger(Role.OWNER);
        int before = other.get("/api/session").json().path("workspaces").size();
        for (int tenth = 1; tenth < 10; tenth++) {
            refused(other, Arrays.copyOf(file, file.length * tenth / 10));
            byte[] damaged = file.clone();
            for (int i = 0; i < 64; i++) {
                damaged[file.length * tenth / 10 + i] ^= 0x55;
            }
            Person.Answer answer = bringIn(other, damaged);
            // What is hit may be the space of a link that no check sees; all else is refused.
            assertThat(answer.status()).as(answer.body()).isIn(400, 409);
        }
        Map<String, byte[]> foreign = new LinkedHashMap<>(Zips.entries(file));
        foreign.put("../outside.txt", new byte[] {1});
        refused(other, Zips.zip(foreign));
        Map<String, byte[]> without = new LinkedHashMap<>(Zips.entries(file));
        without.remove("themes/1.zip");
        refused(other, Zips.zip(without));
        Map<String, byte[]> exchanged = new LinkedHashMap<>(Zips.entries(file));
        exchanged.put("themes/1.zip", "PK nothing".getBytes(StandardCharsets.UTF_8));
        refused(other, Zips.zip(exchanged));
        ObjectNode circle = (ObjectNode) document(file).deepCopy();
        ((ObjectNode) circle.path("themes").path(0)).put("channel", 99);
        Map<String, byte[]> wrong = new LinkedHashMap<>(Zips.entries(file));
        wrong.put("workspace.json", JSON.writeValueAsBytes(circle));
        refused(other, Zips.zip(wrong));
        refused(other, new byte[0]);
        refused(other, "no zip at all".getBytes(StandardCharsets.UTF_8));
        assertThat(other.get("/api/session").json().path("workspaces")).hasSize(before);
    }

    private static void refused(Person who, byte[] file) {
        Person.Answer answer = bringIn(who, file);
        assertThat(answer.status()).as(answer.body()).isEqualTo(400);
        assertThat(answer.detail()).endsWith(".");
    }

    @Test
    void aCopyIsMadeEachDayAndOldOnesGo() throws Exception {
        Person owner = server.stranger(Role.OWNER);
        String theme = owner.newTheme("Kept daily");
        String workspace = owner.get("/api/session")
                .json()
                .path("workspaces")
                .path(0)
                .path("id")
                .asString();
        WorkspaceCopies copies = server.bean(WorkspaceCopies.class);
        LocalDate first = LocalDate.of(2026, 10, 1);
        Member member = server.bean(Workspaces.class).lastingOwners().stream()
                .filter(one -> one.workspace().toString().equals(workspace))
                .findFirst()
                .orElseThrow();
        for (int day = 0; day < 39; day++) {
            copies.daily(member, first.plusDays(day));
        }
        // As the server does it each day, and of a day that has one already.
        copies.daily(first.plusDays(39));
        copies.daily(member, first.plusDays(39));
        List<LocalDate> kept = owner.get("/api/workspaces/" + workspace + "/copies")
                .json()
                .valueStream()
                .map(one -> LocalDate.parse(one.path("day").asString()))
                .toList();
        // Seven days, the newest first; and the first that there is of each of five weeks.
        assertThat(kept.subList(0, 7))
                .isEqualTo(IntStream.range(0, 7)
                        .mapToObj(i -> LocalDate.of(2026, 11, 9).minusDays(i))
                        .toList());
        assertThat(kept.subList(7, kept.size()))
                .containsExactly(
                        LocalDate.of(2026, 11, 2),
                        LocalDate.of(2026, 10, 26),
                        LocalDate.of(2026, 10, 19),
                        LocalDate.of(2026, 10, 12));
        byte[] copy = owner.bytes("/api/workspaces/" + workspace + "/copies/2026-11-09");
        assertThat(document(copy).path("themes")).hasSize(1);
        assertThat(owner.get("/api/workspaces/" + workspace + "/copies/2026-01-01")
                        .status())
                .isEqualTo(404);
        Person.Answer back = bringIn(owner, copy);
        assertThat(back.status()).as(back.body()).isEqualTo(201);
        assertThat(back.json().path("name").asString()).endsWith(" 2");
        assertThat(theme).isNotEmpty();
        try (Stream<Path> files =
                Files.walk(Path.of("target/copies", UUID.fromString(workspace).toString()))) {
            assertThat(files.filter(file -> file.toString().endsWith(".part"))).isEmpty();
        }
    }
}
