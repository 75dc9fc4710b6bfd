package brandeon.server.takeout;

import brandeon.core.art.Mark;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Mask;
import brandeon.core.publish.OwnBox;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.publish.SvgFile;
import brandeon.core.publish.Taking;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.file.Attachment;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What is on air, or the draft while nothing is, as files that need no server. */
@RestController
@RequestMapping("/api/themes/{id}/files")
class TakeOutController {

    /** What may lie in the zip. */
    enum Sort {
        /** A page for each scene. */
        HTML,
        /** Scenes, their parts and their pieces as pixels. */
        PNG,
        /** The same as drawings. */
        SVG,
        /** A mask for each capture, in its own pixels. */
        MASK
    }

    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);

    private final Members members;
    private final Themes themes;
    private final Moments moments;
    private final Artworks artworks;
    private final ScenePage page;
    private final Hands hands;

    TakeOutController(Members members, Themes themes, Moments moments, Artworks artworks, ScenePage page, Hands hands) {
        this.members = members;
        this.themes = themes;
        this.moments = moments;
        this.artworks = artworks;
        this.page = page;
        this.hands = hands;
    }

    @GetMapping("/scenes/{scene}/canvases/{canvas}/page.html")
    ResponseEntity<byte[]> page(@PathVariable UUID id, @PathVariable String scene, @PathVariable String canvas) {
        Themes.Draft draft = themes.get(members.current(), id);
        Theme theme = shown(draft);
        Scene wanted = theme.scene(scene).orElseThrow(() -> new NotFound("There is no such scene in this theme."));
        Canvas on = theme.canvas(canvas).orElseThrow(() -> new NotFound("There is no such canvas in this theme."));
        String name = FileNames.of(theme.name(), wanted.name(), on.name()) + ".html";
        return Attachment.of(name, HTML, hands.work(Hands.For.FILES, () -> html(draft, theme, wanted, on)));
    }

    /**
     * All scenes.
     *
     * @param canvas its id; empty for all canvases
     * @param sorts  what lies in it
     */
    @GetMapping("/all.zip")
    ResponseEntity<StreamingResponseBody> zip(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "HTML,PNG,SVG,MASK") Set<Sort> sorts) {
        Member member = members.current();
        Themes.Draft draft = themes.get(member, id);
        Theme theme = shown(draft);
        List<Canvas> canvases = theme.canvases().stream()
                .filter(one -> canvas.isEmpty() || one.id().equals(canvas))
                .toList();
        if (canvases.isEmpty()) {
            throw new NotFound("There is no such canvas in this theme.");
        }
        StreamingResponseBody body = out -> {
            try (ZipOutputStream zip = new ZipOutputStream(out)) {
                Set<String> names = new HashSet<>();
                for (Canvas on : canvases) {
                    for (Scene scene : theme.scenes()) {
                        write(zip, names, draft, theme, scene, on, sorts);
                    }
                }
            }
        };
        String name = FileNames.of(theme.name()) + ".zip";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }

    private Theme shown(Themes.Draft draft) {
        return themes.onAir(draft).orElse(draft.theme());
    }

    private byte[] html(Themes.Draft draft, Theme theme, Scene scene, Canvas canvas) {
        ResolvedScene resolved = new Resolver(theme).resolve(scene, canvas, moments.of(draft));
        Picture picture = artworks.signed(draft.workspace(), Picture.of(resolved, Part.WHOLE));
        return page.of(theme.name() + ", " + scene.name() + ", " + canvas.name(), picture)
                .getBytes(StandardCharsets.UTF_8);
    }

    private void write(
            ZipOutputStream zip,
            Set<String> names,
            Themes.Draft draft,
            Theme theme,
            Scene scene,
            Canvas canvas,
            Set<Sort> sorts)
            throws IOException {
        String folder = FileNames.of(canvas.name()) + "/" + FileNames.of(scene.name());
        if (sorts.contains(Sort.HTML)) {
            put(
                    zip,
                    names,
                    folder + "/" + FileNames.of(scene.name()),
                    "html",
                    hands.work(Hands.For.FILES, () -> html(draft, theme, scene, canvas)));
        }
        if (!sorts.contains(Sort.PNG) && !sorts.contains(Sort.SVG) && !sorts.contains(Sort.MASK)) {
            return;
        }
        ResolvedScene resolved =
                hands.work(Hands.For.FILES, () -> new Resolver(theme).resolve(scene, canvas, moments.of(draft)));
        long now = System.currentTimeMillis();
        List<Part> parts = new ArrayList<>(Taking.all(resolved));
        resolved.placements()
                .forEach(
                        placement -> parts.add(new Part.Single(placement.piece().id())));
        for (Part part : parts) {
            List<Mark> marks = Picture.marks(resolved, part);
            if (marks.isEmpty()) {
                continue;
            }
            Box box = OwnBox.of(theme, scene, canvas, part);
            String name = folder + (part.boxed() ? "/pieces/" : "/") + FileNames.of(Taking.title(resolved, part));
            if (sorts.contains(Sort.PNG)) {
                put(
                        zip,
                        names,
                        name,
                        "png",
                        hands.work(
                                Hands.For.FILES,
                                () -> Png.bytes(Scaling.straight(Raster.paint(
                                        box,
                                        Size.of((int) box.width(), (int) box.height()),
                                        marks,
                                        now,
                                        artworks.of(draft.workspace()))))));
            }
            if (sorts.contains(Sort.SVG)) {
                put(
                        zip,
                        names,
                        name,
                        "svg",
                        hands.work(
                                Hands.For.FILES,
                                () -> SvgFile.of(marks, box, now, artworks.of(draft.workspace()))
                                        .getBytes(StandardCharsets.UTF_8)));
            }
        }
        if (sorts.contains(Sort.MASK)) {
            for (ResolvedScene.FittedOpening opening : resolved.openings()) {
                put(
                        zip,
                        names,
                        folder + "/masks/" + FileNames.of(opening.capture().name()),
                        "png",
                        hands.work(Hands.For.FILES, () -> Png.bytes(Scaling.straight(Mask.of(opening)))));
            }
        }
    }

    /** Two of the same name are told apart by a number. */
    private static void put(ZipOutputStream zip, Set<String> names, String name, String ending, byte[] content)
            throws IOException {
        String free = name + "." + ending;
        for (int i = 2; !names.add(free.toLowerCase(Locale.ROOT)); i++) {
            free = name + " " + i + "." + ending;
        }
        zip.putNextEntry(new ZipEntry(free));
        zip.write(content);
        zip.closeEntry();
    }
}
