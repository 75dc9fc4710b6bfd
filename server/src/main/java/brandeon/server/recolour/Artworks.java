package brandeon.server.recolour;

import brandeon.core.art.ContentName;
import brandeon.core.art.Scaling;
import brandeon.core.colour.Palette;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.FilterChain;
import brandeon.core.recolour.Mapping;
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
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;

/** Ready-made pictures of themes: taken in once, and painted in the brand whenever somebody looks. */
@Service
public class Artworks {

    private static final int KEPT_BYTES = 96 << 20;

    /** Bytes with their media type. */
    public record Rendered(String type, byte[] content) {
    }

    private final Themes themes;
    private final Files files;
    private final Cache<String, Rendered> rendered = Caffeine.newBuilder().maximumWeight(KEPT_BYTES).<String, Rendered>weigher((_, picture) -> picture.content().length).build();

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
                clusters, Recolouring.proposed(clusters, file.moving()), Provenance.UNKNOWN);
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

    /** The CSS filter that colours a moving picture as it plays; empty for other methods. */
    public String filter(Artwork artwork, Palette palette) {
        return artwork.recolouring().method() != Recolouring.Method.FILTER ? "" : artwork.recolouring().filter(artwork.clusters(), palette).map(FilterChain::css).orElse("");
    }

    /** A name for what {@link #after} gives, which changes with it. */
    public String state(Artwork artwork, Palette palette) {
        StringBuilder text = new StringBuilder(artwork.file()).append(artwork.recolouring().method());
        artwork.recolouring().roles().forEach((cluster, role) -> text.append(cluster).append(palette.colour(role).hex()));
        text.append(artwork.recolouring().kept());
        return ContentName.full(text.toString()).substring(0, 24);
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
        if (artwork.moving()) {
            return before(member, artwork, 0);
        }
        return rendered.get(member.workspace() + state(artwork, palette) + "@" + width, _ -> {
            Mapping mapping = artwork.recolouring().mapping(artwork.clusters(), palette);
            byte[] content = content(member, artwork);
            if (artwork.vector()) {
                return new Rendered(PictureFile.SVG, SvgPicture.read(content).recoloured(mapping).getBytes(StandardCharsets.UTF_8));
            }
            BufferedImage image = Repaint.of(PictureFile.read(content).image(), mapping);
            return png(width == 0 || width >= image.getWidth() ? image : Scaling.toWidth(image, width));
        });
    }

    private byte[] content(Member member, Artwork artwork) {
        return files.find(member.workspace(), artwork.file()).orElseThrow(() -> new NotFound("The file of this picture is not kept in this workspace."));
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
