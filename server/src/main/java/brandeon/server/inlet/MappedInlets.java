package brandeon.server.inlet;

import brandeon.core.art.ContentName;
import brandeon.core.bundle.WorkspaceDocument.PackedInlet;
import brandeon.core.inlet.Mapping;
import brandeon.core.inlet.SignalData;
import brandeon.core.inlet.Signature;
import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.access.Deed;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.live.Facts;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.NotSignedIn;
import brandeon.server.problem.Refused;
import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Doors of a channel for whatever can send JSON by HTTP: each knows what the parts of its bodies mean. */
@Service
public class MappedInlets {

    private static final int MOST = 20;
    private static final int LONGEST_SAMPLE = 20_000;
    private static final int LONGEST_ID = 150;

    /**
     * @param number of its address and secret
     * @param given  a secret that the other side gave; empty where ours holds
     */
    record MappedInlet(
            UUID id,
            UUID channel,
            String name,
            String sample,
            Mapping mapping,
            Signature signature,
            int number,
            String given) {}

    private final MappedInletRows rows;
    private final Channels channels;
    private final Facts facts;
    private final Keys keys;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;

    MappedInlets(
            MappedInletRows rows,
            Channels channels,
            Facts facts,
            Keys keys,
            EntityManager entities,
            ApplicationEventPublisher events,
            JsonMapper json) {
        this.rows = rows;
        this.channels = channels;
        this.facts = facts;
        this.keys = keys;
        this.entities = entities;
        this.events = events;
        this.json = json;
    }

    List<MappedInlet> of(Member member, UUID channel) {
        return rows
                .findByChannelIdOrderByCreatedAt(channels.get(member, channel).id())
                .stream()
                .map(this::inlet)
                .toList();
    }

    /** Those of a channel without address and secret. */
    public List<PackedInlet> packed(Member member, UUID channel) {
        return of(member, channel).stream()
                .map(one -> new PackedInlet(one.name(), one.sample(), one.mapping(), one.signature()))
                .toList();
    }

    /** One that came back with its workspace. */
    @Transactional
    public void back(Member member, UUID channel, PackedInlet inlet) {
        MappedInlet made = add(member, channel, inlet.name());
        change(member, channel, made.id(), inlet.name(), inlet.sample(), inlet.mapping(), inlet.signature(), "");
    }

    MappedInlet get(Member member, UUID channel, UUID id) {
        return inlet(row(member, channel, id));
    }

    Optional<MappedInlet> find(UUID id) {
        return rows.findById(id).map(this::inlet);
    }

    @Transactional
    public MappedInlet add(Member member, UUID channel, String name) {
        Channels.Channel mine = channels.get(member.requires(Role.DESIGNER), channel);
        if (rows.countByChannelId(channel) >= MOST) {
            throw new Refused("A channel has at most " + MOST + " mapped inlets.");
        }
        MappedInletRow row = new MappedInletRow(UUID.randomUUID(), channel);
        row.name = Letters.name(name, "A mapped inlet's");
        row.sample = "";
        row.mapping = Json.write(Mapping.NOTHING);
        row.signature = Json.write(Signature.NONE);
        entities.persist(row);
        did(member, mine, "Added the mapped inlet " + row.name);
        return inlet(row);
    }

    /** @param given empty leaves the secret as it is */
    @Transactional
    public MappedInlet change(
            Member member,
            UUID channel,
            UUID id,
            String name,
            String sample,
            Mapping mapping,
            Signature signature,
            String given) {
        MappedInletRow row = row(member.requires(Role.DESIGNER), channel, id);
        if (sample.length() > LONGEST_SAMPLE) {
            throw new Mistake("A sample has at most " + LONGEST_SAMPLE + " letters.");
        }
        if (given.length() > 300 || !Letters.oneLine(given)) {
            throw new Mistake("A secret has at most 300 letters on one line.");
        }
        row.name = Letters.name(name, "A mapped inlet's");
        row.sample = sample;
        row.mapping = Json.write(mapping);
        row.signature = Json.write(signature);
        if (!given.isEmpty()) {
            row.given = keys.sealed(given);
            did(member, channels.get(member, channel), "Changed the secret of the mapped inlet " + row.name);
        }
        return inlet(row);
    }

    /** Another address and another secret of ours; those before hold no longer. */
    @Transactional
    public MappedInlet renew(Member member, UUID channel, UUID id) {
        MappedInletRow row = row(member.requires(Role.DESIGNER), channel, id);
        row.number++;
        row.given = "";
        did(member, channels.get(member, channel), "Issued a new address of the mapped inlet " + row.name);
        return inlet(row);
    }

    @Transactional
    public void remove(Member member, UUID channel, UUID id) {
        MappedInletRow row = row(member.requires(Role.DESIGNER), channel, id);
        rows.remove(id);
        did(member, channels.get(member, channel), "Deleted the mapped inlet " + row.name);
    }

    private void did(Member member, Channels.Channel channel, String what) {
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, channel.name(), what));
    }

    /** Below this server's address. */
    String path(MappedInlet inlet) {
        return "/inlets/mapped/" + keys.token(Keys.Use.MAPPED_INLET, inlet.id(), inlet.number());
    }

    /** With which the other side signs. */
    String secret(MappedInlet inlet) {
        return inlet.given().isEmpty()
                ? HexFormat.of().formatHex(keys.signingSecret(inlet.id(), inlet.number()))
                : inlet.given();
    }

    /** @throws NotSignedIn when the body is not signed as this inlet wants it */
    void requireSigned(MappedInlet inlet, String said, byte[] body) {
        if (!inlet.signature().proves(said, secret(inlet), body)) {
            throw new NotSignedIn("The header “" + inlet.signature().header()
                    + "” does not sign this body with the inlet's secret; it was not counted.");
        }
    }

    /**
     * What a body says.
     *
     * @throws Mistake with a sentence when it cannot be understood
     */
    Signal read(Channels.Channel channel, MappedInlet inlet, byte[] body) {
        Mapping.Mapped mapped = inlet.mapping().of(tree(new String(body, StandardCharsets.UTF_8)));
        Instant now = Instant.now();
        long at = SignalData.near(mapped.at().orElse(now), now);
        if (mapped.id().length() > LONGEST_ID) {
            throw new Mistake("A signal's id has at most " + LONGEST_ID + " letters.");
        }
        String id = mapped.id().isEmpty() ? hashed(channel, inlet, body, now.toEpochMilli()) : mapped.id();
        return mapped.signal(channel.platform(), prefix(inlet) + id, at);
    }

    /** The same as a delivery has it. */
    List<Takings.Came> came(Channels.Channel channel, MappedInlet inlet, byte[] body) {
        return List.of(new Takings.Came(read(channel, inlet, body), List.of()));
    }

    /** What a sample would become. */
    Signal tried(Channels.Channel channel, String sample, Mapping mapping) {
        Mapping.Mapped mapped = mapping.of(tree(sample));
        Instant now = Instant.now();
        return mapped.signal(
                channel.platform(), "trial", SignalData.near(mapped.at().orElse(now), now));
    }

    JsonNode tree(String text) {
        try {
            return json.readTree(text);
        } catch (JacksonException e) {
            throw new Mistake("This is no JSON: " + e.getOriginalMessage(), e);
        }
    }

    private static String prefix(MappedInlet inlet) {
        return "mapped:" + inlet.id() + " ";
    }

    /** What says no id is the same when the same body came within a day. */
    private String hashed(Channels.Channel channel, MappedInlet inlet, byte[] body, long now) {
        String hash = ContentName.full(body);
        LocalDate today = LocalDate.ofInstant(Instant.ofEpochMilli(now), ZoneOffset.UTC);
        String before = dated(hash, today.minusDays(1));
        boolean lately = facts.came(channel.id(), prefix(inlet) + before)
                .filter(at -> now - at.toEpochMilli() < Duration.ofDays(1).toMillis())
                .isPresent();
        return lately ? before : dated(hash, today);
    }

    private static String dated(String hash, LocalDate day) {
        return String.format(Locale.ROOT, "sha256:%s %s", hash, day);
    }

    private MappedInletRow row(Member member, UUID channel, UUID id) {
        UUID mine = channels.get(member, channel).id();
        return rows.findById(id)
                .filter(row -> row.channelId.equals(mine))
                .orElseThrow(() -> new NotFound("There is no such mapped inlet of this channel."));
    }

    private MappedInlet inlet(MappedInletRow row) {
        return new MappedInlet(
                row.id,
                row.channelId,
                row.name,
                row.sample,
                Json.read(row.mapping, Mapping.class),
                Json.read(row.signature, Signature.class),
                row.number,
                row.given.isEmpty() ? "" : keys.unsealed(row.given));
    }
}
