package brandeon.server.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.rehearse.Script;
import brandeon.core.rehearse.Scripts;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Scripts are played to a show, and every signal is accounted for. */
@ExtendWith(RunningServer.class)
class RehearsalTest {

    private Person host;
    private String theme;
    private String channel;
    private String show;

    @BeforeEach
    void aShow(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Rehearsals");
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        show = host.show(theme);
    }

    private Person.Answer send(String path, byte[] body) {
        return host.send(host.request(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    private Person.Answer play(String script, String speed) {
        return send(
                "/api/channels/" + channel + "/rehearsals?name=Try&speed=" + speed,
                script.getBytes(StandardCharsets.UTF_8));
    }

    private static String storm() {
        return Scripts.find("storm").orElseThrow().script().write();
    }

    private JsonNode report(String id) {
        return host.get("/api/shows/" + show + "/rehearsals/" + id).json();
    }

    private JsonNode report(String id, Predicate<JsonNode> wanted) {
        JsonNode report = report(id);
        for (int i = 0; i < 400 && !wanted.test(report); i++) {
            LockSupport.parkNanos(50_000_000);
            report = report(id);
        }
        assertThat(wanted.test(report)).as("%s", report).isTrue();
        return report;
    }

    private static String state(JsonNode report) {
        return report.path("rehearsal").path("state").asString();
    }

    private static int count(JsonNode report, String outcome) {
        return report.path("outcomes").path(outcome).asInt();
    }

    @Test
    void everySignalOfAStormIsAccountedForAndNoneCounts() {
        String id = play(storm(), "60").json().path("id").asString();
        JsonNode report = report(id, one -> state(one).equals("PLAYED"));
        int signals = report.path("rehearsal").path("signals").asInt();
        assertThat(signals).isEqualTo(465);
        assertThat(report.path("rehearsal").path("sent").asInt()).isEqualTo(signals);
        assertThat(report.path("wrong").asInt())
                .as("%s", report.path("lines").get(0))
                .isZero();
        assertThat(count(report, "LOST")).isZero();
        assertThat(count(report, "NO_RULE")).as("lines of the chat").isEqualTo(60);
        assertThat(count(report, "SHOWN") + count(report, "WAITS")).isEqualTo(405);
        // 400 follows became a few alerts, and large tips do not wait behind them for ever.
        assertThat(host.get("/api/shows/" + show + "/alerts")
                        .json()
                        .path("alerts")
                        .size())
                .isLessThan(20);
        assertThat(host.get("/api/shows/" + show + "/readings").body())
                .doesNotContain("Saltmarsh Sal", "\"written\":\"4");
    }

    @Test
    void severalArePlayedAtOnceStoppedAndBegunAnew() {
        String quiet = Scripts.find("quiet").orElseThrow().script().write();
        String first = play(quiet, "1").json().path("id").asString();
        String second = play(storm(), "60").json().path("id").asString();
        report(second, one -> state(one).equals("PLAYED"));
        assertThat(state(report(first))).isEqualTo("PLAYING");
        host.post("/api/shows/" + show + "/rehearsals/" + first + "/stop", "");
        JsonNode stopped = report(first, one -> state(one).equals("STOPPED"));
        assertThat(count(stopped, "TO_COME")).isPositive();
        String again = host.post("/api/shows/" + show + "/rehearsals/" + first + "/again", "")
                .json()
                .path("id")
                .asString();
        assertThat(again).isNotEqualTo(first);
        assertThat(state(report(again))).isEqualTo("PLAYING");
        for (int i = 0; i < 5; i++) {
            assertThat(play(quiet, "1").status()).isEqualTo(200);
        }
        assertThat(play(quiet, "1").status()).as("too many at once").isEqualTo(409);
    }

    @Test
    void whatThePlatformLacksIsNotSentAndSaidSo() {
        JsonNode added = host.post("/api/channels", "{\"platform\":\"birch\",\"name\":\"Second\"}")
                .json();
        String birch = added.path("channel").asString();
        String other = host.get("/api/channels")
                .json()
                .valueStream()
                .filter(one -> one.path("id").asString().equals(birch))
                .findFirst()
                .orElseThrow()
                .path("show")
                .asString();
        String id = send(
                        "/api/channels/" + birch + "/rehearsals?name=Try&speed=60",
                        "{\"at\":0,\"signal\":\"POINTS\",\"name\":\"Ilse\",\"amount\":5}\n"
                                .getBytes(StandardCharsets.UTF_8))
                .json()
                .path("id")
                .asString();
        for (int i = 0; i < 100; i++) {
            JsonNode report =
                    host.get("/api/shows/" + other + "/rehearsals/" + id).json();
            if (state(report).equals("PLAYED")) {
                assertThat(count(report, "NOT_SENT")).isEqualTo(1);
                return;
            }
            LockSupport.parkNanos(50_000_000);
        }
        throw new AssertionError("It was not played.");
    }

    @Test
    void aRealEveningBecomesAScript() {
        assertThat(host.get("/api/channels/" + channel + "/script").status()).isEqualTo(409);
        host.signals(channel, "alder.follow", "{\"name\":\"Ilse Fenn\"}");
        host.signals(channel, "alder.tip", "{\"name\":\"Tavi\",\"amount\":500,\"currency\":\"EUR\"}");
        host.signals(channel, "alder.follow", "{\"name\":\"Practising\",\"practice\":true}");
        Script script = Script.read(host.get("/api/channels/" + channel + "/script")
                .json()
                .path("text")
                .asString());
        assertThat(script.lines())
                .hasSize(2)
                .extracting(line -> line.name())
                .containsExactlyInAnyOrder("Ilse Fenn", "Tavi");
    }

    @Test
    void wrongScriptsAreRefusedWithTheLineAndNothingIsPlayed() {
        assertThat(send("/api/scripts/read", "{\"at\":0}\n".getBytes(StandardCharsets.UTF_8))
                        .detail())
                .startsWith("Line 1:");
        assertThat(send("/api/scripts/read", new byte[] {(byte) 0xff, 10}).detail())
                .contains("UTF-8");
        String line = "{\"at\":0,\"signal\":\"FOLLOW\",\"name\":\"Ilse\"}\n";
        assertThat(play(line.repeat(100_000), "1").detail()).contains("20,000");
        assertThat(send("/api/scripts/read", new byte[7 << 20]).status()).isEqualTo(413);
        for (String speed : new String[] {"0", "61", "-1", "NaN", "quick"}) {
            assertThat(play(line, speed).status()).as(speed).isEqualTo(400);
        }
        assertThat(host.get("/api/shows/" + show + "/rehearsals").json()).isEmpty();
    }
}
