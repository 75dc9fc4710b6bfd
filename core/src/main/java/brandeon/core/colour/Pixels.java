package brandeon.core.colour;

import java.awt.image.BufferedImage;

/** A picture's pixels as numbers. */
public final class Pixels {

    private Pixels() {}

    /** The colour of one pixel, as if it were opaque. */
    public static Colour colour(int pixel) {
        return Colour.of((pixel >> 16 & 255) / 255.0, (pixel >> 8 & 255) / 255.0, (pixel & 255) / 255.0);
    }

    /** A colour as an opaque pixel, each part at the nearest step of eight bits. */
    public static int pixel(Colour colour) {
        return 255 << 24
                | (int) Math.round(colour.red() * 255) << 16
                | (int) Math.round(colour.green() * 255) << 8
                | (int) Math.round(colour.blue() * 255);
    }

    /** Row by row, opacity in the highest eight bits, then red, green, blue; not premultiplied. */
    public static int[] of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        // Asked for as colours, each pixel would go through the colour model, which takes ten times as long.
        return image.getType() == BufferedImage.TYPE_INT_ARGB
                ? (int[]) image.getRaster().getDataElements(0, 0, width, height, null)
                : image.getRGB(0, 0, width, height, null, 0, width);
    }
}
