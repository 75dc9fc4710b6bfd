package brandeon.core.pack;

import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** One chunk of a PNG file: length, name, content and their check (PNG, third edition, 5.3). */
final class PngChunk {

    private PngChunk() {}

    /** @param type its name of four letters */
    static void write(DataOutputStream out, String type, byte[] content) throws IOException {
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(content);
        out.writeInt(content.length);
        out.write(name);
        out.write(content);
        out.writeInt((int) sum.getValue());
    }
}
