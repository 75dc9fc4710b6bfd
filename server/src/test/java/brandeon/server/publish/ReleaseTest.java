package brandeon.server.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** The history of what was on air, back to any of it, and one piece alone as a source. */
@ExtendWith(RunningServer.class)
class ReleaseTest {

    private static final String STRIP =
            "{\"edit\":\"setContent\",\"piece\":\"strip\",\"field\":\"message\",\"value\":\"%s\"}";

    private RunningServer server;
    private Person host;
    private String theme;
    private String link;
    private String scene;

    @BeforeEach
    void aThemeOnAir(RunningServer running) {
        server = running;
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Releases");
        link = host.onAir(
                theme, "STRIP", Map.of("strip", Person.piece("strip", "BAND", "{\"message\":\"First\"}", "{}")));
        scene = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
    }

    private void release(String words) {
        assertThat(host.edit(theme, STRIP.formatted(words)).status()).isEqualTo(200);
        host.post("/api/themes/" + theme + "/on-air", "");
    }

    private String base() {
        return "/api/themes/" + theme + "/releases";
    }

    @Test
    void anyReleaseComesBackExactlyAndSourcesShowIt() {
        String first = host.open(link).body();
        release("Second");
        release("Third");
        assertThat(host.open(link).body()).contains(">Third<");
        try (Ear outlet = Ear.outlet(link).watch()) {
            outlet.await("welcome");
            JsonNode lines = host.post(base() + "/1/on-air", "").json();
            assertThat(lines.valueStream().map(line -> line.path("number").asInt()))
                    .containsExactly(3, 2, 1);
            assertThat(lines.get(2).path("onAir").asBoolean()).isTrue();
            outlet.await(message -> message.toString().contains(">First<"));
        }
        assertThat(host.open(link).body()).as("to the byte").isEqualTo(first);
        assertThat(host.post(base() + "/1/on-air", "").status())
                .as("it is there already")
                .isEqualTo(409);
        assertThat(host.post(base() + "/9/on-air", "").status()).isEqualTo(404);
        // The next one has a number of its own.
        release("Fourth");
        assertThat(host.get(base()).json().get(0).path("number").asInt()).isEqualTo(4);
    }

    @Test
    void whatChangedIsToldFromOneReleaseToAnotherAndToTheDraft() {
        release("Second");
        JsonNode change = host.get(base() + "/2/change?from=1").json();
        assertThat(change.path("scenes").get(0).path("sentences").toString()).contains("says something else");
        assertThat(host.get(base() + "/0/change?from=2").json().path("scenes")).isEmpty();
        host.edit(theme, STRIP.formatted("Draft"));
        assertThat(host.get(base() + "/0/change?from=2").json().path("scenes")).hasSize(1);
        String picture = "/scenes/" + scene + "/canvases/wide/picture.png";
        assertThat(host.get(base() + "/1" + picture).type()).isEqualTo("image/png");
        assertThat(host.get(base() + "/1" + picture).body())
                .isNotEqualTo(host.get(base() + "/2" + picture).body());
        for (String wrong : List.of("/7" + picture, "/1/scenes/attic/canvases/wide/picture.png")) {
            assertThat(host.get(base() + wrong).status()).as(wrong).isEqualTo(404);
        }
        assertThat(host.get(base() + "/1" + picture + "?width=99999").status()).isEqualTo(400);
    }

    private String onAir() {
        return host.open(link).body();
    }

    private void until(String what, BooleanSupplier holds) {
        long end = System.nanoTime() + 15_000_000_000L;
        while (!holds.getAsBoolean()) {
            assertThat(System.nanoTime()).as("until " + what).isLessThan(end);
            LockSupport.parkNanos(100_000_000);
        }
    }

    /** In how many places viewers see a source. */
    private int seen(String source) {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("link").asString().equals(source))
                .findFirst()
                .orElseThrow()
                .path("seen")
                .asInt();
    }

    /** A second scene with a band of its own, on air; both changed in the draft. Returns its id. */
    private String twoScenes() {
        host.edit(theme, Person.piece("other", "BAND", "{\"message\":\"Other\"}", "{}"));
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":1,\"scene\":{\"id\":\"second\",\"name\":\"Second\",\"role\":\"LIVE\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("other", "STRIP") + "]}}");
        host.post("/api/themes/" + theme + "/on-air", "");
        host.edit(theme, STRIP.formatted("Fresh"));
        host.edit(theme, STRIP.formatted("Newer").replace("\"strip\"", "\"other\""));
        return host.link(theme, "second", "wide", "WHOLE");
    }

    @Test
    void someScenesGoOnAirAndTheOthersStay() {
        String second = twoScenes();
        JsonNode change = host.get(base() + "/0/change?from=2&scenes=second").json();
        assertThat(change.path("scenes").findValuesAsString("scene")).containsExactly("second");
        host.post("/api/themes/" + theme + "/on-air", "{\"scenes\":[\"second\"]}");
        assertThat(host.open(second).body()).contains(">Newer<");
        assertThat(onAir()).contains(">First<");
        assertThat(host.get("/api/themes/" + theme).json().path("differs").asBoolean())
                .isTrue();
        Person.Answer again = host.post("/api/themes/" + theme + "/on-air", "{\"scenes\":[\"second\"]}");
        assertThat(again.status()).as("nothing new in it").isEqualTo(409);
        assertThat(host.post("/api/themes/" + theme + "/on-air", "{\"scenes\":[\"attic\"]}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void theDraftGoesOnAirAtASetTimeOnce() {
        release("Second");
        host.edit(theme, STRIP.formatted("Later"));
        long soon = System.currentTimeMillis() + 1_500;
        assertThat(host.put(base() + "/plan", "{\"at\":" + soon + ",\"scenes\":[]}")
                        .json()
                        .path("planned")
                        .asBoolean())
                .isTrue();
        assertThat(onAir()).contains(">Second<");
        until("it is on air", () -> onAir().contains(">Later<"));
        assertThat(System.currentTimeMillis()).isGreaterThanOrEqualTo(soon);
        assertThat(host.get(base() + "/plan").json().path("planned").asBoolean())
                .isFalse();
        assertThat(host.get(base()).json()).hasSize(3);
        assertThat(host.put(base() + "/plan", "{\"at\":" + (soon - 60_000) + ",\"scenes\":[]}")
                        .status())
                .as("a time that has passed")
                .isEqualTo(400);
    }

    @Test
    void theDraftGoesOnAirWhenTheSceneChanges() {
        String second = twoScenes();
        try (Ear first = Ear.outlet(link).watch();
                Ear other = Ear.outlet(second).watch()) {
            first.reports(1920, 1080, "", true, "UNTRIED");
            other.reports(1920, 1080, "", false, "UNTRIED");
            until("it is known that viewers see the first scene", () -> seen(link) == 1);
            host.put(base() + "/plan", "{\"at\":0,\"scenes\":[\"second\"]}");
            // The same scene once more, in another program or loaded anew, is no change of scene.
            try (Ear again = Ear.outlet(link).watch()) {
                again.reports(1920, 1080, "", true, "UNTRIED");
                LockSupport.parkNanos(700_000_000);
            }
            assertThat(host.open(second).body()).contains(">Other<");
            other.reports(1920, 1080, "", true, "UNTRIED");
            until("it is on air", () -> host.open(second).body().contains(">Newer<"));
            assertThat(onAir()).contains(">First<");
        }
    }

    /** Eight people press at once, and somebody edits meanwhile. */
    @Test
    void releasesThatAreMadeAtOnceEachGetANumber() {
        List<CompletableFuture<Person.Answer>> all = IntStream.range(0, 8)
                .mapToObj(i -> {
                    host.edit(theme, STRIP.formatted("Word " + i));
                    return host.later(host.request("/api/themes/" + theme + "/on-air")
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.noBody())
                            .build());
                })
                .toList();
        assertThat(all).allSatisfy(answer -> assertThat(answer.join().status()).isEqualTo(200));
        assertThat(host.get(base())
                        .json()
                        .valueStream()
                        .map(line -> line.path("number").asInt()))
                .containsExactly(9, 8, 7, 6, 5, 4, 3, 2, 1);
        assertThat(onAir()).contains(">Word 7<");
    }

    @Test
    void whatWasPlannedCanBeLeft() {
        host.edit(theme, STRIP.formatted("Never"));
        host.put(base() + "/plan", "{\"at\":" + (System.currentTimeMillis() + 1_200) + ",\"scenes\":[]}");
        assertThat(host.delete(base() + "/plan").json().path("planned").asBoolean())
                .isFalse();
        LockSupport.parkNanos(2_500_000_000L);
        assertThat(onAir()).contains(">First<");
    }

    @Test
    void aSourceShowsTheDraftForAWhileAndThenAgainWhatIsOnAir() {
        JsonNode row = host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(one -> one.path("link").asString().equals(link))
                .findFirst()
                .orElseThrow();
        String outlet = row.path("outlet").asString();
        host.put("/api/outlets/" + outlet + "/follows", "{\"draft\":true,\"minutes\":15}");
        host.edit(theme, STRIP.formatted("Half a word"));
        try (Ear ear = Ear.outlet(link).watch()) {
            ear.await("welcome");
            assertThat(onAir()).contains(">Half a word<");
            server.bean(TransactionTemplate.class)
                    .executeWithoutResult(_ ->
                            server.bean(OutletRows.class).follow(UUID.fromString(outlet), FeedKey.Source.DRAFT, 1));
            until("it ends by itself", () -> onAir().contains(">First<"));
            until("the source is told to ask again", () -> ear.closed() > 0);
        }
        assertThat(host.put("/api/outlets/" + outlet + "/follows", "{\"draft\":true,\"minutes\":99999999}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void onePieceAloneHasALastingLinkAndABoxOfItsOwn() {
        String wish = "{\"scene\":\"%s\",\"canvas\":\"wide\",\"part\":\"PIECE:%s\"}";
        JsonNode ledger = host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "strip"))
                .json();
        JsonNode row = alone(ledger);
        assertThat(row.path("height").asInt()).as("a strip is no canvas").isBetween(20, 400);
        assertThat(row.path("title").asString()).endsWith("alone");
        String mine = row.path("link").asString();
        String page = host.open(mine).body();
        assertThat(page)
                .contains("viewBox=\"%d %d %d %d\""
                        .formatted(
                                row.path("x").asInt(),
                                row.path("y").asInt(),
                                row.path("width").asInt(),
                                row.path("height").asInt()))
                .contains(">First<")
                .contains("data-piece=\"strip\"");
        assertThat(page.split("data-piece=", -1)).as("and nothing else").hasSize(2);
        release("Another, which is very much longer than the first one was");
        JsonNode now = alone(host.get("/api/themes/" + theme + "/ledger").json());
        assertThat(now.path("width").asInt())
                .as("what is typed once stays right")
                .isEqualTo(row.path("width").asInt());
        assertThat(now.path("link").asString()).as("and so does the link").isEqualTo(mine);
        try (Ear outlet = Ear.outlet(mine).watch()) {
            outlet.await("welcome");
            release("Fourth");
            JsonNode patch = outlet.await("patch");
            assertThat(patch.path("y")).isEqualTo(row.path("y"));
            assertThat(patch.toString()).contains(">Fourth<");
        }
        assertThat(alone(host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "strip"))
                                .json())
                        .path("link")
                        .asString())
                .as("asked for twice it is the same")
                .isEqualTo(mine);
        assertThat(host.post("/api/themes/" + theme + "/sources", wish.formatted(scene, "heron"))
                        .status())
                .isEqualTo(409);
        assertThat(host.post(
                                "/api/themes/" + theme + "/sources",
                                wish.formatted(scene, "x").replace("PIECE:x", "BACK"))
                        .status())
                .isEqualTo(400);
        assertThat(host.post(
                                "/api/themes/" + theme + "/sources",
                                wish.formatted(scene, "x").replace("PIECE:x", "ATTIC"))
                        .status())
                .isEqualTo(400);
    }

    private static JsonNode alone(JsonNode ledger) {
        return ledger.path("rows")
                .valueStream()
                .filter(row -> row.path("part").asString().startsWith("PIECE:"))
                .findFirst()
                .orElseThrow();
    }
}
