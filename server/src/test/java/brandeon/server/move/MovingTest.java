package brandeon.server.move;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class MovingTest {

    private static final String NONE = "{\"kept\":[],\"texts\":{},\"values\":{}}";

    private static Person.Answer plan(Person who, String theme, String to, String choices) {
        return who.post(
                "/api/themes/" + theme + "/move/plan", "{\"platform\":\"" + to + "\",\"choices\":" + choices + "}");
    }

    @Test
    void aPlanIsWantedOtherwiseAndTheCopyIsAsItSays(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        String id = "value/follower/value/latestFollower";
        JsonNode proposed = plan(host, theme, "birch", NONE).json();
        assertThat(proposed.path("values")
                        .valueStream()
                        .map(line -> line.path("id").asString()))
                .contains(id);
        String text = "alert/subscription/kicker";
        String choices = "{\"kept\":[\"signal/FOLLOW\"],\"texts\":{\"" + text + "\":\"One of us\"},\"values\":{\"" + id
                + "\":\"latestMessage\"}}";
        JsonNode wanted = plan(host, theme, "birch", choices).json();
        assertThat(wanted.path("texts")
                        .valueStream()
                        .filter(line -> line.path("id").asString().equals(text)))
                .singleElement()
                .matches(line -> line.path("after").asString().equals("One of us"));

        Person.Answer scenes = host.post(
                "/api/themes/" + theme + "/move/scenes", "{\"platform\":\"birch\",\"choices\":" + choices + "}");
        assertThat(scenes.status()).as(scenes.body()).isEqualTo(200);
        JsonNode scene = scenes.json()
                .valueStream()
                .filter(one -> one.path("scene").asString().equals("hide"))
                .findFirst()
                .orElseThrow();
        assertThat(scene.path("sentences").toString()).contains("say something else");
        Person.Answer picture = host.post(
                "/api/themes/" + theme + "/move/picture",
                "{\"platform\":\"birch\",\"choices\":" + choices + ",\"scene\":\""
                        + scene.path("scene").asString() + "\",\"canvas\":\""
                        + scene.path("canvases").get(0).asString() + "\"}");
        assertThat(picture.status()).isEqualTo(200);
        assertThat(picture.type()).isEqualTo("image/png");

        String copy = host.post(
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"reeds there\",\"choices\":" + choices + "}")
                .json()
                .path("theme")
                .asString();
        JsonNode moved = host.get("/api/themes/" + copy).json().path("theme");
        assertThat(moved.path("pieces").toString()).contains("{latestMessage}").doesNotContain("latestFollower");
        assertThat(moved.path("alerts")
                        .valueStream()
                        .filter(rule -> rule.path("kicker").asString().equals("One of us")))
                .hasSize(1);
        assertThat(moved.path("alerts")
                        .valueStream()
                        .filter(rule -> rule.path("kind").asString().equals("FOLLOW")))
                .allMatch(rule -> rule.path("on").asBoolean());
    }

    /** What a theme's texts show of tables, and what a desk starts, is there on the other side as well. */
    @Test
    void tablesAndWhatWasPreparedGoAlongWithTheirWords(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("With tables");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"STARTING\"]}");
        String show = host.show(theme);
        String tables = "/api/shows/" + show + "/tables";
        String table = host.post(tables, "{\"title\":\"Raids so far\"}")
                .json()
                .path("id")
                .asString();
        host.post(tables + "/" + table + "/edits", "{\"edit\":\"addLines\",\"at\":0,\"count\":2}");
        JsonNode before = host.get(tables + "/" + table).json();
        assertThat(before.path("lines")).as(before.toString()).isNotEmpty();
        host.post(
                tables + "/" + table + "/edits",
                "{\"edit\":\"fill\",\"line\":"
                        + before.path("lines").get(0).path("id")
                        + ",\"column\":\"name\",\"block\":[[\"Bittern\"]]}");
        Person.Answer hidden = host.put("/api/shows/" + show + "/chat", "{\"words\":[\"heckler\"],\"links\":true}");
        assertThat(hidden.status()).as(hidden.body()).isEqualTo(200);
        Person.Answer written = host.post(
                "/api/shows/" + show + "/cues",
                "{\"cue\":{\"cue\":\"writeSequence\",\"sequence\":{\"id\":\"hello\",\"name\":\"Hello\",\"scene\":\"\",\"steps\":[{\"after\":0,"
                        + "\"cue\":{\"cue\":\"writeBreak\",\"words\":\"Subscribers, back soon\",\"picture\":\"\"}}]}},\"key\":\"\"}");
        assertThat(written.status()).as(written.body()).isEqualTo(200);
        assertThat(plan(host, theme, "birch", NONE).json().path("texts").toString())
                .contains("Table Raids so far, its name", "Sequence Hello, step 1");
        String copy = host.post(
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"tables there\",\"choices\":" + NONE + "}")
                .json()
                .path("theme")
                .asString();
        String there = host.show(copy);
        assertThat(there).isNotEqualTo(show);
        JsonNode copied = host.get("/api/shows/" + there + "/tables").json();
        assertThat(copied).hasSize(1);
        assertThat(copied.get(0).toString()).contains("Redirects so far");
        assertThat(host.get("/api/shows/" + there + "/tables/"
                                + copied.get(0).path("id").asString())
                        .body())
                .contains("Bittern");
        assertThat(host.get("/api/shows/" + there + "/chat").body()).contains("heckler");
        assertThat(host.get("/api/shows/" + there + "/desk").body())
                .contains("Hello", "Members, back soon")
                .doesNotContain("Subscribers, back soon");
        assertThat(host.get(tables).body()).as("the old side stays").contains("Raids so far");
    }

    @Test
    void aCopyHasNewLinksAndTheRigTakesThemInOneStepWhileTheOldOnesStillWork(RunningServer server) {
        Person host = server.host();
        String demo = host.demo();
        host.post("/api/rig/fill", "{\"theme\":\"" + demo + "\",\"boxes\":false}");
        String copy = host.post(
                        "/api/themes/" + demo + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"reedlight on birch\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}")
                .json()
                .path("theme")
                .asString();
        String old = host.link(demo, "hide", "wide", "WHOLE");
        String fresh = host.link(copy, "hide", "wide", "WHOLE");
        assertThat(fresh).isNotEqualTo(old);
        JsonNode list = host.get("/api/themes/" + copy + "/replacement").json();
        assertThat(list.path("swaps")
                        .valueStream()
                        .map(swap -> swap.path("oldLink").asString()))
                .contains(old);
        int count = list.path("swaps").size();
        assertThat(count)
                .as("every browser source of five scenes on three canvases")
                .isEqualTo(3 * 5);
        assertThat(host.post("/api/themes/" + copy + "/replacement", "")
                        .json()
                        .path("swaps")
                        .size())
                .isZero();
        assertThat(host.get("/api/rig").body()).contains(fresh).doesNotContain(old);
        assertThat(host.open(old).status()).isEqualTo(200);
        assertThat(host.open(fresh).status()).isEqualTo(200);
        assertThat(host.get("/api/themes/" + copy).json().path("theme").toString())
                .contains("Latest member")
                .doesNotContain("ubscriber\"");
        assertThat(host.get("/api/themes/" + demo).json().path("theme").toString())
                .contains("Latest subscriber");
    }

    @Test
    void whatIsStillToBeDoneIsTickedByAnybodyAndOwnLinesGoAlongToTheNextMove(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("To be done");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        host.post("/api/themes/" + theme + "/on-air", "");
        String lines = "/api/themes/" + theme + "/move/list";
        assertThat(host.get(lines).json().path("sources")).as("no copy").isEmpty();
        Person.Answer added =
                host.post(lines + "/lines", "{\"title\":\"Tip page\",\"link\":\"https://tips.example\",\"note\":\"\"}");
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        String line = added.json().path("id").asString();
        assertThat(host.put(lines + "/lines/" + line + "/done", "{\"done\":true}")
                        .json()
                        .path("own")
                        .get(0)
                        .path("by")
                        .asString())
                .isNotBlank();
        for (String wrong : List.of(
                "{\"title\":\"\",\"link\":\"\",\"note\":\"\"}",
                "{\"title\":\"a\\nb\",\"link\":\"\",\"note\":\"\"}",
                "{\"title\":\"x\",\"link\":\"" + "y".repeat(501) + "\",\"note\":\"\"}")) {
            assertThat(host.post(lines + "/lines", wrong).status()).as(wrong).isEqualTo(400);
        }
        String copy = host.post(
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"there\",\"choices\":" + NONE + "}")
                .json()
                .path("theme")
                .asString();
        String list = "/api/themes/" + copy + "/move/list";
        JsonNode there = host.get(list).json();
        assertThat(there.path("own")).hasSize(1);
        assertThat(there.path("own").get(0).path("title").asString()).isEqualTo("Tip page");
        assertThat(there.path("own").get(0).path("done").asBoolean())
                .as("to be done again")
                .isFalse();
        JsonNode source = there.path("sources").get(0);
        assertThat(source.path("state").asString()).isEqualTo("WAITING");
        String tick = "{\"key\":\"" + source.path("key").asString() + "\",\"done\":%s}";
        for (int i = 0; i < 2; i++) {
            assertThat(host.put(list + "/sources", String.format(Locale.ROOT, tick, true))
                            .json()
                            .path("sources")
                            .get(0)
                            .path("state")
                            .asString())
                    .as("also when it is ticked twice")
                    .isEqualTo("TICKED");
        }
        assertThat(host.put(list + "/sources", String.format(Locale.ROOT, tick, false))
                        .json()
                        .path("sources")
                        .get(0)
                        .path("state")
                        .asString())
                .isEqualTo("WAITING");
        assertThat(host.put(list + "/sources", "{\"key\":\"gone/wide/WHOLE\",\"done\":true}")
                        .status())
                .isEqualTo(404);
        assertThat(host.put(lines + "/sources", String.format(Locale.ROOT, tick, true))
                        .status())
                .as("that is no copy")
                .isEqualTo(409);
        assertThat(host.delete(list + "/lines/" + line).status())
                .as("a line of another list")
                .isEqualTo(404);
    }

    @Test
    void theCopyIsPlayedWithItsOwnPlatformsSignalsAndLookedAtForTheOldOnesWords(RunningServer server) {
        Person host = server.host();
        String copy = host.post(
                        "/api/themes/" + host.demo() + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"tried\",\"choices\":"
                                + "{\"kept\":[\"alert/subscription/kicker\"],\"texts\":{},\"values\":{}}}")
                .json()
                .path("theme")
                .asString();
        JsonNode trial = host.get("/api/themes/" + copy + "/move/trial").json();
        assertThat(trial.path("alerts")
                        .valueStream()
                        .map(one -> one.path("word").asString()))
                .contains("membership", "redirect", "paid message")
                .doesNotContain("follow");
        assertThat(trial.path("alerts")
                        .valueStream()
                        .filter(one -> !one.path("oldWords").asString().isEmpty()))
                .singleElement()
                .matches(one -> one.path("oldWords").asString().equals("New subscriber"));
        assertThat(trial.path("values")).isNotEmpty();
        JsonNode own = host.get("/api/themes/" + host.demo() + "/move/trial").json();
        assertThat(own.path("alerts").valueStream().map(one -> one.path("word").asString()))
                .contains("follow");
        assertThat(host.get("/api/shows/" + host.show(copy) + "/readings")
                        .json()
                        .path("lines")
                        .toString())
                .as("nothing was counted")
                .doesNotContain("Tavi Brook");
    }

    private static HttpResponse<byte[]> file(Person who, String copy, String what, byte[] text) throws Exception {
        return who.http()
                .send(
                        who.request("/api/themes/" + copy + "/replacement/file" + what)
                                .header("Content-Type", "application/octet-stream")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(text))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    @Test
    void linksInAFileOfAnySortAreReplacedAndEverythingElseStays(RunningServer server) throws Exception {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Links in a file");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"AWAY\"]}");
        host.post("/api/themes/" + theme + "/on-air", "");
        JsonNode scenes = host.get("/api/themes/" + theme).json().path("theme").path("scenes");
        String live = scenes.get(0).path("id").asString();
        String away = scenes.get(1).path("id").asString();
        String former = host.link(theme, away, "wide", "WHOLE");
        String outlet = host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("link").asString().equals(former))
                .findFirst()
                .orElseThrow()
                .path("outlet")
                .asString();
        host.post("/api/outlets/" + outlet + "/reissue", "");
        String other = host.newTheme("Neither");
        host.post("/api/themes/" + other + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        host.post("/api/themes/" + other + "/on-air", "");
        String stray = host.get("/api/themes/" + other + "/ledger")
                .json()
                .path("rows")
                .get(0)
                .path("link")
                .asString();
        String copy = host.post(
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"there\",\"choices\":" + NONE + "}")
                .json()
                .path("theme")
                .asString();
        String old = host.link(theme, live, "wide", "WHOLE");
        String fresh = host.link(copy, live, "wide", "WHOLE");
        String freshAway = host.link(copy, away, "wide", "WHOLE");
        String strangers = server.host().link(server.host().demo(), "hide", "wide", "WHOLE");
        String text = "# Möwen\r\n{\"a\":\"" + old.replace("/", "\\/") + "?card=1&amp;x\"}\r\n"
                + "b = " + former + "\r\n"
                + "c = " + stray + " " + strangers + "\r\n"
                + "d = " + fresh + "\r\n";
        for (Charset charset : List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16LE)) {
            byte[] before = text.getBytes(charset);
            JsonNode report = new JsonMapper()
                    .readTree(file(host, copy, "/report", before).body());
            assertThat(report.path("replaced").asInt()).as(report.toString()).isEqualTo(2);
            assertThat(report.path("already").asInt()).isEqualTo(1);
            assertThat(report.path("other").asInt()).isEqualTo(1);
            assertThat(report.path("unknown").asInt())
                    .as("what is a stranger's is not told")
                    .isEqualTo(1);
            assertThat(report.path("lines")
                            .valueStream()
                            .map(line -> line.path("line").asInt()))
                    .containsExactly(2, 3, 4, 4, 5);
            assertThat(report.path("lines").get(1).path("source").asString()).contains("former");
            assertThat(report.path("lines").get(2).path("source").asString()).contains("Neither");
            assertThat(report.path("missing").toString())
                    .as("upright ones stand nowhere in it")
                    .contains("Upright");
            assertThat(new String(file(host, copy, "", before).body(), charset))
                    .isEqualTo(text.replace(old.replace("/", "\\/"), fresh.replace("/", "\\/"))
                            .replace(former, freshAway));
        }
        assertThat(file(host, theme, "/report", new byte[3]).statusCode()).isEqualTo(409);
        assertThat(file(host, copy, "", new byte[0]).body()).isEmpty();
    }

    @Test
    void anotherSetOfCanvasesIsPlannedPaintedAndDoneAsOneStep(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Canvases");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        JsonNode before = host.get("/api/themes/" + theme).json().path("theme");
        String scene = before.path("scenes").get(0).path("id").asString();
        String square =
                "{\"id\":\"square\",\"name\":\"Square\",\"size\":{\"width\":1080,\"height\":1080},\"frameRate\":30,\"safe\":{\"action\":0.035,\"graphics\":0.05}}";
        String at = "/api/themes/" + theme + "/move/canvases";
        JsonNode plan =
                host.post(at + "/plan", "{\"canvases\":[" + square + "]}").json();
        assertThat(plan.path("canvases")
                        .valueStream()
                        .map(line -> line.path("fate").asString()))
                .contains("GONE", "NEW");
        assertThat(plan.path("scenes")).isNotEmpty();
        Person.Answer picture = host.post(
                at + "/picture", "{\"canvases\":[" + square + "],\"scene\":\"" + scene + "\",\"canvas\":\"square\"}");
        assertThat(picture.status()).isEqualTo(200);
        assertThat(picture.type()).isEqualTo("image/png");
        assertThat(host.get("/api/themes/" + theme).json().path("theme"))
                .as("nothing is changed by planning")
                .isEqualTo(before);
        Person.Answer done =
                host.post("/api/themes/" + theme + "/edits", "{\"edit\":" + plan.path("edit") + ",\"gesture\":\"\"}");
        assertThat(done.status()).as(done.body()).isEqualTo(200);
        assertThat(host.get("/api/themes/" + theme).json().path("theme").path("canvases"))
                .hasSize(1);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(host.get("/api/themes/" + theme).json().path("theme").path("canvases"))
                .isEqualTo(before.path("canvases"));
        assertThat(host.post(at + "/plan", "{\"canvases\":[]}").status()).isEqualTo(400);
        assertThat(host.post(at + "/plan", "{\"canvases\":[" + square.replace("1080", "9") + "]}")
                        .status())
                .isEqualTo(400);
        assertThat(host.post(
                                at + "/picture",
                                "{\"canvases\":[" + square + "],\"scene\":\"gone\",\"canvas\":\"square\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatCannotBeMovedIsExplained(RunningServer server) {
        Person host = server.host();
        String demo = host.demo();
        assertThat(plan(host, demo, "alder", NONE).detail()).contains("already on Alder");
        assertThat(plan(host, demo, "oak", NONE).status()).isEqualTo(404);
        Person.Answer wrong = plan(
                host,
                demo,
                "birch",
                "{\"kept\":[],\"texts\":{},\"values\":{\"value/follower/value/latestFollower\":\"subscribers\"}}");
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.detail()).contains("cannot stand in");
        assertThat(host.post(
                                "/api/themes/" + demo + "/move/picture",
                                "{\"platform\":\"birch\",\"choices\":" + NONE
                                        + ",\"scene\":\"gone\",\"canvas\":\"wide\"}")
                        .status())
                .isEqualTo(404);
        assertThat(host.get("/api/themes/" + demo + "/replacement").detail()).contains("not the copy");
        assertThat(host.post(
                                "/api/themes/" + demo + "/move",
                                "{\"platform\":\"birch\",\"channelName\":\"\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void twoPeopleAtTheRigDoNotOverwriteEachOther(RunningServer server) {
        Person host = server.host();
        host.post("/api/rig/fill", "{\"theme\":\"" + host.demo() + "\",\"boxes\":false}");
        String kept = host.get("/api/rig").body();
        assertThat(host.put("/api/rig", kept).status()).isEqualTo(200);
        Person.Answer late = host.put("/api/rig", kept);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.detail()).contains("Somebody else");
        assertThat(host.put("/api/rig", kept.replace("\"width\":1920", "\"width\":0"))
                        .status())
                .isEqualTo(400);
    }
}
