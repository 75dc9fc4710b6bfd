package brandeon.server.colour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.RoleColour;
import brandeon.core.pack.Swatches;
import brandeon.core.pack.Swatches.Swatch;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Cluster;
import brandeon.core.theme.Brand;
import brandeon.core.theme.Mood;
import brandeon.core.theme.Theme;
import brandeon.server.access.Members;
import brandeon.server.recolour.Artworks;
import brandeon.server.theme.Themes;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Colours from and to open formats, and out of logos. */
@RestController
class PaletteController {

    /** @param proposed whether it would make a seed */
    record SwatchView(String name, Colour colour, boolean proposed) {}

    record ReadView(String name, List<SwatchView> swatches) {}

    private static final int MOST_BYTES = 15 << 20;
    private static final int MOST_SEEDS = 5;

    private final Members members;
    private final Themes themes;
    private final Artworks artworks;

    private final Workshop workshop;

    PaletteController(Members members, Themes themes, Artworks artworks, Workshop workshop) {
        this.members = members;
        this.themes = themes;
        this.artworks = artworks;
        this.workshop = workshop;
    }

    /** Reads a palette, token file, style sheet, swatch sheet or logo; nothing is kept or changed. */
    @PostMapping(value = "/api/palettes/read", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ReadView read(InputStream body) throws IOException {
        members.current();
        byte[] content = workshop.receiving(() -> body.readNBytes(MOST_BYTES + 1));
        if (Artworks.pixels(content)) {
            return logo(artworks.mainColours(content));
        }
        Swatches swatches = Swatches.read(new String(content, StandardCharsets.UTF_8));
        List<Swatch> seeds = swatches.all().stream()
                .filter(swatch -> swatch.name().toLowerCase(Locale.ROOT).matches(".*\\bseed[ -]?\\d+"))
                .toList();
        List<Swatch> proposed = (seeds.isEmpty() ? swatches.all() : seeds)
                .stream().limit(MOST_SEEDS).toList();
        return new ReadView(
                swatches.name(),
                swatches.all().stream()
                        .map(swatch -> new SwatchView(
                                swatch.name(), swatch.colour().withAlpha(1).rounded(), proposed.contains(swatch)))
                        .toList());
    }

    /** Colours with a hue first, then white, grey and black; a brand has little use for the latter as seeds. */
    private static ReadView logo(List<Cluster> clusters) {
        if (clusters.isEmpty()) {
            throw new Mistake("Nothing is painted in this picture.");
        }
        boolean grey = clusters.stream().allMatch(Cluster::neutral);
        List<Cluster> ordered =
                clusters.stream().sorted(Comparator.comparing(Cluster::neutral)).toList();
        return new ReadView(
                "",
                IntStream.range(0, ordered.size())
                        .mapToObj(i -> new SwatchView(
                                String.format(
                                        Locale.ROOT,
                                        "%.0f %% of the picture%s",
                                        ordered.get(i).share() * 100,
                                        ordered.get(i).neutral() ? ", neutral" : ""),
                                ordered.get(i).colour(),
                                i < MOST_SEEDS && (grey || !ordered.get(i).neutral())))
                        .toList());
    }

    @GetMapping("/api/themes/{id}/palette")
    ResponseEntity<byte[]> write(@PathVariable UUID id, @RequestParam Swatches.Format format) {
        Theme theme = themes.get(members.current(), id).theme();
        String name = theme.brand()
                .worn()
                .map(mood -> theme.name() + ", " + mood.name())
                .orElse(theme.name());
        String file = theme.name().replaceAll("[^\\p{L}\\p{N}]+", "-") + "." + format.ending();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType(format.type()))
                .body(new Swatches(name, swatches(theme.brand())).write(format).getBytes(StandardCharsets.UTF_8));
    }

    private static List<Swatch> swatches(Brand brand) {
        List<Swatch> all = new ArrayList<>();
        List<Colour> seeds = brand.worn().map(Mood::seeds).orElse(brand.seeds());
        for (int i = 0; i < seeds.size(); i++) {
            all.add(new Swatch("Seed " + (i + 1), seeds.get(i)));
        }
        for (RoleColour role : brand.palette().all()) {
            all.add(new Swatch(role.role().title(), role.colour()));
        }
        return all;
    }
}
