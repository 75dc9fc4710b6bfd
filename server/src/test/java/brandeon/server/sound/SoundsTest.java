package brandeon.server.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import brandeon.core.sound.Loudness;
import brandeon.core.sound.ShippedSounds;
import brandeon.core.sound.Wav;
import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Sounds of people are taken in, measured and heard in one source of a show. */
@ExtendWith(RunningServer.class)
class SoundsTest {

    @TempDir
    private Path folder;

    private RunningServer server;
    private Person host;
    private String theme;

    @BeforeEach
    void aTheme(RunningServer running) {
        server = running;
        host = running.stranger(Role.OWNER);
        theme = host.newTheme("Sounds");
    }

    private Person.Answer send(String name, byte[] content) {
        return host.send(host.request("/api/themes/" + theme + "/sounds?name=" + name)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    private HttpResponse<byte[]> fetched(Person who, String address) throws IOException, InterruptedException {
        return who.http().send(who.request(address).build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    private List<JsonNode> sounds() {
        return host.get("/api/themes/" + theme + "/sounds").json().valueStream().toList();
    }

    /** A tone that ffmpeg packed: −20 dBFS, 1 kHz, stereo, which BS.1770 calls −20 LUFS. */
    private byte[] packed(String ending, String... how) throws Exception {
        Path file = folder.resolve("tone." + ending);
        String[] begin = {
            "ffmpeg",
            "-y",
            "-v",
            "error",
            "-f",
            "lavfi",
            "-i",
            "aevalsrc=0.1*sin(2*PI*1000*t)|0.1*sin(2*PI*1000*t):s=48000:d=2"
        };
        String[] all = Arrays.copyOf(begin, begin.length + how.length + 1);
        System.arraycopy(how, 0, all, begin.length, how.length);
        all[all.length - 1] = file.toString();
        assertThat(new ProcessBuilder(all).inheritIO().start().waitFor()).isZero();
        return Files.readAllBytes(file);
    }

    @ParameterizedTest
    @CsvSource({"wav, pcm_s24le", "ogg, libvorbis", "ogg, libopus", "mp3, libmp3lame", "flac, flac", "wav, adpcm_ms"})
    void soundsOfAllFormatsAreMeasuredAndKeptAsWav(String ending, String codec) throws Exception {
        Person.Answer added = send("Tone", packed(ending, "-c:a", codec));
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        JsonNode sound = added.json();
        assertThat(sound.path("millis").asInt()).isBetween(1950, 2100);
        assertThat(sound.path("loudness").path("integrated").asDouble()).isCloseTo(-20, offset(0.5));
        assertThat(sound.path("gain").asDouble()).as("to −23 LUFS").isCloseTo(-3, offset(0.5));

        // Whoever has the address may hear it, with no session; nothing of what was sent is served as it was.
        HttpResponse<byte[]> heard =
                fetched(Person.unknown(server.address()), sound.path("address").asString());
        assertThat(heard.statusCode()).isEqualTo(200);
        assertThat(heard.headers().firstValue("Content-Type")).contains("audio/wav");
        assertThat(Loudness.of(Wav.read(heard.body()).orElseThrow()).integrated())
                .isCloseTo(-20, offset(0.5));
        assertThat(host.post("/api/themes/" + theme + "/undo", "").status()).isEqualTo(200);
        assertThat(sounds()).noneMatch(one -> one.path("name").asString().equals("Tone"));
    }

    @Test
    void whatIsNoSoundIsRefusedAndNothingIsKept() throws Exception {
        byte[] mp3 = packed("mp3", "-c:a", "libmp3lame");
        byte[] noise = new byte[40_000];
        new Random(3).nextBytes(noise);
        byte[] playlist = "#EXTM3U\n#EXTINF:1,\nfile:///etc/passwd\n".getBytes(StandardCharsets.US_ASCII);
        byte[] ogg = "OggS and then nothing that is one".getBytes(StandardCharsets.US_ASCII);
        byte[] large = new byte[(10 << 20) + 1];
        byte[] silentWav = Wav.write(ShippedSounds.sound("drop"));
        long before = sounds().size();
        for (byte[] wrong : List.of(
                new byte[0], noise, playlist, ogg, large, Arrays.copyOf(silentWav, 40), Arrays.copyOf(mp3, 9))) {
            Person.Answer answer = send("Wrong", wrong);
            assertThat(answer.status()).as(answer.body()).isEqualTo(400);
            assertThat(answer.detail()).endsWith(".");
        }
        byte[] long31 = packed("mp3", "-af", "aloop=loop=20:size=96000", "-t", "31", "-c:a", "libmp3lame");
        assertThat(send("Long", long31).detail()).contains("30 seconds");
        assertThat(send("%20", mp3).status()).isEqualTo(400);
        assertThat(sounds()).hasSize((int) before);
    }

    @Test
    void addressesAreProvedAndOthersSoundsAreNotFound() throws Exception {
        String address = send("Tone", packed("flac")).json().path("address").asString();
        assertThat(fetched(host, address.substring(0, address.length() - 1) + "x")
                        .statusCode())
                .isEqualTo(404);
        assertThat(fetched(host, "/sounds/shipped/bell/0000000000000000").statusCode())
                .isEqualTo(404);
        assertThat(fetched(host, sounds().getLast().path("address").asString()).statusCode())
                .isEqualTo(200);
        JsonNode known = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("sounds")
                .path("own")
                .get(0);
        Person other = server.stranger(Role.DESIGNER);
        String theirs = other.newTheme("Theirs");
        assertThat(other.edit(theirs, "{\"edit\":\"addSound\",\"index\":0,\"sound\":" + known + "}")
                        .detail())
                .contains("not kept in this workspace");
    }

    /** What an edit says of a sound is not believed. */
    @Test
    void loudnessIsMeasuredNotTold() throws Exception {
        send("Tone", packed("flac"));
        JsonNode known = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("sounds")
                .path("own")
                .get(0);
        String lie = known.toString()
                .replaceAll("\"integrated\":[-0-9.]+", "\"integrated\":-60.0")
                .replace(known.path("id").asString(), "lie");
        assertThat(host.edit(
                                theme,
                                "{\"edit\":\"batch\",\"edits\":[{\"edit\":\"addSound\",\"index\":0,\"sound\":" + lie
                                        + "}]}")
                        .status())
                .isEqualTo(200);
        assertThat(sounds().getFirst().path("loudness").path("integrated").asDouble())
                .isCloseTo(-20, offset(0.5));
    }

    @Test
    void aSoundTravelsWithItsTheme() throws Exception {
        String id = send("Bittern", packed("ogg", "-c:a", "libvorbis"))
                .json()
                .path("id")
                .asString();
        byte[] zip = fetched(host, "/api/themes/" + theme + "/package.zip").body();
        Person other = server.stranger(Role.DESIGNER);
        Person.Answer brought = other.send(other.request("/api/packages")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(zip))
                .build());
        assertThat(brought.status()).as(brought.body()).isEqualTo(201);
        JsonNode there = other.get("/api/themes/" + brought.json().path("theme").asString() + "/sounds")
                .json()
                .get(0);
        assertThat(there.path("id").asString()).isEqualTo(id);
        assertThat(there.path("name").asString()).isEqualTo("Bittern");
        assertThat(fetched(other, there.path("address").asString()).statusCode())
                .isEqualTo(200);
    }

    // Where a show is heard.

    private String channel;
    private String show;

    private void onAir() {
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"a\",\"kind\":\"ANNOUNCER\",\"name\":\"A\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
        for (String scene : List.of("first", "second")) {
            host.edit(
                    theme,
                    "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"" + scene
                            + "\",\"name\":\"S\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                            + Person.placed("a", "ALERT") + "]}}");
        }
        assertThat(host.post("/api/themes/" + theme + "/on-air", "").status()).isEqualTo(200);
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        show = host.show(theme);
    }

    private Ear outlet(String scene) {
        Ear ear = Ear.outlet(host.link(theme, scene, "wide", "WHOLE")).watch();
        ear.await("welcome");
        return ear;
    }

    private static boolean on(JsonNode message) {
        return message.path("type").asString().equals("sounding")
                && message.path("on").asBoolean();
    }

    private static boolean plays(JsonNode message) {
        return on(message) && !message.path("plays").isEmpty();
    }

    private JsonNode place(Predicate<JsonNode> wanted) {
        JsonNode place = host.get("/api/shows/" + show + "/heard-in").json();
        for (int i = 0; i < 200 && !wanted.test(place); i++) {
            LockSupport.parkNanos(20_000_000);
            place = host.get("/api/shows/" + show + "/heard-in").json();
        }
        assertThat(wanted.test(place)).as("%s", place).isTrue();
        return place;
    }

    private String outletId(String scene) {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("scene").asString().equals(scene)
                        && row.path("canvas").asString().equals("wide")
                        && row.path("part").asString().equals("WHOLE"))
                .findFirst()
                .orElseThrow()
                .path("outlet")
                .asString();
    }

    private static Predicate<JsonNode> says(String sound) {
        return place -> place.path("sound").asString().equals(sound);
    }

    @Test
    void anAlertIsHeardOnceHoweverManySourcesShowIt() {
        onAir();
        place(says("NOT_HEARD"));
        try (Ear first = outlet("first");
                Ear second = outlet("second");
                Ear third = outlet("second")) {
            first.reports(1920, 1080, "", true, "UNTRIED");
            first.await(SoundsTest::on);
            second.reports(1920, 1080, "", true, "UNTRIED");
            third.reports(1920, 1080, "", true, "UNTRIED");
            host.signals(channel, "alder.follow", "{\"name\":\"Wren Marsh\"}");
            JsonNode play = first.await(SoundsTest::plays).path("plays").get(0);
            second.await("patch");
            third.await("patch");
            assertThat(second.heard()).noneMatch(SoundsTest::on);
            assertThat(third.heard()).noneMatch(SoundsTest::on);
            assertThat(play.path("address").asString()).contains("/sounds/shipped/drop/");
            assertThat(play.path("gain").asDouble())
                    .as("brought to −23 LUFS")
                    .isCloseTo(-23 - ShippedSounds.loudness("drop").integrated(), offset(0.01));
            assertThat(Math.abs(play.path("from").asLong() - System.currentTimeMillis()))
                    .isLessThan(3000);

            // Somebody silences it, and it ends at once.
            host.post(
                    "/api/shows/" + show + "/alerts",
                    "{\"deed\":\"SILENCE\",\"alert\":\"\",\"showing\":0,\"place\":0}");
            first.await(
                    _ -> first.heard().stream().filter(m -> on(m) && !plays(m)).count() > 1);
            place(says("SILENCED"));
        }
        place(place -> place.path("now").isNull());
    }

    @Test
    void whatViewersSeeIsHeardAndWhatIsBlockedIsTold() {
        onAir();
        try (Ear first = outlet("first");
                Ear second = outlet("second")) {
            first.reports(1920, 1080, "", true, "UNTRIED");
            first.await(SoundsTest::on);
            // Its browser does not let it; another one is asked as soon as there is one.
            first.reports(1920, 1080, "", true, "BLOCKED");
            assertThat(place(says("NOT_HEARD")).path("sentence").asString()).contains("does not let it sound");
            second.reports(1920, 1080, "", true, "UNTRIED");
            second.await(SoundsTest::on);
            first.await(message -> message.path("type").asString().equals("sounding")
                    && !message.path("on").asBoolean());
            second.reports(1920, 1080, "", true, "RUNS");
            place(says("HEARD"));
            // The scene changes: what is hidden is not heard while another is seen.
            first.reports(1920, 1080, "", true, "RUNS");
            second.reports(1920, 1080, "", false, "RUNS");
            place(place -> place.path("now").asString().equals(outletId("first")));
            // Somebody chooses the other one, seen or not.
            assertThat(host.put("/api/shows/" + show + "/heard-in", "{\"outlet\":\"" + outletId("second") + "\"}")
                            .status())
                    .isEqualTo(200);
            place(place -> place.path("now").asString().equals(outletId("second")));
        }
        assertThat(place(place -> place.path("now").isNull()).path("sentence").asString())
                .contains("not open anywhere");
        Person other = server.stranger(Role.OWNER);
        String theirs = other.newTheme("Theirs");
        assertThat(other.put(
                                "/api/shows/" + other.show(theirs) + "/heard-in",
                                "{\"outlet\":\"" + outletId("first") + "\"}")
                        .status())
                .isEqualTo(404);
    }
}
