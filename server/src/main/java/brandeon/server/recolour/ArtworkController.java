package brandeon.server.recolour;

import brandeon.core.bundle.Credits;
import brandeon.core.colour.Palette;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Mapping;
import brandeon.core.recolour.Recolouring;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.theme.Themes;
import brandeon.server.web.UserContent;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The recolour bench: ready-made pictures in, pictures in the brand's colours out. */
@RestController
@RequestMapping("/api/themes/{theme}/artworks")
class ArtworkController {

    /**
     * @param worst    the largest difference of a landing; 0 where no colour has a role
     * @param filter   CSS for a moving picture; empty otherwise
     * @param state    changes whenever the recoloured picture does
     * @param notes    what is particular about its openings, as sentences
     * @param lacking  what is not said of its provenance
     */
    record ArtworkView(
            Artwork artwork,
            Recolouring proposed,
            String reason,
            List<Recolouring.Landing> landings,
            double worst,
            String filter,
            String state,
            List<String> lacking,
            List<String> notes) {}

    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();

    private final Members members;
    private final Themes themes;
    private final Artworks artworks;

    private final Workshop workshop;

    ArtworkController(Members members, Themes themes, Artworks artworks, Workshop workshop) {
        this.members = members;
        this.themes = themes;
        this.artworks = artworks;
        this.workshop = workshop;
    }

    /** Worst match first. */
    @GetMapping
    List<ArtworkView> all(@PathVariable UUID theme) {
        Theme draft = themes.get(members.current(), theme).theme();
        Palette palette = draft.brand().palette();
        return draft.artworks().stream()
                .map(artwork -> view(artwork, palette))
                .sorted(Comparator.comparingDouble(ArtworkView::worst).reversed())
                .toList();
    }

    /** Takes in one file; its bytes are the request's body. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ArtworkView add(
            @PathVariable UUID theme,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String gesture,
            InputStream body)
            throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, theme);
        Artwork artwork = artworks.add(
                member, theme, name, workshop.receiving(() -> body.readNBytes(PictureFile.MOST_BYTES + 1)), gesture);
        return view(artwork, themes.get(member, theme).theme().brand().palette());
    }

    /** Takes out the keying colour that fills its openings, with soft edges and spill. */
    @PostMapping("/{id}/key-removal")
    ArtworkView withoutKey(@PathVariable UUID theme, @PathVariable String id) {
        Member member = members.current().requires(Role.DESIGNER);
        Artwork changed = artworks.withoutKey(member, theme, artwork(member, theme, id));
        return view(changed, themes.get(member, theme).theme().brand().palette());
    }

    @GetMapping("/{id}/before")
    ResponseEntity<byte[]> before(
            @PathVariable UUID theme,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int width,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        Member member = members.current();
        Artwork artwork = artwork(member, theme, id);
        return answer(artwork, artworks.before(member, artwork, within(width)), FOR_EVER, askedAs);
    }

    @GetMapping("/{id}/after")
    ResponseEntity<byte[]> after(
            @PathVariable UUID theme,
            @PathVariable String id,
            @RequestParam(defaultValue = "0") int width,
            @RequestParam(defaultValue = "") String state,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        Member member = members.current();
        Artwork artwork = artwork(member, theme, id);
        Palette palette = themes.get(member, theme).theme().brand().palette();
        Artworks.Rendered picture = artworks.after(member, artwork, palette, within(width));
        // Only under the name of its present state may it be kept for ever.
        return answer(
                artwork, picture, state.equals(artwork.painted(palette)) ? FOR_EVER : CacheControl.noStore(), askedAs);
    }

    /** Every picture in the brand's colours. Moving ones are as they were, with their filter in a note beside them. */
    @GetMapping("/recoloured.zip")
    ResponseEntity<StreamingResponseBody> zip(@PathVariable UUID theme) {
        Member member = members.current();
        Theme draft = themes.get(member, theme).theme();
        Palette palette = draft.brand().palette();
        StreamingResponseBody body = out -> {
            try (ZipOutputStream zip = new ZipOutputStream(out)) {
                // The pictures are compressed already.
                zip.setLevel(Deflater.NO_COMPRESSION);
                Set<String> names = new HashSet<>();
                StringBuilder filters = new StringBuilder();
                ahead(draft.artworks(), artwork -> artworks.after(member, artwork, palette, 0), (artwork, picture) -> {
                    String name = freeName(artwork, picture.type(), names);
                    zip.putNextEntry(new ZipEntry(name));
                    zip.write(picture.content());
                    if (artwork.moving()) {
                        filters.append(name)
                                .append(": filter: ")
                                .append(artwork.filter(palette))
                                .append(";\n");
                    }
                });
                if (!filters.isEmpty()) {
                    zip.putNextEntry(new ZipEntry("filters.txt"));
                    zip.write(filters.toString().getBytes(StandardCharsets.UTF_8));
                }
            }
        };
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("recoloured.zip")
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }

    /** Where every picture and face comes from, to print or to put below a channel. */
    @GetMapping("/credits.md")
    ResponseEntity<byte[]> credits(@PathVariable UUID theme) {
        Theme draft = themes.get(members.current(), theme).theme();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("credits.md")
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("text/markdown;charset=UTF-8"))
                .body(Credits.sheet(draft).getBytes(StandardCharsets.UTF_8));
    }

    private interface Written {
        void write(Artwork artwork, Artworks.Rendered picture) throws IOException;
    }

    /** Paints on all cores and writes in order; only as many wait as there are cores, so memory stays small. */
    private static void ahead(List<Artwork> all, Function<Artwork, Artworks.Rendered> paint, Written written)
            throws IOException {
        int cores = Runtime.getRuntime().availableProcessors();
        try (ExecutorService painters = Executors.newFixedThreadPool(cores)) {
            Deque<Future<Artworks.Rendered>> waiting = new ArrayDeque<>();
            for (int i = 0; i < all.size() + cores; i++) {
                if (i < all.size()) {
                    Artwork artwork = all.get(i);
                    waiting.add(painters.submit(() -> paint.apply(artwork)));
                }
                if (i >= cores) {
                    written.write(all.get(i - cores), done(waiting.remove()));
                }
            }
        }
    }

    private static Artworks.Rendered done(Future<Artworks.Rendered> picture) throws IOException {
        try {
            return picture.get();
        } catch (ExecutionException e) {
            throw new IOException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    private ArtworkView view(Artwork artwork, Palette palette) {
        Mapping mapping = artwork.recipe(palette).mapping();
        List<Recolouring.Landing> landings = artwork.recolouring().landings(artwork.clusters(), palette, mapping);
        return new ArtworkView(
                artwork,
                Recolouring.proposed(
                        artwork.clusters(), artwork.moving(), artwork.openings().key()),
                Recolouring.reason(artwork.clusters(), artwork.moving()),
                landings,
                landings.stream()
                        .mapToDouble(Recolouring.Landing::difference)
                        .max()
                        .orElse(0),
                artwork.filter(palette),
                artwork.painted(palette),
                artwork.provenance().lacking(),
                artwork.openings().notes((long) artwork.width() * artwork.height()));
    }

    private Artwork artwork(Member member, UUID theme, String id) {
        return themes.get(member, theme)
                .theme()
                .artwork(id)
                .orElseThrow(() -> new NotFound("There is no such picture in this theme."));
    }

    private static int within(int width) {
        if (width < 0 || width > PictureFile.MOST_SIDE) {
            throw new Mistake(
                    "A width of " + width + " is out of range; it lies between 1 and " + PictureFile.MOST_SIDE + ".");
        }
        return width;
    }

    private static ResponseEntity<byte[]> answer(
            Artwork artwork, Artworks.Rendered picture, CacheControl cache, String askedAs) {
        return UserContent.answer(
                picture.type(), picture.content(), freeName(artwork, picture.type(), new HashSet<>()), cache, askedAs);
    }

    /** The picture's name without folders, with the right ending, once each. */
    private static String freeName(Artwork artwork, String type, Set<String> taken) {
        String stem = artwork.name()
                .replaceAll(".*[/\\\\]", "")
                .replaceFirst("\\.[A-Za-z0-9]{1,5}$", "")
                .replaceAll("[^\\p{L}\\p{N} ._-]", "_");
        String ending = UserContent.ending(type);
        String name = stem + ending;
        for (int i = 2; !taken.add(name); i++) {
            name = stem + " " + i + ending;
        }
        return name;
    }
}
