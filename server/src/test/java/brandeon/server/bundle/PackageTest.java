package brandeon.server.bundle;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import brandeon.server.support.Zips;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
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

    private static JsonNode theme(Person who, String id) {
        return who.get("/api/themes/" + id).json().path("theme");
    }

    /** The demo in a workspace of its own: in its own one, other tests run its show. */
    private String demo(Person owner) throws Exception {
        Person host = server.host();
        Person.Answer brought = bringIn(owner, bytes(host, "/api/themes/" + host.demo() + "/package.zip"));
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        return brought.json().path("theme").asString();
    }

    @Test
    void theSameThemeStandsInAnotherWorkspace() throws Exception {
        Person host = server.host();
        Person owner = server.stranger(Role.OWNER);
        String demo = demo(owner);
        assertThat(theme(owner, demo)).isEqualTo(theme(host, host.demo()));
        Person other = server.stranger(Role.DESIGNER);
        byte[] packed = bytes(owner, "/api/themes/" + demo + "/package.zip");
        Person.Answer brought = bringIn(other, packed);
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        String copy = brought.json().path("theme").asString();

        assertThat(theme(owner, demo).path("artworks")).isNotEmpty();
        assertThat(theme(other, copy)).isEqualTo(theme(owner, demo));
        Map<String, byte[]> before = Zips.entries(bytes(owner, "/api/themes/" + demo + "/artworks/recoloured.zip"));
        Map<String, byte[]> after = Zips.entries(bytes(other, "/api/themes/" + copy + "/artworks/recoloured.zip"));
        assertThat(after.keySet()).isEqualTo(before.keySet());
        before.forEach((name, picture) -> assertThat(after.get(name)).as(name).isEqualTo(picture));
        assertThat(bytes(other, "/api/themes/" + copy + "/scenes/closing/canvases/wide/picture.png?width=1920"))
                .isEqualTo(
                        bytes(owner, "/api/themes/" + demo + "/scenes/closing/canvases/wide/picture.png?width=1920"));
        assertThat(other.get("/api/themes/" + copy + "/history").json()).isEmpty();
        assertThat(other.get("/api/themes/" + copy).json().path("onAir").asInt())
                .isZero();
        assertThat(bytes(other, "/api/themes/" + copy + "/package.zip"))
                .as("and out again")
                .isEqualTo(packed);
        assertThat(bringIn(other, packed).json().path("name").asString()).isEqualTo("Reedlight Hide, copy");
    }

    private static Person.Answer sent(Person who, String address, byte[] packed) {
        return who.send(who.request(address)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(packed))
                .build());
    }

    /** Every scene on every canvas, as pictures. */
    private static Map<String, byte[]> pictures(Person who, String theme) throws Exception {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        JsonNode document = theme(who, theme);
        for (JsonNode scene : document.path("scenes")) {
            for (JsonNode canvas : document.path("canvases")) {
                String place = "/scenes/" + scene.path("id").asString() + "/canvases/"
                        + canvas.path("id").asString();
                pictures.put(
                        place,
                        bytes(
                                who,
                                "/api/themes/" + theme + place + "/picture.png?width="
                                        + canvas.path("size").path("width").asInt()));
            }
        }
        return pictures;
    }

    /** What is random about it is the same on every run. */
    private static String random(Person who, int seed) {
        Random random = new Random(seed);
        String theme = who.newTheme("Random " + seed);
        String families = who.get("/api/catalogue")
                .json()
                .path("families")
                .valueStream()
                .map(family -> family.path("id").asString())
                .sorted()
                .skip(random.nextInt(3))
                .findFirst()
                .orElseThrow();
        who.post(
                "/api/themes/" + theme + "/start",
                "{\"family\":\"" + families + "\",\"roles\":[\"STARTING\",\"LIVE\",\"AWAY\"]}");
        for (int i = 0; i < 3; i++) {
            who.post(
                    "/api/themes/" + theme + "/edits",
                    "{\"edit\":{\"edit\":\"setSeed\",\"index\":0,\"colour\":\""
                            + String.format(Locale.ROOT, "#%06x", random.nextInt(1 << 24)) + "\"},\"gesture\":\"\"}");
        }
        who.post(
                "/api/themes/" + theme + "/edits",
                "{\"edit\":{\"edit\":\"setCorner\",\"corner\":" + random.nextDouble() + "},\"gesture\":\"\"}");
        JsonNode piece = theme(who, theme).path("pieces").get(random.nextInt(3));
        who.post(
                "/api/themes/" + theme + "/edits",
                "{\"edit\":{\"edit\":\"renamePiece\",\"piece\":" + piece.path("id") + ",\"name\":\"Möwe “" + seed
                        + "”\"},\"gesture\":\"\"}");
        return theme;
    }

    @Test
    @Tag("slow")
    void everySceneIsTheSameToThePixelElsewhere() throws Exception {
        Person designer = server.stranger(Role.OWNER);
        Map<String, Person> themes = new LinkedHashMap<>();
        Person owner = server.stranger(Role.OWNER);
        themes.put(demo(owner), owner);
        for (int seed = 1; seed <= 5; seed++) {
            themes.put(random(designer, seed), designer);
        }
        for (Map.Entry<String, Person> one : themes.entrySet()) {
            Person other = server.stranger(Role.OWNER);
            Person.Answer brought =
                    bringIn(other, bytes(one.getValue(), "/api/themes/" + one.getKey() + "/package.zip"));
            assertThat(brought.status()).as(brought.body()).isEqualTo(201);
            String copy = brought.json().path("theme").asString();
            Map<String, byte[]> after = pictures(other, copy);
            Map<String, byte[]> before = pictures(one.getValue(), one.getKey());
            assertThat(after.keySet()).isEqualTo(before.keySet()).isNotEmpty();
            before.forEach((place, picture) ->
                    assertThat(after.get(place)).as(one.getKey() + place).isEqualTo(picture));
            byte[] again = bytes(other, "/api/themes/" + copy + "/package.zip");
            Map<String, byte[]> first =
                    Zips.entries(bytes(one.getValue(), "/api/themes/" + one.getKey() + "/package.zip"));
            Map<String, byte[]> second = Zips.entries(again);
            first.keySet().stream()
                    .filter(name -> name.startsWith("previews/") || name.startsWith("recoloured/"))
                    .forEach(name -> assertThat(second.get(name)).as(name).isEqualTo(first.get(name)));
            assertThat(first.keySet()).anyMatch(name -> name.startsWith("previews/"));
        }
    }

    @Test
    void aPackageIsLookedAtAndWantedInOnesOwnBrandAndWords() throws Exception {
        Person host = server.host();
        byte[] packed = bytes(host, "/api/themes/" + host.demo() + "/package.zip");
        Person streamer = server.stranger(Role.OWNER);
        String mine = streamer.newTheme("Mine");
        streamer.post("/api/channels", "{\"name\":\"mine on birch\",\"platform\":\"birch\"}");
        streamer.post(
                "/api/themes/" + mine + "/edits",
                "{\"edit\":{\"edit\":\"setSeeds\",\"seeds\":[\"#aa3355\",\"#ddbb66\"]},\"gesture\":\"\"}");
        String birch = streamer.get("/api/channels")
                .json()
                .valueStream()
                .filter(one -> one.path("name").asString().equals("mine on birch"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        JsonNode look =
                sent(streamer, "/api/packages/look?channel=" + birch, packed).json();
        assertThat(look.path("extent").asString()).isEqualTo("THEME");
        assertThat(look.path("name").asString()).isEqualTo("Reedlight Hide");
        assertThat(look.path("previews").size()).isGreaterThan(4);
        assertThat(look.path("previews").get(0).path("picture").asString()).startsWith("data:image/png;base64,");
        assertThat(look.path("needs").toString()).contains("does not send");
        assertThat(look.path("words").path("to").asString()).isEqualTo("Birch");
        assertThat(look.path("parts").path("commands").asInt()).isEqualTo(6);
        int themes = streamer.get("/api/themes").json().size();
        assertThat(themes).as("nothing is kept by looking").isEqualTo(1);

        Person.Answer brought = sent(
                streamer, "/api/packages?brand=" + mine + "&channel=" + birch + "&words=true&instead=" + mine, packed);
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        assertThat(brought.json().path("figures").path("pictures").asInt()).isEqualTo(5);
        String id = brought.json().path("theme").asString();
        JsonNode theme = theme(streamer, id);
        assertThat(theme.path("brand").path("seeds").toString()).isEqualTo("[\"#aa3355\",\"#ddbb66\"]");
        assertThat(theme.path("bot").toString()).contains("latest member").doesNotContain("ubscriber is");
        assertThat(streamer.get("/api/themes/" + id).json().path("movedFrom").asString())
                .isEqualTo(mine);
        String show = streamer.show(id);
        assertThat(streamer.get("/api/shows/" + show + "/tables").body()).contains("Sightings");
        assertThat(streamer.get("/api/shows/" + show + "/desk").body()).contains("Opening");
        JsonNode again =
                sent(streamer, "/api/packages/look?channel=" + birch, packed).json();
        assertThat(again.path("conflicts").toString())
                .contains("a theme called Reedlight Hide", "a table sightings", "a sequence Opening");
    }

    @Test
    void aSceneIsPutIntoAnotherThemeAndTakenOutAgain() throws Exception {
        Person host = server.host();
        byte[] packed = bytes(host, "/api/themes/" + host.demo() + "/package.zip?extent=SCENE&of=closing");
        Person other = server.stranger(Role.DESIGNER);
        String mine = other.newTheme("Mine");
        JsonNode before = theme(other, mine);
        assertThat(sent(other, "/api/packages/look", packed)
                        .json()
                        .path("extent")
                        .asString())
                .isEqualTo("SCENE");
        Person.Answer whole = bringIn(other, packed);
        assertThat(whole.status()).isEqualTo(400);
        assertThat(whole.detail()).contains("choose the theme");
        Person.Answer put = sent(other, "/api/themes/" + mine + "/packages", packed);
        assertThat(put.status()).as(put.body()).isEqualTo(200);
        assertThat(theme(other, mine).path("scenes"))
                .hasSize(before.path("scenes").size() + 1);
        other.post("/api/themes/" + mine + "/undo", "");
        assertThat(theme(other, mine).path("scenes")).isEqualTo(before.path("scenes"));
        assertThat(theme(other, mine).path("pieces")).isEqualTo(before.path("pieces"));
        for (String part : new String[] {"extent=BRAND", "extent=ALERTS", "extent=PIECE&of=camera-frame"}) {
            byte[] one = bytes(host, "/api/themes/" + host.demo() + "/package.zip?" + part);
            assertThat(sent(other, "/api/themes/" + mine + "/packages", one).status())
                    .as(part)
                    .isEqualTo(200);
        }
        assertThat(host.get("/api/themes/" + host.demo() + "/package.zip?extent=SCENE&of=gone")
                        .status())
                .isEqualTo(400);
        assertThat(host.get("/api/themes/" + host.demo() + "/package.zip?extent=MOON")
                        .status())
                .isEqualTo(400);
    }

    /** Nothing of it is stored, wherever it was cut. */
    @Test
    void aPackageThatIsDamagedAtAnyTenthLeavesNothing() throws Exception {
        byte[] packed = bytes(server.host(), "/api/themes/" + server.host().demo() + "/package.zip");
        Person other = server.stranger(Role.DESIGNER);
        for (int tenth = 0; tenth < 10; tenth++) {
            byte[] cut = Arrays.copyOf(packed, packed.length * tenth / 10);
            assertThat(bringIn(other, cut).status()).as("cut at " + tenth).isEqualTo(400);
            byte[] damaged = packed.clone();
            int at = packed.length * tenth / 10 + packed.length / 20;
            for (int i = at; i < Math.min(at + 64, packed.length); i++) {
                damaged[i] ^= 0x55;
            }
            Person.Answer answer = bringIn(other, damaged);
            assertThat(answer.status())
                    .as("damaged at " + tenth + ": " + answer.body())
                    .isEqualTo(400);
            assertThat(sent(other, "/api/packages/look", damaged).status()).isEqualTo(400);
        }
        assertThat(other.get("/api/themes").json()).isEmpty();
    }

    @Test
    void itsDocumentsAreAsTheirSchemasSay() throws Exception {
        Map<String, byte[]> entries =
                Zips.entries(bytes(server.host(), "/api/themes/" + server.host().demo() + "/package.zip"));
        for (Map.Entry<String, String> one : Map.of(
                        "manifest.json", "package.schema.json", "theme.json", "theme.schema.json")
                .entrySet()) {
            assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                            .getSchema(Files.readString(Path.of("../docs/" + one.getValue())))
                            .validate(new String(entries.get(one.getKey()), StandardCharsets.UTF_8), InputFormat.JSON))
                    .as(one.getKey())
                    .isEmpty();
        }
    }

    /** What the documents say of a file counts for nothing; the file itself is looked at as any upload is. */
    @Test
    void aHostilePackageLeavesNothing() throws Exception {
        Person other = server.stranger(Role.DESIGNER);
        Map<String, byte[]> entries =
                Zips.entries(bytes(server.host(), "/api/themes/" + server.host().demo() + "/package.zip"));
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
            Map<String, byte[]> again = Zips.entries(bytes(other, "/api/themes/" + id + "/package.zip"));
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
        return Zips.zip(changed);
    }
}
