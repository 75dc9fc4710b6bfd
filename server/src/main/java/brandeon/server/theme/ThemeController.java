package brandeon.server.theme;

import brandeon.core.art.Families;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.Channels;
import brandeon.server.live.Signals;
import brandeon.server.problem.NotFound;
import brandeon.server.recolour.Artworks;
import brandeon.server.web.Png;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Themes for people: the shelf, one theme, its edits and history, its pictures. */
@RestController
@RequestMapping("/api/themes")
class ThemeController {

    record ShelfLine(UUID id, String name, String platform, String channel, int onAir, boolean differs, long version, List<SceneLine> scenes, List<Canvas> canvases, Instant updatedAt) {
    }

    record SceneLine(String id, String name) {
    }

    record NewTheme(String name) {
    }

    record EditWish(Edit edit, String gesture) {
    }

    record HistoryView(long number, String who, Instant at, String deed, EditState state) {
    }

    private static final double SAMPLE_WIDTH = 480;

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Signals signals;
    private final Artworks artworks;
    private final ThemeViews views;

    ThemeController(Members members, Themes themes, Channels channels, Signals signals, Artworks artworks, ThemeViews views) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.signals = signals;
        this.artworks = artworks;
        this.views = views;
    }

    @GetMapping
    List<ShelfLine> shelf() {
        return themes.all(members.current()).stream().map(draft -> {
            Channels.Channel channel = channels.find(draft.channel()).orElseThrow();
            return new ShelfLine(draft.id(), draft.theme().name(), channel.platform().title(), channel.name(), draft.onAir(), themes.differs(draft), draft.version(),
                    draft.theme().scenes().stream().map(scene -> new SceneLine(scene.id(), scene.name())).toList(), draft.theme().canvases(), draft.updatedAt());
        }).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ThemeView create(@RequestBody NewTheme wish) {
        Member member = members.current();
        Theme theme = Starter.theme(wish.name().strip());
        Channels.Channel channel = channels.all(member).stream().findFirst()
                .orElseGet(() -> channels.add(member, brandeon.core.live.Platform.ALDER, wish.name().strip()));
        return views.of(member, themes.create(member, channel.id(), theme, Optional.empty()));
    }

    @GetMapping("/{id}")
    ThemeView get(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.get(member, id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        themes.delete(members.current(), id);
    }

    @PostMapping("/{id}/edits")
    ThemeView edit(@PathVariable UUID id, @RequestBody EditWish wish) {
        Member member = members.current();
        return views.of(member, themes.edit(member, id, artworks.vetted(member, wish.edit()), wish.gesture()));
    }

    @PostMapping("/{id}/undo")
    ThemeView undo(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.undo(member, id));
    }

    @PostMapping("/{id}/redo")
    ThemeView redo(@PathVariable UUID id) {
        Member member = members.current();
        return views.of(member, themes.redo(member, id));
    }

    /** The latest changes first. */
    @GetMapping("/{id}/history")
    List<HistoryView> history(@PathVariable UUID id) {
        return themes.history(members.current(), id).stream()
                .map(line -> new HistoryView(line.number(), themes.nameOf(line.account()), line.at(), line.deed(), line.state())).toList();
    }

    /** Back to how the theme was after a change of its history; a change of its own, which can be undone. */
    @PostMapping("/{id}/history/{number}/restore")
    ThemeView restore(@PathVariable UUID id, @PathVariable long number) {
        Member member = members.current();
        return views.of(member, themes.restore(member, id, number));
    }

    /** @param family to draw in; empty keeps the present one */
    record Start(String family, List<SceneRole> roles) {
    }

    /** Adds finished scenes in a family, with the pieces that they lack, as one step. */
    @PostMapping("/{id}/start")
    ThemeView start(@PathVariable UUID id, @RequestBody Start wanted) {
        Member member = members.current().requires(Role.DESIGNER);
        List<Edit> edits = new ArrayList<>();
        if (!wanted.family().isEmpty()) {
            edits.add(new Edit.SetFamily(wanted.family()));
        }
        edits.addAll(SceneStart.of(themes.get(member, id).theme(), wanted.roles(), what -> what + "-" + UUID.randomUUID().toString().substring(0, 8)).edits());
        return views.of(member, themes.edit(member, id, new Edit.Batch(edits), ""));
    }

    /** A scene as PNG, see-through where nothing is; the same display list as in the browser. */
    @GetMapping("/{id}/scenes/{scene}/canvases/{canvas}/picture.png")
    ResponseEntity<byte[]> png(@PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas,
            @RequestParam(defaultValue = "WHOLE") Part part, @RequestParam(defaultValue = "0") int width, @RequestParam Optional<String> mood) throws IOException {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme worn = mood.map(name -> worn(draft.theme(), name)).orElse(draft.theme());
        Canvas wanted = draft.canvas(canvas);
        if (width < 0 || width > wanted.size().width()) {
            throw new IllegalArgumentException("A width of " + width + " is out of range; it lies between 1 and " + wanted.size().width() + ".");
        }
        ResolvedScene resolved = new Resolver(worn).resolve(draft.scene(scene), wanted, signals.state(draft, System.currentTimeMillis()));
        BufferedImage image = Raster.paint(wanted.size(), Picture.marks(resolved, part), System.currentTimeMillis(), artworks.of(draft.workspace()));
        return Png.fresh(Scaling.toWidth(image, width == 0 ? image.getWidth() : width));
    }

    /** A kind of piece in this theme's brand, in its family or another one. */
    @GetMapping("/{id}/samples/{kind}.png")
    ResponseEntity<byte[]> sample(@PathVariable UUID id, @PathVariable PieceKind kind, @RequestParam(defaultValue = "") String family) throws IOException {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme theme = draft.theme();
        if (!family.isEmpty() && Families.named(family).isEmpty()) {
            throw new NotFound("There is no such family.");
        }
        ResolvedScene resolved = Samples.of(family.isEmpty() ? theme : theme.withFamily(family), kind);
        Box part = Samples.shown(resolved);
        double scale = Math.min(1, SAMPLE_WIDTH / part.width());
        BufferedImage image = Raster.paint(part, Size.of((int) Math.max(1, part.width() * scale), (int) Math.max(1, part.height() * scale)), Picture.marks(resolved, Part.WHOLE), 0, artworks.of(draft.workspace()));
        return Png.fresh(Scaling.straight(image));
    }

    /** In a mood of the brand; empty for the brand's own colours. */
    private static Theme worn(Theme theme, String mood) {
        return switch (Edits.apply(theme, new Edit.ChooseMood(mood))) {
            case Outcome.Applied applied -> applied.theme();
            case Outcome.Refused(String reason) -> throw new NotFound(reason);
        };
    }
}
