package brandeon.server.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Keys;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class OutletTest {

    private RunningServer server;
    private Person host;
    private Person broadcaster;
    private String theme;

    @BeforeEach
    void aThemeOnAir(RunningServer running) {
        server = running;
        host = running.host();
        broadcaster = Person.unknown(running.address());
        theme = host.newTheme("Outlets");
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"s\",\"kind\":\"SCREEN\",\"name\":\"S\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{\"title\":\"Dusk\"},\"figures\":{},\"inlay\":null}}");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"start\",\"name\":\"Start\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("s", "FULL") + "]}}");
        host.post("/api/themes/" + theme + "/on-air", "");
    }

    @Test
    void theDraftReachesNobodyUntilItIsPutOnAir() {
        try (Ear outlet = Ear.outlet(link()).watch()) {
            String first = outlet.await("welcome").path("hash").asString();
            title("Deeper dusk");
            assertThat(broadcasterSees(outlet, first)).contains("Dusk").doesNotContain("Deeper");
            host.post("/api/themes/" + theme + "/on-air", "");
            JsonNode patch = outlet.await("patch");
            assertThat(patch.path("number").asLong()).isEqualTo(1);
            assertThat(patch.path("layers").get(0).path("svg").asString()).contains("Deeper dusk");
        }
    }

    /** The page, the socket and the patches after it show what stands in the link, in that source alone. */
    @Test
    void whatStandsInALinkCountsForThatSourceAloneAndWhatIsWrongIsTold() {
        String settings = "s.title=Only+here+%3Cb%3E&s.moving=3";
        String page =
                broadcaster.get(URI.create(link()).getPath() + "?" + settings).body();
        assertThat(page).contains("Only here &lt;b").doesNotContain("<b>").doesNotContain("Dusk");
        assertThat(broadcaster.get(URI.create(link()).getPath()).body())
                .contains("Dusk")
                .doesNotContain("Only here");
        try (Ear with = Ear.outlet(link(), "&set=" + encoded(settings)).watch();
                Ear without = Ear.outlet(link()).watch()) {
            String hash = with.await("welcome").path("hash").asString();
            without.await("welcome");
            assertThat(broadcasterSees(with, hash)).contains("Only here");
            with.reports(1920, 1080, hash, true, "UNTRIED");
            assertThat(finding("SETTINGS").path("sentence").asString()).contains("one of still (costs less), moving");
            title("Nightjar");
            host.post("/api/themes/" + theme + "/on-air", "");
            assertThat(without.await("patch").toString()).contains("Nightjar");
            assertThat(with.heard()).noneMatch(heard -> heard.toString().contains("Nightjar"));
        }
        JsonNode asked = host.get(
                        "/api/outlets/" + row().path("outlet").asString() + "/settings?set=" + encoded(settings))
                .json();
        assertThat(asked.path("ignored")).hasSize(1);
        assertThat(asked.path("allowed").findValuesAsString("name")).contains("s.title", "colour1");
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private JsonNode finding(String kind) {
        long end = System.nanoTime() + 10_000_000_000L;
        while (true) {
            Optional<JsonNode> found = host.get("/api/themes/" + theme + "/ledger")
                    .json()
                    .path("findings")
                    .valueStream()
                    .filter(finding -> finding.path("kind").asString().equals(kind))
                    .findFirst();
            if (found.isPresent()) {
                return found.get();
            }
            assertThat(System.nanoTime()).as("until " + kind + " is found").isLessThan(end);
            LockSupport.parkNanos(100_000_000);
        }
    }

    @Test
    void noAddressOfASourceIsAnError() {
        String path = URI.create(link()).getPath();
        for (String query : List.of(
                "?",
                "?s.title",
                "?=&&=",
                "?s.title=" + "x".repeat(3000),
                "?" + "s.title=x&".repeat(50),
                "?s.title=%ff%fe",
                "?s.title=%00",
                "?s.title=%ed%a0%80")) {
            Person.Answer answer = broadcaster.get(path + query);
            assertThat(answer.status()).as(query).isEqualTo(200);
            assertThat(answer.body()).contains("id=\"overlay\"");
        }
    }

    /** Browsers write braces and the like into a request as they were typed (WHATWG URL, query percent-encode set). */
    @Test
    void lettersThatBrowsersDoNotEncodeAreNoError() throws IOException {
        URI uri = URI.create(link());
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream()
                    .write(("GET " + uri.getPath()
                                    + "?s.title={nobody}|^`[]\\ HTTP/1.1\r\nHost: here\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 200").contains("id=\"overlay\"");
        }
    }

    @Test
    void anOutletThatFollowsTheDraftSeesEachEdit() {
        host.put("/api/outlets/" + row().path("outlet").asString() + "/follows", "{\"draft\":true,\"minutes\":0}");
        try (Ear outlet = Ear.outlet(link()).watch()) {
            outlet.await("welcome");
            title("Nightjar");
            assertThat(outlet.await("patch").toString()).contains("Nightjar");
        }
    }

    @Test
    void whoComesBackGetsOnlyWhatWasMissed() {
        try (Ear first = Ear.outlet(link()).watch();
                Ear second = Ear.outlet(link()).watch()) {
            JsonNode welcome = first.await("welcome");
            second.await("welcome");
            for (String text : new String[] {"One", "Two", "Three"}) {
                title(text);
                host.post("/api/themes/" + theme + "/on-air", "");
                second.await(m -> m.path("type").asString().equals("patch")
                        && m.toString().contains(text));
            }
            try (Ear back = Ear.outlet(link()).watch(welcome.path("epoch").asString(), 1)) {
                assertThat(back.await("welcome").path("hash").asString())
                        .as("nothing whole to fetch")
                        .isEmpty();
                back.await(m -> m.path("number").asLong() == 3
                        && m.path("type").asString().equals("patch"));
                assertThat(back.heard().stream()
                                .filter(m -> m.path("type").asString().equals("patch"))
                                .map(m -> m.path("number").asLong()))
                        .containsExactly(2L, 3L);
            }
            try (Ear late = Ear.outlet(link()).watch("another server", 1)) {
                assertThat(late.await("welcome").path("hash").asString())
                        .as("another server's numbers mean nothing")
                        .hasSize(64);
            }
        }
    }

    @Test
    void takingBackShowsTheEarlierRelease() {
        title("A mistake");
        host.post("/api/themes/" + theme + "/on-air", "");
        host.post("/api/themes/" + theme + "/on-air/back", "");
        try (Ear outlet = Ear.outlet(link()).watch()) {
            assertThat(broadcasterSees(
                            outlet, outlet.await("welcome").path("hash").asString()))
                    .doesNotContain("mistake");
        }
        assertThat(host.post("/api/themes/" + theme + "/on-air/back", "").status())
                .as("there is nothing before the first")
                .isEqualTo(409);
    }

    /** Release 2 was a mistake and taken back; what is put on air after that follows release 1. */
    @Test
    void takingBackLeadsToWhatWasOnAirBefore() {
        title("A mistake");
        host.post("/api/themes/" + theme + "/on-air", "");
        host.post("/api/themes/" + theme + "/on-air/back", "");
        title("Third");
        host.post("/api/themes/" + theme + "/on-air", "");
        JsonNode ledger = host.post("/api/themes/" + theme + "/on-air/back", "").json();
        assertThat(ledger.path("onAir").asInt()).isEqualTo(1);
        assertThat(ledger.path("earlier").asInt(-1)).isZero();
    }

    /** They went on painting. */
    @Test
    void sourcesOfADeletedThemeAreEmptyAtOnceAndTheirLinksGone() {
        try (Ear outlet = Ear.outlet(link()).watch()) {
            outlet.await("welcome");
            String gone = link();
            assertThat(host.delete("/api/themes/" + theme).status()).isEqualTo(204);
            assertThat(outlet.closed()).isEqualTo(4205);
            try (Ear again = Ear.outlet(gone)) {
                assertThat(again.closed()).isEqualTo(4404);
            }
        }
    }

    /** What depends on the instant waits for the page's script; everything else is painted by the page alone. */
    @Test
    void thePageHoldsThePictureOfItsMoment() {
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"c\",\"kind\":\"COUNTDOWN\",\"name\":\"C\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
        host.edit(
                theme,
                "{\"edit\":\"place\",\"scene\":\"start\",\"index\":1,\"placed\":" + Person.placed("c", "CLOCK") + "}");
        title("Dusk </script><b>&");
        host.post("/api/themes/" + theme + "/on-air", "");
        String page = broadcaster.open(link()).body();
        assertThat(page)
                .containsPattern("<svg [^>]*data-piece=\"s\" style=\"[^\"]*hidden\">")
                .contains("Dusk &lt;/script&gt;&lt;b&gt;&amp;")
                .containsPattern("<svg [^>]*data-piece=\"c\" style=\"[^\"]*;visibility:hidden\">")
                .doesNotContainPattern("data-piece=\"s\" style=\"[^\"]*visibility");
        assertThat(page.split("</script>"))
                .as("the page's own scripts, and no other end of one")
                .hasSizeLessThanOrEqualTo(4);
        try (Ear outlet = Ear.outlet(link()).watch()) {
            assertThat(page)
                    .as("the welcome names the picture that the page has")
                    .contains(
                            "\"hash\":\"" + outlet.await("welcome").path("hash").asString() + "\"");
        }
    }

    /** Content Security Policy Level 3, section 6.7.2: the digest of the script's own letters, in Base64. */
    @Test
    void onlyWhatBringsItsScriptsOnceItIsPaintedRunsInThePageItself() throws Exception {
        HttpResponse<String> answer = opened(link());
        String page = answer.body();
        assertThat(page)
                .containsOnlyOnce("<script>")
                .doesNotContain("<script type=\"module\"")
                .doesNotContain("modulepreload");
        String script = page.substring(page.indexOf("<script>") + 8, page.lastIndexOf("</script>"));
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(script.getBytes(StandardCharsets.UTF_8));
        assertThat(policy(answer))
                .contains("script-src")
                .contains("'sha256-" + Base64.getEncoder().encodeToString(digest) + "'")
                .doesNotContain("script-src 'unsafe");
        List<String> scripts = Pattern.compile("\"(/assets/[^\"]+)\"")
                .matcher(script)
                .results()
                .map(found -> found.group(1))
                .toList();
        assertThat(scripts).isNotEmpty().allSatisfy(one -> {
            HttpResponse<String> kept = opened(one);
            assertThat(kept.statusCode()).isEqualTo(200);
            // A browser may give to the practice rig's frames what it was given for the editor.
            assertThat(kept.headers().firstValue("Access-Control-Allow-Origin")).hasValue("*");
        });
        assertThat(policy(opened("/"))).contains("script-src").doesNotContain("sha256");
    }

    private HttpResponse<String> opened(String address) throws IOException, InterruptedException {
        return broadcaster
                .http()
                .send(
                        broadcaster
                                .request(address)
                                .header("Accept", "text/html")
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private static String policy(HttpResponse<?> answer) {
        return answer.headers().firstValue("Content-Security-Policy").orElse("");
    }

    @Test
    void aThemeWithoutScenesIsNotPutOnAir() {
        Person.Answer answer = host.post("/api/themes/" + host.newTheme("Empty") + "/on-air", "");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.detail()).contains("no scene");
    }

    @Test
    void theLinkStaysThroughEditsAndChangesOnlyWhenIssuedAnew() {
        String link = link();
        title("Other");
        host.post("/api/themes/" + theme + "/on-air", "");
        assertThat(link()).isEqualTo(link);
        try (Ear open = Ear.outlet(link).watch()) {
            open.await("welcome");
            host.post("/api/outlets/" + row().path("outlet").asString() + "/reissue", "");
            assertThat(open.closed())
                    .as("open sources must prove themselves again")
                    .isEqualTo(4205);
        }
        assertThat(link()).isNotEqualTo(link);
        assertThat(broadcaster.get(link).status()).isEqualTo(410);
        assertThat(broadcaster.get(link).detail()).contains("replaced");
        assertThat(broadcaster.open(link).body())
                .as("nothing is painted on a live picture")
                .contains("<body></body>");
        try (Ear old = Ear.outlet(link)) {
            assertThat(old.closed()).isEqualTo(4410);
        }
        assertThat(findings("OLD_LINK"))
                .as("the ledger tells where it is still open")
                .singleElement()
                .satisfies(finding -> assertThat(finding.path("sentence").asString())
                        .contains("former link")
                        .contains("the server’s own machine"));
        assertThat(broadcaster.open(link()).status()).isEqualTo(200);
    }

    @Test
    void aWithdrawnLinkShowsNothing() {
        host.post("/api/outlets/" + row().path("outlet").asString() + "/withdraw", "");
        assertThat(broadcaster.get(link()).status()).isEqualTo(410);
        assertThat(row().path("state").asString()).isEqualTo("WITHDRAWN");
    }

    @Test
    void anUnknownLinkIsNotThere() {
        Keys keys = server.bean(Keys.class);
        for (String wrong : new String[] {
            "nonsense",
            "A".repeat(43),
            keys.token(Keys.Use.OUTLET, UUID.randomUUID(), 1),
            link().substring(link().lastIndexOf('/') + 1, link().length() - 3) + "AAA"
        }) {
            assertThat(broadcaster.get("/o/" + wrong).status()).as(wrong).isEqualTo(404);
            try (Ear ear = Ear.outlet(server.address() + "/o/" + wrong)) {
                assertThat(ear.closed()).isEqualTo(4404);
            }
        }
    }

    @Test
    void aSourceOfTheWrongSizeIsToldOnTheLedgerWithTheNumbersToType() {
        try (Ear outlet = Ear.outlet(link()).watch()) {
            String hash = outlet.await("welcome").path("hash").asString();
            report(outlet, 800, 600, hash);
            awaitState("WRONG");
            assertThat(row().path("sentence").asString()).startsWith("Runs at 800 × 600");
            assertThat(findings("WRONG_SIZE"))
                    .singleElement()
                    .satisfies(finding -> assertThat(finding.path("remedy").asString())
                            .contains("width 1920")
                            .contains("height 1080"));
            report(outlet, 1920, 1080, hash);
            awaitState("RIGHT");
        }
        awaitState("NOT_OPEN");
    }

    @Test
    void anOutletCannotListenToAnythingElse() {
        try (Ear outlet = Ear.outlet(link())
                .say(
                        "{\"type\":\"watchScene\",\"feed\":\"x\",\"theme\":\"" + host.demo()
                                + "\",\"scene\":\"hide\",\"canvas\":\"wide\",\"part\":\"WHOLE\",\"source\":\"DRAFT\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}")) {
            assertThat(outlet.await("error").path("detail").asString()).contains("for the editor");
            assertThat(outlet.heard()).hasSize(1);
            outlet.watch();
            String hash = outlet.await("welcome").path("hash").asString();
            assertThat(broadcaster
                            .get("/pictures/" + hash)
                            .json()
                            .path("layers")
                            .size())
                    .as("its own scene's one piece")
                    .isEqualTo(1);
            assertThat(outlet.say("nonsense").await("error").path("detail").asString())
                    .isNotBlank();
        }
    }

    @Test
    void anAlertPlaysAndTheLatestSupporterChanges() {
        String demo = host.demo();
        String channel = host.get("/api/themes/" + demo).json().path("channel").asString();
        try (Ear outlet = Ear.outlet(host.link(demo, "hide", "wide", "FRONT")).watch()) {
            outlet.await("welcome");
            host.signals(channel, "alder.subscription.new", "{\"name\":\"Maret Sedge\"}");
            String name = host.get("/api/channels/" + channel + "/record")
                    .json()
                    .get(0)
                    .path("name")
                    .asString();
            String heard = outlet.await(m -> m.path("type").asString().equals("patch")
                            && m.toString().contains(name + " subscribed"))
                    .toString();
            assertThat(heard).contains("New subscriber");
            assertThat(outlet.await(m -> m.path("layers")
                                    .valueStream()
                                    .anyMatch(layer ->
                                            layer.path("piece").asString().equals("supporter")))
                            .toString())
                    .contains(name);
        }
    }

    private void title(String text) {
        assertThat(host.edit(
                                theme,
                                "{\"edit\":\"setContent\",\"piece\":\"s\",\"field\":\"title\",\"value\":\"" + text
                                        + "\"}")
                        .status())
                .isEqualTo(200);
    }

    private String broadcasterSees(Ear outlet, String hash) {
        assertThat(outlet.heard()).noneMatch(m -> m.path("type").asString().equals("patch"));
        return broadcaster.get("/pictures/" + hash).body();
    }

    private static void report(Ear outlet, int width, int height, String hash) {
        outlet.reports(width, height, hash, true, "UNTRIED");
    }

    private void awaitState(String state) {
        long end = System.nanoTime() + 10_000_000_000L;
        while (!row().path("state").asString().equals(state)) {
            assertThat(System.nanoTime()).as("waiting for %s", state).isLessThan(end);
        }
    }

    private List<JsonNode> findings(String kind) {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("findings")
                .valueStream()
                .filter(finding -> finding.path("kind").asString().equals(kind))
                .toList();
    }

    private String link() {
        return host.link(theme, "start", "wide", "WHOLE");
    }

    private JsonNode row() {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("canvas").asString().equals("wide")
                        && row.path("part").asString().equals("WHOLE"))
                .findFirst()
                .orElseThrow();
    }
}
