package brandeon.server.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import brandeon.server.support.Statements;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Cues as people send them, and what becomes of them. */
@ExtendWith(RunningServer.class)
class ShowTest {

    private static final String UP = "{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\",\"times\":1}";

    private Person host;
    private Person friend;
    private String theme;

    /** A workspace of two people with a counter, an agenda and a clock. */
    @BeforeEach
    void aShow(RunningServer server) {
        UUID workspace = server.bean(Members.class).addWorkspace("Evening");
        host = server.member(workspace, Role.OWNER);
        friend = server.member(workspace, Role.OPERATOR);
        theme = host.newTheme("Evening");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        add("sightings", "COUNTER", "{\"value\":" + count(7) + "}");
        add("again", "COUNTER", "{}");
        add("clock", "COUNTDOWN", "{}");
        host.edit(theme, "{\"edit\":\"setShare\",\"piece\":\"again\",\"share\":\"sightings\"}");
        String scene = view().path("theme").path("scenes").get(0).path("id").asString();
        host.edit(
                theme,
                "{\"edit\":\"place\",\"scene\":\"" + scene + "\",\"index\":0,\"placed\":"
                        + Person.placed("again", "COLUMN") + "}");
        host.post("/api/themes/" + theme + "/on-air", "");
    }

    private static String count(int number) {
        return "{\"reading\":\"\",\"number\":" + number + ",\"style\":\"\",\"before\":\"\",\"after\":\"\"}";
    }

    private void add(String id, String kind, String content) {
        Person.Answer answer = host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"%s\",\"kind\":\"%s\",\"name\":\"%s\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":%s,\"figures\":{},\"inlay\":null}}"
                        .formatted(id, kind, "The " + id, content));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }

    private JsonNode view() {
        return host.get("/api/themes/" + theme).json();
    }

    private JsonNode show(Person person) {
        return person.get("/api/shows/" + host.show(theme)).json();
    }

    private JsonNode control(String piece) {
        return show(host)
                .path("controls")
                .valueStream()
                .filter(control -> control.path("piece").asString().equals(piece))
                .findFirst()
                .orElseThrow();
    }

    private double sightings() {
        return control("sightings").path("tallies").get(0).path("value").asDouble();
    }

    @Test
    void aCueIsSeenAtOnceByWhateverFollowsTheReleaseAndNobodyPutsItOnAir() {
        String scene = view().path("theme").path("scenes").get(0).path("id").asString();
        try (Ear outlet = Ear.outlet(host.link(theme, scene, "wide", "WHOLE")).watch()) {
            outlet.await("welcome");
            Person.Answer answer = friend.cue(theme, UP);
            assertThat(answer.status()).as(answer.body()).isEqualTo(200);
            assertThat(answer.json().path("sentence").asString()).isEqualTo("The sightings: 8");
            JsonNode patch = outlet.await("patch");
            assertThat(patch.path("layers").size())
                    .as("the counter alone is painted anew")
                    .isEqualTo(1);
            assertThat(patch.path("layers").get(0).path("piece").asString())
                    .as("which shows what the other one counts")
                    .isEqualTo("again");
            assertThat(patch.path("layers").get(0).path("svg").asString()).contains(">8<");
        }
        assertThat(view().path("theme").path("pieces").toString())
                .as("the theme is as it was")
                .contains(":7.0");
    }

    @Test
    void aCueThatIsRepeatedUnderItsKeyDoesNothingTwice() {
        assertThat(friend.cue(theme, UP, "press-1").json().path("repeated").asBoolean(true))
                .isFalse();
        Person.Answer again = friend.cue(theme, UP, "press-1");
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().path("repeated").asBoolean(false)).isTrue();
        assertThat(again.json().path("sentence").asString()).isEqualTo("The sightings: 8");
        String pause = "{\"cue\":\"pauseClock\",\"piece\":\"clock\"}";
        friend.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"clock\"}");
        friend.cue(theme, pause, "press-2");
        assertThat(friend.cue(theme, pause, "press-2").status())
                .as("what would be refused now was done then")
                .isEqualTo(200);
        assertThat(friend.cue(theme, pause).status()).isEqualTo(409);
        assertThat(sightings()).isEqualTo(8);
        assertThat(friend.cue(theme, UP, "x".repeat(101)).status()).isEqualTo(400);
    }

    @Test
    void manyAtOnceAreAllCounted() {
        List<CompletableFuture<Person.Answer>> calls = new ArrayList<>();
        String address = "/api/shows/" + host.show(theme) + "/cues";
        for (int i = 0; i < 60; i++) {
            calls.add((i % 2 == 0 ? host : friend)
                    .later((i % 2 == 0 ? host : friend)
                            .request(address)
                            .header("Content-Type", "application/json")
                            .POST(java.net.http.HttpRequest.BodyPublishers.ofString(
                                    "{\"cue\":" + UP + ",\"key\":\"burst-" + i + "\"}"))
                            .build()));
        }
        assertThat(calls).extracting(call -> call.join().status()).containsOnly(200);
        assertThat(sightings()).isEqualTo(67);
    }

    @Test
    void eachTakesBackTheirOwn() {
        host.cue(theme, UP);
        friend.cue(theme, UP);
        String show = "/api/shows/" + host.show(theme);
        assertThat(show(host).path("canUndo").asBoolean(false)).isTrue();
        assertThat(host.post(show + "/undo", "").json().path("sentence").asString())
                .isEqualTo("took back “The sightings: 8”");
        assertThat(sightings()).as("the friend's count stays").isEqualTo(8);
        assertThat(host.post(show + "/undo", "").status()).isEqualTo(409);
        assertThat(show(host).path("canRedo").asBoolean(false)).isTrue();
        assertThat(host.post(show + "/redo", "").status()).isEqualTo(200);
        assertThat(sightings()).isEqualTo(9);
        host.post(show + "/undo", "");
        host.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"clock\"}");
        assertThat(host.post(show + "/redo", "").status())
                .as("after something else nothing is done again")
                .isEqualTo(409);
        JsonNode lines = host.get(show + "/cues").json();
        assertThat(lines.get(0).path("sentence").asString()).isEqualTo("The clock: started");
        assertThat(lines.valueStream().filter(line -> line.path("undone").asBoolean()))
                .hasSize(1);
        assertThat(lines.get(0).path("door").asString()).isEqualTo("SESSION");
        assertThat(lines.get(0).path("who").asString()).isNotBlank();
    }

    @Test
    void whatSomebodyElseTookAwayDoesNotStandInTheWay() {
        friend.cue(theme, UP);
        friend.cue(theme, "{\"cue\":\"say\",\"piece\":\"sightings\",\"field\":\"label\",\"words\":\"Herons tonight\"}");
        host.cue(theme, "{\"cue\":\"letGoOf\",\"piece\":\"sightings\",\"slot\":\"label\"}");
        String show = "/api/shows/" + host.show(theme);
        Person.Answer back = friend.post(show + "/undo", "");
        assertThat(back.status()).as(back.body()).isEqualTo(200);
        assertThat(back.json().path("sentence").asString()).isEqualTo("took back “The sightings: 8”");
        assertThat(sightings()).isEqualTo(7);
        Person.Answer none = friend.post(show + "/undo", "");
        assertThat(none.status()).isEqualTo(409);
        assertThat(none.detail()).as("says why").isEqualTo("The sightings is as its theme has it.");
        assertThat(friend.post(show + "/redo", "").status()).isEqualTo(200);
        assertThat(sightings()).isEqualTo(8);
    }

    @Test
    void whatCannotBeIsRefusedInASentenceAndNothingChanges() {
        long before = show(host).path("version").asLong();
        Person.Answer none = host.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"sightings\"}");
        assertThat(none.status()).isEqualTo(409);
        assertThat(none.detail()).contains("The sightings").contains("no clock");
        assertThat(host.cue(theme, "{\"cue\":\"applaud\",\"piece\":\"sightings\"}")
                        .status())
                .isEqualTo(400);
        assertThat(host.cue(theme, "{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\"}")
                        .status())
                .isEqualTo(400);
        assertThat(host.cue(
                                theme,
                                "{\"cue\":\"say\",\"piece\":\"sightings\",\"field\":\"label\",\"words\":\"a\\u0007b\"}")
                        .status())
                .isEqualTo(400);
        assertThat(show(host).path("version").asLong()).isEqualTo(before);
    }

    @Test
    void aCueAsksTheDatabaseFourTimesAtMost(RunningServer server) {
        String address = "/api/shows/" + host.show(theme) + "/cues";
        String body = "{\"cue\":" + UP + ",\"key\":\"\"}";
        host.post(address, body);
        Statements statements = server.statements();
        statements.taken();
        assertThat(host.post(address, body).status()).isEqualTo(200);
        List<String> sent = statements.taken();
        assertThat(sent).as("%s", sent).hasSizeLessThanOrEqualTo(4);
        assertThat(sent)
                .anyMatch(sql -> sql.startsWith("update show"))
                .anyMatch(sql -> sql.startsWith("insert into cue"))
                .anyMatch(sql -> sql.contains("pg_notify"));
    }

    @Test
    void whatTheShowSaysIsTakenOverIntoTheTheme() {
        friend.cue(theme, UP);
        String address = "/api/shows/" + host.show(theme) + "/take-over/" + theme + "/sightings";
        assertThat(friend.post(address, "").status())
                .as("a theme is the designer's")
                .isEqualTo(403);
        Person.Answer answer = host.post(address, "");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(view().path("theme").path("pieces").toString()).contains(":8.0");
        assertThat(host.post(address, "").status()).as("once is enough").isEqualTo(409);
        assertThat(host.post("/api/themes/" + theme + "/undo", "").status()).isEqualTo(200);
        assertThat(view().path("theme").path("pieces").toString()).contains(":7.0");
    }

    @Test
    void oneOfSeveralThemesLeadsByChoice() {
        String other = host.newTheme("Winter look");
        String show = "/api/shows/" + host.show(theme);
        assertThat(leading()).as("the one that is on air").isEqualTo("Evening");
        assertThat(host.put(show + "/leading", "{\"theme\":\"" + other + "\"}").status())
                .isEqualTo(200);
        assertThat(leading()).isEqualTo("Winter look");
        assertThat(host.put(show + "/leading", "{\"theme\":\"" + UUID.randomUUID() + "\"}")
                        .status())
                .isEqualTo(404);
        host.delete("/api/themes/" + other);
        assertThat(leading()).as("the chosen one is gone").isEqualTo("Evening");
    }

    private String leading() {
        return show(host)
                .path("themes")
                .valueStream()
                .filter(line -> line.path("leads").asBoolean())
                .findFirst()
                .orElseThrow()
                .path("name")
                .asString();
    }

    /** With two themes on air, an alert is planned as the one that leads announces it, and so is seen there. */
    @Test
    void theLeadingThemeSaysWhatIsAnnounced() {
        String other = host.newTheme("Winter look");
        host.post("/api/themes/" + other + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        announceFollows(theme, true);
        announceFollows(other, false);
        host.post("/api/themes/" + theme + "/on-air", "");
        host.post("/api/themes/" + other + "/on-air", "");
        String channel = view().path("channel").asString();
        for (String leading : List.of(theme, other)) {
            assertThat(host.put("/api/shows/" + host.show(theme) + "/leading", "{\"theme\":\"" + leading + "\"}")
                            .status())
                    .isEqualTo(200);
            host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}");
            JsonNode latest =
                    host.get("/api/channels/" + channel + "/record").json().get(0);
            assertThat(latest.path("showsFrom").asLong() > 0)
                    .as(leading.equals(theme) ? "announced by the one" : "not by the other")
                    .isEqualTo(leading.equals(theme));
        }
    }

    private void announceFollows(String of, boolean on) {
        Person.Answer answer = host.edit(
                of,
                "{\"edit\":\"setAlert\",\"rule\":" + Json.write(AlertRule.of(SignalKind.FOLLOW, on, "New", "{name}", 3))
                        + "}");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }

    /** Somebody streams to two platforms at once: one count, and the readings of both. */
    @Test
    void twoChannelsFeedOneShow() {
        Person.Answer moved = host.post(
                "/api/themes/" + theme + "/move",
                "{\"platform\":\"birch\",\"channelName\":\"there\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}");
        assertThat(moved.status()).as(moved.body()).isLessThan(300);
        JsonNode birch = host.get("/api/themes")
                .json()
                .valueStream()
                .filter(line -> line.path("platform").asString().equals("Birch"))
                .findFirst()
                .orElseThrow();
        String copy = birch.path("id").asString();
        String channel = host.get("/api/themes/" + copy).json().path("channel").asString();
        String show = host.show(theme);
        assertThat(host.show(copy)).isNotEqualTo(show);
        assertThat(friend.put("/api/channels/" + channel + "/show", "{\"show\":\"" + show + "\"}")
                        .status())
                .isEqualTo(403);
        assertThat(host.put("/api/channels/" + channel + "/show", "{\"show\":\"" + show + "\"}")
                        .status())
                .isEqualTo(200);
        assertThat(host.show(copy)).isEqualTo(show);
        host.cue(copy, UP);
        assertThat(sightings()).isEqualTo(8);
        String alder = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.signals(alder, "alder.subscription.new", "{\"name\":\"Ilse Fenn\"}");
        host.signals(channel, "birch.membership.new", "{\"name\":\"Ilse Fenn\"}");
        for (String one : List.of(theme, copy)) {
            assertThat(host.post("/api/themes/" + one + "/messages", "{\"text\":\"{subscribers}\"}")
                            .json()
                            .path("shown")
                            .asString())
                    .isEqualTo("2");
        }
        assertThat(host.put("/api/channels/" + channel + "/show", "{\"show\":null}")
                        .status())
                .isEqualTo(200);
        assertThat(host.show(copy)).isNotEqualTo(show);
        assertThat(host.put("/api/channels/" + channel + "/show", "{\"show\":\"" + UUID.randomUUID() + "\"}")
                        .status())
                .isEqualTo(404);
    }
}
