package brandeon.core.pack;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** Animated PNG (PNG, third edition, W3C, section 4.8): each frame is put into a PNG of its own and read as such. */
record ApngFilm(int width, int height, int plays, byte[] header, byte[] shared, List<Frame> parts)
        implements MovingPicture.Film {

    private static final long SIGNATURE = 0x89504e470d0a1a0aL;
    private static final int CONTROL = 26;

    /** @param data the compressed pixels of one frame */
    record Frame(byte[] control, byte[] data) {}

    static ApngFilm of(byte[] content) throws IOException {
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(content));
        if (in.readLong() != SIGNATURE) {
            throw new IOException("it is no PNG");
        }
        byte[] header = null;
        int plays = 0;
        ByteArrayOutputStream shared = new ByteArrayOutputStream();
        List<Frame> frames = new ArrayList<>();
        byte[] control = null;
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        boolean end = false;
        while (!end) {
            int length = in.readInt();
            if (length < 0 || length > in.available()) {
                throw new IOException("it is cut short");
            }
            String type = new String(in.readNBytes(4), StandardCharsets.US_ASCII);
            byte[] chunk = in.readNBytes(length);
            in.readInt();
            switch (type) {
                case "IHDR" -> header = chunk;
                case "acTL" -> plays = ByteBuffer.wrap(chunk).getInt(4);
                case "PLTE", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "sBIT" ->
                    PngChunk.write(new DataOutputStream(shared), type, chunk);
                case "fcTL" -> {
                    frame(frames, control, data);
                    control = chunk;
                }
                case "IDAT" -> {
                    // Without a control before it, the still picture is no frame of the animation.
                    if (control != null) {
                        data.writeBytes(chunk);
                    }
                }
                case "fdAT" -> data.write(chunk, 4, chunk.length - 4);
                case "IEND" -> end = true;
                default -> {}
            }
        }
        frame(frames, control, data);
        if (header == null || header.length < 13) {
            throw new IOException("it has no header");
        }
        ByteBuffer size = ByteBuffer.wrap(header);
        return new ApngFilm(
                size.getInt(), size.getInt(), plays, header, shared.toByteArray(), MovingPicture.requireSome(frames));
    }

    private static void frame(List<Frame> frames, byte[] control, ByteArrayOutputStream data) {
        if (control != null && control.length >= CONTROL && data.size() > 0) {
            frames.add(new Frame(control, data.toByteArray()));
        }
        data.reset();
    }

    @Override
    public int frames() {
        return parts.size();
    }

    @Override
    public void each(Consumer<MovingPicture.Part> taker) throws IOException {
        for (Frame frame : parts) {
            ByteBuffer control = ByteBuffer.wrap(frame.control());
            control.getInt();
            int partWidth = control.getInt();
            int partHeight = control.getInt();
            int x = control.getInt();
            int y = control.getInt();
            int time = control.getShort() & 0xffff;
            int ofASecond = control.getShort() & 0xffff;
            int dispose = control.get();
            boolean over = control.get() == 1;
            MovingPicture.requireInside(x, y, partWidth, partHeight, width, height);
            MovingPicture.Disposal disposal = switch (dispose) {
                case 1 -> MovingPicture.Disposal.CLEAR;
                case 2 -> MovingPicture.Disposal.RESTORE;
                default -> MovingPicture.Disposal.KEEP;
            };
            taker.accept(new MovingPicture.Part(
                    ImageIO.read(new ByteArrayInputStream(alone(partWidth, partHeight, frame.data()))),
                    x,
                    y,
                    time * 1000 / (ofASecond == 0 ? 100 : ofASecond),
                    disposal,
                    over));
        }
    }

    private byte[] alone(int partWidth, int partHeight, byte[] data) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeLong(SIGNATURE);
        PngChunk.write(
                out,
                "IHDR",
                ByteBuffer.wrap(header.clone())
                        .putInt(partWidth)
                        .putInt(partHeight)
                        .array());
        out.write(shared);
        PngChunk.write(out, "IDAT", data);
        PngChunk.write(out, "IEND", new byte[0]);
        return bytes.toByteArray();
    }
}
