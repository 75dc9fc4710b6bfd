package brandeon.core.colour;

import java.awt.image.BufferedImage;

/** A picture's pixels as numbers. */
public final class Pixels {

    private Pixels() {
    }

    /** Row by row, opacity in the highest eight bits, then red, green, blue; not premultiplied. */
    public static int[] of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        // Asked for as colours, each pixel would go through the colour model, which takes ten times as long.
        return image.getType() == BufferedImage.TYPE_INT_ARGB ? (int[]) image.getRaster().getDataElements(0, 0, width, height, null) : image.getRGB(0, 0, width, height, null, 0, width);
    }
}
