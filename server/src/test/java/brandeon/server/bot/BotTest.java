package brandeon.server.bot;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.pack.Json;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a bot answers, tried by the stand-in that obeys it, and taken in and out. */
@ExtendWith(RunningServer.class)
class BotTest {

    private Person host;
    private String theme;
    private String bot;

    @BeforeEach
    void aTheme(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Bot");
        bot = "/api/themes/" + theme + "/bot";
    }

    private Person.Answer edit(Map<String, Object> edit) {
        return host.post("/api/themes/" + theme + "/edits", Json.write(Map.of("edit", edit, "gesture", "")));
    }

    private Person.Answer command(String word, String answer, String who, int pause) {
        return edit(Map.of(
                "edit",
                "setCommand",
                "command",
                Map.of(
                        "id",
                        word.substring(1),
                        "word",
                        word,
                        "aliases",
                        List.of(),
                        "answer",
                        answer,
                        "who",
                        who,
                        "pause",
                        pause,
                        "on",
                        true)));
    }

    private JsonNode say(String who, String text) {
        return host.post(bot + "/trial/lines", Json.write(Map.of("name", "Ilse Fenn", "who", who, "text", text)))
                .json();
    }

    private List<String> chat() {
        return host.get("/api/shows/" + host.show(theme) + "/chat")
                .json()
                .path("lines")
                .valueStream()
                .map(line ->
                        line.path("name").asString() + ": " + line.path("text").asString())
                .toList();
    }

    @Test
    void thePracticeBotObeysWhatTheThemeSays() {
        edit(Map.of("edit", "nameBot", "name", "reed_bot"));
        command("!hide", "{name}, it is by the {rest}", "EVERYBODY", 600);
        command("!hush", "Quiet", "HELPERS", 0);
        assertThat(say("HOST", "!hide").path("answer").asString())
                .as("it is not there yet")
                .isEmpty();
        assertThat(host.put(bot + "/trial", "{\"joined\":true}")
                        .json()
                        .path("joined")
                        .asBoolean())
                .isTrue();
        assertThat(say("EVERYBODY", "!HIDE sluice").path("answer").asString())
                .isEqualTo("Ilse Fenn, it is by the sluice");
        assertThat(chat()).startsWith("reed_bot: Ilse Fenn, it is by the sluice", "Ilse Fenn: !HIDE sluice");
        assertThat(say("EVERYBODY", "!hide").path("why").asString()).contains("!hide pauses for");
        assertThat(host.put(bot + "/trial", "{\"joined\":true}").status()).isEqualTo(200);
        assertThat(say("EVERYBODY", "!hide").path("why").asString())
                .as("letting it in twice forgets nothing")
                .contains("!hide pauses for");
        assertThat(say("EVERYBODY", "!hush").path("why").asString()).isEqualTo("!hush is for helpers.");
        assertThat(say("HELPERS", "!hush").path("answer").asString()).isEqualTo("Quiet");
        assertThat(host.put(bot + "/trial", "{\"joined\":false}")
                        .json()
                        .path("joined")
                        .asBoolean())
                .isFalse();
        assertThat(say("HELPERS", "!hush").path("answer").asString()).isEmpty();
    }

    /** Lines of the platform itself are heard as well, and what is written by nobody but the bot is no line of others. */
    @Test
    void itHearsWhatComesInFromThePlatformAndCountsLinesOfOthers() throws Exception {
        command("!owl", "Hoo, {name}", "EVERYBODY", 0);
        edit(Map.of(
                "edit",
                "setTimed",
                "message",
                Map.of(
                        "id",
                        "tide",
                        "text",
                        "The tide turns.",
                        "minutes",
                        5,
                        "lines",
                        9,
                        "scenes",
                        List.of(),
                        "on",
                        true)));
        host.put(bot + "/trial", "{\"joined\":true}");
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.signals(channel, "alder.chat", "{\"name\":\"Oskar Tide\",\"message\":\"!owl\"}");
        for (int i = 0; i < 100 && !chat().contains("Practice bot: Hoo, Oskar Tide"); i++) {
            Thread.sleep(100);
        }
        assertThat(chat()).contains("Practice bot: Hoo, Oskar Tide");
        say("EVERYBODY", "hello");
        JsonNode waiting = host.get(bot + "/trial").json().path("waiting").get(0);
        assertThat(waiting.path("lines").asInt()).as("two of nine were written").isEqualTo(7);
        assertThat(host.put(bot + "/trial/scene", "{\"scene\":\"nowhere\"}").status())
                .isEqualTo(400);
    }

    @Test
    void whatIsWrongIsRefusedWithASentenceAndNothingIsKept() {
        assertThat(command("!a", "{nothing", "EVERYBODY", 0).status()).isEqualTo(409);
        assertThat(command("!two words", "x", "EVERYBODY", 0).status()).isEqualTo(400);
        assertThat(command("!a", "x", "EVERYBODY", 0).status()).isEqualTo(200);
        Person.Answer twice = edit(Map.of(
                "edit",
                "setCommand",
                "command",
                Map.of(
                        "id",
                        "other",
                        "word",
                        "!b",
                        "aliases",
                        List.of("!A"),
                        "answer",
                        "y",
                        "who",
                        "EVERYBODY",
                        "pause",
                        0,
                        "on",
                        true)));
        assertThat(twice.status()).isEqualTo(409);
        assertThat(twice.body()).contains("Two commands answer to “!a”.");
        assertThat(host.put(bot + "/trial", "{\"joined\":true}").status()).isEqualTo(200);
        assertThat(host.post(bot + "/trial/lines", "{\"name\":\" \",\"who\":\"HOST\",\"text\":\"!a\"}")
                        .status())
                .isEqualTo(400);
        assertThat(host.post(bot + "/trial/lines", "{\"name\":\"W\",\"who\":\"CATS\",\"text\":\"!a\"}")
                        .status())
                .isEqualTo(400);
        assertThat(host.post(
                                bot + "/trial/lines",
                                "{\"name\":\"W\",\"who\":\"HOST\",\"text\":\"" + "x".repeat(501) + "\"}")
                        .status())
                .isEqualTo(400);
        JsonNode commands = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("bot")
                .path("commands");
        assertThat(commands).hasSize(1);
    }

    @Test
    void aBotThatHasNothingToSayIsNotLetIn() {
        Person.Answer answer = host.put(bot + "/trial", "{\"joined\":true}");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.body()).contains("nothing to say yet");
    }

    @Test
    void aFileSaysFirstWhatWouldComeOfItAndIsTakenInAsOneStep() {
        command("!owl", "Hoo", "EVERYBODY", 0);
        Person.Answer read = host.post(
                bot + "/read", Json.write(Map.of("text", "command,text\n!owl,Hoo hoo\n!fen,Wet", "instead", false)));
        assertThat(read.status()).as(read.body()).isEqualTo(200);
        assertThat(read.json().path("added").toString()).isEqualTo("[\"!fen\"]");
        assertThat(read.json().path("changed").toString()).isEqualTo("[\"!owl\"]");
        assertThat(host.get("/api/themes/" + theme).body()).as("nothing yet").doesNotContain("Hoo hoo");
        Person.Answer taken = host.post(
                "/api/themes/" + theme + "/edits",
                "{\"edit\":{\"edit\":\"setBot\",\"bot\":" + read.json().path("bot") + "},\"gesture\":\"\"}");
        assertThat(taken.status()).as(taken.body()).isEqualTo(200);
        assertThat(host.get(bot + "/commands.csv").body()).contains("!fen", "Hoo hoo");
        assertThat(host.get(bot + "/commands.json").json().path("bot").path("commands"))
                .hasSize(2);
        host.post("/api/themes/" + theme + "/undo", "");
        assertThat(host.get(bot + "/commands.csv").body()).doesNotContain("!fen", "Hoo hoo");
        Person.Answer wrong =
                host.post(bot + "/read", Json.write(Map.of("text", "command,text\n!a b,x", "instead", true)));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.body()).contains("Line 2: ");
    }

    /** In the list of a move: what is copied is ticked, and the bot by itself once it writes into the new chat. */
    @Test
    void theSwitchKnowsWhatIsCopiedAndWhetherTheBotIsThere() {
        edit(Map.of("edit", "nameBot", "name", "reed_bot"));
        command("!owl", "Hoo, subscriber", "EVERYBODY", 0);
        String copy = host.post(
                        "/api/themes/" + theme + "/move",
                        "{\"platform\":\"birch\",\"channelName\":\"bot there\",\"choices\":{\"kept\":[],\"texts\":{},\"values\":{}}}")
                .json()
                .path("theme")
                .asString();
        String list = "/api/themes/" + copy + "/move/list";
        JsonNode line = host.get(list).json().path("said").get(0);
        assertThat(line.path("text").asString()).isEqualTo("Hoo, member");
        assertThat(line.path("done").asBoolean()).isFalse();
        JsonNode ticked = host.put(
                        list + "/sources",
                        Json.write(Map.of("key", line.path("key").asString(), "done", true)))
                .json();
        assertThat(ticked.path("said").get(0).path("done").asBoolean()).isTrue();
        assertThat(ticked.path("said").get(0).path("by").asString()).isNotEmpty();
        assertThat(ticked.path("bot").path("done").asBoolean()).isFalse();

        String channel = host.get("/api/themes/" + copy).json().path("channel").asString();
        host.put("/api/themes/" + copy + "/bot/trial", "{\"joined\":true}");
        host.post("/api/themes/" + copy + "/bot/trial/lines", "{\"name\":\"W\",\"who\":\"HOST\",\"text\":\"!owl\"}");
        assertThat(host.get(list).json().path("bot").path("done").asBoolean())
                .as("practice is no proof")
                .isFalse();
        host.signals(channel, "birch.chat", "{\"name\":\"reed_bot\",\"message\":\"I am here\"}");
        JsonNode joined = host.get(list).json().path("bot");
        assertThat(joined.path("done").asBoolean()).isTrue();
        assertThat(joined.path("seenAt").asLong()).isPositive();

        host.post(
                "/api/themes/" + copy + "/edits",
                Json.write(Map.of(
                        "edit",
                        Map.of(
                                "edit",
                                "setCommand",
                                "command",
                                Map.of(
                                        "id",
                                        "owl",
                                        "word",
                                        "!owl",
                                        "aliases",
                                        List.of(),
                                        "answer",
                                        "Hoo",
                                        "who",
                                        "EVERYBODY",
                                        "pause",
                                        0,
                                        "on",
                                        true)),
                        "gesture",
                        "")));
        assertThat(host.get(list).json().path("said").get(0).path("done").asBoolean())
                .as("it was changed, so it is to be copied again")
                .isFalse();
        assertThat(host.put(
                                list + "/sources",
                                Json.write(Map.of("key", line.path("key").asString(), "done", true)))
                        .status())
                .isEqualTo(404);
    }
}
