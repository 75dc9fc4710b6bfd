package brandeon.core.pack;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/**
 * Writes moving pictures with opacity as animated PNG (PNG, third edition, W3C, section 11.3.4). A reader that knows
 * no animation shows the first frame. Frames are whole and follow each other evenly; they are written as they come.
 */
public final class Apng implements AutoCloseable {

    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    /** Forget the frame before the next one is shown; put it there without mixing. */
    private static final int DISPOSE_TO_NOTHING = 1;
    private static final int REPLACE = 0;

    private final DataOutputStream out;
    private final int frames;
    private final int framesPerSecond;
    private final int plays;
    private int written;
    private int sequence;

    /**
     * @param frames how many will come
     * @param plays  how often it runs; 0 for ever
     */
    public Apng(OutputStream out, int frames, int framesPerSecond, int plays) {
        this.out = new DataOutputStream(out);
        this.frames = frames;
        this.framesPerSecond = framesPerSecond;
        this.plays = plays;
    }

    /**
     * The next frame.
     *
     * @param image of the same size as the first one, not premultiplied
     */
    public void frame(BufferedImage image) {
        try {
            ByteArrayOutputStream alone = new ByteArrayOutputStream();
            ImageIO.write(image, "png", alone);
            DataInputStream png = new DataInputStream(new ByteArrayInputStream(alone.toByteArray()));
            png.skipNBytes(SIGNATURE.length);
            boolean control = false;
            for (boolean end = false; !end;) {
                byte[] content = new byte[png.readInt()];
                String type = new String(png.readNBytes(4), StandardCharsets.US_ASCII);
                png.readFully(content);
                png.readInt();
                switch (type) {
                    case "IHDR" -> {
                        if (written == 0) {
                            out.write(SIGNATURE);
                            chunk("IHDR", content);
                            chunk("acTL", ints(frames, plays));
                        }
                    }
                    case "IDAT" -> {
                        if (!control) {
                            control(image);
                            control = true;
                        }
                        if (written == 0) {
                            chunk("IDAT", content);
                        } else {
                            ByteArrayOutputStream numbered = new ByteArrayOutputStream();
                            numbered.writeBytes(ints(sequence++));
                            numbered.writeBytes(content);
                            chunk("fdAT", numbered.toByteArray());
                        }
                    }
                    case "IEND" -> end = true;
                    default -> { }
                }
            }
            written++;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void control(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(bytes);
        data.writeInt(sequence++);
        data.writeInt(image.getWidth());
        data.writeInt(image.getHeight());
        data.writeInt(0);
        data.writeInt(0);
        data.writeShort(1);
        data.writeShort(framesPerSecond);
        data.writeByte(DISPOSE_TO_NOTHING);
        data.writeByte(REPLACE);
        chunk("fcTL", bytes.toByteArray());
    }

    private static byte[] ints(int... values) {
        java.nio.ByteBuffer bytes = java.nio.ByteBuffer.allocate(values.length * 4);
        for (int value : values) {
            bytes.putInt(value);
        }
        return bytes.array();
    }

    private void chunk(String type, byte[] content) throws IOException {
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(content);
        out.writeInt(content.length);
        out.write(name);
        out.write(content);
        out.writeInt((int) sum.getValue());
    }

    /** Ends the file; the stream below stays open. */
    @Override
    public void close() {
        try {
            chunk("IEND", new byte[0]);
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
