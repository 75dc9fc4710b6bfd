package brandeon.server.channel;

import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.server.access.Deed;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The platforms that channels can be on: those that come along, and a workspace's own. */
@Service
public class PlatformProfiles {

    /** Profiles of its own that a workspace may have. */
    private static final int MOST = 50;

    /** @param document as it was written; of those that come along as this version writes it */
    public record Entry(Profile profile, boolean own, String document) {}

    private final ProfileRows rows;
    private final ChannelRows channels;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;
    private final Wakes wakes;
    private final Known<ProfileRow.Key, Profile> known =
            new Known<>(profile -> 2000 + 300 * profile.signals().size());

    PlatformProfiles(
            ProfileRows rows,
            ChannelRows channels,
            EntityManager entities,
            ApplicationEventPublisher events,
            Wakes wakes) {
        this.rows = rows;
        this.channels = channels;
        this.entities = entities;
        this.events = events;
        this.wakes = wakes;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case PLATFORM, ANYTHING -> known.forgetAll();
                case THEME, SHOW, CHANNEL, FACTS, OUTLET, MEMBER, PASS -> {}
            }
        });
    }

    public List<Entry> all(Member member) {
        return Stream.concat(
                        Profiles.shipped().stream().map(profile -> new Entry(profile, false, Profiles.write(profile))),
                        rows.of(member.workspace()).stream()
                                .map(row -> new Entry(Profiles.read(row.document), true, row.document)))
                .toList();
    }

    public Optional<Profile> find(UUID workspace, String id) {
        return Profiles.shipped(id)
                .or(() -> known.find(
                        new ProfileRow.Key(workspace, id),
                        key -> rows.findById(key).map(row -> Profiles.read(row.document))));
    }

    /** The same, with plain words where it is not there any more. */
    public Profile orPlain(UUID workspace, String id) {
        return find(workspace, id).orElse(Profiles.PLAIN);
    }

    /** @throws NotFound where neither comes along nor is the workspace's own */
    public Profile get(Member member, String id) {
        return find(member.workspace(), id)
                .orElseThrow(() -> new NotFound("There is no platform “" + id + "” in your workspace."));
    }

    /**
     * Writes a profile of the workspace's own, or the next one of the same id in its place.
     *
     * @throws brandeon.core.problem.Mistake with all that is wrong in it, by line
     */
    @Transactional
    public Entry put(Member member, String document) {
        member.requires(Role.DESIGNER);
        Profile profile = Profiles.read(document);
        if (Profiles.shipped(profile.id()).isPresent()) {
            throw new Refused("“" + profile.id() + "” comes along with Brandeon; give yours another id.");
        }
        ProfileRow.Key key = new ProfileRow.Key(member.workspace(), profile.id());
        Optional<ProfileRow> before = rows.findById(key);
        if (before.isEmpty() && rows.of(member.workspace()).size() >= MOST) {
            throw new Refused("A workspace has at most " + MOST + " profiles of its own.");
        }
        before.ifPresentOrElse(row -> row.document = document, () -> entities.persist(new ProfileRow(key, document)));
        events.publishEvent(Deed.of(
                member,
                Deed.Kind.CHANNEL,
                profile.title(),
                before.isPresent() ? "Changed the platform's profile" : "Added the platform's profile"));
        wakes.platform(member.workspace());
        return new Entry(profile, true, document);
    }

    /** @throws Refused while channels are on it, with their names */
    @Transactional
    public void remove(Member member, String id) {
        member.requires(Role.DESIGNER);
        ProfileRow.Key key = new ProfileRow.Key(member.workspace(), id);
        Profile profile = rows.findById(key)
                .map(row -> Profiles.read(row.document))
                .orElseThrow(() -> new NotFound("There is no profile “" + id + "” of your own in your workspace."));
        List<ChannelRow> users = users(member.workspace(), id);
        if (!users.isEmpty()) {
            throw new Refused("Channels are on " + profile.title() + ": "
                    + users.stream().map(channel -> channel.name).collect(Collectors.joining(", "))
                    + ". Delete them first.");
        }
        rows.remove(key);
        events.publishEvent(Deed.of(member, Deed.Kind.CHANNEL, profile.title(), "Deleted the platform's profile"));
        wakes.platform(member.workspace());
    }

    private List<ChannelRow> users(UUID workspace, String id) {
        return channels.findByWorkspaceIdOrderByCreatedAt(workspace).stream()
                .filter(channel -> channel.platform.equals(id))
                .toList();
    }
}
