package brandeon.server.recolour;

import brandeon.core.art.Pictures;
import brandeon.core.art.Scaling;
import brandeon.core.colour.Palette;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Recipe;
import brandeon.core.recolour.Recolouring;
import brandeon.core.recolour.Repaint;
import brandeon.core.recolour.SvgPicture;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.file.Files;
import brandeon.server.problem.NotFound;
import brandeon.server.theme.Themes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;

/** Ready-made pictures of themes: taken in once, and painted in the brand whenever somebody looks. */
@Service
public class Artworks implements Pictures {

    private static final int KEPT_BYTES = 96 << 20;
    private static final int HASH_DIGITS = 64;

    /** Bytes with their media type. */
    public record Rendered(String type, byte[] content) {
    }

    private final Themes themes;
    private final Files files;
    private final Cache<String, Rendered> rendered = Caffeine.newBuilder().maximumWeight(KEPT_BYTES).<String, Rendered>weigher((_, picture) -> picture.content().length).build();

    private final Cache<String, BufferedImage> drawn = Caffeine.newBuilder().maximumWeight(KEPT_BYTES).<String, BufferedImage>weigher((_, image) -> image.getWidth() * image.getHeight() * 4).build();

    Artworks(Themes themes, Files files) {
        this.themes = themes;
        this.files = files;
    }

    /**
     * Takes a picture in, finds its main colours and proposes where they go.
     *
     * @param gesture pictures of one gesture are undone together
     */
    public Artwork add(Member member, UUID theme, String name, byte[] content, String gesture) {
        member.requires(Role.DESIGNER);
        Theme before = themes.get(member, theme).theme();
        PictureFile file = PictureFile.read(content);
        List<Cluster> clusters = file.clusters();
        String kept = files.keep(member.workspace(), file.type(), file.content());
        Artwork artwork = new Artwork("art-" + UUID.randomUUID().toString().substring(0, 8), name.strip(), kept, file.type(), file.width(), file.height(), file.moving(),
                clusters, file.openings(), Recolouring.proposed(clusters, file.moving()), Provenance.UNKNOWN);
        themes.edit(member, theme, new Edit.AddArtwork(before.artworks().size(), artwork), gesture);
        return artwork;
    }

    /** The main colours of a picture that is not kept, such as a logo. */
    public List<Cluster> mainColours(byte[] content) {
        return PictureFile.read(content).clusters();
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

    /** @param width in pixels; 0 for the picture's own. Vector and moving pictures come as they are. */
    public Rendered before(Member member, Artwork artwork, int width) {
        if (artwork.vector() || artwork.moving() || width == 0 || width >= artwork.width()) {
            return new Rendered(artwork.type(), content(member, artwork));
        }
        return rendered.get(member.workspace() + artwork.file() + "@" + width, _ -> png(Scaling.toWidth(PictureFile.read(content(member, artwork)).image(), width)));
    }

    /** The picture in the brand's colours. Moving pictures come unchanged; their filter is applied as they play. */
    public Rendered after(Member member, Artwork artwork, Palette palette, int width) {
        if (!files.keeps(member.workspace(), artwork.file())) {
            throw missing();
        }
        return painted(artwork.painted(palette), width).orElseThrow(Artworks::missing);
    }

    /**
     * A recoloured picture by the name that themes give it. Whoever knows the hash of a file was shown it, so nobody
     * else is asked; see {@link Artwork#painted}.
     *
     * @param width in pixels; 0 for the picture's own
     * @return empty when there is no such file, or the name is none
     */
    public Optional<Rendered> painted(String name, int width) {
        // Many sources ask for a new picture at the same moment; it is painted once.
        return Optional.ofNullable(rendered.get(name + "@" + width, _ -> wanted(name).map(wanted -> painted(wanted, width)).orElse(null)));
    }

    private static Rendered painted(Wanted wanted, int width) {
        if (wanted.file().moving()) {
            return new Rendered(wanted.file().type(), wanted.file().content());
        }
        if (wanted.file().vector()) {
            return new Rendered(PictureFile.SVG, SvgPicture.read(wanted.file().content()).recoloured(wanted.recipe().mapping()).getBytes(StandardCharsets.UTF_8));
        }
        BufferedImage image = Repaint.of(wanted.file().image(), wanted.recipe().mapping());
        return png(width == 0 || width >= image.getWidth() ? image : Scaling.toWidth(image, width));
    }

    /** For pictures that are made here: a moving one shows its first frame in the brand's colours. */
    @Override
    public Optional<BufferedImage> picture(String name, int width, int height) {
        return Optional.ofNullable(drawn.get(name + "@" + width + "x" + height, _ -> wanted(name).map(wanted -> drawn(wanted, width, height)).orElse(null)));
    }

    private static BufferedImage drawn(Wanted wanted, int width, int height) {
        return wanted.file().vector() ? SvgPicture.read(painted(wanted, 0).content()).drawn(width, height) : Repaint.of(wanted.file().image(), wanted.recipe().mapping());
    }

    private record Wanted(PictureFile file, Recipe recipe) {
    }

    private Optional<Wanted> wanted(String name) {
        return name.length() <= HASH_DIGITS ? Optional.empty()
                : Recipe.named(name.substring(HASH_DIGITS + 1)).flatMap(recipe -> files.find(name.substring(0, HASH_DIGITS)).map(content -> new Wanted(PictureFile.read(content), recipe)));
    }

    private byte[] content(Member member, Artwork artwork) {
        return files.find(member.workspace(), artwork.file()).orElseThrow(Artworks::missing);
    }

    private static NotFound missing() {
        return new NotFound("The file of this picture is not kept in this workspace.");
    }

    private static Rendered png(BufferedImage image) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Rendered("image/png", bytes.toByteArray());
    }
}
