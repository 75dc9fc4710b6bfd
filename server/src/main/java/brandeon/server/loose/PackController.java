package brandeon.server.loose;

import brandeon.core.canvas.Canvas;
import brandeon.core.loose.Found;
import brandeon.core.loose.LooseChoices;
import brandeon.core.loose.Pack;
import brandeon.core.loose.Proposal;
import brandeon.core.loose.What;
import brandeon.core.preflight.Finding;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.layout.Preflights;
import brandeon.server.live.Moments;
import brandeon.server.problem.NotFound;
import brandeon.server.publish.ScenePng;
import brandeon.server.recolour.Artworks;
import brandeon.server.sound.SoundFiles;
import brandeon.server.theme.Themes;
import brandeon.server.web.Png;
import brandeon.server.web.UserContent;
import brandeon.server.work.Hands;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Loose files: read one after the other, sorted, and taken as a whole theme. */
@RestController
@RequestMapping("/api/themes/{theme}/packs")
class PackController {

    private static final int WIDTH = 480;
    private static final int SMALL = 160;

    record PackWish(List<Packs.Announced> files) {}

    record PackChoices(LooseChoices choices) {}

    /** @param scene id @param canvas id; both of the theme as it would be */
    record PackPicture(LooseChoices choices, String scene, String canvas) {}

    /**
     * One file.
     *
     * @param of     number of the file that is taken for it; its own where that is itself
     * @param width  in pixels; 0 for what is no picture
     * @param sound  where it is heard; empty for what is no sound
     */
    record PackFileView(
            int number,
            String path,
            long bytes,
            What what,
            String title,
            boolean doubtful,
            String why,
            String name,
            boolean out,
            Pack.Bond bond,
            int of,
            boolean picture,
            int width,
            int height,
            boolean moving,
            String sound) {}

    /** Something to be put right afterwards. @param scene its name; empty for the theme as a whole */
    record PackFinding(String scene, String canvas, String sentence) {}

    record PackTaken(long version) {}

    record PackSort(What what, String title) {}

    record PackScene(String id, String name) {}

    /**
     * A pack as it is proposed.
     *
     * @param files  what needs a look first
     * @param taken  how many files the theme gets
     * @param scenes as there would be
     * @param sorts  what a picture may be
     */
    record PackView(
            List<PackFileView> files,
            List<Proposal.PackPlace> places,
            List<String> notes,
            int taken,
            List<PackScene> scenes,
            List<Canvas> canvases,
            List<PackSort> sorts) {}

    private final Members members;
    private final Themes themes;
    private final Packs packs;
    private final LooseReading reading;
    private final Artworks artworks;
    private final SoundFiles sounds;
    private final Moments moments;
    private final Hands hands;
    private final Preflights preflights;

    PackController(
            Members members,
            Themes themes,
            Packs packs,
            LooseReading reading,
            Artworks artworks,
            SoundFiles sounds,
            Moments moments,
            Hands hands,
            Preflights preflights) {
        this.preflights = preflights;
        this.members = members;
        this.themes = themes;
        this.packs = packs;
        this.reading = reading;
        this.artworks = artworks;
        this.sounds = sounds;
        this.moments = moments;
        this.hands = hands;
    }

    /** Says which files come, so that progress can be told of all of them. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Packs.PackLine begin(@PathVariable UUID theme, @RequestBody PackWish wish) {
        return packs.begin(designer(theme), theme, wish.files());
    }

    /** Those that were neither taken nor left yet, the newest first. */
    @GetMapping
    List<Packs.PackLine> all(@PathVariable UUID theme) {
        return packs.all(designer(theme), theme);
    }

    /** One file; its bytes are the request's body. What cannot be read is noted and told with the others. */
    @PutMapping("/{pack}/files/{number}")
    Packs.PackLine put(@PathVariable UUID theme, @PathVariable UUID pack, @PathVariable int number, InputStream body)
            throws IOException {
        Member member = designer(theme);
        packs.require(member, theme, pack, number);
        try (LooseReading.Received received = reading.received(member, body)) {
            return hands.work(Hands.For.FILES, () -> {
                long begun = System.nanoTime();
                Found found = received.read();
                int millis = (int) Duration.ofNanos(System.nanoTime() - begun).toMillis();
                return packs.keep(member, theme, pack, number, found, millis);
            });
        }
    }

    /** What is in it, sorted, and what would become of it. */
    @PostMapping("/{pack}/proposal")
    PackView proposal(@PathVariable UUID theme, @PathVariable UUID pack, @RequestBody PackChoices wish) {
        Member member = designer(theme);
        Pack sorted = packs.pack(member, theme, pack, wish.choices());
        Proposal proposal = Proposal.of(themes.get(member, theme).theme(), sorted, wish.choices());
        return new PackView(
                sorted.entries().stream().map(entry -> view(member, entry)).toList(),
                proposal.places(),
                proposal.notes(),
                (int) sorted.entries().stream().filter(Pack.Entry::taken).count(),
                proposal.theme().shownScenes().stream()
                        .map(scene -> new PackScene(scene.id(), scene.name()))
                        .toList(),
                proposal.theme().canvases(),
                Stream.of(What.values())
                        .filter(What::picture)
                        .map(what -> new PackSort(what, what.title()))
                        .toList());
    }

    private PackFileView view(Member member, Pack.Entry entry) {
        Found found = entry.file().found();
        return new PackFileView(
                entry.number(),
                entry.file().path(),
                entry.file().bytes(),
                entry.what(),
                entry.what().title(),
                entry.doubtful(),
                entry.why(),
                entry.name(),
                entry.out(),
                entry.bond(),
                entry.of(),
                found instanceof Found.Picture,
                found instanceof Found.Picture picture ? picture.width() : 0,
                found instanceof Found.Picture picture ? picture.height() : 0,
                found instanceof Found.Picture picture && picture.moving(),
                found instanceof Found.Heard heard ? sounds.address(member.workspace(), heard.wave()) : "");
    }

    /** A picture of it, small. */
    @GetMapping("/{pack}/files/{number}/picture")
    ResponseEntity<byte[]> picture(
            @PathVariable UUID theme,
            @PathVariable UUID pack,
            @PathVariable int number,
            @RequestHeader(name = "Sec-Fetch-Dest", defaultValue = "") String askedAs) {
        Member member = designer(theme);
        if (!(packs.found(member, theme, pack, number) instanceof Found.Picture picture)) {
            throw new NotFound("This file is no picture.");
        }
        Artworks.Rendered small = artworks.before(member, picture, SMALL);
        return UserContent.answer(
                small.type(),
                small.content(),
                "picture" + UserContent.ending(small.type()),
                CacheControl.maxAge(Duration.ofDays(1)).cachePrivate(),
                askedAs);
    }

    /** How a scene would look. */
    @PostMapping("/{pack}/picture")
    ResponseEntity<byte[]> scene(@PathVariable UUID theme, @PathVariable UUID pack, @RequestBody PackPicture wish)
            throws IOException {
        Member member = designer(theme);
        Themes.Draft draft = themes.get(member, theme);
        Theme after = Proposal.of(draft.theme(), packs.pack(member, theme, pack, wish.choices()), wish.choices())
                .theme();
        Scene scene = after.scene(wish.scene()).orElseThrow(() -> new NotFound("There would be no such scene."));
        Canvas canvas = after.canvas(wish.canvas()).orElseThrow(() -> new NotFound("There would be no such canvas."));
        return hands.work(
                Hands.For.STAGE,
                () -> Png.fresh(
                        ScenePng.of(after, scene, canvas, moments.of(draft), artworks.of(draft.workspace()), WIDTH)));
    }

    /** What would be found on the scenes that is not found now; what is only better known is left out. */
    @PostMapping("/{pack}/findings")
    List<PackFinding> findings(@PathVariable UUID theme, @PathVariable UUID pack, @RequestBody PackChoices wish) {
        Member member = designer(theme);
        Themes.Draft draft = themes.get(member, theme);
        Pack sorted = packs.pack(member, theme, pack, wish.choices());
        return hands.work(Hands.For.FINDINGS, () -> {
            Theme after = Proposal.of(draft.theme(), sorted, wish.choices()).theme();
            Set<PackFinding> now =
                    draft.theme().scenes().isEmpty() ? Set.of() : Set.copyOf(found(draft, draft.theme()));
            return found(draft, after).stream()
                    .filter(finding -> !now.contains(finding))
                    .toList();
        });
    }

    private List<PackFinding> found(Themes.Draft draft, Theme theme) {
        return preflights.of(draft, theme).findings().stream()
                .filter(finding -> finding.kind().weight() != Finding.Weight.NOTE)
                .map(finding -> new PackFinding(
                        theme.scene(finding.scene()).map(Scene::name).orElse(""),
                        theme.canvas(finding.canvas()).map(Canvas::name).orElse(""),
                        finding.sentence()))
                .distinct()
                .toList();
    }

    /** Makes it so, as one step that can be undone. */
    @PostMapping("/{pack}/taken")
    PackTaken take(@PathVariable UUID theme, @PathVariable UUID pack, @RequestBody PackChoices wish) {
        Member member = designer(theme);
        return new PackTaken(
                packs.take(member, theme, pack, wish.choices()).after().version());
    }

    @DeleteMapping("/{pack}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID theme, @PathVariable UUID pack) {
        packs.drop(designer(theme), theme, pack);
    }

    private Member designer(UUID theme) {
        Member member = members.current().requires(Role.DESIGNER);
        themes.get(member, theme);
        return member;
    }
}
