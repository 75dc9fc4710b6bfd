package brandeon.server.film;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Clips and pictures of one piece, read back by ffmpeg and ffprobe, which had no part in drawing them. */
@ExtendWith(RunningServer.class)
@Tag("slow")
class FilmTest {

    private static final Duration PATIENCE = Duration.ofMinutes(3);

    @TempDir
    private Path folder;

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aThemeWithAClip(RunningServer running) {
        server = running;
        host = running.host();
        theme = host.newTheme("Clips");
        add("clip", "TRANSITION", "\"word\":\"Reedlight Hide\"", "\"seconds\":0.9");
    }

    @Test
    void aTransitionBecomesWebmThatIsSeeThroughAtBothEndsAndCoversAtItsCut() throws Exception {
        JsonNode cover =
                host.get("/api/themes/" + theme + "/pieces/clip/motion").json().path("cover");
        Path webm = made(
                "{\"format\":\"WEBM\",\"canvas\":\"\",\"scene\":\"\",\"width\":320,\"framesPerSecond\":60,\"seconds\":0}",
                ".webm");
        String probed = said(
                "ffprobe",
                "-v",
                "error",
                "-count_frames",
                "-show_entries",
                "stream=codec_name,width,height,nb_read_frames,r_frame_rate:stream_tags=alpha_mode",
                "-of",
                "default=nw=1",
                webm.toString());
        assertThat(probed)
                .contains("codec_name=vp9", "width=320", "height=180", "nb_read_frames=54", "r_frame_rate=60/1")
                .containsIgnoringCase("alpha_mode=1");
        List<BufferedImage> frames = decoded("-c:v", "libvpx-vp9", "-i", webm.toString());
        assertThat(frames).hasSize(54);
        assertThat(mostOpacity(frames.getFirst())).as("nothing shows at first").isLessThan(3);
        int cut = cover.path("frame60").asInt();
        assertThat(leastOpacity(frames.get(cut)))
                .as("frame %d, at the cut of %d ms", cut, cover.path("cut").asInt())
                .isGreaterThan(252);
        assertThat(leastOpacity(frames.get((int) Math.floor(cover.path("first").asDouble() * 60 / 1000) - 3)))
                .as("three frames before it covers")
                .isLessThan(128);
    }

    @Test
    void anAnimatedPngHoldsEveryFrameAsItIs() throws Exception {
        Path apng = made(
                "{\"format\":\"APNG\",\"canvas\":\"\",\"scene\":\"\",\"width\":160,\"framesPerSecond\":30,\"seconds\":0}",
                ".png");
        Path zip = made(
                "{\"format\":\"FRAMES\",\"canvas\":\"\",\"scene\":\"\",\"width\":160,\"framesPerSecond\":30,\"seconds\":0}",
                ".zip");
        List<BufferedImage> frames = decoded("-i", apng.toString());
        List<BufferedImage> loose = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                assertThat(entry.getName()).isEqualTo("%04d.png".formatted(loose.size()));
                loose.add(ImageIO.read(new ByteArrayInputStream(in.readAllBytes())));
            }
        }
        assertThat(frames).hasSize(27).hasSameSizeAs(loose);
        for (int i = 0; i < frames.size(); i++) {
            assertThat(pixels(frames.get(i))).as("frame %d", i).isEqualTo(pixels(loose.get(i)));
        }
    }

    @Test
    void aLongClipCanBeCancelledAndThenIsNotThere() throws Exception {
        add("sky", "PARTICLES", "", "\"weather\":2");
        JsonNode film = host.post(
                        "/api/themes/" + theme + "/pieces/sky/films",
                        "{\"format\":\"FRAMES\",\"canvas\":\"\",\"scene\":\"\",\"width\":0,\"framesPerSecond\":60,\"seconds\":30}")
                .json();
        assertThat(film.path("frames").asInt()).isEqualTo(1800);
        String id = film.path("id").asString();
        assertThat(host.get("/api/films/" + id + "/file").status())
                .as("not made yet")
                .isEqualTo(409);
        assertThat(host.delete("/api/films/" + id).status()).isEqualTo(204);
        assertThat(host.get("/api/films/" + id).json().path("state").asString()).isEqualTo("CANCELLED");
        assertThat(host.get("/api/films/" + id + "/file").status()).isEqualTo(409);
    }

    @Test
    void clipsBelongToTheirWorkspace() {
        String id = host.post(
                        "/api/themes/" + theme + "/pieces/clip/films",
                        "{\"format\":\"APNG\",\"canvas\":\"\",\"scene\":\"\",\"width\":64,\"framesPerSecond\":30,\"seconds\":0}")
                .json()
                .path("id")
                .asString();
        Person stranger = server.stranger(Role.OWNER);
        assertThat(stranger.get("/api/films/" + id).status()).isEqualTo(404);
        assertThat(stranger.delete("/api/films/" + id).status()).isEqualTo(404);
        assertThat(stranger.get("/api/themes/" + theme + "/pieces/clip/picture.png")
                        .status())
                .isEqualTo(404);
        assertThat(host.get("/api/films/" + UUID.randomUUID()).status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeMadeIsSaidPlainly() {
        add("line", "FACT_LINE", "", "");
        String wish =
                "{\"format\":\"APNG\",\"canvas\":\"\",\"scene\":\"\",\"width\":%d,\"framesPerSecond\":%d,\"seconds\":%s}";
        assertThat(host.post("/api/themes/" + theme + "/pieces/line/films", wish.formatted(0, 30, "0")))
                .satisfies(answer -> {
                    assertThat(answer.status()).isEqualTo(409);
                    assertThat(answer.detail()).contains("stands still");
                });
        assertThat(host.post("/api/themes/" + theme + "/pieces/clip/films", wish.formatted(0, 500, "0"))
                        .detail())
                .contains("1 to 120");
        assertThat(host.post("/api/themes/" + theme + "/pieces/clip/films", wish.formatted(0, 30, "90"))
                        .detail())
                .contains("30 s");
        assertThat(host.get("/api/themes/" + theme + "/pieces/line/picture.png?width=90000")
                        .detail())
                .contains("7680");
        assertThat(host.get("/api/themes/" + theme + "/pieces/line/mask.png").status())
                .isEqualTo(404);
        assertThat(host.get("/api/themes/" + theme + "/pieces/nothing/picture.svg")
                        .status())
                .isEqualTo(404);
        assertThat(host.get("/api/themes/" + theme + "/pieces/line/pictures.zip")
                        .status())
                .isEqualTo(409);
        assertThat(host.edit(
                                theme,
                                "{\"edit\":\"place\",\"scene\":\"none\",\"index\":0,\"placed\":"
                                        + Person.placed("clip", "FULL") + "}")
                        .detail())
                .contains("stands on no scene");
    }

    @Test
    void aPieceIsTakenOutAsPngOfAnySizeAndAsSvg() throws Exception {
        add("line", "FACT_LINE", "\"label\":\"Now\",\"value\":\"Bittern\"", "");
        BufferedImage own =
                ImageIO.read(new ByteArrayInputStream(bytes("/api/themes/" + theme + "/pieces/line/picture.png")));
        BufferedImage large = ImageIO.read(
                new ByteArrayInputStream(bytes("/api/themes/" + theme + "/pieces/line/picture.png?width=3000")));
        assertThat(large.getWidth()).isEqualTo(3000);
        assertThat((double) large.getHeight() / large.getWidth())
                .isCloseTo((double) own.getHeight() / own.getWidth(), org.assertj.core.api.Assertions.within(0.01));
        assertThat(own.getRGB(0, 0) >>> 24).as("see-through outside of it").isZero();
        assertThat(new String(
                        bytes("/api/themes/" + theme + "/pieces/line/picture.svg"),
                        java.nio.charset.StandardCharsets.UTF_8))
                .startsWith("<svg ")
                .doesNotContain("<text");
    }

    @Test
    void channelPagePicturesComeInAZipUnderTheirHeadings() throws Exception {
        add(
                "page",
                "PANEL",
                "\"headings\":{\"lines\":[\"About the hide\",\"When we watch\",\"About the hide\"]}",
                "\"width\":400,\"height\":100");
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(
                new ByteArrayInputStream(bytes("/api/themes/" + theme + "/pieces/page/pictures.zip?width=800")))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
                BufferedImage picture = ImageIO.read(new ByteArrayInputStream(in.readAllBytes()));
                assertThat(picture.getWidth()).isEqualTo(800);
                assertThat(picture.getHeight()).isEqualTo(200);
            }
        }
        assertThat(names).containsExactly("About the hide.png", "When we watch.png", "About the hide 2.png");
    }

    @Test
    void textsAreCheckedWhileTheyAreWritten() {
        assertThat(host.post("/api/themes/" + theme + "/messages", "{\"text\":\"Hello {latestFolower}\"}")
                        .json()
                        .path("mistake")
                        .asString())
                .contains("{latestFollower}");
        assertThat(host.post(
                                "/api/themes/" + theme + "/messages",
                                "{\"text\":\"{followers, plural, one {# heron} other {# herons}}\"}")
                        .json()
                        .path("shown")
                        .asString())
                .isEqualTo("0 herons");
    }

    private void add(String id, String kind, String texts, String figures) {
        Person.Answer answer = host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"%s\",\"kind\":\"%s\",\"name\":\"%s\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{%s},\"figures\":{%s},\"inlay\":null}}"
                        .formatted(id, kind, id, texts, figures));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }

    /** Makes a clip of the transition and waits for its file. */
    private Path made(String wish, String ending) throws Exception {
        JsonNode film =
                host.post("/api/themes/" + theme + "/pieces/clip/films", wish).json();
        String id = film.path("id").asString();
        long until = System.nanoTime() + PATIENCE.toNanos();
        String state = "";
        while (System.nanoTime() < until && !state.equals("DONE")) {
            JsonNode now = host.get("/api/films/" + id).json();
            state = now.path("state").asString();
            assertThat(state).as(now.toString()).isNotEqualTo("FAILED");
            LockSupport.parkNanos(2_000_000);
        }
        assertThat(state).isEqualTo("DONE");
        return Files.write(folder.resolve("made" + ending), bytes("/api/films/" + id + "/file"));
    }

    private byte[] bytes(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer =
                host.http().send(host.request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        return answer.body();
    }

    /** Every frame of a film, as ffmpeg decodes it. */
    private List<BufferedImage> decoded(String... input) throws IOException, InterruptedException {
        Path frames = Files.createDirectory(folder.resolve("frames" + System.nanoTime()));
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error"));
        command.addAll(List.of(input));
        command.addAll(List.of(
                "-pix_fmt",
                "rgba",
                "-vsync",
                "passthrough",
                frames.resolve("%04d.png").toString()));
        said(command.toArray(String[]::new));
        List<BufferedImage> all = new ArrayList<>();
        try (var files = Files.list(frames)) {
            for (Path file : files.sorted().toList()) {
                all.add(ImageIO.read(file.toFile()));
            }
        }
        return all;
    }

    private static String said(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String text = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(text).isZero();
        return text;
    }

    private static int[] pixels(BufferedImage image) {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        for (int i = 0; i < pixels.length; i++) {
            // Colour that nobody sees may be kept or not.
            pixels[i] = pixels[i] >>> 24 == 0 ? 0 : pixels[i];
        }
        return pixels;
    }

    private static int leastOpacity(BufferedImage image) {
        return java.util.Arrays.stream(pixels(image))
                .map(argb -> argb >>> 24)
                .min()
                .orElseThrow();
    }

    private static int mostOpacity(BufferedImage image) {
        return java.util.Arrays.stream(pixels(image))
                .map(argb -> argb >>> 24)
                .max()
                .orElseThrow();
    }
}
