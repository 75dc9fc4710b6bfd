package brandeon.bench;

import brandeon.core.art.Families;
import brandeon.core.art.Family;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Samples;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.theme.Theme;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;

/** One picture of every family by every kind of piece in the demo's brand, over mid grey: to be looked at. */
final class ContactSheet {

    private static final int COLUMN = 239;
    private static final int GAP = 14;
    private static final int HEAD = 30;

    private ContactSheet() {}

    /** @param args file to write, and the kinds wanted; without any, all but pictures */
    static void main(String[] args) throws IOException {
        List<PieceKind> kinds = args.length > 1
                ? Arrays.stream(args).skip(1).map(PieceKind::valueOf).toList()
                : Arrays.stream(PieceKind.values())
                        .filter(kind -> kind != PieceKind.PICTURE)
                        .toList();
        List<List<BufferedImage>> rows = kinds.stream()
                .map(kind -> Families.all().stream()
                        .map(family -> sample(family, kind))
                        .toList())
                .toList();
        int height = HEAD
                + rows.stream()
                        .mapToInt(row -> GAP
                                + row.stream()
                                        .mapToInt(BufferedImage::getHeight)
                                        .max()
                                        .orElse(0))
                        .sum()
                + GAP;
        int width = GAP + Families.all().size() * (COLUMN + GAP);
        BufferedImage sheet = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = sheet.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setColor(new Color(0x8a8a86));
        graphics.fillRect(0, 0, width, height);
        graphics.setColor(Color.BLACK);
        graphics.setFont(brandeon.core.text.Face.ATKINSON.at(18));
        for (int i = 0; i < Families.all().size(); i++) {
            graphics.drawString(Families.all().get(i).title(), GAP + i * (COLUMN + GAP), 24);
        }
        int y = HEAD;
        for (List<BufferedImage> row : rows) {
            y += GAP;
            for (int i = 0; i < row.size(); i++) {
                graphics.drawImage(row.get(i), GAP + i * (COLUMN + GAP), y, null);
            }
            y += row.stream().mapToInt(BufferedImage::getHeight).max().orElse(0);
        }
        graphics.dispose();
        ImageIO.write(sheet, "png", new File(args[0]));
    }

    private static BufferedImage sample(Family family, PieceKind kind) {
        Theme theme = ReedlightHide.theme().withFamily(family.id());
        ResolvedScene resolved = Samples.of(theme, kind);
        Box part = Samples.shown(resolved);
        int wide = (int) Math.min(COLUMN, part.width());
        return Raster.paint(
                part,
                Size.of(wide, (int) Math.max(1, part.height() * wide / part.width())),
                Picture.marks(resolved, Part.WHOLE),
                0,
                Pictures.NONE);
    }
}
