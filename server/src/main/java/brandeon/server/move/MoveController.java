package brandeon.server.move;

import brandeon.core.canvas.Canvas;
import brandeon.core.move.Choices;
import brandeon.core.move.LinkReplacement;
import brandeon.core.move.Luggage;
import brandeon.core.move.MovePlan;
import brandeon.core.platform.Profile;
import brandeon.core.preflight.Finding;
import brandeon.core.publish.ReleaseChange;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.layout.Preflights;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.ScenePng;
import brandeon.server.recolour.Artworks;
import brandeon.server.rig.Rigs;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Moving a theme to another platform: the plan, the copy, and the links to replace. */
@RestController
class MoveController {

    /** Pixels of a picture of the copy. */
    private static final int WIDTH = 480;

    record MoveSignal(
            String id,
            String kind,
            String fromWord,
            String toWord,
            MovePlan.Fate fate,
            String note,
            boolean changes,
            boolean kept) {}

    record MovePlanView(
            String from,
            String to,
            List<MoveSignal> signals,
            List<MovePlan.ValueLine> values,
            List<MovePlan.TextLine> texts,
            List<MovePlan.AreaLine> areas,
            List<String> notes) {}

    record MovePlanWish(String platform, Choices choices) {}

    /** @param findings what is new that should be looked at */
    record MovedScene(
            String scene, String name, List<String> canvases, List<String> sentences, List<String> findings) {}

    /** @param scene id @param canvas id */
    record MovePicture(String platform, Choices choices, String scene, String canvas) {}

    record MoveWish(String platform, String channelName, Choices choices) {}

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
    private final RunningShows shows;
    private final ShowTables tables;
    private final Moments moments;
    private final Artworks artworks;
    private final Preflights preflights;
    private final Hands hands;
    private final MoveList list;

    MoveController(
            Members members,
            Themes themes,
            Channels channels,
            PlatformProfiles profiles,
            Outlets outlets,
            Rigs rigs,
            RunningShows shows,
            ShowTables tables,
            Moments moments,
            Artworks artworks,
            Preflights preflights,
            Hands hands,
            MoveList list) {
        this.list = list;
        this.shows = shows;
        this.tables = tables;
        this.moments = moments;
        this.artworks = artworks;
        this.preflights = preflights;
        this.hands = hands;
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.profiles = profiles;
        this.outlets = outlets;
        this.rigs = rigs;
    }

    /** What changes, and what somebody wants otherwise; nothing is changed. */
    @PostMapping("/api/themes/{id}/move/plan")
    MovePlanView plan(@PathVariable UUID id, @RequestBody MovePlanWish wish) {
        Member member = members.current();
        MovePlan plan = plan(themes.get(member, id), profiles.get(member, wish.platform()), wish.choices());
        return new MovePlanView(
                plan.from().title(),
                plan.to().title(),
                plan.signals().stream()
                        .map(line -> new MoveSignal(
                                line.id(),
                                line.kind().name(),
                                line.fromWord(),
                                line.toWord(),
                                line.fate(),
                                line.note(),
                                line.changes(),
                                line.kept()))
                        .toList(),
                plan.values(),
                plan.texts(),
                plan.areas(),
                plan.notes());
    }

    /** The scenes that look otherwise in the copy, and what is to be looked at there. */
    @PostMapping("/api/themes/{id}/move/scenes")
    List<MovedScene> scenes(@PathVariable UUID id, @RequestBody MovePlanWish wish) {
        Member member = members.current();
        Themes.Draft draft = themes.get(member, id);
        MovePlan plan = plan(draft, profiles.get(member, wish.platform()), wish.choices());
        return hands.work(Hands.For.FINDINGS, () -> {
            Map<String, List<String>> findings = findings(draft, plan);
            List<MovedScene> scenes =
                    new ArrayList<>(ReleaseChange.between(draft.theme(), plan.moved()).scenes().stream()
                            .map(change -> new MovedScene(
                                    change.scene(),
                                    change.name(),
                                    change.canvases(),
                                    change.sentences(),
                                    findings.getOrDefault(change.scene(), List.of())))
                            .toList());
            Set<String> listed = scenes.stream().map(MovedScene::scene).collect(Collectors.toSet());
            plan.moved().scenes().stream()
                    .filter(scene -> findings.containsKey(scene.id()) && !listed.contains(scene.id()))
                    .forEach(scene -> scenes.add(
                            new MovedScene(scene.id(), scene.name(), List.of(), List.of(), findings.get(scene.id()))));
            return scenes;
        });
    }

    /** By scene, what is found in the copy and not in the theme. */
    private Map<String, List<String>> findings(Themes.Draft draft, MovePlan plan) {
        Set<List<Object>> before = preflights.of(draft, draft.theme(), plan.from()).findings().stream()
                .map(MoveController::known)
                .collect(Collectors.toSet());
        return preflights.of(draft, plan.moved(), plan.to()).findings().stream()
                .filter(finding -> !finding.scene().isEmpty() && !before.contains(known(finding)))
                .collect(Collectors.groupingBy(
                        Finding::scene,
                        LinkedHashMap::new,
                        Collectors.mapping(
                                Finding::sentence,
                                Collectors.collectingAndThen(
                                        Collectors.toList(),
                                        all -> all.stream().distinct().toList()))));
    }

    private static List<Object> known(Finding finding) {
        return List.of(finding.kind(), finding.scene(), finding.canvas(), finding.piece(), finding.other());
    }

    /** How a scene of the copy would look. */
    @PostMapping("/api/themes/{id}/move/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @RequestBody MovePicture wish) throws IOException {
        Member member = members.current();
        Themes.Draft draft = themes.get(member, id);
        Theme moved = plan(draft, profiles.get(member, wish.platform()), wish.choices())
                .moved();
        Scene scene =
                moved.scene(wish.scene()).orElseThrow(() -> new NotFound("This scene is not in the theme any more."));
        Canvas canvas = moved.canvas(wish.canvas())
                .orElseThrow(() -> new NotFound("This canvas is not in the theme any more."));
        return hands.work(
                Hands.For.STAGE,
                () -> Png.fresh(
                        ScenePng.of(moved, scene, canvas, moments.of(draft), artworks.of(draft.workspace()), WIDTH)));
    }

    /**
     * Copies the theme to a new channel, with what was prepared for its show and with its tables. The old theme and its
     * links stay as they are.
     */
    @PostMapping("/api/themes/{id}/move")
    @Transactional
    public Copied move(@PathVariable UUID id, @RequestBody MoveWish wish) {
        Member member = members.current().requires(Role.DESIGNER);
        Themes.Draft draft = themes.get(member, id);
        Profile platform = profiles.get(member, wish.platform());
        MovePlan plan = plan(draft, platform, wish.choices());
        Channels.Channel channel = channels.add(member, platform, wish.channelName());
        UUID show = channels.find(draft.channel()).orElseThrow().show();
        shows.prepare(member, show, channel.show(), plan.luggage().sequences());
        tables.copy(member, show, channel.show(), plan.luggage().tables());
        String name = draft.theme().name() + " on " + platform.title();
        Themes.Draft copy = themes.create(
                member,
                channel.id(),
                plan.moved().withName(name.length() > 120 ? name.substring(0, 120) : name),
                Optional.of(id));
        list.carry(id, copy.id());
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
        UUID from = copy.origin();
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
        UUID from = themes.get(member, id).origin();
        Rigs.Kept kept = rigs.get(member);
        rigs.put(member, kept.version(), rigs.replaced(kept.rig(), newLinks(member, from, id)));
        return replacement(id);
    }

    private MovePlan plan(Themes.Draft draft, Profile to, Choices choices) {
        Profile from = channels.find(draft.channel()).orElseThrow().platform();
        if (from.id().equals(to.id())) {
            throw new Refused("This theme is already on " + to.title() + ".");
        }
        return MovePlan.of(draft.theme(), luggage(draft), from, to, choices);
    }

    /** What its show has prepared, and its tables. */
    private Luggage luggage(Themes.Draft draft) {
        Member member = members.current();
        UUID show = channels.find(draft.channel()).orElseThrow().show();
        return new Luggage(
                shows.get(member, show).show().sequences(),
                tables.all(member, show).stream()
                        .map(one -> Luggage.Headings.of(one.table()))
                        .toList());
    }

    private Map<String, String> newLinks(Member member, UUID from, UUID to) {
        Successors successors = new Successors(themes, outlets, themes.get(member, from), themes.get(member, to));
        Map<String, String> links = new LinkedHashMap<>();
        for (Outlets.Outlet old : outlets.of(from)) {
            successors.of(old).ifPresent(next -> links.put(outlets.link(old), outlets.link(next)));
        }
        return links;
    }
}
