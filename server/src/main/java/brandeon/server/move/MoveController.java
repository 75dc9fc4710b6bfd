package brandeon.server.move;

import brandeon.core.move.LinkReplacement;
import brandeon.core.move.MovePlan;
import brandeon.core.platform.Profile;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import brandeon.server.rig.Rigs;
import brandeon.server.theme.Themes;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Moving a theme to another platform: the plan, the copy, and the links to replace. */
@RestController
class MoveController {

    record SignalView(String kind, String fromWord, String toWord, MovePlan.Fate fate, String note) {}

    record TextView(String place, String before, String after) {}

    record PlanView(String from, String to, List<SignalView> signals, List<TextView> texts) {}

    record MoveWish(String platform, String channelName) {}

    record Copied(UUID theme) {}

    record SwapView(String scene, String source, String oldLink, String newLink) {}

    /** @param absent old links that the rig does not hold */
    record ReplacementView(UUID from, List<SwapView> swaps, List<String> absent) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final Outlets outlets;
    private final Rigs rigs;

    MoveController(
            Members members, Themes themes, Channels channels, PlatformProfiles profiles, Outlets outlets, Rigs rigs) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.profiles = profiles;
        this.outlets = outlets;
        this.rigs = rigs;
    }

    @GetMapping("/api/themes/{id}/move")
    PlanView plan(@PathVariable UUID id, @RequestParam String to) {
        Member member = members.current();
        Themes.Draft draft = themes.get(member, id);
        MovePlan plan = plan(draft, profiles.get(member, to));
        return new PlanView(
                plan.from().title(),
                plan.to().title(),
                plan.signals().stream()
                        .map(line -> new SignalView(
                                line.kind().name(), line.fromWord(), line.toWord(), line.fate(), line.note()))
                        .toList(),
                plan.texts().stream()
                        .map(line -> new TextView(line.place(), line.before(), line.after()))
                        .toList());
    }

    /** Copies the theme to a new channel. The old theme and its links stay as they are. */
    @PostMapping("/api/themes/{id}/move")
    @Transactional
    public Copied move(@PathVariable UUID id, @RequestBody MoveWish wish) {
        Member member = members.current().requires(Role.DESIGNER);
        Themes.Draft draft = themes.get(member, id);
        Profile platform = profiles.get(member, wish.platform());
        MovePlan plan = plan(draft, platform);
        Channels.Channel channel = channels.add(member, platform, wish.channelName());
        String name = draft.theme().name() + " on " + platform.title();
        Themes.Draft copy = themes.create(
                member,
                channel.id(),
                plan.moved().withName(name.length() > 120 ? name.substring(0, 120) : name),
                Optional.of(id));
        if (draft.onAir() > 0) {
            themes.putOnAir(member, copy.id());
            outlets.ensure(copy.id(), copy.theme());
        }
        return new Copied(copy.id());
    }

    /** For a copy: which link of the old theme stands where in the rig, and what replaces it. */
    @GetMapping("/api/themes/{id}/replacement")
    ReplacementView replacement(@PathVariable UUID id) {
        Member member = members.current().requires(Role.OPERATOR);
        Themes.Draft copy = themes.get(member, id);
        UUID from = origin(copy);
        LinkReplacement.Plan plan =
                LinkReplacement.plan(rigs.places(rigs.get(member).rig()), newLinks(member, from, id));
        return new ReplacementView(
                from,
                plan.swaps().stream()
                        .map(swap -> new SwapView(
                                swap.place().scene(),
                                swap.place().source(),
                                swap.place().link(),
                                swap.newLink()))
                        .toList(),
                plan.absent());
    }

    /** Applies the replacement list to the rig in one step. */
    @PostMapping("/api/themes/{id}/replacement")
    ReplacementView replace(@PathVariable UUID id) {
        Member member = members.current().requires(Role.OPERATOR);
        UUID from = origin(themes.get(member, id));
        Rigs.Kept kept = rigs.get(member);
        rigs.put(member, kept.version(), rigs.replaced(kept.rig(), newLinks(member, from, id)));
        return replacement(id);
    }

    private MovePlan plan(Themes.Draft draft, Profile to) {
        Profile from = channels.find(draft.channel()).orElseThrow().platform();
        if (from.id().equals(to.id())) {
            throw new Refused("This theme is already on " + to.title() + ".");
        }
        return MovePlan.of(draft.theme(), from, to);
    }

    private static UUID origin(Themes.Draft copy) {
        return copy.movedFrom()
                .orElseThrow(() ->
                        new Refused("This theme is not the copy of another one, so there are no links to replace."));
    }

    private Map<String, String> newLinks(Member member, UUID from, UUID to) {
        themes.get(member, from);
        Map<Outlets.Place, Outlets.Outlet> fresh = outlets.byPlace(to);
        Map<String, String> links = new LinkedHashMap<>();
        for (Outlets.Outlet old : outlets.of(from)) {
            Outlets.Outlet replacement = fresh.get(old.place());
            if (replacement != null) {
                links.put(outlets.link(old), outlets.link(replacement));
            }
        }
        return links;
    }
}
