package brandeon.server.theme;

import brandeon.core.art.Families;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.layout.Finding;
import brandeon.core.layout.Findings;
import brandeon.core.layout.ProvenanceFindings;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.layout.Samples;
import brandeon.core.live.LiveState;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.theme.Edit;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Scene;
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
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

/** Themes for people: the shelf, one theme, its edits, its layout with findings, its pictures. */
@RestController
@RequestMapping("/api/themes")
class ThemeController {

    record ShelfLine(UUID id, String name, String platform, String channel, int onAir, boolean differs, long version, List<SceneLine> scenes, List<Canvas> canvases, Instant updatedAt) {
    }

    record SceneLine(String id, String name) {
    }

    record ThemeView(UUID id, long version, Theme theme, UUID channel, String channelName, String platform, int onAir, boolean differs, boolean canUndo, boolean canRedo, String movedFrom, Role role) {
    }

    record NewTheme(String name) {
    }

    record EditWish(Edit edit, String gesture) {
    }

    record PieceView(String id, String name, PieceKind kind, Box box, Box units, boolean corrected) {
    }

    record OpeningView(String piece, String capture, String captureName, int sourceWidth, int sourceHeight, Box box, double bleed, CaptureFit fit, boolean enlarged) {
    }

    record LayoutView(String scene, String canvas, Shape shape, int width, int height, double unit, int behind, List<PieceView> pieces, List<OpeningView> openings,
            Box action, Box graphics, List<Finding> findings) {
    }

    record HistoryView(long number, String who, Instant at, String edit, String state) {
    }

    private static final double SAMPLE_MARGIN = 30;
    private static final int SAMPLE_WIDTH = 640;
    /** A band is as long as the canvas; its beginning shows what it is. */
    private static final double SAMPLE_ASPECT = 6;

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Signals signals;
    private final Pictures pictures;

    ThemeController(Members members, Themes themes, Channels channels, Signals signals, Pictures pictures) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.signals = signals;
        this.pictures = pictures;
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
        return view(member, themes.create(member, channel.id(), theme, Optional.empty()));
    }

    @GetMapping("/{id}")
    ThemeView get(@PathVariable UUID id) {
        Member member = members.current();
        return view(member, themes.get(member, id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        themes.delete(members.current(), id);
    }

    @PostMapping("/{id}/edits")
    ThemeView edit(@PathVariable UUID id, @RequestBody EditWish wish) {
        Member member = members.current();
        return view(member, themes.edit(member, id, wish.edit(), wish.gesture()));
    }

    @PostMapping("/{id}/undo")
    ThemeView undo(@PathVariable UUID id) {
        Member member = members.current();
        return view(member, themes.undo(member, id));
    }

    @PostMapping("/{id}/redo")
    ThemeView redo(@PathVariable UUID id) {
        Member member = members.current();
        return view(member, themes.redo(member, id));
    }

    @GetMapping("/{id}/history")
    List<HistoryView> history(@PathVariable UUID id) {
        return themes.history(members.current(), id).stream()
                .map(line -> new HistoryView(line.number(), themes.nameOf(line.account()), line.at(), line.what(), line.state())).toList();
    }

    @GetMapping("/{id}/scenes/{scene}/canvases/{canvas}")
    LayoutView layout(@PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas) {
        Themes.Draft draft = themes.get(members.current(), id);
        return layout(new Resolver(draft.theme()), scene(draft, scene), canvas(draft, canvas), signals.state(draft, System.currentTimeMillis()));
    }

    /** All scenes on all canvases. */
    @GetMapping("/{id}/layouts")
    List<LayoutView> layouts(@PathVariable UUID id) {
        Themes.Draft draft = themes.get(members.current(), id);
        Resolver resolver = new Resolver(draft.theme());
        LiveState live = signals.state(draft, System.currentTimeMillis());
        List<LayoutView> all = new ArrayList<>();
        for (Scene scene : draft.theme().scenes()) {
            for (Canvas canvas : draft.theme().canvases()) {
                all.add(layout(resolver, scene, canvas, live));
            }
        }
        return all;
    }

    /** @param family to draw in; empty keeps the present one */
    record Start(String family, List<SceneRole> roles) {
    }

    /** Adds finished scenes in a family, with the pieces that they lack, as one step. */
    @PostMapping("/{id}/start")
    ThemeView start(@PathVariable UUID id, @RequestBody Start wanted) {
        Member member = members.current();
        List<Edit> edits = new ArrayList<>();
        if (!wanted.family().isEmpty()) {
            edits.add(new Edit.SetFamily(wanted.family()));
        }
        edits.addAll(SceneStart.of(themes.get(member, id).theme(), wanted.roles(), what -> what + "-" + UUID.randomUUID().toString().substring(0, 8)).edits());
        return view(member, themes.edit(member, id, new Edit.Batch(edits), ""));
    }

    /** What is found about the theme as a whole. */
    @GetMapping("/{id}/findings")
    List<Finding> findings(@PathVariable UUID id) {
        return ProvenanceFindings.of(themes.get(members.current(), id).theme());
    }

    /** A scene as PNG, see-through where nothing is; the same display list as in the browser. */
    @GetMapping("/{id}/scenes/{scene}/canvases/{canvas}/picture.png")
    ResponseEntity<byte[]> png(@PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas,
            @RequestParam(defaultValue = "WHOLE") Part part, @RequestParam(defaultValue = "0") int width) throws IOException {
        Themes.Draft draft = themes.get(members.current(), id);
        Canvas wanted = canvas(draft, canvas);
        if (width < 0 || width > wanted.size().width()) {
            throw new IllegalArgumentException("A width of " + width + " is out of range; it lies between 1 and " + wanted.size().width() + ".");
        }
        ResolvedScene resolved = new Resolver(draft.theme()).resolve(scene(draft, scene), wanted, signals.state(draft, System.currentTimeMillis()));
        BufferedImage image = Raster.paint(wanted.size(), Picture.marks(resolved, part), System.currentTimeMillis(), pictures);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(Scaling.toWidth(image, width == 0 ? image.getWidth() : width), "png", bytes);
        return ResponseEntity.ok().cacheControl(CacheControl.noCache()).contentType(MediaType.IMAGE_PNG).body(bytes.toByteArray());
    }

    /** A kind of piece in this theme's brand, in its family or another one, cut to its own box with a little room around it. */
    @GetMapping("/{id}/samples/{kind}.png")
    ResponseEntity<byte[]> sample(@PathVariable UUID id, @PathVariable PieceKind kind, @RequestParam(defaultValue = "") String family) throws IOException {
        Theme theme = themes.get(members.current(), id).theme();
        if (!family.isEmpty() && Families.named(family).isEmpty()) {
            throw new NotFound("There is no such family.");
        }
        ResolvedScene resolved = Samples.of(family.isEmpty() ? theme : theme.withFamily(family), kind);
        BufferedImage image = Raster.paint(resolved.canvas().size(), Picture.marks(resolved, Part.WHOLE), 0, pictures);
        Box room = resolved.placements().getFirst().box().grown(SAMPLE_MARGIN).cut(resolved.canvas().size().box()).snapped();
        int width = (int) Math.min(room.width(), room.height() * SAMPLE_ASPECT);
        BufferedImage cut = image.getSubimage((int) room.x(), (int) room.y(), width, (int) room.height());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(Scaling.toWidth(cut, Math.min(SAMPLE_WIDTH, cut.getWidth())), "png", bytes);
        return ResponseEntity.ok().cacheControl(CacheControl.noCache()).contentType(MediaType.IMAGE_PNG).body(bytes.toByteArray());
    }

    private static LayoutView layout(Resolver resolver, Scene scene, Canvas canvas, LiveState live) {
        ResolvedScene resolved = resolver.resolve(scene, canvas, live);
        return new LayoutView(scene.id(), canvas.id(), canvas.shape(), canvas.size().width(), canvas.size().height(), canvas.unit(), resolved.behind(),
                resolved.placements().stream().map(p -> new PieceView(p.piece().id(), p.piece().name(), p.piece().kind(), p.box(), canvas.units(p.box()), p.corrected())).toList(),
                resolved.openings().stream().map(o -> new OpeningView(o.piece(), o.capture().id(), o.capture().name(), o.capture().size().width(), o.capture().size().height(),
                        o.opening().box(), o.opening().bleed(), o.fit(), o.fit().enlarged())).toList(),
                SafeArea.ACTION.within(canvas.size()), SafeArea.GRAPHICS.within(canvas.size()), Findings.of(resolved));
    }

    private static Scene scene(Themes.Draft draft, String id) {
        return draft.theme().scene(id).orElseThrow(() -> new NotFound("There is no such scene in this theme."));
    }

    private static Canvas canvas(Themes.Draft draft, String id) {
        return draft.theme().canvas(id).orElseThrow(() -> new NotFound("There is no such canvas in this theme."));
    }

    private ThemeView view(Member member, Themes.Draft draft) {
        Channels.Channel channel = channels.find(draft.channel()).orElseThrow();
        Themes.Steps steps = themes.steps(member, draft.id());
        return new ThemeView(draft.id(), draft.version(), draft.theme(), channel.id(), channel.name(), channel.platform().title(), draft.onAir(), themes.differs(draft),
                steps.undo(), steps.redo(), draft.movedFrom().map(UUID::toString).orElse(""), member.role());
    }
}
