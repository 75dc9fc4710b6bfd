package brandeon.server.bundle;

import brandeon.core.bundle.Contents;
import brandeon.core.bundle.Extent;
import brandeon.core.bundle.Incoming;
import brandeon.core.bundle.ThemePackage;
import brandeon.core.move.MovePlan;
import brandeon.core.platform.Profile;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.theme.Themes;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Themes and parts of them as files: taken out, looked at, and brought in on this or another machine. */
@RestController
class PackageController {

    private static final int LARGEST_PREVIEW = 400 << 10;
    private static final int MOST_PREVIEWS = 24;

    /** @param picture as a data URL */
    record PackagePreview(String title, String picture) {}

    /** How much of each is in a package. */
    record PackageParts(
            int scenes, int pieces, int pictures, int sounds, int fonts, int alerts, int commands, int tables) {}

    /**
     * What would become of words, where it comes from another platform.
     *
     * @param texts that change
     * @param lost  signals that the other platform does not have
     */
    record PackageWords(String from, String to, int texts, List<String> lost) {}

    /** A package before it is brought in. */
    record PackageView(
            Extent extent,
            String name,
            PackageParts parts,
            List<PackagePreview> previews,
            List<String> needs,
            List<String> unlicensed,
            List<String> conflicts,
            Optional<PackageWords> words) {}

    record BroughtIn(UUID theme, String name, Unpacking.Figures figures) {}

    record PutIn(UUID theme, String name) {}

    private final Members members;
    private final Themes themes;
    private final Packing packing;
    private final Unpacking unpacking;
    private final Workshop workshop;

    PackageController(Members members, Themes themes, Packing packing, Unpacking unpacking, Workshop workshop) {
        this.members = members;
        this.themes = themes;
        this.packing = packing;
        this.unpacking = unpacking;
        this.workshop = workshop;
    }

    /**
     * The theme with its pictures, fonts and sounds, or a part of it.
     *
     * @param of id of the scene or piece; empty for what there is only one of
     */
    @GetMapping("/api/themes/{id}/package.zip")
    ResponseEntity<StreamingResponseBody> takeOut(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "THEME") Extent extent,
            @RequestParam(defaultValue = "") String of) {
        Member member = members.current();
        Contents contents = packing.contents(member, themes.get(member, id), extent, of);
        StreamingResponseBody body = out -> packing.write(out, member, contents);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name(contents) + ".zip", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }

    private static String name(Contents contents) {
        String name = contents.theme().name();
        return switch (contents.extent()) {
            case THEME, SCENE, PIECE -> name;
            case BRAND -> name + ", brand";
            case ALERTS -> name + ", alert rules";
        };
    }

    /** What a package holds, what it needs here and what it would meet; nothing of it is kept. */
    @PostMapping("/api/packages/look")
    PackageView look(@RequestParam(required = false) UUID channel, InputStream body) throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        ThemePackage packed = workshop.receiving(() -> ThemePackage.read(body));
        Incoming incoming = unpacking.look(member, packed, Optional.ofNullable(channel));
        Contents contents = packed.contents();
        Theme theme = contents.theme();
        return new PackageView(
                contents.extent(),
                theme.name(),
                new PackageParts(
                        theme.scenes().size(),
                        theme.pieces().size(),
                        theme.artworks().size(),
                        theme.sounds().own().size(),
                        theme.faces().size() - packed.leftOut().size(),
                        theme.alerts().size(),
                        theme.bot().commands().size() + theme.bot().timed().size(),
                        contents.tables().size()),
                previews(packed),
                incoming.needs(),
                incoming.unlicensed(),
                incoming.conflicts(),
                unpacking
                        .channel(member, Optional.ofNullable(channel))
                        .map(Channels.Channel::platform)
                        .flatMap(to -> words(contents, to)));
    }

    private static Optional<PackageWords> words(Contents contents, Profile to) {
        if (contents.extent() != Extent.THEME) {
            return Optional.empty();
        }
        return contents.plan(to)
                .map(plan -> new PackageWords(
                        plan.from().title(),
                        to.title(),
                        (int) plan.texts().stream()
                                .filter(line -> !line.after().equals(line.before()))
                                .count(),
                        plan.signals().stream()
                                .filter(line -> line.fate() == MovePlan.Fate.LOST)
                                .map(MovePlan.SignalLine::fromWord)
                                .toList()));
    }

    /** What is no small PNG is not shown. */
    private static List<PackagePreview> previews(ThemePackage packed) {
        List<PackagePreview> previews = new ArrayList<>();
        for (ThemePackage.Preview preview : packed.previews()) {
            byte[] png = preview.png();
            if (previews.size() < MOST_PREVIEWS
                    && png.length > 8
                    && png.length <= LARGEST_PREVIEW
                    && (png[0] & 0xff) == 0x89
                    && png[1] == 'P') {
                previews.add(new PackagePreview(
                        preview.title(),
                        "data:image/png;base64," + Base64.getEncoder().encodeToString(png)));
            }
        }
        return previews;
    }

    /** Makes a theme of a package; its bytes are the request's body. Nothing of a refused one is kept. */
    @PostMapping(value = "/api/packages", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    BroughtIn bringIn(
            @RequestParam(required = false) UUID brand,
            @RequestParam(required = false) UUID channel,
            @RequestParam(defaultValue = "false") boolean words,
            @RequestParam(required = false) UUID instead,
            InputStream body)
            throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        ThemePackage packed = workshop.receiving(() -> ThemePackage.read(body));
        Unpacking.Taken taken = unpacking.theme(
                member,
                packed,
                new Unpacking.Wanted(
                        Optional.ofNullable(brand), Optional.ofNullable(channel), words, Optional.ofNullable(instead)));
        return new BroughtIn(taken.draft().id(), taken.draft().theme().name(), taken.figures());
    }

    /** Puts a scene, a piece, a brand or alert rules into a theme, as one step that can be undone. */
    @PostMapping("/api/themes/{id}/packages")
    PutIn putIn(@PathVariable UUID id, InputStream body) throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, id);
        ThemePackage packed = workshop.receiving(() -> ThemePackage.read(body));
        Themes.Draft draft = unpacking.into(member, id, packed);
        return new PutIn(draft.id(), packed.contents().theme().name());
    }
}
