package brandeon.server.recolour;

import brandeon.core.art.Pictures;
import brandeon.core.art.Scaling;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Palette;
import brandeon.core.kept.Memory;
import brandeon.core.loose.Found;
import brandeon.core.loose.Traits;
import brandeon.core.opening.Cut;
import brandeon.core.opening.KeyRemoval;
import brandeon.core.publish.Picture;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Recipe;
import brandeon.core.recolour.Recolouring;
import brandeon.core.recolour.Repaint;
import brandeon.core.recolour.SvgPicture;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Edit;
import brandeon.core.theme.PictureEdit;
import brandeon.core.theme.Provenance;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.file.FileFacts;
import brandeon.server.file.Files;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import brandeon.server.theme.Vetting;
import brandeon.server.work.Hands;
import brandeon.server.work.Workshop;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Ready-made pictures of themes: taken in once, and painted in the brand whenever somebody looks. */
@Service
public class Artworks implements Vetting {

    private static final int HASH_DIGITS = 64;

    /** Bytes with their media type. */
    public record Rendered(String type, byte[] content) {}

    /** A picture of a workspace, by the name that themes give it and the size that is asked for. */
    private record Wish(UUID workspace, String name, int width, int height) {}

    private final Themes themes;
    private final Files files;
    private final PaintedAddresses addresses;
    private final Workshop workshop;
    private final Hands hands;
    private final FilmReading films;
    private final Cache<Wish, Rendered> rendered = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(6))
            .<Wish, Rendered>weigher((_, picture) -> picture.content().length)
            .build();
    private final Cache<Wish, BufferedImage> drawn = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(6))
            .<Wish, BufferedImage>weigher((_, image) -> image.getWidth() * image.getHeight() * 4)
            .build();

    Artworks(
            Themes themes, Files files, PaintedAddresses addresses, Workshop workshop, Hands hands, FilmReading films) {
        this.films = films;
        this.themes = themes;
        this.files = files;
        this.addresses = addresses;
        this.workshop = workshop;
        this.hands = hands;
    }

    /**
     * Takes a picture in, finds its main colours and proposes where they go.
     *
     * @param gesture pictures of one gesture are undone together
     */
    public Artwork add(Member member, UUID theme, String name, byte[] sent, String gesture) {
        member.requires(Role.DESIGNER);
        themes.get(member, theme);
        PictureFile file = taken(sent);
        FileFacts facts = worked((long) file.width() * file.height(), file::facts);
        String id = "art-" + UUID.randomUUID().toString().substring(0, 8);
        // Kept in the transaction of the edit, so that nothing of a refused one stays.
        Themes.Changed changed = themes.edit(
                member,
                theme,
                before -> {
                    String kept = files.keep(member.workspace(), file.type(), file.content(), Optional.of(facts));
                    return new PictureEdit.AddArtwork(
                            before.artworks().size(),
                            artwork(
                                    id,
                                    name.strip(),
                                    kept,
                                    file.type(),
                                    facts,
                                    Optional.empty(),
                                    proposed(facts),
                                    Provenance.UNKNOWN));
                },
                gesture);
        return changed.after().theme().artwork(id).orElseThrow();
    }

    /** A picture of a theme that was made elsewhere, looked at but not kept yet. */
    public static final class Brought {
        private final PictureFile file;
        private final FileFacts facts;

        private Brought(PictureFile file, FileFacts facts) {
            this.file = file;
            this.facts = facts;
        }
    }

    /** @throws Mistake when it is no picture, damaged or too large */
    public Brought brought(byte[] sent) {
        PictureFile file = taken(sent);
        return new Brought(file, worked((long) file.width() * file.height(), file::facts));
    }

    /**
     * Keeps a picture of a pack and says all that was found in it.
     *
     * @throws Mistake when it is no picture, damaged or too large
     */
    public Found.Picture found(Member member, byte[] sent) {
        return found(member, taken(sent));
    }

    /**
     * The same for a film, which becomes a moving picture.
     *
     * @throws Mistake when it cannot be read, or is too long
     */
    public Found.Picture found(Member member, Path film) {
        return found(member, hands.work(Hands.For.FILES, () -> films.read(film)));
    }

    private Found.Picture found(Member member, PictureFile file) {
        long pixels = (long) file.width() * file.height();
        FileFacts facts = worked(pixels, file::facts);
        Traits traits = worked(pixels, file::traits);
        return new Found.Picture(
                files.keep(member.workspace(), file.type(), file.content(), Optional.of(facts)),
                file.type(),
                facts.width(),
                facts.height(),
                facts.moving(),
                facts.clusters(),
                facts.openings(),
                traits);
    }

    /** Keeps such a picture; the artwork then is of what was found in it, whatever its theme says. */
    public Artwork keep(Member member, Artwork a, Brought picture) {
        return artwork(
                a.id(),
                a.name(),
                files.keep(member.workspace(), picture.file.type(), picture.file.content(), Optional.of(picture.facts)),
                picture.file.type(),
                picture.facts,
                a.drawn(),
                a.recolouring(),
                a.provenance());
    }

    /**
     * A picture's content to be taken in elsewhere without a change of its pixels: photographs travel as PNG, unless
     * that became too large.
     */
    public byte[] content(UUID workspace, String file) {
        Files.Kept kept = files.find(workspace, file)
                .filter(one -> one.facts().isPresent())
                .orElseThrow(Artworks::missing);
        if (!kept.type().equals(PictureFile.JPEG)) {
            return kept.content();
        }
        FileFacts facts = kept.facts().orElseThrow();
        byte[] png = worked(
                (long) facts.width() * facts.height(),
                () -> PictureFile.png(PictureFile.kept(kept).image()));
        return png.length <= PictureFile.MOST_BYTES ? png : kept.content();
    }

    private PictureFile taken(byte[] sent) {
        return worked(PictureFile.pixels(sent), () -> PictureFile.taken(sent));
    }

    private static Artwork artwork(
            String id,
            String name,
            String file,
            String type,
            FileFacts facts,
            Optional<List<Cut>> drawn,
            Recolouring recolouring,
            Provenance provenance) {
        return new Artwork(
                id,
                name,
                file,
                type,
                facts.width(),
                facts.height(),
                facts.moving(),
                facts.clusters(),
                facts.openings(),
                drawn,
                recolouring,
                provenance);
    }

    /**
     * An edit as it comes from outside, with everything that it says of files taken from their own rows.
     *
     * @throws Refused when it names a file that this workspace has not taken in
     */
    @Override
    public Edit vetted(Member member, Edit edit) {
        return switch (edit) {
            case PictureEdit.AddArtwork(int index, Artwork artwork) ->
                new PictureEdit.AddArtwork(index, vetted(member, artwork));
            case PictureEdit.ReplaceArtwork(Artwork artwork) -> new PictureEdit.ReplaceArtwork(vetted(member, artwork));
            case PictureEdit.AddFace(int _, var own)
            when files.about(member.workspace(), own.face().hash())
                    .filter(kept -> kept.type().equals(Files.FONT))
                    .isEmpty() -> throw new Refused("This font is not kept in this workspace; add its file.");
            default -> edit;
        };
    }

    private Artwork vetted(Member member, Artwork a) {
        Files.Kept file = files.about(member.workspace(), a.file())
                .filter(kept -> kept.facts().isPresent())
                .orElseThrow(() ->
                        new Refused("The file of this picture is not kept in this workspace; add the picture itself."));
        return artwork(
                a.id(),
                a.name(),
                a.file(),
                file.type(),
                file.facts().orElseThrow(),
                a.drawn(),
                a.recolouring(),
                a.provenance());
    }

    private static Recolouring proposed(FileFacts facts) {
        return Recolouring.proposed(
                facts.clusters(), facts.moving(), facts.openings().key());
    }

    /**
     * Takes the keying colour out of a picture and puts the result in its place; its colours are proposed anew.
     *
     * @throws Refused when it has none, or is a vector or moving picture
     */
    public Artwork withoutKey(Member member, UUID theme, Artwork artwork) {
        member.requires(Role.DESIGNER);
        Colour key = artwork.openings()
                .key()
                .orElseThrow(() -> new Refused("This picture has no opening that is filled with a keying colour."));
        if (artwork.vector() || artwork.moving()) {
            throw new Refused(
                    "A keying colour can be removed from a still picture of pixels only; take the filled shape out where this picture was made.");
        }
        long pixels = (long) artwork.width() * artwork.height();
        PictureFile file = worked(
                pixels,
                () -> PictureFile.painted(
                        KeyRemoval.of(PictureFile.kept(file(member, artwork)).image(), key)));
        FileFacts facts = worked(pixels, file::facts);
        Themes.Changed changed = themes.edit(
                member,
                theme,
                before -> {
                    String kept = files.keep(member.workspace(), file.type(), file.content(), Optional.of(facts));
                    return new PictureEdit.ReplaceArtwork(artwork(
                            artwork.id(),
                            artwork.name(),
                            kept,
                            file.type(),
                            facts,
                            artwork.drawn(),
                            proposed(facts),
                            artwork.provenance()));
                },
                "");
        return changed.after().theme().artwork(artwork.id()).orElseThrow();
    }

    /** The main colours of a picture that is not kept, such as a logo. */
    public List<Cluster> mainColours(byte[] content) {
        PictureFile file = taken(content);
        return worked((long) file.width() * file.height(), file::clusters);
    }

    /** Whether bytes begin as a film does. */
    public static boolean film(byte[] begin) {
        return FilmReading.demuxer(begin).isPresent();
    }

    /** Whether a file is anything but text; vector pictures and palettes are text. */
    public static boolean pixels(byte[] content) {
        for (int i = 0; i < Math.min(content.length, 512); i++) {
            if (content[i] == 0) {
                return true;
            }
        }
        return false;
    }

    /** @param width in pixels; 0 for the picture's own. Vector and moving pictures come as they are kept. */
    public Rendered before(Member member, Artwork artwork, int width) {
        boolean whole = artwork.vector() || artwork.moving() || width >= artwork.width();
        return before(member, artwork.file(), whole ? 0 : width, (long) artwork.width() * artwork.height());
    }

    /** A picture of a pack, that no theme has yet. */
    public Rendered before(Member member, Found.Picture picture, int width) {
        boolean whole = picture.type().equals(PictureFile.SVG) || picture.moving() || width >= picture.width();
        return before(member, picture.file(), whole ? 0 : width, (long) picture.width() * picture.height());
    }

    private Rendered before(Member member, String name, int width, long pixels) {
        if (width == 0) {
            Files.Kept file = file(member, name);
            return new Rendered(file.type(), file.content());
        }
        return rendered(
                new Wish(member.workspace(), name, width, 0),
                _ -> workshop.on(
                        pixels,
                        () -> png(Scaling.toWidth(
                                PictureFile.kept(file(member, name)).image(), width))));
    }

    /** The picture in the brand's colours. Moving pictures come unchanged; their filter is applied as they play. */
    public Rendered after(Member member, Artwork artwork, Palette palette, int width) {
        return painted(member.workspace(), artwork.painted(palette), width).orElseThrow(Artworks::missing);
    }

    /**
     * A recoloured picture by the name that themes give it.
     *
     * @param width in pixels; 0 for the picture's own
     * @return empty when there is no such file in this workspace, or the name is none
     */
    public Optional<Rendered> painted(UUID workspace, String name, int width) {
        // Many sources ask for a new picture at the same moment; it is painted once, and they wait for it.
        return Optional.ofNullable(rendered(
                new Wish(workspace, name, width, 0),
                wish -> wanted(wish)
                        .map(wanted -> workshop.on(wanted.pixels(), () -> painted(wanted, width)))
                        .orElse(null)));
    }

    /** What is kept is there at once; what must be made waits for a hand before it is asked for, not while it is. */
    private Rendered rendered(Wish wish, Function<Wish, Rendered> made) {
        Rendered kept = rendered.getIfPresent(wish);
        return kept != null ? kept : hands.work(Hands.For.STAGE, () -> rendered.get(wish, made));
    }

    private <T> T worked(long pixels, Workshop.Work<T, RuntimeException> work) {
        return hands.work(Hands.For.FILES, () -> workshop.on(pixels, work));
    }

    private static Rendered painted(Wanted wanted, int width) {
        PictureFile file = PictureFile.kept(wanted.file());
        if (file.moving()) {
            return new Rendered(file.type(), file.content());
        }
        if (file.vector()) {
            return new Rendered(
                    PictureFile.SVG,
                    SvgPicture.read(file.content())
                            .recoloured(wanted.recipe().mapping())
                            .getBytes(StandardCharsets.UTF_8));
        }
        BufferedImage image = Repaint.of(file.image(), wanted.recipe().mapping());
        return png(width == 0 || width >= image.getWidth() ? image : Scaling.toWidth(image, width));
    }

    /**
     * The pictures of a workspace, for what is painted here: a moving one shows its first frame in the brand's
     * colours.
     */
    public Pictures of(UUID workspace) {
        return (name, width, height) -> Optional.ofNullable(drawn.get(
                new Wish(workspace, name, width, height),
                wish -> wanted(wish)
                        .map(wanted -> workshop.on(wanted.pixels(), () -> drawn(wanted, width, height)))
                        .orElse(null)));
    }

    /**
     * A picture as painters get it: every ready-made picture in it at an address that only this server can have given.
     */
    public Picture signed(UUID workspace, Picture picture) {
        return addresses.signed(workspace, picture);
    }

    private static BufferedImage drawn(Wanted wanted, int width, int height) {
        PictureFile file = PictureFile.kept(wanted.file());
        return file.vector()
                ? SvgPicture.read(painted(wanted, 0).content()).drawn(width, height)
                : Repaint.of(file.image(), wanted.recipe().mapping());
    }

    private record Wanted(Files.Kept file, Recipe recipe) {
        long pixels() {
            return file.facts()
                    .map(facts -> (long) facts.width() * facts.height())
                    .orElse(0L);
        }
    }

    private Optional<Wanted> wanted(Wish wish) {
        return wish.name().length() <= HASH_DIGITS
                ? Optional.empty()
                : Recipe.named(wish.name().substring(HASH_DIGITS + 1))
                        .flatMap(recipe -> files.find(
                                        wish.workspace(), wish.name().substring(0, HASH_DIGITS))
                                .filter(file -> file.facts().isPresent())
                                .map(file -> new Wanted(file, recipe)));
    }

    private Files.Kept file(Member member, Artwork artwork) {
        return file(member, artwork.file());
    }

    private Files.Kept file(Member member, String name) {
        return files.find(member.workspace(), name)
                .filter(file -> file.facts().isPresent())
                .orElseThrow(Artworks::missing);
    }

    private static NotFound missing() {
        return new NotFound("The file of this picture is not kept in this workspace.");
    }

    private static Rendered png(BufferedImage image) {
        return new Rendered(PictureFile.PNG, PictureFile.png(image));
    }
}
