package brandeon.server.desk;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The desk: for people, for those with a pass, and by the addresses of single deeds. */
@ExtendWith(RunningServer.class)
class DeskTest {

    private static final String COUNTING =
            "[{\"group\":\"COUNTS\",\"pieces\":[\"sightings\"],\"deeds\":[\"stepCount\"]}]";
    private static final String UP = "{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\",\"times\":1}";

    private Person host;
    private Person nobody;
    private String theme;
    private String show;

    @BeforeEach
    void aShow(RunningServer server) {
        UUID workspace = server.bean(Members.class).addWorkspace("Evening");
        host = server.member(workspace, Role.OWNER);
        nobody = Person.unknown(server.address());
        theme = host.newTheme("Evening");
        host.onAir(
                theme,
                "COLUMN",
                Map.of(
                        "sightings", Person.piece("sightings", "COUNTER", "{}", "{}"),
                        "guest", Person.piece("guest", "LOWER_THIRD", "{}", "{}"),
                        "tide", Person.piece("tide", "TICKER", "{}", "{}"),
                        "asked", Person.piece("asked", "QUEUE", "{}", "{}"),
                        "heard", Person.piece("heard", "NOW_PLAYING", "{}", "{}")));
        show = host.show(theme);
    }

    private JsonNode pass(String name, String grants, String goodTill) {
        Person.Answer answer = host.post(
                "/api/shows/" + show + "/passes",
                "{\"name\":\"" + name + "\",\"grants\":" + grants + ",\"goodTill\":" + goodTill + "}");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private String scene() {
        return host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
    }

    private static String token(JsonNode pass) {
        return pass.path("link").asString().replaceAll(".*#", "");
    }

    private static String all() {
        StringBuilder grants = new StringBuilder();
        for (brandeon.core.show.CueGroup group : brandeon.core.show.CueGroup.values()) {
            grants.append(grants.isEmpty() ? "[" : ",")
                    .append("{\"group\":\"")
                    .append(group)
                    .append("\",\"pieces\":[],\"deeds\":[]}");
        }
        return grants.append(']').toString();
    }

    private Person.Answer cue(String token, String cue) {
        return nobody.post("/cues/" + token, "{\"cue\":" + cue + ",\"key\":\"\",\"before\":0}");
    }

    private static void until(BooleanSupplier so) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(8);
        while (!so.getAsBoolean()) {
            assertThat(System.nanoTime()).as("in time").isLessThan(end);
            Thread.sleep(20);
        }
    }

    @Test
    void aPassDoesExactlyWhatWasTicked() {
        String token = token(pass("Tove", COUNTING, "null"));
        assertThat(cue(token, UP).status()).isEqualTo(200);
        for (String other : new String[] {
            "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":5}",
            "{\"cue\":\"showPiece\",\"piece\":\"sightings\",\"shown\":false}",
            "{\"cue\":\"letGo\",\"piece\":\"sightings\"}",
            "{\"cue\":\"startBreak\",\"seconds\":60,\"words\":\"\",\"picture\":\"\"}",
            "{\"cue\":\"putState\",\"state\":{\"held\":{},\"pause\":null,\"sequences\":[],\"underway\":[],"
                    + "\"notices\":{\"began\":0,\"first\":20,\"every\":30,\"length\":0,\"warning\":30,\"moved\":0,"
                    + "\"skipped\":[],\"listed\":[],\"now\":null},\"viewers\":{\"on\":false,\"presses\":[],\"uses\":{}},\"requests\":{\"open\":false,\"word\":\"\",\"each\":1,\"asked\":[],\"done\":0},\"tracks\":{\"now\":null,\"seconds\":0,\"since\":0,\"seen\":false}}}"
        }) {
            Person.Answer answer = cue(token, other);
            assertThat(answer.status()).as(other).isEqualTo(403);
            assertThat(answer.detail()).contains("pass of Tove");
        }
        assertThat(nobody.post(
                                "/cues/" + token + "/alerts",
                                "{\"deed\":\"PAUSE\",\"alert\":\"\",\"showing\":0,\"place\":0}")
                        .status())
                .isEqualTo(403);
        assertThat(nobody.post("/cues/" + token + "/show/startBreak", "").status())
                .isEqualTo(403);
        assertThat(nobody.get("/cues/" + token + "/state").status()).isEqualTo(403);
        assertThat(nobody.get("/cues/" + token + "/cards/guest/0.png").status()).isEqualTo(403);

        JsonNode view = nobody.get("/cues/" + token).json();
        assertThat(view.path("controls")).hasSize(1);
        assertThat(view.path("controls").get(0).path("lines"))
                .as("words are not its business")
                .isEmpty();
        assertThat(view.path("queue").isNull()).isTrue();
        assertThat(view.path("holder").asString()).isEqualTo("Tove");
        JsonNode line =
                host.get("/api/shows/" + show + "/desk").json().path("done").get(0);
        assertThat(line.path("who").asString()).as("every deed names its pass").isEqualTo("Tove");
        assertThat(line.path("mine").asBoolean(true)).isFalse();
    }

    @Test
    void withdrawnItIsGoodForNothingAtOnceAndWhoeverIsOnItIsOut() throws Exception {
        JsonNode pass = pass("Tove", COUNTING, "null");
        String token = token(pass);
        try (Ear ear = desk(token)) {
            ear.followsShow(show);
            until(() -> on(pass).size() == 1);
            assertThat(on(pass).get(0).asString()).isNotBlank();
            host.cue(theme, UP);
            assertThat(ear.await("show").path("show").asString()).isEqualTo(show);
            assertThat(host.delete("/api/shows/" + show + "/passes/"
                                    + pass.path("id").asString())
                            .status())
                    .isEqualTo(200);
            assertThat(ear.closed()).as("told to come again").isEqualTo(4205);
        }
        try (Ear ear = desk(token)) {
            assertThat(ear.closed()).isEqualTo(4410);
        }
        assertThat(cue(token, UP).status()).isEqualTo(410);
        assertThat(nobody.get("/cues/" + token).detail()).contains("withdrawn");
        assertThat(nobody.get("/cues/" + token.substring(0, 42) + (token.endsWith("A") ? "E" : "A"))
                        .status())
                .isEqualTo(404);
    }

    private JsonNode on(JsonNode pass) {
        return host.get("/api/shows/" + show + "/passes")
                .json()
                .path("passes")
                .valueStream()
                .filter(one -> one.path("id").equals(pass.path("id")))
                .findFirst()
                .orElseThrow()
                .path("on");
    }

    private Ear desk(String token) {
        return Ear.desk(nobody.address(), token);
    }

    @Test
    void aPassEndsByItselfAndSeesOnlyItsShow() throws Exception {
        String till = "\"" + Instant.now().plusMillis(1500) + "\"";
        String token = token(pass("Tove", COUNTING, till));
        String others = host.newTheme("Another evening");
        try (Ear ear = desk(token)) {
            ear.say(watch(theme, "DRAFT"));
            assertThat(ear.await("error").path("detail").asString()).contains("on air in this show");
            ear.say("{\"type\":\"followTheme\",\"theme\":\"" + others + "\"}");
            ear.await(message -> message.path("detail").asString("").contains("editor"));
            ear.say(watch(theme, "RELEASE"));
            ear.await("welcome");
            assertThat(ear.closed()).isEqualTo(4410);
        }
        assertThat(nobody.get("/cues/" + token).status()).isEqualTo(410);
        assertThat(host.post(
                                "/api/shows/" + show + "/passes",
                                "{\"name\":\"Late\",\"grants\":" + COUNTING + ",\"goodTill\":\"2020-01-01T00:00:00Z\"}")
                        .status())
                .isEqualTo(400);
    }

    private String watch(String of, String source) {
        String scene = scene();
        return "{\"type\":\"watchScene\",\"feed\":\"f\",\"theme\":\"" + of + "\",\"scene\":\"" + scene
                + "\",\"canvas\":\"wide\",\"part\":\"WHOLE\",\"source\":\"" + source
                + "\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}";
    }

    @Test
    void anAddressIsAWholeDeedAndCountsOnceByItsKey() {
        String address = "/cues/" + token(pass("Buttons", all(), "null"));
        Person.Answer first = nobody.post(address + "/sightings/stepCount", "");
        assertThat(first.status()).as(first.body()).isEqualTo(200);
        assertThat(value(first)).isEqualTo(1);
        assertThat(value(nobody.post(address + "/sightings/stepCount?times=4", "")))
                .isEqualTo(5);
        assertThat(value(nobody.post(address + "/sightings/setCount", "{\"value\":40}")))
                .isEqualTo(40);
        for (int i = 0; i < 2; i++) {
            Person.Answer again = nobody.send(nobody.request(address + "/sightings/stepCount")
                    .header("Idempotency-Key", "press-1")
                    .POST(java.net.http.HttpRequest.BodyPublishers.noBody())
                    .build());
            assertThat(again.json().path("repeated").asBoolean()).isEqualTo(i == 1);
            assertThat(value(again)).isEqualTo(41);
        }
        assertThat(nobody.post(address + "/sightings/setCount", "").detail()).contains("needs the figure “value”");
        assertThat(nobody.post(address + "/sightings/setCount", "{\"value\":").status())
                .isEqualTo(400);
        assertThat(nobody.post(address + "/nobody/stepCount", "").status()).isEqualTo(400);
        assertThat(nobody.post(address + "/sightings/stepCount?times=abc", "").body())
                .contains("“abc” is not a whole number (in the field “times”).");
        assertThat(nobody.get(address + "/sightings/stepCount").status())
                .as("no link preview can press it")
                .isEqualTo(405);
        JsonNode cues = host.get("/api/shows/" + show + "/cues").json();
        assertThat(cues.get(0).path("door").asString()).isEqualTo("ADDRESS");
        assertThat(cues.get(0).path("who").asString()).isEqualTo("Buttons");
    }

    private static int value(Person.Answer answer) {
        return (int) answer.json()
                .path("control")
                .path("tallies")
                .get(0)
                .path("value")
                .asDouble();
    }

    @Test
    void theWholeStateGoesOutAndInAgain() {
        String address = "/cues/" + token(pass("Script", all(), "null")) + "/state";
        host.cue(theme, "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":12}");
        String out = nobody.get(address).body();
        host.cue(theme, "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":1}");
        Person.Answer in = nobody.put(address, out);
        assertThat(in.status()).as(in.body()).isEqualTo(200);
        assertThat(nobody.get(address).body()).isEqualTo(out);
        Person.Answer wrong = nobody.put(address, out.replace("\"sightings\"", "\"tide\""));
        assertThat(wrong.status()).isEqualTo(409);
        assertThat(nobody.get(address).body()).as("all or nothing").isEqualTo(out);
        assertThat(nobody.put(address, "{\"held\":{}}").status()).isEqualTo(400);
    }

    /** Read by swagger-core's own model of OpenAPI 3.1. */
    @Test
    void itsDescriptionIsOpenApiOfExactlyWhatItMay() throws Exception {
        String counting = nobody.get("/cues/" + token(pass("Tove", COUNTING, "null")) + "/openapi.json")
                .body();
        OpenAPI read = Json31.mapper().readValue(counting, OpenAPI.class);
        assertThat(read.getPaths()).containsOnlyKeys("/sightings/stepCount");
        Schema<?> body = read.getPaths()
                .get("/sightings/stepCount")
                .getPost()
                .getRequestBody()
                .getContent()
                .get("application/json")
                .getSchema();
        assertThat(body.getProperties().keySet()).containsExactlyInAnyOrder("field", "times");
        String everything = nobody.get("/cues/" + token(pass("All", all(), "null")) + "/openapi.json")
                .body();
        assertThat(Json31.mapper().readValue(everything, OpenAPI.class).getPaths())
                .containsKeys("/show/startBreak", "/guest/takeCard", "/tide/showPiece", "/show/skip", "/state")
                .doesNotContainKey("/tide/stepCount");
    }

    @Test
    void aBreakCoversEverySourceAndIsCountedWhenItIsOver() {
        String link = host.link(theme, scene(), "wide", "WHOLE");
        try (Ear outlet = Ear.outlet(link).watch()) {
            outlet.await("welcome");
            String desk = "/api/shows/" + show + "/desk";
            host.post(
                    desk + "/cues",
                    "{\"cue\":{\"cue\":\"startBreak\",\"seconds\":60,\"words\":\"Tea\",\"picture\":\"\"},\"key\":\"\",\"before\":0}");
            JsonNode patch = outlet.await("patch");
            assertThat(patch.path("order").get(0).asString()).isEqualTo("break-screen");
            assertThat(patch.path("order").valueStream().skip(1))
                    .as("nothing else is left but what announces alerts")
                    .allMatch(piece -> piece.asString().startsWith("announcer"));
            assertThat(patch.toString()).contains(">Tea<");
            host.post(desk + "/cues", "{\"cue\":{\"cue\":\"endBreak\"},\"key\":\"\",\"before\":0}");
            assertThat(outlet.await(message -> message.path("type").asString().equals("patch")
                                    && !message.path("order").toString().contains("break-screen"))
                            .path("order")
                            .toString())
                    .contains("sightings", "guest", "tide");
            JsonNode breaks = host.get(desk + "/breaks").json();
            assertThat(breaks).hasSize(1);
            assertThat(breaks.get(0).path("plannedSeconds").asInt()).isEqualTo(60);
        }
    }

    @Test
    void sequencesRunByThemselvesAndAreTold() throws Exception {
        write("open", 150);
        String desk = "/api/shows/" + show + "/desk";
        start("open");
        until(() -> host.get(desk).json().path("sequences").get(0).path("taken").asInt() == -1);
        JsonNode done = host.get(desk).json().path("done");
        assertThat(done.get(0).path("who").asString()).isEqualTo("The show");
        // A busy machine takes steps together that are near each other.
        List<String> steps = done.valueStream()
                .filter(one -> one.path("who").asString().equals("The show"))
                .map(one -> one.path("sentence").asString())
                .toList();
        assertThat(String.join("; ", steps.reversed()))
                .as("each step once, one after the other")
                .containsOnlyOnce("sightings: 9")
                .containsOnlyOnce("tide: shown")
                .containsSubsequence("sightings: 9", "tide: shown");
        assertThat(done).as("written and started, and nothing else").hasSize(2 + steps.size());
    }

    @Test
    void theDeskTellsHowFarASequenceIs() {
        write("slow", (int) Duration.ofMinutes(10).toMillis());
        JsonNode receipt = start("slow");
        JsonNode started = host.get("/api/shows/" + show + "/desk").json();
        assertThat(started.path("version").asLong())
                .isGreaterThanOrEqualTo(receipt.path("version").asLong());
        assertThat(started.path("sequences").get(0).path("taken").asInt())
                .as("the first step is due at once, and the second not for a long time")
                .isEqualTo(1);
    }

    /** A sequence of three steps, the second {@code milliseconds} after the first. */
    private void write(String sequence, int milliseconds) {
        assertThat(host.cue(theme, """
                {"cue":"writeSequence","sequence":{"id":"%s","name":"Opening","scene":"","steps":[
                {"after":0,"cue":{"cue":"showPiece","piece":"tide","shown":false}},
                {"after":%d,"cue":{"cue":"setCount","piece":"sightings","field":"value","value":9}},
                {"after":100,"cue":{"cue":"showPiece","piece":"tide","shown":true}}]}}""".formatted(sequence, milliseconds).replace("\n", ""))
                        .status())
                .isEqualTo(200);
    }

    private JsonNode start(String sequence) {
        return host.post(
                        "/api/shows/" + show + "/desk/cues",
                        "{\"cue\":{\"cue\":\"startSequence\",\"sequence\":\"" + sequence
                                + "\"},\"key\":\"\",\"before\":0}")
                .json();
    }

    @Test
    void deedsOfOthersAreTakenBackWhereNothingWasBuiltUponThem() {
        Person friend = host;
        String token = token(pass("Tove", all(), "null"));
        cue(token, UP);
        cue(token, "{\"cue\":\"showPiece\",\"piece\":\"tide\",\"shown\":false}");
        friend.cue(theme, UP);
        String desk = "/api/shows/" + show + "/desk";
        JsonNode done = host.get(desk).json().path("done");
        long counted = done.get(2).path("number").asLong();
        assertThat(host.post(desk + "/undo/" + counted, "").status()).isEqualTo(200);
        assertThat(host.post(desk + "/undo/" + counted, "").status()).isEqualTo(409);
        assertThat(host.get(desk)
                        .json()
                        .path("controls")
                        .valueStream()
                        .filter(one -> one.path("piece").asString().equals("sightings"))
                        .findFirst()
                        .orElseThrow()
                        .path("tallies")
                        .get(0)
                        .path("value")
                        .asDouble())
                .as("what was counted after it stays")
                .isEqualTo(1);
        friend.cue(theme, "{\"cue\":\"showPiece\",\"piece\":\"tide\",\"shown\":true}");
        assertThat(host.post(desk + "/undo/" + done.get(1).path("number").asLong(), "")
                        .detail())
                .contains("since");
        assertThat(nobody.post("/cues/" + token + "/undo", "").status()).isEqualTo(200);
    }

    @Test
    void whatWasPressedTooLongAgoIsNotDone() {
        String desk = "/api/shows/" + show + "/desk/cues";
        String wish = "{\"cue\":" + UP + ",\"key\":\"\",\"before\":%d}";
        long now = System.currentTimeMillis();
        assertThat(host.post(desk, wish.formatted(now - 1)).detail()).contains("too long ago");
        assertThat(host.post(desk, wish.formatted(now + 5000)).status()).isEqualTo(200);
    }

    @Test
    void outletsTellHowFarADeedHasCome() {
        String scene = scene();
        try (Ear outlet = Ear.outlet(host.link(theme, scene, "wide", "WHOLE")).watch();
                Ear editor = Ear.editor(host)) {
            String hash = outlet.await("welcome").path("hash").asString();
            report(outlet, hash);
            editor.followsShow(show);
            host.cue(theme, UP);
            String next = outlet.await("patch").path("hash").asString();
            JsonNode before = editor.await("arrived");
            assertThat(before.path("of").asInt()).isEqualTo(1);
            report(outlet, next);
            editor.await(message -> message.path("type").asString().equals("arrived")
                    && message.path("on").asInt() == 1);
            JsonNode view = host.get("/api/shows/" + show + "/desk").json();
            assertThat(view.path("arrived").path("on").asInt()).isEqualTo(1);
            assertThat(view.path("themes")
                            .get(0)
                            .path("canvases")
                            .get(0)
                            .path("seen")
                            .asString())
                    .isEqualTo(scene);
        }
    }

    @Test
    void aSequenceStartsOnceWhenItsSceneComesOn() throws Exception {
        String scene = scene();
        assertThat(host.cue(
                                theme,
                                "{\"cue\":\"writeSequence\",\"sequence\":{\"id\":\"s\",\"name\":\"Opening\",\"scene\":\""
                                        + scene + "\",\"steps\":[{\"after\":0,\"cue\":" + UP + "}]}}")
                        .status())
                .isEqualTo(200);
        try (Ear one = Ear.outlet(host.link(theme, scene, "wide", "WHOLE")).watch();
                Ear other = Ear.outlet(host.link(theme, scene, "wide", "FRONT")).watch();
                Ear framed = Ear.outlet(host.link(theme, scene, "wide", "BACK"), "&framed")
                        .watch()) {
            report(framed, one.await("welcome").path("hash").asString());
            report(one, "");
            report(other, other.await("welcome").path("hash").asString());
            report(one, "");
            until(() -> host.get("/api/shows/" + show + "/desk")
                    .json()
                    .path("done")
                    .get(0)
                    .path("sentence")
                    .asString()
                    .startsWith("Opening: started"));
            report(other, "");
            Thread.sleep(150);
            assertThat(host.get("/api/shows/" + show + "/desk").json().path("done"))
                    .as("however many sources tell of it")
                    .hasSize(2);
        }
    }

    private static void report(Ear outlet, String hash) {
        outlet.reports(1920, 1080, hash, true, "UNTRIED");
    }

    @Test
    void viewersPressWithAChatLineOnceEach() throws Exception {
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        assertThat(host.cue(theme, """
                        {"cue":"writePresses","presses":[{"id":"p","kind":"CHAT","word":"!heron","least":0,
                        "cue":{"cue":"stepCount","piece":"sightings","field":"value","times":1},
                        "pause":0,"perPerson":2,"perShow":0,"supporters":false}]}""".replace("\n", "")).status()).isEqualTo(200);
        String line = "{\"name\":\"%s\",\"message\":\"%s\"}";
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!heron too early"));
        host.cue(theme, "{\"cue\":\"allowViewers\",\"on\":true}");
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!heron over there"));
        host.signals(channel, "alder.chat", line.formatted("Ilse", "I saw one"));
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!heron"));
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!heron once more"));
        host.signals(channel, "alder.chat", line.formatted("Tove", "!HERON"));
        String desk = "/api/shows/" + show + "/desk";
        until(() -> host.get(desk)
                .json()
                .path("done")
                .get(0)
                .path("sentence")
                .asString()
                .equals("sightings: 3"));
        JsonNode done = host.get(desk).json().path("done").get(0);
        assertThat(done.path("who").asString()).as("each deed names its viewer").isIn("Tove", "Ilse");
        assertThat(done.path("standing").asBoolean()).isTrue();
    }

    private JsonNode desk() {
        return host.get("/api/shows/" + show + "/desk").json();
    }

    @Test
    void viewersAskWithAChatLineAsFarAsTheyMay() throws Exception {
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        String line = "{\"name\":\"%s\",\"message\":\"%s\"}";
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!listen bittern"));
        host.cue(theme, "{\"cue\":\"takeRequests\",\"open\":true,\"word\":\"!listen\",\"each\":1}");
        assertThat(host.put("/api/shows/" + show + "/chat", "{\"words\":[\"shriek\"],\"links\":true}")
                        .status())
                .isEqualTo(200);
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!listen water rail"));
        host.signals(channel, "alder.chat", line.formatted("Ilse", "!listen and a snipe"));
        host.signals(channel, "alder.chat", line.formatted("Oskar", "listen to that"));
        host.signals(channel, "alder.chat", line.formatted("Wren", "!LISTEN that shriek at marsh.example"));
        until(() -> desk().path("requests").path("asked").size() == 2);
        JsonNode asked = desk().path("requests").path("asked");
        assertThat(asked.get(0).path("what").asString()).isEqualTo("water rail");
        assertThat(asked.get(1).path("what").asString())
                .as("what this show hides of its chat stays hidden")
                .isEqualTo("that ••• at (link)");
        assertThat(asked.get(0).path("approved").asBoolean()).isFalse();
        // Somebody who may approve, and nothing else, presses a button without figures.
        String approve = "/cues/"
                + token(pass(
                        "Tove", "[{\"group\":\"REQUESTS\",\"pieces\":[],\"deeds\":[\"approveRequest\"]}]", "null"));
        assertThat(nobody.post(approve + "/show/approveRequest", "").status()).isEqualTo(200);
        assertThat(nobody.post(approve + "/show/refuseRequest", "").status()).isEqualTo(403);
        assertThat(desk().path("requests").path("asked").get(0).path("approved").asBoolean())
                .isTrue();
        JsonNode seen = nobody.get(approve).json();
        assertThat(seen.path("requests").path("asked").size()).isEqualTo(2);
        assertThat(seen.path("tracks").isNull()).isTrue();
        assertThat(seen.path("controls").size()).isZero();
    }

    @Test
    void aPlayerSaysWhatIsHeardAgainAndAgain() {
        String grants = "[{\"group\":\"TRACK\",\"pieces\":[],\"deeds\":[\"playTrack\",\"endTrack\"]}]";
        String address = "/cues/" + token(pass("Player", grants, "null")) + "/track";
        String curlews = "{\"title\":\"Curlews\",\"artist\":\"Tove Sedge\",\"position\":%d,\"length\":94}";
        Person.Answer first = nobody.put(address, curlews.formatted(10));
        assertThat(first.status()).as(first.body()).isEqualTo(200);
        long version = first.json().path("version").asLong();
        Person.Answer again = nobody.put(address, curlews.formatted(10));
        assertThat(again.json().path("repeated").asBoolean()).isTrue();
        assertThat(again.json().path("version").asLong())
                .as("what is known already is no deed")
                .isEqualTo(version);
        assertThat(desk().path("tracks").path("now").path("title").asString()).isEqualTo("Curlews");
        assertThat(desk().path("tracks").path("seen").asBoolean()).isTrue();
        assertThat(nobody.put(address, curlews.formatted(50))
                        .json()
                        .path("version")
                        .asLong())
                .isEqualTo(version + 1);
        assertThat(nobody.put(address, "{\"title\":\"Rain\",\"length\":\"long\"}")
                        .status())
                .isEqualTo(400);
        assertThat(nobody.put(address, "{\"title\":\"Rain\",\"position\":9,\"length\":3}")
                        .status())
                .isBetween(400, 409);
        assertThat(nobody.put(address, "[1").status()).isEqualTo(400);
        assertThat(nobody.put(address, "{\"title\":\"\"}").status()).isEqualTo(200);
        assertThat(nobody.put(address, "").json().path("repeated").asBoolean()).isTrue();
        assertThat(desk().path("tracks").path("seen").asBoolean()).isFalse();
        String counting = "/cues/" + token(pass("Tove", COUNTING, "null")) + "/track";
        assertThat(nobody.put(counting, curlews.formatted(1)).status()).isEqualTo(403);
    }

    @Test
    void aPlatformSaysWhenThereIsAdvertising() throws Exception {
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.signals(channel, "alder.advertising", "{\"name\":\"Alder\",\"amount\":90}");
        until(() -> desk().path("notices").path("told").path("running").asBoolean());
        JsonNode told = desk().path("notices").path("told");
        assertThat(told.path("until").asLong() - desk().path("now").asLong()).isBetween(60_000L, 90_000L);
        host.signals(channel, "alder.advertising", "{\"name\":\"Alder\",\"amount\":0}");
        until(() -> desk().path("notices").path("told").isNull());
        assertThat(desk().path("queue").path("alerts").size())
                .as("it is nothing to be announced")
                .isZero();
    }

    @Test
    void aCardIsSeenAsItWillStand() {
        Person.Answer picture = host.get("/api/shows/" + show + "/desk/cards/guest/0.png");
        assertThat(picture.status()).isEqualTo(200);
        assertThat(picture.type()).isEqualTo("image/png");
        assertThat(host.get("/api/shows/" + show + "/desk/cards/guest/7.png").status())
                .isEqualTo(404);
        assertThat(host.get("/api/shows/" + show + "/desk/cards/nobody/0.png").status())
                .isEqualTo(404);
    }
}
