package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.inlet.Signature;
import brandeon.core.live.Counting;
import brandeon.core.live.Period;
import brandeon.core.live.Tally;
import brandeon.core.platform.Profiles;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningServer.class)
class InletTest {

    private RunningServer server;
    private Person platform;
    private Channels.Channel channel;
    private String address;

    @BeforeEach
    void aChannelOfItsOwn(RunningServer running) {
        server = running;
        platform = Person.unknown(running.address());
        Members members = running.bean(Members.class);
        UUID workspace = members.addWorkspace("Inlet");
        String email = UUID.randomUUID() + "@reedlight.example";
        UUID account = members.addMember(workspace, email, "Tavi Brook", "quiet-please", Role.OWNER);
        channel = running.bean(Channels.class)
                .add(
                        new Member(account, "Tavi Brook", email, workspace, Role.OWNER),
                        Profiles.shipped("alder").orElseThrow(),
                        "inlet");
        address = "/inlets/" + running.bean(Keys.class).token(Keys.Use.INLET, channel.id(), 1);
    }

    @Test
    void aSignedSignalIsCountedAndTheSameOneOnlyOnce() {
        String event = event("alder.follow", "1", "{\"name\":\"Ilse Fenn\"}");
        assertThat(deliver(event).status()).isEqualTo(202);
        assertThat(deliver(event).status()).isEqualTo(200);
        assertThat(deliver(event).json().path("counted").asBoolean()).isFalse();
        assertThat(readings()).containsEntry("followers", 1L).containsEntry("latestFollower", "Ilse Fenn");
    }

    /** What the show keeps grew with each signal; the other side is counted from all that is stored. */
    @Test
    void countingAgainFromTheStoreGivesTheSame() {
        for (int i = 0; i < 20; i++) {
            deliver(event(
                    i % 2 == 0 ? "alder.follow" : "alder.subscription.gifted",
                    "n" + i,
                    "{\"name\":\"Viewer " + i + "\",\"amount\":3}"));
        }
        assertThat(readings()).containsEntry("followers", 10L).containsEntry("subscribers", 30L);
        assertThat(server.bean(Facts.class).recounted(List.of(channel.id()), Counting.STANDARD))
                .isEqualTo(server.bean(Facts.class).now(channel.show()).tally());
    }

    /** Half of them were answered 500 and lost. */
    @Test
    void twoHundredAtOnceAreAllCountedOnce() {
        List<CompletableFuture<Person.Answer>> calls = IntStream.range(0, 200)
                .mapToObj(i -> event("alder.follow", "at-once-" + i % 190, "{\"name\":\"Viewer " + i % 190 + "\"}"))
                .map(body -> platform.later(request(body, "application/cloudevents+json")))
                .toList();
        assertThat(calls).extracting(call -> call.join().status()).containsOnly(200, 202);
        assertThat(readings()).containsEntry("followers", 190L);
        assertThat(server.bean(Facts.class).recounted(List.of(channel.id()), Counting.STANDARD))
                .isEqualTo(server.bean(Facts.class).now(channel.show()).tally());
    }

    /** CloudEvents 1.0.2, JSON event format, section 4.1: a JSON array of events. */
    @Test
    void severalSignalsComeInOneBody() {
        String batch = IntStream.range(0, 12)
                .mapToObj(i -> event("alder.follow", "b" + i % 10, "{\"name\":\"Viewer " + i % 10 + "\"}"))
                .collect(Collectors.joining(",", "[", "]"));
        Person.Answer answer = platform.send(request(batch, "application/cloudevents-batch+json"));
        assertThat(answer.status()).as(answer.body()).isEqualTo(202);
        assertThat(answer.json().path("sentence").asString()).isEqualTo("10 counted, 2 had been counted before.");
        assertThat(readings()).containsEntry("followers", 10L);
        assertThat(platform.send(request(batch, "application/cloudevents-batch+json; charset=utf-8"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void oneBadSignalRefusesItsBatch() {
        String batch = "[" + event("alder.follow", "ok", "{\"name\":\"Ilse\"}") + ","
                + event("alder.applause", "bad", "{\"name\":\"Ilse\"}") + "]";
        Person.Answer answer = platform.send(request(batch, "application/cloudevents-batch+json"));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail())
                .startsWith("Event 2 of 2: ")
                .contains("alder.applause")
                .contains("Nothing");
        assertThat(readings()).isEmpty();
        for (String body : List.of("{}", "not json", "[" + "1,".repeat(600) + "1]")) {
            assertThat(platform.send(request(body, "application/cloudevents-batch+json"))
                            .status())
                    .isEqualTo(400);
        }
    }

    /** A flood of follows would have been announced for hours. */
    @Test
    void aFloodOfAlertsHasAnEnd() {
        for (int k = 0; k < 4; k++) {
            int from = k * 500;
            String batch = IntStream.range(from, from + 500)
                    .mapToObj(i -> event("alder.follow", "f" + i, "{\"name\":\"V" + i + "\"}"))
                    .collect(Collectors.joining(",", "[", "]"));
            assertThat(platform.send(request(batch, "application/cloudevents-batch+json"))
                            .status())
                    .isEqualTo(202);
        }
        assertThat(readings()).containsEntry("followers", 2000L);
    }

    private Map<String, Object> readings() {
        return counted(server.bean(Facts.class).now(channel.show()).tally());
    }

    /** What counts for ever, as it is kept. */
    private static Map<String, Object> counted(Tally tally) {
        Tally.Counted ever = tally.periods().get(Period.EVER);
        return ever == null ? Map.of() : ever.readings().values();
    }

    private HttpRequest request(String body, String type) {
        return platform.request(address)
                .header("Content-Type", type)
                .header("Brandeon-Signature", signature(body))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    @Test
    void anUnsignedOrWronglySignedSignalIsNotCounted() {
        String event = event("alder.follow", "1", "{\"name\":\"Ilse\"}");
        assertThat(post(event, "").status()).isEqualTo(401);
        assertThat(post(event, "sha256=" + "0".repeat(64)).status()).isEqualTo(401);
        assertThat(post(event.replace("Ilse", "Other"), signature(event)).status())
                .as("changed on the way")
                .isEqualTo(401);
        assertThat(readings()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{}", "not json", "{\"specversion\":\"1.0\",\"id\":\"1\",\"source\":\"/x\"}"})
    void whatIsNoCloudEventIsExplained(String body) {
        Person.Answer answer = post(body, signature(body));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail()).isNotBlank().doesNotContain("brandeon.");
    }

    @Test
    void aSignalThatThePlatformDoesNotHaveIsExplained() {
        assertThat(deliver(event("birch.membership.new", "1", "{\"name\":\"Ilse\"}"))
                        .detail())
                .contains("Alder")
                .contains("birch.membership.new");
        assertThat(deliver(event("alder.follow", "2", "{\"name\":\"\"}")).detail())
                .contains("name");
        assertThat(deliver(event("alder.follow", "3", "{\"name\":\"" + "x".repeat(500) + "\"}"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void anInletThatDoesNotExistIsNotThere() {
        String outletToken = server.bean(Keys.class).token(Keys.Use.OUTLET, channel.id(), 1);
        for (String wrong : new String[] {
            "x", "AAAA", outletToken, server.bean(Keys.class).token(Keys.Use.INLET, UUID.randomUUID(), 1)
        }) {
            assertThat(platform.post("/inlets/" + wrong, "{}").status())
                    .as(wrong)
                    .isEqualTo(404);
        }
    }

    private Person.Answer deliver(String event) {
        return post(event, signature(event));
    }

    private Person.Answer post(String body, String signature) {
        return platform.send(platform.request(address)
                .header("Content-Type", "application/cloudevents+json")
                .header("Brandeon-Signature", signature)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private String signature(String body) {
        return "sha256="
                + HexFormat.of()
                        .formatHex(Signature.hmac(
                                server.bean(Keys.class).signingSecret(channel.id(), 1),
                                body.getBytes(StandardCharsets.UTF_8)));
    }

    /** CloudEvents 1.0, JSON event format, structured mode. */
    private static String event(String type, String id, String data) {
        return "{\"specversion\":\"1.0\",\"id\":\"" + id + "\",\"source\":\"/stand-ins/alder\",\"type\":\"" + type
                + "\",\"datacontenttype\":\"application/json\",\"data\":" + data + "}";
    }
}
