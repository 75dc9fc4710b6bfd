package brandeon.server.channel;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.pack.Json;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A platform that a workspace describes itself. */
@ExtendWith(RunningServer.class)
class PlatformTest {

    private Person owner;

    @BeforeEach
    void somebodyNew(RunningServer server) {
        owner = server.stranger(Role.OWNER);
    }

    private Person.Answer write(String document) {
        return owner.post("/api/platforms", Json.write(Map.of("document", document)));
    }

    @Test
    void aChannelOnAPlatformOfOnesOwnTakesItsSignals() {
        assertThat(write(Person.elm()).status()).isEqualTo(200);
        String channel = owner.post("/api/channels", "{\"platform\":\"elm\",\"name\":\"low quay\"}")
                .json()
                .path("channel")
                .asString();
        owner.signals(
                channel, "elm.tip", "{\"name\":\"Ilse Fenn\",\"amount\":1250,\"currency\":\"EUR\",\"message\":\"Hi\"}");
        JsonNode line = owner.get("/api/channels/" + channel + "/record").json().get(0);
        assertThat(line.path("money").asString()).isEqualTo("€12.50");
        assertThat(line.path("message").asString()).isEqualTo("Hi");

        // A corrected profile holds at once.
        assertThat(write(Person.elm().replace("elm.tip", "elm.gift")).status()).isEqualTo(200);
        assertThat(owner.get("/api/channels/" + channel + "/inlet").body())
                .contains("elm.gift")
                .doesNotContain("elm.tip");
        owner.signals(channel, "elm.gift", "{\"name\":\"Ilse Fenn\"}");

        Person.Answer kept = owner.delete("/api/platforms/elm");
        assertThat(kept.status()).isEqualTo(409);
        assertThat(kept.detail()).contains("low quay");
        assertThat(owner.delete("/api/channels/" + channel).status()).isEqualTo(204);
        assertThat(owner.delete("/api/platforms/elm").status()).isEqualTo(204);
        assertThat(owner.post("/api/channels", "{\"platform\":\"elm\",\"name\":\"low quay\"}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void itBelongsToItsWorkspace(RunningServer server) {
        write(Person.elm());
        Person other = server.stranger(Role.OWNER);
        assertThat(other.get("/api/platforms").body()).contains("Alder").doesNotContain("Elm");
        assertThat(other.post("/api/channels", "{\"platform\":\"elm\",\"name\":\"x\"}")
                        .status())
                .isEqualTo(404);
        assertThat(other.delete("/api/platforms/elm").status()).isEqualTo(404);
        assertThat(owner.get("/api/platforms")
                        .json()
                        .valueStream()
                        .filter(one -> one.path("own").asBoolean()))
                .hasSize(1);
    }

    @Test
    void whatIsWrongIsToldByLineAndNothingIsKept() {
        String wrong = Person.elm().replace("\"longestName\" : 25", "\"longestName\" : 900");
        JsonNode flaws = owner.post("/api/platforms/check", Json.write(Map.of("document", wrong)))
                .json()
                .path("flaws");
        assertThat(flaws).hasSize(1);
        int line = wrong.substring(0, wrong.indexOf("longestName")).split("\n").length;
        assertThat(flaws.get(0).path("line").asInt()).isEqualTo(line);
        Person.Answer refused = write(wrong);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("Line " + line).contains("longestName");
        assertThat(owner.get("/api/platforms").body()).doesNotContain("Elm");
    }

    @Test
    void thoseThatComeAlongAreNotWrittenOver() {
        assertThat(write(Person.elm().replace("\"elm\"", "\"birch\"")).detail()).contains("comes along");
        assertThat(owner.delete("/api/platforms/birch").status()).isEqualTo(404);
        assertThat(write("x".repeat(30_000)).status()).isEqualTo(400);
    }
}
