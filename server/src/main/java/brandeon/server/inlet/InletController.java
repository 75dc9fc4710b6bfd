package brandeon.server.inlet;

import brandeon.core.inlet.SignalData;
import brandeon.core.inlet.Signature;
import brandeon.core.live.Signal;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.access.Keys;
import brandeon.server.channel.Channels;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.NotSignedIn;
import io.cloudevents.CloudEvent;
import io.cloudevents.core.provider.EventFormatProvider;
import io.cloudevents.jackson.JsonFormat;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The one door through which platforms send signals: CloudEvents 1.0 in structured JSON, one or several in a body,
 * signed with HMAC-SHA-256.
 */
@RestController
class InletController {

    private static final String SIGNATURE = "Brandeon-Signature";
    /** CloudEvents 1.0, JSON event format, section 4: several events in one body. */
    private static final String BATCH = "application/cloudevents-batch+json";

    private static final int MOST_AT_ONCE = 500;
    private static final int LONGEST_ID = 200;

    private final Keys keys;
    private final Channels channels;
    private final Takings takings;
    private final JsonMapper json;

    InletController(Keys keys, Channels channels, Takings takings, JsonMapper json) {
        this.keys = keys;
        this.channels = channels;
        this.takings = takings;
        this.json = json;
    }

    /** The token is looked at before anything of the body is read. */
    @PostMapping("/inlets/{token}")
    ResponseEntity<Takings.Receipt> receive(
            @PathVariable String token,
            @RequestHeader(name = SIGNATURE, defaultValue = "") String signature,
            @RequestHeader(name = HttpHeaders.CONTENT_TYPE, defaultValue = "") String type,
            InputStream sent)
            throws IOException {
        Channels.Channel channel = channel(token);
        byte[] body = sent.readAllBytes();
        Takings.Sent delivery = new Takings.Sent(channel, Optional.empty(), type, body);
        return answer(takings.taken(delivery, () -> {
            requireSignature(channel, signature, body);
            return read(delivery);
        }));
    }

    static ResponseEntity<Takings.Receipt> answer(Takings.Taken taken) {
        return ResponseEntity.status(
                        taken.outcome() == Deliveries.Outcome.REPEATED ? HttpStatus.OK : HttpStatus.ACCEPTED)
                .body(taken.receipt());
    }

    /** What is in a delivery. */
    List<Takings.Came> read(Takings.Sent sent) {
        boolean many = sent.type().toLowerCase(Locale.ROOT).startsWith(BATCH);
        return many ? batch(sent.channel(), sent.body()) : List.of(came(sent.channel(), sent.body()));
    }

    /** A JSON array of events. One that cannot be taken refuses all of them, so that nobody wonders which were. */
    private List<Takings.Came> batch(Channels.Channel channel, byte[] body) {
        List<Takings.Came> signals = new ArrayList<>();
        JsonNode events = read(body);
        if (!events.isArray() || events.size() > MOST_AT_ONCE) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A batch is a JSON array of at most %d CloudEvents.", MOST_AT_ONCE));
        }
        for (JsonNode event : events) {
            try {
                signals.add(came(channel, json.writeValueAsBytes(event)));
            } catch (Mistake e) {
                throw new Mistake(
                        String.format(
                                Locale.ROOT,
                                "Event %d of %d: %s Nothing of the batch was counted.",
                                signals.size() + 1,
                                events.size(),
                                e.getMessage()),
                        e);
            }
        }
        return signals;
    }

    private JsonNode read(byte[] body) {
        try {
            return json.readTree(body);
        } catch (JacksonException e) {
            throw new Mistake("The batch is no JSON: " + e.getOriginalMessage(), e);
        }
    }

    private Takings.Came came(Channels.Channel channel, byte[] body) {
        CloudEvent event = event(body);
        Profile profile = channel.platform();
        Profile.Term term = profile.termOf(event.getType())
                .orElseThrow(
                        () -> new Mistake(profile.title() + " sends no signal of type “" + event.getType() + "”."));
        JsonNode data = data(event);
        return new Takings.Came(signal(profile, term, event, data), SignalData.unknown(data));
    }

    private Channels.Channel channel(String token) {
        Optional<UUID> id = keys.provedId(token, Keys.Use.INLET, 1);
        return id.flatMap(channels::find).orElseThrow(() -> new NotFound("There is no inlet at this address."));
    }

    private void requireSignature(Channels.Channel channel, String signature, byte[] body) {
        String wanted = "sha256="
                + HexFormat.of().formatHex(Signature.hmac(keys.signingSecret(channel.id(), channel.secret()), body));
        if (!MessageDigest.isEqual(
                wanted.getBytes(StandardCharsets.US_ASCII), signature.getBytes(StandardCharsets.UTF_8))) {
            throw new NotSignedIn("The signal is not signed by this channel's platform; it was not counted.");
        }
    }

    private static CloudEvent event(byte[] body) {
        try {
            return EventFormatProvider.getInstance()
                    .resolveFormat(JsonFormat.CONTENT_TYPE)
                    .deserialize(body);
        } catch (RuntimeException e) {
            throw new Mistake(
                    "This is no CloudEvents 1.0 event in JSON: "
                            + (e.getMessage() == null
                                    ? "a part of it is missing."
                                    : e.getMessage().lines().findFirst().orElse("")),
                    e);
        }
    }

    private static Signal signal(Profile profile, Profile.Term term, CloudEvent event, JsonNode data) {
        requireShort("id", event.getId());
        requireShort("source", event.getSource().toString());
        Instant now = Instant.now();
        long at =
                SignalData.near(event.getTime() == null ? now : event.getTime().toInstant(), now);
        return SignalData.read(profile, term, data, event.getSource() + " " + event.getId(), at);
    }

    private static void requireShort(String what, String text) {
        if (text.length() > LONGEST_ID || !Letters.oneLine(text)) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A signal's %s has at most %d letters, on one line.", what, LONGEST_ID));
        }
    }

    private JsonNode data(CloudEvent event) {
        try {
            return event.getData() == null
                    ? json.createObjectNode()
                    : json.readTree(event.getData().toBytes());
        } catch (JacksonException e) {
            throw new Mistake("The signal's data is no JSON: " + e.getOriginalMessage(), e);
        }
    }
}
