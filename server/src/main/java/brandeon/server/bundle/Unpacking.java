package brandeon.server.bundle;

import brandeon.core.art.ContentName;
import brandeon.core.bundle.Contents;
import brandeon.core.bundle.Excerpt;
import brandeon.core.bundle.Extent;
import brandeon.core.bundle.Incoming;
import brandeon.core.bundle.PackedTable;
import brandeon.core.bundle.ThemePackage;
import brandeon.core.colour.Palette;
import brandeon.core.platform.Profiles;
import brandeon.core.preflight.Preflight;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Recolouring;
import brandeon.core.show.Cue;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.Show;
import brandeon.core.show.ViewerCue;
import brandeon.core.table.Table;
import brandeon.core.text.Face;
import brandeon.core.text.FontFile;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.Sound;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.file.Files;
import brandeon.server.layout.Preflights;
import brandeon.server.move.MoveList;
import brandeon.server.problem.Refused;
import brandeon.server.recolour.Artworks;
import brandeon.server.show.Actor;
import brandeon.server.show.RunningShows;
import brandeon.server.sound.SoundFiles;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import brandeon.server.work.Hands;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Looks at packages and takes them in; nothing of a refused one is kept. */
@Service
public class Unpacking {

    private static final Logger LOG = LoggerFactory.getLogger(Unpacking.class);

    /**
     * How somebody wants it.
     *
     * @param brand   id of the theme whose brand it gets; empty for its own
     * @param channel it is for; empty for the first of the workspace
     * @param words   whether its words become those of the channel's platform
     * @param instead the theme whose links it takes over; empty for none
     */
    record Wanted(Optional<UUID> brand, Optional<UUID> channel, boolean words, Optional<UUID> instead) {}

    /**
     * What became of its pictures and findings.
     *
     * @param pictures  that were recoloured
     * @param farthest  how far a main colour of one of them lies from the brand's, in CIEDE2000; 0 where none is
     * @param findings  that are broken or poor now
     * @param asItCame  how many these would be in its own brand
     */
    record Figures(int pictures, double farthest, int findings, int asItCame) {}

    record Taken(Themes.Draft draft, Figures figures) {}

    private final Themes themes;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final RunningShows shows;
    private final ShowTables tables;
    private final Artworks artworks;
    private final SoundFiles sounds;
    private final Files files;
    private final Preflights preflights;
    private final MoveList list;
    private final Hands hands;
    private final TransactionTemplate transactions;

    Unpacking(
            Themes themes,
            Channels channels,
            PlatformProfiles profiles,
            RunningShows shows,
            ShowTables tables,
            Artworks artworks,
            SoundFiles sounds,
            Files files,
            Preflights preflights,
            MoveList list,
            Hands hands,
            TransactionTemplate transactions) {
        this.themes = themes;
        this.channels = channels;
        this.profiles = profiles;
        this.shows = shows;
        this.tables = tables;
        this.artworks = artworks;
        this.sounds = sounds;
        this.files = files;
        this.preflights = preflights;
        this.list = list;
        this.hands = hands;
        this.transactions = transactions;
    }

    /** What it is to this workspace. */
    Incoming look(Member member, ThemePackage packed, Optional<UUID> channel) {
        return Incoming.of(packed, here(member, packed, channel(member, channel)));
    }

    /** The channel that it would be for; empty where the workspace has none yet. */
    Optional<Channels.Channel> channel(Member member, Optional<UUID> wanted) {
        return wanted.map(id -> channels.get(member, id))
                .or(() -> channels.all(member).stream().findFirst());
    }

    private Incoming.Here here(Member member, ThemePackage packed, Optional<Channels.Channel> channel) {
        Set<String> words = channel.map(one -> tables.all(member, one.show()).stream()
                        .map(standing -> standing.table().word())
                        .collect(Collectors.toSet()))
                .orElse(Set.of());
        Optional<Show> show = channel.flatMap(one -> shows.find(one.show())).map(RunningShows.Running::show);
        return new Incoming.Here(
                themes.all(member).stream().map(one -> one.theme().name()).collect(Collectors.toSet()),
                fonts(member, packed),
                words,
                show.map(one -> one.sequences().stream()
                                .map(sequence -> sequence.id())
                                .collect(Collectors.toSet()))
                        .orElse(Set.of()),
                show.map(one -> !one.viewers().presses().isEmpty()).orElse(false),
                profiles.all(member).stream()
                        .map(PlatformProfiles.Entry::profile)
                        .toList(),
                channel.map(Channels.Channel::platform)
                        .orElse(Profiles.shipped().getFirst()));
    }

    /** Of the fonts that are not in a package those that somebody brought in here before. */
    private Set<String> fonts(Member member, ThemePackage packed) {
        return packed.leftOut().stream()
                .map(font -> new Face(font.face()).hash())
                .filter(hash -> files.find(member.workspace(), hash)
                        .filter(kept -> kept.type().equals(Files.FONT))
                        .isPresent())
                .collect(Collectors.toSet());
    }

    /** Makes a theme of a whole one. */
    Taken theme(Member member, ThemePackage packed, Wanted wanted) {
        member.requires(Role.DESIGNER);
        if (packed.contents().extent() != Extent.THEME) {
            throw new Mistake("This package holds a "
                    + packed.contents().extent().title() + " alone: choose the theme that it is put into.");
        }
        Looked looked = new Looked(member, packed);
        Optional<Themes.Draft> mine = wanted.brand().map(id -> themes.get(member, id));
        wanted.instead().ifPresent(id -> themes.get(member, id));
        AtomicReference<Contents> starting = new AtomicReference<>();
        Themes.Draft draft = transactions.execute(_ -> {
            Channels.Channel channel = wanted.channel()
                    .map(id -> channels.get(member, id))
                    .orElseGet(() ->
                            channels.standard(member, packed.contents().theme().name()));
            Contents own = packed.contents().with(looked.keep());
            Contents contents = wanted.words() ? own.on(channel.platform()) : own;
            Theme theme = contents.theme();
            profiles(member, contents);
            tables(member, channel, contents);
            starting.set(contents);
            Theme dressed = mine.map(one -> theme.withBrand(one.theme().brand()).withFaces(faces(theme, one.theme())))
                    .orElse(theme);
            Themes.Draft made = themes.bringIn(member, channel.id(), dressed, wanted.instead());
            wanted.instead().ifPresent(id -> list.carry(id, made.id()));
            return made;
        });
        // Each of these waits for its turn, which nobody may do while a transaction is open.
        channels.find(draft.channel()).ifPresent(channel -> starting(member, channel, starting.get()));
        return new Taken(draft, figures(draft, packed.contents().theme()));
    }

    /** Those of the other theme, which its brand wears, and then its own. */
    private static List<OwnFace> faces(Theme theme, Theme other) {
        return Stream.concat(
                        other.faces().stream(),
                        theme.faces().stream()
                                .filter(own -> other.faces().stream()
                                        .noneMatch(one -> one.face().equals(own.face()))))
                .limit(Theme.MOST_FACES)
                .toList();
    }

    /**
     * A theme of one's own that comes back: its files are looked at as any upload is, and kept.
     *
     * @param keep is given what it became, within a transaction
     */
    public <T> T back(Member member, ThemePackage packed, Function<Theme, T> keep) {
        Looked looked = new Looked(member.requires(Role.DESIGNER), packed);
        return transactions.execute(_ -> keep.apply(looked.keep()));
    }

    /** Puts a part into a theme, as one step. */
    Themes.Draft into(Member member, UUID theme, ThemePackage packed) {
        member.requires(Role.DESIGNER);
        themes.get(member, theme);
        Looked looked = new Looked(member, packed);
        return transactions.execute(_ -> {
            Theme excerpt = looked.keep();
            themes.edit(
                    member,
                    theme,
                    before -> Excerpt.into(before, excerpt, packed.contents().extent()),
                    "");
            return themes.get(member, theme);
        });
    }

    /** What is in the files of a package; each is looked at as any upload is. */
    private final class Looked {
        private final Member member;
        private final ThemePackage packed;
        private final Theme theme;
        private final Map<String, Artworks.Brought> pictures = new HashMap<>();
        private final Map<String, SoundFiles.Brought> heard = new HashMap<>();

        Looked(Member member, ThemePackage packed) {
            this.member = member;
            this.packed = packed;
            this.theme = ThemePackage.withStandIns(
                    packed.contents().theme(),
                    Incoming.missing(packed, fonts(member, packed)).stream()
                            .map(ThemePackage.FontLeftOut::face)
                            .collect(Collectors.toSet()));
            for (Artwork artwork : theme.artworks()) {
                pictures.computeIfAbsent(
                        artwork.file(),
                        name -> read(
                                artwork.name(),
                                () -> artworks.brought(packed.files().get(name))));
            }
            for (OwnFace own : theme.faces()) {
                byte[] content = packed.files().get(own.face().hash());
                if (content == null) {
                    continue;
                }
                read(own.title(), () -> FontFile.read(content));
                if (!ContentName.full(content).equals(own.face().hash())) {
                    throw new Mistake(
                            "The font " + own.title() + " of this package is another one than its theme names.");
                }
            }
            for (Sound own : theme.sounds().own()) {
                heard.computeIfAbsent(
                        own.file(),
                        name -> read(
                                own.name(), () -> sounds.brought(packed.files().get(name))));
            }
        }

        /** Must be called within a transaction. */
        Theme keep() {
            for (OwnFace own : theme.faces()) {
                byte[] content = packed.files().get(own.face().hash());
                if (content != null) {
                    files.keep(member.workspace(), Files.FONT, content, Optional.empty());
                }
            }
            List<Artwork> kept = theme.artworks().stream()
                    .map(artwork -> artworks.keep(member, artwork, pictures.get(artwork.file())))
                    .toList();
            Sounds own = new Sounds(
                    theme.sounds().own().stream()
                            .map(sound -> sounds.keep(member, sound, heard.get(sound.file())))
                            .toList(),
                    theme.sounds().target());
            return theme.withArtworks(kept).withSounds(own);
        }
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

    /** Those that this workspace does not know; what it knows under the same id stays as it is. */
    private void profiles(Member member, Contents contents) {
        Set<String> known = profiles.all(member).stream()
                .map(entry -> entry.profile().id())
                .collect(Collectors.toCollection(HashSet::new));
        contents.profiles().stream()
                .filter(profile -> known.add(profile.id()))
                .forEach(profile -> profiles.put(member, Profiles.write(profile)));
    }

    private void tables(Member member, Channels.Channel channel, Contents contents) {
        Set<String> words = tables.all(member, channel.show()).stream()
                .map(one -> one.table().word())
                .collect(Collectors.toCollection(HashSet::new));
        for (PackedTable table : contents.tables()) {
            Table made = read(table.title(), table::table);
            if (words.add(made.word())) {
                tables.bringIn(member, channel.show(), made);
            }
        }
    }

    /** What is there already under the same id stays; what the show has no room for is left out. */
    private void starting(Member member, Channels.Channel channel, Contents contents) {
        for (Cue cue : contents.starting()) {
            Show show = shows.get(member, channel.show()).show();
            boolean there = switch (cue) {
                case SequenceCue.WriteSequence write ->
                    show.sequences().stream()
                            .anyMatch(one -> one.id().equals(write.sequence().id()));
                case ViewerCue.WritePresses _ -> !show.viewers().presses().isEmpty();
                default -> true;
            };
            if (!there) {
                try {
                    shows.cue(Actor.of(member), channel.show(), cue, "");
                } catch (Refused e) {
                    LOG.info("Something that a package prepares was left out: {}", e.getMessage());
                }
            }
        }
    }

    private Figures figures(Themes.Draft draft, Theme cameAs) {
        Theme theme = draft.theme();
        Palette palette = theme.brand().palette();
        double farthest = theme.artworks().stream()
                .flatMap(
                        artwork -> artwork
                                .recolouring()
                                .landings(
                                        artwork.clusters(),
                                        palette,
                                        artwork.recipe(palette).mapping())
                                .stream())
                .mapToDouble(Recolouring.Landing::difference)
                .max()
                .orElse(0);
        return hands.work(Hands.For.FINDINGS, () -> {
            int now = findings(draft, theme);
            boolean asItCame = theme.brand().equals(cameAs.brand());
            return new Figures(
                    theme.artworks().size(),
                    farthest,
                    now,
                    asItCame ? now : findings(draft, theme.withBrand(cameAs.brand())));
        });
    }

    private int findings(Themes.Draft draft, Theme theme) {
        Preflight.FindingCount count = preflights.of(draft, theme).count();
        return count.broken() + count.poor();
    }
}
