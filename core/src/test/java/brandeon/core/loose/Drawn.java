package brandeon.core.loose;

import brandeon.core.opening.Openings;
import brandeon.core.recolour.Clusters;
import brandeon.core.sound.Loudness;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.function.Consumer;

/** Files of a pack, drawn for a test. */
final class Drawn {

    private Drawn() {}

    static BufferedImage image(int width, int height, Consumer<Graphics2D> paint) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        paint.accept(g);
        g.dispose();
        return image;
    }

    static LooseFile picture(int number, String path, BufferedImage image) {
        return new LooseFile(
                number,
                path,
                1000,
                new Found.Picture(
                        hash("picture " + number),
                        "image/png",
                        image.getWidth(),
                        image.getHeight(),
                        false,
                        Clusters.of(image),
                        Openings.in(image),
                        Traits.of(image, Optional.empty())));
    }

    static LooseFile sound(int number, String path, int millis) {
        return new LooseFile(
                number, path, 1000, new Found.Heard(hash("sound " + number), millis, new Loudness(-18, -3)));
    }

    static LooseFile font(int number, String title) {
        return new LooseFile(
                number, "fonts/" + number + ".ttf", 1000, new Found.Typeface(hash("font " + number), title));
    }

    static LooseFile text(int number, String path, String says) {
        return new LooseFile(number, path, 1000, Statement.of(says));
    }

    private static String hash(String of) {
        return brandeon.core.art.ContentName.full(of.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    static BufferedImage frame(int width, int height, int border, Color colour) {
        return image(width, height, g -> {
            g.setColor(colour);
            g.fillRect(0, 0, width, height);
            g.setComposite(AlphaComposite.Clear);
            g.fillRect(border, border, width - 2 * border, height - 2 * border);
        });
    }

    /** A plate with a line of writing at a place. */
    static BufferedImage plate(Color colour, int line, int length) {
        return image(480, 320, g -> {
            g.setColor(colour);
            g.fillRoundRect(0, 0, 480, 320, 30, 30);
            g.setColor(new Color(0, 0, 0, 80));
            g.fillRect(0, 0, 480, 60);
            g.setColor(new Color(0, 0, 0, 150));
            g.fillRect(60, line, length, 24);
        });
    }
}
