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
import javax.imageio.ImageIO;

/**
 * Writes moving pictures with opacity as animated PNG (PNG, third edition, W3C, section 11.3.4). A reader that knows
 * no animation shows the first frame. Frames are written as they come: whole ones that follow each other evenly, or
 * parts
 * that show for as long as each says.
 */
public final class Apng implements AutoCloseable {

    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    /** Forget the frame before the next one is shown; put it there without mixing. */
    private static final int DISPOSE_TO_NOTHING = 1;

    private static final int KEEP = 0;
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
     * A picture whose frames show for as long as each says; see {@link #frame(BufferedImage, int, int, int)}.
     *
     * @param frames how many will come
     * @param plays  how often it runs; 0 for ever
     */
    public Apng(OutputStream out, int frames, int plays) {
        this(out, frames, 0, plays);
    }

    /**
     * The next frame.
     *
     * @param image of the same size as the first one, not premultiplied
     */
    public void frame(BufferedImage image) {
        write(image, new Control(0, 0, 1, framesPerSecond, DISPOSE_TO_NOTHING));
    }

    /**
     * The next frame, of which only a part differs from the one before: that part is put in its place, and what was
     * there is gone. The first one is whole.
     *
     * @param part   not premultiplied
     * @param millis how long it shows
     */
    public void frame(BufferedImage part, int x, int y, int millis) {
        write(part, new Control(x, y, Math.clamp(millis, 1, 0xffff), 1000, KEEP));
    }

    /** Where a frame stands, how long it shows (a part of a second), and what becomes of it afterwards. */
    private record Control(int x, int y, int time, int ofASecond, int dispose) {}

    private void write(BufferedImage image, Control where) {
        try {
            ByteArrayOutputStream alone = new ByteArrayOutputStream();
            ImageIO.write(image, "png", alone);
            DataInputStream png = new DataInputStream(new ByteArrayInputStream(alone.toByteArray()));
            png.skipNBytes(SIGNATURE.length);
            boolean control = false;
            for (boolean end = false; !end; ) {
                byte[] content = new byte[png.readInt()];
                String type = new String(png.readNBytes(4), StandardCharsets.US_ASCII);
                png.readFully(content);
                png.readInt();
                switch (type) {
                    case "IHDR" -> {
                        if (written == 0) {
                            out.write(SIGNATURE);
                            PngChunk.write(out, "IHDR", content);
                            PngChunk.write(out, "acTL", ints(frames, plays));
                        }
                    }
                    case "IDAT" -> {
                        if (!control) {
                            control(image, where);
                            control = true;
                        }
                        if (written == 0) {
                            PngChunk.write(out, "IDAT", content);
                        } else {
                            ByteArrayOutputStream numbered = new ByteArrayOutputStream();
                            numbered.writeBytes(ints(sequence++));
                            numbered.writeBytes(content);
                            PngChunk.write(out, "fdAT", numbered.toByteArray());
                        }
                    }
                    case "IEND" -> end = true;
                    default -> {}
                }
            }
            written++;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void control(BufferedImage image, Control where) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(bytes);
        data.writeInt(sequence++);
        data.writeInt(image.getWidth());
        data.writeInt(image.getHeight());
        data.writeInt(where.x());
        data.writeInt(where.y());
        data.writeShort(where.time());
        data.writeShort(where.ofASecond());
        data.writeByte(where.dispose());
        data.writeByte(REPLACE);
        PngChunk.write(out, "fcTL", bytes.toByteArray());
    }

    private static byte[] ints(int... values) {
        java.nio.ByteBuffer bytes = java.nio.ByteBuffer.allocate(values.length * 4);
        for (int value : values) {
            bytes.putInt(value);
        }
        return bytes.array();
    }

    /** Ends the file; the stream below stays open. */
    @Override
    public void close() {
        try {
            PngChunk.write(out, "IEND", new byte[0]);
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
