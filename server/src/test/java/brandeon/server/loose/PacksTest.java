package brandeon.server.loose;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Loose files that are sent, sorted, and taken or left. Films are written by ffmpeg, which knows nothing of us. */
@ExtendWith(RunningServer.class)
@Tag("slow")
class PacksTest {

    private static final String NONE = "{\"choices\":{\"files\":[],\"places\":[]}}";

    private final RunningServer server;

    PacksTest(RunningServer server) {
        this.server = server;
    }

    private record Sent(String path, byte[] content) {}

    private static byte[] frame(int width, int height, int border) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(60, 120, 90));
        g.fillRect(0, 0, width, height);
        g.setComposite(AlphaComposite.Clear);
        g.fillRect(border, border, width - 2 * border, height - 2 * border);
        g.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static byte[] text(String says) {
        return says.getBytes(StandardCharsets.UTF_8);
    }

    /** A frame whose edge breathes: its opening is 560 × 360 when it is smallest. */
    private static byte[] film(List<String> how) throws Exception {
        Path file = Files.createTempFile("pack", ".film");
        List<String> command = new ArrayList<>(List.of(
                "ffmpeg",
                "-v",
                "error",
                "-y",
                "-f",
                "rawvideo",
                "-pixel_format",
                "abgr",
                "-video_size",
                "600x400",
                "-framerate",
                "20",
                "-i",
                "-"));
        command.addAll(how);
        command.add(file.toString());
        Process process = new ProcessBuilder(command)
                .redirectInput(ProcessBuilder.Redirect.PIPE)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (OutputStream out = process.getOutputStream()) {
            for (int i = 0; i < 20; i++) {
                BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_4BYTE_ABGR);
                Graphics2D g = image.createGraphics();
                g.setColor(new Color(200, 120, 50 + 8 * i));
                g.fillRect(0, 0, 600, 400);
                g.setComposite(AlphaComposite.Clear);
                int border = i == 11 ? 20 : 8;
                g.fillRect(border, border, 600 - 2 * border, 400 - 2 * border);
                g.dispose();
                out.write(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
            }
        }
        assertThat(process.waitFor()).isZero();
        byte[] content = Files.readAllBytes(file);
        Files.delete(file);
        return content;
    }

    private static final List<String> WEBM = List.of(
            "-c:v",
            "libvpx-vp9",
            "-pix_fmt",
            "yuva420p",
            "-auto-alt-ref",
            "0",
            "-crf",
            "15",
            "-b:v",
            "0",
            "-f",
            "webm");
    private static final List<String> MP4 = List.of("-c:v", "libx264", "-pix_fmt", "yuv420p", "-f", "mp4");

    private static Person.Answer begin(Person who, String theme, List<Sent> files) {
        return who.post(
                "/api/themes/" + theme + "/packs",
                files.stream()
                        .map(file -> "{\"path\":\"" + file.path() + "\",\"bytes\":" + file.content().length + "}")
                        .collect(Collectors.joining(",", "{\"files\":[", "]}")));
    }

    private static Person.Answer put(Person who, String theme, String pack, int number, byte[] content) {
        return who.send(who.request("/api/themes/" + theme + "/packs/" + pack + "/files/" + number)
                .header("Content-Type", "application/octet-stream")
                .PUT(HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    private static String sent(Person who, String theme, List<Sent> files) {
        String pack = begin(who, theme, files).json().path("id").asString();
        for (int i = 0; i < files.size(); i++) {
            Person.Answer answer = put(who, theme, pack, i, files.get(i).content());
            assertThat(answer.status()).as(answer.body()).isEqualTo(200);
            assertThat(answer.json().path("progress").path("done").asInt()).isEqualTo(i + 1);
        }
        return pack;
    }

    private static JsonNode proposal(Person who, String theme, String pack) {
        Person.Answer answer = who.post("/api/themes/" + theme + "/packs/" + pack + "/proposal", NONE);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode file(JsonNode view, int number) {
        for (JsonNode file : view.path("files")) {
            if (file.path("number").asInt() == number) {
                return file;
            }
        }
        throw new AssertionError("no file " + number);
    }

    @Test
    void filesBecomeAThemeByOneStepAndOneUndoTakesThemOut() throws Exception {
        Person designer = server.stranger(Role.DESIGNER);
        String theme = designer.newTheme("Marsh pack");
        List<Sent> files = List.of(
                new Sent("p/cam.png", frame(1280, 720, 60)),
                new Sent("p/readme.txt", text("Drawn by Ottilie Brandt, CC BY 4.0")),
                new Sent("p/broken.png", Arrays.copyOf(frame(640, 480, 40), 60)),
                new Sent("p/setup.exe", new byte[] {'M', 'Z', 0, 1, 2, 3}),
                new Sent("p/empty.txt", new byte[0]));
        String pack = sent(designer, theme, files);
        JsonNode view = proposal(designer, theme, pack);
        assertThat(file(view, 0).path("what").asString()).isEqualTo("FRAME");
        assertThat(file(view, 1).path("what").asString()).isEqualTo("TEXT");
        for (int number = 2; number < 5; number++) {
            assertThat(file(view, number).path("what").asString()).isEqualTo("UNREAD");
            assertThat(file(view, number).path("why").asString()).endsWith(".");
        }
        assertThat(view.path("taken").asInt()).isEqualTo(2);
        Person.Answer findings = designer.post("/api/themes/" + theme + "/packs/" + pack + "/findings", NONE);
        assertThat(findings.status()).as(findings.body()).isEqualTo(200);
        byte[] small = designer.bytes("/api/themes/" + theme + "/packs/" + pack + "/files/0/picture");
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(small)).getWidth())
                .isEqualTo(160);
        JsonNode before = designer.get("/api/themes/" + theme).json();
        assertThat(before.path("theme").path("artworks")).isEmpty();

        assertThat(designer.post("/api/themes/" + theme + "/packs/" + pack + "/taken", NONE)
                        .status())
                .isEqualTo(200);
        JsonNode after = designer.get("/api/themes/" + theme).json().path("theme");
        assertThat(after.path("artworks")).hasSize(1);
        assertThat(after.path("scenes")).isNotEmpty();
        assertThat(designer.get("/api/themes/" + theme + "/packs").json()).isEmpty();
        designer.post("/api/themes/" + theme + "/undo", "");
        assertThat(designer.get("/api/themes/" + theme).json().path("theme")).isEqualTo(before.path("theme"));
    }

    @Test
    void aFilmKeepsItsOpacityAndItsOpeningIsWhatStaysSeeThrough() throws Exception {
        Person designer = server.stranger(Role.DESIGNER);
        String theme = designer.newTheme("Films");
        String pack = sent(designer, theme, List.of(new Sent("a.webm", film(WEBM)), new Sent("b.mp4", film(MP4))));
        JsonNode view = proposal(designer, theme, pack);
        assertThat(file(view, 0).path("what").asString()).isEqualTo("FRAME");
        assertThat(file(view, 0).path("moving").asBoolean()).isTrue();
        assertThat(file(view, 0).path("why").asString()).contains("all the time");
        // An MP4 has no see-through parts.
        assertThat(file(view, 1).path("what").asString()).isEqualTo("BACKDROP");
        designer.post("/api/themes/" + theme + "/packs/" + pack + "/taken", NONE);
        JsonNode artwork = designer.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("artworks")
                .path(0);
        JsonNode box = artwork.path("openings").path("openings").path(0).path("box");
        assertThat(box.path("width").asDouble()).isBetween(558.0, 562.0);
        assertThat(box.path("height").asDouble()).isBetween(358.0, 362.0);
        assertThat(artwork.path("type").asString()).isEqualTo("image/webp");

        // In a package it goes to another workspace as it is.
        Person other = server.stranger(Role.DESIGNER);
        byte[] packed = designer.bytes("/api/themes/" + theme + "/package.zip");
        Person.Answer brought = other.send(other.request("/api/packages")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(packed))
                .build());
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        JsonNode copy = other.get("/api/themes/" + brought.json().path("theme").asString())
                .json()
                .path("theme")
                .path("artworks")
                .path(0);
        assertThat(copy).isEqualTo(artwork);
    }

    @Test
    void whatIsWrongWithAPackIsSaidAndNothingIsKept() throws Exception {
        Person designer = server.stranger(Role.DESIGNER);
        String theme = designer.newTheme("Wrong");
        assertThat(begin(designer, theme, List.of()).status()).isEqualTo(400);
        List<Sent> many = IntStream.range(0, 1001)
                .mapToObj(i -> new Sent("f" + i, new byte[0]))
                .toList();
        assertThat(begin(designer, theme, many).detail()).contains("at most 1000");
        assertThat(begin(designer, theme, List.of(new Sent("a".repeat(401), new byte[0])))
                        .status())
                .isEqualTo(400);
        assertThat(designer.get("/api/themes/" + theme + "/packs").json()).isEmpty();
        String pack = begin(designer, theme, List.of(new Sent("a.png", frame(640, 480, 40))))
                .json()
                .path("id")
                .asString();
        assertThat(put(designer, theme, pack, 7, frame(640, 480, 40)).status()).isEqualTo(404);
        assertThat(put(designer, theme, UUID.randomUUID().toString(), 0, new byte[1])
                        .status())
                .isEqualTo(404);
        assertThat(designer.post("/api/themes/" + theme + "/packs/" + pack + "/taken", NONE)
                        .status())
                .isEqualTo(409);
        // A pack of one theme is none of another's.
        String another = designer.newTheme("Another");
        assertThat(put(designer, another, pack, 0, frame(640, 480, 40)).status())
                .isEqualTo(404);
        assertThat(designer.delete("/api/themes/" + theme + "/packs/" + pack).status())
                .isEqualTo(204);
        assertThat(designer.get("/api/themes/" + theme + "/packs").json()).isEmpty();
    }

    @Test
    void ofSeveralWhoTakeAPackAtOnceOneDoes() throws Exception {
        Person designer = server.stranger(Role.DESIGNER);
        String theme = designer.newTheme("At once");
        String pack = sent(designer, theme, List.of(new Sent("cam.png", frame(1280, 720, 60))));
        List<CompletableFuture<Integer>> all = IntStream.range(0, 8)
                .mapToObj(_ -> CompletableFuture.supplyAsync(
                        () -> designer.post("/api/themes/" + theme + "/packs/" + pack + "/taken", NONE)
                                .status()))
                .toList();
        List<Integer> statuses = all.stream().map(CompletableFuture::join).toList();
        assertThat(statuses).containsOnlyOnce(200);
        assertThat(statuses.stream().filter(status -> status != 200)).allMatch(status -> status == 404);
        designer.post("/api/themes/" + theme + "/undo", "");
        assertThat(designer.get("/api/themes/" + theme).json().path("theme").path("scenes"))
                .isEmpty();
    }

    @Test
    void aFileThatIsSentTwiceIsThereOnceAndWhatIsMissingIsSaid() throws Exception {
        Person designer = server.stranger(Role.DESIGNER);
        String theme = designer.newTheme("Twice");
        byte[] content = frame(640, 480, 40);
        JsonNode begun = begin(designer, theme, List.of(new Sent("a.png", content), new Sent("b.png", content)))
                .json();
        String pack = begun.path("id").asString();
        put(designer, theme, pack, 1, content);
        JsonNode line = put(designer, theme, pack, 1, content).json();
        assertThat(line.path("progress").path("done").asInt()).isEqualTo(1);
        assertThat(line.path("missing")).hasSize(1);
        assertThat(line.path("missing").path(0).asInt()).isZero();
        assertThat(proposal(designer, theme, pack).path("files")).hasSize(1);
        designer.delete("/api/themes/" + theme + "/packs/" + pack);
    }
}
