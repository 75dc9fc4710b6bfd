package brandeon.server.recolour;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.pack.Apng;
import brandeon.server.access.Role;
import brandeon.server.file.FileSweep;
import brandeon.server.file.Files;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ArtworkTest {

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aTheme(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Pictures");
        host.edit(theme, "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"#4f8f5b\"}");
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "gif", "webp"})
    void aPictureIsTakenInAndPaintedInTheBrand(String format) throws Exception {
        Person.Answer answer = send("red." + format, picture(format, new Color(0xc0392b), 200, 100));
        assertThat(answer.status()).isEqualTo(201);
        JsonNode view = answer.json();
        assertThat(view.path("artwork").path("width").asInt()).isEqualTo(200);
        assertThat(view.path("landings").get(0).path("difference").asDouble()).isLessThan(1.5);
        BufferedImage after = image("/" + view.path("artwork").path("id").asString() + "/after");
        assertThat(difference(after.getRGB(100, 50), "#4f8f5b")).isLessThan(2.5);
        BufferedImage before = image("/" + view.path("artwork").path("id").asString() + "/before");
        assertThat(difference(before.getRGB(100, 50), "#c0392b"))
                .as("the file itself is never changed")
                .isLessThan(2.5);
    }

    @Test
    void itFollowsTheBrand() throws Exception {
        String id = send("red.png", picture("png", new Color(0xc0392b), 40, 40))
                .json()
                .path("artwork")
                .path("id")
                .asString();
        host.edit(theme, "{\"edit\":\"setPin\",\"role\":\"ACCENT\",\"colour\":\"#8855cc\"}");
        assertThat(difference(image("/" + id + "/after").getRGB(20, 20), "#8855cc"))
                .isLessThan(1.5);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(difference(image("/" + id + "/after").getRGB(20, 20), "#4f8f5b"))
                .isLessThan(1.5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"gif", "png"})
    void aPictureThatMovesIsColouredByAFilterAndKeptAsPixelsAlone(String format) throws Exception {
        byte[] moving = format.equals("gif")
                ? ArtworkTest.class.getResourceAsStream("/demo/beacon.gif").readAllBytes()
                : blinking();
        JsonNode view = send("blink." + format, moving).json();
        assertThat(view.path("artwork").path("moving").asBoolean()).isTrue();
        assertThat(view.path("artwork").path("type").asString()).isEqualTo("image/png");
        assertThat(view.path("filter").asString()).startsWith("hue-rotate(");
        String path = "/api/themes/" + theme + "/artworks/"
                + view.path("artwork").path("id").asString() + "/after";
        byte[] served = host.http()
                .send(host.request(path).build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
        assertThat(served).as("not a byte is served as it was sent").isNotEqualTo(moving);
        assertThat(new String(served, StandardCharsets.ISO_8859_1)).contains("acTL", "fcTL", "fdAT");
    }

    private static byte[] blinking() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Apng apng = new Apng(bytes, 2, 10, 0)) {
            for (int i = 0; i < 2; i++) {
                apng.frame(ImageIO.read(new ByteArrayInputStream(
                        picture("png", i == 0 ? new Color(0xc0392b) : new Color(0x7c2416), 40, 40))));
            }
        }
        return bytes.toByteArray();
    }

    /**
     * A GIF whose comment is a script: as a script it ran, from this very host (GIF89a, section 24: comment
     * extension).
     */
    @Test
    void aPictureThatIsAlsoAScriptIsAPictureAloneAfterwards() throws Exception {
        byte[] gif = picture("gif", new Color(0xc0392b), 40, 40);
        ByteArrayOutputStream both = new ByteArrayOutputStream();
        both.write(gif, 0, gif.length - 1);
        both.writeBytes(new byte[] {0x21, (byte) 0xfe, 20});
        both.writeBytes("*/=1;alert(document)".getBytes(StandardCharsets.US_ASCII));
        both.writeBytes(new byte[] {0, 0x3b});
        JsonNode artwork = send("both.gif", both.toByteArray()).json().path("artwork");
        assertThat(artwork.path("type").asString()).isEqualTo("image/png");
        HttpResponse<String> before = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/artworks/"
                                        + artwork.path("id").asString() + "/before")
                                .build(),
                        HttpResponse.BodyHandlers.ofString(StandardCharsets.ISO_8859_1));
        assertThat(before.body()).doesNotContain("alert");
        assertThat(before.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(before.headers().firstValue("Content-Disposition").orElse(""))
                .startsWith("attachment");
        assertThat(before.headers().firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'")
                .contains("sandbox");
        assertThat(before.headers().firstValue("Content-Type")).contains("image/png");
        HttpResponse<String> asScript = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/artworks/"
                                        + artwork.path("id").asString() + "/before")
                                .header("Sec-Fetch-Dest", "script")
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(asScript.statusCode()).isEqualTo(403);
    }

    /** Size, type and colours of a file are the server's to say; whoever invents them is not believed. */
    @Test
    void whatAnEditSaysOfAFileIsNotBelieved() throws Exception {
        String file = send("red.png", picture("png", new Color(0xc0392b), 40, 30))
                .json()
                .path("artwork")
                .path("file")
                .asString();
        Person.Answer answer = host.edit(theme, artworkEdit("lie", file));
        assertThat(answer.status()).isEqualTo(200);
        JsonNode kept = find(answer.json().path("change").path("artworks"), "lie");
        assertThat(kept.path("type").asString()).isEqualTo("image/png");
        assertThat(kept.path("width").asInt()).isEqualTo(40);
        assertThat(kept.path("clusters")).hasSize(1);
        Person.Answer unknown =
                host.edit(theme, "{\"edit\":\"batch\",\"edits\":[" + artworkEdit("lie2", "0".repeat(64)) + "]}");
        assertThat(unknown.status()).isEqualTo(409);
        assertThat(unknown.detail()).contains("not kept in this workspace");
    }

    private static JsonNode find(JsonNode artworks, String id) {
        for (JsonNode artwork : artworks) {
            if (artwork.path("id").asString().equals(id)) {
                return artwork;
            }
        }
        throw new AssertionError("There is no " + id);
    }

    private static String artworkEdit(String id, String file) {
        return "{\"edit\":\"addArtwork\",\"index\":0,\"artwork\":{\"id\":\"" + id + "\",\"name\":\"x\",\"file\":\""
                + file + "\",\"type\":\"text/javascript\",\"width\":9,\"height\":9,\"moving\":false,\"clusters\":[],"
                + "\"openings\":{\"openings\":[],\"reason\":\"\",\"key\":null},\"drawn\":null,\"recolouring\":{\"method\":\"SHIFT\",\"roles\":{},\"kept\":[]},\"provenance\":{\"origin\":\"\",\"licence\":\"\",\"credit\":\"\"}}}";
    }

    /** 300 pictures of one drop were edits within edits, 249 deep, when no JSON reader would go deeper. */
    @Test
    void aDropOfThreeHundredPicturesIsOneStepAndCanBeGoneBackOver() throws Exception {
        byte[] tiny = picture("png", new Color(0xc0392b), 4, 4);
        for (int i = 0; i < 300; i++) {
            assertThat(send("p" + i + ".png", tiny, "drop").status())
                    .as("picture %d", i)
                    .isEqualTo(201);
        }
        Person.Answer more = send("one-too-many.png", tiny, "drop");
        assertThat(more.status()).isEqualTo(409);
        assertThat(more.detail()).contains("at most 300");
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(list()).isEmpty();
        assertThat(host.post("/api/themes/" + theme + "/redo", "")
                        .json()
                        .path("change")
                        .path("artworks"))
                .hasSize(300);
        assertThat(host.post("/api/themes/" + theme + "/history/1/restore", "")
                        .json()
                        .path("theme")
                        .path("artworks"))
                .isEmpty();
    }

    @Test
    void whatNothingNamesIsSweptAfterATime() throws Exception {
        String kept = send("kept.png", picture("png", new Color(0x123456), 8, 8))
                .json()
                .path("artwork")
                .path("file")
                .asString();
        String other = host.newTheme("To be deleted");
        String gone = host.send(host.request("/api/themes/" + other + "/artworks?name=gone.png")
                        .header("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(picture("png", new Color(0x654321), 8, 8)))
                        .build())
                .json()
                .path("artwork")
                .path("file")
                .asString();
        UUID workspace = server.demoWorkspace();
        Files files = server.bean(Files.class);
        server.bean(FileSweep.class).sweep(0);
        assertThat(files.about(workspace, gone)).as("a history may name it").isPresent();
        host.delete("/api/themes/" + other);
        server.bean(FileSweep.class).sweep(24 * 60);
        assertThat(files.about(workspace, gone)).as("not at once").isPresent();
        server.bean(FileSweep.class).sweep(0);
        assertThat(files.about(workspace, gone)).isEmpty();
        assertThat(files.about(workspace, kept)).isPresent();
    }

    @Test
    void aColourThatIsToStayChangesTheNameOfTheResult() throws Exception {
        JsonNode before = send(
                        "two.svg",
                        "<svg xmlns='http://www.w3.org/2000/svg' width='80' height='40'><rect width='80' height='40' fill='#c0392b'/><rect width='20' height='40' fill='#2c6fbb'/></svg>"
                                .getBytes(StandardCharsets.UTF_8))
                .json();
        String id = before.path("artwork").path("id").asString();
        host.edit(
                theme,
                "{\"edit\":\"setRecolouring\",\"artwork\":\"" + id
                        + "\",\"recolouring\":{\"method\":\"SHIFT\",\"roles\":{\"0\":\"ACCENT\"},\"kept\":[]}}");
        String follows = list().get(0).path("state").asString();
        host.edit(
                theme,
                "{\"edit\":\"setRecolouring\",\"artwork\":\"" + id
                        + "\",\"recolouring\":{\"method\":\"SHIFT\",\"roles\":{\"0\":\"ACCENT\"},\"kept\":[1]}}");
        assertThat(list().get(0).path("state").asString())
                .as("else the earlier picture would be shown for ever")
                .isNotEqualTo(follows);
    }

    /**
     * What an outlet asks for: no sign-in, an address that says how it is made and that only this server can have
     * given.
     */
    @Test
    void aRecolouredPictureIsFoundAtItsAddressAloneAndAtNoOther() throws Exception {
        JsonNode view =
                send("red.png", picture("png", new Color(0xc0392b), 40, 40)).json();
        String name = view.path("state").asString();
        UUID workspace = server.demoWorkspace();
        String address = server.bean(PaintedAddresses.class).address(workspace, name);
        HttpResponse<byte[]> answer = host.http()
                .send(
                        HttpRequest.newBuilder(URI.create(host.address() + address))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Cache-Control").orElse("")).contains("immutable");
        int pixel = ImageIO.read(new ByteArrayInputStream(answer.body())).getRGB(20, 20);
        Colour target = Colour.parse(view.path("landings").get(0).path("target").asString());
        assertThat(Difference.ciede2000(Colour.parse("#%06x".formatted(pixel & 0xffffff)), target))
                .isLessThan(1.5);
        String invented = name.substring(0, name.length() - 6) + "123456";
        for (String wrong : new String[] {
            address.replace(name, invented),
            address.replace(workspace.toString(), UUID.randomUUID().toString()),
            address.substring(0, address.length() - 1),
            "/painted/" + name,
            "/painted/" + workspace + "/" + name + "/x"
        }) {
            assertThat(host.http()
                            .send(
                                    HttpRequest.newBuilder(URI.create(host.address() + wrong))
                                            .build(),
                                    HttpResponse.BodyHandlers.ofString())
                            .statusCode())
                    .as(wrong)
                    .isEqualTo(404);
        }
    }

    @Test
    void aPictureLaidIntoAPieceReachesTheSceneAndItsPng() throws Exception {
        String id = send("red.png", picture("png", new Color(0xc0392b), 40, 40))
                .json()
                .path("artwork")
                .path("id")
                .asString();
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"badge\",\"kind\":\"PICTURE\",\"name\":\"Badge\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
        host.edit(
                theme,
                "{\"edit\":\"setInlay\",\"piece\":\"badge\",\"inlay\":{\"artwork\":\"" + id
                        + "\",\"blend\":\"NORMAL\",\"strength\":1,\"fit\":\"STRETCH\"}}");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"s\",\"name\":\"Badge only\",\"role\":\"LIVE\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("badge", "FULL") + "]}}");
        byte[] png = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/scenes/s/canvases/wide/picture.png")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        int pixel = ImageIO.read(new ByteArrayInputStream(png)).getRGB(960, 540);
        Colour target = Colour.parse(
                list().get(0).path("landings").get(0).path("target").asString());
        assertThat(Difference.ciede2000(Colour.parse("#%06x".formatted(pixel & 0xffffff)), target))
                .isLessThan(1.5);
        assertThat(host.edit(theme, "{\"edit\":\"removeArtwork\",\"artwork\":\"" + id + "\"}")
                        .detail())
                .isEqualTo("Badge shows this picture; take it off there first.");
    }

    /**
     * A ready-made frame of 400 × 300 with an opening of 320 × 240: on a 4:3 place the capture fits behind it at once.
     */
    @Test
    void aReadyMadeFrameTakesItsCaptureAtOnce() throws Exception {
        BufferedImage frame = new BufferedImage(400, 300, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = frame.createGraphics();
        graphics.setColor(new Color(0x6a4a2c));
        graphics.fillRect(0, 0, 400, 30);
        graphics.fillRect(0, 270, 400, 30);
        graphics.fillRect(0, 0, 40, 300);
        graphics.fillRect(360, 0, 40, 300);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(frame, "png", png);
        JsonNode artwork = send("frame.png", png.toByteArray()).json().path("artwork");
        assertThat(artwork.path("openings")
                        .path("openings")
                        .get(0)
                        .path("outline")
                        .asString())
                .isEqualTo("RECTANGLE");
        String id = artwork.path("id").asString();
        JsonNode opening = openingOf(id);
        assertThat(opening.path("box").path("x").asDouble()).as("100 + 2 × 40").isEqualTo(180);
        assertThat(opening.path("box").path("y").asDouble()).isEqualTo(160);
        assertThat(opening.path("box").path("width").asDouble()).isEqualTo(640);
        assertThat(opening.path("box").path("height").asDouble()).isEqualTo(480);
        assertThat(opening.path("fit").path("crop").path("left").asInt())
                .as("1280 × 720 in 4:3 loses its sides")
                .isPositive();
    }

    /**
     * A ring of 400 × 300 whose opening, a parallelogram, is filled with a key: first hidden, then free, then drawn
     * smaller.
     */
    @Test
    void aKeyedOpeningIsFreedAndCanBeDrawnByHand() throws Exception {
        BufferedImage frame = new BufferedImage(400, 300, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = frame.createGraphics();
        graphics.setColor(new Color(0x6a4a2c));
        graphics.fillPolygon(new int[] {100, 400, 300, 0}, new int[] {0, 0, 300, 300}, 4);
        graphics.setColor(new Color(0x00ff00));
        graphics.fillPolygon(new int[] {120, 360, 280, 40}, new int[] {30, 30, 270, 270}, 4);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(frame, "png", png);
        JsonNode view = send("keyed.png", png.toByteArray()).json();
        String id = view.path("artwork").path("id").asString();
        assertThat(view.path("notes").get(0).asString())
                .startsWith("Only the ground around this picture is see-through; its opening is filled with #00ff00");
        JsonNode freed = host.post("/api/themes/" + theme + "/artworks/" + id + "/key-removal", "")
                .json();
        assertThat(freed.path("artwork").path("openings").path("key").isNull()).isTrue();
        assertThat(freed.path("artwork")
                        .path("openings")
                        .path("openings")
                        .get(0)
                        .path("outline")
                        .asString())
                .isEqualTo("SLANTED");
        byte[] content = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/artworks/" + id + "/before")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(content));
        assertThat(kept.getRGB(200, 150) >>> 24).as("the opening").isZero();
        assertThat(kept.getRGB(32, 250)).as("the border").isEqualTo(0xff6a4a2c);
        Person.Answer again = host.post("/api/themes/" + theme + "/artworks/" + id + "/key-removal", "");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.detail()).contains("no opening that is filled with a keying colour");

        JsonNode opening = openingOf(id);
        assertThat(opening.path("masked").asBoolean())
                .as("beside a slanted ring the capture would stick out")
                .isTrue();
        BufferedImage mask = ImageIO.read(new ByteArrayInputStream(host.http()
                .send(
                        host.request("/api/themes/" + theme + "/pieces/f/mask.png?canvas=wide&scene=s")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body()));
        long white = IntStream.range(0, mask.getWidth() * mask.getHeight())
                .filter(i -> mask.getRGB(i % mask.getWidth(), i / mask.getWidth()) >>> 24 > 128)
                .count();
        double scale = opening.path("fit").path("scale").asDouble();
        assertThat(white * scale * scale / 4)
                .as("240 × 240 of the picture, and a little under the ring; its box is 320 × 240")
                .isBetween(57_600.0, 57_600 * 1.06);

        assertThat(host.edit(
                                theme,
                                "{\"edit\":\"setOpenings\",\"artwork\":\"" + id
                                        + "\",\"openings\":[{\"box\":{\"x\":100,\"y\":75,\"width\":200,\"height\":150},\"outline\":\"ELLIPSE\",\"corner\":0,\"edge\":[],\"soft\":10,\"bare\":true}]}")
                        .status())
                .isEqualTo(200);
        JsonNode drawn = host.get("/api/themes/" + theme + "/scenes/s/canvases/wide")
                .json()
                .path("openings")
                .get(0);
        assertThat(drawn.path("box").path("width").asDouble()).as("200 × 2").isEqualTo(400);
        assertThat(drawn.path("bleed").asDouble())
                .as("a fade of 10 × 2 px and one more")
                .isEqualTo(21);
        assertThat(host.edit(
                                theme,
                                "{\"edit\":\"setOpenings\",\"artwork\":\"" + id
                                        + "\",\"openings\":[{\"box\":{\"x\":100,\"y\":75,\"width\":0,\"height\":150},\"outline\":\"ELLIPSE\",\"corner\":0,\"edge\":[],\"soft\":10,\"bare\":true}]}")
                        .status())
                .isIn(400, 409);
        host.edit(theme, "{\"edit\":\"dropOpenings\",\"artwork\":\"" + id + "\"}");
        assertThat(host.get("/api/themes/" + theme + "/scenes/s/canvases/wide")
                        .json()
                        .path("openings")
                        .get(0)
                        .path("box"))
                .isEqualTo(opening.path("box"));
    }

    @Test
    void theFormatIsWhatTheContentSays() throws Exception {
        JsonNode view = send(
                        "misnamed.jpg",
                        "<svg xmlns='http://www.w3.org/2000/svg' width='80' height='40'><rect width='80' height='40' fill='#fff'/><script>alert(1)</script></svg>"
                                .getBytes(StandardCharsets.UTF_8))
                .json();
        assertThat(view.path("artwork").path("type").asString()).isEqualTo("image/svg+xml");
        assertThat(view.path("reason").asString()).contains("tinted");
        String after = host.get("/api/themes/" + theme + "/artworks/"
                        + view.path("artwork").path("id").asString() + "/after")
                .body();
        assertThat(after).contains("#4f8f5b").doesNotContain("script");
    }

    @Test
    void filesOfOneGestureAreUndoneTogether() throws Exception {
        for (int i = 0; i < 3; i++) {
            assertThat(send("p" + i + ".png", picture("png", new Color(40 * i, 90, 200), 30, 30), "one-drop")
                            .status())
                    .isEqualTo(201);
        }
        assertThat(list()).hasSize(3);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(list()).isEmpty();
        host.post("/api/themes/" + theme + "/redo", "");
        assertThat(list()).hasSize(3);
    }

    /**
     * Files of a drop arrive side by side; each reads the theme before it changes it, and none may overwrite another.
     */
    @Test
    void filesThatArriveSideBySideAreAllKept() {
        List<CompletableFuture<Person.Answer>> sent = IntStream.range(0, 16)
                .mapToObj(
                        i -> host.later(host.request("/api/themes/" + theme + "/artworks?name=p" + i + "&gesture=drop")
                                .header("Content-Type", "application/octet-stream")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(picture(i)))
                                .build()))
                .toList();
        sent.forEach(answer -> assertThat(answer.join().status()).isEqualTo(201));
        assertThat(list()).hasSize(16);
    }

    private static byte[] picture(int i) {
        try {
            return picture("png", new Color(10 * i, 90, 200), 30, 30);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void theWorstMatchComesFirst() throws Exception {
        send("near.png", picture("png", new Color(0x4f8f5b), 30, 30));
        String far = send("far.gif", picture("gif", new Color(0xc0392b), 30, 30))
                .json()
                .path("artwork")
                .path("id")
                .asString();
        host.edit(
                theme,
                "{\"edit\":\"setRecolouring\",\"artwork\":\"" + far
                        + "\",\"recolouring\":{\"method\":\"TINT\",\"roles\":{\"0\":\"TEXT\"},\"kept\":[]}}");
        double before = Double.MAX_VALUE;
        for (JsonNode view : host.get("/api/themes/" + theme + "/artworks").json()) {
            assertThat(view.path("worst").asDouble()).isLessThanOrEqualTo(before);
            before = view.path("worst").asDouble();
        }
    }

    @Test
    void whatIsNoPictureIsRefusedAndNothingIsKept() throws Exception {
        byte[] png = picture("png", Color.RED, 300, 300);
        refused("notes.txt", "Sedge, reed, rush.".getBytes(StandardCharsets.UTF_8), "not a picture");
        refused("empty.png", new byte[0], "empty");
        refused("cut.png", Arrays.copyOf(png, png.length / 2), "damaged or cut short");
        refused(
                "broken.svg",
                "<svg xmlns='http://www.w3.org/2000/svg'><g></svg>".getBytes(StandardCharsets.UTF_8),
                "line 1");
        refused("huge.png", claiming(60_000, 60_000), "60000 × 60000");
        assertThat(list()).isEmpty();
    }

    @Test
    void allRecolouredPicturesComeAsAZipWithTheirNames() throws Exception {
        send("nest/heron.png", picture("png", Color.WHITE, 20, 20));
        send("heron.png", picture("png", Color.BLUE, 20, 20));
        HttpResponse<byte[]> zip = host.http()
                .send(
                        host.request("/api/themes/" + theme + "/artworks/recoloured.zip")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        Set<String> names = new HashSet<>();
        try (ZipInputStream entries = new ZipInputStream(new ByteArrayInputStream(zip.body()))) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                names.add(entry.getName());
                assertThat(ImageIO.read(new ByteArrayInputStream(entries.readAllBytes()))
                                .getWidth())
                        .isEqualTo(20);
            }
        }
        assertThat(names).containsExactlyInAnyOrder("heron.png", "heron 2.png");
    }

    @Test
    void creditsNameWhatIsKnownAndWhatIsNot() throws Exception {
        String id = send("badge.png", picture("png", Color.RED, 20, 20))
                .json()
                .path("artwork")
                .path("id")
                .asString();
        send("other.png", picture("png", Color.BLUE, 20, 20));
        host.edit(
                theme,
                "{\"edit\":\"setProvenance\",\"artwork\":\"" + id
                        + "\",\"provenance\":{\"origin\":\"drawn by Tove Sedge\",\"licence\":\"CC-BY-4.0\",\"credit\":\"Tove | Sedge\"}}");
        assertThat(host.get("/api/themes/" + theme + "/artworks/credits.md").body())
                .contains(
                        "| badge.png | drawn by Tove Sedge | CC-BY-4.0 | Tove \\| Sedge |",
                        "| other.png | **not said** |",
                        "OFL-1.1");
    }

    @Test
    void othersReachNothing() throws Exception {
        String id = send("red.png", picture("png", Color.RED, 20, 20))
                .json()
                .path("artwork")
                .path("id")
                .asString();
        Person stranger = server.stranger(Role.OWNER);
        String path = "/api/themes/" + theme + "/artworks";
        for (String address : new String[] {
            path,
            path + "/" + id + "/before",
            path + "/" + id + "/after",
            path + "/recoloured.zip",
            path + "/credits.md"
        }) {
            assertThat(stranger.get(address).status()).as(address).isEqualTo(404);
            assertThat(Person.unknown(server.address()).get(address).status())
                    .as(address)
                    .isEqualTo(401);
        }
        // Knowing a file's name is not enough: names open files of one's own workspace only.
        String file = list().get(0).path("artwork").path("file").asString();
        JsonNode artwork = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("artworks")
                .get(0);
        assertThat(artwork.path("file").asString()).isEqualTo(file);
        String own = stranger.newTheme("Thief");
        Person.Answer theft = stranger.edit(own, "{\"edit\":\"addArtwork\",\"index\":0,\"artwork\":" + artwork + "}");
        assertThat(theft.status()).as(theft.body()).isEqualTo(409);
        assertThat(theft.detail()).as("for this reason and no other").contains("file");
        assertThat(stranger.get("/api/themes/" + own + "/artworks").json()).isEmpty();
    }

    private JsonNode list() {
        return host.get("/api/themes/" + theme + "/artworks").json();
    }

    private void refused(String name, byte[] content, String reason) {
        Person.Answer answer = send(name, content);
        assertThat(answer.status()).as(name).isEqualTo(400);
        assertThat(answer.detail()).as(name).contains(reason);
    }

    private Person.Answer send(String name, byte[] content) {
        return send(name, content, "");
    }

    private Person.Answer send(String name, byte[] content, String gesture) {
        return host.send(host.request(
                        "/api/themes/" + theme + "/artworks?name=" + name.replace("/", "%2F") + "&gesture=" + gesture)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    private BufferedImage image(String path) throws IOException, InterruptedException {
        return ImageIO.read(new ByteArrayInputStream(host.http()
                .send(
                        host.request("/api/themes/" + theme + "/artworks" + path)
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body()));
    }

    private static double difference(int rgb, String wanted) {
        return Difference.ciede2000(Colour.parse("#%06x".formatted(rgb & 0xffffff)), Colour.parse(wanted));
    }

    private static byte[] picture(String format, Color color, int width, int height) throws IOException {
        if (format.equals("webp")) {
            // #c0392b, 200 × 100, written by ImageMagick.
            return ArtworkTest.class.getResourceAsStream("red.webp").readAllBytes();
        }
        BufferedImage image = new BufferedImage(
                width, height, format.equals("jpg") ? BufferedImage.TYPE_INT_RGB : BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(color);
        graphics.fillRect(0, 0, width, height);
        graphics.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, bytes)).isTrue();
        return bytes.toByteArray();
    }

    /** A PNG of a few bytes whose header claims a size (PNG specification, section 11.2.2). */
    private static byte[] claiming(int width, int height) {
        ByteBuffer header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(width)
                .putInt(height)
                .put(new byte[] {8, 6, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(header.array());
        return ByteBuffer.allocate(8 + 4 + 17 + 4)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10})
                .putInt(13)
                .put(header.array())
                .putInt((int) crc.getValue())
                .array();
    }

    /** The opening of a frame with this picture, alone on a scene at 100, 100 with 800 × 600 pixels. */
    private JsonNode openingOf(String id) {
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"f\",\"kind\":\"FRAME_PICTURE\",\"name\":\"Old frame\",\"captures\":[\"camera\"],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},"
                        + "\"inlay\":{\"artwork\":\"" + id
                        + "\",\"blend\":\"NORMAL\",\"strength\":1,\"fit\":\"STRETCH\"}}}");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"s\",\"name\":\"Frame only\",\"role\":\"LIVE\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("f", "CAMERA") + "]}}");
        host.edit(
                theme,
                "{\"edit\":\"setBox\",\"scene\":\"s\",\"piece\":\"f\",\"canvas\":\"wide\",\"box\":{\"x\":100,\"y\":100,\"width\":800,\"height\":600}}");
        return host.get("/api/themes/" + theme + "/scenes/s/canvases/wide")
                .json()
                .path("openings")
                .get(0);
    }
}
