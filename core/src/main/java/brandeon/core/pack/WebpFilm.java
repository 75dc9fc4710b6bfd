package brandeon.core.pack;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** Animated WebP (RFC 9649, section 2.7.1): each frame is put into a file of its own and read as such. */
record WebpFilm(int width, int height, int plays, List<Frame> parts) implements MovingPicture.Film {

    private static final int HEADER = 16;
    /** Flags of the extended header. */
    private static final int ANIMATION = 1 << 1;

    private static final int ALPHA = 1 << 4;

    /** @param data the chunks of one still picture */
    record Frame(int x, int y, int width, int height, int millis, boolean over, boolean clears, byte[] data) {}

    static WebpFilm of(byte[] content) throws IOException {
        int width = 0;
        int height = 0;
        int plays = 0;
        List<Frame> frames = new ArrayList<>();
        for (int at = 12; at + 8 <= content.length; ) {
            String type = new String(content, at, 4, StandardCharsets.US_ASCII);
            int length = MovingPicture.littleEndian(content, at + 4, 4);
            int from = at + 8;
            if (length < 0 || (long) from + length > content.length) {
                throw new IOException("it is cut short");
            }
            switch (type) {
                case "VP8X" -> {
                    width = MovingPicture.littleEndian(content, from + 4, 3) + 1;
                    height = MovingPicture.littleEndian(content, from + 7, 3) + 1;
                }
                case "ANIM" -> plays = MovingPicture.littleEndian(content, from + 4, 2);
                case "ANMF" -> {
                    if (length < HEADER) {
                        throw new IOException("it is cut short");
                    }
                    byte flags = content[from + 15];
                    frames.add(new Frame(
                            MovingPicture.littleEndian(content, from, 3) * 2,
                            MovingPicture.littleEndian(content, from + 3, 3) * 2,
                            MovingPicture.littleEndian(content, from + 6, 3) + 1,
                            MovingPicture.littleEndian(content, from + 9, 3) + 1,
                            MovingPicture.littleEndian(content, from + 12, 3),
                            (flags & 2) == 0,
                            (flags & 1) == 1,
                            java.util.Arrays.copyOfRange(content, from + HEADER, from + length)));
                }
                default -> {}
            }
            at = from + length + (length & 1);
        }
        if (width == 0) {
            throw new IOException("it says no size");
        }
        return new WebpFilm(width, height, plays, MovingPicture.requireSome(frames));
    }

    @Override
    public int frames() {
        return parts.size();
    }

    @Override
    public void each(Consumer<MovingPicture.Part> taker) throws IOException {
        for (Frame frame : parts) {
            MovingPicture.requireInside(frame.x(), frame.y(), frame.width(), frame.height(), width, height);
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(alone(frame)));
            if (image == null) {
                throw new IOException("a frame cannot be read");
            }
            taker.accept(new MovingPicture.Part(
                    image,
                    frame.x(),
                    frame.y(),
                    frame.millis(),
                    frame.clears() ? MovingPicture.Disposal.CLEAR : MovingPicture.Disposal.KEEP,
                    frame.over()));
        }
    }

    /**
     * A file of these frames and nothing else.
     *
     * @throws IOException when a frame holds something that is no part of a picture
     */
    byte[] rebuilt() throws IOException {
        ByteArrayOutputStream chunks = new ByteArrayOutputStream();
        ByteBuffer extended = ByteBuffer.allocate(18)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("VP8X".getBytes(StandardCharsets.US_ASCII))
                .putInt(10)
                .putInt(ANIMATION | ALPHA);
        put24(extended, width - 1);
        put24(extended, height - 1);
        chunks.writeBytes(extended.array());
        chunks.writeBytes(ByteBuffer.allocate(14)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("ANIM".getBytes(StandardCharsets.US_ASCII))
                .putInt(6)
                .putInt(0)
                .putShort((short) plays)
                .array());
        for (Frame frame : parts) {
            byte[] data = picture(frame.data());
            ByteBuffer head = ByteBuffer.allocate(8 + HEADER)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .put("ANMF".getBytes(StandardCharsets.US_ASCII))
                    .putInt(HEADER + data.length);
            put24(head, frame.x() / 2);
            put24(head, frame.y() / 2);
            put24(head, frame.width() - 1);
            put24(head, frame.height() - 1);
            put24(head, frame.millis());
            head.put((byte) ((frame.over() ? 0 : 2) | (frame.clears() ? 1 : 0)));
            chunks.writeBytes(head.array());
            chunks.writeBytes(data);
        }
        return riff(chunks);
    }

    /** Of a frame's chunks those of its picture, each of even length. */
    private static byte[] picture(byte[] data) throws IOException {
        ByteArrayOutputStream kept = new ByteArrayOutputStream();
        for (int at = 0; at + 8 <= data.length; ) {
            String type = new String(data, at, 4, StandardCharsets.US_ASCII);
            int length = MovingPicture.littleEndian(data, at + 4, 4);
            if (length < 0 || (long) at + 8 + length > data.length) {
                throw new IOException("it is cut short");
            }
            if (type.equals("ALPH") || type.equals("VP8 ") || type.equals("VP8L")) {
                kept.write(data, at, 8 + length);
                if ((length & 1) == 1) {
                    kept.write(0);
                }
            }
            at += 8 + length + (length & 1);
        }
        return kept.toByteArray();
    }

    private static byte[] riff(ByteArrayOutputStream chunks) {
        return ByteBuffer.allocate(12 + chunks.size())
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("RIFF".getBytes(StandardCharsets.US_ASCII))
                .putInt(4 + chunks.size())
                .put("WEBP".getBytes(StandardCharsets.US_ASCII))
                .put(chunks.toByteArray())
                .array();
    }

    /** A still file; one with opacity beside its colours needs an extended header that says so. */
    private static byte[] alone(Frame frame) {
        ByteArrayOutputStream chunks = new ByteArrayOutputStream();
        if (new String(frame.data(), 0, Math.min(4, frame.data().length), StandardCharsets.US_ASCII).equals("ALPH")) {
            ByteBuffer extended = ByteBuffer.allocate(18)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .put("VP8X".getBytes(StandardCharsets.US_ASCII))
                    .putInt(10)
                    .putInt(ALPHA);
            put24(extended, frame.width() - 1);
            put24(extended, frame.height() - 1);
            chunks.writeBytes(extended.array());
        }
        chunks.writeBytes(frame.data());
        return riff(chunks);
    }

    private static void put24(ByteBuffer buffer, int value) {
        buffer.put((byte) value).put((byte) (value >> 8)).put((byte) (value >> 16));
    }
}
