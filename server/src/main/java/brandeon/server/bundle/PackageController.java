package brandeon.server.bundle;

import brandeon.core.art.ContentName;
import brandeon.core.bundle.ThemePackage;
import brandeon.core.problem.Mistake;
import brandeon.core.text.FontFile;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.Sound;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.file.Files;
import brandeon.server.recolour.Artworks;
import brandeon.server.sound.SoundFiles;
import brandeon.server.theme.Themes;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Themes as files: taken out whole, and brought in on this or another machine. */
@RestController
class PackageController {

    record BroughtIn(UUID theme, String name) {}

    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final Artworks artworks;
    private final SoundFiles sounds;
    private final Files files;
    private final Workshop workshop;
    private final TransactionTemplate transactions;

    PackageController(
            Members members,
            Themes themes,
            Channels channels,
            Artworks artworks,
            SoundFiles sounds,
            Files files,
            Workshop workshop,
            TransactionTemplate transactions) {
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.artworks = artworks;
        this.sounds = sounds;
        this.files = files;
        this.workshop = workshop;
        this.transactions = transactions;
    }

    /** The theme with its pictures, fonts and sounds. */
    @GetMapping("/api/themes/{id}/package.zip")
    ResponseEntity<StreamingResponseBody> takeOut(@PathVariable UUID id) {
        Member member = members.current();
        Theme theme = themes.get(member, id).theme();
        UUID workspace = member.workspace();
        Set<String> asTheyAre = Stream.concat(
                        theme.faces().stream().map(own -> own.face().hash()),
                        theme.sounds().own().stream().map(Sound::file))
                .collect(Collectors.toUnmodifiableSet());
        StreamingResponseBody body = out -> ThemePackage.write(
                out,
                theme,
                name -> asTheyAre.contains(name)
                        ? files.find(workspace, name).orElseThrow().content()
                        : artworks.content(workspace, name));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(theme.name() + ".zip", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }

    /** Makes a theme of a package; its bytes are the request's body. Nothing of a refused one is kept. */
    @PostMapping(value = "/api/packages", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    BroughtIn bringIn(InputStream body) throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        ThemePackage packed = workshop.receiving(() -> ThemePackage.read(body));
        Map<String, Artworks.Brought> pictures = new HashMap<>();
        for (Artwork artwork : packed.theme().artworks()) {
            pictures.computeIfAbsent(
                    artwork.file(),
                    name -> read(
                            artwork.name(),
                            () -> artworks.brought(packed.files().get(name))));
        }
        for (OwnFace own : packed.theme().faces()) {
            byte[] content = packed.files().get(own.face().hash());
            read(own.title(), () -> FontFile.read(content));
            if (!ContentName.full(content).equals(own.face().hash())) {
                throw new Mistake("The font " + own.title() + " of this package is another one than its theme names.");
            }
        }
        Map<String, SoundFiles.Brought> heard = new HashMap<>();
        for (Sound own : packed.theme().sounds().own()) {
            heard.computeIfAbsent(
                    own.file(),
                    name -> read(own.name(), () -> sounds.brought(packed.files().get(name))));
        }
        Themes.Draft draft = transactions.execute(_ -> {
            packed.theme()
                    .faces()
                    .forEach(own -> files.keep(
                            member.workspace(),
                            Files.FONT,
                            packed.files().get(own.face().hash()),
                            Optional.empty()));
            List<Artwork> kept = packed.theme().artworks().stream()
                    .map(artwork -> artworks.keep(member, artwork, pictures.get(artwork.file())))
                    .toList();
            Sounds own = new Sounds(
                    packed.theme().sounds().own().stream()
                            .map(sound -> sounds.keep(member, sound, heard.get(sound.file())))
                            .toList(),
                    packed.theme().sounds().target());
            Theme theme = packed.theme().withArtworks(kept).withSounds(own);
            return themes.bringIn(
                    member, channels.standard(member, theme.name()).id(), theme);
        });
        return new BroughtIn(draft.id(), draft.theme().name());
    }

    private interface Reading<T> {
        T read();
    }

    private static <T> T read(String name, Reading<T> reading) {
        try {
            return reading.read();
        } catch (Mistake e) {
            throw new Mistake("“" + name + "” of this package: " + e.getMessage(), e);
        }
    }
}
