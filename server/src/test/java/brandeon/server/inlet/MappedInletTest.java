package brandeon.server.inlet;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.inlet.Mapping;
import brandeon.core.inlet.Signature;
import brandeon.core.inlet.Signature.Encoding;
import brandeon.core.inlet.Signature.Method;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A door for bodies that somebody else thought of. */
@ExtendWith(RunningServer.class)
class MappedInletTest {

    private static final String BODY = "{\"id\":\"d-%s\",\"who\":\"Ilse Fenn\",\"sum\":\"12.50\",\"cur\":\"EUR\"}";
    private static final Mapping MAPPING = new Mapping(
            "",
            Map.of(),
            SignalKind.TIP,
            Map.of("name", "/who", "amount", "/sum", "currency", "/cur"),
            Map.of(),
            true,
            "/id",
            "");

    private Person owner;
    private String channel;
    private JsonNode inlet;

    @BeforeEach
    void aMappedInlet(RunningServer server) {
        owner = server.stranger(Role.OWNER);
        channel = owner.post("/api/channels", "{\"platform\":\"alder\",\"name\":\"low quay\"}")
                .json()
                .path("channel")
                .asString();
        inlet = owner.post("/api/channels/" + channel + "/mapped", "{\"name\":\"Tip jar\"}")
                .json();
        change(MAPPING, Signature.NONE, "");
    }

    private String path() {
        return "/api/channels/" + channel + "/mapped/" + inlet.path("id").asString();
    }

    private Person.Answer change(Mapping mapping, Signature signature, String secret) {
        Person.Answer answer = owner.put(
                path(),
                "{\"name\":\"Tip jar\",\"sample\":\"{}\",\"secret\":\"%s\",\"mapping\":%s,\"signature\":%s}"
                        .formatted(secret, Json.write(mapping), Json.write(signature)));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        inlet = answer.json();
        return answer;
    }

    private Person.Answer send(String body, String header, String value) {
        HttpRequest.Builder request =
                owner.request(URI.create(inlet.path("address").asString()).getPath());
        if (!header.isEmpty()) {
            request.header(header, value);
        }
        return owner.send(
                request.POST(HttpRequest.BodyPublishers.ofString(body)).build());
    }

    private Person.Answer send(String body) {
        return send(body, "", "");
    }

    private List<JsonNode> record() {
        return owner.get("/api/channels/" + channel + "/record")
                .json()
                .valueStream()
                .toList();
    }

    @Test
    void aForeignBodyIsCountedOnce() {
        assertThat(send(BODY.formatted(1)).status()).isEqualTo(202);
        assertThat(send(BODY.formatted(1)).status()).isEqualTo(200);
        assertThat(send(BODY.formatted(2)).status()).isEqualTo(202);
        assertThat(record()).hasSize(2);
        assertThat(record().getFirst().path("money").asString()).isEqualTo("€12.50");
        assertThat(owner.get("/api/channels/" + channel + "/deliveries").json()).hasSize(3);
    }

    /** What says no id is known by its text, for a day. */
    @Test
    void withoutAnIdTheBodyItselfIsKnown() {
        change(new Mapping("", Map.of(), SignalKind.TIP, MAPPING.fields(), Map.of(), true, "", ""), Signature.NONE, "");
        assertThat(send(BODY.formatted(1)).status()).isEqualTo(202);
        assertThat(send(BODY.formatted(1)).status()).isEqualTo(200);
        assertThat(send(BODY.formatted(2)).status()).isEqualTo(202);
    }

    @Test
    void itIsSignedAsTheOtherSideSigns() {
        Signature signature = new Signature(Method.HMAC_SHA256, "X-Jar-Signature", Encoding.BASE64, "v1=");
        change(MAPPING, signature, "");
        String ours = owner.get(path() + "/secret").json().path("secret").asString();
        String body = BODY.formatted(1);
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        assertThat(send(body).status()).isEqualTo(401);
        assertThat(send(body, "X-Jar-Signature", signature.of("wrong", bytes)).status())
                .isEqualTo(401);
        assertThat(send(body, "X-Jar-Signature", signature.of(ours, bytes)).status())
                .isEqualTo(202);

        change(MAPPING, signature, "a secret of theirs");
        assertThat(inlet.path("given").asBoolean()).isTrue();
        String next = BODY.formatted(2);
        assertThat(send(next, "X-Jar-Signature", signature.of(ours, next.getBytes(StandardCharsets.UTF_8)))
                        .status())
                .isEqualTo(401);
        assertThat(send(
                                next,
                                "x-jar-signature",
                                signature.of("a secret of theirs", next.getBytes(StandardCharsets.UTF_8)))
                        .status())
                .isEqualTo(202);
        assertThat(owner.get("/api/channels/" + channel + "/mapped").body()).doesNotContain("a secret of theirs");
    }

    @Test
    void theAddressIsForThoseWhoMayChangeIt(RunningServer server) {
        String workspace = owner.get("/api/session")
                .json()
                .path("workspaces")
                .get(0)
                .path("id")
                .asString();
        Person operator = server.member(UUID.fromString(workspace), Role.OPERATOR);
        JsonNode seen =
                operator.get("/api/channels/" + channel + "/mapped").json().get(0);
        assertThat(seen.path("name").asString()).isEqualTo("Tip jar");
        assertThat(seen.path("address").asString()).isEmpty();
    }

    @Test
    void anotherAddressEndsTheOneBefore() {
        JsonNode before = inlet;
        inlet = owner.post(path() + "/renew", "").json();
        assertThat(send(BODY.formatted(1)).status()).isEqualTo(202);
        inlet = before;
        assertThat(send(BODY.formatted(2)).status()).isEqualTo(404);
        assertThat(owner.delete(path()).status()).isEqualTo(204);
        assertThat(send(BODY.formatted(3)).status()).isEqualTo(404);
    }

    @Test
    void whatCannotBeUnderstoodIsKeptToBeSentAgain() {
        for (String wrong : List.of("", "not json", "[]", "{}", "{\"who\":7,\"sum\":\"much\"}", "[".repeat(100_000))) {
            Person.Answer refused = send(wrong);
            assertThat(refused.status())
                    .as(wrong.length() > 60 ? "nested" : wrong)
                    .isEqualTo(400);
            assertThat(refused.detail()).isNotBlank().doesNotContain("brandeon.", "tools.jackson");
        }
        assertThat(record()).isEmpty();
        assertThat(send("x".repeat(300_000)).status()).isEqualTo(413);

        // The mapping is mended, and the body that came before is taken in.
        change(
                new Mapping("", Map.of(), SignalKind.FOLLOW, Map.of("name", "/nick"), Map.of(), false, "", ""),
                Signature.NONE,
                "");
        assertThat(send("{\"name\":\"Oskar\"}").status()).isEqualTo(400);
        change(
                new Mapping("", Map.of(), SignalKind.FOLLOW, Map.of("name", "/name"), Map.of(), false, "", ""),
                Signature.NONE,
                "");
        String delivery = owner.get("/api/channels/" + channel + "/deliveries")
                .json()
                .get(0)
                .path("id")
                .asString();
        assertThat(owner.post("/api/channels/" + channel + "/deliveries/" + delivery + "/again", "")
                        .json()
                        .path("sentence")
                        .asString())
                .isEqualTo("Counted: follow, Oskar.");
    }

    /** The largest year of ISO 8601 in Java is beyond what milliseconds can count. */
    @Test
    void aTimeThatCannotBeIsRefused() {
        change(
                new Mapping("", Map.of(), SignalKind.FOLLOW, Map.of("name", "/n"), Map.of(), false, "", "/t"),
                Signature.NONE,
                "");
        for (String time : List.of("+999999999-12-31T23:59:59Z", "1999-01-01T00:00:00Z", "soon")) {
            assertThat(send("{\"n\":\"Ilse\",\"t\":\"" + time + "\"}").status())
                    .as(time)
                    .isEqualTo(400);
        }
        assertThat(send("{\"n\":\"Ilse\",\"t\":\"" + java.time.OffsetDateTime.now() + "\"}")
                        .status())
                .isEqualTo(202);
    }

    @Test
    void aSampleIsTriedWithoutCounting() {
        JsonNode tried = owner.post(
                        "/api/channels/" + channel + "/mapped/trial",
                        Json.write(Map.of("sample", BODY.formatted(1), "mapping", MAPPING)))
                .json();
        assertThat(tried.path("told").asString()).isEqualTo("tip, Ilse Fenn");
        assertThat(tried.path("money").asString()).isEqualTo("€12.50");
        assertThat(owner.post(
                                "/api/channels/" + channel + "/mapped/trial",
                                Json.write(Map.of("sample", "{\"who\":\"Ilse\"", "mapping", MAPPING)))
                        .json()
                        .path("mistake")
                        .asString())
                .contains("no JSON");
        assertThat(record()).isEmpty();
    }

    @Test
    void whatIsNoMappingIsRefused() {
        String good = "{\"name\":\"Tip jar\",\"sample\":\"\",\"secret\":\"\",\"mapping\":%s,\"signature\":%s}"
                .formatted(Json.write(MAPPING), Json.write(Signature.NONE));
        for (String wrong : List.of(
                good.replace("/who", "who"),
                good.replace("\"name\":\"/who\"", "\"colour\":\"/who\""),
                good.replace("X-Signature", "X Signature"),
                good.replace("Tip jar", ""),
                good.replace("\"TIP\"", "\"APPLAUSE\""),
                good.replace("\"sample\":\"\"", "\"sample\":\"" + "x".repeat(21_000) + "\""))) {
            assertThat(owner.put(path(), wrong).status())
                    .as(wrong.substring(0, 60))
                    .isEqualTo(400);
        }
    }
}
