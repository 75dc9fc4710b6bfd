package brandeon.core.art;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;

/** Makes pictures smaller, or fit for files. */
public final class Scaling {

    private Scaling() {}

    /**
     * Scaled down in halves, then to size, which keeps thin lines.
     *
     * @param width wanted, in pixels; the height follows
     * @return not premultiplied, as PNG wants it
     */
    public static BufferedImage toWidth(BufferedImage image, int width) {
        BufferedImage current = image;
        while (current.getWidth() / 2 >= width) {
            current = scaled(
                    current,
                    current.getWidth() / 2,
                    Math.max(1, current.getHeight() / 2),
                    BufferedImage.TYPE_INT_ARGB_PRE);
        }
        int height = Math.max(1, Math.round((float) image.getHeight() * width / image.getWidth()));
        return scaled(current, width, height, BufferedImage.TYPE_INT_ARGB);
    }

    /** The same picture not premultiplied, as PNG wants it. */
    public static BufferedImage straight(BufferedImage image) {
        return scaled(image, image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
    }

    private static BufferedImage scaled(BufferedImage image, int width, int height, int type) {
        BufferedImage result = new BufferedImage(width, height, type);
        Graphics2D graphics = result.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, 0, 0, width, height, null);
        graphics.dispose();
        return result;
    }
}
