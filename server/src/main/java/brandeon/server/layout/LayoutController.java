package brandeon.server.layout;

import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.rearrange.Rearrangement;
import brandeon.core.preflight.Finding;
import brandeon.core.preflight.FlashChecks;
import brandeon.core.preflight.Preflight;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.Moments;
import brandeon.server.problem.Refused;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.ThemeView;
import brandeon.server.theme.ThemeViews;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Where everything stands on every canvas, what is found about it, and changes of place that are computed. */
@RestController
@RequestMapping("/api/themes/{id}")
class LayoutController {

    /** @param done what each fix did */
    record Repaired(ThemeView theme, List<String> done, List<Finding> left) {}

    /**
     * @param from     name of the canvas that it follows
     * @param edit     an empty batch when nothing need change
     * @param troubled what does not stand well now
     */
    record ProposalView(String from, boolean changes, Edit edit, List<String> leftOut, List<String> troubled) {}

    private record Looked(UUID theme, long version) {}

    private static final int WIDEST_PICTURE = 1920;

    /** What a show says changes what fits, so nothing is kept for long. */
    private final Cache<Looked, Preflight.FindingCount> counts = Caffeine.newBuilder()
            .maximumSize(2000)
            .expireAfterWrite(Duration.ofMinutes(2))
            .build();

    private final Members members;
    private final Themes themes;
    private final ThemeViews views;
    private final Moments moments;
    private final Artworks artworks;
    private final Preflights preflights;
    private final Hands hands;

    LayoutController(
            Members members,
            Themes themes,
            ThemeViews views,
            Moments moments,
            Artworks artworks,
            Preflights preflights,
            Hands hands) {
        this.members = members;
        this.themes = themes;
        this.views = views;
        this.moments = moments;
        this.artworks = artworks;
        this.preflights = preflights;
        this.hands = hands;
    }

    /**
     * Scenes on all canvases, with what is found about each without painting it.
     *
     * @param only id of a scene; empty for all
     */
    @GetMapping("/layouts")
    List<LayoutView> layouts(@PathVariable UUID id, @RequestParam(name = "scene", defaultValue = "") String only) {
        Themes.Draft draft = themes.get(members.current(), id);
        LiveState live = moments.of(draft);
        Resolver resolver = new Resolver(draft.theme());
        List<LayoutView> all = new ArrayList<>();
        for (Scene scene : only.isEmpty() ? draft.theme().scenes() : List.of(draft.scene(only))) {
            for (Canvas canvas : draft.theme().canvases()) {
                all.add(LayoutView.of(draft.theme(), resolver.resolve(scene, canvas, live)));
            }
        }
        return all;
    }

    @GetMapping("/scenes/{scene}/canvases/{canvas}")
    LayoutView layout(@PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas) {
        Themes.Draft draft = themes.get(members.current(), id);
        return LayoutView.of(draft.theme(), resolve(draft, draft.theme(), draft.scene(scene), draft.canvas(canvas)));
    }

    /** Everything that is found, the worst first, each with its fix where there is one. */
    @GetMapping("/findings")
    List<Finding> findings(@PathVariable UUID id) {
        return hands.work(Hands.For.FINDINGS, () -> {
            return preflight(themes.get(members.current(), id)).findings();
        });
    }

    /** How much is found, for who only wants to know whether it is worth a look; flashes are not judged for it. */
    @GetMapping("/findings/count")
    Preflight.FindingCount count(@PathVariable UUID id) {
        Themes.Draft draft = themes.get(members.current(), id);
        Looked now = new Looked(id, draft.version());
        Preflight.FindingCount known = counts.getIfPresent(now);
        return known != null
                ? known
                : hands.work(
                        Hands.For.FILES,
                        () -> counts.get(now, _ -> preflight(draft).count()));
    }

    /** What flashes too often; judging it takes longer. */
    @GetMapping("/flashes")
    List<Finding> flashes(@PathVariable UUID id) {
        return hands.work(Hands.For.FINDINGS, () -> {
            Themes.Draft draft = themes.get(members.current(), id);
            Preflight preflight = preflight(draft);
            return FlashChecks.of(draft.theme(), moments.of(draft).unspoken()).stream()
                    .map(finding -> preflight.fix(finding).map(finding::with).orElse(finding))
                    .toList();
        });
    }

    /** Fixes everything that can be fixed, as one step. */
    @PostMapping("/repair")
    Repaired repair(@PathVariable UUID id) {
        Member member = members.current().requires(Role.DESIGNER);
        Preflight.Repair repair = hands.work(
                Hands.For.FINDINGS, () -> preflight(themes.get(member, id)).repair());
        if (repair.fixes().isEmpty()) {
            throw new Refused("There is nothing that can be fixed without a person's decision.");
        }
        return new Repaired(
                views.of(member, themes.edit(member, id, repair.edit(), "")),
                repair.fixes().stream().map(fix -> fix.does()).toList(),
                repair.left());
    }

    /** Places pieces by a computation, as one step. */
    @PostMapping("/arrange")
    ThemeView arrange(@PathVariable UUID id, @RequestBody Arranging wish) {
        Member member = members.current().requires(Role.DESIGNER);
        Themes.Draft draft = themes.get(member, id);
        ResolvedScene scene = resolve(draft, draft.theme(), draft.scene(wish.scene()), draft.canvas(wish.canvas()));
        return views.of(member, themes.edit(member, id, wish.edit(scene), ""));
    }

    /** How the scene could stand on this canvas, following another one. */
    @GetMapping("/scenes/{scene}/canvases/{canvas}/proposal")
    ProposalView proposal(
            @PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas, @RequestParam String from) {
        return hands.work(Hands.For.STAGE, () -> {
            Themes.Draft draft = themes.get(members.current(), id);
            Rearrangement.Proposal proposal = proposed(draft, scene, canvas, from);
            return new ProposalView(
                    draft.canvas(from).name(),
                    proposal.changes(),
                    proposal.edit(),
                    proposal.leftOut(),
                    proposal.troubled());
        });
    }

    /** The picture of such a proposal. */
    @GetMapping("/scenes/{scene}/canvases/{canvas}/proposal.png")
    ResponseEntity<byte[]> proposalPicture(
            @PathVariable UUID id,
            @PathVariable String scene,
            @PathVariable String canvas,
            @RequestParam String from,
            @RequestParam(defaultValue = "480") int width)
            throws IOException {
        return hands.work(Hands.For.STAGE, () -> {
            Themes.Draft draft = themes.get(members.current(), id);
            Rearrangement.Proposal proposal = proposed(draft, scene, canvas, from);
            Theme changed =
                    proposal.changes() && Edits.apply(draft.theme(), proposal.edit()) instanceof Outcome.Applied applied
                            ? applied.theme()
                            : draft.theme();
            if (width < 1 || width > WIDEST_PICTURE) {
                throw new Mistake(
                        "A width of " + width + " is out of range; it lies between 1 and " + WIDEST_PICTURE + ".");
            }
            Canvas wanted = draft.canvas(canvas);
            ResolvedScene resolved =
                    resolve(draft, changed, changed.scene(scene).orElseThrow(), wanted);
            Size size = Size.of(
                    width,
                    Math.max(
                            1,
                            Math.round((float) width
                                    * wanted.size().height()
                                    / wanted.size().width())));
            return Png.fresh(Scaling.straight(Raster.paint(
                    wanted.size().box(),
                    size,
                    Picture.marks(resolved, Part.WHOLE),
                    System.currentTimeMillis(),
                    artworks.of(draft.workspace()))));
        });
    }

    private Rearrangement.Proposal proposed(Themes.Draft draft, String scene, String canvas, String from) {
        return Rearrangement.propose(
                draft.theme(), draft.scene(scene), draft.canvas(from), draft.canvas(canvas), moments.of(draft));
    }

    private Preflight preflight(Themes.Draft draft) {
        return preflights.of(draft, draft.theme());
    }

    private ResolvedScene resolve(Themes.Draft draft, Theme theme, Scene scene, Canvas canvas) {
        return new Resolver(theme).resolve(scene, canvas, moments.of(draft));
    }
}
