package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.PartRelease;
import brandeon.core.publish.ReleaseChange;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was on air, what changed from one release to another, and back to any of them. */
@RestController
@RequestMapping("/api/themes/{id}/releases")
class ReleaseController {

    private static final int WIDEST = 1280;

    /** @param by who put it on air; empty for somebody who is gone */
    record ReleaseLine(int number, Instant at, String by, boolean onAir) {}

    private final Members members;
    private final Themes themes;
    private final Moments moments;
    private final Artworks artworks;
    private final Hands hands;
    private final PlannedReleases planned;

    ReleaseController(
            Members members, Themes themes, Moments moments, Artworks artworks, Hands hands, PlannedReleases planned) {
        this.planned = planned;
        this.members = members;
        this.themes = themes;
        this.moments = moments;
        this.artworks = artworks;
        this.hands = hands;
    }

    /** The newest first. */
    @GetMapping
    List<ReleaseLine> all(@PathVariable UUID id) {
        Themes.Draft draft = themes.get(members.current(), id);
        List<Themes.Aired> all = themes.releases(draft);
        Map<UUID, String> names =
                members.names(all.stream().map(Themes.Aired::account).distinct().toList());
        return all.stream()
                .map(one -> new ReleaseLine(
                        one.number(), one.at(), names.getOrDefault(one.account(), ""), one.number() == draft.onAir()))
                .toList();
    }

    /**
     * What viewers see otherwise.
     *
     * @param number of the later release; 0 for the draft
     * @param from   the earlier one; 0 for the draft
     * @param scenes of the draft that alone would be put on air; empty for all of it
     */
    @GetMapping("/{number}/change")
    ReleaseChange change(
            @PathVariable UUID id,
            @PathVariable int number,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "") List<String> scenes) {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme before = themes.release(draft, from);
        if (number == 0 && !scenes.isEmpty()) {
            PartRelease part = PartRelease.of(before, draft.theme(), Set.copyOf(scenes));
            return hands.work(
                    Hands.For.STAGE,
                    () -> ReleaseChange.between(before, part.theme()).noting(part.notes()));
        }
        Theme after = themes.release(draft, number);
        return hands.work(Hands.For.STAGE, () -> ReleaseChange.between(before, after));
    }

    /** What is to be put on air later. @param planned whether anything is */
    record LaterView(boolean planned, long at, List<String> scenes) {}

    @GetMapping("/plan")
    LaterView plan(@PathVariable UUID id) {
        themes.get(members.current(), id);
        return planned.of(id)
                .map(plan -> new LaterView(true, plan.at(), plan.scenes()))
                .orElse(new LaterView(false, 0, List.of()));
    }

    /** Has the draft, as it is then, put on air later. */
    @PutMapping("/plan")
    LaterView plan(@PathVariable UUID id, @RequestBody PlannedReleases.Later wish) {
        Member member = members.current();
        planned.plan(member, themes.get(member, id), wish);
        return plan(id);
    }

    @DeleteMapping("/plan")
    LaterView dropPlan(@PathVariable UUID id) {
        Member member = members.current();
        planned.drop(member, themes.get(member, id));
        return plan(id);
    }

    /** @param number 0 for the draft */
    @GetMapping("/{number}/scenes/{scene}/canvases/{canvas}/picture.png")
    ResponseEntity<byte[]> picture(
            @PathVariable UUID id,
            @PathVariable int number,
            @PathVariable String scene,
            @PathVariable String canvas,
            @RequestParam(defaultValue = "480") int width)
            throws IOException {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme theme = themes.release(draft, number);
        Scene wanted = theme.scene(scene).orElseThrow(() -> new NotFound("This scene is not in that release."));
        Canvas on = theme.canvas(canvas).orElseThrow(() -> new NotFound("This canvas is not in that release."));
        if (width < 1 || width > WIDEST) {
            throw new Mistake("A width of " + width + " is out of range; it lies between 1 and " + WIDEST + ".");
        }
        return hands.work(
                Hands.For.STAGE,
                () -> Png.fresh(
                        ScenePng.of(theme, wanted, on, moments.of(draft), artworks.of(draft.workspace()), width)));
    }

    /** Puts a release on air again. */
    @PostMapping("/{number}/on-air")
    List<ReleaseLine> putBack(@PathVariable UUID id, @PathVariable int number) {
        Member member = members.current();
        themes.putBack(member, id, number);
        return all(id);
    }
}
