package brandeon.core.art;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/**
 * Paints one layer over another with a blend mode: source-over of the blended colour as in Compositing and Blending
 * Level 1 (W3C), section 5.2. Where nothing is behind, the layer shows as it is.
 */
final class Blending {

    private static final int PARTS = 256;

    private Blending() {}

    /**
     * @param behind   changed; premultiplied, as {@link BufferedImage#TYPE_INT_ARGB_PRE}
     * @param over     of the same size and type
     * @param strength of the layer as a whole, 0 to 1
     */
    static void over(BufferedImage behind, BufferedImage over, Blend blend, double strength) {
        int[] below = ((DataBufferInt) behind.getRaster().getDataBuffer()).getData();
        int[] above = ((DataBufferInt) over.getRaster().getDataBuffer()).getData();
        int width = behind.getWidth();
        float[] table = table(blend);
        IntStream.range(0, behind.getHeight()).parallel().forEach(y -> {
            for (int i = y * width; i < (y + 1) * width; i++) {
                if (above[i] >>> 24 != 0) {
                    below[i] = mixed(below[i], above[i], table, (float) strength);
                }
            }
        });
    }

    /** The mode for every pair of eight-bit parts, the one behind first. */
    private static float[] table(Blend blend) {
        float[] table = new float[PARTS * PARTS];
        for (int behind = 0; behind < PARTS; behind++) {
            for (int over = 0; over < PARTS; over++) {
                table[behind * PARTS + over] = (float) blend.part(behind / 255.0, over / 255.0);
            }
        }
        return table;
    }

    private static int mixed(int below, int above, float[] table, float strength) {
        float alphaBelow = (below >>> 24) / 255f;
        float shownAbove = (above >>> 24) / 255f;
        float alphaAbove = shownAbove * strength;
        int result = Math.round((alphaAbove + alphaBelow * (1 - alphaAbove)) * 255) << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            float premultipliedBelow = (below >>> shift & 0xff) / 255f;
            float straightBelow = alphaBelow == 0 ? 0 : Math.min(1, premultipliedBelow / alphaBelow);
            float straightAbove = Math.min(1, (above >>> shift & 0xff) / 255f / shownAbove);
            float blended = table[Math.round(straightBelow * 255) * PARTS + Math.round(straightAbove * 255)];
            float part = premultipliedBelow * (1 - alphaAbove)
                    + alphaAbove * ((1 - alphaBelow) * straightAbove + alphaBelow * blended);
            result |= Math.min(result >>> 24, Math.round(part * 255)) << shift;
        }
        return result;
    }
}
