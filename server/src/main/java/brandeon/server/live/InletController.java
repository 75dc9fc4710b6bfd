package brandeon.server.live;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
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
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The one door through which platforms send signals: CloudEvents 1.0 in structured JSON, signed with HMAC-SHA-256. */
@RestController
class InletController {

    private static final String SIGNATURE = "Brandeon-Signature";
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_ID = 200;
    private static final long MOST = 1_000_000_000;
    private static final Duration FARTHEST = Duration.ofDays(366);

    /** What became of a delivery. */
    record Receipt(boolean counted, String sentence) {}

    private final Keys keys;
    private final Channels channels;
    private final Signals signals;
    private final JsonMapper json;

    InletController(Keys keys, Channels channels, Signals signals, JsonMapper json) {
        this.keys = keys;
        this.channels = channels;
        this.signals = signals;
        this.json = json;
    }

    /** The token is looked at before anything of the body is read. */
    @PostMapping("/inlets/{token}")
    ResponseEntity<Receipt> receive(
            @PathVariable String token,
            @RequestHeader(name = SIGNATURE, defaultValue = "") String signature,
            InputStream sent)
            throws IOException {
        Channels.Channel channel = channel(token);
        byte[] body = sent.readAllBytes();
        requireSignature(channel.id(), signature, body);
        CloudEvent event = event(body);
        SignalKind kind = channel.platform()
                .kindOf(event.getType())
                .orElseThrow(() -> new Mistake(
                        channel.platform().title() + " sends no signal of type “" + event.getType() + "”."));
        boolean counted = signals.accept(channel.id(), signal(event, kind), System.currentTimeMillis());
        return counted
                ? ResponseEntity.status(HttpStatus.ACCEPTED).body(new Receipt(true, "Counted."))
                : ResponseEntity.ok(new Receipt(false, "This signal was already counted; nothing changed."));
    }

    private Channels.Channel channel(String token) {
        Optional<UUID> id = keys.claimedId(token).filter(claimed -> keys.proves(token, Keys.Use.INLET, claimed, 1));
        return id.flatMap(channels::find).orElseThrow(() -> new NotFound("There is no inlet at this address."));
    }

    private void requireSignature(UUID channel, String signature, byte[] body) {
        String wanted = "sha256=" + HexFormat.of().formatHex(Keys.hmac(keys.signingSecret(channel), body));
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

    private Signal signal(CloudEvent event, SignalKind kind) {
        JsonNode data = data(event);
        String name =
                data.path("name").isString() ? data.path("name").asString().strip() : "";
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new Mistake("A signal's data needs a “name” of 1 to " + LONGEST_NAME + " letters.");
        }
        requireShort("id", event.getId());
        requireShort("source", event.getSource().toString());
        if (!Letters.oneLine(name)
                || !Letters.oneLine(data.path("level").asString(""))
                || data.path("level").asString("").length() > LONGEST_NAME) {
            throw new Mistake("A signal's texts stand on one line, without control characters, and have at most "
                    + LONGEST_NAME + " letters.");
        }
        long now = System.currentTimeMillis();
        Instant at = event.getTime() == null
                ? Instant.ofEpochMilli(now)
                : event.getTime().toInstant();
        if (Duration.between(at, Instant.ofEpochMilli(now)).abs().compareTo(FARTHEST) > 0) {
            throw new Mistake("A signal's time lies within a year of now.");
        }
        return new Signal(
                event.getSource() + " " + event.getId(),
                kind,
                name,
                (int) amount(data, "months"),
                data.path("level").asString(""),
                amount(data, "amount"),
                at.toEpochMilli());
    }

    /** A whole number from 0 up; 0 where there is none. */
    private static long amount(JsonNode data, String name) {
        JsonNode value = data.path(name);
        if (value.isMissingNode() || value.isNull()) {
            return 0;
        }
        if (!value.isIntegralNumber() || !value.canConvertToLong() || value.asLong() < 0 || value.asLong() > MOST) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A signal's “%s” is a whole number from 0 to %d.", name, MOST));
        }
        return value.asLong();
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
