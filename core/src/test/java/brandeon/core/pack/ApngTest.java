package brandeon.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/**
 * The structure that PNG, third edition (W3C), asks of an animated picture; a decoder of others reads it in ClipTest.
 */
class ApngTest {

    @Test
    void chunksComeInTheOrderOfTheStandardAndTheirSumsHold() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Apng apng = new Apng(bytes, 3, 30, 1)) {
            for (int i = 0; i < 3; i++) {
                BufferedImage frame = new BufferedImage(20, 10, BufferedImage.TYPE_INT_ARGB);
                frame.setRGB(i, 0, 0xff4f8f5b);
                apng.frame(frame);
            }
        }
        List<String> types = new ArrayList<>();
        List<Integer> sequence = new ArrayList<>();
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes.toByteArray()));
        assertThat(in.readLong()).as("signature").isEqualTo(0x89504e470d0a1a0aL);
        while (in.available() > 0) {
            byte[] content = new byte[in.readInt()];
            byte[] type = in.readNBytes(4);
            in.readFully(content);
            CRC32 sum = new CRC32();
            sum.update(type);
            sum.update(content);
            assertThat(in.readInt()).isEqualTo((int) sum.getValue());
            types.add(new String(type, StandardCharsets.US_ASCII));
            if (types.getLast().equals("fcTL") || types.getLast().equals("fdAT")) {
                sequence.add(new DataInputStream(new ByteArrayInputStream(content)).readInt());
            }
        }
        assertThat(types).containsExactly("IHDR", "acTL", "fcTL", "IDAT", "fcTL", "fdAT", "fcTL", "fdAT", "IEND");
        assertThat(sequence).containsExactly(0, 1, 2, 3, 4);
        assertThat(ImageIO.read(new ByteArrayInputStream(bytes.toByteArray())).getRGB(0, 0))
                .as("a still reader shows the first frame")
                .isEqualTo(0xff4f8f5b);
    }
}
