package brandeon.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class MovingPictureTest {

    /** A square that walks, a see-through part, and colours of every kind; each frame differs in a part only. */
    private static List<BufferedImage> drawn() {
        List<BufferedImage> frames = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            BufferedImage frame = new BufferedImage(60, 40, BufferedImage.TYPE_INT_ARGB);
            Graphics2D graphics = frame.createGraphics();
            graphics.setColor(new Color(20, 40, 90));
            graphics.fillRect(0, 0, 60, 20);
            graphics.setColor(new Color(230, 160, 60, 40 + 60 * i));
            graphics.fillRect(20 + 4 * i, 14, 12, 16);
            graphics.setColor(new Color(60, 160 - 20 * i, 110));
            graphics.fillRect(41, 25 - i, 7, 9);
            graphics.dispose();
            frames.add(frame);
        }
        return frames;
    }

    /** Frames as APNG's specification (version 1.0) has them put together, for parts that replace what was there. */
    private static List<int[]> read(byte[] apng) throws IOException {
        List<int[]> frames = new ArrayList<>();
        byte[] header = null;
        ByteBuffer control = null;
        int[] shown = null;
        int width = 0;
        ByteBuffer in = ByteBuffer.wrap(apng);
        for (int at = 8; at < apng.length; ) {
            int length = in.getInt(at);
            String type = new String(apng, at + 4, 4, StandardCharsets.US_ASCII);
            byte[] chunk = Arrays.copyOfRange(apng, at + 8, at + 8 + length);
            if (type.equals("IHDR")) {
                header = chunk;
                width = ByteBuffer.wrap(chunk).getInt();
                shown = new int[width * ByteBuffer.wrap(chunk).getInt(4)];
            } else if (type.equals("fcTL")) {
                control = ByteBuffer.wrap(chunk);
            } else if (type.equals("IDAT") || type.equals("fdAT")) {
                BufferedImage part = still(
                        header,
                        control.getInt(4),
                        control.getInt(8),
                        type.equals("IDAT") ? chunk : Arrays.copyOfRange(chunk, 4, chunk.length));
                assertThat(chunk.length).isPositive();
                for (int y = 0; y < part.getHeight(); y++) {
                    for (int x = 0; x < part.getWidth(); x++) {
                        shown[(control.getInt(16) + y) * width + control.getInt(12) + x] = part.getRGB(x, y);
                    }
                }
                frames.add(shown.clone());
            }
            at += 12 + length;
        }
        return frames;
    }

    private static BufferedImage still(byte[] header, int width, int height, byte[] data) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        PngChunk.write(
                out,
                "IHDR",
                ByteBuffer.wrap(header.clone()).putInt(width).putInt(height).array());
        PngChunk.write(out, "IDAT", data);
        PngChunk.write(out, "IEND", new byte[0]);
        return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
    }

    @Test
    void everyFrameIsWholeAgainAndStaysSoFromHandToHand() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<BufferedImage> drawn = drawn();
        try (Apng apng = new Apng(out, drawn.size(), 0)) {
            drawn.forEach(frame -> apng.frame(frame, 0, 0, 100));
        }
        byte[] once = MovingPicture.taken(out.toByteArray(), "png").content();
        List<int[]> frames = read(once);
        assertThat(frames).hasSize(drawn.size());
        for (int i = 0; i < frames.size(); i++) {
            int[] wanted = drawn.get(i).getRGB(0, 0, 60, 40, null, 0, 60);
            assertThat(frames.get(i)).as("frame " + i).isEqualTo(wanted);
        }
        assertThat(once.length).as("parts are written, not whole frames").isLessThan(out.size());
        assertThat(MovingPicture.taken(once, "png").content()).isEqualTo(once);
    }
}
