package brandeon.server.standin;

import brandeon.core.inlet.Signature;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.server.access.Keys;
import brandeon.server.channel.Channels;
import brandeon.server.problem.Refused;
import brandeon.server.problem.TooMany;
import io.cloudevents.CloudEvent;
import io.cloudevents.core.builder.CloudEventBuilder;
import io.cloudevents.core.provider.EventFormatProvider;
import io.cloudevents.jackson.JsonFormat;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import org.springframework.boot.web.server.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/**
 * The stand-in platforms. They know a channel only by its inlet's address and signing secret, and send CloudEvents over
 * HTTP on loopback, as a platform outside would.
 */
@Service
public class StandIns {

    /** Signals of one request. */
    public static final int AT_ONCE = 200;

    private static final String BATCH = "application/cloudevents-batch+json";

    /** Invented viewers. */
    private static final List<String> NAMES = List.of(
            "Tavi Brook",
            "quiet_otter",
            "Ilse Fenn",
            "saltmarsh_sal",
            "Wren of Low Quay",
            "Oskar Dunlin",
            "heron_at_six",
            "Maret Sedge");

    /** What they say. */
    private static final List<String> MESSAGES = List.of(
            "Is that a spoonbill by the second post?",
            "Good evening from the far bank!",
            "The light over the reeds is lovely tonight.",
            "Two avocets, left of the sluice.",
            "For a new lens cloth.");

    private final Keys keys;
    private final JsonMapper json;
    private final HttpClient http = HttpClient.newHttpClient();
    private volatile int port;

    StandIns(Keys keys, JsonMapper json) {
        this.keys = keys;
        this.json = json;
    }

    @EventListener
    void listening(ServletWebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    /** Sends one signal of a kind, from an invented viewer. */
    public void send(Channels.Channel channel, SignalKind kind) {
        send(channel, kind, invented(kind, term(channel, kind)));
    }

    /** Sends one with chosen values. */
    public void send(Channels.Channel channel, TriedSignal signal) {
        send(channel, signal.kind(), signal.data());
    }

    private static Profile.Term term(Channels.Channel channel, SignalKind kind) {
        return channel.platform()
                .term(kind)
                .orElseThrow(() -> new Refused(channel.platform().title() + " has no such signal."));
    }

    /** One of several. @param id the same one is counted once */
    public record Event(String id, SignalKind kind, Map<String, Object> data) {}

    /** Sends several at once, at most {@value #AT_ONCE}. */
    public void send(Channels.Channel channel, List<Event> events) {
        String bodies = events.stream()
                .map(one -> new String(
                        written(event(channel, term(channel, one.kind()), one.id(), one.data())),
                        StandardCharsets.UTF_8))
                .collect(Collectors.joining(",", "[", "]"));
        post(channel, BATCH, bodies.getBytes(StandardCharsets.UTF_8));
    }

    private void send(Channels.Channel channel, SignalKind kind, Map<String, Object> data) {
        post(
                channel,
                JsonFormat.CONTENT_TYPE,
                written(event(channel, term(channel, kind), UUID.randomUUID().toString(), data)));
    }

    private static byte[] written(CloudEvent event) {
        return EventFormatProvider.getInstance()
                .resolveFormat(JsonFormat.CONTENT_TYPE)
                .serialize(event);
    }

    /** @throws TooMany when the inlet takes no more for a moment */
    private void post(Channels.Channel channel, String type, byte[] body) {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create("http://127.0.0.1:" + port + keys.inletPath(channel.id())))
                .header("Content-Type", type)
                .header(
                        "Brandeon-Signature",
                        "sha256="
                                + HexFormat.of()
                                        .formatHex(Signature.hmac(
                                                keys.signingSecret(channel.id(), channel.secret()), body)))
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        try {
            HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() == 429) {
                throw new TooMany(
                        "The inlet takes no more for a moment.",
                        Duration.ofSeconds(
                                answer.headers().firstValueAsLong("Retry-After").orElse(1)));
            }
            if (answer.statusCode() >= 300) {
                throw new Refused("The inlet did not take the practice signal: "
                        + json.readTree(answer.body()).path("detail").asString(""));
            }
        } catch (IOException e) {
            throw new Refused("The inlet could not be reached: " + e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Refused("Sending was interrupted.");
        }
    }

    private static Map<String, Object> invented(SignalKind kind, Profile.Term term) {
        ThreadLocalRandom random = ThreadLocalRandom.current();
        Map<String, Object> data = new LinkedHashMap<>(Map.of("name", name(random), "practice", true));
        data.putAll(
                switch (kind) {
                    case FOLLOW -> Map.of();
                    case SUBSCRIPTION -> Map.of("months", 1, "level", "1");
                    case RENEWAL -> Map.of("months", random.nextInt(2, 30), "level", "1");
                    case GIFTED_SUBSCRIPTIONS -> Map.of("amount", random.nextInt(1, 6));
                    case POINTS, GOODS -> Map.of("amount", random.nextInt(5, 200));
                    case RAID -> Map.of("amount", random.nextInt(3, 90));
                    case PAID_MESSAGE, TIP, PURCHASE ->
                        Map.of(
                                "amount",
                                100 * random.nextInt(1, 50),
                                "currency",
                                term.currencies().isEmpty()
                                        ? "EUR"
                                        : term.currencies().getFirst(),
                                "message",
                                message(random));
                    case CHAT -> Map.of("message", message(random));
                    case ADVERTISING -> Map.of("amount", 30 * random.nextInt(1, 5));
                });
        return data;
    }

    private static String source(Channels.Channel channel) {
        return "/stand-ins/" + channel.platform().id();
    }

    /** Under which a signal is kept that is sent with an id: CloudEvents are told apart by source and id. */
    public static String kept(Channels.Channel channel, String id) {
        return source(channel) + " " + id;
    }

    private CloudEvent event(Channels.Channel channel, Profile.Term term, String id, Map<String, Object> data) {
        return CloudEventBuilder.v1()
                .withId(id)
                .withSource(URI.create(source(channel)))
                .withType(term.type())
                .withTime(OffsetDateTime.now())
                .withData("application/json", json.writeValueAsBytes(data))
                .build();
    }

    private static String message(ThreadLocalRandom random) {
        return MESSAGES.get(random.nextInt(MESSAGES.size()));
    }

    private static String name(ThreadLocalRandom random) {
        return NAMES.get(random.nextInt(NAMES.size()));
    }
}
