package brandeon.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.awt.image.WritableRaster;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PixelsTest {

    /** Java 2D's own colour models, which are slow, are the reference. */
    @ParameterizedTest
    @ValueSource(
            ints = {
                BufferedImage.TYPE_INT_ARGB,
                BufferedImage.TYPE_INT_ARGB_PRE,
                BufferedImage.TYPE_INT_RGB,
                BufferedImage.TYPE_3BYTE_BGR,
                BufferedImage.TYPE_4BYTE_ABGR_PRE
            })
    void everyOpacityAndPartIsWhatTheColourModelSays(int type) {
        BufferedImage image = new BufferedImage(256, 256, type);
        WritableRaster raster = image.getRaster();
        for (int alpha = 0; alpha < 256; alpha++) {
            for (int part = 0; part < 256; part++) {
                // A part is never more than the opacity that it is multiplied by.
                int most = image.isAlphaPremultiplied() ? Math.min(part, alpha) : part;
                int[] bands = {most, most / 2, most / 3, alpha};
                raster.setPixel(part, alpha, java.util.Arrays.copyOf(bands, raster.getNumBands()));
            }
        }
        int[] wanted = new int[256 * 256];
        for (int i = 0; i < wanted.length; i++) {
            wanted[i] = image.getColorModel().getRGB(raster.getDataElements(i % 256, i / 256, null));
        }
        assertThat(Pixels.of(image)).isEqualTo(wanted);
    }
}
