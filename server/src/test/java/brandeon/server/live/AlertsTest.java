package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A show's queue of alerts, as people see it and change it, and what becomes of each signal. */
@ExtendWith(RunningServer.class)
class AlertsTest {

    private Person host;
    private String theme;
    private String channel;
    private String show;

    @BeforeEach
    void aShow(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Alerts");
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        show = host.show(theme);
    }

    private Person.Answer deed(String deed) {
        return deed(deed, "", 0);
    }

    private Person.Answer deed(String deed, String alert, int place) {
        return host.post(
                "/api/shows/" + show + "/alerts",
                "{\"deed\":\"%s\",\"alert\":\"%s\",\"showing\":0,\"place\":%d}".formatted(deed, alert, place));
    }

    private List<JsonNode> queue() {
        return host.get("/api/shows/" + show + "/alerts")
                .json()
                .path("alerts")
                .valueStream()
                .toList();
    }

    private static List<String> names(List<JsonNode> alerts) {
        return alerts.stream().map(one -> one.path("name").asString()).toList();
    }

    private JsonNode record(String name) {
        return host.get("/api/channels/" + channel + "/record")
                .json()
                .valueStream()
                .filter(line -> line.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void follow(String name) {
        host.signals(channel, "alder.follow", "{\"name\":\"" + name + "\"}");
    }

    @Test
    void whatBecameOfASignalIsSeen() {
        host.signals(channel, "alder.tip", "{\"name\":\"Tavi\",\"amount\":500,\"currency\":\"EUR\"}");
        follow("Ilse");
        follow("Oskar");
        follow("Maret");
        follow("Wren");
        assertThat(names(queue())).containsExactly("Tavi", "Ilse", "Oskar", "Maret", "Wren");
        assertThat(queue().getFirst().path("money").asString()).isEqualTo("€5.00");

        assertThat(names(deed("MOVE", queue().getLast().path("id").asString(), 0)
                        .json()
                        .path("alerts")
                        .valueStream()
                        .toList()))
                .containsExactly("Tavi", "Wren", "Ilse", "Oskar", "Maret");
        deed("DROP", queue().get(2).path("id").asString(), 0);
        assertThat(record("Ilse").path("fate").asString()).isEqualTo("DROPPED");
        assertThat(record("Ilse").path("by").asString()).isNotBlank();

        assertThat(deed("SKIP").status()).isEqualTo(200);
        JsonNode skipped = record("Tavi");
        assertThat(skipped.path("fate").asString()).isEqualTo("SKIPPED");
        assertThat(skipped.path("showsTill").asLong()
                        - skipped.path("showsFrom").asLong())
                .as("it was to stand for eight seconds")
                .isLessThan(7000);
        assertThat(record("Wren").path("fate").asString()).isEqualTo("WAITS");

        assertThat(deed("DROP_ALL")
                        .json()
                        .path("alerts")
                        .valueStream()
                        .filter(one -> one.path("from").asLong() > System.currentTimeMillis() + 700))
                .isEmpty();
        assertThat(record("Maret").path("fate").asString()).isEqualTo("DROPPED");
    }

    @Test
    void aFloodIsShownTogetherAndEachKnowsWithWhom() {
        IntStream.range(0, 9).forEach(i -> follow("v" + i));
        List<JsonNode> queue = queue();
        assertThat(names(queue)).containsExactly("v0", "v1");
        assertThat(queue.getLast().path("more").asInt()).isEqualTo(7);
        for (int i = 2; i < 9; i++) {
            assertThat(record("v" + i).path("fate").asString()).isEqualTo("JOINED");
            assertThat(record("v" + i).path("with").asString()).isEqualTo("v1");
            assertThat(record("v" + i).path("showsFrom").asLong())
                    .isEqualTo(record("v1").path("showsFrom").asLong());
        }
    }

    @Test
    void aPausedQueueBeginsNothingAndGoesOn() {
        deed("PAUSE");
        follow("Ilse");
        JsonNode view = host.get("/api/shows/" + show + "/alerts").json();
        assertThat(view.path("paused").asBoolean()).isTrue();
        assertThat(view.path("alerts").get(0).path("from").asLong()).isZero();
        assertThat(record("Ilse").path("showsFrom").asLong()).isZero();
        assertThat(deed("RESUME").json().path("alerts").get(0).path("from").asLong())
                .isCloseTo(System.currentTimeMillis(), org.assertj.core.data.Offset.offset(5000L));
        assertThat(deed("SILENCE").json().path("silent").asBoolean()).isTrue();
        assertThat(deed("SOUND").json().path("silent").asBoolean()).isFalse();
    }

    @Test
    void theLastOneIsShownAgain() {
        assertThat(deed("REPEAT").status()).isEqualTo(409);
        follow("Ilse");
        List<JsonNode> queue =
                deed("REPEAT").json().path("alerts").valueStream().toList();
        assertThat(names(queue)).containsExactly("Ilse", "Ilse");
        assertThat(queue.getLast().path("showing").asInt()).isEqualTo(1);
        assertThat(host.get("/api/channels/" + channel + "/record").json()).hasSize(1);
    }

    @Test
    void whatCannotBeDoneIsExplained() {
        assertThat(deed("SKIP").detail()).contains("on screen");
        assertThat(deed("DROP_ALL").detail()).contains("waits");
        assertThat(deed("DROP", "no such one", 0).status()).isEqualTo(409);
        assertThat(deed("MOVE", "no such one", -3).status()).isEqualTo(409);
        assertThat(deed("APPLAUD").status()).isEqualTo(400);
    }

    /** Read back by another library than the one that wrote it: Commons CSV, by RFC 4180. */
    @Test
    void theRecordIsTakenOutAsATable() throws Exception {
        host.signals(
                channel,
                "alder.tip",
                "{\"name\":\"=cmd, \\\"x\\\"\",\"amount\":500,\"currency\":\"EUR\",\"message\":\"one, two\"}");
        host.signals(channel, "alder.chat", "{\"name\":\"Ilse\",\"message\":\"Good evening\"}");
        String file = host.get("/api/channels/" + channel + "/record.csv").body();
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(file))
                .getRecords();
        assertThat(rows).hasSize(2);
        assertThat(rows.getFirst().get("became")).isEqualTo("NO_RULE");
        assertThat(rows.getFirst().get("message")).isEqualTo("Good evening");
        assertThat(rows.getLast().get("name"))
                .as("no formula for a spreadsheet")
                .isEqualTo("'=cmd, \"x\"");
        assertThat(rows.getLast().get("money")).isEqualTo("€5.00");
        assertThat(Instant.parse(rows.getLast().get("shown from")))
                .isBefore(Instant.parse(rows.getLast().get("shown till")));
    }

    @Test
    void whatNoRuleIsForIsCountedAndNotShown() {
        host.edit(theme, "{\"edit\":\"dropAlert\",\"rule\":\"follow\"}");
        follow("Ilse");
        assertThat(record("Ilse").path("fate").asString()).isEqualTo("NO_RULE");
        assertThat(queue()).isEmpty();
    }

    /** Of two the first rule holds, and a large tip passes those that wait. */
    @Test
    void rulesAreFollowedInTheirOrder() {
        String large =
                "{\"id\":\"large\",\"kind\":\"TIP\",\"on\":true,\"when\":{\"from\":5000,\"to\":0,\"currency\":\"EUR\",\"months\":0,\"level\":\"\",\"first\":false,\"anonymous\":false},"
                        + "\"kicker\":\"A large tip\",\"text\":\"{name}\",\"several\":\"{names}\",\"seconds\":20,\"urgency\":\"HIGH\",\"picture\":\"\",\"canvases\":[\"wide\"],\"sound\":{\"sound\":\"\",\"level\":0},\"comes\":null,\"goes\":null}";
        Person.Answer added = host.edit(theme, "{\"edit\":\"addAlert\",\"index\":0,\"rule\":" + large + "}");
        assertThat(added.status()).as(added.body()).isEqualTo(200);
        follow("Ilse");
        follow("Oskar");
        host.signals(channel, "alder.tip", "{\"name\":\"Tavi\",\"amount\":9000,\"currency\":\"EUR\"}");
        assertThat(names(queue())).containsExactly("Ilse", "Tavi", "Oskar");
        JsonNode tip = queue().get(1);
        assertThat(tip.path("rule").asString()).isEqualTo("large");
        assertThat(tip.path("until").asLong() - tip.path("from").asLong()).isEqualTo(20_000);
        for (String wrong : List.of(
                large.replace("\"wide\"", "\"tall\""),
                large.replace("\"EUR\"", "\"REE\""),
                large.replace("\"picture\":\"\"", "\"picture\":\"none\""),
                large.replace("\"from\":5000,\"to\":0", "\"from\":5000,\"to\":10"),
                large.replace("\"seconds\":20", "\"seconds\":1"),
                large.replace("{names}", "{names, number}"))) {
            assertThat(host.edit(theme, "{\"edit\":\"setAlert\",\"rule\":" + wrong + "}")
                            .status())
                    .as(wrong)
                    .isBetween(400, 409);
        }
    }

    @Test
    void aRuleIsTriedBeforeItIsKept() {
        String trial =
                "{\"rule\":{\"id\":\"x\",\"kind\":\"TIP\",\"on\":true,\"when\":{\"from\":5000,\"to\":0,\"currency\":\"\",\"months\":0,\"level\":\"\",\"first\":false,\"anonymous\":false},"
                        + "\"kicker\":\"A tip\",\"text\":\"{name} {did}: {money}\",\"several\":\"{names} +{more}\",\"seconds\":5,\"urgency\":\"NORMAL\",\"picture\":\"\",\"canvases\":[],\"sound\":{\"sound\":\"\",\"level\":0},\"comes\":null,\"goes\":null},"
                        + "\"signal\":{\"kind\":\"TIP\",\"name\":\"Ilse\",\"amount\":9000,\"currency\":\"EUR\",\"months\":0,\"level\":\"\",\"message\":\"\",\"giftedTo\":\"\",\"anonymous\":false,\"first\":false},"
                        + "\"count\":1,\"canvas\":\"wide\"}";
        JsonNode tried = tried(trial);
        assertThat(tried.path("text").asString()).isEqualTo("Ilse tipped: €90.00");
        assertThat(tried.path("matches").asBoolean()).isTrue();
        assertThat(tried.path("by").asString()).as("the theme has one already").isEqualTo("tip");
        assertThat(tried.path("preview").path("picture").path("layers")).isNotEmpty();
        assertThat(tried(trial.replace("\"count\":1", "\"count\":5"))
                        .path("text")
                        .asString())
                .isEqualTo("Ilse, Maret Sedge, heron_at_six +2");
        assertThat(tried(trial.replace("\"amount\":9000", "\"amount\":90"))
                        .path("matches")
                        .asBoolean())
                .isFalse();
        assertThat(tried(trial.replace("{name} {did}", "{nmae}"))
                        .path("mistakes")
                        .path("text")
                        .asString())
                .contains("nmae");
        assertThat(tried(trial.replace("\"EUR\"", "\"CHF\"")).path("refused").asString())
                .contains("CHF");
        assertThat(host.post("/api/themes/" + theme + "/alerts/trial", trial.replace("\"count\":1", "\"count\":0"))
                        .status())
                .isEqualTo(400);
        assertThat(queue()).as("nothing was sent").isEmpty();
    }

    private JsonNode tried(String wish) {
        Person.Answer answer = host.post("/api/themes/" + theme + "/alerts/trial", wish);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void theRecordIsFilteredOnTheScreenAndAsAFile() throws Exception {
        follow("Ilse 50% Fenn");
        follow("Oskar_Dunlin");
        host.signals(channel, "alder.chat", "{\"name\":\"Ilse Fenn\",\"message\":\"Good evening\"}");
        assertThat(recorded("")).hasSize(3);
        assertThat(recorded("?kind=FOLLOW")).containsExactly("Oskar_Dunlin", "Ilse 50% Fenn");
        assertThat(recorded("?kind=FOLLOW&kind=CHAT&name=ilse")).containsExactly("Ilse Fenn", "Ilse 50% Fenn");
        assertThat(recorded("?name=%25")).containsExactly("Ilse 50% Fenn");
        assertThat(recorded("?name=_")).containsExactly("Oskar_Dunlin");
        assertThat(recorded("?fate=NO_RULE")).containsExactly("Ilse Fenn");
        assertThat(recorded("?fate=SHOWN&fate=WAITS")).hasSize(2);
        assertThat(host.get("/api/channels/" + channel + "/record?kind=APPLAUSE")
                        .status())
                .isEqualTo(400);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(host.get("/api/channels/" + channel + "/record.csv?kind=CHAT")
                        .body()))
                .getRecords();
        assertThat(rows)
                .singleElement()
                .satisfies(row -> assertThat(row.get("name")).isEqualTo("Ilse Fenn"));
    }

    private List<String> recorded(String filter) {
        return names(host.get("/api/channels/" + channel + "/record" + filter)
                .json()
                .valueStream()
                .toList());
    }
}
