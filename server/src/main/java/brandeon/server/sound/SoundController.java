package brandeon.server.sound;

import brandeon.core.live.AlertSound;
import brandeon.core.problem.Mistake;
import brandeon.core.sound.Loudness;
import brandeon.core.sound.ShippedSounds;
import brandeon.core.sound.Wav;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Sound;
import brandeon.core.theme.Sounds;
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
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sounds: those that come along, a theme's own, and how loud each is played. */
@RestController
class SoundController {

    /**
     * One sound that alerts of a theme may play.
     *
     * @param shipped  whether it comes along
     * @param gain     in dB, to bring it to the theme's target
     * @param held     how far under the target its peaks hold it, in LU
     * @param address  where it is found, as it is kept
     * @param lacking  what is not said of its provenance
     */
    record SoundView(
            String id,
            String name,
            boolean shipped,
            int millis,
            Loudness loudness,
            double gain,
            double held,
            String address,
            Provenance provenance,
            List<String> lacking) {}

    private static final CacheControl FOR_EVER =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    private final Members members;
    private final Themes themes;
    private final SoundFiles files;
    private final Workshop workshop;

    SoundController(Members members, Themes themes, SoundFiles files, Workshop workshop) {
        this.members = members;
        this.themes = themes;
        this.files = files;
        this.workshop = workshop;
    }

    /** The theme's own first. */
    @GetMapping("/api/themes/{theme}/sounds")
    List<SoundView> all(@PathVariable UUID theme) {
        Member member = members.current();
        Theme draft = themes.get(member, theme).theme();
        return Stream.concat(
                        draft.sounds().own().stream().map(own -> view(member, draft, own)),
                        ShippedSounds.list().stream().map(one -> view(member, draft, one)))
                .toList();
    }

    /** Takes in one file; its bytes are the request's body. */
    @PostMapping(value = "/api/themes/{theme}/sounds", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    SoundView add(@PathVariable UUID theme, @RequestParam String name, InputStream body) throws IOException {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, theme);
        if (name.isBlank()) {
            throw new Mistake("A sound needs a name.");
        }
        Sound added =
                files.add(member, theme, name, workshop.receiving(() -> body.readNBytes(SoundFiles.MOST_BYTES + 1)));
        return view(member, themes.get(member, theme).theme(), added);
    }

    private SoundView view(Member member, Theme theme, Sound own) {
        return view(
                member,
                theme.sounds(),
                own.id(),
                own.name(),
                false,
                own.millis(),
                own.provenance(),
                own.provenance().lacking());
    }

    private SoundView view(Member member, Theme theme, ShippedSounds.Shipped one) {
        return view(
                member,
                theme.sounds(),
                one.id(),
                one.title(),
                true,
                ShippedSounds.sound(one.id()).millis(),
                new Provenance(ShippedSounds.ORIGIN, ShippedSounds.LICENCE, ""),
                List.of());
    }

    private SoundView view(
            Member member,
            Sounds sounds,
            String id,
            String name,
            boolean shipped,
            int millis,
            Provenance provenance,
            List<String> lacking) {
        Loudness loudness = sounds.loudness(id).orElseThrow();
        return new SoundView(
                id,
                name,
                shipped,
                millis,
                loudness,
                sounds.gain(AlertSound.of(id)).orElseThrow(),
                loudness.shortOf(sounds.target()),
                files.address(member.workspace(), sounds, id).orElseThrow(),
                provenance,
                lacking);
    }

    @GetMapping("/sounds/{workspace}/{file}/{proof}")
    ResponseEntity<byte[]> content(
            @PathVariable UUID workspace,
            @PathVariable String file,
            @PathVariable String proof,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        return answer(files.content(workspace, file, proof), "sound.wav", askedAs);
    }

    @GetMapping("/sounds/shipped/{id}/{name}")
    ResponseEntity<byte[]> shipped(
            @PathVariable String id,
            @PathVariable String name,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        return answer(files.shipped(id, name), id + ".wav", askedAs);
    }

    private static ResponseEntity<byte[]> answer(Optional<byte[]> content, String name, String askedAs) {
        return UserContent.answer(
                Wav.TYPE, content.orElseThrow(() -> new NotFound("There is no such sound.")), name, FOR_EVER, askedAs);
    }
}
