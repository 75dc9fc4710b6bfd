package brandeon.server.film;

import brandeon.core.art.Cover;
import brandeon.core.art.Families;
import brandeon.core.art.Flashes;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.Samples;
import brandeon.core.motion.FlashMeter;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Alone;
import brandeon.core.publish.Clip;
import brandeon.core.publish.Mask;
import brandeon.core.publish.Repainting;
import brandeon.core.publish.SvgFile;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.ffmpeg.Ffmpeg;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.work.Hands;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.core.io.FileSystemResource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A piece as files: still and moving, the mask of its capture, the pictures of a channel page. */
@RestController
class PieceFilesController {

    /** @param frame30 and frame60 the frame shown at the cut, counted from 0 */
    record CoverView(double first, double last, long cut, long frame30, long frame60) {}

    /**
     * How a piece moves.
     *
     * @param millis        length of a clip of it
     * @param cover         when a transition clip covers the canvas; null for other pieces and for one that never does
     * @param flashes       the most in one second
     * @param changed       share of the canvas that changes from frame to frame, 0 to 1
     * @param pixelsASecond that change, at 60 frames a second
     * @param masks         names of the captures for which there are masks, in the order of the openings
     * @param webm          whether this server can make WebM
     */
    record MotionView(
            boolean moves,
            double millis,
            CoverView cover,
            int flashes,
            boolean tooManyFlashes,
            double changed,
            long pixelsASecond,
            int width,
            int height,
            List<String> masks,
            boolean webm) {}

    /**
     * @param scene   on which the piece stands; empty for the first
     * @param width   of the frames; 0 as on the canvas
     * @param seconds length; 0 for the piece's own
     */
    record FilmWish(FilmFormat format, String canvas, String scene, int width, int framesPerSecond, double seconds) {}

    record FilmView(UUID id, Film.State state, int done, int frames, String message, String fileName, long bytes) {}

    private final Members members;
    private final Themes themes;
    private final Moments moments;
    private final Artworks artworks;
    private final Films films;
    private final Ffmpeg ffmpeg;
    private final Hands hands;

    PieceFilesController(
            Members members,
            Themes themes,
            Moments moments,
            Artworks artworks,
            Films films,
            Ffmpeg ffmpeg,
            Hands hands) {
        this.members = members;
        this.themes = themes;
        this.moments = moments;
        this.artworks = artworks;
        this.films = films;
        this.ffmpeg = ffmpeg;
        this.hands = hands;
    }

    @GetMapping("/api/themes/{theme}/pieces/{piece}/motion")
    MotionView motion(
            @PathVariable UUID theme,
            @PathVariable String piece,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "") String scene) {
        return hands.work(Hands.For.STAGE, () -> {
            Alone alone = alone(theme, piece, canvas, scene);
            double millis = Clip.length(alone.art());
            Size size = alone.canvas().size();
            boolean moves = alone.art().moves();
            FlashMeter.Worst flashes =
                    moves ? Flashes.worst(alone.art(), size, Alone.START, Flashes.look(millis)) : FlashMeter.Worst.NONE;
            Repainting repainting = moves ? Repainting.of(alone.art(), size, Alone.START, millis) : Repainting.NONE;
            CoverView cover = !alone.piece().kind().facts().clip()
                    ? null
                    : Cover.of(alone.art(), size, Alone.START, millis)
                            .map(c -> new CoverView(c.first(), c.last(), c.cut(), c.frame(30), c.frame(60)))
                            .orElse(null);
            Box part = moves ? alone.partMoving(millis, pictures()) : alone.part(pictures());
            return new MotionView(
                    moves,
                    millis,
                    cover,
                    flashes.flashes(),
                    flashes.tooMany(),
                    repainting.share(),
                    repainting.pixelsASecond(),
                    (int) part.width(),
                    (int) part.height(),
                    alone.openings().stream()
                            .map(opening -> opening.capture().name())
                            .toList(),
                    ffmpeg.found());
        });
    }

    /** What a painter mounts to show it, and the part of the canvas that it takes; what has a beginning begins now. */
    @GetMapping("/api/themes/{theme}/pieces/{piece}/preview")
    PreviewView preview(
            @PathVariable UUID theme,
            @PathVariable String piece,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "") String scene) {
        return hands.work(Hands.For.STAGE, () -> {
            long now = System.currentTimeMillis();
            return signed(PreviewView.of(alone(theme, piece, canvas, scene, now + PreviewView.SOON), pictures(), now));
        });
    }

    /** A kind of piece in this theme's brand, in its family or another one, with sample words. */
    @GetMapping("/api/themes/{theme}/samples/{kind}/preview")
    PreviewView sample(
            @PathVariable UUID theme, @PathVariable PieceKind kind, @RequestParam(defaultValue = "") String family) {
        return hands.work(Hands.For.STAGE, () -> {
            Theme draft = themes.get(members.current(), theme).theme();
            if (!family.isEmpty() && Families.named(family).isEmpty()) {
                throw new NotFound("There is no such family.");
            }
            Theme shown = (family.isEmpty() ? draft : draft.withFamily(family)).withScenes(List.of());
            long now = System.currentTimeMillis();
            Alone alone = Alone.of(
                    shown,
                    Samples.piece(shown, kind),
                    Optional.empty(),
                    Samples.CANVAS,
                    Samples.live(),
                    now + PreviewView.SOON);
            return signed(PreviewView.of(alone, Samples.shown(Samples.of(shown, kind)), now));
        });
    }

    /** At rest, see-through where nothing is; sharp at any size. */
    @GetMapping("/api/themes/{theme}/pieces/{piece}/picture.png")
    ResponseEntity<byte[]> png(
            @PathVariable UUID theme,
            @PathVariable String piece,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "") String scene,
            @RequestParam(defaultValue = "0") int width)
            throws IOException {
        return hands.work(Hands.For.FILES, () -> {
            Alone alone = alone(theme, piece, canvas, scene);
            Box part = alone.part(pictures());
            BufferedImage image =
                    Raster.paint(part, sized(part, width), alone.art().marks(), System.currentTimeMillis(), pictures());
            return file(named(alone, ".png"), MediaType.IMAGE_PNG, png(image));
        });
    }

    /** At rest, as one file that needs nothing else. */
    @GetMapping("/api/themes/{theme}/pieces/{piece}/picture.svg")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID theme,
            @PathVariable String piece,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "") String scene) {
        return hands.work(Hands.For.FILES, () -> {
            Alone alone = alone(theme, piece, canvas, scene);
            String svg =
                    SvgFile.of(alone.art().marks(), alone.part(pictures()), System.currentTimeMillis(), pictures());
            return file(named(alone, ".svg"), MediaType.valueOf("image/svg+xml"), svg.getBytes(StandardCharsets.UTF_8));
        });
    }

    /** White where the capture shows, in the capture's own pixels. */
    @GetMapping("/api/themes/{theme}/pieces/{piece}/mask.png")
    ResponseEntity<byte[]> mask(
            @PathVariable UUID theme,
            @PathVariable String piece,
            @RequestParam(defaultValue = "") String canvas,
            @RequestParam(defaultValue = "") String scene,
            @RequestParam(defaultValue = "0") int opening)
            throws IOException {
        return hands.work(Hands.For.FILES, () -> {
            Alone alone = alone(theme, piece, canvas, scene);
            if (opening < 0 || opening >= alone.openings().size()) {
                throw new NotFound(String.format(
                        Locale.ROOT,
                        "%s has no opening %d with a capture behind it.",
                        alone.piece().name(),
                        opening + 1));
            }
            FittedOpening fitted = alone.openings().get(opening);
            return file(
                    plain(String.format(
                                    Locale.ROOT,
                                    "%s mask for %s",
                                    alone.piece().name(),
                                    fitted.capture().name())) + ".png",
                    MediaType.IMAGE_PNG,
                    png(Mask.of(fitted)));
        });
    }

    /** One PNG for each heading. */
    @GetMapping("/api/themes/{theme}/pieces/{piece}/pictures.zip")
    ResponseEntity<byte[]> pictures(
            @PathVariable UUID theme, @PathVariable String piece, @RequestParam(defaultValue = "0") int width)
            throws IOException {
        return hands.work(Hands.For.FILES, () -> {
            Themes.Draft draft = themes.get(members.current(), theme);
            Alone alone = alone(theme, piece, "", "");
            String lines = alone.piece()
                    .kind()
                    .facts()
                    .pictures()
                    .orElseThrow(() -> new Refused("Only channel-page pictures come as a zip; take the PNG instead."));
            List<Alone> all = alone.each(draft.theme(), moments.of(draft));
            if (all.isEmpty()) {
                throw new Refused("There is no heading yet; write one.");
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            Set<String> names = new HashSet<>();
            try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
                for (Alone one : all) {
                    Box part = one.part(pictures());
                    zip.putNextEntry(
                            new ZipEntry(free(one.piece().content(lines).written(), names) + ".png"));
                    zip.write(
                            png(Raster.paint(part, sized(part, width), one.art().marks(), 0, pictures())));
                }
            }
            return file(named(alone, ".zip"), MediaType.valueOf("application/zip"), bytes.toByteArray());
        });
    }

    @PostMapping("/api/themes/{theme}/pieces/{piece}/films")
    @ResponseStatus(HttpStatus.ACCEPTED)
    FilmView begin(@PathVariable UUID theme, @PathVariable String piece, @RequestBody FilmWish wish) {
        return hands.work(Hands.For.FILES, () -> {
            Member member = members.current().requires(Role.DESIGNER);
            Alone alone = alone(theme, piece, wish.canvas(), wish.scene());
            if (!alone.art().moves()) {
                throw new Refused(String.format(
                        Locale.ROOT,
                        "%s stands still; take it as PNG or SVG.",
                        alone.piece().name()));
            }
            double millis = wish.seconds() > 0 ? wish.seconds() * 1000 : Clip.length(alone.art());
            boolean whole = alone.piece().kind().facts().clip();
            Box part =
                    whole ? alone.canvas().size().box() : alone.partMoving(Math.min(millis, Clip.LONGEST), pictures());
            Clip clip =
                    new Clip(alone.art(), part, sized(part, wish.width()), wish.framesPerSecond(), Alone.START, millis);
            return view(
                    films.begin(member, clip, wish.format(), plain(alone.piece().name())));
        });
    }

    @GetMapping("/api/films/{film}")
    FilmView film(@PathVariable UUID film) {
        return view(films.get(members.current(), film));
    }

    @DeleteMapping("/api/films/{film}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable UUID film) {
        films.cancel(members.current(), film);
    }

    @GetMapping("/api/films/{film}/file")
    ResponseEntity<FileSystemResource> content(@PathVariable UUID film) {
        Film made = films.get(members.current(), film);
        if (made.state() != Film.State.DONE) {
            throw new Refused("This clip is not made yet.");
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(made.fileName()))
                .contentType(MediaType.valueOf(made.format().type()))
                .body(new FileSystemResource(made.file()));
    }

    private Pictures pictures() {
        return artworks.of(members.current().workspace());
    }

    private PreviewView signed(PreviewView view) {
        return new PreviewView(
                artworks.signed(members.current().workspace(), view.picture()), view.part(), view.now(), view.millis());
    }

    private Alone alone(UUID theme, String id, String canvas, String scene) {
        return alone(theme, id, canvas, scene, Alone.START);
    }

    private Alone alone(UUID theme, String id, String canvas, String scene, long start) {
        Themes.Draft draft = themes.get(members.current(), theme);
        Piece piece = draft.theme().piece(id).orElseThrow(() -> new NotFound("There is no such piece in this theme."));
        Canvas on = canvas.isEmpty() ? draft.theme().canvases().getFirst() : draft.canvas(canvas);
        Optional<Scene> stands = scene.isEmpty() ? Optional.empty() : Optional.of(draft.scene(scene));
        return Alone.of(draft.theme(), piece, stands, on, moments.of(draft), start);
    }

    private static Size sized(Box part, int width) {
        if (width < 0 || width > Canvas.MOST_SIDE) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A width of %d is not possible; it lies between 1 and %d, or is 0 for the piece's own.",
                    width,
                    Canvas.MOST_SIDE));
        }
        double scale = width == 0 ? 1 : width / part.width();
        if (part.height() * scale > Canvas.MOST_SIDE) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "At a width of %d it would be %.0f pixels tall; at most %d are possible.",
                    width,
                    part.height() * scale,
                    Canvas.MOST_SIDE));
        }
        return Size.of(Math.max(1, (int) Math.round(part.width() * scale)), Math.max(1, (int)
                Math.round(part.height() * scale)));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        return Png.bytes(Scaling.straight(image));
    }

    private static String named(Alone alone, String ending) {
        return plain(alone.piece().name()) + ending;
    }

    /** A name that any disk takes. */
    private static String plain(String name) {
        String plain = name.replaceAll("[^\\p{L}\\p{N} ._-]", "").strip();
        return plain.isEmpty() ? "piece" : plain;
    }

    private static String free(String heading, Set<String> taken) {
        String wanted = plain(heading);
        String name = wanted;
        for (int i = 2; !taken.add(name.toLowerCase(Locale.ROOT)); i++) {
            name = wanted + " " + i;
        }
        return name;
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(name))
                .contentType(type)
                .body(content);
    }

    private static String disposition(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }

    private static FilmView view(Film film) {
        return new FilmView(
                film.id(),
                film.state(),
                film.done(),
                film.frames(),
                film.message(),
                film.fileName(),
                film.state() == Film.State.DONE ? film.file().toFile().length() : 0);
    }
}
