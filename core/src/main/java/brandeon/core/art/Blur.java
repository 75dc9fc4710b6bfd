package brandeon.core.art;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.DataBufferInt;
import java.awt.image.Kernel;
import java.util.Map;

/**
 * Gaussian blur of a premultiplied picture, across and then down: Filter Effects 1 (W3C), feGaussianBlur. See-through
 * beyond its edges.
 */
final class Blur {

    /** Beyond three deviations a Gaussian adds less than one step of eight bits. */
    private static final double REACH = 3;

    private static final double LEAST = 0.1;

    private Blur() {}

    /** @param deviation in pixels of the picture */
    static BufferedImage of(BufferedImage image, double deviation) {
        if (deviation < LEAST) {
            return image;
        }
        int reach = (int) Math.ceil(deviation * REACH);
        Rectangle seen = seen(image);
        BufferedImage result = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        if (seen.isEmpty()) {
            return result;
        }
        // Only what is painted, with a margin on every side twice as wide: the operation leaves the edges undone.
        BufferedImage wide =
                new BufferedImage(seen.width + 4 * reach, seen.height + 4 * reach, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = wide.createGraphics();
        graphics.drawImage(image, 2 * reach - seen.x, 2 * reach - seen.y, null);
        graphics.dispose();
        float[] weights = weights(deviation, reach);
        RenderingHints none = new RenderingHints(Map.of());
        BufferedImage across = new ConvolveOp(new Kernel(weights.length, 1, weights), ConvolveOp.EDGE_ZERO_FILL, none)
                .filter(wide, null);
        BufferedImage down = new ConvolveOp(new Kernel(1, weights.length, weights), ConvolveOp.EDGE_ZERO_FILL, none)
                .filter(across, null);
        Graphics2D back = result.createGraphics();
        back.drawImage(down, seen.x - 2 * reach, seen.y - 2 * reach, null);
        back.dispose();
        return result;
    }

    /** The smallest rectangle that holds every pixel that is not see-through. */
    private static Rectangle seen(BufferedImage image) {
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        int left = width;
        int right = -1;
        int top = -1;
        int bottom = -1;
        for (int y = 0; y < image.getHeight(); y++) {
            int first = 0;
            while (first < width && pixels[y * width + first] >>> 24 == 0) {
                first++;
            }
            if (first == width) {
                continue;
            }
            int last = width - 1;
            while (pixels[y * width + last] >>> 24 == 0) {
                last--;
            }
            left = Math.min(left, first);
            right = Math.max(right, last);
            top = top < 0 ? y : top;
            bottom = y;
        }
        return right < 0 ? new Rectangle() : new Rectangle(left, top, right - left + 1, bottom - top + 1);
    }

    private static float[] weights(double deviation, int reach) {
        float[] weights = new float[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = (float) Math.exp(-i * i / (2 * deviation * deviation));
            sum += weights[i + reach];
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) (weights[i] / sum);
        }
        return weights;
    }
}
