package brandeon.server.layout;

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
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Theme;
import brandeon.server.access.Members;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scenes and kinds of pieces as PNG. */
@RestController
@RequestMapping("/api/themes")
class SceneFilesController {

    private static final double SAMPLE_WIDTH = 480;

    private final Members members;
    private final Themes themes;
    private final Moments moments;
    private final Artworks artworks;
    private final Hands hands;

    SceneFilesController(Members members, Themes themes, Moments moments, Artworks artworks, Hands hands) {
        this.members = members;
        this.themes = themes;
        this.moments = moments;
        this.artworks = artworks;
        this.hands = hands;
    }

    /** A scene as PNG, see-through where nothing is; the same display list as in the browser. */
    @GetMapping("/{id}/scenes/{scene}/canvases/{canvas}/picture.png")
    ResponseEntity<byte[]> png(
            @PathVariable UUID id,
            @PathVariable String scene,
            @PathVariable String canvas,
            @RequestParam(defaultValue = "WHOLE") Part part,
            @RequestParam(defaultValue = "0") int width,
            @RequestParam Optional<String> mood)
            throws IOException {
        return hands.work(width > 0 ? Hands.For.STAGE : Hands.For.FILES, () -> {
            Themes.Draft draft = themes.get(members.current(), id);
            Theme worn = mood.map(name -> worn(draft.theme(), name)).orElse(draft.theme());
            Canvas wanted = draft.canvas(canvas);
            if (width < 0 || width > wanted.size().width()) {
                throw new Mistake("A width of " + width + " is out of range; it lies between 1 and "
                        + wanted.size().width() + ".");
            }
            ResolvedScene resolved = new Resolver(worn).resolve(draft.scene(scene), wanted, moments.of(draft));
            BufferedImage image = Raster.paint(
                    wanted.size(),
                    Picture.marks(resolved, part),
                    System.currentTimeMillis(),
                    artworks.of(draft.workspace()));
            return Png.fresh(Scaling.toWidth(image, width == 0 ? image.getWidth() : width));
        });
    }

    /** A kind of piece in this theme's brand, in its family or another one. */
    @GetMapping("/{id}/samples/{kind}.png")
    ResponseEntity<byte[]> sample(
            @PathVariable UUID id, @PathVariable PieceKind kind, @RequestParam(defaultValue = "") String family)
            throws IOException {
        return hands.work(Hands.For.STAGE, () -> {
            Themes.Draft draft = themes.get(members.current(), id);
            Theme theme = draft.theme();
            if (!family.isEmpty() && Families.named(family).isEmpty()) {
                throw new NotFound("There is no such family.");
            }
            ResolvedScene resolved = Samples.of(family.isEmpty() ? theme : theme.withFamily(family), kind);
            Box part = Samples.shown(resolved);
            double scale = Math.min(1, SAMPLE_WIDTH / part.width());
            BufferedImage image = Raster.paint(
                    part,
                    Size.of((int) Math.max(1, part.width() * scale), (int) Math.max(1, part.height() * scale)),
                    Picture.marks(resolved, Part.WHOLE),
                    0,
                    artworks.of(draft.workspace()));
            return Png.fresh(Scaling.straight(image));
        });
    }

    /** In a mood of the brand; empty for the brand's own colours. */
    private static Theme worn(Theme theme, String mood) {
        return switch (Edits.apply(theme, new BrandEdit.ChooseMood(mood))) {
            case Outcome.Applied applied -> applied.theme();
            case Outcome.Refused(String reason) -> throw new NotFound(reason);
        };
    }
}
