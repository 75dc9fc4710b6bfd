package brandeon.server.channel;

import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.text.Letters;
import brandeon.server.access.Belongings;
import brandeon.server.access.Deed;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Channels on platforms; signals and live state belong to them. */
@Service
public class Channels implements Belongings {

    /**
     * A place on a platform where a broadcast happens.
     *
     * @param show   that its signals feed
     * @param secret number of the signing secret that holds
     */
    public record Channel(UUID id, UUID workspace, UUID show, Profile platform, String name, int secret) {}

    private final ChannelRows rows;
    private final PlatformProfiles profiles;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;
    private final Wakes wakes;
    private final Known<UUID, Channel> known =
            new Known<>(channel -> 100 + 2 * channel.name().length());

    Channels(
            ChannelRows rows,
            PlatformProfiles profiles,
            EntityManager entities,
            ApplicationEventPublisher events,
            Wakes wakes) {
        this.rows = rows;
        this.profiles = profiles;
        this.entities = entities;
        this.events = events;
        this.wakes = wakes;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case CHANNEL -> known.forget(wake.id());
                case PLATFORM, ANYTHING -> known.forgetAll();
                case THEME, SHOW, FACTS, OUTLET, MEMBER, PASS -> {}
            }
        });
    }

    public List<Channel> all(Member member) {
        return rows.findByWorkspaceIdOrderByCreatedAt(member.workspace()).stream()
                .map(this::channel)
                .toList();
    }

    /** The one that a new theme goes to: the first that there is, or else a practice channel with the theme's name. */
    @Transactional
    public Channel standard(Member member, String theme) {
        return all(member).stream()
                .findFirst()
                .orElseGet(() -> add(member, Profiles.shipped().getFirst(), theme));
    }

    /** @throws NotFound also when the channel belongs to another workspace */
    public Channel get(Member member, UUID id) {
        return find(id).filter(channel -> channel.workspace().equals(member.workspace()))
                .orElseThrow(() -> new NotFound("There is no such channel in your workspace."));
    }

    public Optional<Channel> find(UUID id) {
        return known.find(id, wanted -> rows.findById(wanted).map(this::channel));
    }

    private Channel channel(ChannelRow row) {
        return row.on(profiles.orPlain(row.workspaceId, row.platform));
    }

    /** Those that feed a show. */
    public List<UUID> ofShow(UUID show) {
        return rows.idsOf(show);
    }

    /**
     * Lets a channel feed another show: whoever streams to two platforms at once has one show.
     *
     * @param show empty for a new one of its own
     */
    @Transactional
    public Channel feed(Member member, UUID id, Optional<UUID> show) {
        Channel before = get(member.requires(Role.DESIGNER), id);
        show.ifPresent(wanted -> requireMine(member, wanted));
        Channel after = new Channel(
                id,
                before.workspace(),
                show.orElseGet(UUID::randomUUID),
                before.platform(),
                before.name(),
                before.secret());
        if (show.isEmpty()) {
            events.publishEvent(new ShowWanted(after.show(), after.workspace(), after.name()));
        }
        rows.feed(id, after.show());
        events.publishEvent(new ShowFed(before.show(), after.show()));
        wakes.channel(id);
        return after;
    }

    private void requireMine(Member member, UUID show) {
        boolean mine = rows.findByWorkspaceIdOrderByCreatedAt(member.workspace()).stream()
                .anyMatch(channel -> channel.showId.equals(show));
        if (!mine) {
            throw new NotFound("There is no such show in your workspace.");
        }
    }

    @Transactional
    public Channel add(Member member, Profile platform, String name) {
        member.requires(Role.DESIGNER);
        Channel channel = new Channel(
                UUID.randomUUID(),
                member.workspace(),
                UUID.randomUUID(),
                platform,
                Letters.name(name, "A channel's"),
                1);
        events.publishEvent(new ShowWanted(channel.show(), channel.workspace(), channel.name()));
        entities.persist(new ChannelRow(channel));
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, channel.name(), "Added the channel"));
        return channel;
    }

    @Transactional
    public Channel rename(Member member, UUID id, String name) {
        Channel before = get(member.requires(Role.DESIGNER), id);
        String next = Letters.name(name, "A channel's");
        rows.rename(id, next);
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, before.name(), "Renamed the channel to " + next));
        wakes.channel(id);
        return new Channel(id, before.workspace(), before.show(), before.platform(), next, before.secret());
    }

    /** From now on only what is signed with the next secret is taken. */
    @Transactional
    public Channel renewSecret(Member member, UUID id) {
        Channel before = get(member.requires(Role.DESIGNER), id);
        rows.renewSecret(id);
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, before.name(), "Issued a new signing secret"));
        wakes.channel(id);
        return new Channel(
                id, before.workspace(), before.show(), before.platform(), before.name(), before.secret() + 1);
    }

    /**
     * Deletes a channel with its signals.
     *
     * @throws brandeon.server.problem.Refused by what depends on it
     */
    @Transactional
    public void remove(Member member, UUID id) {
        Channel channel = get(member.requires(Role.DESIGNER), id);
        events.publishEvent(new ChannelRemoved(id));
        rows.remove(id);
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, channel.name(), "Deleted the channel"));
        wakes.channel(id);
    }

    @Override
    public String kind() {
        return "channels";
    }

    @Override
    public Optional<UUID> workspaceOf(UUID id) {
        return find(id).map(Channel::workspace);
    }
}
