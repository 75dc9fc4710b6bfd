package brandeon.server.recolour;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CameraTurnTest {

    private static final int WIDTH = 64;
    private static final int HEIGHT = 32;

    /** Where the stored row 0 and column 0 are seen: CIPA DC-008 (Exif), table of tag 0x0112, from memory. */
    @ParameterizedTest
    @CsvSource({
        "1, top, left",
        "2, top, right",
        "3, bottom, right",
        "4, bottom, left",
        "5, left, top",
        "6, right, top",
        "7, right, bottom",
        "8, left, bottom"
    })
    void aPhotographStandsUpright(int orientation, String row, String column) throws IOException {
        PictureFile taken = PictureFile.taken(photograph(orientation));
        BufferedImage seen = PictureFile.taken(taken.content()).image();
        boolean across = orientation > 4;
        assertThat(new int[] {taken.width(), taken.height()})
                .containsExactly(across ? HEIGHT : WIDTH, across ? WIDTH : HEIGHT);
        assertThat(new int[] {seen.getWidth(), seen.getHeight()})
                .as("what is kept is not turned again")
                .containsExactly(taken.width(), taken.height());
        assertThat(side(seen, row)).as("row 0").isGreaterThan(0.75);
        assertThat(side(seen, column)).as("column 0").isGreaterThan(0.45);
        assertThat(Arrays.stream(new String[] {"top", "bottom", "left", "right"})
                        .filter(other -> !other.equals(row) && !other.equals(column))
                        .mapToDouble(other -> side(seen, other))
                        .max()
                        .orElseThrow())
                .as("the other sides are nearly free")
                .isLessThan(0.4);
    }

    @Test
    void whatSaysNothingStaysAsItIs() throws IOException {
        for (int orientation : new int[] {0, 9, 65_000}) {
            assertThat(PictureFile.taken(photograph(orientation)).width()).isEqualTo(WIDTH);
        }
        byte[] broken = photograph(6);
        Arrays.fill(broken, 12, 26, (byte) 0x7f);
        assertThat(PictureFile.taken(broken).width())
                .as("damaged remarks spoil no picture")
                .isEqualTo(WIDTH);
    }

    /** How much of one side is dark. */
    private static double side(BufferedImage image, String side) {
        int length = side.equals("top") || side.equals("bottom") ? image.getWidth() : image.getHeight();
        int dark = 0;
        for (int i = 0; i < length; i++) {
            int rgb = switch (side) {
                case "top" -> image.getRGB(i, 0);
                case "bottom" -> image.getRGB(i, image.getHeight() - 1);
                case "left" -> image.getRGB(0, i);
                default -> image.getRGB(image.getWidth() - 1, i);
            };
            dark += new Color(rgb).getGreen() < 128 ? 1 : 0;
        }
        return (double) dark / length;
    }

    /** White, with its row 0 dark for nine tenths and its column 0 dark for six tenths, from where the two meet. */
    private static byte[] photograph(int orientation) throws IOException {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        graphics.setColor(Color.BLACK);
        graphics.fillRect(0, 0, WIDTH * 9 / 10, 4);
        graphics.fillRect(0, 0, 4, HEIGHT * 6 / 10);
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", plain);
        byte[] exif = exif(orientation);
        byte[] start = plain.toByteArray();
        return ByteBuffer.allocate(start.length + exif.length)
                .put(start, 0, 2)
                .put(exif)
                .put(start, 2, start.length - 2)
                .array();
    }

    /** An APP1 segment with one tag. */
    private static byte[] exif(int orientation) {
        byte[] body = ByteBuffer.allocate(32)
                .put("Exif\0\0".getBytes(StandardCharsets.US_ASCII))
                .put("MM".getBytes(StandardCharsets.US_ASCII))
                .putShort((short) 42)
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0)
                .putInt(0)
                .array();
        return ByteBuffer.allocate(4 + body.length)
                .putShort((short) 0xffe1)
                .putShort((short) (2 + body.length))
                .put(body)
                .array();
    }
}
