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
        int type = image.getType();
        if (type != BufferedImage.TYPE_INT_ARGB && type != BufferedImage.TYPE_INT_ARGB_PRE) {
            return image.getRGB(0, 0, width, height, null, 0, width);
        }
        // Asked for as colours, each pixel would go through the colour model, which takes ten times as long.
        int[] pixels = (int[]) image.getRaster().getDataElements(0, 0, width, height, null);
        if (type == BufferedImage.TYPE_INT_ARGB_PRE) {
            for (int i = 0; i < pixels.length; i++) {
                pixels[i] = straight(pixels[i]);
            }
        }
        return pixels;
    }

    /** A pixel whose parts are multiplied by its opacity, without that. */
    private static int straight(int pixel) {
        int alpha = pixel >>> 24;
        if (alpha == 255) {
            return pixel;
        }
        return alpha == 0
                ? 0
                : alpha << 24
                        | straight(pixel >> 16 & 255, alpha) << 16
                        | straight(pixel >> 8 & 255, alpha) << 8
                        | straight(pixel & 255, alpha);
    }

    private static int straight(int part, int alpha) {
        return (2 * 255 * part + alpha) / (2 * alpha);
    }
}
