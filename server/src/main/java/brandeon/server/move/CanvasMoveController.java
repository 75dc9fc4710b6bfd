package brandeon.server.move;

import brandeon.core.canvas.Canvas;
import brandeon.core.move.CanvasPlan;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Members;
import brandeon.server.layout.Preflights;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.publish.Openness;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.Outlets.Outlet;
import brandeon.server.publish.ScenePng;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A theme on its way to another set of canvases; what makes it so is an edit like any other. */
@RestController
@RequestMapping("/api/themes/{id}/move/canvases")
class CanvasMoveController {

    private static final int WIDTH = 480;

    /** All canvases that there would be, known by their ids. */
    record CanvasPlanWish(List<Canvas> canvases) {}

    record CanvasPicture(List<Canvas> canvases, String scene, String canvas) {}

    /** Something that would be found on a canvas that changes. */
    record CanvasFinding(String scene, String canvas, String sentence) {}

    /**
     * @param links of canvases that go which viewers or a rig ever had open; they would show nothing
     * @param edit  what makes it so; empty where nothing changes
     */
    record CanvasPlanView(
            List<CanvasPlan.CanvasLine> canvases,
            List<CanvasPlan.RelaidScene> scenes,
            List<CanvasPlan.HandmadeLine> corrections,
            List<CanvasFinding> findings,
            int links,
            Optional<Edit> edit) {}

    private final Members members;
    private final Themes themes;
    private final Preflights preflights;
    private final Outlets outlets;
    private final Openness openness;
    private final Moments moments;
    private final Artworks artworks;
    private final Hands hands;

    CanvasMoveController(
            Members members,
            Themes themes,
            Preflights preflights,
            Outlets outlets,
            Openness openness,
            Moments moments,
            Artworks artworks,
            Hands hands) {
        this.members = members;
        this.themes = themes;
        this.preflights = preflights;
        this.outlets = outlets;
        this.openness = openness;
        this.moments = moments;
        this.artworks = artworks;
        this.hands = hands;
    }

    @PostMapping("/plan")
    CanvasPlanView plan(@PathVariable UUID id, @RequestBody CanvasPlanWish wish) {
        Themes.Draft draft = themes.get(members.current(), id);
        return hands.work(Hands.For.FINDINGS, () -> {
            CanvasPlan plan = CanvasPlan.of(draft.theme(), wish.canvases());
            return new CanvasPlanView(
                    plan.canvases(),
                    plan.scenes(),
                    plan.corrections(),
                    findings(draft, plan),
                    links(draft, plan),
                    plan.edit());
        });
    }

    private List<CanvasFinding> findings(Themes.Draft draft, CanvasPlan plan) {
        Set<String> changed = plan.canvases().stream()
                .filter(line -> line.fate() != CanvasPlan.Fate.KEPT)
                .map(CanvasPlan.CanvasLine::id)
                .collect(Collectors.toSet());
        Theme moved = plan.moved();
        return preflights.of(draft, moved).findings().stream()
                .filter(finding -> changed.contains(finding.canvas()))
                .map(finding -> new CanvasFinding(
                        moved.scene(finding.scene()).map(Scene::name).orElse(""), finding.canvas(), finding.sentence()))
                .distinct()
                .toList();
    }

    private int links(Themes.Draft draft, CanvasPlan plan) {
        Set<String> gone = plan.canvases().stream()
                .filter(line -> line.fate() == CanvasPlan.Fate.GONE)
                .map(CanvasPlan.CanvasLine::id)
                .collect(Collectors.toSet());
        List<Outlet> theirs = outlets.of(draft.id()).stream()
                .filter(one -> gone.contains(one.canvas()) && !one.withdrawn())
                .toList();
        Map<UUID, Openness.Open> open = openness.of(theirs);
        return (int) theirs.stream()
                .map(one -> open.get(one.id()))
                .filter(one -> one.open() || one.seenAt() > 0)
                .count();
    }

    /** How a scene would look on a canvas. */
    @PostMapping("/picture")
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @RequestBody CanvasPicture wish) throws IOException {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme moved = CanvasPlan.of(draft.theme(), wish.canvases()).moved();
        Scene scene =
                moved.scene(wish.scene()).orElseThrow(() -> new NotFound("This scene is not in the theme any more."));
        Canvas canvas = moved.canvas(wish.canvas()).orElseThrow(() -> new NotFound("There would be no such canvas."));
        return hands.work(
                Hands.For.STAGE,
                () -> Png.fresh(
                        ScenePng.of(moved, scene, canvas, moments.of(draft), artworks.of(draft.workspace()), WIDTH)));
    }
}
