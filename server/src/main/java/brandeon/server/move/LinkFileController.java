package brandeon.server.move;

import brandeon.core.layout.ResolvedScene;
import brandeon.core.move.LinksInText;
import brandeon.core.publish.Quiet;
import brandeon.core.publish.Taking;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.Outlets.Outlet;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Old links in a file that somebody's own software keeps: found, told, and replaced by the copy's. */
@RestController
class LinkFileController {

    /** Lines that are told one by one. */
    private static final int MOST = 500;

    /** What becomes of a link. */
    enum LinkFate {
        /** Of the theme that this one was moved from, or a former link of either: replaced. */
        REPLACED,
        /** This theme's own present link. */
        NEW,
        /** Of the old theme, for a source that this one has not. */
        WITHOUT_COUNTERPART,
        /** Of another theme of this workspace. */
        OTHER_THEME,
        /** Looks like a link of ours and is none that works here. */
        UNKNOWN
    }

    /** @param line counted from 1 @param source where its source belongs, for people; empty where nobody knows */
    record LinkLine(int line, LinkFate fate, String source) {}

    /**
     * @param lines   the first 500 of them
     * @param missing sources that a scene is best shown by, whose old link stands nowhere in the file
     */
    record LinkFileView(
            int replaced,
            int already,
            int without,
            int other,
            int unknown,
            List<LinkLine> lines,
            List<String> missing) {}

    private record Seen(LinkFate fate, String source, String token, Optional<Outlets.Place> place) {}

    private final Members members;
    private final Themes themes;
    private final Outlets outlets;
    private final Workshop workshop;
    private final Hands hands;

    LinkFileController(Members members, Themes themes, Outlets outlets, Workshop workshop, Hands hands) {
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
        this.workshop = workshop;
        this.hands = hands;
    }

    /** Which links stand in a file, and what becomes of each; the file's bytes are the request's body. */
    @PostMapping("/api/themes/{id}/replacement/file/report")
    LinkFileView report(@PathVariable UUID id, InputStream body) throws IOException {
        Links links = links(id);
        return workshop.receiving(() -> {
            byte[] text = body.readAllBytes();
            return hands.work(Hands.For.FILES, () -> links.report(text));
        });
    }

    /** The same file with each old link replaced, byte for byte the same elsewhere. */
    @PostMapping("/api/themes/{id}/replacement/file")
    ResponseEntity<byte[]> replaced(@PathVariable UUID id, InputStream body) throws IOException {
        Links links = links(id);
        return workshop.receiving(() -> {
            byte[] text = body.readAllBytes();
            return ResponseEntity.ok()
                    .cacheControl(CacheControl.noStore())
                    .contentType(MediaType.APPLICATION_OCTET_STREAM)
                    .body(hands.work(Hands.For.FILES, () -> links.replaced(text)));
        });
    }

    private Links links(UUID id) {
        Member member = members.current().requires(Role.OPERATOR);
        Themes.Draft copy = themes.get(member, id);
        return new Links(member, themes.get(member, copy.origin()), copy);
    }

    /** The links of a move. Each is looked up once, however often it stands in a file. */
    private final class Links {

        private final Member member;
        private final Themes.Draft from;
        private final Themes.Draft to;
        private final Successors successors;
        private final Map<String, Seen> known = new HashMap<>();

        Links(Member member, Themes.Draft from, Themes.Draft to) {
            this.member = member;
            this.from = from;
            this.to = to;
            this.successors = new Successors(themes, outlets, from, to);
        }

        byte[] replaced(byte[] text) {
            return LinksInText.replaced(text, LinksInText.find(text), place -> {
                Seen seen = seen(place.token());
                return seen.fate() == LinkFate.REPLACED ? seen.token() : null;
            });
        }

        LinkFileView report(byte[] text) {
            List<LinksInText.Place> places = LinksInText.find(text);
            int[] counts = new int[LinkFate.values().length];
            List<LinkLine> lines = new ArrayList<>();
            Set<Outlets.Place> found = new HashSet<>();
            for (LinksInText.Place place : places) {
                Seen seen = seen(place.token());
                counts[seen.fate().ordinal()]++;
                seen.place().ifPresent(found::add);
                if (lines.size() < MOST) {
                    lines.add(new LinkLine(place.line(), seen.fate(), seen.source()));
                }
            }
            return new LinkFileView(
                    counts[LinkFate.REPLACED.ordinal()],
                    counts[LinkFate.NEW.ordinal()],
                    counts[LinkFate.WITHOUT_COUNTERPART.ordinal()],
                    counts[LinkFate.OTHER_THEME.ordinal()],
                    counts[LinkFate.UNKNOWN.ordinal()],
                    lines,
                    missing(found));
        }

        private List<String> missing(Set<Outlets.Place> found) {
            Theme theme = themes.onAir(from).orElse(from.theme());
            return theme.scenes().stream()
                    .flatMap(scene -> theme.canvases().stream().flatMap(canvas -> {
                        ResolvedScene resolved = Quiet.scene(theme, scene, canvas);
                        return Taking.of(resolved).parts().stream()
                                .map(part -> new Outlets.Place(scene.id(), canvas.id(), part));
                    }))
                    .filter(place -> !found.contains(place)
                            && successors
                                    .of(place)
                                    .filter(next -> found.contains(next.place()))
                                    .isEmpty())
                    .map(place -> named(theme, place))
                    .toList();
        }

        private Seen seen(String token) {
            return known.computeIfAbsent(token, this::lookedUp);
        }

        private Seen lookedUp(String token) {
            return switch (outlets.open(token)) {
                case Outlets.Current current -> seen(current.outlet(), false);
                case Outlets.Old old -> seen(old.outlet(), true);
                case Outlets.Unknown _ -> new Seen(LinkFate.UNKNOWN, "", "", Optional.empty());
            };
        }

        private Seen seen(Outlet outlet, boolean former) {
            boolean here = outlet.theme().equals(to.id());
            if (here && !former) {
                return new Seen(LinkFate.NEW, named(to.theme(), outlet.place()), "", Optional.of(outlet.place()));
            }
            if (!here && !outlet.theme().equals(from.id())) {
                // What belongs to strangers is told to nobody.
                return themes.find(outlet.theme())
                        .filter(other -> other.workspace().equals(member.workspace()))
                        .map(other -> new Seen(
                                LinkFate.OTHER_THEME,
                                other.theme().name() + ": " + named(other.theme(), outlet.place()),
                                "",
                                Optional.empty()))
                        .orElse(new Seen(LinkFate.UNKNOWN, "", "", Optional.empty()));
            }
            String source = named(here ? to.theme() : from.theme(), outlet.place());
            Outlet next = successors.of(outlet).orElse(null);
            return next == null || next.withdrawn()
                    ? new Seen(LinkFate.WITHOUT_COUNTERPART, source, "", Optional.of(outlet.place()))
                    : new Seen(
                            LinkFate.REPLACED,
                            source + (former ? " (a former link)" : ""),
                            outlets.token(next),
                            Optional.of(outlet.place()));
        }

        private String named(Theme theme, Outlets.Place place) {
            String title = theme.scene(place.scene())
                    .flatMap(scene -> theme.canvas(place.canvas())
                            .map(canvas -> Taking.title(Quiet.scene(theme, scene, canvas), place.part())))
                    .orElse(place.part().toString());
            return Stream.of(
                            theme.scene(place.scene())
                                    .map(scene -> scene.name())
                                    .orElse(place.scene()),
                            theme.canvas(place.canvas())
                                    .map(canvas -> canvas.name())
                                    .orElse(place.canvas()),
                            title)
                    .reduce((a, b) -> a + ", " + b)
                    .orElseThrow();
        }
    }
}
