package brandeon.core.text;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The fonts behind faces, loaded once. Files from outside are made known by whoever keeps them; a content hash names
 * the same bytes for ever, so knowing is all that can change here.
 */
public final class Fonts {

    private static final Map<Face, byte[]> OWN = new ConcurrentHashMap<>();
    private static final Map<Face, Font> LOADED = new ConcurrentHashMap<>();

    private Fonts() {
    }

    /** Makes a face from outside known; its file must have been read by {@link FontFile#read}. */
    public static void know(Face face, byte[] file) {
        OWN.putIfAbsent(face, file);
    }

    public static boolean knows(Face face) {
        return !face.isOwn() || OWN.containsKey(face);
    }

    static Optional<byte[]> bytes(Face face) {
        return Optional.ofNullable(OWN.get(face));
    }

    /** An own face whose file is gone is measured and drawn as a shipped one, so that a picture still comes about. */
    static Font base(Face face) {
        Face present = knows(face) ? face : Face.ATKINSON;
        return LOADED.computeIfAbsent(present, f -> load(f.bytes().orElseThrow()));
    }

    static Font load(byte[] file) {
        try {
            return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file));
        } catch (IOException | FontFormatException e) {
            throw new IllegalArgumentException("This font is damaged: " + e.getMessage(), e);
        }
    }
}
