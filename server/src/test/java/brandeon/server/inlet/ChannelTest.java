package brandeon.server.inlet;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.JsonNode;

/** Channels as people see to them, and what came to their inlets. */
@ExtendWith(RunningServer.class)
class ChannelTest {

    private final RunningServer server;
    private UUID workspace;
    private Person owner;
    private String channel;
    private String inlet;

    ChannelTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void aChannel() {
        workspace = server.bean(Members.class).addWorkspace("Channels");
        owner = server.member(workspace, Role.OWNER);
        JsonNode made = owner.post("/api/channels", "{\"platform\":\"alder\",\"name\":\" low quay \"}")
                .json();
        channel = made.path("channel").asString();
        assertThat(made.path("name").asString()).isEqualTo("low quay");
        inlet = URI.create(made.path("address").asString()).getPath();
    }

    private String secret() {
        return owner.post("/api/channels/" + channel + "/inlet/secret", "")
                .json()
                .path("secret")
                .asString();
    }

    private Person.Answer deliver(String body, String secret) throws Exception {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec(HexFormat.of().parseHex(secret), "HmacSHA256"));
        String signature = HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8)));
        Person platform = Person.unknown(server.address());
        return platform.send(platform.request(inlet)
                .header("Content-Type", "application/cloudevents+json")
                .header("Brandeon-Signature", "sha256=" + signature)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private static String follow(String id) {
        return "{\"specversion\":\"1.0\",\"id\":\"" + id
                + "\",\"source\":\"/reeds\",\"type\":\"alder.follow\",\"data\":{\"name\":\"Ilse Fenn\"}}";
    }

    private List<JsonNode> deliveries() {
        List<JsonNode> all = new ArrayList<>();
        owner.get("/api/channels/" + channel + "/deliveries").json().forEach(all::add);
        return all;
    }

    @Test
    void whatCameIsFoundWithWhatBecameOfIt() throws Exception {
        String secret = secret();
        deliver(follow("1"), secret);
        deliver(follow("1"), secret);
        deliver("{\"specversion\":\"1.0\",\"id\":\"2\",\"source\":\"/reeds\",\"type\":\"alder.heron\"}", secret);
        deliver(follow("3"), "00");
        List<JsonNode> came = deliveries();
        assertThat(came.stream().map(one -> one.path("outcome").asString()))
                .containsExactly("REFUSED", "REFUSED", "REPEATED", "COUNTED");
        assertThat(came.get(0).path("sentence").asString()).contains("not signed");
        assertThat(came.get(1).path("sentence").asString()).contains("alder.heron");
        assertThat(came.get(3).path("body").asString()).isEqualTo(follow("1"));
        assertThat(came.get(3).path("type").asString()).isEqualTo("application/cloudevents+json");
    }

    @Test
    void whatWasRefusedForItsSignatureCanBeSentAgainByAPerson() throws Exception {
        deliver(follow("9"), "00");
        String id = deliveries().getFirst().path("id").asString();
        String again = "/api/channels/" + channel + "/deliveries/" + id + "/again";
        assertThat(owner.post(again, "").json().path("counted").asBoolean()).isTrue();
        assertThat(owner.post(again, "").json().path("counted").asBoolean()).isFalse();
        assertThat(deliveries().stream().map(one -> one.path("outcome").asString()))
                .containsExactly("REPEATED", "COUNTED", "REFUSED");
        assertThat(owner.get("/api/channels/" + channel + "/record").json()).hasSize(1);
    }

    @Test
    void onlyTheLastOnesAreKeptAndLongOnesAreCut() throws Exception {
        String secret = secret();
        for (int i = 0; i < 60; i++) {
            deliver(follow("n" + i), secret);
            if (i == 30) {
                deliveries();
            }
        }
        deliver("x".repeat(100_000), secret);
        List<JsonNode> came = deliveries();
        assertThat(came).hasSize(50);
        assertThat(came.getFirst().path("cut").asBoolean()).isTrue();
        assertThat(came.getFirst().path("body").asString().length()).isEqualTo(16_000);
        assertThat(came.getLast().path("body").asString()).isEqualTo(follow("n11"));
        assertThat(owner.post(
                                "/api/channels/" + channel + "/deliveries/"
                                        + came.getFirst().path("id").asString() + "/again",
                                "")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void anotherSecretEndsTheOneBefore() throws Exception {
        String first = secret();
        assertThat(deliver(follow("1"), first).status()).isEqualTo(202);
        String second = secret();
        assertThat(second).hasSize(64).isNotEqualTo(first);
        assertThat(deliver(follow("2"), first).status()).isEqualTo(401);
        assertThat(deliver(follow("2"), second).status()).isEqualTo(202);
        // The stand-in knows the one that holds.
        assertThat(owner.post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}")
                        .status())
                .isEqualTo(200);
        assertThat(owner.get("/api/workspaces/" + workspace + "/record?kind=CHANNEL")
                        .body())
                .contains("Issued a new signing secret")
                .doesNotContain(second);
    }

    /** By the programs themselves, OpenSSL and curl, as somebody would paste it. */
    @Test
    void theCallThatIsShownWorksAsItIs() throws Exception {
        String call = owner.get("/api/channels/" + channel + "/inlet")
                .json()
                .path("call")
                .asString();
        ProcessBuilder shell = new ProcessBuilder("sh", "-c", call).redirectErrorStream(true);
        shell.environment().put("SECRET", secret());
        Process process = shell.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(said).contains("\"counted\":true");
        assertThat(deliveries().getFirst().path("outcome").asString()).isEqualTo("COUNTED");
    }

    @Test
    void aChannelIsRenamedAndDeletedUnlessSomethingDependsOnIt() {
        String address = "/api/channels/" + channel;
        assertThat(owner.put(address, "{\"name\":\"\"}").status()).isEqualTo(400);
        assertThat(owner.put(address, "{\"name\":\"High quay\"}")
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("High quay");
        String theme = owner.newTheme("First light");
        assertThat(owner.get(address + "/inlet").json().path("themes").toString())
                .contains("First light");
        Person.Answer refused = owner.send(owner.request(address).DELETE().build());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("First light is made for this channel");
        owner.send(owner.request("/api/themes/" + theme).DELETE().build());
        assertThat(owner.send(owner.request(address).DELETE().build()).status()).isEqualTo(204);
        assertThat(owner.get(address + "/inlet").status()).isEqualTo(404);
        assertThat(owner.get("/api/channels").json()).isEmpty();
        assertThat(Person.unknown(server.address())
                        .send(owner.request(inlet)
                                .POST(HttpRequest.BodyPublishers.ofString(follow("1")))
                                .build())
                        .status())
                .isEqualTo(404);
    }

    /** What a channel took last goes with it; that it went before that was written is nothing to warn of. */
    @Test
    void aChannelMayGoBeforeItsLastDeliveriesAreWritten() throws Exception {
        Logger logger = (Logger) LoggerFactory.getLogger(Deliveries.class);
        ListAppender<ILoggingEvent> said = new ListAppender<>();
        said.start();
        logger.addAppender(said);
        try {
            deliver(follow("1"), "00");
            assertThat(owner.delete("/api/channels/" + channel).status()).isEqualTo(204);
            server.bean(Deliveries.class).write();
        } finally {
            logger.detachAppender(said);
        }
        assertThat(said.list)
                .filteredOn(event -> event.getLevel().isGreaterOrEqual(Level.WARN))
                .extracting(ILoggingEvent::getFormattedMessage)
                .isEmpty();
    }
}
