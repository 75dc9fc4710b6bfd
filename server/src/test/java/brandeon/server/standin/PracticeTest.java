package brandeon.server.standin;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profiles;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

/** Practice signals, as somebody at the rig presses them. */
@ExtendWith(RunningServer.class)
class PracticeTest {

    @ParameterizedTest
    @EnumSource(SignalKind.class)
    void everySignalOfThePlatformTakesTheSignedWayAndIsRecordedWithItsWord(SignalKind kind, RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String channel = channel(host);
        Person.Answer answer = host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"" + kind + "\"}");
        if (Profiles.shipped("alder").orElseThrow().term(kind).isEmpty()) {
            assertThat(answer.status()).isEqualTo(409);
            assertThat(answer.detail()).isEqualTo("Alder has no such signal.");
            return;
        }
        assertThat(answer.status()).isEqualTo(200);
        JsonNode line = host.get("/api/channels/" + channel + "/record").json().get(0);
        assertThat(line.path("kind").asString()).isEqualTo(kind.name());
        assertThat(line.path("name").asString()).isNotBlank();
        assertThat(line.path("practice").asBoolean()).isTrue();
        assertThat(line.path("id").asString()).startsWith("/stand-ins/alder ");
    }

    @Test
    void whatIsTriedNeverCounts(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Practice");
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}");
        assertThat(follows(host, theme)).isEqualTo("–");
        host.signals(channel, "alder.follow", "{\"name\":\"Ilse Fenn\"}");
        assertThat(follows(host, theme)).isEqualTo("1");
        assertThat(host.get("/api/channels/" + channel + "/deliveries").body()).contains("PRACTICE", "COUNTED");
    }

    private static String follows(Person host, String theme) {
        return host.post("/api/themes/" + theme + "/messages", "{\"text\":\"{followers}\"}")
                .json()
                .path("shown")
                .asString();
    }

    @Test
    void alertsFollowEachOtherWithoutOverlap(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String channel = channel(host);
        for (String kind : List.of("FOLLOW", "RAID", "FOLLOW")) {
            host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"" + kind + "\"}");
        }
        JsonNode lines = host.get("/api/channels/" + channel + "/record").json();
        for (int i = 0; i < 2; i++) {
            assertThat(lines.get(i).path("showsFrom").asLong())
                    .as("the newest come first")
                    .isGreaterThanOrEqualTo(lines.get(i + 1).path("showsTill").asLong());
            assertThat(lines.get(i).path("showsTill").asLong())
                    .isGreaterThan(lines.get(i).path("showsFrom").asLong());
        }
    }

    @Test
    void onlyThoseWhoOperateSendThem(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String channel = channel(host);
        assertThat(server.stranger(Role.OWNER)
                        .post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}")
                        .status())
                .isEqualTo(404);
        assertThat(server.stranger(Role.VIEWER)
                        .post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}")
                        .status())
                .isEqualTo(403);
        assertThat(host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"APPLAUSE\"}")
                        .status())
                .isEqualTo(400);
    }

    private static String channel(Person host) {
        return host.get("/api/themes/" + host.newTheme("Practice"))
                .json()
                .path("channel")
                .asString();
    }
}
